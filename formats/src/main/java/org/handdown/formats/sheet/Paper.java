package org.handdown.formats.sheet;

/** Paper for printing, mm: A4 by ISO 216, Letter 8 1/2 × 11 in, or a length off a roll. */
public record Paper(double widthMm, double heightMm) {
    public static final Paper A4 = new Paper(210, 297);
    public static final Paper LETTER = new Paper(215.9, 279.4);

    /** A page of a PDF may be 5080 mm long. */
    private static final double LONGEST_MM = 5000;

    public Paper {
        if (!(widthMm >= 100 && widthMm <= 2000 && heightMm >= 100 && heightMm <= LONGEST_MM)) {
            throw new IllegalArgumentException("Paper is from 10 cm to 2 m wide and up to 5 m long.");
        }
    }
}
