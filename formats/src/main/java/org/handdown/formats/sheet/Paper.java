package org.handdown.formats.sheet;

import java.util.Locale;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/** Paper for printing, mm: A4 and A3 by ISO 216, Letter 8 1/2 × 11 in, or a length off a roll. */
public record Paper(double widthMm, double heightMm) {
    public static final Paper A4 = new Paper(210, 297);
    public static final Paper A3 = new Paper(297, 420);
    public static final Paper LETTER = new Paper(215.9, 279.4);

    /** A page of a PDF may be 5080 mm long. */
    private static final double LONGEST_MM = 5000;

    public Paper {
        if (!(widthMm >= 100 && widthMm <= 2000 && heightMm >= 100 && heightMm <= LONGEST_MM)) {
            throw new RefusedValueException("paper", "Paper is from 10 cm to 2 m wide and up to 5 m long.");
        }
    }

    /** @throws RefusedValueException for a paper that nothing is printed on here */
    public static Paper named(String name) {
        return switch (name.strip().toLowerCase(Locale.ROOT)) {
            case "a4" -> A4;
            case "a3" -> A3;
            case "letter" -> LETTER;
            default ->
                throw new RefusedValueException(
                        "paper", Wording.fill("“%s” is no paper that is printed on here: say a4, a3 or letter.", name));
        };
    }
}
