package org.handdown.stash;

import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/**
 * How much there is of a thing.
 *
 * @param amount mm of what is cut off by length, else pieces
 */
public record Stock(double amount, Unit unit) {
    /** How it is counted. */
    public enum Unit {
        /** Given whole or not at all. */
        WHOLE,
        PIECES,
        MM
    }

    /** One thing that is given whole. */
    public static final Stock ONE = new Stock(1, Unit.WHOLE);

    public Stock {
        boolean counted = unit == Unit.MM || amount == Math.rint(amount);
        if (!(amount > 0 && amount <= 1_000_000) || !counted) {
            throw new RefusedValueException("thing.amount", "must be above nought; pieces are counted in whole ones.");
        }
    }

    public String words(double of) {
        return unit == Unit.MM ? Wording.fill("%.0f mm", of) : Wording.fill("%.0f", of);
    }
}
