package org.handdown.panel.survey;

import java.util.LinkedHashMap;
import java.util.Map;
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
    static final double LEAST_ARMHOLE_MM = 40;

    /** What was measured, by id; mm or counts. */
    record Figures(Map<String, Double> values) {
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
            case SHIRT_FRONT_LEFT -> UpperShapes.front(m);
            case SHIRT_FRONT_RIGHT -> UpperShapes.front(m).mirrored();
            case SHIRT_BACK_BELOW_YOKE -> UpperShapes.belowYoke(m);
            case SHIRT_BACK, TEE_BODY, JUMPER_BODY -> UpperShapes.torso(m, m.mm("hem"), 0);
            case BODICE_FRONT, BODICE_BACK -> UpperShapes.bodice(m);
            case SKIRT_GORE -> SkirtShapes.gore(m);
            case SKIRT_FLARED -> SkirtShapes.flared(m);
            case SKIRT_PLEATED -> SkirtShapes.pleated(m);
            case CIRCLE_PART -> SkirtShapes.circlePart(m);
        };
    }

    private ShapeDrawing mirrored() {
        Map<String, TapeLine> flipped = new LinkedHashMap<>();
        tapes.forEach((id, t) -> flipped.put(
                id, new TapeLine(t.along().stream().map(ShapeDrawing::flip).toList(), t.lessMm())));
        return new ShapeDrawing(outline.mirrored(), flipped);
    }

    static Point flip(Point p) {
        return p.mirrored();
    }

    /** The other side of a right-angled triangle. @throws RefusedValueException when the slanting side is too short */
    static double upright(String field, String slant, double slantMm, double levelMm) {
        if (slantMm <= Math.abs(levelMm)) {
            throw new RefusedValueException(
                    "measures." + field,
                    Wording.fill(
                            "%s of %.0f mm cannot span the %.0f mm between its ends. Measure it again, and the widths at both ends.",
                            slant, slantMm, Math.abs(levelMm)));
        }
        return Math.sqrt(slantMm * slantMm - levelMm * levelMm);
    }

    static void require(boolean holds, String field, String why) {
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
                new Block.Sides("hem", "upper", "underarm-left", "underarm-right"),
                m.mm("hem"),
                m.mm("upper"),
                m.mm("length"));
        Map<String, TapeLine> tapes = new LinkedHashMap<>();
        tapes.put("length", TapeLine.straight(new Point(0, m.mm("length")), new Point(0, 0)));
        tapes.put("upper", TapeLine.following(outline.edge("upper")));
        tapes.put("hem", TapeLine.following(outline.edge("hem")));
        tapes.put("underarm", TapeLine.following(outline.edge("underarm-right")));
        return new ShapeDrawing(outline, tapes);
    }
}
