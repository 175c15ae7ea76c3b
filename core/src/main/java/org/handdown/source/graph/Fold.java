package org.handdown.source.graph;

import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

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
            throw new RefusedValueException("fold.depth", Wording.of("must be above 0 and at most 2 m."));
        }
    }

    /**
     * Share of its depth that it still has so far from its edge.
     *
     * @param inMm from the edge into the part
     * @param fallsOpenMm how far what is held at its edge only counts as held
     */
    public double heldAt(double inMm, double fallsOpenMm) {
        return switch (kind) {
            case DART -> lengthMm <= 0 ? 0 : Math.max(0, 1 - inMm / lengthMm);
            case TUCK -> inMm <= lengthMm ? 1 : 0;
            case PLEAT, GATHER -> inMm <= fallsOpenMm ? 1 : 0;
        };
    }

    /** What letting out all of it gives along the edge: twice the depth of each (handbook of the trade §3). */
    public double hiddenMm() {
        return 2 * count * depthMm;
    }
}
