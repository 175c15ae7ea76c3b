package org.handdown.pattern;

import org.handdown.measure.Length;
import org.handdown.measure.Range;

/**
 * Choices of a dungarees draft beside the body.
 *
 * @param hipEaseMm finished girth over the hips less the body's
 * @param aboveFloorMm where the finished hem ends above the floor
 */
public record DungareesEase(double hipEaseMm, double aboveFloorMm, double seamMm, double hemMm) {
    public DungareesEase {
        new Range(20, 400).require("aim.ease.hip", Length.ofMm(hipEaseMm));
        new Range(-30, 400).require("aim.ease.aboveFloor", Length.ofMm(aboveFloorMm));
        new Range(5, 25).require("aim.ease.seam", Length.ofMm(seamMm));
        new Range(0, 60).require("aim.ease.hem", Length.ofMm(hemMm));
    }
}
