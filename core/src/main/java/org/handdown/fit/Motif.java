package org.handdown.fit;

import org.handdown.geometry.Point;
import org.handdown.measure.RefusedValueException;

/** Something on the cloth that a piece should show: a print, an embroidery. @param centre panel frame */
public record Motif(String name, Point centre) {
    public Motif {
        if (name.isBlank() || name.length() > 60) {
            throw new RefusedValueException("motifs.name", "Call the motif something of up to 60 letters.");
        }
        if (!(Math.abs(centre.x()) <= 5000 && Math.abs(centre.y()) <= 5000)) {
            throw new RefusedValueException("motifs.centre", "A motif lies on the panel, not metres away from it.");
        }
    }
}
