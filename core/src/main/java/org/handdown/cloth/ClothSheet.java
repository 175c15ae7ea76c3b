package org.handdown.cloth;

import java.util.ArrayList;
import java.util.List;
import org.handdown.measure.Wording;
import org.jspecify.annotations.Nullable;

/**
 * What quick tests told about a cloth; later rules read these, never the fibre alone.
 *
 * @param across pulled across the grain; null until tested
 * @param along pulled along the grain; null until tested
 * @param edge what a cut edge does
 * @param slippery two layers slide on each other
 * @param pinMarks pins and needles leave marks
 * @param neverFlatten a wanted crinkle or pile that the iron would kill
 * @param prettyInside its wrong side may be shown: as trim, or as the right side of a piece
 */
public record ClothSheet(
        @Nullable StretchTest across,
        @Nullable StretchTest along,
        CutEdge edge,
        boolean slippery,
        boolean pinMarks,
        boolean neverFlatten,
        boolean prettyInside) {
    public static final ClothSheet UNTESTED = new ClothSheet(null, null, CutEdge.UNTESTED, false, false, false, false);

    /** Least allowance where a cut edge frays fast, mm (common practice, no source). */
    public static final double FRAYS_FAST_MM = 15;

    /** What a cut edge does by itself. */
    public enum CutEdge {
        UNTESTED("not tested"),
        STAYS("stays as cut"),
        FRAYS("frays"),
        FRAYS_FAST("frays fast"),
        LADDERS("ladders: stitches run");

        private final String words;

        CutEdge(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Stretch across the grain as far as it was tested; 0 before. */
    public double stretchAcross() {
        return across == null ? 0 : across.stretch();
    }

    /** Of it what springs back: the stretch that sums may count on. */
    public double lastingAcross() {
        return across == null ? 0 : across.lasting();
    }

    public double stretchAlong() {
        return along == null ? 0 : along.stretch();
    }

    /** What the tests mean for the work, in sentences. */
    public List<String> consequences() {
        List<String> all = new ArrayList<>();
        addStretch(all, "across", across);
        addStretch(all, "along", along);
        if (across != null && along != null && across.grade() != along.grade()) {
            all.add("It stretches differently along and across: a quarter turn changes the fit.");
        }
        switch (edge) {
            case FRAYS -> all.add("It frays: finish or enclose every edge.");
            case FRAYS_FAST ->
                all.add(Wording.of("It frays fast: finish edges right after cutting, allowances of 15 mm or more."));
            case LADDERS -> all.add("It ladders: sew first, then cut away; never pull an open loop.");
            default -> {}
        }
        if (slippery) {
            all.add("It slides: cut in a single layer with weights.");
        }
        if (pinMarks) {
            all.add("Pins leave marks: pin inside allowances or use clips.");
        }
        if (prettyInside) {
            all.add("Its inside is worth showing: choose the face of each piece on purpose, and mark it.");
        }
        if (neverFlatten) {
            all.add("Never flatten: steam from a distance, no iron on it.");
        }
        return all;
    }

    private static void addStretch(List<String> all, String way, @Nullable StretchTest test) {
        if (test != null) {
            String back = test.recovery()
                    .map(r -> Wording.fill("springs back by %.0f %%", 100 * r))
                    .orElse("whether it springs back is not tested: let it go and measure again after a minute");
            all.add(Wording.fill(
                    "Stretches by %.0f %% %s, %s: %s%.0f %% may be used in wear.",
                    100 * test.stretch(),
                    way,
                    back,
                    test.recovery().orElse(1.0) < 0.8 && test.stretch() > 0.1 ? "it will bag, " : "",
                    100 * test.usable(0.6)));
        }
    }
}
