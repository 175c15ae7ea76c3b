package org.handdown.bench.studio;

/** What a surface looks like at a place, in linear light. */
interface Surface {
    /**
     * @param x and y: mm
     * @param into red, green and blue are put here, 0 to 1
     */
    void at(double x, double y, float[] into);

    static Surface plain(int rgb) {
        float[] c = linear(rgb);
        return (x, y, into) -> System.arraycopy(c, 0, into, 0, 3);
    }

    /** Cloth with a weave that shows faintly. */
    static Surface woven(int rgb, long seed) {
        float[] c = linear(rgb);
        return (x, y, into) -> {
            double light =
                    1 + 0.05 * Noise.smooth(x / 0.9, y / 2.5, seed) + 0.04 * Noise.smooth(x / 40, y / 40, seed + 1);
            scaled(c, light, into);
        };
    }

    /** Boards with grain along x, and joints between them. */
    static Surface wood(int rgb, long seed) {
        float[] c = linear(rgb);
        return (x, y, into) -> {
            double board = Math.floor(y / 130);
            double tone = 0.16 * Noise.smooth(board * 7.3, 0.5, seed);
            double rings = Noise.smooth(x / 210, y / 9 + 2.2 * Noise.smooth(x / 260, y / 60, seed + 2), seed + 1);
            double fibre = Noise.smooth(x / 35, y / 1.6, seed + 3);
            double light = 1 + tone + 0.2 * rings + 0.1 * fibre;
            double joint = Math.abs(y / 130 - Math.rint(y / 130)) * 130;
            scaled(c, joint < 1.2 ? 0.35 * light : light, into);
            into[0] *= (float) (1 + 0.06 * rings);
            into[2] *= (float) (1 - 0.08 * rings);
        };
    }

    /** Loops of two tones. */
    static Surface carpet(int rgb, long seed) {
        float[] c = linear(rgb);
        return (x, y, into) -> scaled(
                c, 1 + 0.34 * Noise.smooth(x / 2.6, y / 2.6, seed) + 0.16 * Noise.smooth(x / 9, y / 9, seed + 1), into);
    }

    /** Square tiles with joints of another tone. */
    static Surface tiles(int rgb, int joint, double sideMm, long seed) {
        float[] c = linear(rgb);
        float[] j = linear(joint);
        return (x, y, into) -> {
            double a = x / sideMm - Math.rint(x / sideMm);
            double b = y / sideMm - Math.rint(y / sideMm);
            boolean isJoint = Math.min(Math.abs(a), Math.abs(b)) * sideMm < 2.5;
            double tone =
                    0.07 * Noise.smooth(Math.floor(x / sideMm + 0.5) * 3.1, Math.floor(y / sideMm + 0.5) * 5.7, seed);
            scaled(isJoint ? j : c, 1 + tone + 0.04 * Noise.smooth(x / 30, y / 30, seed + 1), into);
        };
    }

    /** Stripes along y. */
    static Surface striped(int one, int other, double periodMm, double share, long seed) {
        Surface a = woven(one, seed);
        Surface b = woven(other, seed + 5);
        return (x, y, into) -> {
            double t = x / periodMm - Math.floor(x / periodMm);
            (t < share ? b : a).at(x, y, into);
        };
    }

    /** Checks: both ways, where they cross the tone is between. */
    static Surface checked(int one, int other, double periodMm, long seed) {
        float[] a = linear(one);
        float[] b = linear(other);
        return (x, y, into) -> {
            double share = (isBand(x, periodMm) ? 0.5 : 0) + (isBand(y, periodMm) ? 0.5 : 0);
            double light = 1 + 0.05 * Noise.smooth(x / 0.9, y / 1.2, seed);
            for (int i = 0; i < 3; i++) {
                into[i] = (float) (light * ((1 - share) * a[i] + share * b[i]));
            }
        };
    }

    private static boolean isBand(double x, double periodMm) {
        return x / periodMm - Math.floor(x / periodMm) < 0.5;
    }

    /** Dots in staggered rows. */
    static Surface dotted(int ground, int dot, double periodMm, long seed) {
        Surface a = woven(ground, seed);
        Surface b = woven(dot, seed + 5);
        return (x, y, into) -> {
            double row = Math.rint(y / periodMm);
            double shift = row % 2 == 0 ? 0 : 0.5;
            double dx = (x / periodMm + shift - Math.rint(x / periodMm + shift)) * periodMm;
            double dy = y - row * periodMm;
            (Math.hypot(dx, dy) < 0.27 * periodMm ? b : a).at(x, y, into);
        };
    }

    static void scaled(float[] colour, double light, float[] into) {
        float s = (float) Math.max(0.02, light);
        for (int i = 0; i < 3; i++) {
            into[i] = colour[i] * s;
        }
    }

    /** sRGB to linear light (IEC 61966-2-1). */
    static float[] linear(int rgb) {
        float[] c = new float[3];
        for (int i = 0; i < 3; i++) {
            double v = (rgb >> 16 - 8 * i & 255) / 255.0;
            c[i] = (float) (v <= 0.04045 ? v / 12.92 : Math.pow((v + 0.055) / 1.055, 2.4));
        }
        return c;
    }
}
