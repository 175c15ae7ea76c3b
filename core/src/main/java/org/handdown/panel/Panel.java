package org.handdown.panel;

import java.util.List;
import java.util.Map;
import org.handdown.cloth.Cloth;
import org.handdown.geometry.Outline;

/**
 * Flat cloth after taking apart, seen from its right side. Panel frame: mm, y up along the crease.
 *
 * @param outline flattened cloth edge, with the vertices each named edge runs between
 * @param stitchLine the old seam lines, inside the outline
 * @param edgeKinds what each named edge is; an edge that is not named is raw
 * @param keptDepthMm depth of a kept hem, 0 without one
 * @param grainDeg direction of the lengthwise grain; the pile, if any, runs that way
 */
public record Panel(
        String id,
        String name,
        Outline.Flat outline,
        Outline stitchLine,
        Map<String, EdgeKind> edgeKinds,
        double keptDepthMm,
        double grainDeg,
        Cloth cloth,
        List<Flaw> flaws) {
    public Panel {
        edgeKinds = Map.copyOf(edgeKinds);
        flaws = List.copyOf(flaws);
    }
}
