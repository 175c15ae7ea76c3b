package org.handdown.panel.survey;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.measure.Wording;
import org.handdown.source.shape.Block;

/** Outlines of skirt panels by their measures. */
final class SkirtShapes {
    private SkirtShapes() {}

    static ShapeDrawing gore(ShapeDrawing.Figures m) {
        double length = m.mm("length");
        double hipHeight = length - m.mm("hipDepth");
        ShapeDrawing.require(
                hipHeight > 20, "hipDepth", "Hip level lies below the hem. Measure it from the upper edge down.");
        Point hem = new Point(m.mm("hem") / 2, 0);
        Point hip = new Point(m.mm("hip") / 2, hipHeight);
        Point top = new Point(m.mm("upper") / 2, length);
        Edge side = Edge.smooth("side-right", List.of(hem, hip, top));
        Outline outline = new Outline(List.of(
                Edge.line("hem", ShapeDrawing.flip(hem), hem),
                side,
                Edge.line("upper", top, ShapeDrawing.flip(top)),
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

    static ShapeDrawing flared(ShapeDrawing.Figures m) {
        double upper = m.mm("upper") / 2;
        double hem = m.mm("hem") / 2;
        double top = ShapeDrawing.upright("side", "A side seam", m.mm("side"), hem - upper);
        double middle = top - m.mm("dip");
        double low = middle - m.mm("length");
        ShapeDrawing.require(
                Math.abs(low) < 0.6 * hem,
                "length",
                Wording.fill(
                        "With these figures the hem would bow by %.0f mm at the middle. Measure length, side and dip again.",
                        Math.abs(low)));
        ShapeDrawing.require(
                middle > 20 && low < middle - 20, "dip", "The upper edge hangs below the hem. Measure it again.");
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
    static Edge sagging(String name, Point from, Point to, double byMm) {
        Point off = new Point(0, 4 * byMm / 3);
        return Edge.curve(
                name,
                from,
                from.between(to, 1.0 / 3).plus(off),
                from.between(to, 2.0 / 3).plus(off),
                to);
    }

    static ShapeDrawing pleated(ShapeDrawing.Figures m) {
        double folded = 2 * m.mm("pleats") * m.mm("pleatDepth");
        double open = m.mm("upper") + folded;
        ShapeDrawing.require(
                open < 1.6 * m.mm("hem") && m.mm("hem") < 2.5 * open,
                "hem",
                Wording.fill(
                        "The upper edge opens to %.0f mm, the hem is %.0f mm: these do not belong to one panel. Count the pleats again and measure their depth.",
                        open, m.mm("hem")));
        Outline outline = Block.tapered(
                new Block.Sides("hem", "upper", "side-left", "side-right"), m.mm("hem"), open, m.mm("length"));
        Map<String, TapeLine> tapes = new LinkedHashMap<>();
        tapes.put("upper", TapeLine.following(outline.edge("upper")).less(folded));
        tapes.put("pleatDepth", TapeLine.level(open / 2 - m.mm("pleatDepth"), open / 2, m.mm("length")));
        tapes.put("hem", TapeLine.following(outline.edge("hem")));
        tapes.put("length", TapeLine.straight(new Point(0, m.mm("length")), new Point(0, 0)));
        tapes.put("diagonal", TapeLine.straight(new Point(-open / 2, m.mm("length")), new Point(m.mm("hem") / 2, 0)));
        return new ShapeDrawing(outline, tapes);
    }

    /** Hem and waist are arcs about one centre: their difference over the side is the angle in radians. */
    static ShapeDrawing circlePart(ShapeDrawing.Figures m) {
        double turn = (m.mm("hem") - m.mm("waist")) / m.mm("side");
        ShapeDrawing.require(
                turn > 0.05,
                "hem",
                "The hem is hardly longer than the waist: that is no part of a circle. Measure both along their curves.");
        ShapeDrawing.require(
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
