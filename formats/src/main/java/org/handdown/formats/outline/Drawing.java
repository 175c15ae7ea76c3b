package org.handdown.formats.outline;

import java.util.List;

/**
 * What a drawing holds.
 *
 * @param outlines largest first, no two of one name
 * @param told what was guessed of the whole drawing, and what of it was left out and why, in sentences
 */
public record Drawing(List<FoundOutline> outlines, List<String> told) {
    public Drawing {
        outlines = List.copyOf(outlines);
        told = List.copyOf(told);
    }
}
