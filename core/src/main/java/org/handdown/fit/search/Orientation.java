package org.handdown.fit.search;

import org.handdown.fit.room.InnerFit;
import org.handdown.fit.room.Shape;
import org.handdown.geometry.Box;

/** A way for a copy to lie on a panel, and what lies round it there. */
final class Orientation {
    final int panel;
    final Shape shape;
    final InnerFit room;
    final Surroundings around;
    /** The copy lies on this panel in this way now. */
    final boolean here;

    final Box candidates;
    final double mostX;
    final double narrow;

    Orientation(int panel, Shape shape, InnerFit room, Surroundings around, boolean here, double wallMm) {
        this.panel = panel;
        this.shape = shape;
        this.room = room;
        this.around = around;
        this.here = here;
        this.candidates = room.core().box();
        this.mostX = Math.min(candidates.maxX(), wallMm - shape.box.maxX());
        this.narrow = Math.min(shape.box.widthMm(), shape.box.heightMm());
    }

    double nearestX(double x) {
        return Samples.rounded(Math.max(candidates.minX(), Math.min(mostX, x)));
    }

    double nearestY(double y) {
        return Samples.rounded(Math.max(candidates.minY(), Math.min(candidates.maxY(), y)));
    }

    /** Weighted overlap, far where the copy may not lie. */
    double overlap(double x, double y, double limit) {
        return room.core().covers(x, y) ? around.overlap(x, y, limit) : Samples.FAR;
    }
}
