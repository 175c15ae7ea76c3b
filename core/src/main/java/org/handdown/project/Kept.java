package org.handdown.project;

import java.util.List;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * Results kept by what they were made from: who asks again with equal figures gets what was made, and a change of one figure makes anew only what
 * reads it. Keys and results are values that nobody changes; whoever keeps them may let any of them go at any time.
 */
public interface Kept {
    /** What is kept; each by inputs of its own. */
    enum Result {
        DOCUMENT,
        ANATOMY,
        OPENINGS,
        CROSSINGS,
        ALTERED,
        CUT_OFF,
        PANEL,
        DESIGN,
        KEEPERS,
        USES,
        PROBLEM,
        ENOUGH,
        SURENESS,
        USABLE,
        SOURCE_CLOTH,
        LEFTOVERS,
        VIEW_JOINS,
        VIEW_PANELS,
        VIEW_PIECES,
        FIELDS,
        STEPS,
        WORKABLE,
        IDEA,
        THING,
        SHEETS,
        DRAWN,
        VIEW
    }

    /** Keeps nothing. */
    Kept NOTHING = new Kept() {
        @Override
        public <T> T of(Result result, List<? extends @Nullable Object> from, Supplier<T> make) {
            return make.get();
        }
    };

    /**
     * @param from everything that making it reads, compared by value
     * @param make pure: the same from the same; what it throws is thrown, and nothing is kept then
     */
    <T> T of(Result result, List<? extends @Nullable Object> from, Supplier<T> make);
}
