package org.handdown.server.project;

import org.handdown.measure.Length;
import org.handdown.measure.LengthText;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.RefusedValueException;
import org.jspecify.annotations.Nullable;

/** Reads what a person typed; a missing field counts as empty and is refused where something is needed. */
record Typed(LengthUnit unit) {
    static String text(@Nullable String text) {
        String plain = text == null ? "" : text.strip();
        if (plain.indexOf('\0') >= 0) {
            throw new RefusedValueException("text", "holds a character that cannot be stored (code 0); take it out.");
        }
        return plain;
    }

    Length length(String field, @Nullable String text) {
        return LengthText.parse(field, text(text), unit);
    }

    double mm(String field, @Nullable String text) {
        return length(field, text).mm();
    }

    /** A length that may lie on either side of a line: a leading minus is read. */
    double signedMm(String field, @Nullable String text) {
        String plain = text(text);
        boolean below = plain.startsWith("-") || plain.startsWith("−");
        double mm = mm(field, below ? plain.substring(1) : plain);
        return below ? -mm : mm;
    }

    static <T> T require(String field, @Nullable T value) {
        if (value == null) {
            throw new RefusedValueException(field, "is missing.");
        }
        return value;
    }
}
