package org.handdown.pattern.change;

import java.util.ArrayList;
import java.util.List;
import org.handdown.geometry.Box;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Point;
import org.handdown.geometry.Segment;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.pattern.Design;
import org.handdown.pattern.Piece;

/**
 * Cuts pieces along a level line and spreads them by so much, or folds so much away below it; edges that cross are drawn anew from
 * point to point, which is how a pattern is trued.
 *
 * @param pieces that are lengthened alike, so that their seams still agree
 * @param atMm height of the line above each piece's lowest point
 * @param byMm more; negative shortens
 */
public record Lengthen(String name, List<String> pieces, double atMm, double byMm) implements Change {
    private static final double MOST_MM = 1000;

    public Lengthen {
        Change.requireName(name);
        pieces = List.copyOf(pieces);
        if (pieces.isEmpty()) {
            throw new RefusedValueException("change.piece", "Say which pieces are lengthened.");
        }
        if (!(Math.abs(byMm) <= MOST_MM) || byMm == 0) {
            throw new RefusedValueException("change.by", Wording.of("Lengthen or shorten by up to 1 m."));
        }
    }

    @Override
    public String words() {
        return Wording.fill(
                "%s %s by %.0f mm at %.0f mm from the lower end",
                Wording.spoken(String.join(", ", pieces)), byMm > 0 ? "longer" : "shorter", Math.abs(byMm), atMm);
    }

    @Override
    public Design on(Design design) {
        Design now = design;
        for (String id : pieces) {
            Piece piece = Change.piece(design, id);
            now = now.with(id, p -> Change.whole(lengthened(piece)));
        }
        return now;
    }

    private Piece lengthened(Piece piece) {
        Box box = piece.stitchLine().box();
        double line = box.minY() + atMm;
        if (!(atMm > 0 && line < box.maxY())) {
            throw new RefusedValueException(
                    "change.at",
                    Wording.fill("The %s is %.0f mm high; put the line inside it.", piece.name(), box.heightMm()));
        }
        if (byMm < 0) {
            requireEmpty(piece, line, line - byMm);
        }
        double from = byMm < 0 ? line - byMm / 2 : line;
        return piece.map(p -> p.y() > from ? new Point(p.x(), p.y() + byMm) : p);
    }

    /** No corner may lie in what is folded away. */
    private static void requireEmpty(Piece piece, double from, double to) {
        List<Point> corners = new ArrayList<>();
        for (Edge edge : piece.stitchLine().edges()) {
            edge.segments().forEach(s -> corners.add(s.start()));
            edge.segments().stream().map(Segment::end).forEach(corners::add);
        }
        if (corners.stream().anyMatch(c -> c.y() > from + 1e-6 && c.y() < to - 1e-6)) {
            throw new RefusedValueException(
                    "change.at",
                    Wording.fill(
                            "A corner of the %s lies in what would be folded away; put the line higher or lower, or fold less.",
                            piece.name()));
        }
    }

    @Override
    public <T> T read(Reader<T> reader) {
        return reader.lengthen(this);
    }
}
