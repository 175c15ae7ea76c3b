package org.handdown.measure;

/**
 * Where a number comes from, and how far it may be off. The tolerances are common practice, no source; the cloth a lay needs is taken
 * smaller by them, the pieces stay as they are.
 */
public enum Origin {
    PATTERN("off a pattern sheet", 1),
    TAPE("by tape", 3),
    GARMENT("off another garment", 6),
    PRINTED("as printed or told", 10),
    EYE("by eye", 20),
    PROPOSED("proposed, nobody measured yet", 30);

    private final String words;
    private final double toleranceMm;

    Origin(String words, double toleranceMm) {
        this.words = words;
        this.toleranceMm = toleranceMm;
    }

    public String words() {
        return words;
    }

    /** How far one reading may be off, either way, mm. */
    public double toleranceMm() {
        return toleranceMm;
    }

    /** Tolerance of a figure that is read as a part and multiplied, for example a flat half doubled: it is multiplied too. */
    public double toleranceMm(QuantityKind kind) {
        return toleranceMm * kind.multiplier();
    }

    /** What a difference of two figures may be off: tolerances add, they never cancel. */
    public double with(Origin other) {
        return toleranceMm + other.toleranceMm;
    }
}
