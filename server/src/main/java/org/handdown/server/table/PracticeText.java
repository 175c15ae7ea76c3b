package org.handdown.server.table;

import java.math.BigDecimal;
import java.util.regex.Pattern;
import org.handdown.measure.LengthText;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.Practice;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/** Figures of common practice as people write and read them. */
public final class PracticeText {
    private static final Pattern BARE = Pattern.compile("\\d{1,4}([.,]\\d{1,3})?");
    private static final Pattern MINUTES = Pattern.compile("\\s*(min|minutes?)(\\s*(a|/)\\s*(m|metre|meter))?\\s*$");

    private PracticeText() {}

    /**
     * Reads one: a length with its unit, or bare in mm; a share as 60 or 60 %; minutes a metre as 4 or 4 min.
     *
     * @throws RefusedValueException saying how it is written
     */
    static double read(Practice.Figure figure, String text) {
        String field = "practice." + figure.name();
        return switch (figure.kind()) {
            case LENGTH ->
                BARE.matcher(text).matches()
                        ? number(field, text, "2 mm")
                        : LengthText.parse(field, text, LengthUnit.CM).mm();
            case SHARE -> number(field, text.replace("%", "").strip(), "60 %") / 100;
            case RATE -> number(field, MINUTES.matcher(text).replaceAll(""), "4 min");
        };
    }

    private static double number(String field, String text, String example) {
        if (!BARE.matcher(text).matches()) {
            throw new RefusedValueException(
                    field, Wording.fill("“%s” cannot be read here; write it as %s.", text, example));
        }
        return Double.parseDouble(text.replace(',', '.'));
    }

    /** In its own unit. */
    public static String of(Practice.Figure figure, double value) {
        return switch (figure.kind()) {
            case LENGTH -> plain(value) + " mm";
            case SHARE -> plain(100 * value) + " %";
            case RATE -> plain(value) + " min";
        };
    }

    private static String plain(double value) {
        BigDecimal number = new BigDecimal(Wording.fill("%.2f", value)).stripTrailingZeros();
        return number.toPlainString();
    }
}
