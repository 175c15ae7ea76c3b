package org.handdown.body;

import org.handdown.measure.Wording;

/**
 * How a finished girth sits on a body. In stable cloth by its ease; in stretch cloth also by how far it is stretched in wear against
 * the share of the measured stretch that stays comfortable (handbook of the trade §4).
 */
public enum Fit {
    TOO_TIGHT("too tight"),
    CLOSE("close"),
    EASY("easy"),
    LOOSE("loose");

    private static final double CLOSE_EASE = 0.04;
    private static final double EASY_EASE = 0.16;
    private static final double ROUNDING_MM = 1;

    private final String words;

    Fit(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /**
     * @param finishedMm girth of the garment at rest
     * @param bodyMm girth of the body there
     * @param comfortable how far the cloth may be stretched in wear, as a share; 0 for stable cloth
     */
    public static Fit of(double finishedMm, double bodyMm, double comfortable) {
        if (finishedMm * (1 + comfortable) < bodyMm - ROUNDING_MM) {
            return TOO_TIGHT;
        }
        double ease = finishedMm / bodyMm - 1;
        return ease < CLOSE_EASE ? CLOSE : ease < EASY_EASE ? EASY : LOOSE;
    }

    /** How far a girth is stretched in wear, as a share; 0 where it has room. Check: hip 95 on finished 90 cm is 5.6 %. */
    public static double stretchInWear(double finishedMm, double bodyMm) {
        return Math.max(0, bodyMm / finishedMm - 1);
    }

    /** The sum behind it in a sentence, mm. */
    public static String sentence(double finishedMm, double bodyMm, double comfortable) {
        double inWear = stretchInWear(finishedMm, bodyMm);
        return inWear > 0.0005
                ? Wording.fill("stretched %.1f %% in wear, comfortable to %.1f %%", 100 * inWear, 100 * comfortable)
                : Wording.fill("%.0f mm of ease", finishedMm - bodyMm);
    }

    /**
     * What a pattern drafted for knit needs where it is cut in other cloth: the girth it relied on stretch for.
     *
     * @param finishedMm of the pattern
     * @param comfortable how far the cloth it will be cut in may be stretched in wear, as a share
     * @return mm to add all round; 0 where the cloth gives enough
     */
    public static double toAddMm(double finishedMm, double bodyMm, double comfortable) {
        return Math.max(0, bodyMm / (1 + comfortable) - finishedMm);
    }
}
