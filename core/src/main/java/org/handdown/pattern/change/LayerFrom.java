package org.handdown.pattern.change;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.handdown.geometry.Edge;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.pattern.Allowance;
import org.handdown.pattern.CutGrain;
import org.handdown.pattern.Design;
import org.handdown.pattern.DesignSeam;
import org.handdown.pattern.Mark;
import org.handdown.pattern.Piece;
import org.handdown.pattern.PieceCloth;

/**
 * Another layer of a piece: its lining, its interfacing, the same again of another cloth. It is worked out anew whenever the piece changes.
 * A lining is cut at the outer hemline and turned there, so that it ends above it; interfacing ends at the stitch lines.
 *
 * @param of cloth of the layer
 */
public record LayerFrom(String name, String piece, PieceCloth of) implements Change, Derived {
    private static final Allowance TO_THE_LINE = new Allowance(0, "interfacing ends at the stitch line");
    private static final Allowance AT_THE_HEM =
            new Allowance(0, "cut at the outer hemline and turned up: it ends above the hem and does not show");

    public LayerFrom {
        Change.requireName(name);
        if (!of.isServed() || of == PieceCloth.SHELL || of == PieceCloth.BINDING) {
            throw new RefusedValueException(
                    "change.cloth",
                    "A layer is of lining, interfacing, pocketing, rib or a contrast; the piece itself is there already.");
        }
    }

    @Override
    public String words() {
        return Wording.fill("%s behind the whole %s", of.words(), Wording.spoken(piece));
    }

    @Override
    public Design on(Design design) {
        Piece from = Change.piece(design, piece);
        if (from.cloth() == of) {
            throw new RefusedValueException(
                    "change.cloth", Wording.fill("The %s is cut from %s itself.", from.name(), of.words()));
        }
        Piece layer = Change.whole(layer(from));
        List<Piece> pieces = new ArrayList<>(design.pieces());
        pieces.removeIf(p -> p.id().equals(layer.id()));
        pieces.add(layer);
        Design with = design.withPieces(pieces);
        return of == PieceCloth.INTERFACING ? with : with.withSeams(sewnLikewise(with));
    }

    /** A seam between pieces that all have such a layer joins their layers too. */
    private List<DesignSeam> sewnLikewise(Design design) {
        List<DesignSeam> seams = new ArrayList<>(design.seams());
        for (DesignSeam seam : design.seams()) {
            List<DesignSeam.Side> one = sides(seam.one(), design);
            List<DesignSeam.Side> other = sides(seam.other(), design);
            String name = Wording.fill("%s of the %s", seam.name(), of.words());
            boolean isNew = seams.stream().noneMatch(s -> s.name().equals(name));
            if (isNew
                    && one.size() == seam.one().size()
                    && other.size() == seam.other().size()) {
                seams.add(new DesignSeam(
                        name, one, other, seam.leastEaseMm(), seam.mostEaseMm(), seam.leastRatio(), seam.mostRatio()));
            }
        }
        return seams;
    }

    private List<DesignSeam.Side> sides(List<DesignSeam.Side> sides, Design design) {
        return sides.stream()
                .filter(s -> design.find(idOf(s.piece())).isPresent())
                .map(s -> new DesignSeam.Side(idOf(s.piece()), s.edge(), s.times()))
                .toList();
    }

    @Override
    public String made() {
        return idOf(piece);
    }

    private String idOf(String from) {
        String id = from + "-" + of.words().replaceAll("[^a-z]+", "-");
        return id.length() > 60 ? id.substring(0, 60) : id;
    }

    private Piece layer(Piece from) {
        boolean stays = of == PieceCloth.INTERFACING;
        Map<String, Allowance> allowances = new HashMap<>();
        for (Edge edge : from.stitchLine().edges()) {
            Allowance old = from.allowance(edge.name());
            allowances.put(edge.name(), stays ? TO_THE_LINE : old.turned() ? AT_THE_HEM : old);
        }
        return new Piece(
                made(),
                Wording.fill("%s of the %s", of.words(), from.name()),
                from.stitchLine(),
                allowances,
                from.quantity(),
                from.pair(),
                stays ? CutGrain.EITHER : from.grain(),
                true,
                Map.of(),
                List.of(),
                from.notches(),
                of,
                from.marks().stream().filter(m -> isSewn(m.kind())).toList(),
                Piece.Way.USUAL);
    }

    /** What shapes the outer cloth shapes its layer; buttons and buttonholes are made through both later. */
    private static boolean isSewn(Mark.Kind kind) {
        return kind == Mark.Kind.DART || kind == Mark.Kind.PLEAT || kind == Mark.Kind.GATHER;
    }

    @Override
    public <T> T read(Reader<T> reader) {
        return reader.layer(this);
    }
}
