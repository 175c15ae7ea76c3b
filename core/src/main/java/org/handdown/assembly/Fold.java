package org.handdown.assembly;

import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/**
 * Darts, pleats, tucks or gathers on an edge: it is so much shorter where it is sewn.
 *
 * @param takesMm of the edge's length, all of them together
 * @param gives an elastic or a cord holds it: pulled, the edge is as long as its cloth
 */
public record Fold(String id, String component, String edge, double takesMm, boolean gives) {
    /** Sewn down. */
    public Fold(String id, String component, String edge, double takesMm) {
        this(id, component, edge, takesMm, false);
    }

    public Fold {
        if (!(takesMm > 0 && takesMm <= 10_000)) {
            throw new RefusedValueException("fold", Wording.of("Folds take up more than 0 and at most 10 m."));
        }
    }
}
