package org.handdown.pattern.change;

import java.util.HashMap;
import java.util.Map;
import org.handdown.geometry.Box;
import org.handdown.geometry.Edge;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.pattern.Allowance;
import org.handdown.pattern.Design;
import org.handdown.pattern.Piece;

/**
 * Another line in the ledger of an edge: drawn, sewn, trimmed to, and why.
 *
 * @param piece empty for all pieces
 * @param edge empty for all edges that have an allowance
 */
public record EdgeLedger(String name, String piece, String edge, Allowance allowance) implements Change {
    public EdgeLedger {
        Change.requireName(name);
    }

    @Override
    public String words() {
        String slip = allowance.slipMm() == 0 ? "" : Wording.fill(", sewn at %.1f mm", allowance.sewMm());
        String trim =
                allowance.trimMm() == allowance.mm() ? "" : Wording.fill(", trimmed to %.1f mm", allowance.trimMm());
        return Wording.fill(
                "%s of %s drawn %.1f mm%s%s",
                edge.isEmpty() ? "all seams" : Wording.spoken(edge),
                piece.isEmpty() ? "every piece" : Wording.spoken(piece),
                allowance.mm(),
                slip,
                trim);
    }

    @Override
    public Design on(Design design) {
        if (!piece.isEmpty()) {
            Piece one = Change.piece(design, piece);
            if (!edge.isEmpty()) {
                Change.edge(one, edge);
            }
            return design.with(piece, this::changed);
        }
        return design.withPieces(design.pieces().stream().map(this::changed).toList());
    }

    private Piece changed(Piece p) {
        Box box = p.stitchLine().box();
        double narrow = Math.min(box.widthMm(), box.heightMm());
        if (allowance.mm() > narrow && !piece.isEmpty()) {
            throw new RefusedValueException(
                    "change.allowance",
                    Wording.fill(
                            "An allowance of %.0f mm is wider than the %s itself (%.0f mm); check the figure.",
                            allowance.mm(), p.name(), narrow));
        }
        Map<String, Allowance> all = new HashMap<>(p.allowances());
        for (Edge e : p.stitchLine().edges()) {
            Allowance old = p.allowance(e.name());
            boolean meant =
                    edge.isEmpty() ? old.mm() > 0 && !old.turned() : e.name().equals(edge);
            if (meant) {
                all.put(e.name(), allowance);
            }
        }
        return Change.whole(p.withAllowances(all));
    }

    @Override
    public <T> T read(Reader<T> reader) {
        return reader.ledger(this);
    }
}
