package org.handdown.pattern.draft;

/** How the neck is cut out. */
enum NeckShape {
    ROUND("round"),
    V("a V"),
    /** Wide and shallow, from shoulder to shoulder. */
    BOAT("a boat"),
    SQUARE("square"),
    /** Straight into the front edge, which it runs on into. */
    INTO_THE_EDGE("into the edge");

    private final String words;

    NeckShape(String words) {
        this.words = words;
    }

    /** Those a wearer chooses among where the head goes through. */
    static Dimension dimension() {
        return Dimension.choice("neck", "Neck", ROUND.words, V.words, BOAT.words, SQUARE.words);
    }

    static NeckShape of(Figures f) {
        return values()[f.count("neck")];
    }

    /** Below the neck point at the centre front (common practice, no source). */
    double frontDeepMm(double neckWide) {
        return switch (this) {
            case BOAT -> 0.3 * neckWide + 12;
            case V -> 1.3 * neckWide + 45;
            case SQUARE -> neckWide + 35;
            default -> roundDeepMm(neckWide);
        };
    }

    /** Half its width beyond the neck's base. */
    double widerMm() {
        return this == BOAT ? 40 : this == SQUARE ? 12 : 0;
    }

    /** Does it turn a corner where its band has to be mitred? */
    boolean hasCorners() {
        return this == V || this == SQUARE;
    }

    /** Of a round neck in front, by half its width. */
    static double roundDeepMm(double neckWide) {
        return neckWide + 20;
    }
}
