package org.handdown.pattern.change;

import org.handdown.geometry.Region;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.pattern.Design;
import org.handdown.pattern.MotifSpot;
import org.handdown.pattern.Piece;

/** Brings a motif of the cloth onto a spot of a piece, and its mirror image onto the partner. */
public record ShowMotif(String name, String piece, MotifSpot spot) implements Change {
    public ShowMotif {
        Change.requireName(name);
    }

    @Override
    public String words() {
        return Wording.fill(
                "“%s” on the %s, within %.0f mm of its spot%s",
                spot.motif(),
                Wording.spoken(piece),
                spot.withinMm(),
                spot.partner().equals(spot.motif()) ? "" : ", “" + spot.partner() + "” on its partner");
    }

    @Override
    public Design on(Design design) {
        Piece one = Change.piece(design, piece);
        if (!Region.of(one.stitchLine().ring()).covers(spot.at())) {
            throw new RefusedValueException(
                    "change.at", Wording.fill("The spot lies off the %s; put it inside its seams.", one.name()));
        }
        return design.with(
                piece,
                p -> p.withWay(new Piece.Way(p.way().wrongSideOut(), p.way().uneven(), spot)));
    }

    @Override
    public <T> T read(Reader<T> reader) {
        return reader.motif(this);
    }
}
