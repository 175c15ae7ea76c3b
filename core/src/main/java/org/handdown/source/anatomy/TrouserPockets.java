package org.handdown.source.anatomy;

import java.util.List;
import java.util.Set;
import org.handdown.source.graph.Join;
import org.handdown.source.graph.StitchType;
import org.handdown.source.shape.LegShape;

/** The pockets of trousers: patches, jetted ones and hanging bags. */
final class TrouserPockets {
    static final double BACK_POCKET_WIDE_MM = 140;
    static final double BACK_POCKET_HIGH_MM = 150;
    static final double FRONT_POCKET_MOUTH_MM = 170;
    static final double BAG_WIDE_MM = 160;
    static final double BAG_HIGH_MM = 280;

    private final TrouserMeasures m;
    private final AnatomyBuilder build;

    TrouserPockets(TrouserMeasures m, AnatomyBuilder build) {
        this.m = m;
        this.build = build;
    }

    double backWide() {
        return m.scaled(BACK_POCKET_WIDE_MM);
    }

    double backHigh() {
        return m.scaled(BACK_POCKET_HIGH_MM);
    }

    double mouth() {
        return m.scaled(FRONT_POCKET_MOUTH_MM);
    }

    double bagWide() {
        return m.scaled(BAG_WIDE_MM);
    }

    double bagHigh() {
        return m.scaled(BAG_HIGH_MM);
    }

    double pocketHeight(LegShape back) {
        return back.waist().heightMm() + back.centreLiftMm() - 75 - backHigh() / 2;
    }

    void backPockets() {
        if (m.pockets() == TrouserMeasures.NONE) {
            return;
        }
        boolean jetted = m.pockets() == TrouserMeasures.JETTED;
        for (String side : List.of("left", "right")) {
            build.sew("back-pocket-" + side, side + " back pocket", jetted ? StitchType.PLAIN : StitchType.TOPSTITCHED)
                    .rows(2)
                    .longMm(jetted ? backWide() : backWide() + 2 * backHigh())
                    .allowance(0)
                    .tacks(2)
                    .with(jetted ? Set.of() : Set.of(Join.Trait.TOPSTITCHED))
                    .along("back-" + side, "pocket")
                    .along("back-pocket-" + side, "lower");
            if (jetted && m.isWhole()) {
                build.sew("back-welts-" + side, side + " back pocket, welts to the bag", StitchType.PLAIN)
                        .longMm(backWide() + 30)
                        .allowance(7)
                        .along("back-welts-" + side, "lower")
                        .along("back-pocket-" + side, "upper");
            }
        }
    }

    void frontPockets() {
        for (String side : List.of("left", "right")) {
            build.sew("front-pocket-" + side, side + " front pocket", StitchType.TOPSTITCHED)
                    .rows(2)
                    .longMm(mouth())
                    .allowance(m.allowanceMm())
                    .tacks(2)
                    .with(riveted())
                    .along("front-" + side, "pocket")
                    .along("pocket-bag-" + side, "upper");
            if (m.isWhole()) {
                build.sew("pocket-facing-" + side, side + " front pocket facing on its bag", StitchType.PLAIN)
                        .longMm(bagWide() + mouth())
                        .allowance(7)
                        .along("pocket-facing-" + side, "lower")
                        .along("pocket-back-" + side, "upper")
                        .then()
                        .sew("pocket-bag-" + side, side + " front pocket, round the bag", StitchType.OVERLOCKED)
                        .longMm(bagWide() + 2 * bagHigh() - mouth())
                        .allowance(7)
                        .along("pocket-bag-" + side, "lower")
                        .along("pocket-back-" + side, "lower");
            }
        }
        if (m.isWhole() && m.isJeans()) {
            build.sew("coin-pocket", "coin pocket", StitchType.TOPSTITCHED)
                    .rows(2)
                    .longMm(75 + 2 * 85)
                    .allowance(0)
                    .tacks(2)
                    .with(riveted())
                    .along("pocket-facing-right", "upper")
                    .along("coin-pocket", "lower");
        }
    }

    Set<Join.Trait> riveted() {
        return m.isJeans() && m.given().is("rivets", TrouserMeasures.RIVETS)
                ? Set.of(Join.Trait.TOPSTITCHED, Join.Trait.RIVETED)
                : Set.of(Join.Trait.TOPSTITCHED);
    }
}
