package org.handdown.shopping;

import java.util.List;
import org.handdown.measure.Wording;
import org.handdown.stash.Stock;

/**
 * One line of a list of what a project takes beside the cloth on its table.
 *
 * @param needs how much, mm or pieces
 * @param size in words with lengths marked: what it must be; empty where any will do
 * @param atHand what serves or may serve
 */
public record Item(
        Sort sort, String what, String use, double needs, Stock.Unit unit, String size, List<AtHand> atHand) {
    /** In the order of the list. */
    public enum Sort {
        CLOTH,
        INTERFACING,
        CLOSURE,
        ELASTIC,
        BUTTONS,
        CORD,
        TAPE,
        THREAD,
        OTHER
    }

    public Item {
        atHand = List.copyOf(atHand);
    }

    /** What is still to be found or bought, in its own count. */
    public double missing() {
        return Math.max(0, needs - atHand.stream().mapToDouble(AtHand::amount).sum());
    }

    /** An amount of it in words, lengths marked; empty for a thing that is one and whole. */
    public String words(double amount) {
        return switch (unit) {
            case MM -> Wording.fill("%.0f mm", amount);
            case PIECES -> Wording.fill("%.0f", amount);
            case WHOLE -> "";
        };
    }

    public boolean isThere() {
        return missing() < 1e-9;
    }
}
