package org.handdown.formats.photo;

import org.handdown.geometry.Box;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;

/** A thin dark line between two places of a cloth's edge, as the shadow of an edge that lies on the cloth. */
final class LineAcross {
    private static final double FROM_EDGE_MM = 7;
    /** Where it is looked across a line, mm. */
    private static final double[] ASIDES = {-4, -1, 0, 1, 4};

    private static final double LONGEST_GAP_MM = 8;
    private static final double DARKER = 0.055;
    private static final double LEAST_LINE_MM = 55;
    private static final int WAYS = 12;

    private final FlatPhoto photo;
    private final Ring ring;
    private final Box box;

    private LineAcross(FlatPhoto photo, Ring ring) {
        this.photo = photo;
        this.ring = ring;
        this.box = ring.box();
    }

    /** @param ring of the cloth, table frame, mm, counter-clockwise */
    static boolean lies(FlatPhoto photo, Ring ring) {
        return new LineAcross(photo, ring).lies();
    }

    private boolean lies() {
        double[] light = lightness();
        int w = (int) Math.ceil(box.widthMm());
        int h = (int) Math.ceil(box.heightMm());
        byte[] way = new byte[w * h];
        int lines = 0;
        int asked = 0;
        for (int y = 8; y < h - 8; y += 2) {
            for (Ring.Span span : ring.spansAt(box.minY() + y)) {
                int from = (int) Math.ceil(span.from() - box.minX() + FROM_EDGE_MM);
                int to = (int) Math.floor(span.to() - box.minX() - FROM_EDGE_MM);
                for (int x = Math.max(8, from); x < Math.min(w - 8, to); x += 2) {
                    asked++;
                    way[y * w + x] = darkWay(light, w, h, x, y);
                    lines += way[y * w + x] > 0 ? 1 : 0;
                }
            }
        }
        // Where lines are everywhere they are the cloth's pattern.
        return asked > 0 && lines < 0.04 * asked && longestMm(way, w, h) > LEAST_LINE_MM;
    }

    private double[] lightness() {
        int w = (int) Math.ceil(box.widthMm());
        int h = (int) Math.ceil(box.heightMm());
        double[] light = new double[w * h];
        for (int y = 0; y < h; y++) {
            for (int x = 0; x < w; x++) {
                Point p = new Point(box.minX() + x, box.minY() + y);
                int i = (int) photo.column(p);
                int j = (int) photo.row(p);
                int k = j * photo.width() + i;
                boolean isIn = i >= 0 && j >= 0 && i < photo.width() && j < photo.height() && photo.shows(k);
                light[y * w + x] = isIn
                        ? Math.log(0.01 + 0.3 * photo.red()[k] + 0.6 * photo.green()[k] + 0.1 * photo.blue()[k])
                        : Double.NaN;
            }
        }
        return light;
    }

    /** Direction, from 1, along which a place is darker than what lies aside of it on both sides; 0 for none. */
    private static byte darkWay(double[] light, int w, int h, int x, int y) {
        byte best = 0;
        double most = DARKER;
        for (int k = 0; k < WAYS; k++) {
            double a = Math.PI * k / WAYS;
            double c = Math.cos(a);
            double s = Math.sin(a);
            double[] mean = new double[5];
            for (int t = -8; t <= 8; t += 2) {
                for (int m = 0; m < mean.length; m++) {
                    double aside = ASIDES[m];
                    mean[m] += at(light, w, h, x + t * c - aside * s, y + t * s + aside * c) / 9;
                }
            }
            double on = Math.min(mean[1], Math.min(mean[2], mean[3]));
            double darker = Math.min(mean[0], mean[4]) - on;
            if (darker > most) {
                most = darker;
                best = (byte) (k + 1);
            }
        }
        return best;
    }

    private static double at(double[] light, int w, int h, double x, double y) {
        int i = (int) Math.round(x);
        int j = (int) Math.round(y);
        return i < 0 || j < 0 || i >= w || j >= h ? Double.NaN : light[j * w + i];
    }

    /** Longest run of such places that follow each other in their own direction. */
    private static double longestMm(byte[] way, int w, int h) {
        double longest = 0;
        boolean[] used = new boolean[way.length];
        for (int y = 0; y < h; y += 2) {
            for (int x = 0; x < w; x += 2) {
                if (way[y * w + x] > 0 && !used[y * w + x]) {
                    double length = followed(way, used, w, h, x, y, 1) + followed(way, used, w, h, x, y, -1);
                    longest = Math.max(longest, length);
                }
            }
        }
        return longest;
    }

    private static double followed(byte[] way, boolean[] used, int w, int h, int x0, int y0, int sign) {
        double x = x0;
        double y = y0;
        double a = Math.PI * (way[y0 * w + x0] - 1) / WAYS;
        double dx = sign * Math.cos(a);
        double dy = sign * Math.sin(a);
        double length = 0;
        double gap = 0;
        while (gap < LONGEST_GAP_MM) {
            x += 2 * dx;
            y += 2 * dy;
            gap += 2;
            int found = near(way, w, h, x, y, dx, dy);
            if (found >= 0) {
                used[found] = true;
                double b = Math.PI * (way[found] - 1) / WAYS;
                double turn = Math.signum(Math.cos(b) * dx + Math.sin(b) * dy);
                dx = 0.6 * dx + 0.4 * turn * Math.cos(b);
                dy = 0.6 * dy + 0.4 * turn * Math.sin(b);
                length += gap;
                gap = 0;
            }
        }
        return length;
    }

    private static int near(byte[] way, int w, int h, double x, double y, double dx, double dy) {
        for (int r = 0; r <= 3; r++) {
            for (int j = (int) y - r; j <= y + r; j++) {
                for (int i = (int) x - r; i <= x + r; i++) {
                    if (i >= 0 && j >= 0 && i < w && j < h && way[j * w + i] > 0) {
                        double b = Math.PI * (way[j * w + i] - 1) / WAYS;
                        if (Math.abs(Math.cos(b) * dx + Math.sin(b) * dy) > 0.8) {
                            return j * w + i;
                        }
                    }
                }
            }
        }
        return -1;
    }
}
