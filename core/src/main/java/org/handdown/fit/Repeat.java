package org.handdown.fit;

import org.handdown.geometry.Point;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/**
 * Stripes: lines where the distance along {@code directionDeg} is {@code phaseMm + k · periodMm}. Panel frame.
 */
public record Repeat(String id, double directionDeg, double periodMm, double phaseMm) {
    public Repeat {
        if (!(periodMm > 0)) {
            throw new RefusedValueException("period", Wording.of("A repeat needs a period above 0 mm."));
        }
    }

    /** How far past a line of the pattern a point lies, in [0, period). */
    public double phaseAtMm(Point inPanel) {
        double rest = (inPanel.dot(Point.unit(directionDeg)) - phaseMm) % periodMm;
        return rest < 0 ? rest + periodMm : rest;
    }

    /** The lesser way round between two phases, mm. */
    public double apartMm(double onePhase, double otherPhase) {
        double apart = Math.abs(onePhase - otherPhase) % periodMm;
        return Math.min(apart, periodMm - apart);
    }
}
