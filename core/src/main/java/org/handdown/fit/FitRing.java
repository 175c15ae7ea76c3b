package org.handdown.fit;

import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/** What an outline must be before it can be fitted. */
final class FitRing {
    /** Nothing that lies on a table reaches farther; beyond it rounding would eat the tolerances. */
    private static final double FARTHEST_MM = 200_000;

    private static final int MOST_POINTS = 5_000;

    private FitRing() {}

    static void require(String field, Ring ring) {
        if (ring.size() > MOST_POINTS) {
            throw new RefusedValueException(
                    field,
                    Wording.fill("has %d points; %d are enough for any curve at 0.2 mm.", ring.size(), MOST_POINTS));
        }
        for (Point p : ring.points()) {
            if (!(Math.abs(p.x()) <= FARTHEST_MM && Math.abs(p.y()) <= FARTHEST_MM)) {
                throw new RefusedValueException(
                        field, Wording.fill("has a point at %s, %s; coordinates are mm within ±200000.", p.x(), p.y()));
            }
        }
        if (!ring.isSimple()) {
            throw new RefusedValueException(
                    field, "crosses or touches itself or has no area; draw it as one simple polygon.");
        }
    }

    static void requireRun(String field, Ring ring, int from, int to) {
        if (from < 0 || to < 0 || from >= ring.size() || to >= ring.size() || from == to) {
            throw new RefusedValueException(
                    field,
                    Wording.fill(
                            "runs from vertex %d to %d; both must differ and lie between 0 and %d.",
                            from, to, ring.size() - 1));
        }
    }
}
