package org.handdown.fit.search;

import java.util.function.BooleanSupplier;
import org.jspecify.annotations.Nullable;

/** One thread's search: a constructive start, then steps that each begin and end with a sound lay, until it is told to stop. */
final class Search {
    private final SearchProblem bench;
    private final LayTable table;

    /** Told of each better lay, and asked for one of another thread's; called on the searching thread. */
    interface Better {
        void found(LayState lay, Score score);

        /** The best of the other threads, where it beats this one's; null where it does not. */
        default @Nullable LayState elsewhere(Score own) {
            return null;
        }
    }

    Search(SearchProblem bench, long seed, BooleanSupplier stop) {
        this.bench = bench;
        this.table = new LayTable(bench, seed, stop);
    }

    /** Lays roughly and tells it, so that there is something within a moment. */
    void tellFirst(Better better) {
        table.state = bench.fresh();
        new FirstLay(bench, table.stop).lay(table.state, () -> better.found(table.state.copy(), table.roughScore()));
    }

    /**
     * Runs until told to stop or the steps are used up.
     *
     * @param fromStart begins with the lay there is, else with what is pinned alone
     */
    void run(long steps, boolean fromStart, Better better) {
        table.state = fromStart ? bench.start().copy() : bench.fresh();
        boolean warm = fromStart && bench.isBegun();
        if (bench.isShortest()) {
            table.recreate();
            new StripSearch(table, better).run(steps);
        } else {
            new FillSearch(table, better).run(steps, warm);
        }
    }
}
