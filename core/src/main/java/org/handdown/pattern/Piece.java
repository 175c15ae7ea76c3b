package org.handdown.pattern;

import java.util.List;
import java.util.Map;
import org.handdown.geometry.Edge;
import org.handdown.geometry.OffsetOutline;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.measure.RefusedValueException;
import org.handdown.source.Layer;

/**
 * A pattern piece. Piece frame: mm, lengthwise grain along +y, pile running up, seen from the right side of the cloth.
 *
 * @param stitchLine counter-clockwise, its edges named; always opened out, never on a fold
 * @param allowances by edge name
 * @param quantity copies to cut; with {@code pair} half of them mirrored
 * @param wishes edges that may lie on something finished instead of being finished anew
 * @param layer of the source that it is cut from: outer cloth, or its lining
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
        List<Notch> notches,
        Layer layer) {
    /** A mark on a stitch line that must meet its like on another piece. */
    public record Notch(String label, Point at) {}

    private static final int MOST_COPIES = 60;

    /** Cut from the outer cloth. */
    public Piece(
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
        this(id, name, stitchLine, allowances, quantity, pair, grain, required, wishes, covered, notches, Layer.SHELL);
    }

    public Piece {
        if (!id.matches("[a-z0-9][a-z0-9-]{0,60}") || name.isBlank() || name.length() > 80) {
            throw new RefusedValueException("name", "A piece has a name of up to 80 characters.");
        }
        if (layer != Layer.SHELL && layer != Layer.LINING) {
            throw new RefusedValueException("layer", "A piece is cut from the outer cloth or from its lining.");
        }
        if (quantity < 1 || quantity > MOST_COPIES || pair && quantity % 2 != 0) {
            throw new RefusedValueException("quantity", "Cut from 1 to 60 of a piece, and an even number of a pair.");
        }
        allowances = Map.copyOf(allowances);
        wishes = Map.copyOf(wishes);
        covered = List.copyOf(covered);
        notches = List.copyOf(notches);
    }

    private static final double SAME_PLACE_MM = 0.02;
    /** A bow is read off a curve that is flattened to 0.1 mm. */
    private static final double SAME_BOW_MM = 0.25;

    /**
     * With the edges of an older version wherever they run between the same corners and bow alike: a corner and a bow say less than a
     * curve that was measured or copied. Its marks stay too.
     */
    public Piece keepingCurvesOf(Piece older) {
        List<Edge> edges = stitchLine.edges().stream()
                .map(e -> older.stitchLine.edges().stream()
                        .filter(o -> o.name().equals(e.name()) && isAlike(o, e))
                        .findFirst()
                        .orElse(e))
                .toList();
        boolean all = older.stitchLine.edges().containsAll(edges)
                && edges.size() == older.stitchLine.edges().size();
        return new Piece(
                id,
                name,
                new Outline(edges),
                allowances,
                quantity,
                pair,
                grain,
                required,
                wishes,
                covered,
                all ? older.notches : notches,
                layer);
    }

    private static boolean isAlike(Edge one, Edge other) {
        return one.start().distanceMm(other.start()) < SAME_PLACE_MM
                && one.end().distanceMm(other.end()) < SAME_PLACE_MM
                && Math.abs(one.bowMm() - other.bowMm()) < SAME_BOW_MM;
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
