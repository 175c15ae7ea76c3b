package org.handdown.cloth;

import java.util.ArrayList;
import java.util.List;
import org.handdown.measure.Wording;

/** Two cloths sewn into one garment: what differs, and what a join between them then needs (common practice, no source). */
public record Pairing(Verdict verdict, List<String> sentences) {
    private static final double STRETCH_APART = 0.1;
    private static final double THICK_RATIO = 2;
    private static final double STACK_MM = 6;

    public enum Verdict {
        COMPATIBLE,
        WITH_MEASURES,
        NO
    }

    public Pairing {
        sentences = List.copyOf(sentences);
    }

    public static Pairing of(Cloth a, Cloth b) {
        List<String> sentences = new ArrayList<>();
        Verdict verdict = Verdict.COMPATIBLE;
        double apart = Math.abs(a.sheet().stretchAcross() - b.sheet().stretchAcross());
        if (apart > STRETCH_APART) {
            Cloth stretchier = a.sheet().stretchAcross() > b.sheet().stretchAcross() ? a : b;
            sentences.add(Wording.fill(
                    "Stretch differs by %.0f %%: interface the edge of the %s, pin densely, ease it on.",
                    100 * apart, stretchier.name()));
            verdict = Verdict.WITH_MEASURES;
        } else if (a.sheet().across() == null || b.sheet().across() == null) {
            sentences.add(Wording.of("Stretch is not tested on both: pull 100 mm of each across before cutting."));
        }
        double ratio = Math.max(a.thicknessMm(), b.thicknessMm()) / Math.min(a.thicknessMm(), b.thicknessMm());
        if (ratio > THICK_RATIO) {
            sentences.add(Wording.fill(
                    "One is %.1f times as thick: grade the allowances, the thick one towards the outside.", ratio));
            verdict = Verdict.WITH_MEASURES;
        }
        // Where two such seams cross there are eight layers: four of each cloth.
        double stack = 4 * (a.thicknessMm() + b.thicknessMm());
        if (stack > STACK_MM * 2) {
            sentences.add(Wording.fill(
                    "Crossing seams would be %.0f mm thick: no machine sews that; let seams miss each other.", stack));
            verdict = Verdict.NO;
        }
        if (a.heat() != b.heat()) {
            HeatLimit lower = a.heat().celsius() < b.heat().celsius() ? a.heat() : b.heat();
            sentences.add("Iron both as the tenderer one bears: " + lower.words() + ".");
            verdict = verdict == Verdict.COMPATIBLE ? Verdict.WITH_MEASURES : verdict;
        }
        if (a.oneWay() != b.oneWay()) {
            sentences.add("Only one has a pile or one-way print: settle which way up first, then lay both.");
        }
        if (!a.fibre().equalsIgnoreCase(b.fibre())) {
            sentences.add("Unlike fibres shrink unlike: wash each by itself first, as hot as the garment will be.");
            verdict = verdict == Verdict.COMPATIBLE ? Verdict.WITH_MEASURES : verdict;
        }
        return new Pairing(verdict, sentences);
    }
}
