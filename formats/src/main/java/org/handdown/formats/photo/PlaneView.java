package org.handdown.formats.photo;

import boofcv.alg.geo.h.HomographyDirectLinearTransform;
import boofcv.struct.geo.AssociatedPair;
import java.util.ArrayList;
import java.util.List;
import org.ejml.data.DMatrixRMaj;
import org.handdown.geometry.Point;
import org.handdown.measure.RefusedValueException;
import org.hipparchus.exception.MathRuntimeException;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;
import org.hipparchus.util.Pair;

/**
 * How a table lies in a picture: a homography from the picture, freed of its lens's bend, to the table. The lens is one term of radial
 * distortion about the picture's middle: undistorted = seen · (1 + bend · r²), r in half diagonals.
 */
public final class PlaneView {
    private static final int LENS = 8;

    private final double[] p;
    private final double cx;
    private final double cy;
    private final double unit;
    private final double[] back;

    private PlaneView(double[] parameters, int width, int height) {
        this.p = parameters.clone();
        this.cx = width / 2.0;
        this.cy = height / 2.0;
        this.unit = Math.hypot(width, height) / 2;
        this.back = inverse(p);
    }

    /**
     * Something known about a place in the picture.
     *
     * @param x and y: table, mm; NaN where only the other one is known, as along a sheet's side
     */
    public record Sighting(double px, double py, double x, double y) {}

    /**
     * Fits the view to what is known. Four corners fix it; with more it is adjusted by least squares, and the lens with it.
     *
     * @param withLens whether there is enough to tell the lens's bend
     * @throws RefusedValueException where the corners make no view, for example three of them in one line
     */
    public static PlaneView of(List<Sighting> known, boolean withLens, int width, int height) {
        PlaneView frame = new PlaneView(new double[] {1, 0, 0, 0, 1, 0, 0, 0, 0}, width, height);
        List<AssociatedPair> pairs = new ArrayList<>();
        for (Sighting s : known) {
            if (!Double.isNaN(s.x) && !Double.isNaN(s.y)) {
                Point u = frame.seen(s.px, s.py);
                pairs.add(new AssociatedPair(u.x(), u.y(), s.x, s.y));
            }
        }
        DMatrixRMaj h = new DMatrixRMaj(3, 3);
        if (pairs.size() < 4
                || !new HomographyDirectLinearTransform(true).process(pairs, h)
                || Math.abs(h.get(2, 2)) < 1e-12) {
            throw noView();
        }
        double[] first = new double[LENS + 1];
        for (int i = 0; i < LENS; i++) {
            first[i] = h.get(i / 3, i % 3) / h.get(2, 2);
        }
        PlaneView view = new PlaneView(first, width, height);
        if (known.size() > 4) {
            view = view.adjusted(known, withLens, width, height);
        }
        if (view.turnsOver()) {
            throw noView();
        }
        return view;
    }

    private static RefusedValueException noView() {
        return new RefusedValueException(
                "corners", "These four corners make no sheet seen from above; put each on its own corner, in order.");
    }

    /** Seen from above, a table's y up is a picture's y down: anything else is a sheet seen through the table. */
    private boolean turnsOver() {
        Point o = toTable(cx, cy);
        Point right = toTable(cx + 1, cy).minus(o);
        Point down = toTable(cx, cy + 1).minus(o);
        double turn = right.cross(down);
        return !(turn < 0) || back.length == 0;
    }

    /** Adjusted to what else is known, by least squares; stays as it is where that leads nowhere. */
    PlaneView adjusted(List<Sighting> known, boolean withLens, int width, int height) {
        int free = withLens ? LENS + 1 : LENS;
        int rows = 0;
        for (Sighting s : known) {
            rows += (Double.isNaN(s.x) ? 0 : 1) + (Double.isNaN(s.y) ? 0 : 1);
        }
        double[] target = new double[rows];
        int k = 0;
        for (Sighting s : known) {
            if (!Double.isNaN(s.x)) {
                target[k++] = s.x;
            }
            if (!Double.isNaN(s.y)) {
                target[k++] = s.y;
            }
        }
        double[] start = new double[free];
        System.arraycopy(p, 0, start, 0, free);
        try {
            RealVector best = new LevenbergMarquardtOptimizer()
                    .optimize(new LeastSquaresBuilder()
                            .start(start)
                            .target(target)
                            .model(at -> row(at, known, width, height))
                            .maxEvaluations(300)
                            .maxIterations(200)
                            .build())
                    .getPoint();
            return new PlaneView(padded(best.toArray()), width, height);
        } catch (MathRuntimeException e) {
            return this;
        }
    }

    private static double[] padded(double[] some) {
        double[] all = new double[LENS + 1];
        System.arraycopy(some, 0, all, 0, some.length);
        return all;
    }

    private static Pair<RealVector, RealMatrix> row(RealVector at, List<Sighting> known, int width, int height) {
        double[] parameters = at.toArray();
        double[] value = values(parameters, known, width, height);
        double[][] jacobian = new double[value.length][parameters.length];
        for (int j = 0; j < parameters.length; j++) {
            double step = Math.max(1e-7, Math.abs(parameters[j]) * 1e-6);
            double[] more = parameters.clone();
            more[j] += step;
            double[] less = parameters.clone();
            less[j] -= step;
            double[] up = values(more, known, width, height);
            double[] down = values(less, known, width, height);
            for (int i = 0; i < value.length; i++) {
                jacobian[i][j] = (up[i] - down[i]) / (2 * step);
            }
        }
        return new Pair<>(new ArrayRealVector(value), new Array2DRowRealMatrix(jacobian));
    }

    private static double[] values(double[] parameters, List<Sighting> known, int width, int height) {
        PlaneView view = new PlaneView(padded(parameters), width, height);
        List<Double> values = new ArrayList<>();
        for (Sighting s : known) {
            Point q = view.toTable(s.px, s.py);
            if (!Double.isNaN(s.x)) {
                values.add(q.x());
            }
            if (!Double.isNaN(s.y)) {
                values.add(q.y());
            }
        }
        return values.stream().mapToDouble(Double::doubleValue).toArray();
    }

    /** The same view with the table turned and shifted. */
    PlaneView moved(double turnDeg, double dx, double dy, int width, int height) {
        Point x = Point.towards(turnDeg);
        double[] q = new double[LENS + 1];
        for (int j = 0; j < 3; j++) {
            double a = p[j];
            double b = p[3 + j];
            double c = j == 2 ? 1 : p[6 + j];
            q[j] = x.x() * a - x.y() * b + dx * c;
            q[3 + j] = x.y() * a + x.x() * b + dy * c;
        }
        q[6] = p[6];
        q[7] = p[7];
        q[LENS] = p[LENS];
        return new PlaneView(q, width, height);
    }

    /** How much the lens bends: share by which a point half a diagonal out is seen too near the middle. */
    public double bend() {
        return p[LENS];
    }

    /** In half diagonals from the middle, still bent. */
    private Point seen(double px, double py) {
        return new Point((px - cx) / unit, (py - cy) / unit);
    }

    /** From a place in the picture to the table, mm. */
    public Point toTable(double px, double py) {
        Point s = seen(px, py);
        double straight = 1 + p[LENS] * s.dot(s);
        return mapped(p, s.x() * straight, s.y() * straight);
    }

    private static Point mapped(double[] h, double x, double y) {
        double w = h[6] * x + h[7] * y + (h.length > LENS + 1 ? h[LENS + 1] : 1);
        return new Point((h[0] * x + h[1] * y + h[2]) / w, (h[3] * x + h[4] * y + h[5]) / w);
    }

    /** From the table to the picture, pixels; the lens's bend is undone by fixed-point steps. */
    public Point toPicture(Point onTable) {
        Point u = mapped(back, onTable.x(), onTable.y());
        Point s = u;
        for (int i = 0; i < 8; i++) {
            s = u.times(1 / (1 + p[LENS] * s.dot(s)));
        }
        return new Point(s.x() * unit + cx, s.y() * unit + cy);
    }

    /** Of the homography, with its own last element instead of 1. */
    private static double[] inverse(double[] p) {
        double[] m = {p[0], p[1], p[2], p[3], p[4], p[5], p[6], p[7], 1};
        double a = m[4] * m[8] - m[5] * m[7];
        double b = m[5] * m[6] - m[3] * m[8];
        double c = m[3] * m[7] - m[4] * m[6];
        double det = m[0] * a + m[1] * b + m[2] * c;
        if (Math.abs(det) < 1e-15) {
            return new double[0];
        }
        return new double[] {
            a / det,
            (m[2] * m[7] - m[1] * m[8]) / det,
            (m[1] * m[5] - m[2] * m[4]) / det,
            b / det,
            (m[0] * m[8] - m[2] * m[6]) / det,
            (m[2] * m[3] - m[0] * m[5]) / det,
            c / det,
            (m[1] * m[6] - m[0] * m[7]) / det,
            p[LENS],
            (m[0] * m[4] - m[1] * m[3]) / det
        };
    }
}
