package org.handdown.stash;

import java.util.Locale;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.handdown.cloth.Cloth;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.Wording;
import org.jspecify.annotations.Nullable;

/**
 * Elastic, thread and what else is used up.
 *
 * @param size in words, as it stands on the packet: 6 mm, No. 90, white
 */
public record Notion(String name, Sort sort, String size, double amount) implements StashThing {
    private static final Pattern LENGTH =
            Pattern.compile("(\\d{1,4}(?:[.,]\\d{1,3})?) *(mm|cm|in)\\b", Pattern.CASE_INSENSITIVE);

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

    /** Its width, where what stands on the packet says it: “25 mm, white”, “1 in”. */
    public OptionalDouble sizeMm() {
        Matcher told = LENGTH.matcher(size);
        if (!told.find()) {
            return OptionalDouble.empty();
        }
        double value = Double.parseDouble(told.group(1).replace(',', '.'));
        return OptionalDouble.of(value
                * switch (told.group(2).toLowerCase(Locale.ROOT)) {
                    case "mm" -> 1;
                    case "cm" -> LengthUnit.CM.mm();
                    default -> LengthUnit.INCH.mm();
                });
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
