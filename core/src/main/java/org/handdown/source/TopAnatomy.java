package org.handdown.source;

import static org.handdown.source.AnatomyBuilder.run;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;

/** Shirts with a yoke and a front placket, T-shirts, jumpers and sweatshirts. Left and right are the wearer's. */
final class TopAnatomy {
    private static final double SLOPE_MM = 40;

    private static final List<MeasureSpec> COMMON = List.of(
            MeasureSpec.girth("chest", "chest, closed, whole girth under the arms", 300, 2200, 1040),
            MeasureSpec.length("length", "length from the highest shoulder point to the hem", 200, 1200, 700),
            MeasureSpec.length("shoulder", "one shoulder, neck to sleeve", 30, 260, 130),
            MeasureSpec.length("neck", "width of the neck, seam to seam", 60, 320, 170),
            MeasureSpec.depth("neckDepth", "depth of the neck in front", 10, 320, 90),
            MeasureSpec.depth("armhole", "depth of the armhole, straight down", 60, 360, 210),
            MeasureSpec.length("sleeve", "sleeve along its top, without cuff or rib", 40, 800, 560),
            MeasureSpec.girth("sleeveTop", "sleeve at the underarm, whole girth", 120, 800, 400),
            MeasureSpec.girth("sleeveHem", "sleeve at its end, whole girth", 80, 600, 260));
    static final List<MeasureSpec> KNIT_MEASURES = with(
            MeasureSpec.depth("neckband", "depth of the neckband", 5, 80, 20),
            MeasureSpec.depth("hemDepth", "depth of the hem", 0, 100, 25),
            MeasureSpec.depth("allowance", "seam allowance inside", 0, 40, 7));
    static final List<MeasureSpec> JUMPER_MEASURES = with(
            MeasureSpec.depth("neckband", "depth of the neck rib", 5, 250, 40),
            MeasureSpec.girth("hemRibGirth", "hem rib at rest, whole girth", 200, 2000, 860),
            MeasureSpec.depth("hemRib", "depth of the hem rib", 5, 250, 70),
            MeasureSpec.girth("cuffRibGirth", "cuff rib at rest, whole girth", 60, 500, 170),
            MeasureSpec.depth("cuffRib", "depth of the cuff ribs", 5, 250, 65),
            MeasureSpec.depth("allowance", "seam allowance inside", 0, 40, 7));
    static final List<MeasureSpec> SHIRT_MEASURES = with(
            MeasureSpec.depth("yoke", "depth of the back yoke at the centre", 40, 300, 90),
            MeasureSpec.depth("placket", "width of the placket", 15, 100, 34),
            MeasureSpec.count("buttons", "buttons down the front", 2, 20, 7),
            MeasureSpec.depth("buttonDiameter", "diameter of a button", 5, 40, 11),
            MeasureSpec.depth("collar", "depth of the collar or neckband", 10, 160, 40),
            MeasureSpec.depth("cuff", "depth of the cuffs", 10, 200, 65),
            MeasureSpec.depth("hemDepth", "depth of the hem", 0, 100, 10),
            MeasureSpec.depth("allowance", "seam allowance inside", 0, 40, 12));

    private final GarmentMeasures m;
    private final AnatomyBuilder build;
    private final StitchType seam;
    private final int rows;

    private TopAnatomy(GarmentMeasures m) {
        this.m = m;
        this.build = new AnatomyBuilder(m.mm("allowance"));
        boolean shirt = m.kind() == SourceKind.SHIRT;
        this.seam = shirt ? StitchType.FELLED : StitchType.OVERLOCKED;
        this.rows = shirt ? 2 : 1;
    }

    private static List<MeasureSpec> with(MeasureSpec... own) {
        return Stream.concat(COMMON.stream(), Stream.of(own)).toList();
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

    private void sleeves(Map<String, EdgeFinish> finishes) {
        for (String side : List.of("left", "right")) {
            build.panel(
                    "sleeve-" + side,
                    Block.sleeve(
                            m.mm("sleeveHem"),
                            m.mm("sleeveTop"),
                            m.mm("sleeve"),
                            Math.min(110, Math.min(m.mm("armhole") * 0.5, m.mm("sleeve") * 0.6))),
                    finishes);
        }
    }

    /** Edge names of a whole part are left and right as it lies before you: the wearer's left is at the right in front. */
    private static String frontEdge(String edge, String side) {
        return edge + (side.equals("left") ? "-right" : "-left");
    }

    private void closing(String side, Join.Run front, Join.Run back, String armholeFront, String armholeBack) {
        build.seam(
                "armhole-" + side,
                side + " armhole",
                seam,
                rows,
                run("sleeve-" + side, "head"),
                run(front.part(), armholeFront),
                run(back.part(), armholeBack));
        build.seam("side-" + side, side + " side seam", seam, rows, front, back);
        build.seam(
                "underarm-" + side,
                side + " sleeve seam",
                seam,
                rows,
                run("sleeve-" + side, "underarm-left"),
                run("sleeve-" + side, "underarm-right"));
    }

    private Anatomy knit() {
        boolean ribbed = m.kind() != SourceKind.T_SHIRT;
        boolean ribParts = m.kind() == SourceKind.SWEATSHIRT;
        boolean ribEdges = ribbed && !ribParts;
        Map<String, EdgeFinish> hem = ribEdges
                ? Map.of("hem", new EdgeFinish(EdgeKind.RIB, m.mm("hemRib"), m.mm("hemRibGirth") / 2))
                : Map.of();
        build.panel("front", Block.body(body(m.mm("neckDepth"))), hem).panel("back", Block.body(body(25)), hem);
        sleeves(
                ribEdges
                        ? Map.of("hem", new EdgeFinish(EdgeKind.RIB, m.mm("cuffRib"), m.mm("cuffRibGirth")))
                        : Map.of());
        double neckline = build.part("front").outline().edge("neck").lengthMm()
                + build.part("back").outline().edge("neck").lengthMm();
        build.part(
                "neckband",
                ribbed ? "neck rib" : "neckband",
                Block.rectangle(neckline * 0.85, m.mm("neckband")),
                PartRole.RIB,
                Layer.SHELL,
                Map.of());
        for (String side : List.of("left", "right")) {
            build.seam(
                    "shoulder-" + side,
                    side + " shoulder seam",
                    seam,
                    rows,
                    Set.of(Join.Trait.TAPED),
                    run("front", frontEdge("shoulder", side)),
                    run("back", "shoulder-" + side));
        }
        build.join(
                "neck",
                ribbed ? "neck rib seam" : "neckband seam",
                seam,
                rows,
                neckline,
                m.mm("allowance"),
                0,
                Set.of(),
                run("front", "neck"),
                run("back", "neck"),
                run("neckband", "lower"));
        for (String side : List.of("left", "right")) {
            closing(
                    side,
                    run("front", frontEdge("side", side)),
                    run("back", "side-" + side),
                    frontEdge("armhole", side),
                    "armhole-" + side);
        }
        List<String> inside = new ArrayList<>(List.of("neckband"));
        if (ribParts) {
            inside.add("hem-rib");
            build.part("hem-rib", Block.rectangle(m.mm("hemRibGirth"), m.mm("hemRib")), PartRole.RIB)
                    .join(
                            "hem-rib",
                            "hem rib seam",
                            seam,
                            1,
                            m.mm("chest"),
                            m.mm("allowance"),
                            0,
                            Set.of(),
                            run("front", "hem"),
                            run("back", "hem"),
                            run("hem-rib", "upper"));
            for (String side : List.of("left", "right")) {
                inside.add("cuff-" + side);
                build.part("cuff-" + side, Block.rectangle(m.mm("cuffRibGirth"), m.mm("cuffRib")), PartRole.CUFF)
                        .join(
                                "cuff-" + side,
                                side + " cuff seam",
                                seam,
                                1,
                                m.mm("sleeveHem"),
                                m.mm("allowance"),
                                0,
                                Set.of(),
                                run("sleeve-" + side, "hem"),
                                run("cuff-" + side, "upper"));
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

    private Anatomy shirt() {
        double lap = m.mm("placket") / 2;
        Block.Body front = body(m.mm("neckDepth"));
        EdgeFinish placket = new EdgeFinish(EdgeKind.PLACKET, m.mm("placket"));
        // Seen from its right side the side seam of the front left lies at the right.
        build.panel("front-left", Block.halfBody(front, lap), Map.of("centre", placket))
                .panel("front-right", Block.halfBody(front, lap).mirrored(), Map.of("centre", placket));
        double across = 2 * m.mm("shoulder") + m.mm("neck");
        double backHigh = m.mm("length") - m.mm("yoke");
        double underarm = m.mm("length") - SLOPE_MM - m.mm("armhole");
        build.panel(
                        "back",
                        Block.back(
                                m.mm("chest") / 2,
                                m.mm("chest") / 2,
                                across,
                                underarm,
                                Math.max(backHigh, underarm + 20)),
                        Map.of())
                .part("yoke", Block.rectangle(across, m.mm("yoke") + 60), PartRole.YOKE);
        sleeves(Map.of());
        double neckline = 2 * build.part("front-left").outline().edge("neck").lengthMm() + m.mm("neck") + 40;
        build.part(
                "collar",
                "collar or neckband",
                Block.rectangle(neckline, m.mm("collar")),
                PartRole.COLLAR,
                Layer.SHELL,
                Map.of());
        build.part("pocket", "breast pocket", Block.rectangle(110, 125), PartRole.POCKET, Layer.SHELL, Map.of());
        double edge = build.part("front-left").outline().edge("centre").lengthMm();
        List<Double> at = AnatomyBuilder.evenly(m.count("buttons"), 60, edge - 110);
        build.closure(
                new Closure("buttons", Closure.Kind.BUTTONS, "front-left", "centre", at, lap, m.mm("buttonDiameter")));
        build.join(
                "pocket",
                "breast pocket",
                StitchType.TOPSTITCHED,
                1,
                110 + 2 * 125,
                0,
                2,
                Set.of(Join.Trait.TOPSTITCHED),
                run("front-left", "pocket"),
                run("pocket", "lower"));
        build.seam("yoke", "yoke seam", StitchType.TOPSTITCHED, 2, run("back", "upper"), run("yoke", "lower"));
        for (String side : List.of("left", "right")) {
            build.seam(
                    "shoulder-" + side,
                    side + " front to yoke",
                    StitchType.TOPSTITCHED,
                    2,
                    run("front-" + side, "shoulder"),
                    run("yoke", "upper"));
        }
        build.join(
                "collar",
                "collar seam",
                StitchType.TOPSTITCHED,
                2,
                neckline,
                m.mm("allowance"),
                0,
                Set.of(Join.Trait.FUSED),
                run("front-left", "neck"),
                run("front-right", "neck"),
                run("yoke", "upper"),
                run("collar", "lower"));
        for (String side : List.of("left", "right")) {
            closing(side, run("front-" + side, "side"), run("back", "side-" + side), "armhole", "armhole-" + side);
            build.part("cuff-" + side, Block.rectangle(m.mm("sleeveHem") * 0.9, m.mm("cuff")), PartRole.CUFF)
                    .join(
                            "cuff-" + side,
                            side + " cuff seam",
                            StitchType.TOPSTITCHED,
                            2,
                            m.mm("sleeveHem"),
                            m.mm("allowance"),
                            0,
                            Set.of(Join.Trait.TOPSTITCHED, Join.Trait.FUSED),
                            run("sleeve-" + side, "hem"),
                            run("cuff-" + side, "upper"));
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
                        List.of("collar", "cuff-left", "cuff-right"))
                .on("pocket", "front-left", m.mm("chest") / 8, underarm + 20)
                .build();
    }
}
