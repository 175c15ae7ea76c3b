package org.handdown.source;

import java.util.ArrayList;
import java.util.List;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.geometry.Segment;

/** Ready shapes of parts, counter-clockwise, y up, x = 0 on the part's middle unless said otherwise. Shapes are common practice, no source. */
public final class Block {
    private Block() {}

    /** Edges {@code lower, right, upper, left}. */
    public static Outline rectangle(double wide, double high) {
        return tapered("lower", wide, "upper", wide, high, "left", "right");
    }

    /** A panel of two widths, for skirts, sleeves without a head and bands; edges in the order lower, right, upper, left. */
    public static Outline tapered(
            String lower, double lowerMm, String upper, double upperMm, double high, String left, String right) {
        Point a = new Point(-lowerMm / 2, 0);
        Point b = new Point(lowerMm / 2, 0);
        Point c = new Point(upperMm / 2, high);
        Point d = new Point(-upperMm / 2, high);
        return new Outline(
                List.of(Edge.line(lower, a, b), Edge.line(right, b, c), Edge.line(upper, c, d), Edge.line(left, d, a)));
    }

    /** Measures of the upper body of a garment, whole part or half of it. */
    public record Body(
            double hem,
            double width,
            double length,
            double armhole,
            double shoulder,
            double neck,
            double neckDepth,
            double slope) {}

    /**
     * A whole front or back: edges {@code hem, side-right, armhole-right, shoulder-right, neck, shoulder-left, armhole-left, side-left},
     * left and right as it lies before you.
     */
    public static Outline body(Body m) {
        double under = m.length - m.slope - m.armhole;
        Point hemLeft = new Point(-m.hem / 2, 0);
        Point hemRight = new Point(m.hem / 2, 0);
        Point underRight = new Point(m.width / 2, under);
        Point tip = new Point(m.neck / 2 + m.shoulder, m.length - m.slope);
        Point neckRight = new Point(m.neck / 2, m.length);
        Edge armhole = armhole("armhole-right", underRight, tip);
        Edge neck = Edge.curve(
                "neck",
                neckRight,
                new Point(m.neck / 2 * 0.65, m.length - m.neckDepth * 4 / 3),
                new Point(-m.neck / 2 * 0.65, m.length - m.neckDepth * 4 / 3),
                flip(neckRight));
        return new Outline(List.of(
                Edge.line("hem", hemLeft, hemRight),
                Edge.line("side-right", hemRight, underRight),
                armhole,
                Edge.line("shoulder-right", tip, neckRight),
                neck,
                Edge.line("shoulder-left", flip(neckRight), flip(tip)),
                new Edge("armhole-left", armhole.map(Block::flip).reversed().segments()),
                Edge.line("side-left", flip(underRight), hemLeft)));
    }

    /**
     * The half of a front or back whose centre is at x = 0 and whose side lies towards +x: edges {@code hem, side, armhole, shoulder, neck,
     * centre}.
     *
     * @param lapMm how far the centre edge reaches past the centre line
     */
    public static Outline halfBody(Body m, double lapMm) {
        double under = m.length - m.slope - m.armhole;
        Point hemCentre = new Point(-lapMm, 0);
        Point hemSide = new Point(m.hem / 2, 0);
        Point underarm = new Point(m.width / 2, under);
        Point tip = new Point(m.neck / 2 + m.shoulder, m.length - m.slope);
        Point neckPoint = new Point(m.neck / 2, m.length);
        Point neckCentre = new Point(-lapMm, m.length - m.neckDepth);
        return new Outline(List.of(
                Edge.line("hem", hemCentre, hemSide),
                Edge.line("side", hemSide, underarm),
                armhole("armhole", underarm, tip),
                Edge.line("shoulder", tip, neckPoint),
                Edge.curve(
                        "neck",
                        neckPoint,
                        new Point(m.neck / 2, m.length - m.neckDepth * 0.6),
                        new Point(0.6 * m.neck / 2 - 0.4 * lapMm, m.length - m.neckDepth),
                        neckCentre),
                Edge.line("centre", neckCentre, hemCentre)));
    }

    /** A back below a yoke: edges {@code hem, side-right, armhole-right, upper, armhole-left, side-left}. */
    public static Outline back(double hem, double wide, double across, double underarm, double high) {
        Point hemLeft = new Point(-hem / 2, 0);
        Point hemRight = flip(hemLeft);
        Point under = new Point(wide / 2, underarm);
        Point tip = new Point(Math.min(across, wide) / 2, high);
        Edge armhole = armhole("armhole-right", under, tip);
        return new Outline(List.of(
                Edge.line("hem", hemLeft, hemRight),
                Edge.line("side-right", hemRight, under),
                armhole,
                Edge.line("upper", tip, flip(tip)),
                new Edge("armhole-left", armhole.map(Block::flip).reversed().segments()),
                Edge.line("side-left", flip(under), hemLeft)));
    }

    private static Edge armhole(String name, Point underarm, Point tip) {
        double deep = tip.y() - underarm.y();
        double in = Math.min(tip.x(), underarm.x()) - 12;
        return Edge.curve(
                name,
                underarm,
                new Point(in, underarm.y() + 0.05 * deep),
                new Point(in, underarm.y() + 0.5 * deep),
                tip);
    }

    private static Point flip(Point p) {
        return new Point(-p.x(), p.y());
    }

    /** Edges {@code hem, underarm-right, head, underarm-left}. */
    public static Outline sleeve(double hem, double width, double length, double headHigh) {
        Point a = new Point(-hem / 2, 0);
        Point b = new Point(hem / 2, 0);
        Point c = new Point(width / 2, length - headHigh);
        Point top = new Point(0, length);
        Point d = flip(c);
        return new Outline(List.of(
                Edge.line("hem", a, b),
                Edge.line("underarm-right", b, c),
                new Edge(
                        "head",
                        List.of(
                                new Segment.Cubic(
                                        c,
                                        new Point(width * 0.33, c.y() + headHigh * 0.12),
                                        new Point(width * 0.24, top.y()),
                                        top),
                                new Segment.Cubic(
                                        top,
                                        new Point(-width * 0.24, top.y()),
                                        new Point(-width * 0.33, c.y() + headHigh * 0.12),
                                        d))),
                Edge.line("underarm-left", d, a)));
    }

    /**
     * A sector of a ring, its middle on the y axis: edges {@code hem} (outer arc, below), {@code side-right, waist, side-left}.
     *
     * @param turn the angle it spans, degrees, at most 180
     */
    public static Outline sector(double waistRadius, double hemRadius, double turn) {
        double half = turn / 2;
        return new Outline(List.of(
                arc("hem", hemRadius, -half, half),
                Edge.line("side-right", polar(hemRadius, half), polar(waistRadius, half)),
                arc("waist", waistRadius, half, -half),
                Edge.line("side-left", polar(waistRadius, -half), polar(hemRadius, -half))));
    }

    private static Point polar(double radius, double degrees) {
        double a = Math.toRadians(degrees);
        return new Point(radius * Math.sin(a), -radius * Math.cos(a));
    }

    /** Arcs as cubics of at most 45°: off a true circle by less than a thousandth of a millimetre a metre of radius. */
    private static Edge arc(String name, double radius, double from, double to) {
        int steps = (int) Math.ceil(Math.abs(to - from) / 45);
        List<Segment> segments = new ArrayList<>();
        double step = (to - from) / steps;
        double handle = 4.0 / 3 * Math.tan(Math.toRadians(step) / 4) * radius;
        for (int i = 0; i < steps; i++) {
            double a = from + i * step;
            double b = a + step;
            segments.add(new Segment.Cubic(
                    polar(radius, a),
                    polar(radius, a).plus(tangent(a).times(handle)),
                    polar(radius, b).minus(tangent(b).times(handle)),
                    polar(radius, b)));
        }
        return new Edge(name, segments);
    }

    private static Point tangent(double degrees) {
        double a = Math.toRadians(degrees);
        return new Point(Math.cos(a), Math.sin(a));
    }
}
