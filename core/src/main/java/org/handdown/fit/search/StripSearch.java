package org.handdown.fit.search;

import java.util.List;
import java.util.Random;

/**
 * Lays all pieces on as short a length of cloth as can be, by four ways in turn: pieces are laid anew where they fit best on little more
 * than the least thinkable length; all are laid anew on a little less than the shortest and forced in; the shortest lay so far is
 * squeezed a little and the overlaps worked out; and from it the search wanders over lays that are a little longer.
 */
final class StripSearch {
    /** Steps without gain on one length, at most. */
    private static final double MOST_PATIENCE = 120;

    /** Steps without gain on the first lengths that are aimed at; later ones get more. */
    private static final double FIRST_PATIENCE = 40;

    /** Lengths to lay anew on, as multiples of the least thinkable. */
    private static final double[] NEAR_LEAST = {1.0005, 1.004, 1.01, 1.02, 1.035, 1.05};

    /** Rounds of working overlaps out after a squeeze. */
    private static final int ROUNDS = 300;

    /** So many are laid anew fast enough to begin with that. */
    private static final int FEW_COPIES = 32;

    /** Squeezes one after the other before the pieces are laid anew. */
    private static final int SQUEEZES = 12;

    /** Squeezes that fail one after the other before the pieces are laid anew. */
    private static final int MOST_FAILURES = 6;

    /** The same where the pieces mate. */
    private static final int FEW_FAILURES = 3;

    /** Where laying anew brings so much of the area, the pieces mate with each other and the rim, which squeezing never finds. */
    private static final double MATING = 0.85;

    /** Where the first of it brings less, the rest would only cost time: garments bring 0.55 to 0.73, cut-up cloth 0.75 and more. */
    private static final double PROMISING = 0.75;

    /** Where the last so many brought nothing, it is seldom tried again: large pieces bring as much area as cut-up cloth and never mate. */
    private static final int MOST_FRUITLESS = 6;

    private static final int SELDOM = 10;

    /** Least and most to take off the length at once when all pieces are laid anew and forced in. */
    private static final double LEAST_CUT = 0.003;

    private static final double MOST_CUT = 0.033;

    private static final double LEAST_SQUEEZE = 0.0015;

    private static final double MOST_SQUEEZE = 0.04;

    /** More than so many gain more by squeezing all the time. */
    private static final int FEW_TO_WANDER = 24;

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

    /** A gain in length worth a new lay, mm. */
    private static final double LEAST_GAIN_MM = 0.05;

    private final LayTable table;
    private final SearchProblem bench;
    private final Random random;
    private final Search.Better better;
    private Score shortest = Score.NOTHING;
    private LayState shortestState;
    /** The lay that brought most of the area when pieces were laid anew, and that share of it, fading. */
    private LayState relaid;

    private double mostRelaid;
    /** So often laying anew brought nothing, one time after the other. */
    private int fruitless;
    /** Steps without gain before a lay made anew is given up. */
    private double patience = FIRST_PATIENCE;
    /** Share of the length to take off next. */
    private double squeeze = 0.02;

    StripSearch(LayTable table, Search.Better better) {
        this.table = table;
        this.bench = table.bench;
        this.random = table.random;
        this.better = better;
        this.shortestState = table.state;
        this.relaid = table.state;
    }

    /** Ever shorter, until told to stop, the steps are used up or nothing shorter is thinkable. */
    void run(long steps) {
        shortest = table.score(Score.NOTHING);
        shortestState = table.state.copy();
        better.found(shortestState, shortest);
        double least = leastLengthMm();
        boolean small = bench.pieceOf().length <= FEW_COPIES;
        for (long step = 0; step < steps && !table.stopped() && lengthMm() > least + LEAST_GAIN_MM; step++) {
            int tries = small && step == 0 ? 2 : tries(small);
            for (int i = 0; i < tries && !table.stopped(); i++) {
                Score before = shortest;
                relay(least);
                fruitless = shortest == before ? fruitless + 1 : 0;
            }
            LayState other = better.elsewhere(shortest);
            if (other != null) {
                table.state = other;
                isShorter();
            }
            if (lengthMm() < Double.POSITIVE_INFINITY) {
                boolean apart = small && !mates();
                if (apart && !table.stopped()) {
                    startOver(least);
                }
                squeezes(least);
                if (apart && bench.pieceOf().length <= FEW_TO_WANDER) {
                    wander(least);
                }
            }
        }
    }

    /** Where laying anew comes near, it is worth more tries than the squeezing. */
    private int tries(boolean small) {
        int oneIn = fruitless >= MOST_FRUITLESS ? SELDOM : small ? 5 : 8;
        return mates() ? 4 : random.nextInt(oneIn) == 0 ? 1 : 0;
    }

    private boolean mates() {
        return mostRelaid > MATING && fruitless < MOST_FRUITLESS;
    }

    /** Squeezes one after the other, by more after a success and by less after a failure. */
    private void squeezes(double least) {
        int failures = 0;
        for (int i = 0; i < SQUEEZES && failures < (mates() ? FEW_FAILURES : MOST_FAILURES) && !table.stopped(); i++) {
            table.lengthLimit = Math.max(least, lengthMm() * (1 - squeeze));
            if (table.lengthLimit > lengthMm() - LEAST_GAIN_MM) {
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

    private double lengthMm() {
        return shortest.required() == bench.pieceOf().length ? -shortest.leftover() : Double.POSITIVE_INFINITY;
    }

    /** Takes what lies as the shortest lay if it is. */
    private boolean isShorter() {
        Score now = table.score(shortest);
        if (now.compareTo(shortest) <= 0) {
            return false;
        }
        shortest = now;
        shortestState = table.state.copy();
        better.found(shortestState, shortest);
        return true;
    }

    /** On little more than the least thinkable length, empty or as it nearly came out before: laid where it fits best, and in part again. */
    private void relay(double least) {
        // Where pieces mate, they only do so laid anew.
        table.lengthLimit = Math.min(least * NEAR_LEAST[random.nextInt(NEAR_LEAST.length)], lengthMm() - LEAST_GAIN_MM);
        boolean onward = mates() && random.nextInt(3) > 0;
        table.state = onward ? relaid.copy() : bench.fresh();
        beyond().forEach(c -> table.state.takeOff(c));
        table.chooseWays();
        table.touch();
        table.recreate();
        double weight = table.weight();
        double all = least * bench.problem().panels().get(0).outline().box().heightMm();
        if (!onward && weight / all < PROMISING) {
            isShorter();
            return;
        }
        for (int idle = 0; idle < patience && !table.stopped(); ) {
            if (isShorter()) {
                return;
            }
            LayState before = table.state.copy();
            table.chooseWays();
            table.ruin();
            table.recreate();
            double then = table.weight();
            idle = then > weight + 1 ? 0 : idle + 1;
            if (then >= weight || random.nextInt(30) == 0 && then > 0.9 * weight) {
                weight = then;
            } else {
                table.state = before;
            }
        }
        if (weight / all >= 0.98 * mostRelaid) {
            relaid = table.state.copy();
        }
        mostRelaid = Math.max(weight / all, 0.98 * mostRelaid);
        patience = mates() ? MOST_PATIENCE : Math.min(MOST_PATIENCE, patience * 1.1);
        isShorter();
    }

    /** All pieces laid anew on a little less than the shortest length, in another order; what finds no room is put in by force. */
    private void startOver(double least) {
        double cut = LEAST_CUT + random.nextDouble() * (MOST_CUT - LEAST_CUT);
        table.lengthLimit = Math.max(least, lengthMm() * (1 - cut));
        table.state = bench.fresh();
        table.chooseWays();
        table.recreate();
        if (isWorkedOut(table.missing())) {
            isShorter();
        }
    }

    /**
     * The shortest lay with all that reaches beyond the limit put in by force. After failures two pieces change places first, in the
     * shortest lay or in the one that nearly came out.
     */
    private boolean squeeze(int failures) {
        table.state = failures > 0 && random.nextBoolean()
                ? table.separation.nearest().copy()
                : shortestState.copy();
        if (failures > 0) {
            swapTwo();
        }
        return isWorkedOut(beyond()) && isShorter();
    }

    /** Puts copies in by force. @return true if the lay came out whole within the limit */
    private boolean isWorkedOut(List<Integer> missing) {
        table.settle();
        return table.separation.work(table.state, table.settled, missing, table.wallMm(), ROUNDS);
    }

    /**
     * From the shortest lay to others about as short: pieces change places on a little more cloth, what comes out is squeezed, and if it is
     * not much longer than the shortest it goes on from there. So other rows are reached that no single change of the shortest lay brings
     * (iterated local search, Lourenço, Martin and Stützle 2003, with record-to-record travel, Dueck 1993; both from memory).
     */
    private void wander(double least) {
        LayState here = shortestState.copy();
        double hereMm = lengthMm();
        for (int i = 0; i < WANDERINGS && !table.stopped(); i++) {
            table.state = here.copy();
            for (int swaps = 1 + random.nextInt(2); swaps > 0; swaps--) {
                swapTwo();
            }
            double room = LEAST_ROOM + random.nextDouble() * (MOST_ROOM - LEAST_ROOM);
            table.lengthLimit = Math.max(least, hereMm * (1 + room));
            if (!isWorkedOut(beyond())) {
                continue;
            }
            squeezeAstray(least);
            isShorter();
            if (reachMm() < lengthMm() * (1 + MOST_ASTRAY)) {
                here = table.state.copy();
                hereMm = reachMm();
            }
        }
    }

    /** Squeezes what lies as it is, until that has failed a few times. */
    private void squeezeAstray(double least) {
        double cut = SQUEEZE_ASTRAY;
        for (int failures = 0; failures < FAILURES_ASTRAY && reachMm() > least + LEAST_GAIN_MM && !table.stopped(); ) {
            LayState before = table.state.copy();
            double was = reachMm();
            table.lengthLimit = Math.max(least, was * (1 - cut));
            if (isWorkedOut(beyond()) && reachMm() < was) {
                cut *= 1.3;
            } else {
                table.state = before;
                cut *= 0.4;
                failures++;
            }
        }
    }

    /** Length of the lay as it lies, mm. */
    private double reachMm() {
        return -table.score(shortest).leftover();
    }

    /** Copies that reach beyond the limit and may be moved. */
    private List<Integer> beyond() {
        List<Integer> beyond = bench.movable(table.state);
        beyond.removeIf(c -> table.reach(c) <= table.lengthLimit);
        return beyond;
    }

    /** Two pieces change places, middle to middle; rather large ones, because small ones find their way by themselves. */
    private void swapTwo() {
        int a = largerOfTwo();
        int b = largerOfTwo();
        boolean loose = table.state.isPlaced(a) && table.state.isPlaced(b) && !bench.pinned()[a] && !bench.pinned()[b];
        if (!loose || bench.pieceOf()[a] == bench.pieceOf()[b]) {
            return;
        }
        double ax = table.middleX(a);
        double ay = table.middleY(a);
        table.state.x[a] += table.middleX(b) - ax;
        table.state.y[a] += table.middleY(b) - ay;
        table.state.x[b] += ax - table.middleX(b);
        table.state.y[b] += ay - table.middleY(b);
    }

    private int largerOfTwo() {
        int a = random.nextInt(table.state.shape.length);
        int b = random.nextInt(table.state.shape.length);
        return table.state.isPlaced(a) && table.state.isPlaced(b) && table.shapeOf(a).areaMm2 < table.shapeOf(b).areaMm2
                ? b
                : a;
    }

    /** No lay is shorter than its area over the width, nor than the piece that is longest at its shortest, nor than what is pinned. */
    private double leastLengthMm() {
        double area = 0;
        double longest = 0;
        for (int c = 0; c < bench.pieceOf().length; c++) {
            double least = bench.book().ways(bench.pieceOf()[c], 0).stream()
                    .mapToDouble(s -> s.box.widthMm())
                    .min()
                    .orElse(0);
            longest = Math.max(longest, bench.pinned()[c] ? table.reach(c) : least);
            area += bench.book().ways(bench.pieceOf()[c], 0).stream()
                    .mapToDouble(s -> s.areaMm2)
                    .min()
                    .orElse(0);
        }
        double wide = bench.problem().panels().get(0).outline().box().heightMm();
        return Math.max(longest, area / wide);
    }
}
