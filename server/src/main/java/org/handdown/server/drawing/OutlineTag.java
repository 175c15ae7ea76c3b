package org.handdown.server.drawing;

import org.handdown.measure.RefusedValueException;
import org.handdown.pattern.Brought;
import org.handdown.pattern.PieceCloth;

/**
 * What was said of an outline when it was brought in.
 *
 * @param outline name of its layer or block in the drawing
 * @param name of the piece it became
 * @param allowance as it was typed
 * @param turn degrees
 */
record OutlineTag(
        String outline,
        String name,
        Brought.Meaning meaning,
        String allowance,
        int quantity,
        int turn,
        boolean pair,
        PieceCloth cloth) {
    private static final int LONGEST = 120;

    OutlineTag {
        if (outline.isBlank() || outline.length() > LONGEST) {
            throw new RefusedValueException("outline", "The name of a layer or block has 1 to 120 characters.");
        }
        if (name.length() > LONGEST || allowance.length() > LONGEST) {
            throw new RefusedValueException("name", "A name and an allowance have up to 120 characters.");
        }
    }
}
