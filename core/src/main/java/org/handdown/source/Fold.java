package org.handdown.source;

import org.handdown.measure.RefusedValueException;

/**
 * Cloth folded away in a part: where a source can grow.
 *
 * @param edge that the folds are sewn into
 * @param depthMm folded depth of one; for gathers half of what they take up
 * @param lengthMm how far it runs from the edge; 0 for gathers
 */
public record Fold(String id, Kind kind, String part, String edge, int count, double depthMm, double lengthMm) {
    /** Kinds of fold, from least to most seen when let out. */
    public enum Kind {
        PLEAT("pleat"),
        GATHER("gather"),
        TUCK("tuck"),
        DART("dart");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public Fold {
        if (count < 1 || count > 60) {
            throw new RefusedValueException("fold.count", "must be from 1 to 60.");
        }
        if (!(depthMm > 0 && depthMm <= 2000)) {
            throw new RefusedValueException("fold.depth", "must be above 0 and at most 2 m.");
        }
    }

    /** What letting out all of it gives along the edge: twice the depth of each (handbook of the trade §3). */
    public double hiddenMm() {
        return 2 * count * depthMm;
    }
}
