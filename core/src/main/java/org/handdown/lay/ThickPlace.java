package org.handdown.lay;

import java.util.ArrayList;
import java.util.List;
import org.handdown.fit.FitLayout;
import org.handdown.fit.Placed;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Region;
import org.handdown.measure.Wording;
import org.handdown.panel.Flaw;
import org.handdown.pattern.Design;
import org.handdown.pattern.Piece;

/**
 * Where a stitch line of a lay runs through more than one layer of its own cloth: a seam that is pieced, a pocket that stays, an old hem. It
 * is counted, so that the stack is known before the needle meets it; the partner's layers come on top.
 *
 * @param runMm of the stitch line within the zone
 * @param thickMm of the zone alone, its layers by the cloth's thickness
 */
public record ThickPlace(Placed piece, String edge, Flaw zone, double runMm, double thickMm) {
    /** A stitch line that only grazes a zone meets nothing thick, mm. */
    private static final double GRAZED_MM = 3;

    private static final double STEP_MM = 1;

    /** Along every edge that is sewn, the longest run first. */
    public static List<ThickPlace> of(FitLayout layout, Design design, List<Marked> marked) {
        List<ThickPlace> all = new ArrayList<>();
        for (Placed placed : layout.placements()) {
            Piece piece = design.find(placed.piece()).orElse(null);
            Marked on = marked.stream()
                    .filter(p -> p.id().equals(placed.panel()))
                    .findFirst()
                    .orElse(null);
            if (piece != null && on != null) {
                on.flaws().stream().filter(f -> f.layers() > 1).forEach(f -> along(placed, piece, on, f, all));
            }
        }
        all.sort(java.util.Comparator.comparingDouble(ThickPlace::runMm).reversed());
        return all;
    }

    private static void along(Placed placed, Piece piece, Marked on, Flaw zone, List<ThickPlace> all) {
        Region thick = Region.of(zone.outline());
        for (Edge edge : piece.stitchLine().edges()) {
            double length = edge.lengthMm();
            int steps = (int) Math.ceil(length / STEP_MM);
            int within = 0;
            for (int i = 0; i < steps; i++) {
                within += thick.covers(placed.at().toPanel(edge.at((i + 0.5) / steps))) ? 1 : 0;
            }
            double run = within * length / Math.max(1, steps);
            if (run > GRAZED_MM) {
                all.add(new ThickPlace(
                        placed,
                        edge.name(),
                        zone,
                        run,
                        zone.layers() * on.cloth().thicknessMm()));
            }
        }
    }

    /** For whoever sews there, lengths in mm. */
    public String sentence() {
        return Wording.fill(
                "The %s of the %s runs %.0f mm through %d layers (%s), %.1f mm thick before its partner lies on it: move it, or grade and go slowly.",
                Wording.spoken(edge),
                Wording.spoken(piece.piece()),
                runMm,
                zone.layers(),
                zone.what().isBlank() ? "a thick place" : zone.what(),
                thickMm);
    }
}
