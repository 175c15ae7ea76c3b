package org.handdown.body;

import java.util.Optional;
import org.handdown.measure.Length;
import org.handdown.measure.Practice;
import org.handdown.measure.Range;
import org.handdown.measure.Wording;

/**
 * Room to walk, sit and reach. Walking: at hem level both legs and the step between them go round once; the girth wanted grows from
 * the hip down to there in proportion.
 *
 * <p>Formula (common practice, no source): at a height h above the floor the legs stand {@code stride × (1 − h / insideLeg)} apart,
 * so the ring round both is at least twice that and one leg's girth more.
 *
 * @param insideLegMm of the body
 * @param strideMm from heel to heel in an easy step
 * @param legGirthMm of one leg about there
 */
public record Movement(double insideLegMm, double strideMm, double legGirthMm) {
    /** Sitting down draws the back of a waist down by about this share of the hip girth (common practice, no source). */
    private static final double SITTING_SHARE = 0.04;
    /** Reaching forward widens the back by about this share of the chest girth (common practice, no source). */
    private static final double REACHING_SHARE = 0.045;

    public Movement {
        new Range(120, 1050).require("movement.insideLeg", Length.ofMm(insideLegMm));
        new Range(50, 1200).require("movement.stride", Length.ofMm(strideMm));
        new Range(140, 1000).require("movement.leg", Length.ofMm(legGirthMm));
    }

    public static Movement of(Wearer wearer, Practice practice) {
        double leg = wearer.mm(BodyMeasure.INSIDE_LEG);
        double girth = wearer.find(BodyMeasure.CALF)
                .map(Wearer.Taken::mm)
                .orElseGet(() -> wearer.proposedMm(BodyMeasure.CALF));
        return new Movement(leg, practice.of(Practice.Figure.STRIDE) * leg, girth);
    }

    /** Girth that lets the wearer step out, at a height above the floor, mm. */
    public double neededMm(double aboveFloorMm) {
        double apart = strideMm * Math.max(0, 1 - aboveFloorMm / insideLegMm);
        return 2 * apart + legGirthMm;
    }

    /**
     * Where a slit must start: the greatest height at which the skirt is narrower than the step.
     *
     * @param hemAboveFloorMm of the finished hem
     * @param hemMm girth of the skirt at its hem
     * @param upperAboveFloorMm and {@code upperMm}: a level above, usually the hip; the girth changes evenly between them
     * @param stretch share by which the cloth gives in wear
     * @return height above the floor; empty where no slit is needed
     */
    public Optional<Double> slitStartMm(
            double hemAboveFloorMm, double hemMm, double upperAboveFloorMm, double upperMm, double stretch) {
        double atHem = hemMm * (1 + stretch) - neededMm(hemAboveFloorMm);
        if (atHem >= 0) {
            return Optional.empty();
        }
        double atTop = upperMm * (1 + stretch) - neededMm(upperAboveFloorMm);
        if (atTop <= 0) {
            return Optional.of(upperAboveFloorMm);
        }
        return Optional.of(hemAboveFloorMm + (upperAboveFloorMm - hemAboveFloorMm) * -atHem / (atTop - atHem));
    }

    /**
     * Room to sit down in trousers.
     *
     * @param hasMm how much higher the back is drawn than the front, and lower the crotch than the body's
     */
    public static String sitting(double hipMm, double hasMm) {
        double needs = SITTING_SHARE * hipMm;
        return Wording.fill(
                "Sitting down draws the back of the waist down by about %.0f mm; back and crotch are drawn for %.0f mm: %s.",
                needs,
                hasMm,
                hasMm >= needs - 1
                        ? "enough"
                        : Wording.fill("%.0f mm will show, wear it higher or raise the back", needs - hasMm));
    }

    /**
     * Room to reach forward.
     *
     * @param easeMm of the garment over the chest, all round; half of it lies across the back
     * @param stretch share by which the cloth gives in wear
     */
    public static String reaching(double chestMm, double easeMm, double stretch) {
        double needs = REACHING_SHARE * chestMm;
        double has = easeMm / 2 + stretch * (chestMm + easeMm) / 2;
        return Wording.fill(
                "Reaching forward asks for about %.0f mm across the back; it has %.0f mm: %s.",
                needs,
                has,
                has >= needs - 1
                        ? "enough"
                        : Wording.fill("%.0f mm too little, give more room or cloth that stretches", needs - has));
    }
}
