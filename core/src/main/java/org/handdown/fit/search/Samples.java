package org.handdown.fit.search;

import java.util.List;
import java.util.SplittableRandom;
import org.jspecify.annotations.Nullable;

/**
 * Spots for a copy tried at random over a panel and about where it lies, the best of which are followed downhill by ever shorter steps
 * (coordinate descent; common practice, no source).
 */
final class Samples {
    /** Samples over the panel, shared out among the ways a copy may lie. */
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
    /** More than any overlap: the copy may not lie there. */
    static final double FAR = 1e30;

    static final class Sample {
        /** Null for none. */
        @Nullable
        Orientation way;

        double x;
        double y;
        double sum;
    }

    private final SplittableRandom random;
    /** Over all ways, the best first. */
    private final Sample[] samples = new Sample[DESCENTS];

    Samples(SplittableRandom random) {
        this.random = random;
        for (int k = 0; k < DESCENTS; k++) {
            samples[k] = new Sample();
        }
    }

    /**
     * Lowest spot that is found from the best samples of all ways; null where none may lie.
     *
     * @param x0 where the copy lies now, if it does
     */
    @Nullable
    Sample least(List<Orientation> ways, double x0, double y0, boolean wide) {
        for (Sample sample : samples) {
            sample.way = null;
            sample.sum = FAR;
        }
        int each = Math.max(LEAST_SAMPLES, SAMPLES / ways.size());
        for (Orientation way : ways) {
            if (way.here) {
                offer(way, x0, y0);
                double far = 2 * NEAR * way.narrow;
                for (int i = 0; i < SAMPLES_NEAR; i++) {
                    offer(
                            way,
                            way.nearestX(x0 + far * (random.nextDouble() - 0.5)),
                            way.nearestY(y0 + far * (random.nextDouble() - 0.5)));
                }
            }
            for (int i = 0; i < each && (wide || !way.here); i++) {
                double x = way.candidates.minX() + random.nextDouble() * (way.mostX - way.candidates.minX());
                offer(
                        way,
                        rounded(x),
                        rounded(way.candidates.minY() + random.nextDouble() * way.candidates.heightMm()));
            }
        }
        Sample least = samples[0];
        for (Sample sample : samples) {
            if (sample.way != null) {
                descend(sample, sample.way, STEP * sample.way.narrow, ROUGH_STEP_MM);
                least = sample.sum < least.sum ? sample : least;
            }
        }
        if (least.way == null) {
            return null;
        }
        descend(least, least.way, ROUGH_STEP_MM, LEAST_STEP_MM);
        return least;
    }

    /** As corners are, so that a lay reads the same after it was written down. */
    static double rounded(double mm) {
        return Math.rint(mm * 1e4) / 1e4;
    }

    private void offer(Orientation way, double x, double y) {
        int k = DESCENTS - 1;
        double sum = way.overlap(x, y, samples[k].sum);
        if (sum >= samples[k].sum) {
            return;
        }
        for (int i = 0; i < DESCENTS; i++) {
            if (samples[i].way == way && Math.abs(samples[i].x - x) + Math.abs(samples[i].y - y) < ALIKE * way.narrow) {
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
        taken.way = way;
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
