package org.handdown.pattern;

import java.util.List;
import java.util.Map;
import org.handdown.geometry.OffsetOutline;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.measure.RefusedValueException;

/**
 * A pattern piece. Piece frame: mm, lengthwise grain along +y, pile running up, seen from the right side of the cloth.
 *
 * @param stitchLine counter-clockwise, its edges named; always opened out, never on a fold
 * @param allowances by edge name
 * @param quantity copies to cut; with {@code pair} half of them mirrored
 * @param wishes edges that may lie on something finished instead of being finished anew
 * @param covered areas that something else will cover, where a flaw may hide
 */
public record Piece(
        String id,
        String name,
        Outline stitchLine,
        Map<String, Allowance> allowances,
        int quantity,
        boolean pair,
        CutGrain grain,
        boolean required,
        Map<String, EdgeWish> wishes,
        List<Ring> covered,
        List<Notch> notches) {
    /** A mark on a stitch line that must meet its like on another piece. */
    public record Notch(String label, Point at) {}

    private static final int MOST_COPIES = 60;

    public Piece {
        if (!id.matches("[a-z0-9][a-z0-9-]{0,60}") || name.isBlank() || name.length() > 80) {
            throw new RefusedValueException("name", "A piece has a name of up to 80 characters.");
        }
        if (quantity < 1 || quantity > MOST_COPIES || pair && quantity % 2 != 0) {
            throw new RefusedValueException("quantity", "Cut from 1 to 60 of a piece, and an even number of a pair.");
        }
        allowances = Map.copyOf(allowances);
        wishes = Map.copyOf(wishes);
        covered = List.copyOf(covered);
        notches = List.copyOf(notches);
    }

    public Allowance allowance(String edge) {
        return allowances.getOrDefault(edge, new Allowance(0, "none on purpose"));
    }

    /** The line to cut along when every edge is sewn. */
    public Outline.Flat cutLine() {
        return OffsetOutline.of(stitchLine, e -> allowance(e.name()).mm());
    }

    /** The line to cut along when {@code kept} lies on a finished edge: its allowance is dropped, only a lap stays. */
    public Outline.Flat cutLineKeeping(String kept) {
        EdgeWish wish = wishes.get(kept);
        double lap = wish == null ? 0 : wish.lapMm();
        return OffsetOutline.of(
                stitchLine,
                e -> e.name().equals(kept) ? lap : allowance(e.name()).mm());
    }
}
