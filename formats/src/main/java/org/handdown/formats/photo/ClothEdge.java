package org.handdown.formats.photo;

import boofcv.struct.image.GrayF32;
import georegression.struct.point.Point2D_I32;
import java.util.ArrayList;
import java.util.List;
import org.handdown.geometry.Point;

/** Moves the steps of a followed contour to where cloth and table really meet. */
record ClothEdge(FlatPhoto photo) {
    private static final double REACH_MM = 5;
    private static final double STEP_MM = 0.25;
    private static final double LEAST_EDGE = 0.06;

    /** The contour every two pixels, each point moved square to it to where the middle between cloth and table is passed. */
    List<Point> refined(List<Point2D_I32> contour, GrayF32 far, double level) {
        int n = contour.size();
        int span = (int) Math.max(3, Math.round(4 / photo.mmPerPixel()));
        List<Point> line = new ArrayList<>();
        for (int k = 0; k < n; k += 2) {
            Point2D_I32 a = contour.get(Math.floorMod(k - span, n));
            Point2D_I32 b = contour.get((k + span) % n);
            Point way = new Point(b.x - a.x, b.y - a.y);
            Point2D_I32 c = contour.get(k);
            if (way.lengthMm() < 1) {
                continue;
            }
            Point out = way.right().times(1 / way.lengthMm());
            Point at = new Point(c.x + 0.5, c.y + 0.5);
            double moved = passing(far, at, out, level);
            if (!Double.isNaN(moved)) {
                Point p = at.plus(out.times(moved));
                line.add(photo.toTable(p.x(), p.y()));
            }
        }
        return thinned(line);
    }

    /**
     * Pixels along a direction to where half of the colour is the one side's and half the other's. In linear light a blurred edge mixes the
     * two by their shares, so that blur does not move it.
     */
    private double passing(GrayF32 far, Point at, Point out, double level) {
        int reach = (int) Math.round(REACH_MM / STEP_MM);
        double step = STEP_MM / photo.mmPerPixel();
        double[][] c = new double[2 * reach + 1][3];
        double[] d = new double[c.length];
        for (int i = 0; i < c.length; i++) {
            double x = at.x() + out.x() * (i - reach) * step;
            double y = at.y() + out.y() * (i - reach) * step;
            d[i] = Sampling.at(far, x, y);
            if (Double.isNaN(d[i]) || !colour(x, y, c[i])) {
                return Double.NaN;
            }
        }
        double middle = towardsOther(c, d) ? 0.5 : level;
        double best = Double.NaN;
        for (int i = 0; i + 1 < d.length; i++) {
            if ((d[i] - middle) * (d[i + 1] - middle) <= 0 && d[i] != d[i + 1]) {
                double where = (i + (middle - d[i]) / (d[i + 1] - d[i]) - reach) * step;
                if (Double.isNaN(best) || Math.abs(where) < Math.abs(best)) {
                    best = where;
                }
            }
        }
        return best;
    }

    /** Without points that the moving brought onto or behind their neighbours. */
    private static List<Point> thinned(List<Point> line) {
        List<Point> kept = new ArrayList<>();
        for (Point p : line) {
            if (kept.isEmpty() || kept.get(kept.size() - 1).distanceMm(p) > 0.6) {
                kept.add(p);
            }
        }
        boolean changed = true;
        while (changed && kept.size() > 20) {
            changed = false;
            for (int i = 0; i < kept.size(); i++) {
                Point a = kept.get(Math.floorMod(i - 1, kept.size()));
                Point b = kept.get(i);
                Point c = kept.get((i + 1) % kept.size());
                if (b.minus(a).dot(c.minus(b)) < 0) {
                    kept.remove(i);
                    changed = true;
                }
            }
        }
        return kept;
    }

    /** Tells each colour by how far it is on the way from the one side's to the other's, where these differ enough. */
    private static boolean towardsOther(double[][] c, double[] d) {
        int side = (int) Math.round(1.5 / STEP_MM);
        double[] one = mean(c, 0, side);
        double[] other = mean(c, c.length - side, c.length);
        double[] way = {other[0] - one[0], other[1] - one[1], other[2] - one[2]};
        double square = way[0] * way[0] + way[1] * way[1] + way[2] * way[2];
        if (square > LEAST_EDGE * LEAST_EDGE * (one[0] + one[1] + one[2] + other[0] + other[1] + other[2])) {
            for (int i = 0; i < c.length; i++) {
                d[i] = ((c[i][0] - one[0]) * way[0] + (c[i][1] - one[1]) * way[1] + (c[i][2] - one[2]) * way[2])
                        / square;
            }
            return true;
        }
        return false;
    }

    private static double[] mean(double[][] c, int from, int to) {
        double[] sum = new double[3];
        for (int i = from; i < to; i++) {
            for (int n = 0; n < 3; n++) {
                sum[n] += c[i][n] / (to - from);
            }
        }
        return sum;
    }

    private boolean colour(double x, double y, double[] into) {
        int i = (int) Math.floor(x - 0.5);
        int j = (int) Math.floor(y - 0.5);
        if (i < 0 || j < 0 || i + 1 >= photo.width() || j + 1 >= photo.height()) {
            return false;
        }
        double a = x - 0.5 - i;
        double b = y - 0.5 - j;
        int k = j * photo.width() + i;
        int[] around = {k, k + 1, k + photo.width(), k + photo.width() + 1};
        double[] weight = {(1 - a) * (1 - b), a * (1 - b), (1 - a) * b, a * b};
        for (int n = 0; n < 4; n++) {
            if (!photo.shows(around[n])) {
                return false;
            }
            into[0] += weight[n] * photo.red()[around[n]];
            into[1] += weight[n] * photo.green()[around[n]];
            into[2] += weight[n] * photo.blue()[around[n]];
        }
        return true;
    }
}
