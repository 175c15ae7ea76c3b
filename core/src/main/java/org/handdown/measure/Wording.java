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

    private Wording() {}

    /** @param pattern as {@link java.util.Formatter} reads it */
    public static String fill(String pattern, @Nullable Object... values) {
        String text = String.format(Locale.ROOT, pattern, values);
        return text.contains("-0") ? NOUGHT_BELOW.matcher(text).replaceAll("$1") : text;
    }
}
