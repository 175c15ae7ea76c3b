package org.handdown.formats.outline;

import java.util.List;
import org.handdown.geometry.Outline;

/**
 * A closed outline found in a drawing.
 *
 * @param name what the drawing calls it, or its number
 * @param outline mm by the drawing's own unit, counter-clockwise, lower left corner of its box at the origin
 * @param told what was mended or guessed, in sentences
 */
public record FoundOutline(String name, Outline outline, List<String> told) {
    public FoundOutline {
        told = List.copyOf(told);
    }
}
