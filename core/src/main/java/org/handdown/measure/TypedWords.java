package org.handdown.measure;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * The words in which lengths were typed, kept beside what they mean: 135 mm comes back as that and not as 13.5 cm. Words always read back
 * as their length bit for bit; two fields of the very same length share the words that were typed last.
 *
 * @param bare unit that a number without one is meant in, until somebody chooses another
 * @param byMm words with their unit, by length in mm, the oldest first; at most {@link #MOST}
 */
public record TypedWords(Map<Double, String> byMm, LengthUnit bare) {
    public static final TypedWords NONE = new TypedWords(Map.of(), LengthUnit.CM);

    private static final int MOST = 400;

    /** @throws RefusedValueException if words do not mean their length, or there are too many */
    public TypedWords {
        byMm = Collections.unmodifiableMap(new LinkedHashMap<>(byMm));
        byMm.forEach((mm, words) -> {
            if (LengthText.parse("typed", words, LengthUnit.MM).mm() != mm) {
                throw new RefusedValueException(
                        "typed",
                        Wording.fill("“%s” is not the length it stands beside; leave these words out.", words));
            }
        });
        if (byMm.size() > MOST) {
            throw new RefusedValueException("typed", "holds the words of more than 400 lengths; leave the oldest out.");
        }
    }

    /** The same, with another unit meant by a bare number. */
    public TypedWords in(LengthUnit unit) {
        return new TypedWords(byMm, unit);
    }

    /** With words that were typed since; a bare number is meant as before. */
    public TypedWords and(TypedWords later) {
        Map<Double, String> all = new LinkedHashMap<>(byMm);
        later.byMm.forEach((mm, words) -> {
            all.remove(mm);
            all.put(mm, words);
        });
        while (all.size() > MOST) {
            all.remove(all.keySet().iterator().next());
        }
        return new TypedWords(all, bare);
    }

    /**
     * With one more length as it was typed; nothing is kept of a zero, which has no words of its own, nor of what is too long with its unit.
     *
     * @param bare unit of a number without one; the words that are kept name it
     */
    public TypedWords typed(String text, LengthUnit bare) {
        String words = LengthText.withUnit(text, bare);
        // What was pointed at or worked out carries the mark of a length that nobody typed.
        if (words.length() > LengthText.LONGEST_TEXT || words.indexOf(Wording.LENGTH_MARK) >= 0) {
            return this;
        }
        Length length = LengthText.parse("typed", words, bare);
        return length.mm() == 0 ? this : and(new TypedWords(Map.of(length.mm(), words), bare));
    }

    /** For a field: in the words it was typed in, else as {@link LengthText#field} writes it; reads back bit for bit either way. */
    public String field(Length length, LengthUnit unit) {
        @Nullable String words = byMm.get(Math.abs(length.mm()));
        return words == null ? LengthText.field(length, unit) : length.mm() < 0 ? "-" + words : words;
    }
}
