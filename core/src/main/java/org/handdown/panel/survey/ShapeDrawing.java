package org.handdown.panel.survey;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.source.shape.Block;
import org.handdown.source.shape.LegShape;

/**
 * A ready shape drawn from its measures, and where the tape lay for each. Panel frame: mm, hem at y = 0, y up along the grain, x = 0 on
 * the middle, the crease or the front edge.
 *
 * @param tapes by measure; counts have none
 */
record ShapeDrawing(Outline outline, Map<String, TapeLine> tapes) {
    /** Underarm and shoulder's end of anything worn lie at least this far apart in height, mm. */
    private static final double LEAST_ARMHOLE_MM = 40;

    /** What was measured, by id; mm or counts. */
    private record Figures(Map<String, Double> values) {
        boolean has(String id) {
            return values.containsKey(id);
        }

        double mm(String id) {
            return java.util.Objects.requireNonNull(values.get(id), id);
        }

        double mmOr(String id, double other) {
            Double value = values.get(id);
            return value == null ? other : value;
        }
    }

    static ShapeDrawing of(ReadyShape shape, Map<String, Double> measures) {
        Figures m = new Figures(measures);
        return switch (shape) {
            case TROUSER_FRONT, TROUSER_BACK, SHORTS_LEG -> leg(m);
            case SET_IN_SLEEVE -> setInSleeve(m);
            case FLAT_SLEEVE -> flatSleeve(m);
            case SHIRT_FRONT_LEFT -> front(m);
            case SHIRT_FRONT_RIGHT -> front(m).mirrored();
            case SHIRT_BACK_BELOW_YOKE -> belowYoke(m);
            case SHIRT_BACK, TEE_BODY, JUMPER_BODY -> torso(m, m.mm("hem"), 0);
            case BODICE_FRONT, BODICE_BACK -> bodice(m);
            case SKIRT_GORE -> gore(m);
            case SKIRT_FLARED -> flared(m);
            case SKIRT_PLEATED -> pleated(m);
            case CIRCLE_PART -> circlePart(m);
        };
    }

    private ShapeDrawing mirrored() {
        Map<String, TapeLine> flipped = new LinkedHashMap<>();
        tapes.forEach((id, t) -> flipped.put(
                id, new TapeLine(t.along().stream().map(ShapeDrawing::flip).toList(), t.lessMm())));
        return new ShapeDrawing(outline.mirrored(), flipped);
    }

    private static Point flip(Point p) {
        return p.mirrored();
    }

    /** The other side of a right-angled triangle. @throws RefusedValueException when the slanting side is too short */
    private static double upright(String field, String slant, double slantMm, double levelMm) {
        if (slantMm <= Math.abs(levelMm)) {
            throw new RefusedValueException(
                    "measures." + field,
                    Wording.fill(
                            "%s of %.0f mm cannot span the %.0f mm between its ends. Measure it again, and the widths at both ends.",
                            slant, slantMm, Math.abs(levelMm)));
        }
        return Math.sqrt(slantMm * slantMm - levelMm * levelMm);
    }

    private static void require(boolean holds, String field, String why) {
        if (!holds) {
            throw new RefusedValueException("measures." + field, why);
        }
    }

    private static ShapeDrawing leg(Figures m) {
        double waist = upright("waist", "An upper edge", m.mm("waist"), m.mm("lift"));
        double knee = m.mmOr("knee", (m.mm("hem") + m.mm("thigh")) / 2);
        double kneeHeight = m.mmOr("kneeHeight", m.mm("thighHeight") / 2);
        double side = m.mm("thigh") / 2;
        require(
                m.mm("seat") < m.mm("thigh") - 20,
                "seat",
                "The seat is as wide as the crotch level, where the crotch curve reaches out. Measure both again.");
        LegShape leg = new LegShape(
                station(0, m.mm("hem"), m.mm("hem") / 2),
                station(kneeHeight, knee, knee / 2),
                station(m.mm("thighHeight"), m.mm("thigh"), side),
                station(m.mm("seatHeight"), m.mm("seat"), side - 5),
                station(m.mm("waistHeight"), waist, Math.min(side - 5, waist * 0.62)),
                m.mm("lift"));
        Map<String, TapeLine> tapes = new LinkedHashMap<>();
        tapes.put("hem", width(leg.hem()));
        if (m.has("knee")) {
            tapes.put("kneeHeight", up(leg.knee()));
            tapes.put("knee", width(leg.knee()));
        }
        tapes.put("thighHeight", up(leg.thigh()));
        tapes.put("thigh", width(leg.thigh()));
        tapes.put("seatHeight", up(leg.seat()));
        tapes.put("seat", width(leg.seat()));
        tapes.put("waistHeight", up(leg.waist()));
        Outline outline = leg.outline();
        tapes.put("waist", TapeLine.following(outline.edge("waist")));
        Point centre = outline.edge("waist").end();
        tapes.put("lift", TapeLine.straight(new Point(centre.x(), m.mm("waistHeight")), centre));
        tapes.put("side", TapeLine.following(outline.edge("side")));
        return new ShapeDrawing(outline, tapes);
    }

    private static LegShape.Station station(double height, double width, double toSide) {
        return new LegShape.Station(height, width, toSide);
    }

    private static TapeLine width(LegShape.Station s) {
        return TapeLine.level(s.toSideMm() - s.widthMm(), s.toSideMm(), s.heightMm());
    }

    private static TapeLine up(LegShape.Station s) {
        return TapeLine.straight(new Point(0, 0), new Point(0, s.heightMm()));
    }

    private static ShapeDrawing setInSleeve(Figures m) {
        double length = m.mm("length");
        double under = length - m.mm("head");
        require(
                under > 20,
                "head",
                Wording.fill(
                        "A head of %.0f mm leaves no sleeve below it. Measure it from the widest level up.",
                        m.mm("head")));
        Outline outline = Block.sleeve(m.mm("hem"), m.mm("width"), length, m.mm("head"));
        Map<String, TapeLine> tapes = new LinkedHashMap<>();
        tapes.put("length", TapeLine.straight(new Point(0, length), new Point(0, 0)));
        tapes.put("head", TapeLine.straight(new Point(0, under), new Point(0, length)));
        tapes.put("width", TapeLine.level(-m.mm("width") / 2, m.mm("width") / 2, under));
        tapes.put("hem", TapeLine.following(outline.edge("hem")));
        tapes.put("underarm", TapeLine.following(outline.edge("underarm-right")));
        return new ShapeDrawing(outline, tapes);
    }

    private static ShapeDrawing flatSleeve(Figures m) {
        Outline outline = Block.tapered(
                "hem", m.mm("hem"), "upper", m.mm("upper"), m.mm("length"), "underarm-left", "underarm-right");
        Map<String, TapeLine> tapes = new LinkedHashMap<>();
        tapes.put("length", TapeLine.straight(new Point(0, m.mm("length")), new Point(0, 0)));
        tapes.put("upper", TapeLine.following(outline.edge("upper")));
        tapes.put("hem", TapeLine.following(outline.edge("hem")));
        tapes.put("underarm", TapeLine.following(outline.edge("underarm-right")));
        return new ShapeDrawing(outline, tapes);
    }

    /** Points of an upper body, measured from its middle or front edge; half widths. */
    private record Upper(Point hem, Point underarm, Point tip, Point neck, double centre) {
        /** @param half 0.5 where widths are those of the whole part, 1 where they are counted from the front edge */
        static Upper of(Figures m, double hem, double half) {
            double width = m.mm("width") * half;
            double neck = m.mm("neckWidth") * half;
            double across = m.mm("across") * half;
            double full = m.mm("fullLength");
            Point underarm = new Point(width, upright("side", "A side seam", m.mm("side"), width - hem * half));
            require(
                    across > neck + 10,
                    "across",
                    "The shoulders' ends lie no farther out than the neck. Measure both again.");
            Point tip =
                    new Point(across, full - upright("shoulder", "A shoulder seam", m.mm("shoulder"), across - neck));
            require(
                    tip.y() > underarm.y() + LEAST_ARMHOLE_MM,
                    "side",
                    Wording.fill(
                            "With a side seam of %.0f mm the armhole would be under %.0f mm high. Measure side seam and full length again.",
                            m.mm("side"), LEAST_ARMHOLE_MM));
            require(
                    m.mm("centreLength") <= full + 0.4,
                    "centreLength",
                    Wording.fill(
                            "The middle of %.0f mm is longer than from the highest point of the shoulder, %.0f mm. Measure both again.",
                            m.mm("centreLength"), full));
            require(
                    width > across - 40,
                    "width",
                    "From underarm to underarm is much less than across the shoulders. Measure both again.");
            return new Upper(
                    new Point(hem * half, 0),
                    underarm,
                    tip,
                    new Point(neck, full),
                    Math.min(m.mm("centreLength"), full));
        }

        Block.Body body(double half) {
            return new Block.Body(
                    hem.x() * 2,
                    underarm.x() * 2,
                    neck.y(),
                    tip.y() - underarm.y(),
                    tip.distanceMm(neck),
                    neck.x() * 2,
                    neck.y() - centre,
                    neck.y() - tip.y());
        }
    }

    private static ShapeDrawing front(Figures m) {
        Upper u = Upper.of(m, m.mm("hem"), 1);
        Outline outline = Block.halfBody(u.body(1), 0);
        Map<String, TapeLine> tapes = new LinkedHashMap<>();
        tapes.put("hem", TapeLine.following(outline.edge("hem")));
        tapes.put("side", TapeLine.following(outline.edge("side")));
        tapes.put("width", TapeLine.level(0, u.underarm().x(), u.underarm().y()));
        tapes.put("centreLength", TapeLine.following(outline.edge("centre")));
        tapes.put("fullLength", TapeLine.straight(u.neck(), new Point(u.neck().x(), 0)));
        tapes.put("neckWidth", TapeLine.level(0, u.neck().x(), u.neck().y()));
        tapes.put("shoulder", TapeLine.following(outline.edge("shoulder")));
        tapes.put("across", TapeLine.level(0, u.tip().x(), u.tip().y()));
        tapes.put("armhole", TapeLine.straight(u.underarm(), u.tip()));
        return new ShapeDrawing(outline, tapes);
    }

    private static ShapeDrawing torso(Figures m, double hemOpen, double folded) {
        Upper u = Upper.of(m, hemOpen, 0.5);
        Outline outline = Block.body(u.body(0.5));
        Map<String, TapeLine> tapes = new LinkedHashMap<>();
        tapes.put(
                m.has("waist") ? "waist" : "hem",
                TapeLine.following(outline.edge("hem")).less(folded));
        tapes.put("side", TapeLine.following(outline.edge("side-right")));
        tapes.put(
                "width",
                TapeLine.level(-u.underarm().x(), u.underarm().x(), u.underarm().y()));
        tapes.put("centreLength", TapeLine.straight(new Point(0, u.centre()), new Point(0, 0)));
        tapes.put("fullLength", TapeLine.straight(u.neck(), new Point(u.neck().x(), 0)));
        tapes.put(
                "neckWidth",
                TapeLine.level(-u.neck().x(), u.neck().x(), u.neck().y()));
        tapes.put("shoulder", TapeLine.following(outline.edge("shoulder-right")));
        tapes.put("across", TapeLine.level(-u.tip().x(), u.tip().x(), u.tip().y()));
        tapes.put("armhole", TapeLine.straight(u.underarm(), u.tip()));
        return new ShapeDrawing(outline, tapes);
    }

    /** Unpicked darts open: the waist edge is longer by twice the depth of each. */
    private static ShapeDrawing bodice(Figures m) {
        double folded = 2 * m.mm("darts") * m.mm("dartDepth");
        ShapeDrawing body = torso(m, m.mm("waist") + folded, folded);
        double end = m.mm("waist") / 2 + folded / 2;
        body.tapes.put("dartDepth", TapeLine.level(end - m.mm("dartDepth"), end, 0));
        return body;
    }

    private static ShapeDrawing belowYoke(Figures m) {
        double width = m.mm("width") / 2;
        double under = upright("side", "A side seam", m.mm("side"), width - m.mm("hem") / 2);
        require(
                m.mm("length") > under + LEAST_ARMHOLE_MM,
                "length",
                Wording.fill(
                        "The middle of %.0f mm ends below the armhole. Measure it and the side seam again.",
                        m.mm("length")));
        require(
                m.mm("yoke") <= m.mm("width") + 40,
                "yoke",
                "The yoke's seam is longer than the back is wide at the underarm. Measure both again.");
        Outline outline = Block.back(m.mm("hem"), m.mm("width"), m.mm("yoke"), under, m.mm("length"));
        Map<String, TapeLine> tapes = new LinkedHashMap<>();
        tapes.put("hem", TapeLine.following(outline.edge("hem")));
        tapes.put("side", TapeLine.following(outline.edge("side-right")));
        tapes.put("width", TapeLine.level(-width, width, under));
        tapes.put("yoke", TapeLine.following(outline.edge("upper")));
        tapes.put("length", TapeLine.straight(new Point(0, m.mm("length")), new Point(0, 0)));
        tapes.put(
                "armhole",
                TapeLine.straight(
                        outline.edge("armhole-right").start(),
                        outline.edge("armhole-right").end()));
        return new ShapeDrawing(outline, tapes);
    }

    private static ShapeDrawing gore(Figures m) {
        double length = m.mm("length");
        double hipHeight = length - m.mm("hipDepth");
        require(hipHeight > 20, "hipDepth", "Hip level lies below the hem. Measure it from the upper edge down.");
        Point hem = new Point(m.mm("hem") / 2, 0);
        Point hip = new Point(m.mm("hip") / 2, hipHeight);
        Point top = new Point(m.mm("upper") / 2, length);
        Edge side = Edge.smooth("side-right", List.of(hem, hip, top));
        Outline outline = new Outline(List.of(
                Edge.line("hem", flip(hem), hem),
                side,
                Edge.line("upper", top, flip(top)),
                new Edge("side-left", side.map(ShapeDrawing::flip).reversed().segments())));
        Map<String, TapeLine> tapes = new LinkedHashMap<>();
        tapes.put("length", TapeLine.straight(new Point(0, length), new Point(0, 0)));
        tapes.put("upper", TapeLine.following(outline.edge("upper")));
        tapes.put("hipDepth", TapeLine.straight(new Point(0, length), new Point(0, hipHeight)));
        tapes.put("hip", TapeLine.level(-hip.x(), hip.x(), hipHeight));
        tapes.put("hem", TapeLine.following(outline.edge("hem")));
        tapes.put("side", TapeLine.following(side));
        return new ShapeDrawing(outline, tapes);
    }

    private static ShapeDrawing flared(Figures m) {
        double upper = m.mm("upper") / 2;
        double hem = m.mm("hem") / 2;
        double top = upright("side", "A side seam", m.mm("side"), hem - upper);
        double middle = top - m.mm("dip");
        double low = middle - m.mm("length");
        require(
                Math.abs(low) < 0.6 * hem,
                "length",
                Wording.fill(
                        "With these figures the hem would bow by %.0f mm at the middle. Measure length, side and dip again.",
                        Math.abs(low)));
        require(middle > 20 && low < middle - 20, "dip", "The upper edge hangs below the hem. Measure it again.");
        Outline outline = new Outline(List.of(
                sagging("hem", new Point(-hem, 0), new Point(hem, 0), low),
                Edge.line("side-right", new Point(hem, 0), new Point(upper, top)),
                sagging("upper", new Point(upper, top), new Point(-upper, top), middle - top),
                Edge.line("side-left", new Point(-upper, top), new Point(-hem, 0))));
        Map<String, TapeLine> tapes = new LinkedHashMap<>();
        tapes.put("upper", TapeLine.level(-upper, upper, top));
        tapes.put("dip", TapeLine.straight(new Point(0, top), new Point(0, middle)));
        tapes.put("length", TapeLine.straight(new Point(0, middle), new Point(0, low)));
        tapes.put("side", TapeLine.following(outline.edge("side-right")));
        tapes.put("hem", TapeLine.level(-hem, hem, 0));
        tapes.put("diagonal", TapeLine.straight(new Point(-upper, top), new Point(hem, 0)));
        return new ShapeDrawing(outline, tapes);
    }

    /** A curve between two points of one height, its middle this much higher. */
    private static Edge sagging(String name, Point from, Point to, double byMm) {
        Point off = new Point(0, 4 * byMm / 3);
        return Edge.curve(
                name,
                from,
                from.between(to, 1.0 / 3).plus(off),
                from.between(to, 2.0 / 3).plus(off),
                to);
    }

    private static ShapeDrawing pleated(Figures m) {
        double folded = 2 * m.mm("pleats") * m.mm("pleatDepth");
        double open = m.mm("upper") + folded;
        require(
                open < 1.6 * m.mm("hem") && m.mm("hem") < 2.5 * open,
                "hem",
                Wording.fill(
                        "The upper edge opens to %.0f mm, the hem is %.0f mm: these do not belong to one panel. Count the pleats again and measure their depth.",
                        open, m.mm("hem")));
        Outline outline = Block.tapered("hem", m.mm("hem"), "upper", open, m.mm("length"), "side-left", "side-right");
        Map<String, TapeLine> tapes = new LinkedHashMap<>();
        tapes.put("upper", TapeLine.following(outline.edge("upper")).less(folded));
        tapes.put("pleatDepth", TapeLine.level(open / 2 - m.mm("pleatDepth"), open / 2, m.mm("length")));
        tapes.put("hem", TapeLine.following(outline.edge("hem")));
        tapes.put("length", TapeLine.straight(new Point(0, m.mm("length")), new Point(0, 0)));
        tapes.put("diagonal", TapeLine.straight(new Point(-open / 2, m.mm("length")), new Point(m.mm("hem") / 2, 0)));
        return new ShapeDrawing(outline, tapes);
    }

    /** Hem and waist are arcs about one centre: their difference over the side is the angle in radians. */
    private static ShapeDrawing circlePart(Figures m) {
        double turn = (m.mm("hem") - m.mm("waist")) / m.mm("side");
        require(
                turn > 0.05,
                "hem",
                "The hem is hardly longer than the waist: that is no part of a circle. Measure both along their curves.");
        require(
                turn < 2 * Math.PI - 0.02,
                "hem",
                Wording.fill(
                        "A hem of %.0f mm is more than a whole circle gives with this waist and side. Measure it again.",
                        m.mm("hem")));
        double radius = m.mm("waist") / turn;
        Outline outline = Block.sector(radius, radius + m.mm("side"), Math.toDegrees(turn));
        Map<String, TapeLine> tapes = new LinkedHashMap<>();
        tapes.put("side", TapeLine.following(outline.edge("side-right")));
        tapes.put("waist", TapeLine.following(outline.edge("waist")));
        tapes.put("hem", TapeLine.following(outline.edge("hem")));
        tapes.put(
                "chord",
                TapeLine.straight(
                        outline.edge("hem").start(), outline.edge("hem").end()));
        return new ShapeDrawing(outline, tapes);
    }
}
