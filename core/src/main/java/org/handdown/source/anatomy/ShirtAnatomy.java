package org.handdown.source.anatomy;

import static org.handdown.source.anatomy.AnatomyBuilder.run;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.handdown.assembly.Layer;
import org.handdown.fit.EdgeKind;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.Closure;
import org.handdown.source.graph.EdgeFinish;
import org.handdown.source.graph.Fold;
import org.handdown.source.graph.Join;
import org.handdown.source.graph.PartRole;
import org.handdown.source.graph.StitchType;
import org.handdown.source.shape.Block;

/** Shirts with a yoke and a front placket. */
final class ShirtAnatomy {
    private static final double SLEEVE_PLACKET_MM = 120;
    private final GarmentMeasures m;
    private final AnatomyBuilder build;
    private final TopParts top;
    private final boolean whole;
    private final Block.Body front;
    private final double lap;
    /** Of the yoke, from armhole to armhole. */
    private final double across;

    private ShirtAnatomy(GarmentMeasures m) {
        this.m = m;
        this.build = new AnatomyBuilder(m.mm("allowance"));
        this.top = new TopParts(m, build);
        this.whole = MeasureSpec.isWhole(m);
        this.front = top.body(m.mm("neckDepth"));
        this.lap = m.mm("placket") / 2;
        this.across = 2 * front.tip().x();
    }

    static Anatomy of(GarmentMeasures m) {
        return new ShirtAnatomy(m).make();
    }

    private Anatomy make() {
        panels();
        sleeveParts();
        double neckline = 2 * build.edgeMm("front-left", "neck") + build.edgeMm("yoke", "upper");
        collarAndPocket(neckline);
        List<String> inside = new ArrayList<>(List.of("collar", "cuff-left", "cuff-right"));
        if (whole) {
            linings(inside, neckline);
        }
        seams(neckline);
        for (String side : List.of("left", "right")) {
            top.closing(
                    side,
                    run("front-" + side, "side"),
                    run("back", "side-" + side),
                    run("front-" + side, "armhole"),
                    run("back", "armhole-" + side),
                    run("yoke", "armhole-" + side));
            cuff(side, inside);
        }
        build.hem(
                "hem",
                "hem",
                StitchType.PLAIN,
                m.mm("hemDepth"),
                run("front-left", "hem"),
                run("back", "hem"),
                run("front-right", "hem"));
        return build.spread(
                        List.of(List.of("sleeve-right", "front-right", "front-left", "sleeve-left")),
                        List.of(List.of("yoke"), List.of("back")),
                        inside)
                .on("pocket", "front-left", m.mm("chest") / 8, front.underarm().y() + 20)
                .build();
    }

    private void panels() {
        EdgeFinish placket = new EdgeFinish(EdgeKind.PLACKET, m.mm("placket"));
        double underarm = front.underarm().y();
        // Seen from its right side the side seam of the front left lies at the right.
        build.panel("front-left", Block.halfBody(front, lap), Map.of("centre", placket))
                .panel("front-right", Block.halfBody(front, lap).mirrored(), Map.of("centre", placket));
        double pleat = 2 * m.mm("backPleat");
        double backHigh = Math.max(m.mm("length") - m.mm("yoke"), underarm + 20);
        build.panel(
                        "back",
                        Block.back(m.mm("chest") / 2, m.mm("chest") / 2, across + pleat, underarm, backHigh),
                        Map.of())
                .part("yoke", Block.yoke(front, across, m.mm("yoke"), TopParts.BACK_NECK_MM), PartRole.YOKE)
                .fold("pleat-back", Fold.Kind.PLEAT, "back", "upper", 1, m.mm("backPleat"), m.mm("length"));
    }

    private void sleeveParts() {
        top.sleeves(
                build.edgeMm("front-left", "armhole")
                        + build.edgeMm("back", "armhole-left")
                        + build.edgeMm("yoke", "armhole-left"),
                Map.of());
    }

    private void collarAndPocket(double neckline) {
        build.part(
                "collar",
                "collar or neckband",
                Block.rectangle(neckline, m.mm("collar")),
                PartRole.COLLAR,
                Layer.SHELL,
                Map.of());
        build.part(
                "pocket",
                "breast pocket",
                Block.rectangle(pocketWide(), pocketHigh()),
                PartRole.POCKET,
                Layer.SHELL,
                Map.of());
        double edge = build.edgeMm("front-left", "centre");
        List<Double> at = AnatomyBuilder.evenly(m.count("buttons"), 60, edge - 110);
        String buttoned = TopMeasures.buttoned(m);
        build.closure(
                new Closure("buttons", Closure.Kind.BUTTONS, buttoned, "centre", at, lap, m.mm("buttonDiameter")));
        build.sew("pocket", "breast pocket", StitchType.TOPSTITCHED)
                .longMm(pocketWide() + 2 * pocketHigh())
                .allowance(0)
                .tacks(2)
                .with(Join.Trait.TOPSTITCHED)
                .along("front-left", "pocket")
                .along("pocket", "lower");
    }

    private void seams(double neckline) {
        build.sew("yoke", "yoke seam", StitchType.TOPSTITCHED)
                .rows(2)
                .longMm(across)
                .along("back", "upper")
                .along("yoke", "lower");
        for (String side : List.of("left", "right")) {
            build.sew("shoulder-" + side, side + " front to yoke", StitchType.TOPSTITCHED)
                    .rows(2)
                    .along("front-" + side, "shoulder")
                    .along("yoke", "shoulder-" + side);
        }
        build.sew("collar", "collar seam", StitchType.TOPSTITCHED)
                .rows(2)
                .longMm(neckline)
                .with(Join.Trait.FUSED)
                .along("front-left", "neck")
                .along("front-right", "neck")
                .along("yoke", "upper")
                .along("collar", "lower");
    }

    private void cuff(String side, List<String> inside) {
        double cuff = m.mm("sleeveHem") * 0.9;
        build.part("cuff-" + side, Block.rectangle(cuff, m.mm("cuff")), PartRole.CUFF);
        if (whole) {
            inside.add("cuff-inner-" + side);
            build.part("cuff-inner-" + side, Block.rectangle(cuff, m.mm("cuff")), PartRole.FACING)
                    .sew("cuff-inner-" + side, side + " cuff, both layers", StitchType.PLAIN)
                    .longMm(cuff + 2 * m.mm("cuff"))
                    .allowance(7)
                    .with(Join.Trait.FUSED)
                    .along("cuff-" + side, "lower")
                    .along("cuff-inner-" + side, "lower")
                    .then()
                    .fold(
                            "pleats-sleeve-" + side,
                            Fold.Kind.PLEAT,
                            "sleeve-" + side,
                            "hem",
                            2,
                            (m.mm("sleeveHem") - cuff) / 4,
                            SLEEVE_PLACKET_MM);
        }
        build.sew("cuff-" + side, side + " cuff seam", StitchType.TOPSTITCHED)
                .rows(2)
                .longMm(whole ? cuff : m.mm("sleeveHem"))
                .with(Join.Trait.TOPSTITCHED, Join.Trait.FUSED)
                .along("sleeve-" + side, "hem")
                .along("cuff-" + side, "upper");
    }

    private double pocketWide() {
        return 110 * Math.min(1, m.mm("chest") / 1000);
    }

    private double pocketHigh() {
        return 125 * Math.min(1, m.mm("chest") / 1000);
    }

    /** Inner layers and small parts: of the yoke, the collar with its stand, and the plackets of the sleeves. */
    private void linings(List<String> inside, double neckline) {
        inside.addAll(
                List.of("yoke-inner", "collar-under", "collar-stand", "sleeve-placket-left", "sleeve-placket-right"));
        build.part("yoke-inner", "inner yoke", build.part("yoke").outline(), PartRole.FACING, Layer.SHELL, Map.of())
                .part("collar-under", Block.rectangle(neckline, m.mm("collar")), PartRole.FACING)
                .part("collar-stand", Block.rectangle(neckline + 2 * m.mm("placket"), 60), PartRole.FACING)
                .sew("yoke-inner", "inner yoke along the back", StitchType.PLAIN)
                .longMm(across)
                .along("yoke", "lower")
                .along("yoke-inner", "lower")
                .then()
                .sew("collar-under", "collar, both layers", StitchType.PLAIN)
                .longMm(neckline + 2 * m.mm("collar"))
                .allowance(7)
                .with(Join.Trait.FUSED)
                .along("collar", "upper")
                .along("collar-under", "upper")
                .then()
                .sew("collar-stand", "collar in its stand", StitchType.TOPSTITCHED)
                .rows(2)
                .longMm(neckline)
                .allowance(7)
                .with(Join.Trait.FUSED)
                .along("collar", "lower")
                .along("collar-stand", "upper");
        for (String side : List.of("left", "right")) {
            build.part(
                            "sleeve-placket-" + side,
                            side + " sleeve placket",
                            Block.rectangle(50, SLEEVE_PLACKET_MM + 30),
                            PartRole.FACING,
                            Layer.SHELL,
                            Map.of())
                    .sew("sleeve-placket-" + side, side + " sleeve placket", StitchType.TOPSTITCHED)
                    .rows(2)
                    .longMm(2 * SLEEVE_PLACKET_MM)
                    .allowance(7)
                    .tacks(1)
                    .with(Join.Trait.TOPSTITCHED)
                    .along("sleeve-" + side, "placket")
                    .along("sleeve-placket-" + side, "left");
        }
    }
}
