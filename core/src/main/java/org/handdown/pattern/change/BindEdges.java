package org.handdown.pattern.change;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.pattern.Allowance;
import org.handdown.pattern.CutGrain;
import org.handdown.pattern.Design;
import org.handdown.pattern.DesignSeam;
import org.handdown.pattern.Piece;
import org.handdown.pattern.PieceCloth;

/**
 * Edges of one or more pieces bound with strips of a cloth of their own: their allowances go, since the raw edge lies in the fold of the
 * binding, and the strips are as long as the edges of all copies together. Double-fold binding is cut four times its finished width
 * (handbook of the trade §4). It is worked out anew whenever one of the edges changes.
 *
 * @param edges that the strips run along
 * @param strips that are joined into one length; each join takes an allowance at both ends
 */
public record BindEdges(String name, List<Bound> edges, PieceCloth cloth, CutGrain grain, double finishedMm, int strips)
        implements Change, Derived {
    /** An edge of a piece. */
    public record Bound(String piece, String edge) {}

    private static final int FOLDS = 4;
    private static final double JOIN_MM = 8;
    private static final double CURVED_MM = 8;
    private static final int MOST_EDGES = 40;
    private static final Allowance ENCASED = new Allowance(0, "bound: the raw edge lies in the fold of the binding");

    public BindEdges {
        Change.requireName(name);
        edges = List.copyOf(edges);
        if (edges.isEmpty() || edges.size() > MOST_EDGES || new HashSet<>(edges).size() < edges.size()) {
            throw new RefusedValueException("change.edges", "Pick from 1 to 40 edges to bind, each once.");
        }
        if (!cloth.isServed()) {
            throw new RefusedValueException("change.cloth", "Say which cloth of the project binds the edges.");
        }
        if (!(finishedMm >= 4 && finishedMm <= 60)) {
            throw new RefusedValueException(
                    "change.by", Wording.of("A binding is from 4 to 60 mm wide when finished."));
        }
        if (strips < 1 || strips > 30) {
            throw new RefusedValueException("change.quantity", "A binding is joined from 1 to 30 strips.");
        }
    }

    @Override
    public String words() {
        return Wording.fill(
                "%d edge%s bound with %s, %.0f mm finished",
                edges.size(), edges.size() == 1 ? "" : "s", cloth.words(), finishedMm);
    }

    @Override
    public List<String> follows() {
        return edges.stream().map(Bound::piece).distinct().toList();
    }

    @Override
    public String made() {
        return Change.id(name);
    }

    @Override
    public Design on(Design design) {
        if (follows().contains(made())) {
            throw new RefusedValueException(
                    "change.name", "A binding cannot bind itself; call it otherwise than the piece it runs along.");
        }
        double all = 0;
        List<DesignSeam.Side> sides = new ArrayList<>();
        Design now = design;
        for (Bound bound : edges) {
            Piece piece = Change.piece(design, bound.piece);
            all += piece.quantity() * Change.edge(piece, bound.edge).lengthMm();
            sides.add(new DesignSeam.Side(bound.piece, bound.edge, piece.quantity()));
            now = now.with(bound.piece, p -> encased(p, bound.edge));
        }
        List<Piece> pieces = new ArrayList<>(now.pieces());
        pieces.removeIf(p -> p.id().equals(made()));
        pieces.add(strip(all / strips));
        Design with = now.withPieces(pieces);
        List<DesignSeam> seams = new ArrayList<>(with.seams());
        seams.removeIf(s -> s.name().equals(seamName()));
        seams.add(new DesignSeam(seamName(), sides, List.of(new DesignSeam.Side(made(), "right", strips)), 0, 0));
        Design bound = with.withSeams(seams);
        return grain != CutGrain.BIAS && isCurved(design) && !bound.cautions().contains(straight())
                ? bound.cautioning(straight())
                : bound;
    }

    private String seamName() {
        return name + " to the edges";
    }

    private String straight() {
        return Wording.fill(
                "%s: cut straight, a binding does not follow a curve without puckers; cut it on the bias.", name);
    }

    private boolean isCurved(Design design) {
        return edges.stream()
                .anyMatch(b -> Math.abs(Change.edge(Change.piece(design, b.piece), b.edge)
                                .bowMm())
                        > CURVED_MM);
    }

    private static Piece encased(Piece piece, String edge) {
        Map<String, Allowance> ledger = new HashMap<>(piece.allowances());
        ledger.put(edge, ENCASED);
        return Change.whole(piece.withAllowances(ledger));
    }

    private Piece strip(double lengthMm) {
        Piece flat = new CutStrip(name, cloth, grain, lengthMm, finishedMm, FOLDS, 0, strips).piece();
        Map<String, Allowance> ledger = new HashMap<>(flat.allowances());
        ledger.put("lower", Allowance.seam(JOIN_MM));
        ledger.put("upper", Allowance.seam(JOIN_MM));
        return flat.withAllowances(ledger);
    }

    @Override
    public <T> T read(Reader<T> reader) {
        return reader.bind(this);
    }
}
