package org.handdown.fit.check;

import org.handdown.fit.CopyId;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitPiece;
import org.handdown.fit.Placed;
import org.handdown.geometry.Region;
import org.handdown.geometry.Ring;

/** A placed copy with its outline in the panel frame. */
record Laid(Placed placed, FitPiece piece, FitPiece.Variant variant, FitPanel panel, Ring ring, Region area) {
    CopyId copy() {
        return placed.id();
    }

    /** As a person would call it. */
    String called() {
        return copy().spokenOf(piece.quantity());
    }
}
