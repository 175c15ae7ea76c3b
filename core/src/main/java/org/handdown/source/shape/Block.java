package org.handdown.source.shape;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.geometry.Root;
import org.handdown.geometry.Segment;

/** Ready shapes of parts, counter-clockwise, y up, x = 0 on the part's middle unless said otherwise. Shapes are common practice, no source. */
public final class Block {
    /** A turn tighter than an allowance is wide could not be sewn. */
    private static final double LEAST_TURN_MM = 10;

    /** Below it a panel is as good as straight. */
    private static final double LEAST_ANGLE = 1e-3;

    private static final double HEAD_HANDLE = 0.2;
    private static final double LEAST_HEAD_MM = 15;
    private static final double LEAST_UNDERARM_MM = 10;

    private Block() {}

    /** Edges {@code lower, right, upper, left}. */
    public static Outline rectangle(double wide, double high) {
        return tapered(Sides.PLAIN, wide, wide, high);
    }

    /** Names of the four edges of a panel of two widths. */
    public record Sides(String lower, String upper, String left, String right) {
        static final Sides PLAIN = new Sides("lower", "upper", "left", "right");
        public static final Sides SKIRT = new Sides("hem", "waist", "side-left", "side-right");
    }

    /** A panel of two widths, for skirts, sleeves without a head and bands; edges in the order lower, right, upper, left. */
    public static Outline tapered(Sides sides, double lowerMm, double upperMm, double high) {
        Point a = new Point(-lowerMm / 2, 0);
        Point b = new Point(lowerMm / 2, 0);
        Point c = new Point(upperMm / 2, high);
        Point d = new Point(-upperMm / 2, high);
        return new Outline(List.of(
                Edge.line(sides.lower(), a, b),
                Edge.line(sides.right(), b, c),
                Edge.line(sides.upper(), c, d),
                Edge.line(sides.left(), d, a)));
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
            double slope) {
        public Point underarm() {
            return new Point(width / 2, length - slope - armhole);
        }

        public Point neckPoint() {
            return new Point(neck / 2, length);
        }

        /** The shoulder is measured along itself, down its slope. */
        public Point tip() {
            double level = Math.sqrt(Math.max(shoulder * shoulder - slope * slope, shoulder * shoulder / 4));
            return new Point(neck / 2 + level, length - slope);
        }

        private Point squareToShoulder() {
            Point way = tip().minus(neckPoint());
            return way.right().times(1 / way.lengthMm());
        }
    }

    /**
     * A whole front or back: edges {@code hem, side-right, armhole-right, shoulder-right, neck, shoulder-left, armhole-left, side-left},
     * left and right as it lies before you.
     */
    public static Outline body(Body m) {
        return body(m, 0);
    }

    /** @param pleatMm taken up by a pleat down the centre, from neck to hem */
    public static Outline body(Body m, double pleatMm) {
        UnaryOperator<Point> outward = p -> new Point(p.x() + pleatMm / 2, p.y());
        Point hemRight = outward.apply(new Point(m.hem / 2, 0));
        Edge side = Edge.line("side-right", hemRight, outward.apply(m.underarm()));
        Edge armhole = armhole("armhole-right", m.underarm(), m.tip(), m.squareToShoulder())
                .map(outward);
        Edge shoulder = Edge.line("shoulder-right", m.tip(), m.neckPoint()).map(outward);
        Edge half = neck(m, new Point(0, m.length - m.neckDepth)).map(outward);
        Edge neck = pleatMm > 0 ? Edge.joined("neck", half, Edge.line("neck", half.end(), flip(half.end()))) : half;
        return new Outline(List.of(
                Edge.line("hem", flip(hemRight), hemRight),
                side,
                armhole,
                shoulder,
                Edge.joined("neck", neck, Edge.mirrored("neck", half)),
                Edge.mirrored("shoulder-left", shoulder),
                Edge.mirrored("armhole-left", armhole),
                Edge.mirrored("side-left", side)));
    }

    /**
     * The half of a front or back whose centre is at x = 0 and whose side lies towards +x: edges {@code hem, side, armhole, shoulder, neck,
     * centre}.
     *
     * @param lapMm how far the centre edge reaches past the centre line
     */
    public static Outline halfBody(Body m, double lapMm) {
        Point hemCentre = new Point(-lapMm, 0);
        Point hemSide = new Point(m.hem / 2, 0);
        Point centre = new Point(0, m.length - m.neckDepth);
        Point neckCentre = new Point(-lapMm, m.length - m.neckDepth);
        Edge neck = neck(m, lapMm < 0 ? neckCentre : centre);
        return new Outline(List.of(
                Edge.line("hem", hemCentre, hemSide),
                Edge.line("side", hemSide, m.underarm()),
                armhole("armhole", m.underarm(), m.tip(), m.squareToShoulder()),
                Edge.line("shoulder", m.tip(), m.neckPoint()),
                lapMm > 0 ? Edge.joined("neck", neck, Edge.line("neck", centre, neckCentre)) : neck,
                Edge.line("centre", neckCentre, hemCentre)));
    }

    /** From the neck point, square to the shoulder, to its lowest place, level there. */
    private static Edge neck(Body m, Point lowest) {
        Point from = m.neckPoint();
        double deep = from.y() - lowest.y();
        return Edge.curve(
                "neck",
                from,
                from.plus(m.squareToShoulder().times(0.6 * deep)),
                new Point(lowest.x() + 0.6 * (from.x() - lowest.x()), lowest.y()),
                lowest);
    }

    /** A back below a yoke: edges {@code hem, side-right, armhole-right, upper, armhole-left, side-left}. */
    public static Outline back(double hem, double wide, double across, double underarm, double high) {
        Point hemRight = new Point(hem / 2, 0);
        Point under = new Point(wide / 2, underarm);
        Point tip = new Point(Math.min(across, wide) / 2, high);
        Edge side = Edge.line("side-right", hemRight, under);
        Edge armhole = armhole("armhole-right", under, tip, new Point(0, -1));
        return new Outline(List.of(
                Edge.line("hem", flip(hemRight), hemRight),
                side,
                armhole,
                Edge.line("upper", tip, flip(tip)),
                Edge.mirrored("armhole-left", armhole),
                Edge.mirrored("side-left", side)));
    }

    /**
     * The yoke over a back, one layer of it: edges {@code lower, armhole-right, shoulder-right, upper, shoulder-left, armhole-left}; its upper
     * edge is the neck.
     *
     * @param across its lower edge
     * @param deep at the centre, from the lower edge to the neck
     * @param neckDepth of the neck at the centre, below the neck points
     */
    public static Outline yoke(Body m, double across, double deep, double neckDepth) {
        double neckY = deep + neckDepth;
        Point low = new Point(across / 2, 0);
        Point neckPoint = new Point(m.neck / 2, neckY);
        Point tip = new Point(m.tip().x(), Math.max(0.15 * neckY, neckY - m.slope));
        Edge armhole = Edge.line("armhole-right", low, tip);
        Edge shoulder = Edge.line("shoulder-right", tip, neckPoint);
        Point way = tip.minus(neckPoint);
        Point square = way.right().times(1 / way.lengthMm());
        Edge neck = Edge.curve(
                "upper",
                neckPoint,
                neckPoint.plus(square.times(0.6 * neckDepth)),
                new Point(0.6 * neckPoint.x(), deep),
                new Point(0, deep));
        return new Outline(List.of(
                Edge.line("lower", flip(low), low),
                armhole,
                shoulder,
                Edge.joined("upper", neck, Edge.mirrored("upper", neck)),
                Edge.mirrored("shoulder-left", shoulder),
                Edge.mirrored("armhole-left", armhole)));
    }

    /** Level at the underarm, and as it is to end at the top: square to the shoulder, so that front and back run into each other. */
    private static Edge armhole(String name, Point underarm, Point tip, Point down) {
        double high = tip.y() - underarm.y();
        double inset = Math.max((underarm.x() - tip.x()) * 0.75 + 10, Math.sqrt(LEAST_TURN_MM * Math.max(0, high)));
        return Edge.curve(
                name, underarm, new Point(underarm.x() - inset, underarm.y()), tip.plus(down.times(0.55 * high)), tip);
    }

    private static Point flip(Point p) {
        return p.mirrored();
    }

    /**
     * A sleeve whose head is as long as what it is sewn into, as nearly as its width and length allow. Edges as {@link #sleeve(double,
     * double, double, double)}.
     *
     * @param headLong along the head
     */
    public static Outline sleeveFor(double hem, double width, double length, double headLong) {
        double high = Root.of(
                LEAST_HEAD_MM,
                Math.max(LEAST_HEAD_MM + 1, length - LEAST_UNDERARM_MM),
                h -> sleeve(hem, width, length, h).edge("head").lengthMm() - headLong);
        return sleeve(hem, width, length, high);
    }

    /** Edges {@code hem, underarm-right, head, underarm-left}; the head leaves the underarm square and is level at its top. */
    public static Outline sleeve(double hem, double width, double length, double headHigh) {
        Point b = new Point(hem / 2, 0);
        Point c = new Point(width / 2, length - headHigh);
        Point top = new Point(0, length);
        Point way = c.minus(b);
        Point square = way.left().times(1 / way.lengthMm());
        Edge underarm = Edge.line("underarm-right", b, c);
        Edge head = Edge.curve(
                "head", c, c.plus(square.times(HEAD_HANDLE * width)), new Point(HEAD_HANDLE * width, top.y()), top);
        return new Outline(List.of(
                Edge.line("hem", flip(b), b),
                underarm,
                Edge.joined("head", head, Edge.mirrored("head", head)),
                Edge.mirrored("underarm-left", underarm)));
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

    /** A panel that widens to its hem, as a sector: both sides as long as the middle. Edges as {@link #sector}, the hem's middle at y = 0. */
    public static Outline gore(double waist, double hem, double length) {
        double angle = (hem - waist) / length;
        if (angle < LEAST_ANGLE) {
            return tapered(Sides.SKIRT, Math.max(hem, waist), waist, length);
        }
        double radius = waist / angle;
        Outline hung = sector(radius, radius + length, Math.min(180, Math.toDegrees(angle)));
        return new Outline(hung.edges().stream()
                .map(e -> e.map(p -> new Point(p.x(), p.y() + radius + length)))
                .toList());
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
