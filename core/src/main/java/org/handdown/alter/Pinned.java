package org.handdown.alter;

import java.util.Optional;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.Join;
import org.handdown.source.graph.Part;

/** Finds what a pin reading names on a source. */
record Pinned(Anatomy anatomy) {

    Optional<Join> findJoin(String id) {
        return anatomy.joins().stream().filter(j -> j.id().equals(id)).findFirst();
    }

    Join join(String id) {
        return findJoin(id)
                .orElseThrow(() -> new RefusedValueException(
                        "takeIn.where", Wording.fill("This source has no seam or hem “%s”.", id)));
    }

    Part part(String id) {
        return anatomy.findPart(id)
                .filter(Part::isMain)
                .orElseThrow(() -> new RefusedValueException(
                        "takeIn.where", Wording.fill("This source has no panel “%s” to pinch.", id)));
    }

    /** The same on the other side of the body. */
    Optional<Join> partner(Join join) {
        return SeamEnds.partner(join.id()).flatMap(this::findJoin);
    }

    Optional<Part> partner(Part part) {
        return SeamEnds.partner(part.id()).flatMap(anatomy::findPart);
    }

    static void requireLeft(double before, double after, String name) {
        if (before > 0 && after < 0.4 * before) {
            throw new RefusedValueException(
                    "takeIn.pinch",
                    Wording.fill(
                            "%s: of %.0f mm only %.0f mm would be left. Is the figure the pinch itself, and in the right unit?",
                            name, before, after));
        }
    }
}
