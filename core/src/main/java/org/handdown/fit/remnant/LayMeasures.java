package org.handdown.fit.remnant;

import java.util.List;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitProblem;
import org.handdown.fit.Objective;
import org.handdown.fit.Placed;
import org.handdown.geometry.Box;

/** Areas, used length and utilisation of a lay as docs/formats/fit-format.md defines them. */
public final class LayMeasures {
    private LayMeasures() {}

    public static FitLayout.Measures of(FitProblem problem, List<Placed> placements, double seconds, long seed) {
        double placed = 0;
        double reach = Double.NEGATIVE_INFINITY;
        for (Placed p : placements) {
            var outline = problem.piece(p.piece()).variant(p.variant()).outline();
            placed += outline.areaMm2() / 1e6;
            reach = Math.max(reach, p.at().toPanel(outline).box().maxX());
        }
        double cloth = problem.panels().stream()
                        .mapToDouble(p -> Remnants.usable(p).areaMm2())
                        .sum()
                / 1e6;
        if (problem.objective() == Objective.FILL) {
            return new FitLayout.Measures(placed, cloth, cloth > 0 ? placed / cloth : 0, null, seconds, seed);
        }
        Box panel = problem.panels().get(0).outline().box();
        double length = placements.isEmpty() ? 0 : reach - panel.minX();
        double used = length * panel.heightMm() / 1e6;
        return new FitLayout.Measures(placed, cloth, used > 0 ? placed / used : 0, length, seconds, seed);
    }
}
