package org.handdown.source.anatomy;

import java.util.List;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.source.shape.Block;

/** The panels of a skirt between their stitch lines, laid out flat with pleats, gathers and darts undone. */
record SkirtPanel(SkirtMeasures m) {
    private static final double HIP_DEEP_MM = 200;
    /** One of two like panels, between its stitch lines, laid out flat with its pleats, gathers or darts undone. */
    Outline of(boolean front) {
        double half = m.mm("waist") / 2;
        double length = m.mm("length");
        return switch (m.kind()) {
            case SKIRT -> straight(half + m.folded("darts", "dartDepth", front));
            case PLEATED_SKIRT ->
                tapered(
                        Math.max(m.mm("hem") / 2, half),
                        half + m.folded("pleats", "pleatDepth", front) + m.folded("darts", "dartDepth", front));
            case GATHERED_SKIRT -> tapered(Math.max(m.mm("flat"), m.mm("waist")) / 2, m.flatHalf());
            default -> {
                // Waist radius of a part of a circle: girth over its share of 2π (handbook of the trade §4).
                double turn = 90.0 * m.m().count("quarters");
                double radius = m.mm("waist") / Math.toRadians(turn);
                yield Block.sector(radius, radius + length, turn / 2);
            }
        };
    }

    /** Its sides run smoothly from the waist over the hip to the hem. */
    private Outline straight(double waist) {
        double length = m.mm("length");
        double hem = m.mm("hem") / 2;
        double hip = m.mm("hip") / 2;
        double hipY = length - HIP_DEEP_MM;
        if (hipY < 0.2 * length) {
            // Shorter than the hip lies deep: the hem is the widest that was measured.
            return tapered(hem, waist);
        }
        Edge right = Edge.smooth(
                "side-right", List.of(new Point(hem / 2, 0), new Point(hip / 2, hipY), new Point(waist / 2, length)));
        Edge left =
                new Edge("side-left", right.map(p -> p.mirrored()).reversed().segments());
        return new Outline(List.of(
                Edge.line("hem", left.end(), right.start()),
                right,
                Edge.line("waist", right.end(), left.start()),
                left));
    }

    private Outline tapered(double hem, double waist) {
        return Block.tapered(Block.Sides.SKIRT, hem, waist, m.mm("length"));
    }
}
