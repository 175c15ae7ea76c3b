package org.handdown.pattern;

import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/**
 * An edge of a piece that may lie on something finished instead of being finished anew.
 *
 * @param lapMm how far the finished edge lies beyond the stitch line: from a placket's line of buttons to its edge; 0 for a hem
 * @param stretchesToMm how long the edge must become in wear; 0 where it need not stretch
 */
public record EdgeWish(Role role, double lapMm, double stretchesToMm) {
    public EdgeWish {
        if (!(lapMm >= 0 && lapMm <= 200)) {
            throw new RefusedValueException("lap", Wording.of("must be from 0 to 200 mm."));
        }
        if (!(stretchesToMm >= 0 && stretchesToMm <= 5000)) {
            throw new RefusedValueException("stretchesTo", Wording.of("must be from 0 to 5 m."));
        }
    }

    public static EdgeWish of(Role role) {
        return new EdgeWish(role, 0, 0);
    }
}
