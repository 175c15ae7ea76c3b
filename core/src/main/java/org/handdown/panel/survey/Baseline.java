package org.handdown.panel.survey;

import java.util.List;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;

/**
 * A straight tape on the cloth, and points by their distance along it and square off it. Frame: the tape runs up from its zero along +y,
 * which is the lengthwise grain where it was laid on a thread.
 */
public record Baseline(List<Offset> points) implements OutlineMethod {
    /**
     * @param alongMm from the tape's zero; may lie before it
     * @param rightMm square off the tape; negative to the left of somebody who looks along it from zero
     */
    public record Offset(double alongMm, double rightMm, boolean corner, String edge) {
        TapePoint point() {
            return new TapePoint(new Point(rightMm, alongMm), corner, edge);
        }
    }

    public Baseline {
        points = List.copyOf(points);
        WalkedOutline.of(points.stream().map(Offset::point).toList());
    }

    @Override
    public Outline outline() {
        return WalkedOutline.of(points.stream().map(Offset::point).toList());
    }

    /** Two readings of a tape, square to each other. */
    @Override
    public double toleranceMm(double tapeMm) {
        return Math.sqrt(2) * tapeMm;
    }

    @Override
    public List<String> findings() {
        return List.of();
    }
}
