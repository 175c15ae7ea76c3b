package org.handdown.source.graph;

import java.util.Map;
import org.handdown.assembly.Layer;
import org.handdown.geometry.Outline;

/**
 * A part of a source, drawn flat and to scale as seen from its right side.
 *
 * @param outline between its stitch lines
 * @param finishes of its free edges, by edge name
 */
public record Part(
        String id, String name, Outline outline, PartRole role, Layer layer, Map<String, EdgeFinish> finishes) {
    public Part {
        finishes = Map.copyOf(finishes);
    }

    /** Whether it is large enough to become a panel. */
    public boolean isMain() {
        return role == PartRole.PANEL;
    }

    /** Does it cover the body, as a panel or a yoke does? Anything else hangs on what does. */
    public boolean isBody() {
        return isMain() || role == PartRole.YOKE;
    }

    public double areaCm2() {
        return outline.ring().areaMm2() / 100;
    }
}
