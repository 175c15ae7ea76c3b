package org.handdown.assembly;

import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/**
 * Darts, pleats, tucks or gathers on an edge: it is so much shorter where it is sewn.
 *
 * @param takesMm of the edge's length, all of them together
 */
public record Fold(String id, String component, String edge, double takesMm) {
    public Fold {
        if (!(takesMm > 0 && takesMm <= 10_000)) {
            throw new RefusedValueException("fold", Wording.of("Folds take up more than 0 and at most 10 m."));
        }
    }
}
