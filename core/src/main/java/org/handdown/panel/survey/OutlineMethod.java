package org.handdown.panel.survey;

import java.util.List;
import org.handdown.geometry.Outline;
import org.handdown.measure.Origin;

/** A way to get a panel's true outline from the cloth on the table; each says how far its outline may be trusted. */
public sealed interface OutlineMethod permits Baseline, TwoPins, FourSides, ShapeByMeasures, DrawnOutline, Doubled {
    /** The cloth's edge; panel frame: mm, counter-clockwise. */
    Outline outline();

    /**
     * How far a point of the outline may be off, mm.
     *
     * @param tapeMm one reading of the tape, either way
     */
    double toleranceMm(double tapeMm);

    /** By the tape as it is shipped. */
    default double toleranceMm() {
        return toleranceMm(Origin.TAPE.toleranceMm());
    }

    /** What the measures say about each other, in sentences with lengths in mm; empty where they agree. */
    List<String> findings();
}
