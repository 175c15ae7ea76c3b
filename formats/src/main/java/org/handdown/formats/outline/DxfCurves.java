package org.handdown.formats.outline;

import java.util.ArrayList;
import java.util.List;
import org.handdown.geometry.Point;
import org.handdown.geometry.Segment;
import org.handdown.measure.RefusedValueException;

/** The curves that a DXF has names for, as lines and cubic curves in the drawing's own units. */
final class DxfCurves {
    private static final double STEP_DEG = 45;

    private DxfCurves() {}

    static List<Segment> lightPolyline(DxfEntity e) {
        List<double[]> vertices = new ArrayList<>();
        for (int i = 0; i < e.codes().size(); i++) {
            int code = e.codes().get(i);
            if (code == 10) {
                vertices.add(new double[] {DxfEntity.number(e.values().get(i)), 0, 0});
            } else if (!vertices.isEmpty() && (code == 20 || code == 42)) {
                vertices.get(vertices.size() - 1)[code == 20 ? 1 : 2] =
                        DxfEntity.number(e.values().get(i));
            }
        }
        return bulged(vertices, e.has(70, 1));
    }

    /** @param vertices that follow it in the file */
    static List<Segment> polyline(DxfEntity e, List<DxfEntity> vertices) {
        List<double[]> on = new ArrayList<>();
        for (DxfEntity v : vertices) {
            // Control points of a frame are not on the line.
            if (!v.has(70, 16)) {
                on.add(new double[] {v.number(10, 0), v.number(20, 0), v.number(42, 0)});
            }
        }
        return bulged(on, e.has(70, 1));
    }

    /** The bulge is the tangent of a quarter of the arc's angle, positive counter-clockwise (published DXF reference, from memory). */
    private static List<Segment> bulged(List<double[]> vertices, boolean closed) {
        List<Segment> segments = new ArrayList<>();
        int n = vertices.size();
        for (int i = 0; i < (closed ? n : n - 1); i++) {
            double[] v = vertices.get(i);
            double[] w = vertices.get((i + 1) % n);
            Point p = new Point(v[0], v[1]);
            Point q = new Point(w[0], w[1]);
            if (v[2] == 0 || p.distanceMm(q) == 0) {
                segments.add(new Segment.Line(p, q));
            } else {
                double angle = 4 * Math.atan(v[2]);
                double chord = p.distanceMm(q);
                double radius = chord / 2 / Math.sin(Math.abs(angle) / 2);
                Point along = q.minus(p).times(1 / chord);
                Point left = along.left();
                double up = radius * Math.cos(Math.abs(angle) / 2) * Math.signum(angle);
                Point centre = p.between(q, 0.5).plus(left.times(up));
                Round circle = new Round(centre, new Point(radius, 0), new Point(0, radius));
                segments.addAll(circle.arc(p.minus(centre).directionDeg(), Math.toDegrees(angle), p, q));
            }
        }
        return segments;
    }

    static List<Segment> circle(DxfEntity e) {
        return arc(e, 0, 360);
    }

    static List<Segment> arc(DxfEntity e) {
        return arc(e, e.number(50, 0), e.number(51, 360));
    }

    private static List<Segment> arc(DxfEntity e, double from, double to) {
        double radius = e.number(40, 0);
        return new Round(e.point(10), new Point(radius, 0), new Point(0, radius)).arc(from, to);
    }

    /** Its larger half axis as a vector from the middle, the smaller one as a share of it, angles in the ellipse's own measure. */
    static List<Segment> ellipse(DxfEntity e) {
        Point major = e.point(11);
        double share = e.number(40, 1) * (e.number(230, 1) < 0 ? -1 : 1);
        Point minor = major.left().times(share);
        return new Round(e.point(10), major, minor)
                .arc(Math.toDegrees(e.number(41, 0)), Math.toDegrees(e.number(42, 2 * Math.PI)));
    }

    /** A circle or ellipse by two half axes. */
    private record Round(Point centre, Point major, Point minor) {
        List<Segment> arc(double from, double to) {
            if (major.lengthMm() == 0 || minor.lengthMm() == 0) {
                throw new RefusedValueException("file", "It has no size.");
            }
            double turn = (to - from) % 360;
            turn = turn <= 1e-9 ? turn + 360 : turn;
            Point start = at(from);
            return arc(from, turn, start, turn >= 360 - 1e-9 ? start : at(to));
        }

        private Point at(double deg) {
            double a = Math.toRadians(deg);
            return centre.plus(major.times(Math.cos(a))).plus(minor.times(Math.sin(a)));
        }

        private Point along(double deg) {
            double a = Math.toRadians(deg);
            return major.times(-Math.sin(a)).plus(minor.times(Math.cos(a)));
        }

        /** As cubics of at most 45°, each off by less than 1 in 200 000 of the radius. */
        List<Segment> arc(double from, double turn, Point start, Point end) {
            int steps = (int) Math.max(1, Math.ceil(Math.abs(turn) / STEP_DEG));
            double step = turn / steps;
            double handle = 4.0 / 3 * Math.tan(Math.toRadians(step) / 4);
            List<Segment> segments = new ArrayList<>();
            Point at = start;
            for (int i = 0; i < steps; i++) {
                double a = from + i * step;
                double b = a + step;
                Point to = i == steps - 1 ? end : at(b);
                segments.add(
                        new Segment.Cubic(at, at.plus(along(a).times(handle)), to.minus(along(b).times(handle)), to));
                at = to;
            }
            return segments;
        }
    }
}
