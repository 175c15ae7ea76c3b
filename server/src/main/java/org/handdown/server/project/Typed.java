package org.handdown.server.project;

import org.handdown.measure.Length;
import org.handdown.measure.LengthText;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.jspecify.annotations.Nullable;

/** Reads what a person typed; a missing field counts as empty and is refused where something is needed. */
public record Typed(LengthUnit unit) {
    public static String text(@Nullable String text) {
        String plain = text == null ? "" : text.strip();
        if (plain.indexOf('\0') >= 0) {
            throw new RefusedValueException("text", "holds a character that cannot be stored (code 0); take it out.");
        }
        return plain;
    }

    public Length length(String field, @Nullable String text) {
        Length length = LengthText.parse(field, text(text), unit);
        AsTyped.note(text(text), unit);
        return length;
    }

    public double mm(String field, @Nullable String text) {
        return length(field, text).mm();
    }

    /** Something as thin as cloth: a bare number is in mm, or in inches where those are wanted. */
    public double thin(String field, @Nullable String text) {
        return new Typed(unit.isMetric() ? LengthUnit.MM : unit).mm(field, text);
    }

    /** A length that may lie on either side of a line: a leading minus is read. */
    public double signedMm(String field, @Nullable String text) {
        String plain = text(text);
        boolean below = plain.startsWith("-") || plain.startsWith("−");
        double mm = mm(field, below ? plain.substring(1) : plain);
        return below ? -mm : mm;
    }

    /** A whole number of things. */
    public static double count(String field, @Nullable String text) {
        String plain = text(text);
        if (!plain.matches("\\d{1,4}")) {
            throw new RefusedValueException(field, Wording.fill("“%s” is no whole number.", plain));
        }
        return Double.parseDouble(plain);
    }

    /** A short name for files and addresses, made from what a person calls a thing. */
    public static String id(String field, @Nullable String name) {
        String id = text(name)
                .toLowerCase(java.util.Locale.ROOT)
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^-|-$", "");
        if (id.isEmpty() || id.length() > 60) {
            throw new RefusedValueException(field, "Give it a name of up to 60 letters and digits.");
        }
        return id;
    }

    public static <T> T require(String field, @Nullable T value) {
        if (value == null) {
            throw new RefusedValueException(field, "is missing.");
        }
        return value;
    }

    /** A share written as people write it: 25, 25 % or 12,5 %; empty is none. */
    public static double percent(String field, @Nullable String text) {
        String plain = text(text).replace("%", "").replace(',', '.').strip();
        if (plain.isEmpty()) {
            return 0;
        }
        if (!plain.matches("\\d{1,4}(\\.\\d{1,3})?")) {
            throw new RefusedValueException(
                    field, Wording.fill("“%s” is no percentage; write it as 25 %%.", text(text)));
        }
        return Double.parseDouble(plain) / 100;
    }
}
