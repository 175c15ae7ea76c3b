package org.handdown.stash;

import org.handdown.cloth.Cloth;
import org.handdown.measure.Wording;
import org.jspecify.annotations.Nullable;

/**
 * Elastic, thread and what else is used up.
 *
 * @param size in words, as it stands on the packet: 6 mm, No. 90, white
 */
public record Notion(String name, Sort sort, String size, double amount) implements StashThing {
    /** What it is, and how it is counted. */
    public enum Sort {
        ELASTIC("elastic", Stock.Unit.MM),
        THREAD("thread, spools", Stock.Unit.PIECES),
        TAPE("tape or bias binding", Stock.Unit.MM),
        CORD("cord", Stock.Unit.MM),
        INTERFACING("interfacing", Stock.Unit.MM),
        NEEDLES("needles", Stock.Unit.PIECES),
        OTHER("something else", Stock.Unit.PIECES);

        private final String words;
        private final Stock.Unit unit;

        Sort(String words, Stock.Unit unit) {
            this.words = words;
            this.unit = unit;
        }

        public String words() {
            return words;
        }

        public Stock.Unit unit() {
            return unit;
        }
    }

    public Notion {
        name = StashThing.requireName(name);
        if (size.length() > 80) {
            throw new org.handdown.measure.RefusedValueException(
                    "thing.size", Wording.of("Its size in up to 80 characters."));
        }
        // Refuses an amount that cannot be counted.
        new Stock(amount, sort.unit);
    }

    @Override
    public Kind kind() {
        return Kind.NOTION;
    }

    @Override
    public @Nullable Cloth cloth() {
        return null;
    }

    @Override
    public Stock stock() {
        return new Stock(amount, sort.unit);
    }
}
