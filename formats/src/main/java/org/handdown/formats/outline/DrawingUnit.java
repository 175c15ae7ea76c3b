package org.handdown.formats.outline;

/** What one unit of a drawing may be, for one whose own is missing or wrong. */
public enum DrawingUnit {
    MICRON("a micron", 0.001),
    MIL("a mil, a thousandth of an inch", 0.0254),
    PIXEL("a pixel of 1/96 inch", 25.4 / 96),
    POINT("a point of 1/72 inch", 25.4 / 72),
    MM("a millimetre", 1),
    PICA("a pica of 1/6 inch", 25.4 / 6),
    CM("a centimetre", 10),
    INCH("an inch", 25.4),
    DM("a decimetre", 100),
    FOOT("a foot", 304.8),
    YARD("a yard", 914.4),
    M("a metre", 1000);

    private final String words;
    private final double mm;

    DrawingUnit(String words, double mm) {
        this.words = words;
        this.mm = mm;
    }

    public String words() {
        return words;
    }

    public double mm() {
        return mm;
    }
}
