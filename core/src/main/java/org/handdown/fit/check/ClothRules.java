package org.handdown.fit.check;

import org.handdown.fit.PieceGrain;
import org.handdown.fit.check.Finding.Rule;
import org.handdown.geometry.Placement;
import org.handdown.measure.Wording;

/** The cloth a piece may be cut from, and its grain. */
record ClothRules(Findings found) {
    void checkCloth(Laid one) {
        if (!one.piece().cloths().isEmpty()
                && !one.piece().cloths().contains(one.panel().cloth())) {
            found.add(
                    one,
                    Rule.CLOTH,
                    Wording.fill(
                            "may be cut from %s only; this panel is %s.",
                            String.join(" or ", one.piece().cloths()),
                            one.panel().cloth()),
                    0);
        }
    }

    void checkGrain(Laid one) {
        // Angle from the cloth's lengthwise grain to the piece's own, which is drawn along +y.
        double off = Placement.turnBetweenDeg(
                one.panel().grainDeg(), 90 + one.placed().at().rotation());
        double straight = Math.abs(off);
        double round = 180 - straight;
        double across = Math.abs(90 - straight);
        double bias = Math.abs(45 - straight);
        double biasRound = Math.abs(135 - straight);
        boolean oneWay = one.panel().oneWay();
        double lengthwise = oneWay ? straight : Math.min(straight, round);
        double error = switch (one.piece().grain()) {
            case LENGTHWISE -> lengthwise;
            case CROSSWISE -> across;
            case EITHER -> Math.min(lengthwise, across);
            case BIAS -> oneWay ? bias : Math.min(bias, biasRound);
            case ANY -> 0;
        };
        double over = error - one.piece().grainToleranceDeg();
        if (over > Depth.ROUNDING) {
            boolean pile = oneWay
                    && one.piece().grain() == PieceGrain.LENGTHWISE
                    && round <= one.piece().grainToleranceDeg();
            found.add(
                    one,
                    Rule.GRAIN,
                    pile
                            ? "lies the other way up: the pile forbids it."
                            : Wording.fill(
                                    "is %.1f° off its grain; %.1f° are allowed.",
                                    error, one.piece().grainToleranceDeg()),
                    over);
        }
    }
}
