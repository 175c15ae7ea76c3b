package org.handdown.geometry;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.noding.BasicSegmentString;
import org.locationtech.jts.noding.MCIndexNoder;
import org.locationtech.jts.operation.valid.IsValidOp;
import org.locationtech.jts.operation.valid.TopologyValidationError;

/** Where the sides of a ring meet that should not. */
public final class RingCrossings {
    private RingCrossings() {}
    /** A place where a ring crosses or touches itself; null where it does not. */
    public static @Nullable Point first(Ring ring) {
        TopologyValidationError error = new IsValidOp(JtsShapes.polygon(ring)).getValidationError();
        return error == null ? null : new Point(error.getCoordinate().x, error.getCoordinate().y);
    }

    /** How often the sides of a ring cross each other, counted up to a bound: a scribble is told in no time. */
    public static int count(Ring ring, int most) {
        JtsShapes.CrossingCount counted = new JtsShapes.CrossingCount(most);
        new MCIndexNoder(counted)
                .computeNodes(List.of(new BasicSegmentString(
                        JtsShapes.polygon(ring).getExteriorRing().getCoordinates(), null)));
        return counted.crossings;
    }
}
