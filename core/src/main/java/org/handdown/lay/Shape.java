package org.handdown.lay;

import org.handdown.geometry.Box;
import org.handdown.geometry.Placement;
import org.handdown.geometry.Region;
import org.handdown.geometry.Ring;

/** One way a piece may lie: a variant, turned and mirrored, its outline still at the origin of the panel frame. */
final class Shape {
    final int index;
    final int piece;
    final FitPiece.Variant variant;
    final double turnDeg;
    final boolean mirrored;
    /** On the exact grain or along a finished edge; other turns are tried later and less often. */
    final boolean straight;

    final Ring ring;
    final Box box;
    /** The part of the piece that will be seen, where flaws to hide may not lie. */
    final Region seen;

    Shape(int index, int piece, FitPiece.Variant variant, double turnDeg, boolean mirrored, boolean straight) {
        this.index = index;
        this.piece = piece;
        this.variant = variant;
        this.turnDeg = turnDeg;
        this.mirrored = mirrored;
        this.straight = straight;
        Placement at = at(0, 0);
        this.ring = at.toPanel(variant.outline());
        this.box = ring.box();
        this.seen = Region.of(ring)
                .minus(Region.of(variant.hidden().stream().map(at::toPanel).toList()));
    }

    Placement at(double x, double y) {
        return new Placement(x, y, turnDeg, mirrored);
    }
}
