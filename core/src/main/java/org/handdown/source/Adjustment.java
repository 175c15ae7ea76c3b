package org.handdown.source;

import java.util.List;
import org.handdown.source.graph.Fold;
import org.handdown.source.graph.Join;
import org.handdown.source.graph.Layer;
import org.handdown.source.graph.PartRole;
import org.handdown.source.graph.StitchType;

/** How this very source differs from the ready anatomy of its kind. */
public sealed interface Adjustment {
    /** A part more, drawn as a rectangle and spread out inside. */
    record AddPart(String id, String name, double widthMm, double heightMm, PartRole role, Layer layer)
            implements Adjustment {}

    /** A join more, between edges that exist. */
    record AddJoin(
            String id,
            String name,
            List<Join.Run> runs,
            StitchType stitch,
            int rows,
            double lengthMm,
            double allowanceMm)
            implements Adjustment {
        public AddJoin {
            runs = List.copyOf(runs);
        }
    }

    /** Darts, pleats, gathers or tucks more. */
    record AddFold(Fold fold) implements Adjustment {}

    /** A patch pocket with two rows of topstitching round three sides. */
    record AddPocket(String part, double widthMm, double heightMm) implements Adjustment {}

    /** A lining behind a part, caught along one edge of it. */
    record AddLining(String part, String edge) implements Adjustment {}

    /** A part that this source lacks, with its joins. */
    record TakeOut(String part) implements Adjustment {}
}
