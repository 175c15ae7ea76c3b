package org.handdown.unpick;

import java.util.Map;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.source.graph.EdgeFinish;

/**
 * What became of the edges of a part when it was freed.
 *
 * @param wonMm cloth outside the old stitch line by edge; negative where it was cut away inside it
 * @param kept finished edges that live on, and seams that are still closed
 */
public record FreedEdges(Map<String, Double> wonMm, Map<String, EdgeFinish> kept) {
    /** No seam or hem wins more than this. */
    private static final double WIDEST_MM = 400;

    public FreedEdges {
        wonMm = Map.copyOf(wonMm);
        kept = Map.copyOf(kept);
        for (double won : wonMm.values()) {
            if (!(Math.abs(won) <= WIDEST_MM)) {
                throw new RefusedValueException(
                        "wonMm", Wording.fill("Cloth won or lost at an edge is at most 400 mm, not %.0f mm.", won));
            }
        }
    }

    public double wonMm(String edge) {
        return wonMm.getOrDefault(edge, 0.0);
    }
}
