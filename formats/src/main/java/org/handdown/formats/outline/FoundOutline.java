package org.handdown.formats.outline;

import java.util.List;
import org.handdown.geometry.Outline;

/**
 * A closed outline found in a drawing.
 *
 * @param name what the drawing calls it, or its number
 * @param group the layer or block it stands in, by which what is said about one of its lines holds for the next; its name where it has none
 * @param outline mm by the drawing's unit, counter-clockwise, lower left corner of its box at the origin
 * @param told what was mended or guessed, in sentences
 */
public record FoundOutline(String name, String group, Outline outline, List<String> told) {
    public FoundOutline {
        told = List.copyOf(told);
    }

    FoundOutline called(String another) {
        return new FoundOutline(another, group, outline, told);
    }
}
