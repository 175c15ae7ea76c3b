package org.handdown.measure;

import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * The one door by which numbers get into sentences, files and messages: always with a point before the decimals and plain digits,
 * whatever the machine's own language writes.
 */
public final class Wording {
    private Wording() {}

    /** @param pattern as {@link java.util.Formatter} reads it */
    public static String fill(String pattern, @Nullable Object... values) {
        return String.format(Locale.ROOT, pattern, values);
    }
}
