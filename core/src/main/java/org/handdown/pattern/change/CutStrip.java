package org.handdown.pattern.change;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.measure.Length;
import org.handdown.measure.Range;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.pattern.Allowance;
import org.handdown.pattern.CutGrain;
import org.handdown.pattern.Design;
import org.handdown.pattern.Mark;
import org.handdown.pattern.Piece;
import org.handdown.pattern.PieceCloth;

/**
 * Straight strips more: ties, loops, bands, tubes. Cut width = finished width × folds and an allowance at both edges, cut length = finished
 * length and an allowance at both ends (handbook of the trade §4).
 *
 * @param lengthMm finished, of one strip
 * @param finishedMm width
 * @param folds layers of the finished strip: 1 flat, 2 folded once, 4 folded in and once more
 * @param quantity of strips
 */
public record CutStrip(
        String name,
        PieceCloth cloth,
        CutGrain grain,
        double lengthMm,
        double finishedMm,
        int folds,
        double allowanceMm,
        int quantity)
        implements Change {
    public CutStrip {
        Change.requireName(name);
        new Range(20, 6000).require("change.at", Length.ofMm(lengthMm));
        new Range(3, 600).require("change.by", Length.ofMm(finishedMm));
        requireFolds(folds);
        new Range(0, 50).require("change.allowance", Length.ofMm(allowanceMm));
        if (quantity < 1 || quantity > 60) {
            throw new RefusedValueException("change.quantity", "From 1 to 60 strips.");
        }
    }

    static void requireFolds(int folds) {
        if (folds != 1 && folds != 2 && folds != 4) {
            throw new RefusedValueException(
                    "change.folds", "A strip lies flat (1), is folded once (2), or folded in and once more (4).");
        }
    }

    @Override
    public String words() {
        return Wording.fill(
                "%d strip%s of %s, %.0f mm × %.0f mm finished",
                quantity, quantity == 1 ? "" : "s", cloth.words(), lengthMm, finishedMm);
    }

    String made() {
        return Change.id(name);
    }

    @Override
    public Design on(Design design) {
        List<Piece> pieces = new ArrayList<>(design.pieces());
        pieces.removeIf(p -> p.id().equals(made()));
        pieces.add(piece());
        return design.withPieces(pieces);
    }

    /** Along the grain upwards; its long edges are called right and left. */
    Piece piece() {
        double wide = folds * finishedMm;
        Map<String, Allowance> allowances = new HashMap<>();
        Outline line = Outline.rectangle(wide, lengthMm);
        line.edges().forEach(e -> allowances.put(e.name(), Allowance.seam(allowanceMm)));
        List<Mark> folded = folds == 1
                ? List.of()
                : List.of(new Mark(
                        Mark.Kind.FOLD,
                        "folded lengthwise",
                        List.of(new Point(wide / 2, 0), new Point(wide / 2, lengthMm))));
        return new Piece(
                made(),
                name,
                line,
                allowances,
                quantity,
                false,
                grain,
                true,
                Map.of(),
                List.of(),
                List.of(),
                cloth,
                folded,
                Piece.Way.USUAL);
    }

    @Override
    public <T> T read(Reader<T> reader) {
        return reader.strip(this);
    }
}
