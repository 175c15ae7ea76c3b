package org.handdown.source.graph;

import org.handdown.fit.EdgeKind;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/**
 * How a free edge is finished.
 *
 * @param depthMm of the hem, band or rib; 0 for a selvedge
 * @param restMm its own length where it draws the edge in, as a rib does; 0 where it is as long as the edge
 */
public record EdgeFinish(EdgeKind kind, double depthMm, double restMm) {
    /** A finish as long as its edge. */
    public EdgeFinish(EdgeKind kind, double depthMm) {
        this(kind, depthMm, 0);
    }

    public EdgeFinish {
        if (!(restMm >= 0 && restMm <= 10_000)) {
            throw new RefusedValueException("finish.rest", Wording.of("must be from 0 to 10 m."));
        }
        if (!(depthMm >= 0 && depthMm <= 400)) {
            throw new RefusedValueException("finish.depth", Wording.of("must be from 0 to 400 mm."));
        }
    }
}
