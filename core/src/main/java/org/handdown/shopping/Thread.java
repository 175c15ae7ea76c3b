package org.handdown.shopping;

import java.util.Optional;
import java.util.function.Function;
import org.handdown.cloth.Cloth;
import org.handdown.cloth.ClothSheet;
import org.handdown.cloth.Weave;
import org.handdown.geometry.Edge;
import org.handdown.pattern.Allowance;
import org.handdown.pattern.Design;
import org.handdown.pattern.Piece;
import org.handdown.pattern.PieceCloth;

/**
 * Thread that a design takes, by the length of its edges: every seam is sewn once, every raw edge of woven cloth that frays is zigzagged,
 * every hem is stitched once; what stretches is sewn with a stitch that gives.
 *
 * @param metres with what ends and waste take
 */
record Thread(double metres) {
    /** Metres of thread to a metre of seam: lockstitch 301 and zigzag 304, and what is added (handbook of the trade §8). */
    private static final double LOCKSTITCH = 2.5;

    private static final double ZIGZAG = 7;
    private static final double ADDED = 1.15;

    /** @param served the cloth that a role is cut from; empty for what is bought, which counts as woven cloth that frays */
    static Thread of(Design design, Function<PieceCloth, Optional<Cloth>> served) {
        double metres = 0;
        for (Piece piece : design.pieces()) {
            if (piece.cloth() != PieceCloth.INTERFACING && piece.cloth() != PieceCloth.REMNANT) {
                metres += piece.quantity() * metres(piece, served.apply(piece.cloth()));
            }
        }
        return new Thread(ADDED * metres);
    }

    private static double metres(Piece piece, Optional<Cloth> cloth) {
        boolean gives = cloth.map(c -> c.weave() == Weave.KNIT).orElse(false);
        boolean stays = cloth.map(c -> c.sheet().edge() == ClothSheet.CutEdge.STAYS || c.weave() == Weave.FELT)
                .orElse(false);
        double seam = gives ? ZIGZAG : LOCKSTITCH;
        double metres = 0;
        for (Edge edge : piece.stitchLine().edges()) {
            Allowance allowance = piece.allowance(edge.name());
            double of = edge.lengthMm() / 1000;
            if (allowance.turned()) {
                metres += of * seam;
            } else if (allowance.mm() > 0) {
                // A seam joins two edges: half of it is counted with each.
                metres += of * (seam / 2 + (gives || stays ? 0 : ZIGZAG));
            }
        }
        return metres;
    }
}
