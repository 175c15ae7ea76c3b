package org.handdown.formats.sheet;

import org.handdown.geometry.Point;
import org.handdown.geometry.Region;
import org.handdown.geometry.Ring;
import org.handdown.pattern.Piece;

/** A piece with the shift that puts it on the sheet. */
record Standing(Piece piece, Point shift) {
    Point on(Point p) {
        return p.plus(shift);
    }

    /** A point well within it, on its own paper. */
    Point inside() {
        Ring cut = piece.cutLine().ring();
        Point inner = Region.of(cut).innerPoint();
        return inner == null ? cut.at(0) : inner;
    }
}
