package org.handdown.fit.room;

import java.util.Arrays;
import java.util.List;
import org.handdown.geometry.Box;

/**
 * Finds the free spot of a shape that lies farthest in a wanted direction. The free area is the room less all obstacles; the best
 * point of a linear wish is one of its corners, so corners alone are looked at: ends and crossings of rims, or, where stripes bind,
 * crossings of rims with the lines of the pattern. One object per thread; arrays are reused from call to call.
 */
public final class CandidatePositions {
    private final Corners corners = new Corners();
    private final RimEdges edges = new RimEdges(corners);
    private final StripeCorners onStripes = new StripeCorners(edges, corners);
    private long[] keys = new long[1024];

    private final NoFit[] obstacles;
    private final double[] atX;
    private final double[] atY;
    private int obstacleCount;

    /** Edges of the one obstacle whose corners alone are wanted. */
    private int firstOfOnly;

    private int countOfOnly;

    public double foundX;
    public double foundY;
    public double foundScore;

    public CandidatePositions(int mostObstacles) {
        obstacles = new NoFit[mostObstacles];
        atX = new double[mostObstacles];
        atY = new double[mostObstacles];
    }

    public void clear() {
        obstacleCount = 0;
    }

    public void addObstacle(NoFit obstacle, double x, double y) {
        obstacles[obstacleCount] = obstacle;
        atX[obstacleCount] = x;
        atY[obstacleCount++] = y;
    }

    /**
     * Looks for the free shift with the least {@code x·dx + y·dy}, below {@code limit}.
     *
     * @param settled phase of each match group, NaN where open
     * @return true if there is one; then {@link #foundX}, {@link #foundY} and {@link #foundScore} hold it
     */
    public boolean find(
            InnerFit room, List<Stripes.Line> stripes, double[] settled, double dx, double dy, double limit) {
        if (room.rim().isEmpty()) {
            return false;
        }
        corners.begin(room.rim().box());
        collectEdges(room, -1);
        List<Stripes.Line> binding = Stripes.binding(stripes, settled);
        if (binding.isEmpty()) {
            edges.addCrossings();
        } else {
            corners.forget();
            onStripes.add(binding, settled);
        }
        int count = corners.count();
        if (keys.length < count) {
            keys = new long[2 * count];
        }
        for (int i = 0; i < count; i++) {
            double score = corners.x(i) * dx + corners.y(i) * dy;
            keys[i] =
                    (long) ((score + RimEdges.SCORE_SHIFT_MM) * RimEdges.SCORE_STEPS_PER_MM) << RimEdges.INDEX_BITS | i;
        }
        Arrays.sort(keys, 0, count);
        for (int k = 0; k < count; k++) {
            int i = (int) (keys[k] & (1 << RimEdges.INDEX_BITS) - 1);
            double x = Math.rint(corners.x(i) * 1e4) / 1e4;
            double y = Math.rint(corners.y(i) * 1e4) / 1e4;
            double score = x * dx + y * dy;
            if (score >= limit) {
                return false;
            }
            if (isFree(room, x, y) && Stripes.agree(stripes, settled, x, y)) {
                foundX = x;
                foundY = y;
                foundScore = score;
                return true;
            }
        }
        return false;
    }

    /**
     * All corners, free or not; then {@link #cornerX}, {@link #cornerY} and {@link #isFree(InnerFit, List, double[], int)} tell of them.
     *
     * @param mostX shifts beyond it are left out
     * @param only corners on the rim of this obstacle alone, by the order they were added; below 0 all
     * @return how many there are
     */
    public int corners(InnerFit room, List<Stripes.Line> stripes, double[] settled, double mostX, int only) {
        return corners(room, room.rim().box(), stripes, settled, mostX, only);
    }

    /** @param window only corners in it, within the room's own box */
    public int corners(
            InnerFit room, Box window, List<Stripes.Line> stripes, double[] settled, double mostX, int only) {
        if (room.rim().isEmpty()
                || window.minX() > mostX
                || window.minX() > window.maxX()
                || window.minY() > window.maxY()) {
            return 0;
        }
        corners.begin(window);
        List<Stripes.Line> binding = Stripes.binding(stripes, settled);
        collectEdges(room, only);
        if (mostX < window.maxX()) {
            edges.add(mostX, window.minY(), mostX, window.maxY());
        }
        if (!binding.isEmpty()) {
            corners.forget();
            onStripes.add(binding, settled);
        } else if (only < 0) {
            edges.addCrossings();
        } else {
            edges.addCrossingsOf(firstOfOnly, countOfOnly);
        }
        corners.keepUpTo(mostX);
        return corners.count();
    }

    public double cornerX(int i) {
        return corners.x(i);
    }

    public double cornerY(int i) {
        return corners.y(i);
    }

    public boolean isFree(InnerFit room, List<Stripes.Line> stripes, double[] settled, int corner) {
        return isFree(room, corners.x(corner), corners.y(corner))
                && Stripes.agree(stripes, settled, corners.x(corner), corners.y(corner));
    }

    private boolean isFree(InnerFit room, double x, double y) {
        if (!room.core().covers(x, y)) {
            return false;
        }
        for (int o = 0; o < obstacleCount; o++) {
            if (obstacles[o].core().covers(x - atX[o], y - atY[o])) {
                return false;
            }
        }
        return true;
    }

    /** All edges that matter, and their corners: of {@code only} if that is an obstacle. */
    private void collectEdges(InnerFit room, int only) {
        Box box = corners.window();
        edges.clear();
        firstOfOnly = 0;
        countOfOnly = 0;
        edges.collect(room.rim(), 0, 0, only < 0);
        for (int o = 0; o < obstacleCount; o++) {
            int before = edges.count();
            Box b = obstacles[o].rim().box();
            boolean near = b.minX() + atX[o] <= box.maxX()
                    && b.maxX() + atX[o] >= box.minX()
                    && b.minY() + atY[o] <= box.maxY()
                    && b.maxY() + atY[o] >= box.minY();
            if (near) {
                edges.collect(obstacles[o].rim(), atX[o], atY[o], only < 0 || o == only);
            }
            if (o == only) {
                firstOfOnly = before;
                countOfOnly = edges.count() - before;
            }
        }
    }
}
