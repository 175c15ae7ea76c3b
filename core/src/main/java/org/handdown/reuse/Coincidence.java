package org.handdown.reuse;

import org.handdown.measure.Wording;

/**
 * Two finished edges on one panel and the length that a piece needs between them. Luck is no rule: too long and too short are mended
 * differently.
 *
 * @param distanceMm between the finished edges
 * @param needMm wanted finished length
 */
public record Coincidence(double distanceMm, double needMm, Verdict verdict, String sentence) {
    public enum Verdict {
        BOTH_KEPT,
        ONE_CUT,
        TOO_SHORT
    }

    /**
     * @param longerMm how much longer than needed the finished length may be
     * @param shorterMm how much shorter
     */
    public static Coincidence of(double distanceMm, double needMm, double longerMm, double shorterMm) {
        double over = distanceMm - needMm;
        if (over >= -shorterMm && over <= longerMm) {
            return new Coincidence(
                    distanceMm,
                    needMm,
                    Verdict.BOTH_KEPT,
                    Wording.fill(
                            "Both finished edges can live on: %.0f mm between them, %.0f mm wanted; the piece becomes %.0f mm %s.",
                            distanceMm, needMm, Math.abs(over), over >= 0 ? "longer" : "shorter"));
        }
        if (over > 0) {
            return new Coincidence(
                    distanceMm,
                    needMm,
                    Verdict.ONE_CUT,
                    Wording.fill(
                            "%.0f mm too long: cut one end, the one that shows less; its finish is lost and must be made anew.",
                            over));
        }
        return new Coincidence(
                distanceMm,
                needMm,
                Verdict.TOO_SHORT,
                Wording.fill(
                        "%.0f mm too short: nothing but sewing something on mends that; keep one edge and lengthen at the other.",
                        -over));
    }
}
