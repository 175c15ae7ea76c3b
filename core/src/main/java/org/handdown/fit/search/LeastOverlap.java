package org.handdown.fit.search;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.SplittableRandom;
import java.util.function.BooleanSupplier;
import org.handdown.fit.room.CandidatePositions;
import org.handdown.fit.room.InnerFit;
import org.handdown.fit.room.NoFit;
import org.handdown.fit.room.Shape;
import org.handdown.fit.room.Stripes;
import org.handdown.geometry.Box;

/**
 * Moves one copy to where its weighted overlap with all others is least. Samples are followed downhill;
 * where an edge or a pattern binds the copy, the exact corners of the free area are tried instead. One object per thread.
 */
final class LeastOverlap {
    /** One move of so many looks at all ways and panels; the others are small. */
    private static final int WIDE_EVERY = 2;

    private static final double[] NEAR_MM = {40, 120, Double.POSITIVE_INFINITY};
    private static final int MOST_CORNERS = 900;

    private final SearchProblem bench;
    private final SplittableRandom random;
    private final Samples samples;
    private final BooleanSupplier stop;
    private final CandidatePositions candidates;

    /** Ways that are looked at in this move. */
    private final List<Orientation> ways = new ArrayList<>();
    /** What lies round each of them, kept for the next move. */
    private final List<Surroundings> surroundings = new ArrayList<>();

    private LayState state;
    private double[] settled;
    private double wallMm;

    private double best;
    private int bestShape;
    private int bestPanel;
    private double bestX;
    private double bestY;

    LeastOverlap(SearchProblem bench, Random random, BooleanSupplier stop, CandidatePositions candidates) {
        this.bench = bench;
        this.random = new SplittableRandom(random.nextLong());
        this.samples = new Samples(this.random);
        this.stop = stop;
        this.candidates = candidates;
        this.state = new LayState(0);
        this.settled = new double[0];
    }

    /** @param wall no copy reaches beyond this x */
    void begin(LayState onto, double[] phases, double wall) {
        state = onto;
        settled = phases;
        wallMm = wall;
    }

    /**
     * @param now weighted overlap where the copy lies; infinite for one that lies nowhere yet
     * @param weights of the copy against each other copy
     * @return true if it lies elsewhere now
     */
    boolean move(int copy, double now, double[] weights) {
        boolean isNew = now == Double.POSITIVE_INFINITY;
        int was = state.shape[copy];
        best = isNew ? Samples.FAR : now;
        bestShape = was;
        bestPanel = state.panel[copy];
        bestX = state.x[copy];
        bestY = state.y[copy];
        boolean wide = isNew || random.nextInt(WIDE_EVERY) == 0;
        int piece = bench.pieceOf()[copy];
        ways.clear();
        for (int panel = 0; panel < bench.problem().panels().size(); panel++) {
            if (!wide && panel != state.panel[copy]) {
                continue;
            }
            for (Shape shape : bench.book().ways(piece, panel)) {
                boolean own = shape.index == was;
                if (own || wide && shape.straight && isAllowed(copy, piece, panel, shape)) {
                    look(copy, panel, shape, own && !isNew && panel == state.panel[copy], wide, weights);
                }
                if (stop.getAsBoolean()) {
                    return false;
                }
            }
        }
        if (!ways.isEmpty()) {
            Samples.Sample least = samples.least(ways, state.x[copy], state.y[copy], wide);
            if (least != null && least.way != null && least.sum < best) {
                take(least.way, least.x, least.y, least.sum);
            }
        }
        boolean moved = isNew || best < now;
        state.put(copy, bestShape, bestPanel, bestX, bestY);
        return moved;
    }

    private boolean isAllowed(int copy, int piece, int panel, Shape shape) {
        int was = state.shape[copy];
        state.takeOff(copy);
        boolean allowed = bench.mayLie(state, piece, panel, shape);
        state.shape[copy] = was;
        return allowed;
    }

    /** At exact corners at once; at samples together with the other ways. */
    private void look(int copy, int panel, Shape shape, boolean here, boolean wide, double[] weights) {
        InnerFit room = bench.clearances().on(panel, shape);
        if (room.rim().isEmpty()) {
            return;
        }
        if (surroundings.size() == ways.size()) {
            surroundings.add(new Surroundings(bench.pieceOf().length));
        }
        Orientation way = new Orientation(panel, shape, room, surroundings.get(ways.size()), here, wallMm);
        List<Stripes.Line> stripes = bench.stripes().lines(panel, shape);
        if (shape.variant.anchor() != null || !stripes.isEmpty()) {
            gather(copy, way, weights, true);
            corners(way, stripes, here ? state.x[copy] : Double.NaN, state.y[copy], wide);
        } else if (way.mostX >= way.candidates.minX()) {
            gather(copy, way, weights, false);
            ways.add(way);
        }
    }

    private void gather(int copy, Orientation way, double[] weights, boolean exact) {
        way.around.clear(way.candidates);
        candidates.clear();
        for (int other = 0; other < state.shape.length; other++) {
            if (other == copy || !state.isPlaced(other) || state.panel[other] != way.panel) {
                continue;
            }
            NoFit obstacle = bench.clearances().between(bench.book().shape(state.shape[other]), way.shape);
            if (exact) {
                candidates.addObstacle(obstacle, state.x[other], state.y[other]);
            }
            way.around.add(obstacle.core(), state.x[other], state.y[other], weights[other]);
        }
    }

    private void take(Orientation way, double x, double y, double sum) {
        best = sum;
        bestShape = way.shape.index;
        bestPanel = way.panel;
        bestX = x;
        bestY = y;
    }

    // Exact corners

    /** @param x0 where the copy lies now, NaN for a way in which it does not */
    private void corners(Orientation way, List<Stripes.Line> stripes, double x0, double y0, boolean wide) {
        double far = wide || Double.isNaN(x0) ? Double.POSITIVE_INFINITY : NEAR_MM[random.nextInt(NEAR_MM.length)];
        Box all = way.room.rim().box();
        Box window = far == Double.POSITIVE_INFINITY
                ? all
                : new Box(
                        Math.max(all.minX(), x0 - far),
                        Math.max(all.minY(), y0 - far),
                        Math.min(all.maxX(), x0 + far),
                        Math.min(all.maxY(), y0 + far));
        int n = candidates.corners(way.room, window, stripes, settled, wallMm - way.shape.box.maxX(), -1);
        // Of very many corners a part is looked at, another one each time.
        int stride = Math.max(1, n / MOST_CORNERS);
        for (int i = random.nextInt(stride); i < n && best > 0; i += stride) {
            double x = candidates.cornerX(i);
            double y = candidates.cornerY(i);
            double sum = way.around.overlap(x, y, best);
            if (sum < best && way.room.core().covers(x, y) && Stripes.agree(stripes, settled, x, y)) {
                take(way, x, y, sum);
            }
        }
    }
}
