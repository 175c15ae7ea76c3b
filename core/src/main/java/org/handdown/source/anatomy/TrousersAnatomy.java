package org.handdown.source.anatomy;

import java.util.ArrayList;
import java.util.List;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.PartRole;
import org.handdown.source.shape.Block;
import org.handdown.source.shape.LegShape;

/** Trousers and jeans with side seams, inseams, a zip fly and a straight waistband; jeans with a yoke at the back. */
final class TrousersAnatomy {
    private TrousersAnatomy() {}

    static Anatomy of(GarmentMeasures measures) {
        TrouserMeasures m = TrouserMeasures.of(measures);
        AnatomyBuilder build = new AnatomyBuilder(m.allowanceMm());
        TrouserPockets pocketry = new TrouserPockets(m, build);
        TrouserParts parts = new TrouserParts(m, build, pocketry);
        TrouserSeams seams = new TrouserSeams(m, build, pocketry);
        LegShape back = TrouserLegs.leg(m, false);
        parts.legs(TrouserLegs.leg(m, true), back);
        List<String> inside = new ArrayList<>(List.of("waistband", "pocket-bag-left", "pocket-bag-right", "fly"));
        build.part("waistband", Block.rectangle(m.bandMm(), m.waistbandMm()), PartRole.WAISTBAND);
        parts.small(inside);
        parts.darts();
        seams.order();
        seams.hems();
        List<String> backs = List.of("back-left", "back-right");
        build.spread(
                List.of(List.of("front-right", "front-left")),
                m.yokeMm() > 0 ? List.of(List.of("yoke-left", "yoke-right"), backs) : List.of(backs),
                inside);
        parts.on(back);
        return build.build();
    }
}
