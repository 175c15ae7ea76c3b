package org.handdown.pattern.change;

import org.handdown.geometry.Box;
import org.handdown.geometry.Point;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.pattern.Design;
import org.handdown.pattern.Piece;

/**
 * Spreads a piece along an upright line, or folds so much of it away. On a symmetrical piece half goes to either side of the axis.
 *
 * @param atMm from the piece's left end, or, for both sides, from its middle
 * @param byMm wider in all; negative narrows
 * @param bothSides half of it left, half right of the middle
 */
public record Widen(String name, String piece, double atMm, double byMm, boolean bothSides) implements Change {
    private static final double MOST_MM = 600;

    public Widen {
        Change.requireName(name);
        if (!(Math.abs(byMm) <= MOST_MM) || byMm == 0) {
            throw new RefusedValueException("change.by", Wording.of("Widen or narrow by up to 60 cm."));
        }
    }

    @Override
    public String words() {
        return Wording.fill(
                "%s %s by %.0f mm%s",
                Wording.spoken(piece),
                byMm > 0 ? "wider" : "narrower",
                Math.abs(byMm),
                bothSides ? ", half on either side" : "");
    }

    @Override
    public Design on(Design design) {
        Change.piece(design, piece);
        return design.with(piece, p -> Change.whole(widened(p)));
    }

    private Piece widened(Piece p) {
        Box box = p.stitchLine().box();
        double middle = (box.minX() + box.maxX()) / 2;
        double line = bothSides ? atMm : box.minX() + atMm;
        boolean inside = bothSides ? atMm >= 0 && atMm < box.widthMm() / 2 : atMm > 0 && line < box.maxX();
        if (!inside || box.widthMm() + byMm < 5) {
            throw new RefusedValueException(
                    "change.at",
                    Wording.fill(
                            "The %s is %.0f mm wide; put the line inside it and leave something of it.",
                            p.name(), box.widthMm()));
        }
        return p.map(q -> {
            if (bothSides) {
                double off = q.x() - middle;
                double by = Math.abs(off) > line + 1e-9 ? Math.signum(off) * byMm / 2 : 0;
                return new Point(q.x() + by, q.y());
            }
            return q.x() > line ? new Point(q.x() + byMm, q.y()) : q;
        });
    }

    @Override
    public <T> T read(Reader<T> reader) {
        return reader.widen(this);
    }
}
