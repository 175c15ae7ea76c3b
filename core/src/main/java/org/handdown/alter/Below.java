package org.handdown.alter;

import java.util.Locale;
import java.util.Optional;
import org.handdown.assembly.Layer;
import org.handdown.geometry.Edge;
import org.handdown.measure.Wording;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.EdgeFinish;
import org.handdown.source.graph.Join;
import org.handdown.source.graph.Part;
import org.handdown.source.graph.PartRole;

/** What hangs below a part that becomes shorter: its rib or cuff, and the lining inside it. */
final class Below {
    /** A lining stays this much longer, or it pulls at the hem (common practice, no source). */
    static final double LINING_EASE_MM = 10;

    private Below() {}

    /** What is sewn below the lower edge of a part, with its own length, against the ring that meets it after the change. */
    static Optional<String> band(Anatomy anatomy, Part part, double above) {
        double rest = 0;
        String name = "";
        for (Edge edge : part.outline().edges()) {
            EdgeFinish finish = part.finishes().get(edge.name());
            if (edge.name().equals("hem") && finish != null && finish.restMm() > 0) {
                rest = finish.restMm();
                name = finish.kind().name().toLowerCase(Locale.ROOT);
            }
        }
        for (Join join : anatomy.joinsOf(part.id())) {
            boolean atHem = join.runs().stream()
                    .anyMatch(r -> r.part().equals(part.id()) && r.edge().equals("hem"));
            for (Join.Run run : join.runs()) {
                PartRole role = anatomy.part(run.part()).role();
                if (atHem && (role == PartRole.CUFF || role == PartRole.RIB)) {
                    Part below = anatomy.part(run.part());
                    rest = below.outline().box().widthMm();
                    name = below.name();
                }
            }
        }
        if (rest == 0) {
            return Optional.empty();
        }
        return Optional.of(Wording.fill(
                above > rest
                        ? "The ring above the %s is then %.0f mm round, the %s %.0f mm at rest: ratio %.2f. Ease it in, or taper the seam towards it."
                        : "The ring above the %s is then %.0f mm round, the %s %.0f mm at rest: ratio %.2f. It lies flat.",
                name,
                above,
                name,
                rest,
                above / rest));
    }

    /** Shortened with its shell, but left a little longer; its hem meets the turned-up hem at the old crease. */
    static Optional<String> lining(Anatomy anatomy, Part part, double shorter) {
        return anatomy.findPart("lining-" + part.id())
                .filter(p -> p.layer() == Layer.LINING)
                .map(p -> Wording.fill(
                        "Shorten the %s by %.0f mm, not %.0f mm: it stays %.0f mm longer and meets the turned edge at the old crease.",
                        p.name(), Math.max(0, shorter - LINING_EASE_MM), shorter, LINING_EASE_MM));
    }
}
