package org.handdown.source.anatomy;

import static org.handdown.source.anatomy.AnatomyBuilder.run;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.handdown.fit.EdgeKind;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.Closure;
import org.handdown.source.graph.EdgeFinish;
import org.handdown.source.graph.Fold;
import org.handdown.source.graph.Join;
import org.handdown.source.graph.Layer;
import org.handdown.source.graph.PartRole;
import org.handdown.source.graph.StitchType;
import org.handdown.source.shape.Block;

/** Shirts with a yoke and a front placket, T-shirts, jumpers and sweatshirts. Left and right are the wearer's. */
final class TopAnatomy {
    private static final double SLOPE_MM = 40;

    private static final double BACK_NECK_MM = 25;
    private static final double SLEEVE_PLACKET_MM = 120;
    private static final int LINKED = 0;
    private static final int TUBE = 1;
    private static final int ON_THE_RIGHT = 0;

    private static List<MeasureSpec> common(double sleeve, double sleeveHem) {
        return List.of(
                MeasureSpec.girth("chest", "chest, closed, whole girth under the arms", 300, 2200, 1040),
                MeasureSpec.length("length", "length from the highest shoulder point to the hem", 200, 1200, 700),
                MeasureSpec.length("shoulder", "one shoulder, neck to sleeve", 30, 260, 130),
                MeasureSpec.length("neck", "width of the neck, seam to seam", 60, 320, 170),
                MeasureSpec.depth("neckDepth", "depth of the neck in front", 10, 320, 90),
                MeasureSpec.depth("armhole", "depth of the armhole, straight down", 60, 360, 210),
                MeasureSpec.length("sleeve", "sleeve along its top, without cuff or rib", 40, 800, sleeve),
                MeasureSpec.girth("sleeveTop", "sleeve at the underarm, whole girth", 120, 800, 400),
                MeasureSpec.girth("sleeveHem", "sleeve at its end, whole girth", 80, 600, sleeveHem));
    }

    static final List<MeasureSpec> KNIT_MEASURES = with(
            common(200, 350),
            MeasureSpec.depth("neckband", "depth of the neckband", 5, 80, 20),
            MeasureSpec.depth("hemDepth", "depth of the hem", 0, 100, 25),
            MeasureSpec.depth("allowance", "seam allowance inside", 0, 40, 7),
            MeasureSpec.choice("sides", "its sides", "have a seam each", "have none: it is knitted as a tube")
                    .since(0));
    static final List<MeasureSpec> JUMPER_MEASURES = with(
            common(560, 260),
            MeasureSpec.depth("neckband", "depth of the neck rib", 5, 250, 40),
            MeasureSpec.girth("hemRibGirth", "hem rib at rest, whole girth", 200, 2000, 860),
            MeasureSpec.depth("hemRib", "depth of the hem rib", 5, 250, 70),
            MeasureSpec.girth("cuffRibGirth", "cuff rib at rest, whole girth", 60, 500, 170),
            MeasureSpec.depth("cuffRib", "depth of the cuff ribs", 5, 250, 65),
            MeasureSpec.depth("allowance", "seam allowance inside", 0, 40, 7),
            MeasureSpec.choice("seams", "its seams are", "linked or cup-seamed: chain stitch", "overlocked")
                    .since(1));
    static final List<MeasureSpec> SWEATSHIRT_MEASURES = JUMPER_MEASURES.stream()
            .map(m -> m.id().equals("seams") ? m.first(1) : m)
            .toList();
    static final List<MeasureSpec> SHIRT_MEASURES = with(
            common(560, 260),
            MeasureSpec.depth("yoke", "depth of the back yoke at the centre", 40, 300, 90),
            MeasureSpec.depth("placket", "width of the placket", 15, 100, 34),
            MeasureSpec.count("buttons", "buttons down the front", 2, 20, 7),
            MeasureSpec.depth("buttonDiameter", "diameter of a button", 5, 40, 11),
            MeasureSpec.depth("collar", "depth of the collar or neckband", 10, 160, 40),
            MeasureSpec.depth("cuff", "depth of the cuffs", 10, 200, 65),
            MeasureSpec.depth("hemDepth", "depth of the hem", 0, 100, 10),
            MeasureSpec.depth("allowance", "seam allowance inside", 0, 40, 12),
            MeasureSpec.depth("backPleat", "folded depth of the pleat under the yoke, 0 without one", 0, 60, 15)
                    .since(0),
            MeasureSpec.choice("buttonSide", "the buttons sit on the", "right front", "left front")
                    .since(1),
            MeasureSpec.detail());

    private final GarmentMeasures m;
    private final AnatomyBuilder build;
    private final StitchType seam;
    private final int rows;

    private TopAnatomy(GarmentMeasures m) {
        this.m = m;
        this.build = new AnatomyBuilder(m.mm("allowance"));
        boolean shirt = m.kind() == SourceKind.SHIRT;
        boolean linked = m.kind() == SourceKind.JUMPER && m.is("seams", LINKED)
                || m.kind() == SourceKind.SWEATSHIRT && m.is("seams", LINKED);
        this.seam = shirt ? StitchType.FELLED : linked ? StitchType.CHAIN : StitchType.OVERLOCKED;
        this.rows = shirt ? 2 : 1;
    }

    private static List<MeasureSpec> with(List<MeasureSpec> common, MeasureSpec... own) {
        return Stream.concat(common.stream(), Stream.of(own)).toList();
    }

    static Anatomy of(GarmentMeasures m) {
        TopAnatomy top = new TopAnatomy(m);
        return m.kind() == SourceKind.SHIRT ? top.shirt() : top.knit();
    }

    private Block.Body body(double neckDepth) {
        double half = m.mm("chest") / 2;
        return new Block.Body(
                half, half, m.mm("length"), m.mm("armhole"), m.mm("shoulder"), m.mm("neck"), neckDepth, SLOPE_MM);
    }

    /** @param hole as long as the head is, all round the arm */
    private void sleeves(double hole, Map<String, EdgeFinish> finishes) {
        for (String side : List.of("left", "right")) {
            build.panel(
                    "sleeve-" + side,
                    Block.sleeveFor(m.mm("sleeveHem"), m.mm("sleeveTop"), m.mm("sleeve"), hole),
                    finishes);
        }
    }

    /** Edge names of a whole part are left and right as it lies before you: the wearer's left is at the right in front. */
    private static String frontEdge(String edge, String side) {
        return edge + (side.equals("left") ? "-right" : "-left");
    }

    private void closing(String side, Join.Run front, Join.Run back, Join.Run... armhole) {
        Join.Run[] around = Stream.concat(Stream.of(run("sleeve-" + side, "head")), Stream.of(armhole))
                .toArray(Join.Run[]::new);
        build.sew("armhole-" + side, side + " armhole", seam).rows(rows).along(around);
        if (m.kind() == SourceKind.T_SHIRT && m.is("sides", TUBE)) {
            double length = build.edgeMm(front.part(), front.edge());
            String fold = side + " fold of the tube";
            build.sew("side-" + side, fold, StitchType.KNITTED_ON)
                    .longMm(length)
                    .allowance(0)
                    .along(front)
                    .along(back);
        } else {
            build.sew("side-" + side, side + " side seam", seam)
                    .rows(rows)
                    .along(front)
                    .along(back);
        }
        build.sew("underarm-" + side, side + " sleeve seam", seam)
                .rows(rows)
                .along("sleeve-" + side, "underarm-left")
                .along("sleeve-" + side, "underarm-right");
    }

    private Anatomy knit() {
        boolean ribbed = m.kind() != SourceKind.T_SHIRT;
        boolean ribParts = m.kind() == SourceKind.SWEATSHIRT;
        boolean ribEdges = ribbed && !ribParts;
        Map<String, EdgeFinish> hem = ribEdges
                ? Map.of("hem", new EdgeFinish(EdgeKind.RIB, m.mm("hemRib"), m.mm("hemRibGirth") / 2))
                : Map.of();
        build.panel("front", Block.body(body(m.mm("neckDepth"))), hem)
                .panel("back", Block.body(body(BACK_NECK_MM)), hem);
        sleeves(
                build.edgeMm("front", "armhole-left") + build.edgeMm("back", "armhole-left"),
                ribEdges
                        ? Map.of("hem", new EdgeFinish(EdgeKind.RIB, m.mm("cuffRib"), m.mm("cuffRibGirth")))
                        : Map.of());
        double neckline = build.edgeMm("front", "neck") + build.edgeMm("back", "neck");
        build.part(
                "neckband",
                ribbed ? "neck rib" : "neckband",
                Block.rectangle(neckline * 0.85, m.mm("neckband")),
                PartRole.RIB,
                Layer.SHELL,
                Map.of());
        for (String side : List.of("left", "right")) {
            build.sew("shoulder-" + side, side + " shoulder seam", seam)
                    .rows(rows)
                    .with(seam == StitchType.CHAIN ? Set.of() : Set.of(Join.Trait.TAPED))
                    .along("front", frontEdge("shoulder", side))
                    .along("back", "shoulder-" + side);
        }
        build.sew("neck", ribbed ? "neck rib seam" : "neckband seam", seam)
                .rows(rows)
                .longMm(neckline)
                .along("front", "neck")
                .along("back", "neck")
                .along("neckband", "lower");
        for (String side : List.of("left", "right")) {
            closing(
                    side,
                    run("front", frontEdge("side", side)),
                    run("back", "side-" + side),
                    run("front", frontEdge("armhole", side)),
                    run("back", "armhole-" + side));
        }
        List<String> inside = new ArrayList<>(List.of("neckband"));
        if (ribParts) {
            inside.add("hem-rib");
            build.part("hem-rib", Block.rectangle(m.mm("hemRibGirth"), m.mm("hemRib")), PartRole.RIB)
                    .sew("hem-rib", "hem rib seam", seam)
                    .longMm(m.mm("chest"))
                    .along("front", "hem")
                    .along("back", "hem")
                    .along("hem-rib", "upper");
            for (String side : List.of("left", "right")) {
                inside.add("cuff-" + side);
                build.part("cuff-" + side, Block.rectangle(m.mm("cuffRibGirth"), m.mm("cuffRib")), PartRole.CUFF)
                        .sew("cuff-" + side, side + " cuff seam", seam)
                        .longMm(m.mm("sleeveHem"))
                        .along("sleeve-" + side, "hem")
                        .along("cuff-" + side, "upper");
            }
        } else if (!ribbed) {
            build.hem("hem", "hem", StitchType.COVER, m.mm("hemDepth"), run("front", "hem"), run("back", "hem"));
            for (String side : List.of("left", "right")) {
                build.hem(
                        "sleeve-hem-" + side,
                        side + " sleeve hem",
                        StitchType.COVER,
                        m.mm("hemDepth"),
                        run("sleeve-" + side, "hem"));
            }
        }
        return build.spread(List.of(List.of("sleeve-right", "front", "sleeve-left")), List.of(List.of("back")), inside)
                .build();
    }

    private double pocketWide() {
        return 110 * Math.min(1, m.mm("chest") / 1000);
    }

    private double pocketHigh() {
        return 125 * Math.min(1, m.mm("chest") / 1000);
    }

    private Anatomy shirt() {
        boolean whole = MeasureSpec.isWhole(m);
        double lap = m.mm("placket") / 2;
        Block.Body front = body(m.mm("neckDepth"));
        EdgeFinish placket = new EdgeFinish(EdgeKind.PLACKET, m.mm("placket"));
        // Seen from its right side the side seam of the front left lies at the right.
        build.panel("front-left", Block.halfBody(front, lap), Map.of("centre", placket))
                .panel("front-right", Block.halfBody(front, lap).mirrored(), Map.of("centre", placket));
        double across = 2 * front.tip().x();
        double pleat = 2 * m.mm("backPleat");
        double underarm = front.underarm().y();
        double backHigh = Math.max(m.mm("length") - m.mm("yoke"), underarm + 20);
        build.panel(
                        "back",
                        Block.back(m.mm("chest") / 2, m.mm("chest") / 2, across + pleat, underarm, backHigh),
                        Map.of())
                .part("yoke", Block.yoke(front, across, m.mm("yoke"), BACK_NECK_MM), PartRole.YOKE)
                .fold("pleat-back", Fold.Kind.PLEAT, "back", "upper", 1, m.mm("backPleat"), m.mm("length"));
        sleeves(
                build.edgeMm("front-left", "armhole")
                        + build.edgeMm("back", "armhole-left")
                        + build.edgeMm("yoke", "armhole-left"),
                Map.of());
        double neckline = 2 * build.edgeMm("front-left", "neck") + build.edgeMm("yoke", "upper");
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
        String buttoned = m.is("buttonSide", ON_THE_RIGHT) ? "front-right" : "front-left";
        build.closure(
                new Closure("buttons", Closure.Kind.BUTTONS, buttoned, "centre", at, lap, m.mm("buttonDiameter")));
        build.sew("pocket", "breast pocket", StitchType.TOPSTITCHED)
                .longMm(pocketWide() + 2 * pocketHigh())
                .allowance(0)
                .tacks(2)
                .with(Join.Trait.TOPSTITCHED)
                .along("front-left", "pocket")
                .along("pocket", "lower");
        List<String> inside = new ArrayList<>(List.of("collar", "cuff-left", "cuff-right"));
        if (whole) {
            linings(inside, neckline, across);
        }
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
        for (String side : List.of("left", "right")) {
            closing(
                    side,
                    run("front-" + side, "side"),
                    run("back", "side-" + side),
                    run("front-" + side, "armhole"),
                    run("back", "armhole-" + side),
                    run("yoke", "armhole-" + side));
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
                .on("pocket", "front-left", m.mm("chest") / 8, underarm + 20)
                .build();
    }

    /** Inner layers and small parts: of the yoke, the collar with its stand, and the plackets of the sleeves. */
    private void linings(List<String> inside, double neckline, double across) {
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
