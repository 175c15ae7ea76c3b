package org.handdown.bench.studio;

/** Smooth noise from −1 to 1, the same for the same place and seed. */
final class Noise {
    private Noise() {}

    static double smooth(double x, double y, long seed) {
        long i = (long) Math.floor(x);
        long j = (long) Math.floor(y);
        double a = eased(x - i);
        double b = eased(y - j);
        double low = (1 - a) * value(i, j, seed) + a * value(i + 1, j, seed);
        double high = (1 - a) * value(i, j + 1, seed) + a * value(i + 1, j + 1, seed);
        return (1 - b) * low + b * high;
    }

    private static double eased(double t) {
        return t * t * (3 - 2 * t);
    }

    private static double value(long i, long j, long seed) {
        long h = i * 0x9E3779B97F4A7C15L + j * 0xC2B2AE3D27D4EB4FL + seed * 0x165667B19E3779F9L;
        h = (h ^ h >>> 29) * 0xBF58476D1CE4E5B9L;
        h = (h ^ h >>> 32) * 0x94D049BB133111EBL;
        return (h >>> 11) * 0x1.0p-52 - 1;
    }
}
