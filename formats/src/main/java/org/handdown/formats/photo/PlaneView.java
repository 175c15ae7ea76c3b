package org.handdown.formats.photo;

import boofcv.alg.geo.h.HomographyDirectLinearTransform;
import boofcv.struct.geo.AssociatedPair;
import java.util.ArrayList;
import java.util.List;
import org.ejml.data.DMatrixRMaj;
import org.handdown.geometry.Point;
import org.handdown.measure.RefusedValueException;

/**
 * How a table lies in a picture: a homography from the picture, freed of its lens's bend, to the table. The lens is one term of radial
 * distortion about where its axis meets the picture: undistorted = seen · (1 + bend · r²), r in half diagonals.
 */
public final class PlaneView {
    private final double[] h;
    private final double[] back;
    private final double bend;
    private final Frame frame;

    /**
     * Pixels as half diagonals from the lens's axis, y down.
     *
     * @param cx and cy: where the axis meets the picture, pixels
     * @param unit half the picture's diagonal, pixels
     */
    record Frame(double cx, double cy, double unit) {
        static Frame of(int width, int height) {
            return new Frame(width / 2.0, height / 2.0, Math.hypot(width, height) / 2);
        }

        Point seen(double px, double py) {
            return new Point((px - cx) / unit, (py - cy) / unit);
        }
    }

    /**
     * @param toTable row by row, from undistorted places in half diagonals to the table, mm
     * @throws RefusedValueException where it cannot be turned round
     */
    PlaneView(double[] toTable, double bend, Frame frame) {
        this.h = toTable.clone();
        this.bend = bend;
        this.frame = frame;
        this.back = inverse(h);
    }

    /**
     * Something known about a place in the picture.
     *
     * @param x and y: table, mm
     */
    public record Sighting(double px, double py, double x, double y) {}

    /**
     * The view that four places or more fix, without a lens.
     *
     * @throws RefusedValueException where they make no view, for example three of four in one line
     */
    public static PlaneView of(List<Sighting> known, int width, int height) {
        Frame frame = Frame.of(width, height);
        List<AssociatedPair> pairs = new ArrayList<>();
        for (Sighting s : known) {
            Point u = frame.seen(s.px, s.py);
            pairs.add(new AssociatedPair(u.x(), u.y(), s.x, s.y));
        }
        DMatrixRMaj found = new DMatrixRMaj(3, 3);
        if (pairs.size() < 4
                || !new HomographyDirectLinearTransform(true).process(pairs, found)
                || Math.abs(found.get(2, 2)) < 1e-12) {
            throw noView();
        }
        double[] h = new double[9];
        for (int i = 0; i < h.length; i++) {
            h[i] = found.get(i / 3, i % 3) / found.get(2, 2);
        }
        PlaneView view = new PlaneView(h, 0, frame);
        if (view.turnsOver()) {
            throw noView();
        }
        return view;
    }

    static RefusedValueException noView() {
        return new RefusedValueException(
                "corners", "These four corners make no sheet seen from above; put each on its own corner, in order.");
    }

    /** Seen from above, a table's y up is a picture's y down: anything else is a sheet seen through the table. */
    private boolean turnsOver() {
        Point o = toTable(frame.cx, frame.cy);
        Point right = toTable(frame.cx + 1, frame.cy).minus(o);
        Point down = toTable(frame.cx, frame.cy + 1).minus(o);
        return !(right.cross(down) < 0);
    }

    /** The same view with the table turned and shifted. */
    PlaneView moved(double turnDeg, double dx, double dy) {
        Point x = Point.unit(turnDeg);
        double[] q = new double[9];
        for (int j = 0; j < 3; j++) {
            q[j] = x.x() * h[j] - x.y() * h[3 + j] + dx * h[6 + j];
            q[3 + j] = x.y() * h[j] + x.x() * h[3 + j] + dy * h[6 + j];
            q[6 + j] = h[6 + j];
        }
        return new PlaneView(q, bend, frame);
    }

    /** How much the lens bends: share by which a point half a diagonal out is seen too near the middle. */
    public double bend() {
        return bend;
    }

    Frame frame() {
        return frame;
    }

    /** From the table to undistorted places, row by row. */
    double[] fromTable() {
        return back.clone();
    }

    /** From a place in the picture to the table, mm. */
    public Point toTable(double px, double py) {
        Point s = frame.seen(px, py);
        return mapped(h, s.times(1 + bend * s.dot(s)));
    }

    private static Point mapped(double[] m, Point p) {
        double w = m[6] * p.x() + m[7] * p.y() + m[8];
        return new Point((m[0] * p.x() + m[1] * p.y() + m[2]) / w, (m[3] * p.x() + m[4] * p.y() + m[5]) / w);
    }

    /** From the table to the picture, pixels; the lens's bend is undone by fixed-point steps. */
    public Point toPicture(Point onTable) {
        Point u = mapped(back, onTable);
        Point s = u;
        for (int i = 0; i < 8; i++) {
            s = u.times(1 / (1 + bend * s.dot(s)));
        }
        return new Point(s.x() * frame.unit + frame.cx, s.y() * frame.unit + frame.cy);
    }

    static double[] inverse(double[] m) {
        double a = m[4] * m[8] - m[5] * m[7];
        double b = m[5] * m[6] - m[3] * m[8];
        double c = m[3] * m[7] - m[4] * m[6];
        double det = m[0] * a + m[1] * b + m[2] * c;
        if (!(Math.abs(det) > 1e-15)) {
            throw noView();
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
            (m[0] * m[4] - m[1] * m[3]) / det
        };
    }
}
