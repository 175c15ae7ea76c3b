package org.handdown.source;

import static org.handdown.source.AnatomyBuilder.run;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.handdown.geometry.Outline;
import org.handdown.source.LegShape.Station;

/**
 * Trousers with side seams, inseams, a zip fly, a straight waistband, two slanted front pockets and two patch pockets at the back. Left
 * and right are the wearer's. How the girths share out between front and back leg is common practice, no source; the panel's own tape
 * measures replace it.
 */
public final class TrousersAnatomy {
    private static final double KNEE_SHARE = 0.53;
    private static final double SEAT_ABOVE_CROTCH = 0.33;
    private static final double BACK_POCKET_WIDE_MM = 140;
    private static final double BACK_POCKET_HIGH_MM = 150;
    private static final double FRONT_POCKET_MOUTH_MM = 170;
    private static final double FLY_MM = 170;
    public static final List<String> LEGS = List.of("front-left", "front-right", "back-left", "back-right");

    static final List<MeasureSpec> MEASURES = List.of(
            MeasureSpec.girth("waist", "waist, along the seam under the band", 300, 2000, 840),
            MeasureSpec.girth("seat", "seat girth", 400, 2400, 1040),
            MeasureSpec.girth("thigh", "thigh girth, at the crotch", 200, 1300, 640),
            MeasureSpec.girth("knee", "knee girth", 150, 1000, 460),
            MeasureSpec.girth("hem", "hem girth", 120, 1000, 420),
            MeasureSpec.length("insideLeg", "inside leg", 150, 1100, 780),
            MeasureSpec.length("outsideLeg", "outside leg, without the band", 230, 1600, 1030),
            MeasureSpec.depth("waistband", "depth of the waistband", 10, 120, 38),
            MeasureSpec.depth("hemDepth", "depth of the hem", 0, 120, 35),
            MeasureSpec.depth("allowance", "seam allowance inside", 0, 40, 12));

    private final TrouserMeasures m;
    private final boolean jeans;
    private final AnatomyBuilder build;

    private TrousersAnatomy(GarmentMeasures measures) {
        this.m = TrouserMeasures.of(measures);
        this.jeans = measures.kind() == SourceKind.JEANS;
        this.build = new AnatomyBuilder(m.allowanceMm());
    }

    static Anatomy of(GarmentMeasures measures) {
        return new TrousersAnatomy(measures).make();
    }

    /** Is it a leg of trousers, measured by its widths? */
    public static boolean isLeg(SourceKind kind, String part) {
        return (kind == SourceKind.TROUSERS || kind == SourceKind.JEANS) && LEGS.contains(part);
    }

    /** Does the side seam lie towards +x when the leg is seen from its right side? */
    public static boolean isSideRight(String leg) {
        return leg.equals("front-left") || leg.equals("back-right");
    }

    /** The leg between its stitch lines, side seam towards +x. */
    public static LegShape leg(TrouserMeasures m, boolean front) {
        double share = front ? -1 : 1;
        double crotch = m.insideLegMm();
        double rise = m.outsideLegMm() - m.insideLegMm();
        double hem = m.hemMm() / 2 + share * 10;
        double knee = m.kneeMm() / 2 + share * 10;
        double thigh = m.thighMm() / 2 + share * 32;
        double seat = m.seatMm() / 4 + share * 10;
        double waist = m.waistMm() / 4 + share * 6;
        double side = thigh / 2;
        return new LegShape(
                new Station(0, hem, hem / 2),
                new Station(KNEE_SHARE * crotch, knee, knee / 2),
                new Station(crotch, thigh, side),
                new Station(crotch + SEAT_ABOVE_CROTCH * rise, seat, side - 2),
                new Station(m.outsideLegMm(), waist, front ? side - 14 : side - 26),
                front ? -8 : 28);
    }

    private Anatomy make() {
        LegShape front = leg(m, true);
        LegShape back = leg(m, false);
        for (String leg : LEGS) {
            Outline outline = (leg.startsWith("front") ? front : back).outline();
            build.part(
                    leg,
                    leg.replace('-', ' ') + " leg",
                    isSideRight(leg) ? outline : outline.mirrored(),
                    PartRole.PANEL,
                    Layer.SHELL,
                    Map.of());
        }
        build.part("waistband", Block.rectangle(m.waistMm() + 40, m.waistbandMm()), PartRole.WAISTBAND);
        for (String side : List.of("left", "right")) {
            build.part(
                            "back-pocket-" + side,
                            side + " back pocket",
                            Block.rectangle(BACK_POCKET_WIDE_MM, BACK_POCKET_HIGH_MM),
                            PartRole.POCKET,
                            Layer.SHELL,
                            Map.of())
                    .part(
                            "pocket-bag-" + side,
                            side + " front pocket bag",
                            Block.rectangle(160, 280),
                            PartRole.POCKET,
                            Layer.SHELL,
                            Map.of());
        }
        build.part("fly", "zip fly", Block.rectangle(40, FLY_MM), PartRole.ZIP, Layer.SHELL, Map.of());
        pocketsAndFly();
        legSeams();
        waistband();
        hems();
        return build.spread(
                        List.of(List.of("front-right", "front-left")),
                        List.of(List.of("back-left", "back-right")),
                        List.of("waistband", "pocket-bag-left", "pocket-bag-right", "fly"))
                .on("back-pocket-left", "back-left", middle("back-left"), pocketHeight(back))
                .on("back-pocket-right", "back-right", middle("back-right"), pocketHeight(back))
                .build();
    }

    private double middle(String leg) {
        var box = build.part(leg).outline().flattened().ring().box();
        return (box.minX() + box.maxX()) / 2;
    }

    private static double pocketHeight(LegShape back) {
        return back.waist().heightMm() + back.centreLiftMm() - 75 - BACK_POCKET_HIGH_MM / 2;
    }

    private void pocketsAndFly() {
        for (String side : List.of("left", "right")) {
            build.join(
                            "back-pocket-" + side,
                            side + " back pocket",
                            StitchType.TOPSTITCHED,
                            2,
                            BACK_POCKET_WIDE_MM + 2 * BACK_POCKET_HIGH_MM,
                            0,
                            2,
                            Set.of(Join.Trait.TOPSTITCHED),
                            run("back-" + side, "pocket"),
                            run("back-pocket-" + side, "lower"))
                    .join(
                            "front-pocket-" + side,
                            side + " front pocket",
                            StitchType.TOPSTITCHED,
                            2,
                            FRONT_POCKET_MOUTH_MM,
                            m.allowanceMm(),
                            2,
                            Set.of(Join.Trait.TOPSTITCHED),
                            run("front-" + side, "pocket"),
                            run("pocket-bag-" + side, "upper"));
        }
        build.join(
                        "fly",
                        "zip fly",
                        StitchType.TOPSTITCHED,
                        2,
                        FLY_MM,
                        0,
                        2,
                        Set.of(Join.Trait.TOPSTITCHED),
                        run("front-left", "fly"),
                        run("fly", "left"))
                .closure(new Closure("fly", Closure.Kind.ZIP, "front-left", "centre", List.of(), 0, 0));
    }

    private void legSeams() {
        StitchType seam = jeans ? StitchType.FELLED : StitchType.OVERLOCKED;
        for (String side : List.of("left", "right")) {
            build.seam(
                    "side-" + side,
                    side + " side seam",
                    StitchType.OVERLOCKED,
                    2,
                    run("front-" + side, "side"),
                    run("back-" + side, "side"));
        }
        for (String side : List.of("left", "right")) {
            build.seam(
                    "inseam-" + side,
                    side + " inseam",
                    seam,
                    2,
                    run("front-" + side, "inseam"),
                    run("back-" + side, "inseam"));
        }
        build.seam(
                        "centre-front",
                        "centre front seam",
                        seam,
                        2,
                        run("front-left", "centre"),
                        run("front-right", "centre"))
                .seam("centre-back", "seat seam", seam, 2, run("back-left", "centre"), run("back-right", "centre"));
    }

    /** One join a leg, so that the band can stay on where it serves. */
    private void waistband() {
        for (String leg : LEGS) {
            build.join(
                    "waistband-" + leg,
                    "waistband to the " + leg.replace('-', ' '),
                    StitchType.TOPSTITCHED,
                    2,
                    build.part(leg).outline().edge("waist").lengthMm(),
                    m.allowanceMm(),
                    1,
                    Set.of(Join.Trait.TOPSTITCHED),
                    run(leg, "waist"),
                    run("waistband", "lower"));
        }
    }

    private void hems() {
        for (String side : List.of("left", "right")) {
            build.hem(
                    "hem-" + side,
                    side + " hem",
                    StitchType.PLAIN,
                    m.hemDepthMm(),
                    run("front-" + side, "hem"),
                    run("back-" + side, "hem"));
        }
    }
}
