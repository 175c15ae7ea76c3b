package org.handdown.unpick;

import org.handdown.measure.Practice;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.source.graph.Join;

/**
 * A part of a join's length, mm from its start: all that has to be opened for an alteration.
 *
 * @param fromMm where the alteration begins
 * @param toMm where it ends
 */
public record Stretch(double fromMm, double toMm) {
    public Stretch {
        if (!(fromMm >= 0 && toMm > fromMm)) {
            throw new RefusedValueException("stretch", "A stretch runs from a smaller to a larger figure, in order.");
        }
    }

    /** Length to open: the stretch and a margin past each end, as far as the join goes. */
    public double openedMm(Join join, Practice practice) {
        return reachMm(join, practice.of(Practice.Figure.OPEN_PAST));
    }

    /** Length to sew afterwards: what was opened and the restart at each end that lies inside the join. */
    public double sewnMm(Join join, Practice practice) {
        return reachMm(join, practice.of(Practice.Figure.OPEN_PAST) + practice.of(Practice.Figure.RESTART));
    }

    private double reachMm(Join join, double pastMm) {
        return Math.min(join.lengthMm(), toMm + pastMm) - Math.max(0, fromMm - pastMm);
    }

    /** @throws RefusedValueException when it reaches past the end of the join */
    public Stretch requireOn(Join join) {
        if (toMm > join.lengthMm() + 0.5) {
            throw new RefusedValueException(
                    "stretch",
                    Wording.fill(
                            "The %s is only %.0f mm long; a stretch to %.0f mm reaches past its end.",
                            join.name(), join.lengthMm(), toMm));
        }
        return this;
    }
}
