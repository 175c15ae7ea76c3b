package org.handdown.reuse;

import java.util.ArrayList;
import java.util.List;
import org.handdown.assembly.Layer;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.pattern.Design;
import org.handdown.pattern.EdgeWish;
import org.handdown.pattern.Piece;
import org.handdown.pattern.PieceCloth;
import org.handdown.pattern.Role;
import org.handdown.pattern.Supply;

/**
 * Something finished that a design needs.
 *
 * @param piece and edge it is for; empty where it is sewn on as a thing of its own
 * @param lengthMm for an edge along its cut line, else of the thing itself
 * @param stretchesToMm how long it must become in wear; 0 where it need not stretch
 * @param leastDepthMm and mostDepthMm: bounds of its depth
 * @param bowMm how far the piece's edge bows out; a keeper must bow alike
 * @param side of the piece's edge on which its cloth lies, grain up; none for a level edge or a thing of its own
 * @param layer of the cloth that the piece is cut from
 */
public record Want(
        String id,
        String name,
        Role role,
        String piece,
        String edge,
        double lengthMm,
        double stretchesToMm,
        double leastDepthMm,
        double mostDepthMm,
        double bowMm,
        Side side,
        Layer layer) {
    /** For a piece of the outer cloth, or a thing of its own. */
    public Want(
            String id,
            String name,
            Role role,
            String piece,
            String edge,
            double lengthMm,
            double stretchesToMm,
            double leastDepthMm,
            double mostDepthMm,
            double bowMm,
            Side side) {
        this(id, name, role, piece, edge, lengthMm, stretchesToMm, leastDepthMm, mostDepthMm, bowMm, side, Layer.SHELL);
    }

    public Want {
        if (name.isBlank() || name.length() > 80) {
            throw new RefusedValueException("want.name", "Say in up to 80 characters what is wanted.");
        }
        if (!(lengthMm > 0 && lengthMm <= 20_000)) {
            throw new RefusedValueException("want.length", Wording.of("must be above 0 and at most 20 m."));
        }
        if (!(stretchesToMm >= 0 && stretchesToMm <= 20_000)) {
            throw new RefusedValueException("want.stretchesTo", Wording.of("must be from 0 to 20 m."));
        }
        if (!(leastDepthMm >= 0 && mostDepthMm >= leastDepthMm)) {
            throw new RefusedValueException("want.depth", "The least depth must not be above the greatest.");
        }
    }

    private static final double DEEPEST_MM = 400;
    private static final String SUPPLY = "supply/";

    /** One for every copy of every edge that may lie on something finished. */
    public static List<Want> of(Design design) {
        List<Want> wants = new ArrayList<>();
        for (Piece piece : design.pieces()) {
            piece.wishes().forEach((name, wish) -> {
                Edge edge = piece.stitchLine().edge(name);
                for (int copy = 0; copy < piece.quantity(); copy++) {
                    wants.add(of(piece, edge, wish, copy));
                }
            });
        }
        return wants;
    }

    /** What a design takes beside its cloth and something old may be: a zip, a cord. */
    public static List<Want> ofSupplies(Design design) {
        List<Want> wants = new ArrayList<>();
        for (int i = 0; i < design.supplies().size(); i++) {
            Supply s = design.supplies().get(i);
            Role role = s.kind() == Supply.Kind.ZIP ? Role.CLOSURE : s.kind() == Supply.Kind.CORD ? Role.CORD : null;
            if (role != null) {
                wants.add(new Want(
                        idOfSupply(i),
                        Wording.fill("%s, %s", s.kind().words(), s.use()),
                        role,
                        "",
                        "",
                        s.togetherMm(),
                        0,
                        0,
                        DEEPEST_MM,
                        0,
                        Side.NONE));
            }
        }
        return wants;
    }

    /** @param index of the supply in its design */
    public static String idOfSupply(int index) {
        return SUPPLY + index;
    }

    /** Is it asked for by the draft, not by a person? */
    public boolean isOfSupply() {
        return id.startsWith(SUPPLY);
    }

    private static Want of(Piece piece, Edge edge, EdgeWish wish, int copy) {
        String which = piece.quantity() == 1 ? "" : " " + (copy + 1);
        return new Want(
                piece.id() + "/" + edge.name() + "/" + copy,
                Wording.fill("%s%s, %s", piece.name(), which, wish.role().words()),
                wish.role(),
                piece.id(),
                edge.name(),
                cutMm(piece, edge),
                wish.stretchesToMm(),
                0,
                DEEPEST_MM,
                edge.bowMm(),
                piece.pair() && copy >= piece.quantity() / 2 ? Side.of(edge).mirrored() : Side.of(edge),
                piece.cloth() == PieceCloth.LINING ? Layer.LINING : Layer.SHELL);
    }

    /** Along the cut line: the allowances of the neighbouring edges lie on the finish too. */
    private static double cutMm(Piece piece, Edge edge) {
        Outline.Flat cut = piece.cutLineKeeping(edge.name());
        Outline.Run run = java.util.Objects.requireNonNull(cut.runs().get(edge.name()));
        return Edge.lengthMm(cut.ring().run(run.from(), run.to()));
    }

    public boolean isEdge() {
        return !piece.isEmpty();
    }
}
