package org.handdown.pattern.draft;

import org.handdown.body.BodyMeasure;

/**
 * How long a skirt is, by name or by a figure: shares of the way from the waist to the floor (common practice, no source; a knee lies at about
 * 0.58 of it).
 */
enum SkirtLength {
    GIVEN("as given below", 0),
    ABOVE_THE_KNEE("above the knee", 0.5),
    TO_THE_KNEE("to the knee", 0.58),
    TO_THE_CALF("to the calf", 0.75),
    TO_THE_ANKLE("to the ankle", 0.92);

    private static final String ID = "long";
    private final String words;
    private final double share;

    SkirtLength(String words, double share) {
        this.words = words;
        this.share = share;
    }

    static Dimension dimension() {
        return Dimension.choice(
                ID,
                "How long",
                GIVEN.words,
                ABOVE_THE_KNEE.words,
                TO_THE_KNEE.words,
                TO_THE_CALF.words,
                TO_THE_ANKLE.words);
    }

    /** From the upper edge to the hem, mm. */
    static double mm(Figures f) {
        SkirtLength named = values()[f.count(ID)];
        return named == GIVEN
                ? f.of("length")
                : named.share * f.body(BodyMeasure.WAIST_TO_FLOOR) + WaistLevel.riseMm(f);
    }
}
