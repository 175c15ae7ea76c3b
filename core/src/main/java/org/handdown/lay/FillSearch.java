package org.handdown.lay;

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
    private final Bench bench;
    private final Random random;
    private final Search.Better better;

    FillSearch(LayTable table, Search.Better better) {
        this.table = table;
        this.bench = table.bench;
        this.random = table.random;
        this.better = better;
    }

    /** @param warm the table holds an older lay that is worth going on from */
    void run(long steps, boolean warm) {
        Score best = table.score(Score.NOTHING);
        LayState bestState = table.state.copy();
        better.found(bestState, best);
        if (!warm && table.hasManyPanels()) {
            table.layAnew(bestState);
            Score filled = table.score(best);
            if (filled.compareTo(best) > 0) {
                best = filled;
                bestState = table.state.copy();
                better.found(bestState, best);
            } else {
                table.state = bestState.copy();
            }
        }
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
            if (now.compareTo(best) > 0) {
                best = now;
                bestState = table.state.copy();
                better.found(bestState, best);
                idle = 0;
            } else {
                idle++;
            }
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
