package org.handdown.pattern.draft;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.handdown.body.BodyMeasure;
import org.handdown.body.Wearer;
import org.handdown.cloth.ClothSheet;
import org.handdown.measure.Practice;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.pattern.Design;
import org.handdown.pattern.Mark;
import org.handdown.pattern.Piece;
import org.handdown.pattern.Size;

/**
 * A garment or a part of one that can be drafted: what it asks of the body, what is free, what the cloth must do, and how it is drawn.
 *
 * @param about in a sentence
 * @param measures of the body that it needs, in the order they are asked
 * @param cloth what the cloth must be or do
 * @param whole ids of pieces that must not be pieced together from smaller ones
 * @param formula the sums behind it, in words, with their source
 * @param drawing puts figures into pieces
 * @param corners seams at whose ends lines are meant to meet in a corner, with why; everywhere else sewn lines run on into each other
 */
public record Draft(
        String id,
        String words,
        Family family,
        String about,
        List<BodyMeasure> measures,
        List<Dimension> dimensions,
        String cloth,
        List<String> whole,
        String formula,
        Function<Figures, Design> drawing,
        Map<String, String> corners) {
    /** Where it is found in the list. */
    public enum Family {
        LEGS("for the legs"),
        TOPS("for the top"),
        SKIRTS("skirts"),
        SMALL("head, hands and legs"),
        PARTS("bands, frills and strips"),
        INSERTS("let into a seam"),
        POCKETS("pockets");

        private final String words;

        Family(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public Draft {
        measures = List.copyOf(measures);
        dimensions = List.copyOf(dimensions);
        whole = List.copyOf(whole);
        corners = Map.copyOf(corners);
    }

    Draft(
            String id,
            String words,
            Family family,
            String about,
            List<BodyMeasure> measures,
            List<Dimension> dimensions,
            String cloth,
            List<String> whole,
            String formula,
            Function<Figures, Design> drawing) {
        this(id, words, family, about, measures, dimensions, cloth, whole, formula, drawing, Map.of());
    }

    /** A seam at whose ends lines are meant to meet in a corner. */
    Draft withCorner(String seam, String why) {
        Map<String, String> more = new HashMap<>(corners);
        more.put(seam, why);
        return new Draft(id, words, family, about, measures, dimensions, cloth, whole, formula, drawing, more);
    }

    /** Measures that it needs as it was chosen: which waist depends on where it sits. */
    public List<BodyMeasure> measures(Map<String, Double> chosen) {
        return WaistLevel.measures(measures, chosen);
    }

    /** What the tests of a cloth tell of its dimensions, by id, within their bounds; none for what was not tested. */
    public Map<String, Double> told(ClothSheet sheet) {
        Map<String, Double> told = new HashMap<>();
        if (sheet.across() != null) {
            dimensions.stream()
                    .filter(Dimension::ofCloth)
                    .forEach(d -> told.put(d.id(), d.within(sheet.lastingAcross())));
        }
        return told;
    }

    /** Where the cloth gives less than the draft can be drawn for, in sentences. */
    public List<String> lacking(ClothSheet sheet) {
        return sheet.across() == null
                ? List.of()
                : dimensions.stream()
                        .filter(d -> d.ofCloth() && sheet.lastingAcross() < d.least() - 1e-9)
                        .map(d -> Wording.fill(
                                "%s: the cloth gives %.0f %% that spring back, the %s needs %.0f %% at least. Take another cloth for it, or cut it on the bias and try it on a remnant first.",
                                d.words(), 100 * sheet.lastingAcross(), words, 100 * d.least()))
                        .toList();
    }

    /** Values of all dimensions: those chosen, and the usual ones of this wearer for the rest. */
    public Figures figures(Wearer wearer, Map<String, Double> chosen) {
        return new Figures(this, wearer, chosen, Practice.SHIPPED);
    }

    private static final String TOILE =
            "The first time on this body: baste a toile of an old sheet, or cut the large pieces with wider allowances, before the good cloth is cut to the line.";

    /** What is fitted to a body in more than one direction wants a try on cloth that may be lost. */
    private boolean isShaped(Design drawn) {
        return family == Family.LEGS
                || family == Family.TOPS
                || drawn.pieces().stream().flatMap(p -> p.marks().stream()).anyMatch(m -> m.kind() == Mark.Kind.DART);
    }

    /** As {@link #draw(Wearer, Map, Practice)}, by common practice as it is shipped. */
    public Design draw(Wearer wearer, Map<String, Double> chosen) {
        return draw(wearer, chosen, Practice.SHIPPED);
    }

    /**
     * Draws it.
     *
     * @param practice the household's
     * @throws RefusedValueException if the figures make no whole piece, saying which
     */
    public Design draw(Wearer wearer, Map<String, Double> chosen, Practice practice) {
        Design drawn = drawing.apply(new Figures(this, wearer, chosen, practice));
        Design design = (isShaped(drawn) ? drawn.noting(TOILE) : drawn)
                .withRules(drawn.rules().stream()
                        .map(r -> r.by(practice, offMm(r, wearer, practice)))
                        .toList());
        for (Piece piece : design.pieces()) {
            var ring = piece.stitchLine().ring();
            if (!ring.isSimple()
                    || ring.signedAreaMm2() <= 0
                    || !piece.cutLine().ring().isSimple()) {
                throw new RefusedValueException(
                        "choices",
                        Wording.fill(
                                "These figures make no whole %s: its outline would cross itself. Change the last figure back, or measure the body again.",
                                piece.name()));
            }
        }
        return design;
    }

    /** How far the measure may be off that a size is drafted from; it is known again by its value. */
    private double offMm(Size rule, Wearer wearer, Practice practice) {
        return wearer.measures().entrySet().stream()
                .filter(m -> m.getValue().mm() == rule.bodyMm())
                .mapToDouble(m -> m.getValue().toleranceMm(practice))
                .max()
                .orElse(0);
    }
}
