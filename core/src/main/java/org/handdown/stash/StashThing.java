package org.handdown.stash;

import org.handdown.cloth.Cloth;
import org.handdown.measure.Length;
import org.handdown.measure.Range;
import org.handdown.measure.RefusedValueException;
import org.handdown.source.Source;
import org.handdown.source.StashedSource;
import org.jspecify.annotations.Nullable;

/** Anything that waits in a stash, as what it is. */
public sealed interface StashThing permits StashThing.Garment, StashThing.ByTheMetre, FlatCloth, LooseKeeper, Notion {
    /** What sort of thing it is; the word that files and pages know it by. */
    enum Kind {
        SOURCE("garment or household cloth"),
        LENGTH("cloth by the metre"),
        PANEL("panel, taken apart"),
        REMNANT("remnant"),
        KEEPER("keeper"),
        NOTION("notion");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    Kind kind();

    String name();

    /** Null for what is no cloth, or of a cloth that nobody named. */
    @Nullable
    Cloth cloth();

    /** How much there is of it, and how it is counted: what is promised is taken off this. */
    Stock stock();

    /** A whole garment or household cloth. */
    record Garment(StashedSource stashed) implements StashThing {
        public Source source() {
            return stashed.source();
        }

        @Override
        public Kind kind() {
            return Kind.SOURCE;
        }

        @Override
        public String name() {
            return source().name();
        }

        @Override
        public Cloth cloth() {
            return source().cloth();
        }

        @Override
        public Stock stock() {
            return Stock.ONE;
        }
    }

    /**
     * New or bought cloth.
     *
     * @param widthMm between the selvedges
     */
    record ByTheMetre(Cloth cloth, double widthMm, double lengthMm) implements StashThing {
        private static final Range WIDE = new Range(50, 4_000);
        private static final Range LONG = new Range(50, 100_000);

        public ByTheMetre {
            WIDE.require("thing.width", Length.ofMm(widthMm));
            LONG.require("thing.length", Length.ofMm(lengthMm));
        }

        @Override
        public Kind kind() {
            return Kind.LENGTH;
        }

        @Override
        public String name() {
            return cloth.name();
        }

        @Override
        public Stock stock() {
            return new Stock(lengthMm, Stock.Unit.MM);
        }
    }

    /** @throws RefusedValueException for a name that is empty, or longer than a label takes */
    static String requireName(String name) {
        if (name.isBlank() || name.length() > 80) {
            throw new RefusedValueException("thing.name", "Say in up to 80 characters what it is.");
        }
        return name.strip();
    }
}
