package org.handdown.pattern.change;

import org.handdown.measure.Wording;
import org.handdown.pattern.Design;
import org.handdown.pattern.Piece;
import org.handdown.pattern.PieceCloth;

/** Cut otherwise: how many, in pairs, from what, which face out, uneven on purpose. */
public record Recut(
        String name, String piece, int quantity, boolean pair, PieceCloth cloth, boolean wrongSideOut, boolean uneven)
        implements Change {
    public Recut {
        Change.requireName(name);
    }

    @Override
    public String words() {
        return Wording.fill(
                "%s cut %d%s from %s%s%s",
                Wording.spoken(piece),
                quantity,
                pair ? " in mirrored pairs" : "",
                cloth.words(),
                wrongSideOut ? ", wrong side out" : "",
                uneven ? ", uneven on purpose" : "");
    }

    @Override
    public Design on(Design design) {
        Change.piece(design, piece);
        return design.with(
                piece,
                p -> p.cut(quantity, pair)
                        .withCloth(cloth)
                        .withWay(new Piece.Way(wrongSideOut, uneven, p.way().motif())));
    }

    @Override
    public <T> T read(Reader<T> reader) {
        return reader.recut(this);
    }
}
