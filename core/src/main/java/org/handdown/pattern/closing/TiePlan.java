package org.handdown.pattern.closing;

import java.util.List;
import org.handdown.measure.Length;
import org.handdown.measure.Range;
import org.handdown.measure.Wording;

/**
 * Ties: each reaches from where it is sewn to where it is knotted, and both make the knot (common practice, no source).
 *
 * @param reachMm from the seam to the knot, round the body
 * @param widthMm finished
 */
public record TiePlan(double reachMm, double widthMm) {
    /** Narrow, since a tie is turned through (common practice, no source). */
    public static final double SEAM_MM = 8;

    public TiePlan {
        new Range(0, 2500).require("closing.reach", Length.ofMm(reachMm));
        new Range(3, 300).require("closing.width", Length.ofMm(widthMm));
    }

    /** A bow: two loops and two ends on each side. */
    public double bowMm() {
        return 340 + 4 * widthMm;
    }

    /** A plain knot with ends to hold. */
    public double knotMm() {
        return 160 + 3 * widthMm;
    }

    public List<String> sentences() {
        return List.of(
                Wording.fill(
                        "Each tie: %.0f mm to reach and %.0f mm for a bow are %.0f mm; for a plain knot %.0f mm.",
                        reachMm, bowMm(), reachMm + bowMm(), reachMm + knotMm()),
                "Hem them before they are sewn on, both alike; pieced from remnants each join takes two allowances.");
    }
}
