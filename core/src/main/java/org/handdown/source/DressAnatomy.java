package org.handdown.source;

import static org.handdown.source.AnatomyBuilder.run;

import java.util.List;
import java.util.Map;
import java.util.Set;

/** A dress with a waist seam, short sleeves, a zip in the centre back, darts in the bodice and pleats in the skirt. */
final class DressAnatomy {
    static final List<MeasureSpec> MEASURES = List.of(
            MeasureSpec.girth("chest", "bust or chest, closed, whole girth", 300, 2000, 920),
            MeasureSpec.girth("waist", "waist seam, whole girth", 250, 2000, 740),
            MeasureSpec.girth("hem", "hem girth, pleats pulled open", 300, 8000, 1500),
            MeasureSpec.length("bodice", "highest shoulder point to waist seam", 150, 700, 420),
            MeasureSpec.length("skirt", "waist seam to hem", 150, 1400, 620),
            MeasureSpec.length("shoulder", "one shoulder, neck to sleeve", 30, 220, 110),
            MeasureSpec.length("neck", "width of the neck, seam to seam", 60, 320, 180),
            MeasureSpec.depth("neckDepth", "depth of the neck in front", 10, 320, 100),
            MeasureSpec.depth("armhole", "depth of the armhole, straight down", 60, 320, 200),
            MeasureSpec.length("sleeve", "sleeve along its top", 30, 750, 220),
            MeasureSpec.girth("sleeveTop", "sleeve at the underarm, whole girth", 120, 700, 360),
            MeasureSpec.girth("sleeveHem", "sleeve at its end, whole girth", 80, 700, 330),
            MeasureSpec.count("darts", "darts at the waist of the bodice", 0, 8, 2),
            MeasureSpec.depth("dartDepth", "folded depth of one dart", 0, 60, 12.7),
            MeasureSpec.count("pleats", "pleats at the waist of the skirt", 0, 40, 2),
            MeasureSpec.depth("pleatDepth", "folded depth of one pleat", 0, 150, 40),
            MeasureSpec.length("zip", "length of the zip", 0, 800, 500),
            MeasureSpec.depth("hemDepth", "depth of the hem", 0, 200, 40),
            MeasureSpec.depth("allowance", "seam allowance inside", 0, 60, 15));

    /** Short sleeves are turned up this deep (common practice, no source). */
    private static final double SLEEVE_HEM_MM = 20;

    private DressAnatomy() {}

    static Anatomy of(GarmentMeasures m) {
        AnatomyBuilder build = new AnatomyBuilder(m.mm("allowance"));
        double waist = m.mm("waist");
        double dart = 2 * m.mm("dartDepth");
        // The back is two halves with the zip between them: its darts come in pairs.
        int backDarts = m.count("darts") / 4 * 2;
        int frontDarts = m.count("darts") - backDarts;
        double pleat = 2 * m.mm("pleatDepth");
        int frontPleats = (m.count("pleats") + 1) / 2;
        int backPleats = m.count("pleats") / 2;
        double half = m.mm("chest") / 2;
        Block.Body front = body(m, waist / 2 + frontDarts * dart, half, m.mm("neckDepth"));
        Block.Body back = body(m, waist / 2 + backDarts * dart, half, 25);
        build.panel("bodice-front", Block.body(front), Map.of())
                .panel("bodice-back-left", Block.halfBody(back, 0).mirrored(), Map.of())
                .panel("bodice-back-right", Block.halfBody(back, 0), Map.of());
        double length = m.mm("skirt");
        build.panel("skirt-front", skirt(m.mm("hem") / 2, waist / 2 + frontPleats * pleat, length), Map.of())
                .panel("skirt-back", skirt(m.mm("hem") / 2, waist / 2 + backPleats * pleat, length), Map.of());
        for (String side : List.of("left", "right")) {
            build.panel(
                    "sleeve-" + side,
                    Block.sleeve(
                            m.mm("sleeveHem"),
                            m.mm("sleeveTop"),
                            m.mm("sleeve"),
                            Math.min(120, Math.min(m.mm("sleeve"), m.mm("armhole")) * 0.6)),
                    Map.of());
        }
        build.part("zip", Block.rectangle(30, Math.max(m.mm("zip"), 1)), PartRole.ZIP);
        build.fold("darts-front", Fold.Kind.DART, "bodice-front", "hem", frontDarts, m.mm("dartDepth"), 120)
                .fold(
                        "darts-back-left",
                        Fold.Kind.DART,
                        "bodice-back-left",
                        "hem",
                        backDarts / 2,
                        m.mm("dartDepth"),
                        120)
                .fold(
                        "darts-back-right",
                        Fold.Kind.DART,
                        "bodice-back-right",
                        "hem",
                        backDarts / 2,
                        m.mm("dartDepth"),
                        120)
                .fold("pleats-front", Fold.Kind.PLEAT, "skirt-front", "waist", frontPleats, m.mm("pleatDepth"), length)
                .fold("pleats-back", Fold.Kind.PLEAT, "skirt-back", "waist", backPleats, m.mm("pleatDepth"), length);
        for (String side : List.of("left", "right")) {
            String fromFront = side.equals("left") ? "-right" : "-left";
            String backPart = "bodice-back-" + side;
            build.seam(
                    "shoulder-" + side,
                    side + " shoulder seam",
                    StitchType.OVERLOCKED,
                    2,
                    run("bodice-front", "shoulder" + fromFront),
                    run(backPart, "shoulder"));
            build.seam(
                    "bodice-side-" + side,
                    side + " side seam of the bodice",
                    StitchType.OVERLOCKED,
                    2,
                    run("bodice-front", "side" + fromFront),
                    run(backPart, "side"));
            build.seam(
                    "underarm-" + side,
                    side + " sleeve seam",
                    StitchType.OVERLOCKED,
                    2,
                    run("sleeve-" + side, "underarm-left"),
                    run("sleeve-" + side, "underarm-right"));
            build.seam(
                    "armhole-" + side,
                    side + " armhole",
                    StitchType.OVERLOCKED,
                    2,
                    run("sleeve-" + side, "head"),
                    run("bodice-front", "armhole" + fromFront),
                    run(backPart, "armhole"));
            build.seam(
                    "skirt-side-" + side,
                    side + " side seam of the skirt",
                    StitchType.OVERLOCKED,
                    2,
                    run("skirt-front", "side" + fromFront),
                    run("skirt-back", "side-" + side));
        }
        build.join(
                "waist-front",
                "waist seam in front",
                StitchType.OVERLOCKED,
                2,
                waist / 2,
                m.mm("allowance"),
                0,
                Set.of(),
                run("bodice-front", "hem"),
                run("skirt-front", "waist"));
        for (String side : List.of("left", "right")) {
            build.join(
                    "waist-back-" + side,
                    "waist seam behind, " + side,
                    StitchType.OVERLOCKED,
                    2,
                    waist / 4,
                    m.mm("allowance"),
                    0,
                    Set.of(),
                    run("bodice-back-" + side, "hem"),
                    run("skirt-back", "waist"));
        }
        build.closure(new Closure("zip", Closure.Kind.ZIP, "bodice-back-left", "centre", List.of(), 0, 0));
        build.join(
                "zip",
                "zip in the centre back",
                StitchType.PLAIN,
                1,
                Math.max(2 * m.mm("zip"), 1),
                m.mm("allowance"),
                2,
                Set.of(),
                run("bodice-back-left", "centre"),
                run("bodice-back-right", "centre"),
                run("zip", "left"));
        build.hem("hem", "hem", StitchType.HAND, m.mm("hemDepth"), run("skirt-front", "hem"), run("skirt-back", "hem"));
        for (String side : List.of("left", "right")) {
            build.hem(
                    "sleeve-hem-" + side,
                    side + " sleeve hem",
                    StitchType.PLAIN,
                    SLEEVE_HEM_MM,
                    run("sleeve-" + side, "hem"));
        }
        return build.spread(
                        List.of(List.of("sleeve-right", "bodice-front", "sleeve-left"), List.of("skirt-front")),
                        List.of(List.of("bodice-back-left", "bodice-back-right"), List.of("skirt-back")),
                        List.of("zip"))
                .build();
    }

    private static Block.Body body(GarmentMeasures m, double hem, double width, double neckDepth) {
        return new Block.Body(
                hem, width, m.mm("bodice"), m.mm("armhole"), m.mm("shoulder"), m.mm("neck"), neckDepth, 35);
    }

    private static org.handdown.geometry.Outline skirt(double hem, double waist, double length) {
        return Block.tapered("hem", Math.max(hem, waist), "waist", waist, length, "side-left", "side-right");
    }
}
