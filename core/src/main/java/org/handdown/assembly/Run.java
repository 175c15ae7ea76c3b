package org.handdown.assembly;

import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/** A stretch of a component's edge, along its stitch line from where the edge starts, mm. */
public record Run(String component, String edge, double fromMm, double toMm) {
    public Run {
        if (!(fromMm >= 0 && toMm > fromMm)) {
            throw new RefusedValueException(
                    "run",
                    Wording.fill("A stretch of the %s runs from its start forward, above 0 mm.", Wording.spoken(edge)));
        }
    }

    public double flatMm() {
        return toMm - fromMm;
    }

    public boolean overlaps(Run other) {
        return component.equals(other.component)
                && edge.equals(other.edge)
                && Math.min(toMm, other.toMm) - Math.max(fromMm, other.fromMm) > Assembly.SAME_MM;
    }
}
