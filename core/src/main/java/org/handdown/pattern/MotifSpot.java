package org.handdown.pattern;

import org.handdown.geometry.Point;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/**
 * A motif of the cloth that is to come out on a spot of a piece.
 *
 * @param motif its name on the panel
 * @param partner name of the motif that mirrored copies show: its mirror image where the cloth has one, else the same
 * @param at piece frame, mm; mirrored with the piece
 * @param withinMm farthest the motif's centre may be from it
 */
public record MotifSpot(String motif, String partner, Point at, double withinMm) {
    private static final double MOST_MM = 300;

    public MotifSpot {
        if (motif.isBlank() || motif.length() > 60 || partner.isBlank() || partner.length() > 60) {
            throw new RefusedValueException("change.motif", "Name a motif that is marked on a panel.");
        }
        if (!(withinMm >= 0 && withinMm <= MOST_MM)) {
            throw new RefusedValueException(
                    "change.within", Wording.of("A motif may be from 0 to 300 mm off its spot."));
        }
    }
}
