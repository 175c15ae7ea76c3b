package org.handdown.panel.survey;

import java.util.LinkedHashMap;
import java.util.Map;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.measure.Wording;
import org.handdown.source.shape.Block;

/** Outlines of fronts, backs and yokes by their measures. */
final class UpperShapes {
    private UpperShapes() {}

    /** Points of an upper body, measured from its middle or front edge; half widths. */
    record Upper(Point hem, Point underarm, Point tip, Point neck, double centre) {
        /** @param half 0.5 where widths are those of the whole part, 1 where they are counted from the front edge */
        static Upper of(ShapeDrawing.Figures m, double hem, double half) {
            double width = m.mm("width") * half;
            double neck = m.mm("neckWidth") * half;
            double across = m.mm("across") * half;
            double full = m.mm("fullLength");
            Point underarm =
                    new Point(width, ShapeDrawing.upright("side", "A side seam", m.mm("side"), width - hem * half));
            ShapeDrawing.require(
                    across > neck + 10,
                    "across",
                    "The shoulders' ends lie no farther out than the neck. Measure both again.");
            Point tip = new Point(
                    across,
                    full - ShapeDrawing.upright("shoulder", "A shoulder seam", m.mm("shoulder"), across - neck));
            ShapeDrawing.require(
                    tip.y() > underarm.y() + ShapeDrawing.LEAST_ARMHOLE_MM,
                    "side",
                    Wording.fill(
                            "With a side seam of %.0f mm the armhole would be under %.0f mm high. Measure side seam and full length again.",
                            m.mm("side"), ShapeDrawing.LEAST_ARMHOLE_MM));
            ShapeDrawing.require(
                    m.mm("centreLength") <= full + 0.4,
                    "centreLength",
                    Wording.fill(
                            "The middle of %.0f mm is longer than from the highest point of the shoulder, %.0f mm. Measure both again.",
                            m.mm("centreLength"), full));
            ShapeDrawing.require(
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

    static ShapeDrawing front(ShapeDrawing.Figures m) {
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

    static ShapeDrawing torso(ShapeDrawing.Figures m, double hemOpen, double folded) {
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
    static ShapeDrawing bodice(ShapeDrawing.Figures m) {
        double folded = 2 * m.mm("darts") * m.mm("dartDepth");
        ShapeDrawing body = torso(m, m.mm("waist") + folded, folded);
        double end = m.mm("waist") / 2 + folded / 2;
        body.tapes().put("dartDepth", TapeLine.level(end - m.mm("dartDepth"), end, 0));
        return body;
    }

    static ShapeDrawing belowYoke(ShapeDrawing.Figures m) {
        double width = m.mm("width") / 2;
        double under = ShapeDrawing.upright("side", "A side seam", m.mm("side"), width - m.mm("hem") / 2);
        ShapeDrawing.require(
                m.mm("length") > under + ShapeDrawing.LEAST_ARMHOLE_MM,
                "length",
                Wording.fill(
                        "The middle of %.0f mm ends below the armhole. Measure it and the side seam again.",
                        m.mm("length")));
        ShapeDrawing.require(
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
}
