package org.handdown.formats.sheet;

/** Paper sizes for printing, mm: A4 by ISO 216, Letter 8 1/2 × 11 in. */
public enum Paper {
    A4(210, 297),
    LETTER(215.9, 279.4);

    private final double widthMm;
    private final double heightMm;

    Paper(double widthMm, double heightMm) {
        this.widthMm = widthMm;
        this.heightMm = heightMm;
    }

    public double widthMm() {
        return widthMm;
    }

    public double heightMm() {
        return heightMm;
    }
}
