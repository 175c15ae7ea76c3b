package org.handdown.formats.photo;

import java.util.List;
import org.handdown.geometry.Point;

/**
 * A camera over a sheet of paper by its {@link #ALL} figures: turn and stand, logarithm of the focal length over the usual, lens, axis, and
 * how the paper stands up from the table. Lengths in mm, the picture in half diagonals.
 */
final class SheetCamera {
    static final int POSE = 6;
    static final int FOCAL = 6;
    static final int BEND = 7;
    static final int AXIS = 8;
    static final int PAPER = 10;
    static final int ALL = 15;

    /** In half diagonals: 26 mm over 21.6. */
    private static final double USUAL_FOCAL = 1.2;

    private final double wide;
    private final double high;
    private final PlaneView.Frame frame;
    private final double[][] turned = new double[3][3];

    SheetCamera(KnownSheet sheet, int width, int height) {
        this.wide = sheet.widthMm();
        this.high = sheet.heightMm();
        this.frame = PlaneView.Frame.of(width, height);
    }

    /** Pixels in half a diagonal. */
    double unit() {
        return frame.unit();
    }

    double bulgeMm(double[] p) {
        return height(p, wide / 2, high / 2);
    }

    double tiltDeg(double[] p) {
        return Math.toDegrees(Math.acos(Math.min(1, Math.abs(rotation(p)[2][2]))));
    }

    /** The camera's stand and turn by a first view, for the usual focal length (Zhang, 2000). */
    double[] begun(PlaneView start) {
        double[] m = start.fromTable();
        double[][] column = new double[3][3];
        for (int j = 0; j < 3; j++) {
            column[j] = new double[] {m[j] / USUAL_FOCAL, m[3 + j] / USUAL_FOCAL, m[6 + j]};
        }
        double scale = 2 / (length(column[0]) + length(column[1]));
        scale *= Math.signum(column[2][2]);
        double[] x = unit(times(column[0], scale));
        double[] y = times(column[1], scale);
        double[] z = unit(cross(x, y));
        double[] straight = cross(z, x);
        for (int i = 0; i < 3; i++) {
            turned[i][0] = x[i];
            turned[i][1] = straight[i];
            turned[i][2] = z[i];
        }
        double[] p = new double[ALL];
        for (int i = 0; i < 3; i++) {
            p[3 + i] = scale * column[2][i];
        }
        return p;
    }

    /** Of the ring as it shows, freed of the lens, half diagonals from the axis: what is seen of a square is its middle in the picture. */
    Point middle(double[] p, double[][] r, List<Point> ring) {
        if (ring.size() == 1) {
            return projected(p, r, ring.get(0));
        }
        List<Point> shown = ring.stream().map(q -> projected(p, r, q)).toList();
        double area = 0;
        double x = 0;
        double y = 0;
        for (int i = 0; i < shown.size(); i++) {
            Point a = shown.get(i);
            Point b = shown.get((i + 1) % shown.size());
            double c = a.cross(b);
            area += c;
            x += (a.x() + b.x()) * c;
            y += (a.y() + b.y()) * c;
        }
        return new Point(x / (3 * area), y / (3 * area));
    }

    private Point projected(double[] p, double[][] r, Point q) {
        double z = height(p, q.x(), q.y());
        double[] c = new double[3];
        for (int i = 0; i < 3; i++) {
            c[i] = r[i][0] * q.x() + r[i][1] * q.y() + r[i][2] * z + p[3 + i];
        }
        double f = USUAL_FOCAL * Math.exp(p[FOCAL]);
        return new Point(f * c[0] / c[2], f * c[1] / c[2]);
    }

    /** Of the paper over the table: two bows, a twist, and a fold across its middle either way. */
    double height(double[] p, double x, double y) {
        double u = 2 * x / wide - 1;
        double v = 2 * y / high - 1;
        return p[PAPER] * (1 - u * u)
                + p[PAPER + 1] * (1 - v * v)
                + p[PAPER + 2] * u * v
                + p[PAPER + 3] * (1 - Math.abs(u))
                + p[PAPER + 4] * (1 - Math.abs(v));
    }

    Point straightened(double[] p, double px, double py) {
        Point s = frame.seen(px, py).minus(new Point(p[AXIS], p[AXIS + 1]));
        return s.times(1 + p[BEND] * s.dot(s));
    }

    /** A small turn about an axis (Rodrigues) before the first one. */
    double[][] rotation(double[] p) {
        double angle = Math.sqrt(p[0] * p[0] + p[1] * p[1] + p[2] * p[2]);
        double s = angle < 1e-9 ? 1 : Math.sin(angle) / angle;
        double c = angle < 1e-9 ? 0.5 : (1 - Math.cos(angle)) / angle / angle;
        double[][] k = {{0, -p[2], p[1]}, {p[2], 0, -p[0]}, {-p[1], p[0], 0}};
        double[][] small = new double[3][3];
        for (int i = 0; i < 3; i++) {
            for (int j = 0; j < 3; j++) {
                double square = k[i][0] * k[0][j] + k[i][1] * k[1][j] + k[i][2] * k[2][j];
                small[i][j] = (i == j ? 1 : 0) + s * k[i][j] + c * square;
            }
        }
        double[][] r = new double[3][3];
        for (int i = 0; i < 3; i++) {
            for (int j = 0; j < 3; j++) {
                r[i][j] = small[i][0] * turned[0][j] + small[i][1] * turned[1][j] + small[i][2] * turned[2][j];
            }
        }
        return r;
    }

    /** Of the flat table. */
    PlaneView view(double[] p) {
        double[][] r = rotation(p);
        double f = USUAL_FOCAL * Math.exp(p[FOCAL]);
        double[] m = {f * r[0][0], f * r[0][1], f * p[3], f * r[1][0], f * r[1][1], f * p[4], r[2][0], r[2][1], p[5]};
        for (int i = 0; i < m.length; i++) {
            // Around 1, so that turning it round loses nothing.
            m[i] /= p[5];
        }
        PlaneView.Frame there = new PlaneView.Frame(
                frame.cx() + p[AXIS] * frame.unit(), frame.cy() + p[AXIS + 1] * frame.unit(), frame.unit());
        return new PlaneView(PlaneView.inverse(m), p[BEND], there);
    }

    private static double[] cross(double[] a, double[] b) {
        return new double[] {a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0]};
    }

    private static double length(double[] a) {
        return Math.sqrt(a[0] * a[0] + a[1] * a[1] + a[2] * a[2]);
    }

    private static double[] unit(double[] a) {
        return times(a, 1 / length(a));
    }

    private static double[] times(double[] a, double by) {
        return new double[] {a[0] * by, a[1] * by, a[2] * by};
    }
}
