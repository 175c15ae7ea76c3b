package org.handdown.measure;

import java.util.Locale;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * The one door by which numbers get into sentences, files and messages: always with a point before the decimals and plain digits,
 * whatever the machine's own language writes.
 */
public final class Wording {
    /** What rounds to nought has no sign. */
    private static final Pattern NOUGHT_BELOW = Pattern.compile("(?<![\\d.\\p{L}])-(0(?:\\.0+)?)(?![\\d.])");

    /**
     * Stands between figure and unit where a sentence tells a length (a narrow no-break space, which is what print sets there): by it, and
     * by nothing else, {@link LengthText#inSentence} knows what to tell in another unit.
     */
    static final char LENGTH_MARK = '\u202f';

    private static final Pattern LENGTH = Pattern.compile("(\\d|%(?:\\.\\d)?[fds]) (mm|cm|m)(?![\\w²])");

    private Wording() {}

    /**
     * A sentence of figures and words. A slot or a figure that is followed by mm, cm or m in the pattern is a length, and is marked as
     * such; what fills a slot is never looked at.
     *
     * @param pattern as {@link java.util.Formatter} reads it
     */
    public static String fill(String pattern, @Nullable Object... values) {
        String text = String.format(Locale.ROOT, of(pattern), values);
        return text.contains("-0") ? NOUGHT_BELOW.matcher(text).replaceAll("$1") : text;
    }

    /** A sentence of ours without slots, its lengths marked. Never for what somebody else wrote. */
    public static String of(String sentence) {
        return sentence.contains(" m") || sentence.contains(" cm")
                ? LENGTH.matcher(sentence).replaceAll("$1" + LENGTH_MARK + "$2")
                : sentence;
    }

    /** The id of a part, piece, edge or panel as it is said: its words were joined by hyphens. */
    public static String spoken(String id) {
        return id.replace('-', ' ');
    }
}
