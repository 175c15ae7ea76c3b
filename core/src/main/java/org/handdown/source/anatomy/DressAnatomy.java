package org.handdown.source.anatomy;

import static org.handdown.source.anatomy.AnatomyBuilder.run;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.handdown.geometry.Outline;
import org.handdown.geometry.OutlineCut;
import org.handdown.geometry.Point;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.Closure;
import org.handdown.source.graph.Fold;
import org.handdown.source.graph.Join;
import org.handdown.source.graph.PartRole;
import org.handdown.source.graph.StitchType;
import org.handdown.source.shape.Block;

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
            MeasureSpec.count("darts", "darts at the waist of the bodice, front and back together", 0, 8, 4),
            MeasureSpec.depth("dartDepth", "folded depth of one dart", 0, 60, 12.7),
            MeasureSpec.count("pleats", "pleats at the waist of the skirt", 0, 40, 4),
            MeasureSpec.depth("pleatDepth", "folded depth of one pleat", 0, 150, 40),
            MeasureSpec.length("zip", "length of the zip", 0, 800, 500),
            MeasureSpec.depth("hemDepth", "depth of the hem", 0, 200, 40),
            MeasureSpec.depth("allowance", "seam allowance inside", 0, 60, 15),
            MeasureSpec.count("bustDarts", "darts from the side seams to the bust, both together", 0, 4, 2)
                    .since(0),
            MeasureSpec.depth("bustDartDepth", "folded depth of one of them", 0, 60, 12)
                    .since(0),
            MeasureSpec.detail());

    /** Short sleeves are turned up this deep (common practice, no source). */
    private static final double SLEEVE_HEM_MM = 20;

    private static final double WAIST_DART_MM = 120;
    private static final double BUST_DART_MM = 100;
    private static final double HEAD_EASE_MM = 17;
    private static final double FACING_MM = 55;
    private static final double BACK_NECK_MM = 25;

    private final GarmentMeasures m;
    private final boolean whole;
    private final AnatomyBuilder build;
    private final Set<Join.Trait> overcast;

    private DressAnatomy(GarmentMeasures m) {
        this.m = m;
        this.whole = MeasureSpec.isWhole(m);
        this.build = new AnatomyBuilder(m.mm("allowance"));
        this.overcast = whole ? Set.of(Join.Trait.OVERCAST) : Set.of();
    }

    static Anatomy of(GarmentMeasures m) {
        return new DressAnatomy(m).make();
    }

    /** The back is two halves with the zip between them: its darts come in pairs. */
    private int backDarts() {
        return m.count("darts") / 4 * 2;
    }

    private int frontDarts() {
        return m.count("darts") - backDarts();
    }

    private int bustDarts() {
        return m.count("bustDarts") / 2;
    }

    /** Where the zip runs on into the skirt, its back has a seam. */
    private boolean isSplit() {
        return whole && m.mm("zip") > 0;
    }

    private List<String> skirtBacks() {
        return isSplit() ? List.of("skirt-back-left", "skirt-back-right") : List.of("skirt-back");
    }

    private String skirtBack(String side) {
        return isSplit() ? "skirt-back-" + side : "skirt-back";
    }

    private Anatomy make() {
        bodice();
        skirt();
        double head = build.edgeMm("bodice-front", "armhole-left")
                + build.edgeMm("bodice-back-left", "armhole")
                + HEAD_EASE_MM;
        for (String side : List.of("left", "right")) {
            build.panel(
                    "sleeve-" + side,
                    Block.sleeveFor(m.mm("sleeveHem"), m.mm("sleeveTop"), m.mm("sleeve"), head),
                    Map.of());
        }
        build.part("zip", Block.rectangle(30, Math.max(m.mm("zip"), 1)), PartRole.ZIP);
        List<String> inside = new ArrayList<>(List.of("zip"));
        seams();
        if (whole) {
            facing(inside);
        }
        waistAndZip();
        build.hem(
                "hem",
                "hem",
                StitchType.HAND,
                m.mm("hemDepth"),
                Stream.concat(Stream.of("skirt-front"), skirtBacks().stream())
                        .map(p -> run(p, "hem"))
                        .toArray(Join.Run[]::new));
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
                        List.of(List.of("bodice-back-left", "bodice-back-right"), skirtBacks()),
                        inside)
                .build();
    }

    private void bodice() {
        double half = m.mm("chest") / 2;
        double dart = 2 * m.mm("dartDepth");
        // Over the bust the front is longer by what the side darts take up.
        double bust = 2 * bustDarts() * m.mm("bustDartDepth");
        Block.Body front = body(m.mm("waist") / 2 + frontDarts() * dart, half, m.mm("neckDepth"), bust);
        Block.Body back = body(m.mm("waist") / 2 + backDarts() * dart, half, BACK_NECK_MM, 0);
        build.panel("bodice-front", Block.body(front), Map.of())
                .panel("bodice-back-left", Block.halfBody(back, 0).mirrored(), Map.of())
                .panel("bodice-back-right", Block.halfBody(back, 0), Map.of());
        build.fold(
                "darts-front", Fold.Kind.DART, "bodice-front", "hem", frontDarts(), m.mm("dartDepth"), WAIST_DART_MM);
        for (String side : List.of("left", "right")) {
            build.fold(
                            "darts-back-" + side,
                            Fold.Kind.DART,
                            "bodice-back-" + side,
                            "hem",
                            backDarts() / 2,
                            m.mm("dartDepth"),
                            WAIST_DART_MM)
                    .fold(
                            "bust-darts-" + side,
                            Fold.Kind.DART,
                            "bodice-front",
                            side.equals("left") ? "side-right" : "side-left",
                            bustDarts(),
                            m.mm("bustDartDepth"),
                            BUST_DART_MM);
        }
    }

    private Block.Body body(double hem, double width, double neckDepth, double longer) {
        return new Block.Body(
                hem, width, m.mm("bodice") + longer, m.mm("armhole"), m.mm("shoulder"), m.mm("neck"), neckDepth, 35);
    }

    private void skirt() {
        double length = m.mm("skirt");
        double pleat = 2 * m.mm("pleatDepth");
        int front = (m.count("pleats") + 1) / 2;
        int back = m.count("pleats") / 2;
        double waist = m.mm("waist") / 2;
        double hem = m.mm("hem") / 2;
        build.panel("skirt-front", Block.gore(waist + front * pleat, hem, length), Map.of());
        Outline whole = Block.gore(waist + back * pleat, hem, length);
        build.fold("pleats-front", Fold.Kind.PLEAT, "skirt-front", "waist", front, m.mm("pleatDepth"), length);
        if (!isSplit()) {
            build.panel("skirt-back", whole, Map.of())
                    .fold("pleats-back", Fold.Kind.PLEAT, "skirt-back", "waist", back, m.mm("pleatDepth"), length);
            return;
        }
        OutlineCut cut = OutlineCut.of(whole, new Point(0, 0), new Point(0, 10), "centre");
        int left = (back + 1) / 2;
        build.panel("skirt-back-left", cut.left(), Map.of())
                .panel("skirt-back-right", cut.right(), Map.of())
                .fold("pleats-back-left", Fold.Kind.PLEAT, "skirt-back-left", "waist", left, m.mm("pleatDepth"), length)
                .fold(
                        "pleats-back-right",
                        Fold.Kind.PLEAT,
                        "skirt-back-right",
                        "waist",
                        back - left,
                        m.mm("pleatDepth"),
                        length);
    }

    private void seam(String id, String name, double lengthMm, Join.Run... runs) {
        build.sew(id, name, whole ? StitchType.PLAIN : StitchType.OVERLOCKED)
                .rows(whole ? 1 : 2)
                .longMm(lengthMm)
                .with(overcast)
                .along(runs);
    }

    private void seams() {
        for (String side : List.of("left", "right")) {
            String fromFront = side.equals("left") ? "-right" : "-left";
            String back = "bodice-back-" + side;
            seam(
                    "shoulder-" + side,
                    side + " shoulder seam",
                    build.edgeMm(back, "shoulder"),
                    run("bodice-front", "shoulder" + fromFront),
                    run(back, "shoulder"));
            seam(
                    "bodice-side-" + side,
                    side + " side seam of the bodice",
                    build.edgeMm(back, "side"),
                    run("bodice-front", "side" + fromFront),
                    run(back, "side"));
            seam(
                    "underarm-" + side,
                    side + " sleeve seam",
                    build.edgeMm("sleeve-" + side, "underarm-left"),
                    run("sleeve-" + side, "underarm-left"),
                    run("sleeve-" + side, "underarm-right"));
            seam(
                    "armhole-" + side,
                    side + " armhole",
                    build.edgeMm("sleeve-" + side, "head"),
                    run("sleeve-" + side, "head"),
                    run("bodice-front", "armhole" + fromFront),
                    run(back, "armhole"));
            seam(
                    "skirt-side-" + side,
                    side + " side seam of the skirt",
                    build.edgeMm("skirt-front", "side" + fromFront),
                    run("skirt-front", "side" + fromFront),
                    run(skirtBack(side), "side-" + side));
        }
    }

    private void facing(List<String> inside) {
        inside.add("neck-facing");
        double neck = build.edgeMm("bodice-front", "neck") + 2 * build.edgeMm("bodice-back-left", "neck");
        build.part("neck-facing", Block.rectangle(neck, FACING_MM), PartRole.FACING)
                .sew("neck", "neck to its facing", StitchType.PLAIN)
                .longMm(neck)
                .allowance(7)
                .with(Join.Trait.FUSED)
                .along("bodice-front", "neck")
                .along("bodice-back-left", "neck")
                .along("bodice-back-right", "neck")
                .along("neck-facing", "upper");
    }

    private void waistAndZip() {
        double waist = m.mm("waist");
        seam("waist-front", "waist seam in front", waist / 2, run("bodice-front", "hem"), run("skirt-front", "waist"));
        for (String side : List.of("left", "right")) {
            seam(
                    "waist-back-" + side,
                    "waist seam behind, " + side,
                    waist / 4,
                    run("bodice-back-" + side, "hem"),
                    run(skirtBack(side), "waist"));
        }
        double below = Math.max(0, m.mm("zip") - build.edgeMm("bodice-back-left", "centre"));
        if (isSplit()) {
            seam(
                    "skirt-centre-back",
                    "centre back seam of the skirt",
                    Math.max(10, build.edgeMm("skirt-back-left", "centre") - below),
                    run("skirt-back-left", "centre"),
                    run("skirt-back-right", "centre"));
        }
        List<Join.Run> along = new ArrayList<>(
                List.of(run("bodice-back-left", "centre"), run("bodice-back-right", "centre"), run("zip", "left")));
        if (isSplit() && below > 0) {
            along.addAll(List.of(run("skirt-back-left", "centre"), run("skirt-back-right", "centre")));
        }
        build.closure(new Closure("zip", Closure.Kind.ZIP, "bodice-back-left", "centre", List.of(), 0, 0));
        build.sew("zip", "zip in the centre back", StitchType.PLAIN)
                .longMm(Math.max(2 * m.mm("zip"), 1))
                .tacks(2)
                .along(along.toArray(Join.Run[]::new));
    }
}
