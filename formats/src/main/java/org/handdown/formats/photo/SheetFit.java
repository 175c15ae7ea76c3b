package org.handdown.formats.photo;

import java.util.ArrayList;
import java.util.List;
import org.handdown.geometry.Point;
import org.handdown.measure.RefusedValueException;
import org.hipparchus.exception.MathRuntimeException;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresOptimizer;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;
import org.hipparchus.util.Pair;

/**
 * Fits a camera to what shows of a sheet: where it stands, how it is turned, its focal length, its lens and where its axis meets the picture,
 * and how far the sheet is from flat. What the sheet is too small to tell is held near what cameras and paper usually are, so that a sheet
 * creased by a millimetre bends no lens; and what stays unsure is handed on, as other views that might as well be true.
 *
 * <p>The usual values and how far they vary are common practice, no source: most telephones have 24 to 28 mm of a full frame and straighten
 * their pictures; paper that was folded once stands up by half a millimetre.
 */
final class SheetFit {
    private static final double CLOSE = 1e-7;
    private static final int MOST_STEPS = 80;
    private static final int POSE = 6;
    private static final int FOCAL = 6;
    private static final int BEND = 7;
    private static final int AXIS = 8;
    private static final int PAPER = 10;
    private static final int ALL = 15;

    /** In half diagonals: 26 mm over 21.6. */
    private static final double USUAL_FOCAL = 1.2;

    /** Logarithm of the focal length, lens, and axis in half diagonals: of a telephone's picture as it was taken. */
    private static final double[] USUAL = {0.25, 0.015, 0.008};
    /** Of any lens, and of a picture that was cut down. */
    private static final double[] ANY = {0.5, 0.06, 0.1};
    /** The usual camera is given up where another one explains so much more of what is seen, in squares of standard deviations. */
    private static final double BETTER_BY = 5;

    private static final double FINEST_OFF = 0.1;
    private static final double PAPER_VARIES_MM = 0.3;
    /** More than this, in standard deviations, is another thing; less but more than that a sheet that does not lie flat. */
    private static final double MOST_OFF = 8;

    private static final double MOST_TILT_DEG = 50;

    static final double MUCH_OFF = 5;

    private final List<Seen> seen;
    private final double wide;
    private final double high;
    private final PlaneView.Frame frame;
    private final double[] varies;
    private final double[][] turned = new double[3][3];

    /**
     * What was seen of the sheet.
     *
     * @param px and py: picture, pixels
     * @param at ring of table points whose middle shows there; one point for a corner or a place of a side
     * @param nx and ny: direction in the picture that the place is sure in; 0 and 0 where it is in both
     * @param offPx how sure: standard deviation, pixels
     */
    record Seen(double px, double py, List<Point> at, double nx, double ny, double offPx) {
        boolean isPlace() {
            return nx == 0 && ny == 0;
        }
    }

    /**
     * @param shaken views one standard deviation off, each in a direction of its own
     * @param offPx root mean square of what does not agree, in standard deviations
     * @param bulgeMm how high the sheet stands at its middle, by the best guess
     * @param tiltDeg of the camera from straight above
     */
    record Fitted(PlaneView view, List<PlaneView> shaken, double offPx, double bulgeMm, double tiltDeg) {
        /** Another rectangle can always be explained by a camera that looks along the table, and nobody takes panels so. */
        boolean isSheet() {
            return offPx < MOST_OFF && tiltDeg < MOST_TILT_DEG;
        }
    }

    private SheetFit(List<Seen> seen, KnownSheet sheet, int width, int height, double[] varies) {
        this.seen = seen;
        this.wide = sheet.widthMm();
        this.high = sheet.heightMm();
        this.frame = PlaneView.Frame.of(width, height);
        this.varies = varies;
    }

    /**
     * @param start a first view, without lens
     * @throws RefusedValueException where nothing sensible comes of it
     */
    static Fitted fit(List<Seen> seen, KnownSheet sheet, PlaneView start, int width, int height) {
        Fitted any = new SheetFit(seen, sheet, width, height, ANY).fitted(start);
        List<Seen> trusted = seen;
        double worse = any.offPx;
        if (worse > 1) {
            // What disagrees by more than it should is worth less against what cameras usually are.
            trusted = seen.stream()
                    .map(s -> new Seen(s.px, s.py, s.at, s.nx, s.ny, s.offPx * worse))
                    .toList();
            any = new SheetFit(trusted, sheet, width, height, ANY).fitted(start);
        }
        Fitted usual = new SheetFit(trusted, sheet, width, height, USUAL).fitted(start);
        double noise = Math.max(FINEST_OFF, any.offPx);
        double gained = seen.size() * (usual.offPx * usual.offPx - any.offPx * any.offPx) / noise / noise;
        Fitted best = gained > BETTER_BY ? any : usual;
        return new Fitted(best.view, best.shaken, best.offPx * Math.max(1, worse), best.bulgeMm, best.tiltDeg);
    }

    private Fitted fitted(PlaneView start) {
        double[] first = begun(start);
        LeastSquaresOptimizer.Optimum best;
        try {
            best = new LevenbergMarquardtOptimizer()
                    .optimize(new LeastSquaresBuilder()
                            .start(first)
                            .target(new double[rows()])
                            .model(this::model)
                            .checker((step, before, now) ->
                                    step > MOST_STEPS || before.getCost() - now.getCost() < CLOSE * (1 + now.getCost()))
                            .maxEvaluations(1_000)
                            .maxIterations(500)
                            .build());
            double[] p = best.getPoint().toArray();
            PlaneView view = view(p);
            double[] off = residuals(p);
            int data = off.length - (ALL - POSE);
            double square = 0;
            for (int i = 0; i < data; i++) {
                square += off[i] * off[i];
            }
            double rms = Math.sqrt(square / Math.max(1, data - POSE));
            double scale = Math.max(0.35, rms);
            RealMatrix root = new CholeskyDecomposition(symmetric(best.getCovariances(1e-18)), 1e-9, 0).getL();
            List<PlaneView> shaken = new ArrayList<>();
            for (int j = 0; j < ALL; j++) {
                double[] q = p.clone();
                for (int i = 0; i < ALL; i++) {
                    q[i] += scale * root.getEntry(i, j);
                }
                shaken.add(view(q));
            }
            double bulge = height(p, wide / 2, high / 2);
            double tilt = Math.toDegrees(Math.acos(Math.min(1, Math.abs(rotation(p)[2][2]))));
            return new Fitted(view, shaken, rms, bulge, tilt);
        } catch (MathRuntimeException e) {
            throw PlaneView.noView();
        }
    }

    private static RealMatrix symmetric(RealMatrix m) {
        RealMatrix even = m.add(m.transpose()).scalarMultiply(0.5);
        for (int i = 0; i < even.getRowDimension(); i++) {
            even.addToEntry(i, i, 1e-14);
        }
        return even;
    }

    private int rows() {
        int rows = ALL - POSE;
        for (Seen s : seen) {
            rows += s.isPlace() ? 2 : 1;
        }
        return rows;
    }

    /** The camera's stand and turn by a first view, for the usual focal length (Zhang, 2000). */
    private double[] begun(PlaneView start) {
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

    private Pair<RealVector, RealMatrix> model(RealVector at) {
        double[] p = at.toArray();
        double[] value = residuals(p);
        double[][] slope = new double[value.length][ALL];
        for (int j = 0; j < ALL; j++) {
            double step = j >= 3 && j < POSE || j >= PAPER ? 1e-3 : 1e-6;
            double[] q = p.clone();
            q[j] += step;
            double[] more = residuals(q);
            q[j] -= 2 * step;
            double[] less = residuals(q);
            for (int i = 0; i < value.length; i++) {
                slope[i][j] = (more[i] - less[i]) / (2 * step);
            }
        }
        return new Pair<>(new ArrayRealVector(value), new Array2DRowRealMatrix(slope));
    }

    /** In standard deviations: what was seen first, then how far the camera and the paper are from the usual. */
    private double[] residuals(double[] p) {
        double[] value = new double[rows()];
        double[][] r = rotation(p);
        int k = 0;
        for (Seen s : seen) {
            Point there = middle(p, r, s.at);
            Point here = straightened(p, s.px, s.py);
            double dx = (here.x() - there.x()) * frame.unit() / s.offPx;
            double dy = (here.y() - there.y()) * frame.unit() / s.offPx;
            if (s.isPlace()) {
                value[k++] = dx;
                value[k++] = dy;
            } else {
                value[k++] = dx * s.nx + dy * s.ny;
            }
        }
        value[k++] = p[FOCAL] / varies[0];
        value[k++] = p[BEND] / varies[1];
        value[k++] = p[AXIS] / varies[2];
        value[k++] = p[AXIS + 1] / varies[2];
        for (int i = PAPER; i < ALL; i++) {
            value[k++] = p[i] / PAPER_VARIES_MM;
        }
        return value;
    }

    /** Of the ring as it shows, freed of the lens, half diagonals from the axis: what is seen of a square is its middle in the picture. */
    private Point middle(double[] p, double[][] r, List<Point> ring) {
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
    private double height(double[] p, double x, double y) {
        double u = 2 * x / wide - 1;
        double v = 2 * y / high - 1;
        return p[PAPER] * (1 - u * u)
                + p[PAPER + 1] * (1 - v * v)
                + p[PAPER + 2] * u * v
                + p[PAPER + 3] * (1 - Math.abs(u))
                + p[PAPER + 4] * (1 - Math.abs(v));
    }

    private Point straightened(double[] p, double px, double py) {
        Point s = frame.seen(px, py).minus(new Point(p[AXIS], p[AXIS + 1]));
        return s.times(1 + p[BEND] * s.dot(s));
    }

    /** A small turn about an axis (Rodrigues) before the first one. */
    private double[][] rotation(double[] p) {
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
    private PlaneView view(double[] p) {
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
