package org.handdown.fit.search;

import java.util.Random;

/** Goes from the shortest lay to others about as short. */
final class Wandering {

    /** Steps of wandering before the pieces are laid anew again. */
    private static final int WANDERINGS = 10;

    /** Two pieces change places on up to so much more cloth, and now and then on less. */
    private static final double MOST_ROOM = 0.027;

    private static final double LEAST_ROOM = -0.003;

    /** So much longer than the shortest a lay may be to wander on from. */
    private static final double MOST_ASTRAY = 0.01;

    /** The first squeeze after it, and how many may fail. */
    private static final double SQUEEZE_ASTRAY = 0.01;

    private static final int FAILURES_ASTRAY = 2;

    private final StripLay lay;
    private final LayTable table;
    private final SearchProblem bench;
    private final Random random;

    Wandering(StripLay lay) {
        this.lay = lay;
        this.table = lay.table;
        this.bench = lay.bench;
        this.random = lay.random;
    }

    /**
     * From the shortest lay to others about as short: pieces change places on a little more cloth, what comes out is squeezed, and if it is
     * not much longer than the shortest it goes on from there. So other rows are reached that no single change of the shortest lay brings
     * (iterated local search, Lourenço, Martin and Stützle 2003, with record-to-record travel, Dueck 1993; both from memory).
     */
    void wander(double least) {
        LayState here = lay.shortestState();
        double hereMm = lay.lengthMm();
        for (int i = 0; i < WANDERINGS && !table.stopped(); i++) {
            table.state = here.copy();
            for (int swaps = 1 + random.nextInt(2); swaps > 0; swaps--) {
                lay.swapTwo();
            }
            double room = LEAST_ROOM + random.nextDouble() * (MOST_ROOM - LEAST_ROOM);
            table.lengthLimit = Math.max(least, hereMm * (1 + room));
            if (!lay.isWorkedOut(lay.beyond())) {
                continue;
            }
            squeezeAstray(least);
            lay.isShorter();
            if (lay.reachMm() < lay.lengthMm() * (1 + MOST_ASTRAY)) {
                here = table.state.copy();
                hereMm = lay.reachMm();
            }
        }
    }

    /** Squeezes what lies as it is, until that has failed a few times. */
    private void squeezeAstray(double least) {
        double cut = SQUEEZE_ASTRAY;
        for (int failures = 0;
                failures < FAILURES_ASTRAY && lay.reachMm() > least + StripLay.LEAST_GAIN_MM && !table.stopped(); ) {
            LayState before = table.state.copy();
            double was = lay.reachMm();
            table.lengthLimit = Math.max(least, was * (1 - cut));
            if (lay.isWorkedOut(lay.beyond()) && lay.reachMm() < was) {
                cut *= 1.3;
            } else {
                table.state = before;
                cut *= 0.4;
                failures++;
            }
        }
    }
}
