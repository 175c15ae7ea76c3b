package org.handdown.formats.photo;

import boofcv.struct.image.GrayF32;
import boofcv.struct.image.GrayU8;

/**
 * Two kinds of pixels, parted by a level.
 *
 * @param level between them
 * @param near mean of the kind below it, and of the kind above
 * @param explained share of all variance that the parting explains
 */
record Parting(double level, double near, double far, double explained) {
    private static final int LEVELS = 256;
    private static final double TOP = 1.2;

    /**
     * The level that parts two kinds of pixels best (Otsu, 1979).
     *
     * @param usable 1 where a pixel counts
     */
    static Parting of(GrayF32 far, GrayU8 usable) {
        double[] count = new double[LEVELS];
        double all = 0;
        double sum = 0;
        for (int k = 0; k < far.data.length; k++) {
            if (usable.data[k] == 1) {
                int bin = (int) Math.min(LEVELS - 1, far.data[k] / TOP * LEVELS);
                count[bin]++;
                all++;
                sum += bin;
            }
        }
        return best(count, all, sum);
    }

    private static Parting best(double[] count, double all, double sum) {
        double variance = 0;
        double mean = sum / Math.max(1, all);
        for (int b = 0; b < LEVELS; b++) {
            variance += count[b] * (b - mean) * (b - mean);
        }
        double below = 0;
        double belowSum = 0;
        double best = -1;
        Parting found = new Parting(0, 0, 0, 0);
        for (int b = 0; b + 1 < LEVELS; b++) {
            below += count[b];
            belowSum += count[b] * b;
            double above = all - below;
            if (below > 0 && above > 0) {
                double low = belowSum / below;
                double high = (sum - belowSum) / above;
                double between = below * above / all * (high - low) * (high - low);
                if (between > best) {
                    best = between;
                    found = new Parting(
                            (low + high) / 2 / LEVELS * TOP,
                            low / LEVELS * TOP,
                            high / LEVELS * TOP,
                            variance == 0 ? 0 : between / variance);
                }
            }
        }
        return found;
    }
}
