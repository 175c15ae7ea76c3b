package org.handdown.pattern.change;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.handdown.geometry.Edge;
import org.handdown.geometry.OffsetOutline;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
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
 * A lining is cut at the outer hemline and turned there, so that it ends above it, or cut so much shorter; interfacing ends at the
 * stitch lines.
 *
 * @param of cloth of the layer
 * @param shorterMm cut so much above the outer hemline; 0 at it
 */
public record LayerFrom(String name, String piece, PieceCloth of, double shorterMm) implements Change, Derived {
    private static final Allowance TO_THE_LINE = new Allowance(0, "interfacing ends at the stitch line");
    private static final Allowance AT_THE_HEM =
            new Allowance(0, "cut at the outer hemline and turned up: it ends above the hem and does not show");

    private static final double MOST_SHORTER_MM = 600;

    /** Cut at the outer hemline. */
    public LayerFrom(String name, String piece, PieceCloth of) {
        this(name, piece, of, 0);
    }

    public LayerFrom {
        Change.requireName(name);
        if (!(shorterMm >= 0 && shorterMm <= MOST_SHORTER_MM)) {
            throw new RefusedValueException(
                    "change.by", Wording.of("A lining is cut from 0 to 600 mm shorter than its piece."));
        }
        if (!of.isServed() || of == PieceCloth.SHELL || of == PieceCloth.BINDING) {
            throw new RefusedValueException(
                    "change.cloth",
                    "A layer is of lining, interfacing, pocketing, rib or a contrast; the piece itself is there already.");
        }
    }

    @Override
    public String words() {
        String less = shorterMm == 0 ? "" : Wording.fill(", %.0f mm shorter at the hem", shorterMm);
        return Wording.fill("%s behind the whole %s%s", of.words(), Wording.spoken(piece), less);
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
                seams.add(seam.between(name, one, other));
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
    public List<String> follows() {
        return List.of(piece);
    }

    @Override
    public String made() {
        return idOf(piece);
    }

    private String idOf(String from) {
        return Change.id(from + "-" + of.words());
    }

    private Piece layer(Piece from) {
        boolean stays = of == PieceCloth.INTERFACING;
        Outline line = line(from);
        Map<String, Allowance> allowances = new HashMap<>();
        for (Edge edge : from.stitchLine().edges()) {
            Allowance old = from.allowance(edge.name());
            allowances.put(edge.name(), stays ? TO_THE_LINE : old.turned() ? AT_THE_HEM : old);
        }
        return new Piece(
                made(),
                Wording.fill("%s of the %s", of.words(), from.name()),
                line,
                allowances,
                from.quantity(),
                from.pair(),
                stays ? CutGrain.EITHER : from.grain(),
                true,
                Map.of(),
                List.of(),
                from.notches().stream().filter(n -> isOn(line, n.at())).toList(),
                of,
                from.marks().stream().filter(m -> isSewn(m.kind())).toList(),
                Piece.Way.USUAL);
    }

    private static boolean isHem(Allowance a) {
        return a.turn().kind() == Allowance.Turn.Kind.HEM;
    }

    /** What was marked on a hem that is gone goes with it. */
    private static boolean isOn(Outline line, Point mark) {
        return line.edges().stream().anyMatch(e -> mark.distanceMm(e.flattened(0.1)) < 1);
    }

    /** Of the piece, its turned edges so much further in. */
    private Outline line(Piece from) {
        if (shorterMm == 0) {
            return from.stitchLine();
        }
        if (from.allowances().values().stream().noneMatch(LayerFrom::isHem)) {
            throw new RefusedValueException(
                    "change.by",
                    Wording.fill("The %s has no edge that is turned up: there is no hem to end above.", from.name()));
        }
        return OffsetOutline.of(from.stitchLine(), e -> isHem(from.allowance(e.name())) ? -shorterMm : 0)
                .outline();
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
