package org.handdown.reuse;

import org.handdown.geometry.Edge;
import org.handdown.geometry.Point;

/** On which side of an upright edge its cloth lies, with the grain running up; a level edge has none. */
public enum Side {
    NONE,
    LEFT,
    RIGHT;

    /** Of an edge of a counter-clockwise outline seen from its right side: the cloth lies to the left of the way along it. */
    static Side of(Edge edge) {
        Point chord = edge.end().minus(edge.start());
        if (Math.abs(chord.y()) <= Math.abs(chord.x())) {
            return NONE;
        }
        return chord.y() > 0 ? LEFT : RIGHT;
    }

    Side mirrored() {
        return switch (this) {
            case NONE -> NONE;
            case LEFT -> RIGHT;
            case RIGHT -> LEFT;
        };
    }

    boolean opposes(Side other) {
        return this != NONE && other != NONE && this != other;
    }
}
