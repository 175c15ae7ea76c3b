package org.handdown.assembly;

import org.handdown.geometry.Outline;

/**
 * A flat shape of cloth: a part of a source, a panel, one copy of a piece.
 *
 * @param outline between its stitch lines, seen from the right side, counter-clockwise
 */
public record Component(String id, String name, Outline outline, Layer layer) {
    /** The whole of one of its edges. */
    public Run whole(String edge) {
        return new Run(id, edge, 0, outline.edge(edge).lengthMm());
    }
}
