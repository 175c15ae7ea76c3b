package org.handdown.source.anatomy;

import java.util.List;
import java.util.Map;
import org.handdown.assembly.Layer;
import org.handdown.geometry.Outline;
import org.handdown.geometry.OutlineCut;
import org.handdown.geometry.Point;
import org.handdown.measure.Wording;
import org.handdown.source.graph.Fold;
import org.handdown.source.graph.PartId;
import org.handdown.source.graph.PartRole;
import org.handdown.source.shape.Block;
import org.handdown.source.shape.LegShape;

/** The parts of trousers: legs, yokes, and what hangs on them. */
final class TrouserParts {
    private static final double LOOP_LONG_MM = 60;

    /** At the side a yoke is so much of what it is at the centre. */
    private static final double YOKE_SIDE_SHARE = 0.5;

    private static final double DART_LONG_MM = 110;

    static final double LOOP_WIDE_MM = 12;
    private final TrouserMeasures m;
    private final AnatomyBuilder build;
    private final TrouserPockets pocketry;

    TrouserParts(TrouserMeasures m, AnatomyBuilder build, TrouserPockets pocketry) {
        this.m = m;
        this.build = build;
        this.pocketry = pocketry;
    }

    /** The legs, and above a yoke the yoke. */
    void legs(LegShape front, LegShape back) {
        Outline backLeg = back.sewnOutline();
        Outline yoke = null;
        if (m.yokeMm() > 0) {
            OutlineCut cut = yokeCut(back, backLeg);
            backLeg = cut.right();
            yoke = cut.left();
        }
        for (String leg : TrouserLegs.LEGS) {
            Outline outline = new PartId(leg).isOf("front") ? front.sewnOutline() : backLeg;
            build.part(
                    leg,
                    Wording.spoken(leg) + " leg",
                    TrouserLegs.isSideRight(leg) ? outline : outline.mirrored(),
                    PartRole.PANEL,
                    Layer.SHELL,
                    Map.of());
        }
        if (yoke != null) {
            build.part("yoke-left", yoke.mirrored(), PartRole.YOKE).part("yoke-right", yoke, PartRole.YOKE);
        }
    }

    /** From the side seam to the seat seam, deeper at the seat; above it lies the yoke, at the left of the line. */
    private OutlineCut yokeCut(LegShape back, Outline leg) {
        Point side = leg.edge("side")
                .at(1 - YOKE_SIDE_SHARE * m.yokeMm() / leg.edge("side").lengthMm());
        Point centre = leg.edge("centre").at(m.yokeMm() / leg.edge("centre").lengthMm());
        OutlineCut cut = OutlineCut.of(leg, centre, side, "yoke");
        return cut.left().box().maxY() > cut.right().box().maxY() ? cut : new OutlineCut(cut.right(), cut.left());
    }

    /** Pockets, fly and what else hangs on the legs. */
    void small(List<String> inside) {
        for (String side : List.of("left", "right")) {
            backPocket(side, inside);
            build.part(
                    "pocket-bag-" + side,
                    side + " front pocket bag",
                    Block.rectangle(pocketry.bagWide(), pocketry.bagHigh()),
                    PartRole.POCKET,
                    m.isWhole() ? Layer.LINING : Layer.SHELL,
                    Map.of());
        }
        build.part("fly", "zip fly", Block.rectangle(40, m.flyMm()), PartRole.ZIP, Layer.SHELL, Map.of());
        if (!m.isWhole()) {
            return;
        }
        innerBand(inside);
        for (String side : List.of("left", "right")) {
            innerPocket(side, inside);
        }
        if (m.isJeans()) {
            inside.add("coin-pocket");
            build.part("coin-pocket", Block.rectangle(75, 85), PartRole.POCKET);
        }
    }

    private void backPocket(String side, List<String> inside) {
        if (m.pockets() == TrouserMeasures.JETTED) {
            inside.add("back-pocket-" + side);
        }
        if (m.pockets() != TrouserMeasures.NONE) {
            build.part(
                    "back-pocket-" + side,
                    side + " back pocket",
                    Block.rectangle(
                            m.pockets() == TrouserMeasures.JETTED ? pocketry.backWide() + 30 : pocketry.backWide(),
                            m.pockets() == TrouserMeasures.JETTED ? 2 * pocketry.backHigh() : pocketry.backHigh()),
                    PartRole.POCKET,
                    m.pockets() == TrouserMeasures.JETTED ? Layer.LINING : Layer.SHELL,
                    Map.of());
        }
    }

    private void innerBand(List<String> inside) {
        inside.addAll(List.of("waistband-inner", "belt-loops", "fly-facing", "fly-shield"));
        build.part(
                        "waistband-inner",
                        "inner waistband",
                        Block.rectangle(m.bandMm(), m.waistbandMm()),
                        PartRole.FACING,
                        Layer.SHELL,
                        Map.of())
                .part(
                        "belt-loops",
                        Wording.fill("%d belt loops, one strip", m.loops()),
                        Block.rectangle(m.loops() * LOOP_LONG_MM, LOOP_WIDE_MM),
                        PartRole.FACING,
                        Layer.SHELL,
                        Map.of())
                .part("fly-facing", Block.rectangle(45, m.flyMm() + 20), PartRole.FACING)
                .part("fly-shield", Block.rectangle(90, m.flyMm() + 20), PartRole.FACING);
    }

    private void innerPocket(String side, List<String> inside) {
        inside.addAll(List.of("pocket-back-" + side, "pocket-facing-" + side));
        build.part(
                        "pocket-back-" + side,
                        side + " front pocket, back of the bag",
                        Block.rectangle(pocketry.bagWide(), pocketry.bagHigh()),
                        PartRole.FACING,
                        Layer.LINING,
                        Map.of())
                .part(
                        "pocket-facing-" + side,
                        side + " front pocket facing",
                        Block.rectangle(pocketry.bagWide(), pocketry.mouth()),
                        PartRole.FACING,
                        Layer.SHELL,
                        Map.of());
        if (m.pockets() == TrouserMeasures.JETTED) {
            build.part(
                    "back-welts-" + side,
                    side + " back pocket welts",
                    Block.rectangle(pocketry.backWide() + 30, 50),
                    PartRole.FACING,
                    Layer.SHELL,
                    Map.of());
        }
    }

    void darts() {
        if (m.backDartMm() <= 0) {
            return;
        }
        int each = m.given().count("backDarts") / 2;
        for (String side : List.of("left", "right")) {
            build.fold(
                    "darts-back-" + side,
                    Fold.Kind.DART,
                    "back-" + side,
                    "waist",
                    each,
                    m.given().mm("dartDepth"),
                    DART_LONG_MM);
        }
    }

    /** What is seen on the backs. */
    void on(LegShape back) {
        // Of a jetted pocket only the welts are seen.
        String seen = m.pockets() == TrouserMeasures.PATCH
                ? "back-pocket-"
                : m.pockets() == TrouserMeasures.JETTED && m.isWhole() ? "back-welts-" : "";
        if (!seen.isEmpty()) {
            double high = pocketry.pocketHeight(back) - m.yokeMm() / 2;
            for (String side : List.of("left", "right")) {
                build.on(seen + side, "back-" + side, middle(back, "back-" + side), high);
            }
        }
    }

    /** Between side and centre, over the seat. */
    private static double middle(LegShape back, String leg) {
        double middle = back.seat().toSideMm() - back.seat().widthMm() / 2;
        return TrouserLegs.isSideRight(leg) ? middle : -middle;
    }
}
