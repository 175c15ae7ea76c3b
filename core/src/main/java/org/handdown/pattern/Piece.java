package org.handdown.pattern;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.handdown.geometry.OffsetOutline;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;

/**
 * A pattern piece. Piece frame: mm, lengthwise grain along +y, pile running up, seen from the right side of the cloth.
 *
 * @param stitchLine counter-clockwise, its edges named; always opened out, never on a fold
 * @param allowances by edge name
 * @param quantity copies to cut; with {@code pair} half of them mirrored
 * @param keptEdges edges that may lie on an old finished hem instead of being hemmed
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
        Set<String> keptEdges,
        List<Ring> covered,
        List<Notch> notches) {
    /** A mark on a stitch line that must meet its like on another piece. */
    public record Notch(String label, Point at) {}

    public Piece {
        allowances = Map.copyOf(allowances);
        keptEdges = Set.copyOf(keptEdges);
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

    /** The line to cut along when {@code kept} lies on a finished edge: no hem allowance there. */
    public Outline.Flat cutLineKeeping(String kept) {
        return OffsetOutline.of(
                stitchLine, e -> e.name().equals(kept) ? 0 : allowance(e.name()).mm());
    }
}
