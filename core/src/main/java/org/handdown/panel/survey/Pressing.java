package org.handdown.panel.survey;

import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/**
 * One distance before and after pressing or washing: the panel is as much smaller or larger in that direction.
 *
 * @param what was done, in words
 */
public record Pressing(String what, Direction direction, double beforeMm, double afterMm) {
    /** Cloth that shrinks or grows by more than this was measured wrong (common practice, no source). */
    private static final double MOST_CHANGE = 0.25;

    /** In which the two readings were taken; cloth often changes along the grain only. */
    public enum Direction {
        BOTH,
        ALONG,
        ACROSS
    }

    public Pressing {
        if (!(beforeMm >= 50 && beforeMm <= 8000)) {
            throw new RefusedValueException("pressing.before", Wording.of("Take a distance from 5 cm to 8 m."));
        }
        if (!(Math.abs(afterMm / beforeMm - 1) <= MOST_CHANGE)) {
            throw new RefusedValueException(
                    "pressing.after",
                    Wording.fill(
                            "%.0f mm after %.0f mm is a change of more than a quarter. Measure both ends again.",
                            afterMm, beforeMm));
        }
    }

    public double factor() {
        return afterMm / beforeMm;
    }
}
