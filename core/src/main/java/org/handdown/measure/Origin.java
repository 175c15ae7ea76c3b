package org.handdown.measure;

/**
 * Where a number comes from, and how far it may be off. The tolerances are common practice, no source; the cloth a lay needs is taken
 * smaller by them, the pieces stay as they are.
 */
public enum Origin {
    PATTERN("off a pattern sheet", Practice.Figure.OFF_PATTERN),
    TAPE("by tape", Practice.Figure.OFF_TAPE),
    GARMENT("off another garment", Practice.Figure.OFF_GARMENT),
    PRINTED("as printed or told", Practice.Figure.OFF_PRINTED),
    EYE("by eye", Practice.Figure.OFF_EYE),
    PROPOSED("proposed, nobody measured yet", Practice.Figure.OFF_PROPOSED);

    private final String words;
    private final Practice.Figure tolerance;

    Origin(String words, Practice.Figure tolerance) {
        this.words = words;
        this.tolerance = tolerance;
    }

    public String words() {
        return words;
    }

    /** The figure of practice that tells its tolerance. */
    Practice.Figure tolerance() {
        return tolerance;
    }

    /** How far one reading may be off, either way, mm, where no household says otherwise. */
    public double toleranceMm() {
        return tolerance.shipped();
    }

    /** Tolerance of a figure that is read as a part and multiplied, for example a flat half doubled: it is multiplied too. */
    public double toleranceMm(QuantityKind kind) {
        return toleranceMm() * kind.multiplier();
    }

    /** What a difference of two figures may be off: tolerances add, they never cancel. */
    public double with(Origin other) {
        return toleranceMm() + other.toleranceMm();
    }
}
