package org.handdown.formats.outline;

import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * Lengths of SVG with their units, in user units (W3C, SVG 2 §8.9 and CSS Values 4 §6.2: 96 pixels an inch).
 *
 * @param value the number
 * @param unit what follows it, in small letters; empty for user units
 */
record SvgLength(double value, String unit) {
    private static final Pattern LENGTH =
            Pattern.compile("([-+]?(?:\\d+\\.?\\d*|\\.\\d+)(?:[eE][-+]?\\d+)?)\\s*([a-zA-Z]*|%)");
    private static final double PIXELS_AN_INCH = 96;
    /** The letters' size where no style sets another. */
    private static final double EM = 16;

    /** Null for what is missing or no length. */
    static @Nullable SvgLength of(@Nullable String text) {
        Matcher m = LENGTH.matcher(text == null ? "" : text.strip());
        if (!m.matches()) {
            return null;
        }
        double value = Double.parseDouble(m.group(1));
        return Double.isFinite(value) ? new SvgLength(value, m.group(2).toLowerCase(Locale.ROOT)) : null;
    }

    boolean isShare() {
        return unit.equals("%");
    }

    /** In user units; a share is one of {@code whole}. */
    double in(double whole) {
        return switch (unit) {
            case "%" -> value / 100 * whole;
            case "mm" -> value / 25.4 * PIXELS_AN_INCH;
            case "cm" -> value / 2.54 * PIXELS_AN_INCH;
            case "q" -> value / 101.6 * PIXELS_AN_INCH;
            case "in" -> value * PIXELS_AN_INCH;
            case "pt" -> value / 72 * PIXELS_AN_INCH;
            case "pc" -> value / 6 * PIXELS_AN_INCH;
            case "em", "rem" -> value * EM;
            case "ex", "ch" -> value * EM / 2;
            default -> value;
        };
    }
}
