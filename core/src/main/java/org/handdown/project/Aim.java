package org.handdown.project;

import org.handdown.body.Wearer;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.RefusedValueException;
import org.handdown.pattern.DungareesEase;

/**
 * What to make, for whom, and how roomy.
 *
 * @param what in words, for example art smock
 * @param ease asked for by the dungarees' draft only
 * @param unit in which this household reads its lengths
 */
public record Aim(Garment garment, String what, Wearer wearer, DungareesEase ease, LengthUnit unit) {
    public Aim {
        if (what.isBlank() || what.length() > 80) {
            throw new RefusedValueException("aim.what", "Say in up to 80 characters what it will be.");
        }
    }
}
