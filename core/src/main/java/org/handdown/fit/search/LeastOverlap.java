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
 * Moves one copy to where its weighted overlap with all others is least. CandidatePositions are tried at random over the panel and about the copy, and
 * from the best of them it goes downhill by ever shorter steps; where an edge or a pattern binds the copy, the exact corners of the free
 * area are tried instead. Method: coordinate descent from random samples (common practice, no source). One
 * object per thread.
 */
final class LeastOverlap {
    /** One move of so many looks at all ways and panels; the others are small. */
    private static final int WIDE_EVERY = 2;
    /** CandidatePositions over the panel, shared out among the ways a copy may lie. */
    private static final int SAMPLES = 100;

    private static final int LEAST_SAMPLES = 8;
    private static final int SAMPLES_NEAR = 30;
    /** The best samples that are followed downhill. */
    private static final int DESCENTS = 3;

    /** Samples about a copy lie within this share of its narrow side. */
    private static final double NEAR = 0.5;
    /** Two samples of one way nearer than this share of the narrow side would lead to the same spot. */
    private static final double ALIKE = 0.1;
    /** The first step downhill, as a share of the narrow side. */
    private static final double STEP = 0.1;

    /** All samples go down to steps of this, the best of them on to the last. */
    private static final double ROUGH_STEP_MM = 1;

    private static final double LEAST_STEP_MM = 0.02;
    private static final double[] NEAR_MM = {40, 120, Double.POSITIVE_INFINITY};
    private static final int MOST_CORNERS = 900;
    private static final double FAR = 1e30;

    private final SearchProblem bench;
    private final SplittableRandom random;
    private final BooleanSupplier stop;
    private final CandidatePositions candidates;

    /** Ways that are looked at in this move. */
    private final List<Orientation> ways = new ArrayList<>();
    /** What lies round each of them, kept for the next move. */
    private final List<Surroundings> surroundings = new ArrayList<>();

    /** Over all ways, the best first. */
    private final Sample[] samples = new Sample[DESCENTS];

    private LayState state;
    private double[] settled;
    private double wallMm;

    private double best;
    private int bestShape;
    private int bestPanel;
    private double bestX;
    private double bestY;

    /** A way to lie on a panel, and what lies round it there. */
    private final class Orientation {
        final int panel;
        final Shape shape;
        final InnerFit room;
        final Surroundings around;
        /** The copy lies on this panel in this way now. */
        final boolean here;

        final Box candidates;
        final double mostX;
        final double narrow;

        Orientation(int panel, Shape shape, InnerFit room, Surroundings around, boolean here) {
            this.panel = panel;
            this.shape = shape;
            this.room = room;
            this.around = around;
            this.here = here;
            this.candidates = room.core().box();
            this.mostX = Math.min(candidates.maxX(), wallMm - shape.box.maxX());
            this.narrow = Math.min(shape.box.widthMm(), shape.box.heightMm());
        }

        double nearestX(double x) {
            return rounded(Math.max(candidates.minX(), Math.min(mostX, x)));
        }

        double nearestY(double y) {
            return rounded(Math.max(candidates.minY(), Math.min(candidates.maxY(), y)));
        }

        /** Weighted overlap, far where the copy may not lie. */
        double overlap(double x, double y, double limit) {
            return room.core().covers(x, y) ? around.overlap(x, y, limit) : FAR;
        }
    }

    private static final class Sample {
        /** −1 for none. */
        int way;

        double x;
        double y;
        double sum;
    }

    LeastOverlap(SearchProblem bench, Random random, BooleanSupplier stop, CandidatePositions candidates) {
        this.bench = bench;
        this.random = new SplittableRandom(random.nextLong());
        this.stop = stop;
        this.candidates = candidates;
        this.state = new LayState(0);
        this.settled = new double[0];
        for (int k = 0; k < DESCENTS; k++) {
            samples[k] = new Sample();
        }
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
        best = isNew ? FAR : now;
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
            descend(state.x[copy], state.y[copy], wide);
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
        Orientation way = new Orientation(panel, shape, room, surroundings.get(ways.size()), here);
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

    // Samples

    /**
     * From the best samples of all ways.
     *
     * @param x0 where the copy lies now, if it does
     */
    private void descend(double x0, double y0, boolean wide) {
        for (Sample sample : samples) {
            sample.way = -1;
            sample.sum = FAR;
        }
        int each = Math.max(LEAST_SAMPLES, SAMPLES / ways.size());
        for (int w = 0; w < ways.size(); w++) {
            Orientation way = ways.get(w);
            if (way.here) {
                offer(w, x0, y0);
                double far = 2 * NEAR * way.narrow;
                for (int i = 0; i < SAMPLES_NEAR; i++) {
                    offer(
                            w,
                            way.nearestX(x0 + far * (random.nextDouble() - 0.5)),
                            way.nearestY(y0 + far * (random.nextDouble() - 0.5)));
                }
            }
            for (int i = 0; i < each && (wide || !way.here); i++) {
                double x = way.candidates.minX() + random.nextDouble() * (way.mostX - way.candidates.minX());
                offer(w, rounded(x), rounded(way.candidates.minY() + random.nextDouble() * way.candidates.heightMm()));
            }
        }
        Sample least = samples[0];
        for (Sample sample : samples) {
            if (sample.way >= 0) {
                Orientation way = ways.get(sample.way);
                descend(sample, way, STEP * way.narrow, ROUGH_STEP_MM);
                least = sample.sum < least.sum ? sample : least;
            }
        }
        if (least.way >= 0) {
            Orientation way = ways.get(least.way);
            descend(least, way, ROUGH_STEP_MM, LEAST_STEP_MM);
            if (least.sum < best) {
                take(way, least.x, least.y, least.sum);
            }
        }
    }

    /** As corners are, so that a lay reads the same after it was written down. */
    private static double rounded(double mm) {
        return Math.rint(mm * 1e4) / 1e4;
    }

    private void offer(int number, double x, double y) {
        Orientation way = ways.get(number);
        int k = DESCENTS - 1;
        double sum = way.overlap(x, y, samples[k].sum);
        if (sum >= samples[k].sum) {
            return;
        }
        for (int i = 0; i < DESCENTS; i++) {
            if (samples[i].way == number
                    && Math.abs(samples[i].x - x) + Math.abs(samples[i].y - y) < ALIKE * way.narrow) {
                k = i;
                break;
            }
        }
        Sample taken = samples[k];
        if (sum >= taken.sum) {
            return;
        }
        for (; k > 0 && samples[k - 1].sum > sum; k--) {
            samples[k] = samples[k - 1];
        }
        samples[k] = taken;
        taken.way = number;
        taken.x = x;
        taken.y = y;
        taken.sum = sum;
    }

    /** Downhill from a sample, along an axis or a diagonal drawn each time; steps shrink where neither side is lower. */
    private void descend(Sample sample, Orientation way, double step, double least) {
        double stepX = step;
        double stepY = step;
        while ((stepX > least || stepY > least) && sample.sum > 0) {
            int along = random.nextInt(4);
            double dx = along == 1 ? 0 : stepX;
            double dy = along == 0 ? 0 : along == 3 ? -stepY : stepY;
            double fromX = sample.x;
            double fromY = sample.y;
            double was = sample.sum;
            for (int side = -1; side <= 1; side += 2) {
                double x = way.nearestX(fromX + side * dx);
                double y = rounded(fromY + side * dy);
                double sum = way.overlap(x, y, sample.sum);
                if (sum < sample.sum) {
                    sample.sum = sum;
                    sample.x = x;
                    sample.y = y;
                }
            }
            double factor = sample.sum < was ? 1.1 : 0.5;
            stepX *= along == 1 ? 1 : factor;
            stepY *= along == 0 ? 1 : factor;
        }
    }
}
