package org.handdown.pattern.draft;

import java.util.List;
import java.util.Map;
import org.handdown.body.BodyMeasure;

/**
 * Which of the three waists a garment sits at. They differ in girth and in height, and a skirt drafted to one and worn at another
 * slides.
 */
enum WaistLevel {
    NATURAL(BodyMeasure.WAIST, "the natural waist"),
    HIGH(BodyMeasure.HIGH_WAIST, "the high waist"),
    TROUSERS(BodyMeasure.TROUSER_WAIST, "the trouser waist");

    private static final String SITS = "sits";
    private static final String RISE = "rise";

    private final BodyMeasure girth;
    private final String words;

    WaistLevel(BodyMeasure girth, String words) {
        this.girth = girth;
        this.words = words;
    }

    BodyMeasure girth() {
        return girth;
    }

    static Dimension dimension() {
        return Dimension.choice(SITS, "Sits at", NATURAL.words, HIGH.words, TROUSERS.words)
                .hint("each is measured for itself");
    }

    /** Height over the natural waist, for garments whose hip lies at a depth below their upper edge. */
    static Dimension rise() {
        return Dimension.length(RISE, "Upper edge above the natural waist", 0, -120, 150)
                .hint("with a minus below it; read off the tape where the girth was taken");
    }

    /** Does it sit at the trouser waist? Where a draft does not ask, it sits at the natural one. */
    static boolean isLow(Figures f) {
        return f.has(SITS) && of(f) == TROUSERS;
    }

    /** Upper edge above the natural waist, where the draft asks for it. */
    static double riseMm(Figures f) {
        return f.has(RISE) ? f.of(RISE) : 0;
    }

    static WaistLevel of(Figures f) {
        return values()[f.count(SITS)];
    }

    /** Measures with the natural waist replaced by the one that was chosen. */
    static List<BodyMeasure> measures(List<BodyMeasure> natural, Map<String, Double> chosen) {
        int level = chosen.getOrDefault(SITS, 0.0).intValue();
        return level > 0 && level < values().length
                ? natural.stream()
                        .map(m -> m == BodyMeasure.WAIST ? values()[level].girth : m)
                        .toList()
                : natural;
    }
}
