package org.handdown.formats.photo;

import boofcv.struct.image.GrayF32;
import boofcv.struct.image.GrayU8;
import java.util.ArrayList;
import java.util.List;

/** The colours of the table round the cloth, and how far every pixel is from the nearest of them. */
record TableColours(FlatPhoto photo) {
    /** Light on the table varies this much, from shadow to glare. */
    private static final double DARKEST = 0.42;

    private static final double BRIGHTEST = 1.35;
    private static final double RIM_MM = 22;
    private static final int LEAST_RIM_PIXELS = 2000;
    /** A second colour of a table takes up so much of its rim at least; joints and threads do not. */
    private static final double LEAST_OTHER_SHARE = 0.05;

    private static final double OTHER_COLOUR = 0.16;
    private static final int MOST_COLOURS = 4;

    /** Colours of the table by the rim of what the photo shows: its middle one, and others that take up a fair part of it. */
    List<double[]> colours(GrayU8 usable) {
        int rim = (int) Math.max(3, RIM_MM / photo.mmPerPixel());
        List<Integer> seen = new ArrayList<>();
        for (int j = 0; j < photo.height(); j++) {
            for (int i = 0; i < photo.width(); i++) {
                int k = j * photo.width() + i;
                if (usable.data[k] == 1 && isNearRim(i, j, rim)) {
                    seen.add(k);
                }
            }
        }
        List<double[]> colours = new ArrayList<>();
        List<Integer> left = seen;
        while (left.size() >= Math.max(LEAST_RIM_PIXELS, LEAST_OTHER_SHARE * seen.size())
                && colours.size() < MOST_COLOURS) {
            double[] next = middle(left);
            colours.add(next);
            left = left.stream().filter(k -> distance(k, next) > OTHER_COLOUR).toList();
        }
        return colours;
    }

    private double[] middle(List<Integer> pixels) {
        double[] middle = new double[3];
        float[][] all = {photo.red(), photo.green(), photo.blue()};
        for (int c = 0; c < 3; c++) {
            float[] of = all[c];
            double[] values = pixels.stream().mapToDouble(k -> of[k]).sorted().toArray();
            middle[c] = Math.max(0.003, values[values.length / 2]);
        }
        return middle;
    }

    /** Does the photo end within this many pixels, level, upright or slanting? */
    private boolean isNearRim(int i, int j, int rim) {
        for (int dj = -rim; dj <= rim; dj += rim) {
            for (int di = -rim; di <= rim; di += rim) {
                int x = i + di;
                int y = j + dj;
                if (x < 0
                        || y < 0
                        || x >= photo.width()
                        || y >= photo.height()
                        || !photo.shows(y * photo.width() + x)) {
                    return true;
                }
            }
        }
        return false;
    }

    /** How far a pixel is from a colour of the table, as a share of its brightness, its own light allowed for. */
    private double distance(int k, double[] t) {
        double square = t[0] * t[0] + t[1] * t[1] + t[2] * t[2];
        double norm = Math.max(0.12, Math.sqrt(square));
        double r = photo.red()[k];
        double g = photo.green()[k];
        double b = photo.blue()[k];
        double s = Math.max(DARKEST, Math.min(BRIGHTEST, (r * t[0] + g * t[1] + b * t[2]) / square));
        double dr = r - s * t[0];
        double dg = g - s * t[1];
        double db = b - s * t[2];
        return Math.sqrt(dr * dr + dg * dg + db * db) / norm;
    }

    /** How far each pixel is from the nearest colour of the table; smoothed by a pixel. */
    GrayF32 distances(List<double[]> table) {
        int w = photo.width();
        int h = photo.height();
        GrayF32 raw = new GrayF32(w, h);
        for (int k = 0; k < w * h; k++) {
            if (photo.shows(k)) {
                double d = 2;
                for (double[] t : table) {
                    d = Math.min(d, distance(k, t));
                }
                raw.data[k] = (float) d;
            }
        }
        return smoothed(raw);
    }

    private static GrayF32 smoothed(GrayF32 raw) {
        int w = raw.width;
        int h = raw.height;
        GrayF32 smooth = new GrayF32(w, h);
        for (int j = 1; j + 1 < h; j++) {
            for (int i = 1; i + 1 < w; i++) {
                int k = j * w + i;
                smooth.data[k] = (4 * raw.data[k]
                                + 2 * (raw.data[k - 1] + raw.data[k + 1] + raw.data[k - w] + raw.data[k + w])
                                + raw.data[k - w - 1]
                                + raw.data[k - w + 1]
                                + raw.data[k + w - 1]
                                + raw.data[k + w + 1])
                        / 16;
            }
        }
        return smooth;
    }
}
