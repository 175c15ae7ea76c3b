package org.handdown.fit.room;

import org.handdown.geometry.FlatRegion;
import org.handdown.geometry.Point;

/** Positions where a moving shape would lie on a fixed one, relative to the fixed one: rim for finding, core for testing. */
public record NoFit(FlatRegion rim, FlatRegion core) {
    NoFit opposite() {
        return new NoFit(rim.opposite(), core.opposite());
    }

    NoFit moved(Point by) {
        return new NoFit(rim.moved(by.x(), by.y()), core.moved(by.x(), by.y()));
    }

    NoFit turned(double degrees) {
        return degrees == 0 ? this : new NoFit(rim.turned(degrees), core.turned(degrees));
    }
}
