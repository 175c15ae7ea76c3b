package org.handdown.measure;

/**
 * What kind of quantity a number is: the same inch changes a garment differently as a pinched tuck and as a turn-up (common practice, no
 * source).
 */
public enum QuantityKind {
    PINCHED_TUCK("a tuck pinched round a tube", 2, Effect.SHORTER),
    TURN_UP("a turn-up or fold under", 1, Effect.SHORTER),
    DART_DEPTH("the folded depth of a dart or pleat", 2, Effect.NARROWER),
    SEAM_PINCH("a pinch on one seam", 2, Effect.NARROWER),
    NEW_STITCH_LINE("a new stitch line inside the old one, on one seam", 2, Effect.NARROWER),
    NEW_STITCH_LINES("new stitch lines inside the old ones, on both side seams", 4, Effect.NARROWER),
    FLAT_HALF("half of a girth, measured flat and doubled", 2, Effect.GIRTH),
    QUARTER("a quarter of a girth, on doubled halves", 4, Effect.GIRTH),
    WHOLE("the whole girth or length", 1, Effect.GIRTH),
    INSERT_WIDTH("the width of an insert, without allowances", 1, Effect.WIDER),
    PANEL_WIDTH("the width of one panel", 1, Effect.GIRTH);

    /** What the number does. */
    public enum Effect {
        SHORTER,
        NARROWER,
        WIDER,
        GIRTH
    }

    private final String words;
    private final int multiplier;
    private final Effect effect;

    QuantityKind(String words, int multiplier, Effect effect) {
        this.words = words;
        this.multiplier = multiplier;
        this.effect = effect;
    }

    public String words() {
        return words;
    }

    public int multiplier() {
        return multiplier;
    }

    public Effect effect() {
        return effect;
    }

    /** The change or size it means. */
    public Length meaning(Length said) {
        return Length.ofMm(said.mm() * multiplier);
    }

    /** A sentence to accept first, with the number in both systems, so that an inch for a centimetre is seen. */
    public String sentence(Length said, LengthUnit unit) {
        String number = both(said, unit);
        String means = both(meaning(said), unit);
        return switch (effect) {
            case SHORTER -> Wording.fill("%s, %s: it becomes %s shorter.", number, words, means);
            case NARROWER -> Wording.fill("%s, %s: the ring becomes %s narrower.", number, words, means);
            case WIDER -> Wording.fill("%s, %s: the ring becomes %s wider.", number, words, means);
            case GIRTH ->
                multiplier == 1
                        ? Wording.fill("%s, %s, is taken as it stands.", number, words)
                        : Wording.fill("%s, %s: the whole girth is %s.", number, words, means);
        };
    }

    private static String both(Length length, LengthUnit unit) {
        LengthUnit other = !unit.isMetric() ? LengthUnit.CM : LengthUnit.INCH;
        return Wording.fill("%s (%s)", LengthText.format(length, unit), LengthText.format(length, other));
    }
}
