package org.handdown.source;

import static org.handdown.source.AnatomyBuilder.run;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** A lined jacket or coat: fronts, back and sleeves once in outer cloth and once in lining, with facings, a collar and pockets. */
final class CoatAnatomy {
    private static final double SLOPE_MM = 40;
    static final List<MeasureSpec> MEASURES = List.of(
            MeasureSpec.girth("chest", "chest, closed, whole girth", 400, 2200, 1120),
            MeasureSpec.girth("hem", "hem, closed, whole girth", 400, 3000, 1180),
            MeasureSpec.length("length", "length from the highest shoulder point to the hem", 250, 1500, 760),
            MeasureSpec.length("shoulder", "one shoulder, neck to sleeve", 30, 260, 140),
            MeasureSpec.length("neck", "width of the neck, seam to seam", 60, 320, 190),
            MeasureSpec.depth("neckDepth", "depth of the neck in front", 10, 320, 100),
            MeasureSpec.depth("armhole", "depth of the armhole, straight down", 80, 380, 240),
            MeasureSpec.length("sleeve", "sleeve along its top", 60, 800, 620),
            MeasureSpec.girth("sleeveTop", "sleeve at the underarm, whole girth", 160, 800, 440),
            MeasureSpec.girth("sleeveHem", "sleeve at its end, whole girth", 100, 600, 300),
            MeasureSpec.depth("lap", "how far one front laps past the centre", 0, 200, 25),
            MeasureSpec.count("buttons", "buttons down the front", 0, 16, 4),
            MeasureSpec.depth("buttonDiameter", "diameter of a button", 8, 60, 23),
            MeasureSpec.depth("collar", "depth of the collar", 10, 250, 80),
            MeasureSpec.depth("hemDepth", "depth of the hem", 0, 200, 40),
            MeasureSpec.depth("allowance", "seam allowance inside", 0, 60, 15));

    private final GarmentMeasures m;
    private final AnatomyBuilder build;

    private CoatAnatomy(GarmentMeasures m) {
        this.m = m;
        this.build = new AnatomyBuilder(m.mm("allowance"));
    }

    static Anatomy of(GarmentMeasures m) {
        return new CoatAnatomy(m).make();
    }

    private Block.Body body(double neckDepth) {
        return new Block.Body(
                m.mm("hem") / 2,
                m.mm("chest") / 2,
                m.mm("length"),
                m.mm("armhole"),
                m.mm("shoulder"),
                m.mm("neck"),
                neckDepth,
                SLOPE_MM);
    }

    private void layer(String prefix, Layer layer) {
        String words = layer == Layer.LINING ? "lining of the " : "";
        var half = Block.halfBody(body(m.mm("neckDepth")), layer == Layer.LINING ? -60 : m.mm("lap"));
        panel(prefix + "front-left", words + "left front", half, layer);
        panel(prefix + "front-right", words + "right front", half.mirrored(), layer);
        panel(prefix + "back", words + "back", Block.body(body(25)), layer);
        for (String side : List.of("left", "right")) {
            panel(
                    prefix + "sleeve-" + side,
                    words + side + " sleeve",
                    Block.sleeve(
                            m.mm("sleeveHem"), m.mm("sleeveTop"), m.mm("sleeve"), Math.min(150, m.mm("sleeve") * 0.5)),
                    layer);
        }
        for (String side : List.of("left", "right")) {
            String front = prefix + "front-" + side;
            String back = prefix + "back";
            String sleeve = prefix + "sleeve-" + side;
            String of = layer == Layer.LINING ? " of the lining" : "";
            seam(
                    prefix + "shoulder-" + side,
                    side + " shoulder seam" + of,
                    run(front, "shoulder"),
                    run(back, "shoulder-" + side));
            seam(prefix + "side-" + side, side + " side seam" + of, run(front, "side"), run(back, "side-" + side));
            seam(
                    prefix + "underarm-" + side,
                    side + " sleeve seam" + of,
                    run(sleeve, "underarm-left"),
                    run(sleeve, "underarm-right"));
            seam(
                    prefix + "armhole-" + side,
                    side + " armhole" + of,
                    run(sleeve, "head"),
                    run(front, "armhole"),
                    run(back, "armhole-" + side));
        }
    }

    private void panel(String id, String name, org.handdown.geometry.Outline outline, Layer layer) {
        build.part(id, name, outline, PartRole.PANEL, layer, Map.of());
    }

    private void seam(String id, String name, Join.Run... runs) {
        build.seam(id, name, StitchType.PLAIN, 1, runs);
    }

    private Anatomy make() {
        layer("", Layer.SHELL);
        layer("lining-", Layer.LINING);
        double neckline = 2 * build.part("front-left").outline().edge("neck").lengthMm()
                + build.part("back").outline().edge("neck").lengthMm();
        double edge = build.part("front-left").outline().edge("centre").lengthMm();
        build.part("collar", Block.rectangle(neckline, m.mm("collar")), PartRole.COLLAR);
        for (String side : List.of("left", "right")) {
            String facing = "facing-" + side;
            build.part(facing, Block.rectangle(m.mm("lap") + 80, edge), PartRole.FACING)
                    .part(
                            "pocket-" + side,
                            side + " patch pocket",
                            Block.rectangle(160, 180),
                            PartRole.POCKET,
                            Layer.SHELL,
                            Map.of())
                    .join(
                            "pocket-" + side,
                            side + " pocket",
                            StitchType.TOPSTITCHED,
                            1,
                            160 + 2 * 180,
                            0,
                            2,
                            Set.of(Join.Trait.TOPSTITCHED),
                            run("front-" + side, "pocket"),
                            run("pocket-" + side, "lower"));
        }
        build.join(
                "collar",
                "collar seam",
                StitchType.PLAIN,
                2,
                neckline,
                m.mm("allowance"),
                0,
                Set.of(Join.Trait.FUSED),
                run("front-left", "neck"),
                run("front-right", "neck"),
                run("back", "neck"),
                run("collar", "lower"));
        for (String side : List.of("left", "right")) {
            build.seam(
                    "facing-" + side,
                    side + " front edge",
                    StitchType.PLAIN,
                    1,
                    Set.of(Join.Trait.FUSED),
                    run("front-" + side, "centre"),
                    run("facing-" + side, "left"));
            build.seam(
                    "facing-lining-" + side,
                    side + " facing to the lining",
                    StitchType.PLAIN,
                    1,
                    run("lining-front-" + side, "centre"),
                    run("facing-" + side, "right"));
            build.seam(
                    "sleeve-lining-" + side,
                    side + " sleeve end to its lining",
                    StitchType.HAND,
                    1,
                    run("sleeve-" + side, "hem"),
                    run("lining-sleeve-" + side, "hem"));
        }
        build.join(
                "lining-neck",
                "lining to the collar",
                StitchType.PLAIN,
                1,
                neckline,
                m.mm("allowance"),
                0,
                Set.of(),
                run("lining-back", "neck"),
                run("collar", "upper"));
        build.hem(
                "hem",
                "hem",
                StitchType.HAND,
                m.mm("hemDepth"),
                run("front-left", "hem"),
                run("back", "hem"),
                run("front-right", "hem"));
        build.join(
                "lining-hem",
                "lining to the hem",
                StitchType.HAND,
                1,
                m.mm("hem"),
                m.mm("allowance"),
                0,
                Set.of(Join.Trait.CLOSED_BY_HAND),
                run("lining-back", "hem"),
                run("back", "hem"));
        if (m.count("buttons") > 0) {
            build.closure(new Closure(
                    "buttons",
                    Closure.Kind.BUTTONS,
                    "front-left",
                    "centre",
                    AnatomyBuilder.evenly(m.count("buttons"), 100, edge - 200),
                    m.mm("lap"),
                    m.mm("buttonDiameter")));
        }
        List<String> inside = new ArrayList<>(List.of(
                "lining-front-right",
                "lining-front-left",
                "lining-back",
                "lining-sleeve-left",
                "lining-sleeve-right",
                "collar",
                "facing-left",
                "facing-right"));
        build.spread(
                List.of(List.of("sleeve-right", "front-right", "front-left", "sleeve-left")),
                List.of(List.of("back")),
                inside);
        for (String side : List.of("left", "right")) {
            double x = m.mm("hem") / 8 * (side.equals("left") ? 1 : -1);
            build.on("pocket-" + side, "front-" + side, x, 230);
        }
        return build.build();
    }
}
