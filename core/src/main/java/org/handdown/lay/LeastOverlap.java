package org.handdown.lay;

import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.function.BooleanSupplier;
import org.handdown.geometry.Box;
import org.handdown.geometry.FlatRegion;

/**
 * Moves one copy to where its weighted overlap with all others is least. Spots are tried at random over the panel and about the copy, and
 * from the best of them it goes downhill by ever shorter steps; now and then, and always where an edge or a pattern binds the copy, the
 * exact corners of the free area are tried instead. Method: coordinate descent from random samples (common practice, no source). One
 * object per thread.
 */
final class LeastOverlap {
    /** One move of so many looks at all ways and panels; the others are small. */
    private static final int WIDE_EVERY = 2;
    /** One look of so many is at corners: exact, but it takes ten times as long. */
    private static final int CORNERS_EVERY = 25;

    private static final int SAMPLES = 40;
    private static final int SAMPLES_NEAR = 20;
    /** The best samples that are followed downhill. */
    private static final int DESCENTS = 2;

    /** Samples about a copy lie within this share of its narrow side. */
    private static final double NEAR = 0.5;
    /** The first step downhill, as a share of the narrow side. */
    private static final double STEP = 0.1;

    private static final double LEAST_STEP_MM = 0.02;
    private static final double[] NEAR_MM = {40, 120, Double.POSITIVE_INFINITY};
    private static final int MOST_CORNERS = 900;
    private static final double FAR = 1e30;

    private final Bench bench;
    private final Random random;
    private final BooleanSupplier stop;
    private final Spots spots;

    // The others on the panel that is looked at: where they lie, their boxes in its frame, and how much they push.
    private final FlatRegion[] cores;
    private final double[] atX;
    private final double[] atY;
    private final double[] boxes;
    private final double[] push;
    private int others;

    // Samples, the best first.
    private final double[] sampleX = new double[DESCENTS];
    private final double[] sampleY = new double[DESCENTS];
    private final double[] sampleSum = new double[DESCENTS];

    private LayState state;
    private double[] settled;
    private double wallMm;

    private double best;
    private int bestShape;
    private int bestPanel;
    private double bestX;
    private double bestY;

    LeastOverlap(Bench bench, Random random, BooleanSupplier stop, Spots spots) {
        int copies = bench.pieceOf().length;
        this.bench = bench;
        this.random = random;
        this.stop = stop;
        this.spots = spots;
        this.cores = new FlatRegion[copies];
        this.atX = new double[copies];
        this.atY = new double[copies];
        this.boxes = new double[4 * copies];
        this.push = new double[copies];
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
        best = isNew ? FAR : now;
        bestShape = was;
        bestPanel = state.panel[copy];
        bestX = state.x[copy];
        bestY = state.y[copy];
        boolean wide = isNew || random.nextInt(WIDE_EVERY) == 0;
        int piece = bench.pieceOf()[copy];
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
        boolean moved = isNew || best < now;
        state.shape[copy] = bestShape;
        state.panel[copy] = bestPanel;
        state.x[copy] = bestX;
        state.y[copy] = bestY;
        return moved;
    }

    private boolean isAllowed(int copy, int piece, int panel, Shape shape) {
        int was = state.shape[copy];
        state.shape[copy] = -1;
        boolean allowed = bench.mayLie(state, piece, panel, shape);
        state.shape[copy] = was;
        return allowed;
    }

    private void look(int copy, int panel, Shape shape, boolean here, boolean wide, double[] weights) {
        Clearances.Room room = bench.clearances().on(panel, shape);
        if (room.rim().isEmpty()) {
            return;
        }
        gather(copy, panel, shape, weights);
        List<Stripes.Line> stripes = bench.stripes().lines(panel, shape);
        boolean bound = shape.variant.anchor() != null || !stripes.isEmpty();
        double x = here ? state.x[copy] : Double.NaN;
        if (bound || random.nextInt(CORNERS_EVERY) == 0) {
            corners(panel, shape, room, stripes, x, state.y[copy], wide);
        } else {
            samples(panel, shape, room, x, state.y[copy], wide);
        }
    }

    private void gather(int copy, int panel, Shape shape, double[] weights) {
        others = 0;
        spots.clear();
        for (int other = 0; other < state.shape.length; other++) {
            if (other == copy || !state.isPlaced(other) || state.panel[other] != panel) {
                continue;
            }
            Clearances.Obstacle obstacle =
                    bench.clearances().between(bench.book().shape(state.shape[other]), shape);
            spots.addObstacle(obstacle, state.x[other], state.y[other]);
            Box box = obstacle.core().box();
            cores[others] = obstacle.core();
            atX[others] = state.x[other];
            atY[others] = state.y[other];
            boxes[4 * others] = box.minX() + state.x[other];
            boxes[4 * others + 1] = box.minY() + state.y[other];
            boxes[4 * others + 2] = box.maxX() + state.x[other];
            boxes[4 * others + 3] = box.maxY() + state.y[other];
            push[others++] = weights[other];
        }
    }

    /** Weighted overlap at a spot; where it is not below the limit, anything that is not. */
    private double overlap(double x, double y, double limit) {
        double sum = 0;
        for (int o = 0; o < others && sum < limit; o++) {
            // Most are too far away, and that is told without a look at them.
            if (x >= boxes[4 * o] && x <= boxes[4 * o + 2] && y >= boxes[4 * o + 1] && y <= boxes[4 * o + 3]) {
                sum += push[o] * cores[o].depth(x - atX[o], y - atY[o]);
            }
        }
        return sum;
    }

    private void take(int panel, Shape shape, double x, double y, double sum) {
        best = sum;
        bestShape = shape.index;
        bestPanel = panel;
        bestX = x;
        bestY = y;
    }

    /** @param x0 where the copy lies now, NaN for a way in which it does not */
    private void corners(
            int panel,
            Shape shape,
            Clearances.Room room,
            List<Stripes.Line> stripes,
            double x0,
            double y0,
            boolean wide) {
        double far = wide || Double.isNaN(x0) ? Double.POSITIVE_INFINITY : NEAR_MM[random.nextInt(NEAR_MM.length)];
        Box all = room.rim().box();
        Box window = far == Double.POSITIVE_INFINITY
                ? all
                : new Box(
                        Math.max(all.minX(), x0 - far),
                        Math.max(all.minY(), y0 - far),
                        Math.min(all.maxX(), x0 + far),
                        Math.min(all.maxY(), y0 + far));
        int n = spots.corners(room, window, stripes, settled, wallMm - shape.box.maxX(), -1);
        // Of very many corners a part is looked at, another one each time.
        int stride = Math.max(1, n / MOST_CORNERS);
        for (int i = random.nextInt(stride); i < n && best > 0; i += stride) {
            double x = spots.cornerX(i);
            double y = spots.cornerY(i);
            double sum = overlap(x, y, best);
            if (sum < best && room.core().covers(x, y) && Stripes.agree(stripes, settled, x, y)) {
                take(panel, shape, x, y, sum);
            }
        }
    }

    /** @param x0 where the copy lies now, NaN for a way in which it does not */
    private void samples(int panel, Shape shape, Clearances.Room room, double x0, double y0, boolean wide) {
        Box box = room.core().box();
        double mostX = Math.min(box.maxX(), wallMm - shape.box.maxX());
        if (mostX < box.minX()) {
            return;
        }
        Arrays.fill(sampleSum, FAR);
        double narrow = Math.min(shape.box.widthMm(), shape.box.heightMm());
        boolean here = !Double.isNaN(x0);
        if (here) {
            offer(x0, y0, overlap(x0, y0, FAR));
            for (int i = 0; i < SAMPLES_NEAR; i++) {
                double x = x0 + narrow * NEAR * (2 * random.nextDouble() - 1);
                double y = y0 + narrow * NEAR * (2 * random.nextDouble() - 1);
                sample(room, Math.max(box.minX(), Math.min(mostX, x)), Math.max(box.minY(), Math.min(box.maxY(), y)));
            }
        }
        for (int i = 0; i < SAMPLES && (wide || !here); i++) {
            sample(
                    room,
                    box.minX() + random.nextDouble() * (mostX - box.minX()),
                    box.minY() + random.nextDouble() * box.heightMm());
        }
        for (int k = 0; k < DESCENTS && sampleSum[k] < FAR; k++) {
            descend(k, room, box.minX(), mostX, narrow * STEP);
            if (sampleSum[k] < best) {
                take(panel, shape, sampleX[k], sampleY[k], sampleSum[k]);
            }
        }
    }

    private void sample(Clearances.Room room, double atX, double atY) {
        double x = rounded(atX);
        double y = rounded(atY);
        if (room.core().covers(x, y)) {
            offer(x, y, overlap(x, y, sampleSum[DESCENTS - 1]));
        }
    }

    /** As corners are, so that a lay reads the same after it was written down. */
    private static double rounded(double mm) {
        return Math.rint(mm * 1e4) / 1e4;
    }

    private void offer(double x, double y, double sum) {
        int k = DESCENTS - 1;
        if (sum >= sampleSum[k]) {
            return;
        }
        for (; k > 0 && sampleSum[k - 1] > sum; k--) {
            sampleSum[k] = sampleSum[k - 1];
            sampleX[k] = sampleX[k - 1];
            sampleY[k] = sampleY[k - 1];
        }
        sampleSum[k] = sum;
        sampleX[k] = x;
        sampleY[k] = y;
    }

    /** Downhill from a sample, along an axis or a diagonal drawn each time; steps shrink where neither side is lower. */
    private void descend(int k, Clearances.Room room, double minX, double mostX, double step) {
        double stepX = step;
        double stepY = step;
        while ((stepX > LEAST_STEP_MM || stepY > LEAST_STEP_MM) && sampleSum[k] > 0) {
            int way = random.nextInt(4);
            double dx = way == 1 ? 0 : stepX;
            double dy = way == 0 ? 0 : way == 3 ? -stepY : stepY;
            double fromX = sampleX[k];
            double fromY = sampleY[k];
            double was = sampleSum[k];
            for (int side = -1; side <= 1; side += 2) {
                double x = rounded(Math.max(minX, Math.min(mostX, fromX + side * dx)));
                double y = rounded(fromY + side * dy);
                double sum = room.core().covers(x, y) ? overlap(x, y, sampleSum[k]) : FAR;
                if (sum < sampleSum[k]) {
                    sampleSum[k] = sum;
                    sampleX[k] = x;
                    sampleY[k] = y;
                }
            }
            double factor = sampleSum[k] < was ? 1.1 : 0.5;
            stepX *= way == 1 ? 1 : factor;
            stepY *= way == 0 ? 1 : factor;
        }
    }
}
