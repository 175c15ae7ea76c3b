package org.handdown.pattern;

import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/**
 * Where a garment opens: a zip, buttons or ties between two edges of a design.
 *
 * @param lengthMm of the upper end of a seam that is left open for it; 0 where both edges are sewn to nothing else
 * @param lapMm how far one side lies over the other when it is shut
 */
public record Closing(String name, DesignSeam.Side one, DesignSeam.Side other, double lengthMm, double lapMm) {
    public Closing {
        if (!(lengthMm >= 0 && lengthMm <= 3_000 && lapMm >= 0 && lapMm <= 3_000)) {
            throw new RefusedValueException("closing", Wording.of("An opening is from 0 to 3 m long."));
        }
    }

    /** Both edges whole, one over the other by so much. */
    public static Closing lapping(String name, String piece, String edge, String otherEdge, double lapMm) {
        return new Closing(
                name, new DesignSeam.Side(piece, edge, 1), new DesignSeam.Side(piece, otherEdge, 1), 0, lapMm);
    }

    /** Does it open the upper end of this seam? */
    boolean isIn(DesignSeam seam) {
        return lengthMm > 0
                && seam.one().size() == 1
                && seam.other().size() == 1
                && isOf(seam.one().get(0), one)
                && isOf(seam.other().get(0), other);
    }

    private static boolean isOf(DesignSeam.Side a, DesignSeam.Side b) {
        return a.piece().equals(b.piece()) && a.edge().equals(b.edge());
    }

    boolean isOf(String piece) {
        return one.piece().equals(piece) || other.piece().equals(piece);
    }
}
