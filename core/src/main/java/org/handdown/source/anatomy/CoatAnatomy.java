package org.handdown.source.anatomy;

import static org.handdown.source.anatomy.AnatomyBuilder.run;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.handdown.assembly.Layer;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.Closure;
import org.handdown.source.graph.Join;
import org.handdown.source.graph.PartRole;
import org.handdown.source.graph.StitchType;
import org.handdown.source.shape.Block;

/** A lined jacket or coat: fronts, back and sleeves once in outer cloth and once in lining, with facings, a collar and pockets. */
final class CoatAnatomy {

    private static final int ON_THE_RIGHT = 0;

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
            MeasureSpec.depth("allowance", "seam allowance inside", 0, 60, 15),
            MeasureSpec.choice("pockets", "pockets", "patch", "jetted", "none").since(CoatInside.PATCH),
            MeasureSpec.choice("sleevePieces", "a sleeve is", "one piece", "two pieces")
                    .since(0),
            MeasureSpec.choice("shoulderPads", "its shoulders have", "pads", "no pads")
                    .since(1),
            MeasureSpec.choice("buttonSide", "the buttons sit on the", "right front", "left front")
                    .since(1),
            MeasureSpec.detail());

    private final GarmentMeasures m;

    private final boolean whole;

    private final AnatomyBuilder build;

    private final CoatParts parts;

    private final CoatInside hidden;

    private CoatAnatomy(GarmentMeasures m) {
        this.m = m;
        this.whole = MeasureSpec.isWhole(m);
        this.build = new AnatomyBuilder(m.mm("allowance"));
        this.parts = new CoatParts(m, whole, build);
        this.hidden = new CoatInside(m, whole, build);
    }

    static Anatomy of(GarmentMeasures m) {
        return new CoatAnatomy(m).make();
    }

    private void seam(String id, String name, Join.Run... runs) {
        build.sew(id, name, StitchType.PLAIN).along(runs);
    }
    // In the order it was sewn

    private Anatomy make() {
        List<String> inside = new ArrayList<>();
        parts.panels(inside);
        double neckline = 2 * build.edgeMm("front-left", "neck") + build.edgeMm("back", "neck");
        build.part("collar", Block.rectangle(neckline, m.mm("collar")), PartRole.COLLAR);
        if (whole) {
            hidden.interfacings(inside);
        }
        hidden.pockets(inside);
        layer("", "");
        if (m.is("shoulderPads", CoatInside.PADS)) {
            hidden.pads(inside);
        }
        collar(inside, neckline);
        for (String side : List.of("left", "right")) {
            build.sew("facing-" + side, side + " front edge", StitchType.PLAIN)
                    .with(Join.Trait.FUSED)
                    .along("front-" + side, "centre")
                    .along("facing-" + side, "left");
        }
        layer("lining-", " of the lining");
        bagOut();
        hems();
        buttons();
        spread(inside);
        return build.build();
    }

    /** The lining to the facings, the sleeve ends and the neck. */
    private void bagOut() {
        for (String side : List.of("left", "right")) {
            build.sew("facing-lining-" + side, side + " facing to the lining", StitchType.PLAIN)
                    .along("lining-front-" + side, "centre")
                    .along("facing-" + side, "right");
            build.sew("sleeve-lining-" + side, side + " sleeve end to its lining", StitchType.HAND)
                    .along(ends("", side, ends("lining-", side)));
        }
        build.sew("lining-neck", "lining to the neck seam", StitchType.PLAIN)
                .longMm(build.edgeMm("back", "neck"))
                .along("lining-back", "neck")
                .along("collar", "lower");
    }

    private void hems() {
        build.hem(
                "hem",
                "hem",
                StitchType.HAND,
                m.mm("hemDepth"),
                run("front-left", "hem"),
                run("back", "hem"),
                run("front-right", "hem"));
        build.sew("lining-hem", "lining to the hem", StitchType.HAND)
                .longMm(m.mm("hem"))
                .with(Join.Trait.CLOSED_BY_HAND)
                .along("lining-back", "hem")
                .along("lining-front-left", "hem")
                .along("lining-front-right", "hem")
                .along("back", "hem")
                .along("front-left", "hem")
                .along("front-right", "hem");
    }

    private void buttons() {
        if (m.count("buttons") > 0) {
            build.closure(new Closure(
                    "buttons",
                    Closure.Kind.BUTTONS,
                    m.is("buttonSide", ON_THE_RIGHT) ? "front-right" : "front-left",
                    "centre",
                    AnatomyBuilder.evenly(m.count("buttons"), 100, build.edgeMm("front-left", "centre") - 200),
                    m.mm("lap"),
                    m.mm("buttonDiameter")));
        }
    }

    private void spread(List<String> inside) {
        List<String> front = new ArrayList<>(List.of("sleeve-right", "front-right", "front-left", "sleeve-left"));
        List<List<String>> back = parts.inTwo()
                ? List.of(List.of("under-sleeve-left", "back", "under-sleeve-right"))
                : List.of(List.of("back"));
        build.spread(List.of(front), back, inside);
        if (m.count("pockets") == CoatInside.PATCH || m.count("pockets") == CoatInside.JETTED) {
            for (String side : List.of("left", "right")) {
                double x = m.mm("hem") / 8 * (side.equals("left") ? 1 : -1);
                // Of a jetted pocket only the welts are seen.
                String seen = m.count("pockets") == CoatInside.JETTED ? "welts-" : "pocket-";
                build.on(seen + side, "front-" + side, x, Math.min(230, 0.3 * m.mm("length")));
            }
        }
    }

    private Join.Run[] ends(String prefix, String side, Join.Run... more) {
        List<Join.Run> all = new ArrayList<>(List.of(run(prefix + "sleeve-" + side, "hem")));
        if (parts.inTwo()) {
            all.add(run(prefix + "under-sleeve-" + side, "hem"));
        }
        all.addAll(List.of(more));
        return all.toArray(Join.Run[]::new);
    }

    private void collar(List<String> inside, double neckline) {
        if (whole) {
            inside.add("collar-under");
            build.part(
                            "collar-under",
                            "under collar",
                            Block.rectangle(neckline, m.mm("collar")),
                            PartRole.FACING,
                            Layer.SHELL,
                            Map.of())
                    .sew("collar-under", "upper collar to under collar", StitchType.PLAIN)
                    .longMm(neckline + 2 * m.mm("collar"))
                    .allowance(7)
                    .with(Join.Trait.FUSED)
                    .along("collar", "upper")
                    .along("collar-under", "upper");
        }
        build.sew("collar", "collar seam", StitchType.PLAIN)
                .rows(2)
                .longMm(neckline)
                .with(Join.Trait.FUSED)
                .along("front-left", "neck")
                .along("front-right", "neck")
                .along("back", "neck")
                .along("collar", "lower");
    }

    /** Shoulders, sides and sleeves of a layer. */
    private void layer(String prefix, String of) {
        for (String side : List.of("left", "right")) {
            String front = prefix + "front-" + side;
            String back = prefix + "back";
            if (prefix.isEmpty()) {
                seam(
                        "shoulder-" + side,
                        side + " shoulder seam",
                        run(front, "shoulder"),
                        run(back, "shoulder-" + side));
            } else {
                // The facing runs on to the shoulder: there it is sewn to the lining of the back.
                seam(
                        prefix + "shoulder-" + side,
                        side + " shoulder seam" + of,
                        run(back, "shoulder-" + side),
                        run(front, "shoulder"),
                        run("facing-" + side, "shoulder"));
            }
            seam(prefix + "side-" + side, side + " side seam" + of, run(front, "side"), run(back, "side-" + side));
            sleeve(prefix, side, of);
        }
    }

    /** The seams of a sleeve, and its armhole. */
    private void sleeve(String prefix, String side, String of) {
        String front = prefix + "front-" + side;
        String back = prefix + "back";
        String sleeve = prefix + "sleeve-" + side;
        if (parts.inTwo()) {
            String under = prefix + "under-sleeve-" + side;
            seam(
                    prefix + "underarm-" + side,
                    side + " front sleeve seam" + of,
                    run(sleeve, "seam-left"),
                    run(under, "seam-right"));
            seam(
                    prefix + "elbow-" + side,
                    side + " back sleeve seam" + of,
                    run(sleeve, "seam-right"),
                    run(under, "seam-left"));
            build.sew(prefix + "armhole-" + side, side + " armhole" + of, StitchType.PLAIN)
                    .longMm(build.edgeMm(sleeve, "head") + build.edgeMm(under, "head"))
                    .along(sleeve, "head")
                    .along(under, "head")
                    .along(front, "armhole")
                    .along(back, "armhole-" + side);
        } else {
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
}
