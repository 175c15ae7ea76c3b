package org.handdown.formats.project;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.apache.commons.csv.CSVRecord;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/** A row that tells its line where something is wrong with it. */
record TableRow(CSVRecord record, long line) {
    String text(String column) {
        String plain = record.isMapped(column) && record.isSet(column)
                ? record.get(column).strip()
                : "";
        if (plain.indexOf('\0') >= 0) {
            throw refused("A character that cannot be stored (code 0) stands in it; take it out.");
        }
        // As it was guarded from being taken for a formula when it went out.
        return plain.matches("'[=+@-].*") ? plain.substring(1) : plain;
    }

    double mm(String column) {
        String text = text(column).replace(',', '.');
        if (text.isEmpty()) {
            return 0;
        }
        try {
            double value = Double.parseDouble(text);
            if (value >= 0 && value < 1e6) {
                return value;
            }
        } catch (NumberFormatException e) {
            // Told below.
        }
        throw refused(Wording.fill("“%s” under “%s” is no figure from nought up.", text, column));
    }

    RefusedValueException refused(String why) {
        return new RefusedValueException("file", Wording.fill("Line %d: ", line) + why);
    }

    <E extends Enum<E>> E word(String column, Class<E> kind, E otherwise) {
        String text = text(column);
        return text.isEmpty() ? otherwise : word(column, kind);
    }

    <E extends Enum<E>> E word(String column, Class<E> kind) {
        String text = text(column).toUpperCase(Locale.ROOT).replace(' ', '_').replace('-', '_');
        for (E constant : kind.getEnumConstants()) {
            if (constant.name().equals(text)) {
                return constant;
            }
        }
        List<String> known = new ArrayList<>();
        for (E constant : kind.getEnumConstants()) {
            known.add(Words.of(constant));
        }
        throw refused(Wording.fill("“%s” under “%s” is none of %s.", text(column), column, String.join(", ", known)));
    }
}
