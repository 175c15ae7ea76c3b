package org.handdown.fit.search;

import java.util.Random;

/** Lays pieces anew where they fit best, on little more than the least thinkable length, as often as that has paid. */
final class Relaying {
    /** Steps without gain on one length, at most. */
    private static final double MOST_PATIENCE = 120;

    /** Steps without gain on the first lengths that are aimed at; later ones get more. */
    private static final double FIRST_PATIENCE = 40;

    /** Lengths to lay anew on, as multiples of the least thinkable. */
    private static final double[] NEAR_LEAST = {1.0005, 1.004, 1.01, 1.02, 1.035, 1.05};

    /** Where laying anew brings so much of the area, the pieces mate with each other and the rim, which squeezing never finds. */
    private static final double MATING = 0.85;

    /** Where the first of it brings less, the rest would only cost time: garments bring 0.55 to 0.73, cut-up cloth 0.75 and more. */
    private static final double PROMISING = 0.75;

    /** Where the last so many brought nothing, it is seldom tried again: large pieces bring as much area as cut-up cloth and never mate. */
    private static final int MOST_FRUITLESS = 6;

    private static final int SELDOM = 10;

    private final StripLay lay;
    private final LayTable table;
    private final SearchProblem bench;
    private final Random random;

    /** The lay that brought most of the area when pieces were laid anew, and that share of it, fading. */
    private LayState relaid;

    private double mostRelaid;
    /** So often laying anew brought nothing, one time after the other. */
    private int fruitless;
    /** Steps without gain before a lay made anew is given up. */
    private double patience = FIRST_PATIENCE;

    Relaying(StripLay lay) {
        this.lay = lay;
        this.table = lay.table;
        this.bench = lay.bench;
        this.random = lay.random;
        this.relaid = table.state;
    }

    /** As often as it is worth now. */
    void run(double least, boolean small, boolean first) {
        int tries = small && first ? 2 : tries(small);
        for (int i = 0; i < tries && !table.stopped(); i++) {
            Score before = lay.shortest();
            relay(least);
            fruitless = lay.shortest() == before ? fruitless + 1 : 0;
        }
    }

    /** On little more than the least thinkable length, empty or as it nearly came out before: laid where it fits best, and in part again. */
    private void relay(double least) {
        // Where pieces mate, they only do so laid anew.
        table.lengthLimit = Math.min(
                least * NEAR_LEAST[random.nextInt(NEAR_LEAST.length)], lay.lengthMm() - StripLay.LEAST_GAIN_MM);
        boolean onward = mates() && random.nextInt(3) > 0;
        table.state = onward ? relaid.copy() : bench.fresh();
        lay.beyond().forEach(c -> table.state.takeOff(c));
        table.chooseWays();
        table.touch();
        table.recreate();
        double weight = table.weight();
        double all = least * bench.problem().panels().get(0).outline().box().heightMm();
        if (!onward && weight / all < PROMISING) {
            lay.isShorter();
            return;
        }
        for (int idle = 0; idle < patience && !table.stopped(); ) {
            if (lay.isShorter()) {
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
        lay.isShorter();
    }

    /** Where laying anew comes near, it is worth more tries than the squeezing. */
    private int tries(boolean small) {
        int oneIn = fruitless >= MOST_FRUITLESS ? SELDOM : small ? 5 : 8;
        return mates() ? 4 : random.nextInt(oneIn) == 0 ? 1 : 0;
    }

    boolean mates() {
        return mostRelaid > MATING && fruitless < MOST_FRUITLESS;
    }
}
