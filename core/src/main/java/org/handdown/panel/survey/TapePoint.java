package org.handdown.panel.survey;

import org.handdown.geometry.Point;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/**
 * A point of a cloth's edge as it was walked round.
 *
 * @param corner false on a curve that runs smoothly through it
 * @param edge name of the edge that begins here; empty where the one before goes on
 */
public record TapePoint(Point at, boolean corner, String edge) {
    private static final double FARTHEST_MM = 10_000;

    public TapePoint {
        if (!(Math.abs(at.x()) <= FARTHEST_MM && Math.abs(at.y()) <= FARTHEST_MM)) {
            throw new RefusedValueException(
                    "point", Wording.of("A panel lies within 10 m; check the figure and its unit."));
        }
        if (edge.length() > 60) {
            throw new RefusedValueException("edge", "An edge has a name of up to 60 letters.");
        }
    }
}
