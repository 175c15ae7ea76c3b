package org.handdown.panel;

import java.util.List;
import java.util.Map;
import org.handdown.cloth.Cloth;
import org.handdown.geometry.OffsetOutline;
import org.handdown.geometry.Outline;
import org.handdown.measure.RefusedValueException;
import org.handdown.source.LegShape;
import org.handdown.source.TrousersAnatomy;

/**
 * A leg panel by the tape: widths between the old stitch lines at heights above the hem, and the cloth that taking apart won outside
 * them.
 *
 * @param wonMm cloth outside the old stitch line by edge name; for the hem its unpicked depth
 * @param hemKept the old hem stays as a finished edge
 * @param hemDepthMm depth of that hem
 */
public record LegSurvey(
        String id, LegShape shape, Map<String, Double> wonMm, boolean hemKept, double hemDepthMm, List<Flaw> flaws) {
    private static final int MOST_FLAWS = 60;
    /** No seam or hem of trousers wins more than this. */
    private static final double WIDEST_WON_MM = 200;

    public LegSurvey {
        for (double won : wonMm.values()) {
            if (!(Math.abs(won) <= WIDEST_WON_MM)) {
                throw new RefusedValueException(
                        "wonMm", "Cloth won or lost at an edge is at most 200 mm, not %.0f mm.".formatted(won));
            }
        }
        if (!(hemDepthMm >= 0 && hemDepthMm <= WIDEST_WON_MM)) {
            throw new RefusedValueException("hemDepthMm", "A hem is from 0 to 200 mm deep.");
        }
        if (flaws.size() > MOST_FLAWS) {
            throw new RefusedValueException("flaws", "A panel takes 60 flaws at most; join neighbouring ones.");
        }
        wonMm = Map.copyOf(wonMm);
        flaws = List.copyOf(flaws);
    }

    /** Lengthwise grain and pile of a leg run up the crease. */
    private static final double GRAIN_DEG = 90;

    /** The panel this survey draws; grain and pile run up the crease. */
    public Panel panel(Cloth cloth) {
        Outline seams = TrousersAnatomy.isSideRight(id)
                ? shape.outline()
                : shape.outline().mirrored();
        Outline.Flat edge = OffsetOutline.of(seams, e -> wonMm.getOrDefault(e.name(), 0.0));
        return new Panel(
                id,
                id.replace('-', ' ') + " leg",
                edge,
                seams,
                hemKept ? Map.of("hem", EdgeKind.HEM) : Map.of(),
                hemKept ? hemDepthMm : 0,
                GRAIN_DEG,
                cloth,
                flaws);
    }

    public LegSurvey withShape(LegShape other) {
        return new LegSurvey(id, other, wonMm, hemKept, hemDepthMm, flaws);
    }

    public LegSurvey withFlaws(List<Flaw> others) {
        return new LegSurvey(id, shape, wonMm, hemKept, hemDepthMm, others);
    }
}
