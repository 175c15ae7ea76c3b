package org.handdown.fit.room;

import java.util.Arrays;
import java.util.List;
import org.handdown.fit.room.Clearances.InnerFit;
import org.handdown.fit.room.Clearances.NoFit;
import org.handdown.geometry.Box;
import org.handdown.geometry.FlatRegion;

/**
 * Finds the free spot of a shape that lies farthest in a wanted direction. The free area is the room less all obstacles; the best
 * point of a linear wish is one of its corners, so corners alone are looked at: ends and crossings of rims, or, where stripes bind,
 * crossings of rims with the lines of the pattern. One object per thread; arrays are reused from call to call.
 */
public final class CandidatePositions {
    private static final int INDEX_BITS = 22;
    private static final double SCORE_STEPS_PER_MM = 1000;
    private static final double SCORE_SHIFT_MM = 1e6;
    private static final int MOST_LINES = 4000;

    private double[] edges = new double[1024];
    private int edgeCount;
    private int edgeCountOfOnly;
    private double[] xs = new double[1024];
    private double[] ys = new double[1024];
    private long[] keys = new long[1024];
    private int count;

    private final NoFit[] obstacles;
    private final double[] atX;
    private final double[] atY;
    private int obstacleCount;

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
        count = 0;
        collectEdges(room, room.rim().box(), -1);
        List<Stripes.Line> binding = Stripes.binding(stripes, settled);
        if (binding.isEmpty()) {
            addCrossings(room.rim().box());
        } else {
            count = 0;
            addOnStripes(room.rim().box(), binding, settled);
        }
        for (int i = 0; i < count; i++) {
            double score = xs[i] * dx + ys[i] * dy;
            keys[i] = (long) ((score + SCORE_SHIFT_MM) * SCORE_STEPS_PER_MM) << INDEX_BITS | i;
        }
        Arrays.sort(keys, 0, count);
        for (int k = 0; k < count; k++) {
            int i = (int) (keys[k] & (1 << INDEX_BITS) - 1);
            double x = Math.rint(xs[i] * 1e4) / 1e4;
            double y = Math.rint(ys[i] * 1e4) / 1e4;
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
        count = 0;
        Box box = window;
        if (room.rim().isEmpty() || box.minX() > mostX || box.minX() > box.maxX() || box.minY() > box.maxY()) {
            return 0;
        }
        List<Stripes.Line> binding = Stripes.binding(stripes, settled);
        int from = collectEdges(room, box, only);
        if (mostX < box.maxX()) {
            addEdge(mostX, box.minY(), mostX, box.maxY());
        }
        if (!binding.isEmpty()) {
            count = 0;
            addOnStripes(box, binding, settled);
        } else if (only < 0) {
            addCrossings(box);
        } else {
            addCrossingsOf(from, edgeCountOfOnly, box);
        }
        int kept = 0;
        for (int i = 0; i < count; i++) {
            if (xs[i] <= mostX + 1e-6) {
                xs[kept] = Math.rint(xs[i] * 1e4) / 1e4;
                ys[kept++] = Math.rint(ys[i] * 1e4) / 1e4;
            }
        }
        count = kept;
        return kept;
    }

    public double cornerX(int i) {
        return xs[i];
    }

    public double cornerY(int i) {
        return ys[i];
    }

    public boolean isFree(InnerFit room, List<Stripes.Line> stripes, double[] settled, int corner) {
        return isFree(room, xs[corner], ys[corner]) && Stripes.agree(stripes, settled, xs[corner], ys[corner]);
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

    /**
     * All edges that matter, and their corners: of {@code only} if that is an obstacle.
     *
     * @return place of the first edge of the obstacle {@code only}
     */
    private int collectEdges(InnerFit room, Box box, int only) {
        edgeCount = 0;
        edgeCountOfOnly = 0;
        int first = 0;
        collect(room.rim(), 0, 0, box, only < 0);
        for (int o = 0; o < obstacleCount; o++) {
            int before = edgeCount;
            Box b = obstacles[o].rim().box();
            boolean near = b.minX() + atX[o] <= box.maxX()
                    && b.maxX() + atX[o] >= box.minX()
                    && b.minY() + atY[o] <= box.maxY()
                    && b.maxY() + atY[o] >= box.minY();
            if (near) {
                collect(obstacles[o].rim(), atX[o], atY[o], box, only < 0 || o == only);
            }
            if (o == only) {
                first = before;
                edgeCountOfOnly = edgeCount - before;
            }
        }
        return first;
    }

    private void addCrossingsOf(int from, int n, Box box) {
        for (int a = from; a < from + n; a++) {
            int i = 4 * a;
            for (int b = 0; b < edgeCount; b++) {
                boolean counted = b >= from && b <= a && b < from + n;
                if (!counted && edges[4 * b] <= edges[i + 2] && edges[4 * b + 2] >= edges[i]) {
                    addCrossing(i, 4 * b, box);
                }
            }
        }
    }

    private void collect(FlatRegion region, double ox, double oy, Box box, boolean withCorners) {
        for (int e = 0; e < region.edgeCount(); e++) {
            double x0 = region.x0(e) + ox;
            double y0 = region.y0(e) + oy;
            double x1 = region.x1(e) + ox;
            double y1 = region.y1(e) + oy;
            if (withCorners) {
                add(x0, y0, box);
            }
            if (Math.max(x0, x1) < box.minX()
                    || Math.min(x0, x1) > box.maxX()
                    || Math.max(y0, y1) < box.minY()
                    || Math.min(y0, y1) > box.maxY()) {
                continue;
            }
            addEdge(x0, y0, x1, y1);
        }
    }

    private void addEdge(double x0, double y0, double x1, double y1) {
        if (edges.length < 4 * (edgeCount + 1)) {
            edges = Arrays.copyOf(edges, 2 * edges.length);
        }
        boolean forward = x0 <= x1;
        int at = 4 * edgeCount++;
        edges[at] = forward ? x0 : x1;
        edges[at + 1] = forward ? y0 : y1;
        edges[at + 2] = forward ? x1 : x0;
        edges[at + 3] = forward ? y1 : y0;
    }

    private void addCrossings(Box box) {
        int[] order = byLeftEnd();
        for (int a = 0; a < edgeCount; a++) {
            int i = 4 * order[a];
            for (int b = a + 1; b < edgeCount && edges[4 * order[b]] <= edges[i + 2]; b++) {
                addCrossing(i, 4 * order[b], box);
            }
        }
    }

    private int[] byLeftEnd() {
        long[] sorted = new long[edgeCount];
        for (int e = 0; e < edgeCount; e++) {
            sorted[e] = (long) ((edges[4 * e] + SCORE_SHIFT_MM) * SCORE_STEPS_PER_MM) << INDEX_BITS | e;
        }
        Arrays.sort(sorted);
        int[] order = new int[edgeCount];
        for (int e = 0; e < edgeCount; e++) {
            order[e] = (int) (sorted[e] & (1 << INDEX_BITS) - 1);
        }
        return order;
    }

    private void addCrossing(int i, int j, Box box) {
        double ay = edges[i + 1];
        double by = edges[i + 3];
        double cy = edges[j + 1];
        double dy = edges[j + 3];
        if (Math.max(ay, by) < Math.min(cy, dy) || Math.max(cy, dy) < Math.min(ay, by)) {
            return;
        }
        double ux = edges[i + 2] - edges[i];
        double uy = by - ay;
        double vx = edges[j + 2] - edges[j];
        double vy = dy - cy;
        double cross = ux * vy - uy * vx;
        if (Math.abs(cross) < 1e-12) {
            return;
        }
        double wx = edges[j] - edges[i];
        double wy = cy - ay;
        double s = (wx * vy - wy * vx) / cross;
        double t = (wx * uy - wy * ux) / cross;
        if (s >= 0 && s <= 1 && t >= 0 && t <= 1) {
            add(edges[i] + s * ux, ay + s * uy, box);
        }
    }

    private void addOnStripes(Box box, List<Stripes.Line> binding, double[] settled) {
        Stripes.Line first = binding.get(0);
        for (int e = 0; e < edgeCount; e++) {
            addCrossingsWith(first, settled[first.group()], 4 * e, box);
        }
        // Two directions bind (checks): only the knots of the pattern are left.
        if (binding.size() > 1) {
            count = 0;
            addKnots(box, first, binding.get(1), settled);
        }
    }

    private void addCrossingsWith(Stripes.Line line, double phase, int i, Box box) {
        double a = edges[i] * line.ux() + edges[i + 1] * line.uy() + line.offsetMm() - phase;
        double b = edges[i + 2] * line.ux() + edges[i + 3] * line.uy() + line.offsetMm() - phase;
        double low = Math.ceil(Math.min(a, b) / line.periodMm() - 1e-9);
        double high = Math.floor(Math.max(a, b) / line.periodMm() + 1e-9);
        for (double k = low; k <= high && k - low < MOST_LINES; k++) {
            double share = Math.abs(b - a) < 1e-12 ? 0 : Math.max(0, Math.min(1, (k * line.periodMm() - a) / (b - a)));
            add(
                    edges[i] + share * (edges[i + 2] - edges[i]),
                    edges[i + 1] + share * (edges[i + 3] - edges[i + 1]),
                    box);
            if (Math.abs(b - a) < 1e-12) {
                add(edges[i + 2], edges[i + 3], box);
            }
        }
    }

    private void addKnots(Box box, Stripes.Line p, Stripes.Line q, double[] settled) {
        double cross = p.ux() * q.uy() - p.uy() * q.ux();
        double[] pRange = range(box, p, settled[p.group()]);
        double[] qRange = range(box, q, settled[q.group()]);
        if ((pRange[1] - pRange[0]) * (qRange[1] - qRange[0]) > 1e6) {
            return;
        }
        for (double i = pRange[0]; i <= pRange[1]; i++) {
            double a = i * p.periodMm() + settled[p.group()] - p.offsetMm();
            for (double j = qRange[0]; j <= qRange[1]; j++) {
                double b = j * q.periodMm() + settled[q.group()] - q.offsetMm();
                add((a * q.uy() - b * p.uy()) / cross, (p.ux() * b - q.ux() * a) / cross, box);
            }
        }
    }

    private static double[] range(Box box, Stripes.Line line, double phase) {
        double low = Double.POSITIVE_INFINITY;
        double high = Double.NEGATIVE_INFINITY;
        for (double x : new double[] {box.minX(), box.maxX()}) {
            for (double y : new double[] {box.minY(), box.maxY()}) {
                double at = (x * line.ux() + y * line.uy() + line.offsetMm() - phase) / line.periodMm();
                low = Math.min(low, at);
                high = Math.max(high, at);
            }
        }
        return new double[] {Math.floor(low), Math.ceil(high)};
    }

    private void add(double x, double y, Box box) {
        if (x < box.minX() - 1e-6 || x > box.maxX() + 1e-6 || y < box.minY() - 1e-6 || y > box.maxY() + 1e-6) {
            return;
        }
        if (count == xs.length) {
            if (count >= 1 << INDEX_BITS) {
                return;
            }
            xs = Arrays.copyOf(xs, 2 * count);
            ys = Arrays.copyOf(ys, 2 * count);
            keys = Arrays.copyOf(keys, 2 * count);
        }
        xs[count] = x;
        ys[count++] = y;
    }
}
