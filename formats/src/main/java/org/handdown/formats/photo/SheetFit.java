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
    private final SheetCamera camera;
    private final double[] varies;

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
        this.camera = new SheetCamera(sheet, width, height);
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
        double[] first = camera.begun(start);
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
            PlaneView view = camera.view(p);
            double[] off = residuals(p);
            int data = off.length - (SheetCamera.ALL - SheetCamera.POSE);
            double square = 0;
            for (int i = 0; i < data; i++) {
                square += off[i] * off[i];
            }
            double rms = Math.sqrt(square / Math.max(1, data - SheetCamera.POSE));
            double scale = Math.max(0.35, rms);
            RealMatrix root = new CholeskyDecomposition(symmetric(best.getCovariances(1e-18)), 1e-9, 0).getL();
            List<PlaneView> shaken = new ArrayList<>();
            for (int j = 0; j < SheetCamera.ALL; j++) {
                double[] q = p.clone();
                for (int i = 0; i < SheetCamera.ALL; i++) {
                    q[i] += scale * root.getEntry(i, j);
                }
                shaken.add(camera.view(q));
            }
            double bulge = camera.bulgeMm(p);
            double tilt = camera.tiltDeg(p);
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
        int rows = SheetCamera.ALL - SheetCamera.POSE;
        for (Seen s : seen) {
            rows += s.isPlace() ? 2 : 1;
        }
        return rows;
    }

    private Pair<RealVector, RealMatrix> model(RealVector at) {
        double[] p = at.toArray();
        double[] value = residuals(p);
        double[][] slope = new double[value.length][SheetCamera.ALL];
        for (int j = 0; j < SheetCamera.ALL; j++) {
            double step = j >= 3 && j < SheetCamera.POSE || j >= SheetCamera.PAPER ? 1e-3 : 1e-6;
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
        double[][] r = camera.rotation(p);
        int k = 0;
        for (Seen s : seen) {
            Point there = camera.middle(p, r, s.at);
            Point here = camera.straightened(p, s.px, s.py);
            double dx = (here.x() - there.x()) * camera.unit() / s.offPx;
            double dy = (here.y() - there.y()) * camera.unit() / s.offPx;
            if (s.isPlace()) {
                value[k++] = dx;
                value[k++] = dy;
            } else {
                value[k++] = dx * s.nx + dy * s.ny;
            }
        }
        value[k++] = p[SheetCamera.FOCAL] / varies[0];
        value[k++] = p[SheetCamera.BEND] / varies[1];
        value[k++] = p[SheetCamera.AXIS] / varies[2];
        value[k++] = p[SheetCamera.AXIS + 1] / varies[2];
        for (int i = SheetCamera.PAPER; i < SheetCamera.ALL; i++) {
            value[k++] = p[i] / PAPER_VARIES_MM;
        }
        return value;
    }
}
