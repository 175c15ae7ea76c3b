package org.handdown.project;

import org.handdown.body.Wearer;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.RefusedValueException;
import org.handdown.pattern.draft.Drafts;

/**
 * What to make and for whom.
 *
 * @param draft that the pieces come from; empty where they are brought in or entered, or where nothing is cut out
 * @param what in words, for example art smock
 * @param unit in which this household reads its lengths
 */
public record Aim(Garment garment, String draft, String what, Wearer wearer, LengthUnit unit) {
    public Aim {
        if (what.isBlank() || what.length() > 80) {
            throw new RefusedValueException("aim.what", "Say in up to 80 characters what it will be.");
        }
        if (!draft.isEmpty()) {
            Drafts.require(draft);
            if (!garment.isCutOut()) {
                throw new RefusedValueException("aim.draft", "Nothing is drafted where the source itself is altered.");
            }
        }
    }
}
