package org.handdown.pattern.closing;

import java.util.ArrayList;
import java.util.List;
import org.handdown.measure.Length;
import org.handdown.measure.Range;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/**
 * Loops over buttons: a loop laid flat opens by diameter and thickness, reaches over the gap and half the button, and its cord is about
 * twice that and both ends.
 *
 * @param gapMm between both edges
 * @param edgeToCentreMm from the edge to the button's centre
 * @param anchorMm sewn in at each end of a loop
 * @param cordMm there is; 0 where it is not bought yet
 */
public record LoopPlan(
        int count,
        double gapMm,
        double edgeToCentreMm,
        double diameterMm,
        double thicknessMm,
        double anchorMm,
        double cordMm) {
    public LoopPlan {
        if (count < 1 || count > 40) {
            throw new RefusedValueException("closing.count", "From 1 to 40 loops.");
        }
        new Range(0, 300).require("closing.gap", Length.ofMm(gapMm));
        new Range(0, 200).require("closing.edge", Length.ofMm(edgeToCentreMm));
        new Range(4, 60).require("closing.diameter", Length.ofMm(diameterMm));
        new Range(0, 25).require("closing.thickness", Length.ofMm(thicknessMm));
        new Range(0, 60).require("closing.anchor", Length.ofMm(anchorMm));
        new Range(0, 20_000).require("closing.cord", Length.ofMm(cordMm));
    }

    /** Flat opening of a loop. */
    public double openingMm() {
        return diameterMm + thicknessMm;
    }

    /** From the edge it is sewn to: gap, edge to button, half a button. */
    public double reachMm() {
        return gapMm + edgeToCentreMm + diameterMm / 2;
    }

    /** Cord of one loop (check: gap 2, edge ½, button 1¼, anchors ½ in: 3⅛ reach, 7¼ in of cord). */
    public double cordEachMm() {
        return 2 * reachMm() + 2 * anchorMm;
    }

    public double cordAllMm() {
        return count * cordEachMm();
    }

    /** Loops that the cord at hand makes. */
    public int fromCord() {
        return (int) Math.floor(cordMm / cordEachMm() + 1e-9);
    }

    public List<String> sentences() {
        List<String> all = new ArrayList<>();
        all.add(Wording.fill(
                "Each loop reaches %.0f mm and opens flat to %.0f mm: %.0f mm of cord, both ends sewn in %.0f mm. %d loops take %.0f mm.",
                reachMm(), openingMm(), cordEachMm(), anchorMm, count, cordAllMm()));
        if (cordMm > 0 && fromCord() < count) {
            all.add(Wording.fill(
                    "%.0f mm of cord make %d: %.0f mm are missing. A narrower gap or fewer loops.",
                    cordMm, fromCord(), cordAllMm() - cordMm));
        }
        all.add(
                "Pin the fronts in the gap they will have before the loops are measured out; the gap is a choice, not what is left over.");
        return all;
    }
}
