package org.handdown.source.anatomy;

import static org.handdown.source.anatomy.AnatomyBuilder.run;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.OutlineCut;
import org.handdown.geometry.Point;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.Closure;
import org.handdown.source.graph.Fold;
import org.handdown.source.graph.Join;
import org.handdown.source.graph.Layer;
import org.handdown.source.graph.PartRole;
import org.handdown.source.graph.StitchType;
import org.handdown.source.shape.Block;
import org.handdown.source.shape.TwoPieceSleeve;

/** A lined jacket or coat: fronts, back and sleeves once in outer cloth and once in lining, with facings, a collar and pockets. */
final class CoatAnatomy {

    private static final double SLOPE_MM = 40;

    private static final double BACK_NECK_MM = 25;

    private static final double HEAD_EASE_MM = 28;

    /** From the centre to the seam of facing and lining, at the hem and along the shoulder from the neck. */
    private static final double FACING_MM = 80;

    private static final double FACING_AT_SHOULDER_MM = 40;

    private static final double LINING_PLEAT_MM = 12;

    private static final int TWO_PIECES = 1;

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

    private final CoatInside hidden;

    private CoatAnatomy(GarmentMeasures m) {
        this.m = m;
        this.whole = MeasureSpec.isWhole(m);
        this.build = new AnatomyBuilder(m.mm("allowance"));
        this.hidden = new CoatInside(m, whole, build);
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

    private boolean inTwo() {
        return m.is("sleevePieces", TWO_PIECES);
    }

    private void panel(String id, String name, Outline outline, Layer layer) {
        build.part(id, name, outline, PartRole.PANEL, layer, Map.of());
    }

    private void seam(String id, String name, Join.Run... runs) {
        build.sew(id, name, StitchType.PLAIN).along(runs);
    }

    // Parts

    private void panels(List<String> inside) {
        Outline half = Block.halfBody(body(m.mm("neckDepth")), m.mm("lap"));
        Outline back = Block.body(body(BACK_NECK_MM));
        panel("front-left", "left front", half, Layer.SHELL);
        panel("front-right", "right front", half.mirrored(), Layer.SHELL);
        panel("back", "back", back, Layer.SHELL);
        double hole =
                half.edge("armhole").lengthMm() + back.edge("armhole-left").lengthMm() + HEAD_EASE_MM;
        Outline sleeve = Block.sleeveFor(m.mm("sleeveHem"), m.mm("sleeveTop"), m.mm("sleeve"), hole);
        sleeves("", sleeve, Layer.SHELL);
        Outline lining =
                OutlineCut.of(half, facingLow(), facingHigh(), "centre").right();
        panel("lining-front-left", "lining of the left front", lining, Layer.LINING);
        panel("lining-front-right", "lining of the right front", lining.mirrored(), Layer.LINING);
        panel(
                "lining-back",
                "lining of the back",
                whole ? Block.body(body(BACK_NECK_MM), 2 * LINING_PLEAT_MM) : back,
                Layer.LINING);
        if (whole) {
            build.fold("pleat-lining", Fold.Kind.PLEAT, "lining-back", "neck", 1, LINING_PLEAT_MM, m.mm("length"));
        }
        sleeves("lining-", sleeve, Layer.LINING);
        inside.addAll(List.of("lining-front-right", "lining-front-left", "lining-back"));
        inside.addAll(sleeveParts("lining-"));
        facings(inside, half);
    }

    /** Facing and lining meet on a line from the hem to the shoulder. */
    private Point facingLow() {
        return new Point(facingMm(), 0);
    }

    private double facingMm() {
        return Math.min(FACING_MM, 0.5 * Math.min(m.mm("hem"), m.mm("chest")) / 2);
    }

    private Point facingHigh() {
        Block.Body body = body(m.mm("neckDepth"));
        double share = Math.min(0.5, FACING_AT_SHOULDER_MM / m.mm("shoulder"));
        return body.neckPoint().between(body.tip(), share);
    }

    private void facings(List<String> inside, Outline half) {
        Outline cut = OutlineCut.of(half, facingLow(), facingHigh(), "right").left();
        Outline facing = new Outline(cut.edges().stream()
                .map(e -> e.name().equals("centre") ? new Edge("left", e.segments()) : e)
                .toList());
        inside.add("collar");
        for (String side : List.of("left", "right")) {
            inside.add("facing-" + side);
            build.part("facing-" + side, side.equals("left") ? facing : facing.mirrored(), PartRole.FACING);
        }
    }

    private void sleeves(String prefix, Outline sleeve, Layer layer) {
        String words = layer == Layer.LINING ? "lining of the " : "";
        TwoPieceSleeve two = inTwo() ? TwoPieceSleeve.of(sleeve) : null;
        for (String side : List.of("left", "right")) {
            if (two == null) {
                panel(prefix + "sleeve-" + side, words + side + " sleeve", sleeve, layer);
            } else {
                panel(prefix + "sleeve-" + side, words + side + " upper sleeve", two.upper(), layer);
                panel(prefix + "under-sleeve-" + side, words + side + " under sleeve", two.under(), layer);
            }
        }
    }

    private List<String> sleeveParts(String prefix) {
        List<String> all = new ArrayList<>(List.of(prefix + "sleeve-left", prefix + "sleeve-right"));
        if (inTwo()) {
            all.addAll(List.of(prefix + "under-sleeve-left", prefix + "under-sleeve-right"));
        }
        return all;
    }

    // In the order it was sewn

    private Anatomy make() {
        List<String> inside = new ArrayList<>();
        panels(inside);
        double neckline = 2 * build.edgeMm("front-left", "neck") + build.edgeMm("back", "neck");
        double edge = build.edgeMm("front-left", "centre");
        build.part("collar", Block.rectangle(neckline, m.mm("collar")), PartRole.COLLAR);
        if (whole) {
            hidden.interfacings(inside);
        }
        hidden.pockets(inside);
        body("", "");
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
        body("lining-", " of the lining");
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
        if (m.count("buttons") > 0) {
            build.closure(new Closure(
                    "buttons",
                    Closure.Kind.BUTTONS,
                    m.is("buttonSide", ON_THE_RIGHT) ? "front-right" : "front-left",
                    "centre",
                    AnatomyBuilder.evenly(m.count("buttons"), 100, edge - 200),
                    m.mm("lap"),
                    m.mm("buttonDiameter")));
        }
        List<String> front = new ArrayList<>(List.of("sleeve-right", "front-right", "front-left", "sleeve-left"));
        List<List<String>> back = inTwo()
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
        return build.build();
    }

    private Join.Run[] ends(String prefix, String side, Join.Run... more) {
        List<Join.Run> all = new ArrayList<>(List.of(run(prefix + "sleeve-" + side, "hem")));
        if (inTwo()) {
            all.add(run(prefix + "under-sleeve-" + side, "hem"));
        }
        all.addAll(List.of(more));
        return all.toArray(Join.Run[]::new);
    }

    /** Shoulders, sides and sleeves of a layer. */
    private void body(String prefix, String of) {
        for (String side : List.of("left", "right")) {
            String front = prefix + "front-" + side;
            String back = prefix + "back";
            String sleeve = prefix + "sleeve-" + side;
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
            if (inTwo()) {
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
}
