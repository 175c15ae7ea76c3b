package org.handdown.source;

import org.handdown.measure.RefusedValueException;

/**
 * A fault or mark found when the source was looked through.
 *
 * @param where in words: which part, where on it
 */
public record Fault(String what, String where, Remedy remedy) {
    /** Taken out by a step of its own, hidden, or kept clear of. */
    public enum Remedy {
        REMOVE("take it out: a step before cutting"),
        HIDE("hide it: under a pocket, in an allowance"),
        AVOID("keep clear of it");

        private final String words;

        Remedy(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public Fault {
        if (what.isBlank() || what.length() > 200 || where.length() > 200) {
            throw new RefusedValueException("fault.what", "Say in up to 200 characters what it is.");
        }
    }
}
