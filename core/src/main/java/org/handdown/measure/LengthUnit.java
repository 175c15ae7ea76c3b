package org.handdown.measure;

/** Units people use for cloth and bodies, with their exact size in millimetres. */
public enum LengthUnit {
    MM("mm", 1),
    CM("cm", 10),
    M("m", 1000),
    INCH("in", 25.4),
    FOOT("ft", 304.8),
    YARD("yd", 914.4);

    private final String symbol;
    private final double mm;

    LengthUnit(String symbol, double mm) {
        this.symbol = symbol;
        this.mm = mm;
    }

    public boolean isMetric() {
        return this == MM || this == CM || this == M;
    }

    public String symbol() {
        return symbol;
    }

    /** Millimetres in one of this unit; exact, from the international inch of 1959. */
    public double mm() {
        return mm;
    }
}
