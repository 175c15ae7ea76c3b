package org.handdown.fit;

import org.handdown.geometry.Placement;

/** One copy of a piece on a panel. */
public record Placed(String piece, int copy, String variant, String panel, Placement at) {
    /** Is it the same copy of the same piece, wherever it lies? */
    public boolean isCopyOf(Placed other) {
        return piece.equals(other.piece) && copy == other.copy;
    }

    /** As findings name it: piece#copy. */
    public String name() {
        return id().name();
    }

    public CopyId id() {
        return new CopyId(piece, copy);
    }
}
