package org.handdown.formats.outline;

import java.util.ArrayList;
import java.util.List;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Point;
import org.handdown.geometry.Segment;
import org.handdown.measure.RefusedValueException;
import org.jspecify.annotations.Nullable;

/**
 * A B-spline of a DXF. Up to degree three without weights it becomes exactly its Bézier curves, by raising each knot's multiplicity
 * (Boehm's insertion, from memory); any other is followed point by point (de Boor's steps in homogeneous coordinates, from memory).
 */
final class DxfSpline {
    private static final int HIGHEST_DEGREE = 15;
    /** Points a span, for those that are followed. */
    private static final int STEPS = 24;

    private final int degree;
    private final List<Double> knots;
    private final List<Point> control;
    private final List<Double> weights;

    private DxfSpline(DxfEntity e) {
        degree = e.whole(71, 3);
        knots = new ArrayList<>(e.numbers(40));
        control = new ArrayList<>(e.points(10));
        weights = e.numbers(41);
    }

    /** @throws RefusedValueException for what is no spline */
    static List<Segment> segments(DxfEntity e) {
        DxfSpline spline = new DxfSpline(e);
        List<Point> through = e.points(11);
        if (spline.control.isEmpty() && through.size() > 1) {
            return Edge.smooth("", through).segments();
        }
        return spline.segments();
    }

    private List<Segment> segments() {
        if (degree < 1
                || degree > HIGHEST_DEGREE
                || control.size() <= degree
                || knots.size() != control.size() + degree + 1
                || !weights.isEmpty() && weights.size() != control.size()) {
            throw refused();
        }
        for (int i = 0; i + 1 < knots.size(); i++) {
            if (knots.get(i) > knots.get(i + 1)) {
                throw refused();
            }
        }
        boolean isPlain = weights.isEmpty() || weights.stream().allMatch(w -> Math.abs(w - weights.get(0)) < 1e-9);
        return isPlain && degree <= 3 ? curves() : followed();
    }

    private static RefusedValueException refused() {
        return new RefusedValueException("file", "It is a spline that cannot be read; save it as polylines.");
    }

    private List<Segment> curves() {
        double first = knots.get(degree);
        double last = knots.get(control.size());
        List<Double> distinct =
                knots.stream().filter(k -> k >= first && k <= last).distinct().toList();
        for (double knot : distinct) {
            while (knots.stream().filter(k -> k == knot).count() < degree) {
                insert(knot);
            }
        }
        // Where every knot stands as often as the degree, the control points are those of joined Bézier curves.
        int often = (int) knots.stream().filter(k -> k == first).count();
        int start = knots.indexOf(first) + often - degree - 1;
        List<Segment> segments = new ArrayList<>();
        for (int i = 0; i < distinct.size() - 1; i++) {
            int c = start + i * degree;
            if (c < 0 || c + degree >= control.size()) {
                throw refused();
            }
            Point p = control.get(c);
            Point q = control.get(c + degree);
            segments.add(
                    switch (degree) {
                        case 1 -> new Segment.Line(p, q);
                        case 2 ->
                            new Segment.Cubic(
                                    p,
                                    p.between(control.get(c + 1), 2.0 / 3),
                                    q.between(control.get(c + 1), 2.0 / 3),
                                    q);
                        default -> new Segment.Cubic(p, control.get(c + 1), control.get(c + 2), q);
                    });
        }
        return segments;
    }

    private void insert(double t) {
        int k = 0;
        while (k + 1 < knots.size() && knots.get(k + 1) <= t) {
            k++;
        }
        k = Math.min(k, control.size() - 1);
        List<Point> next = new ArrayList<>();
        for (int i = 0; i <= control.size(); i++) {
            if (i <= k - degree) {
                next.add(control.get(i));
            } else if (i > k) {
                next.add(control.get(i - 1));
            } else {
                double low = knots.get(i);
                double high = knots.get(i + degree);
                double share = high == low ? 0 : (t - low) / (high - low);
                next.add(control.get(i - 1).between(control.get(i), share));
            }
        }
        control.clear();
        control.addAll(next);
        knots.add(k + 1, t);
    }

    private List<Segment> followed() {
        List<Segment> segments = new ArrayList<>();
        @Nullable Point before = null;
        for (int span = degree; span < control.size(); span++) {
            double from = knots.get(span);
            double to = knots.get(span + 1);
            if (to <= from) {
                continue;
            }
            for (int i = before == null ? 0 : 1; i <= STEPS; i++) {
                Point p = at(span, from + (to - from) * i / STEPS);
                if (before != null) {
                    segments.add(new Segment.Line(before, p));
                }
                before = p;
            }
        }
        return segments;
    }

    private Point at(int span, double t) {
        double[][] d = new double[degree + 1][];
        for (int i = 0; i <= degree; i++) {
            Point p = control.get(span - degree + i);
            double w = weights.isEmpty() ? 1 : weights.get(span - degree + i);
            d[i] = new double[] {p.x() * w, p.y() * w, w};
        }
        for (int r = 1; r <= degree; r++) {
            for (int i = degree; i >= r; i--) {
                double low = knots.get(span - degree + i);
                double high = knots.get(i + 1 + span - r);
                double share = high == low ? 0 : (t - low) / (high - low);
                for (int k = 0; k < 3; k++) {
                    d[i][k] = (1 - share) * d[i - 1][k] + share * d[i][k];
                }
            }
        }
        if (!(Math.abs(d[degree][2]) > 1e-12)) {
            throw refused();
        }
        return new Point(d[degree][0] / d[degree][2], d[degree][1] / d[degree][2]);
    }
}
