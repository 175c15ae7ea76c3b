package org.handdown.formats.photo;

import java.util.ArrayList;
import java.util.List;

/**
 * Cells of cloth by their colour.
 *
 * @param of the kind of each cell, −1 outside
 * @param count cells of each kind
 * @param means colour of each kind
 * @param all cells together
 * @param main the cloth's own kind
 */
record ColourKinds(int[] of, int[] count, float[][] means, int all, int main) {
    static final int KINDS = 4;
    private static final int ROUNDS = 12;
    /** Another colour by this much, as a share of the cloth's brightness. */
    private static final double OTHER_COLOUR = 0.22;

    /** Cells by colour, in {@value #KINDS} kinds (Lloyd's rounds from far corners). */
    static ColourKinds of(float[][] colour, boolean[] inside) {
        List<float[]> centres = farCorners(colour, inside);
        int[] kind = new int[colour.length];
        for (int round = 0; round < ROUNDS; round++) {
            giveToNearest(colour, inside, centres, kind);
            float[][] means = means(colour, kind);
            for (int k = 0; k < KINDS; k++) {
                centres.set(k, means[k]);
            }
        }
        return counted(colour, kind);
    }

    private static List<float[]> farCorners(float[][] colour, boolean[] inside) {
        List<float[]> centres = new ArrayList<>();
        for (int k = 0; k < KINDS; k++) {
            float[] far = null;
            double most = -1;
            for (int i = 0; i < colour.length; i += 3) {
                if (inside[i]) {
                    double least = k == 0 ? 0 : Double.MAX_VALUE;
                    for (float[] c : centres) {
                        least = Math.min(least, square(c, colour[i]));
                    }
                    if (least > most) {
                        most = least;
                        far = colour[i];
                    }
                }
            }
            centres.add(far == null ? new float[3] : far);
        }
        return centres;
    }

    private static void giveToNearest(float[][] colour, boolean[] inside, List<float[]> centres, int[] kind) {
        for (int i = 0; i < colour.length; i++) {
            kind[i] = -1;
            double best = Double.MAX_VALUE;
            for (int k = 0; inside[i] && k < KINDS; k++) {
                double d = square(centres.get(k), colour[i]);
                if (d < best) {
                    best = d;
                    kind[i] = k;
                }
            }
        }
    }

    private static ColourKinds counted(float[][] colour, int[] kind) {
        int[] count = new int[KINDS];
        int all = 0;
        for (int k : kind) {
            if (k >= 0) {
                count[k]++;
                all++;
            }
        }
        int main = 0;
        for (int k = 1; k < KINDS; k++) {
            main = count[k] > count[main] ? k : main;
        }
        return new ColourKinds(kind, count, means(colour, kind), all, main);
    }

    /** Kinds that are one colour in more and less light are one kind. */
    ColourKinds merged(float[][] colour) {
        int[] as = new int[KINDS];
        for (int k = 0; k < KINDS; k++) {
            as[k] = k;
            for (int j = k - 1; j >= 0; j--) {
                if (!isOther(means[j], means[k]) && !isOther(means[k], means[j])) {
                    as[k] = as[j];
                }
            }
        }
        int[] one = new int[of.length];
        for (int i = 0; i < of.length; i++) {
            one[i] = of[i] < 0 ? -1 : as[of[i]];
        }
        return counted(colour, one);
    }

    private static float[][] means(float[][] colour, int[] kind) {
        float[][] sum = new float[KINDS][3];
        int[] n = new int[KINDS];
        for (int i = 0; i < kind.length; i++) {
            if (kind[i] >= 0) {
                n[kind[i]]++;
                for (int c = 0; c < 3; c++) {
                    sum[kind[i]][c] += colour[i][c];
                }
            }
        }
        for (int k = 0; k < KINDS; k++) {
            for (int c = 0; c < 3; c++) {
                sum[k][c] /= Math.max(1, n[k]);
            }
        }
        return sum;
    }

    private static double square(float[] a, float[] b) {
        double d = 0;
        for (int i = 0; i < 3; i++) {
            // Roots of light are nearer to how far colours look apart.
            double e = Math.sqrt(Math.max(0, a[i])) - Math.sqrt(Math.max(0, b[i]));
            d += e * e;
        }
        return d;
    }

    /** Another colour, not the same one in more shade; more light than the cloth's is another colour too. */
    static boolean isOther(float[] main, float[] other) {
        double dot = 0;
        double square = 0;
        for (int i = 0; i < 3; i++) {
            dot += main[i] * other[i];
            square += main[i] * main[i];
        }
        double light = dot / Math.max(1e-9, square);
        double norm = Math.sqrt(square);
        double off = 0;
        double s = Math.max(0.3, Math.min(1.25, light));
        for (int i = 0; i < 3; i++) {
            off += (other[i] - s * main[i]) * (other[i] - s * main[i]);
        }
        return Math.sqrt(off) / Math.max(0.05, norm * Math.max(s, 0.5)) > OTHER_COLOUR;
    }
}
