package org.handdown.fit.search;

import java.util.Random;

/**
 * Lays as much as can be on the panels there are: steps that take some pieces off and lay them again, keeping what is not worse. Method:
 * ruin and recreate (Schrimpf et al., 2000, from memory).
 */
final class FillSearch {
    /** Steps without gain before the search goes on from the best lay, or from an empty table. */
    private static final int PATIENCE = 120;

    /** Rounds of working overlaps out between two layings. */
    private static final int ROUNDS = 60;

    private final LayTable table;
    private final SearchProblem bench;
    private final Random random;
    private final Search.Better better;
    private Score best = Score.NOTHING;
    private LayState bestState;

    FillSearch(LayTable table, Search.Better better) {
        this.table = table;
        this.bench = table.bench;
        this.random = table.random;
        this.better = better;
        this.bestState = table.state.copy();
    }

    /** @param warm the table holds an older lay that is worth going on from */
    void run(long steps, boolean warm) {
        begin(warm);
        Score current = best;
        double weight = table.weight();
        int idle = 0;
        int required = bench.problem().pieces().stream()
                .mapToInt(p -> p.required() ? p.quantity() : 0)
                .sum();
        for (long step = 0; step < steps && !table.stopped(); step++) {
            LayState before = table.state.copy();
            table.chooseWays();
            if (idle > 4 && current.required() < required && random.nextInt(14) == 0) {
                separate();
            } else {
                table.ruin();
                table.recreate();
            }
            if (table.stopped()) {
                break;
            }
            Score now = table.score(best);
            idle = keepIfBetter(now) ? 0 : idle + 1;
            if (isAcceptable(now, current, weight)) {
                current = now;
                weight = table.weight();
            } else {
                table.state = before;
            }
            if (idle >= PATIENCE) {
                idle = 0;
                LayState other = better.elsewhere(best);
                if (random.nextInt(3) == 0) {
                    table.layAnew(bestState);
                } else {
                    table.state = other != null ? other : bestState.copy();
                    table.recreate();
                }
                current = table.score(best);
                weight = table.weight();
            }
        }
    }

    private void begin(boolean warm) {
        boolean panelByPanel = !warm && table.hasSeveralPanels();
        if (!panelByPanel || !table.isLarge()) {
            table.recreate();
            keepIfBetter(table.score(best));
        }
        if (panelByPanel) {
            // To fill many panels takes a while: what lies is told meanwhile.
            table.layAnew(bestState, () -> better.found(table.state.copy(), table.score(Score.NOTHING)));
            if (!keepIfBetter(table.score(best))) {
                table.state = bestState.copy();
            }
        }
    }

    /** Keeps and tells what is on the table if nothing before was as good. */
    private boolean keepIfBetter(Score now) {
        if (now.compareTo(best) <= 0) {
            return false;
        }
        best = now;
        bestState = table.state.copy();
        better.found(bestState, best);
        return true;
    }

    /** Puts what is missing in by force and works the overlaps out. */
    private void separate() {
        table.settle();
        table.separation.work(table.state, table.settled, table.missing(), table.wallMm(), ROUNDS);
    }

    private boolean isAcceptable(Score now, Score current, double before) {
        double weight = table.weight();
        if (weight < before - 1e-9) {
            return random.nextInt(25) == 0 && weight > 0.9 * before;
        }
        double slack = Math.abs(current.leftover()) * 0.02;
        return weight > before + 1e-9 || now.leftover() >= current.leftover() - slack;
    }
}
