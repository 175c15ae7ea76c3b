package org.handdown.fit.search;

import java.util.Random;

/**
 * Lays all pieces on as short a length of cloth as can be, by four ways in turn: pieces are laid anew where they fit best on little more
 * than the least thinkable length; all are laid anew on a little less than the shortest and forced in; the shortest lay so far is
 * squeezed a little and the overlaps worked out; and from it the search wanders over lays that are a little longer.
 */
final class StripSearch {

    /** So many are laid anew fast enough to begin with that. */
    private static final int FEW_COPIES = 32;

    /** Squeezes one after the other before the pieces are laid anew. */
    private static final int SQUEEZES = 12;

    /** Squeezes that fail one after the other before the pieces are laid anew. */
    private static final int MOST_FAILURES = 6;

    /** The same where the pieces mate. */
    private static final int FEW_FAILURES = 3;

    /** Least and most to take off the length at once when all pieces are laid anew and forced in. */
    private static final double LEAST_CUT = 0.003;

    private static final double MOST_CUT = 0.033;

    private static final double LEAST_SQUEEZE = 0.0015;

    private static final double MOST_SQUEEZE = 0.04;

    /** More than so many gain more by squeezing all the time. */
    private static final int FEW_TO_WANDER = 24;

    private final LayTable table;
    private final SearchProblem bench;
    private final Random random;
    private final StripLay lay;
    private final Relaying relaying;
    private final Wandering wandering;
    /** Share of the length to take off next. */
    private double squeeze = 0.02;

    StripSearch(LayTable table, Search.Better better) {
        this.table = table;
        this.bench = table.bench;
        this.random = table.random;
        this.lay = new StripLay(table, better);
        this.relaying = new Relaying(lay);
        this.wandering = new Wandering(lay);
    }

    /** Ever shorter, until told to stop, the steps are used up or nothing shorter is thinkable. */
    void run(long steps) {
        lay.begin();
        double least = lay.leastLengthMm();
        boolean small = bench.pieceOf().length <= FEW_COPIES;
        for (long step = 0;
                step < steps && !table.stopped() && lay.lengthMm() > least + StripLay.LEAST_GAIN_MM;
                step++) {
            relaying.run(least, small, step == 0);
            lay.lookElsewhere();
            if (lay.lengthMm() < Double.POSITIVE_INFINITY) {
                boolean apart = small && !relaying.mates();
                if (apart && !table.stopped()) {
                    startOver(least);
                }
                squeezes(least);
                if (apart && bench.pieceOf().length <= FEW_TO_WANDER) {
                    wandering.wander(least);
                }
            }
        }
    }

    /** Squeezes one after the other, by more after a success and by less after a failure. */
    private void squeezes(double least) {
        int failures = 0;
        for (int i = 0;
                i < SQUEEZES && failures < (relaying.mates() ? FEW_FAILURES : MOST_FAILURES) && !table.stopped();
                i++) {
            table.lengthLimit = Math.max(least, lay.lengthMm() * (1 - squeeze));
            if (table.lengthLimit > lay.lengthMm() - StripLay.LEAST_GAIN_MM) {
                break;
            }
            if (squeeze(failures)) {
                squeeze = Math.min(MOST_SQUEEZE, squeeze * 1.3);
                failures = 0;
            } else {
                squeeze = Math.max(LEAST_SQUEEZE, squeeze * 0.6);
                failures++;
            }
        }
    }

    /** All pieces laid anew on a little less than the shortest length, in another order; what finds no room is put in by force. */
    private void startOver(double least) {
        double cut = LEAST_CUT + random.nextDouble() * (MOST_CUT - LEAST_CUT);
        table.lengthLimit = Math.max(least, lay.lengthMm() * (1 - cut));
        table.state = bench.fresh();
        table.chooseWays();
        table.recreate();
        if (lay.isWorkedOut(table.missing())) {
            lay.isShorter();
        }
    }

    /**
     * The shortest lay with all that reaches beyond the limit put in by force. After failures two pieces change places first, in the
     * shortest lay or in the one that nearly came out.
     */
    private boolean squeeze(int failures) {
        table.state = failures > 0 && random.nextBoolean()
                ? table.separation.nearest().copy()
                : lay.shortestState();
        if (failures > 0) {
            lay.swapTwo();
        }
        return lay.isWorkedOut(lay.beyond()) && lay.isShorter();
    }
}
