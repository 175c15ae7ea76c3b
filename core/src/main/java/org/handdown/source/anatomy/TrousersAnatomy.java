package org.handdown.source.anatomy;

import static org.handdown.source.anatomy.AnatomyBuilder.run;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.OutlineCut;
import org.handdown.geometry.Point;
import org.handdown.geometry.Root;
import org.handdown.measure.Wording;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.Closure;
import org.handdown.source.graph.Fold;
import org.handdown.source.graph.Join;
import org.handdown.source.graph.Layer;
import org.handdown.source.graph.PartRole;
import org.handdown.source.graph.StitchType;
import org.handdown.source.shape.Block;
import org.handdown.source.shape.LegShape;
import org.handdown.source.shape.LegShape.Station;

/**
 * Trousers and jeans with side seams, inseams, a zip fly and a straight waistband; jeans with a yoke at the back. Left and right are the
 * wearer's. How the girths share out between front and back leg is common practice, no source; the panel's own tape measures replace it.
 */
public final class TrousersAnatomy {

    private static final double KNEE_SHARE = 0.53;

    private static final double SEAT_ABOVE_CROTCH = 0.33;

    private static final double FLY_MM = 170;

    private static final double LOOP_WIDE_MM = 12;

    private static final double LOOP_LONG_MM = 60;

    private static final double DART_LONG_MM = 110;

    /** At the side a yoke is so much of what it is at the centre. */
    private static final double YOKE_SIDE_SHARE = 0.5;

    private static final double BALANCE_MM = 60;

    public static final List<String> LEGS = List.of("front-left", "front-right", "back-left", "back-right");

    private static List<MeasureSpec> common(double hem, MeasureSpec... own) {
        List<MeasureSpec> all = new ArrayList<>(List.of(
                MeasureSpec.girth("waist", "waist, along the seam under the band", 300, 2000, 840),
                MeasureSpec.girth("seat", "seat girth", 400, 2400, 1040),
                MeasureSpec.girth("thigh", "thigh girth, at the crotch", 200, 1300, 670),
                MeasureSpec.girth("knee", "knee girth", 150, 1000, 460),
                MeasureSpec.girth("hem", "hem girth", 120, 1000, 420),
                MeasureSpec.length("insideLeg", "inside leg", 150, 1100, 780),
                MeasureSpec.length("outsideLeg", "outside leg, without the band", 230, 1600, 1030),
                MeasureSpec.depth("waistband", "depth of the waistband", 10, 120, 38),
                MeasureSpec.depth("hemDepth", "depth of the hem", 0, 120, hem),
                MeasureSpec.depth("allowance", "seam allowance inside", 0, 40, 12)));
        all.addAll(List.of(own));
        return List.copyOf(all);
    }

    private static MeasureSpec pocketChoice() {
        return MeasureSpec.choice("backPockets", "back pockets", "jetted", "patch", "none")
                .since(PATCH);
    }

    private static MeasureSpec flyChoice() {
        return MeasureSpec.choice("fly", "the fly closes", "left over right", "right over left")
                .since(0);
    }

    static final int RIVETS = 0;

    static final int JETTED = 0;

    private static final int PATCH = 1;

    static final int RIGHT_OVER = 1;

    static final List<MeasureSpec> MEASURES = common(
            35,
            MeasureSpec.count("backDarts", "darts in both backs together", 0, 4, 2)
                    .since(0),
            MeasureSpec.depth("dartDepth", "folded depth of one dart", 0, 40, 10)
                    .since(0),
            pocketChoice(),
            flyChoice(),
            MeasureSpec.detail());

    static final List<MeasureSpec> JEANS_MEASURES = common(
            12,
            MeasureSpec.depth("yoke", "depth of the back yoke at the seat seam, 0 without one", 0, 160, 75)
                    .since(0),
            pocketChoice().first(PATCH),
            flyChoice(),
            MeasureSpec.choice("rivets", "its front pockets have", "rivets", "no rivets")
                    .since(1),
            MeasureSpec.detail());

    private final GarmentMeasures given;

    private final TrouserMeasures m;

    private final boolean jeans;

    private final boolean whole;

    private final AnatomyBuilder build;

    private final TrouserPockets pocketry;

    private TrousersAnatomy(GarmentMeasures measures) {
        this.given = measures;
        this.m = TrouserMeasures.of(measures);
        this.jeans = measures.kind() == SourceKind.JEANS;
        this.whole = MeasureSpec.isWhole(measures);
        this.build = new AnatomyBuilder(m.allowanceMm());
        this.pocketry = new TrouserPockets(m, given, jeans, whole, build);
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

    /** The leg between its stitch lines, side seam towards +x, its seams as long as those they are sewn to. */
    public static LegShape leg(TrouserMeasures m, boolean front) {
        LegShape shape = leg(m, true, m.insideLegMm(), m.outsideLegMm());
        if (front) {
            return shape;
        }
        double inside = shape.inseam().lengthMm();
        double outside = shape.side().lengthMm();
        double crotch = Root.of(
                m.insideLegMm() - BALANCE_MM,
                m.insideLegMm() + BALANCE_MM,
                y -> leg(m, false, y, m.outsideLegMm()).inseam().lengthMm() - inside);
        double waist = Root.of(
                m.outsideLegMm() - BALANCE_MM,
                m.outsideLegMm() + BALANCE_MM,
                y -> leg(m, false, crotch, y).side().lengthMm() - outside);
        return leg(m, false, crotch, waist);
    }

    private static LegShape leg(TrouserMeasures m, boolean front, double crotch, double top) {
        double share = front ? -1 : 1;
        double rise = m.outsideLegMm() - m.insideLegMm();
        double hem = m.hemMm() / 2 + share * 10;
        double knee = m.kneeMm() / 2 + share * 10;
        double thigh = m.thighMm() / 2 + share * 32;
        double seat = m.seatMm() / 4 + share * 10;
        double darts = front ? 0 : m.backDartMm();
        double waist = m.waistMm() / 4 + share * 6 + darts;
        double side = thigh / 2;
        return new LegShape(
                new Station(0, hem, hem / 2),
                new Station(KNEE_SHARE * m.insideLegMm(), knee, knee / 2),
                new Station(crotch, thigh, side),
                new Station(m.insideLegMm() + SEAT_ABOVE_CROTCH * rise, seat, side - 2),
                new Station(top, waist, front ? side - 25 : side - 26 + 0.6 * darts),
                front ? -15 : 28);
    }

    private Anatomy make() {
        LegShape front = leg(m, true);
        LegShape back = leg(m, false);
        Outline backLeg = back.sewnOutline();
        Outline yoke = null;
        if (yokeMm() > 0) {
            OutlineCut cut = yokeCut(back, backLeg);
            backLeg = cut.right();
            yoke = cut.left();
        }
        for (String leg : LEGS) {
            Outline outline = leg.startsWith("front") ? front.sewnOutline() : backLeg;
            build.part(
                    leg,
                    leg.replace('-', ' ') + " leg",
                    isSideRight(leg) ? outline : outline.mirrored(),
                    PartRole.PANEL,
                    Layer.SHELL,
                    Map.of());
        }
        if (yoke != null) {
            build.part("yoke-left", yoke.mirrored(), PartRole.YOKE).part("yoke-right", yoke, PartRole.YOKE);
        }
        List<String> inside = new ArrayList<>(List.of("waistband", "pocket-bag-left", "pocket-bag-right", "fly"));
        build.part("waistband", Block.rectangle(m.waistMm() + 40, m.waistbandMm()), PartRole.WAISTBAND);
        small(inside);
        if (m.backDartMm() > 0) {
            int each = given.count("backDarts") / 2;
            for (String side : List.of("left", "right")) {
                build.fold(
                        "darts-back-" + side,
                        Fold.Kind.DART,
                        "back-" + side,
                        "waist",
                        each,
                        given.mm("dartDepth"),
                        DART_LONG_MM);
            }
        }
        order();
        hems();
        List<String> yokes = yoke == null ? List.of() : List.of("yoke-left", "yoke-right");
        List<List<String>> behind = yoke == null
                ? List.of(List.of("back-left", "back-right"))
                : List.of(yokes, List.of("back-left", "back-right"));
        build.spread(List.of(List.of("front-right", "front-left")), behind, inside);
        // Of a jetted pocket only the welts are seen.
        String seen = pocketry.pockets() == PATCH
                ? "back-pocket-"
                : pocketry.pockets() == JETTED && whole ? "back-welts-" : "";
        if (!seen.isEmpty()) {
            double high = pocketry.pocketHeight(back) - (yoke == null ? 0 : yokeMm() / 2);
            for (String side : List.of("left", "right")) {
                build.on(seen + side, "back-" + side, middle(back, "back-" + side), high);
            }
        }
        return build.build();
    }

    static final int NONE = 2;

    private double yokeMm() {
        return jeans ? given.mm("yoke") : 0;
    }

    /** From the side seam to the seat seam, deeper at the seat; above it lies the yoke, at the left of the line. */
    private OutlineCut yokeCut(LegShape back, Outline leg) {
        Point side = leg.edge("side")
                .at(1 - YOKE_SIDE_SHARE * yokeMm() / leg.edge("side").lengthMm());
        Point centre = leg.edge("centre").at(yokeMm() / leg.edge("centre").lengthMm());
        OutlineCut cut = OutlineCut.of(leg, centre, side, "yoke");
        return cut.left().box().maxY() > cut.right().box().maxY() ? cut : new OutlineCut(cut.right(), cut.left());
    }

    /** Pockets, fly and what else hangs on the legs. */
    private void small(List<String> inside) {
        for (String side : List.of("left", "right")) {
            if (pocketry.pockets() == JETTED) {
                inside.add("back-pocket-" + side);
            }
            if (pocketry.pockets() != NONE) {
                build.part(
                        "back-pocket-" + side,
                        side + " back pocket",
                        Block.rectangle(
                                pocketry.pockets() == JETTED ? pocketry.backWide() + 30 : pocketry.backWide(),
                                pocketry.pockets() == JETTED ? 2 * pocketry.backHigh() : pocketry.backHigh()),
                        PartRole.POCKET,
                        pocketry.pockets() == JETTED ? Layer.LINING : Layer.SHELL,
                        Map.of());
            }
            build.part(
                    "pocket-bag-" + side,
                    side + " front pocket bag",
                    Block.rectangle(pocketry.bagWide(), pocketry.bagHigh()),
                    PartRole.POCKET,
                    whole ? Layer.LINING : Layer.SHELL,
                    Map.of());
        }
        build.part("fly", "zip fly", Block.rectangle(40, flyMm()), PartRole.ZIP, Layer.SHELL, Map.of());
        if (!whole) {
            return;
        }
        inside.addAll(List.of("waistband-inner", "belt-loops", "fly-facing", "fly-shield"));
        build.part(
                        "waistband-inner",
                        "inner waistband",
                        Block.rectangle(m.waistMm() + 40, m.waistbandMm()),
                        PartRole.FACING,
                        Layer.SHELL,
                        Map.of())
                .part(
                        "belt-loops",
                        Wording.fill("%d belt loops, one strip", loops()),
                        Block.rectangle(loops() * LOOP_LONG_MM, LOOP_WIDE_MM),
                        PartRole.FACING,
                        Layer.SHELL,
                        Map.of())
                .part("fly-facing", Block.rectangle(45, flyMm() + 20), PartRole.FACING)
                .part("fly-shield", Block.rectangle(90, flyMm() + 20), PartRole.FACING);
        for (String side : List.of("left", "right")) {
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
            if (pocketry.pockets() == JETTED) {
                build.part(
                        "back-welts-" + side,
                        side + " back pocket welts",
                        Block.rectangle(pocketry.backWide() + 30, 50),
                        PartRole.FACING,
                        Layer.SHELL,
                        Map.of());
            }
        }
        if (jeans) {
            inside.add("coin-pocket");
            build.part("coin-pocket", Block.rectangle(75, 85), PartRole.POCKET);
        }
    }

    private double flyMm() {
        return pocketry.scaled(FLY_MM);
    }

    private int loops() {
        return jeans ? 5 : 7;
    }

    /** Between side and centre, over the seat. */
    private static double middle(LegShape back, String leg) {
        double middle = back.seat().toSideMm() - back.seat().widthMm() / 2;
        return isSideRight(leg) ? middle : -middle;
    }

    // In the order it was sewn

    private void order() {
        StitchType felled = whole ? StitchType.CHAIN : StitchType.FELLED;
        pocketry.backPockets();
        pocketry.frontPockets();
        if (jeans) {
            if (yokeMm() > 0) {
                for (String side : List.of("left", "right")) {
                    build.sew("yoke-" + side, side + " yoke seam", felled)
                            .rows(2)
                            .with(Join.Trait.TOPSTITCHED)
                            .along("back-" + side, "yoke")
                            .along("yoke-" + side, "yoke");
                }
            }
            seat(felled, 2);
            front(felled, 2);
            flyJoin();
            // Felled through from hem to hem; the side is closed last, so that it can be fitted.
            inseams(felled, 2, Set.of());
            sides(StitchType.OVERLOCKED, whole ? 1 : 2, Set.of());
        } else if (whole) {
            // Pressed open: the edges were overcast before they were sewn, and that stays in.
            Set<Join.Trait> overcast = Set.of(Join.Trait.OVERCAST);
            front(StitchType.PLAIN, 1);
            flyJoin();
            sides(StitchType.PLAIN, 1, overcast);
            inseams(StitchType.PLAIN, 1, overcast);
            seat(StitchType.PLAIN, 2);
        } else {
            flyJoin();
            sides(StitchType.OVERLOCKED, 2, Set.of());
            inseams(StitchType.OVERLOCKED, 2, Set.of());
            front(StitchType.OVERLOCKED, 2);
            seat(StitchType.OVERLOCKED, 2);
        }
        waistband();
    }

    private void flyJoin() {
        build.sew("fly", "zip fly", StitchType.TOPSTITCHED)
                .rows(2)
                .longMm(flyMm())
                .allowance(0)
                .tacks(2)
                .with(Join.Trait.TOPSTITCHED)
                .along("front-" + pocketry.over(), "fly")
                .along("fly", "left")
                .then()
                .closure(new Closure("fly", Closure.Kind.ZIP, "front-" + pocketry.over(), "centre", List.of(), 0, 0));
        if (whole) {
            build.sew("fly-facing", "fly facing", StitchType.PLAIN)
                    .longMm(flyMm())
                    .allowance(m.allowanceMm())
                    .with(Join.Trait.FUSED)
                    .along("fly", "lower")
                    .along("fly-facing", "left")
                    .then()
                    .sew("fly-shield", "fly shield", StitchType.PLAIN)
                    .longMm(flyMm())
                    .allowance(m.allowanceMm())
                    .tacks(1)
                    .along("front-" + pocketry.under(), "fly")
                    .along("fly", "right")
                    .along("fly-shield", "left");
        }
    }

    private void sides(StitchType stitch, int rows, Set<Join.Trait> traits) {
        for (String side : List.of("left", "right")) {
            // Beside a yoke the seam goes on as the yoke's own.
            build.sew("side-" + side, side + " side seam", stitch)
                    .rows(rows)
                    .longMm(build.part("back-" + side).outline().edge("side").lengthMm())
                    .allowance(m.allowanceMm())
                    .with(traits)
                    .along("front-" + side, "side")
                    .along("back-" + side, "side");
        }
    }

    private void inseams(StitchType stitch, int rows, Set<Join.Trait> traits) {
        for (String side : List.of("left", "right")) {
            build.sew("inseam-" + side, side + " inseam", stitch)
                    .rows(rows)
                    .with(traits)
                    .along("front-" + side, "inseam")
                    .along("back-" + side, "inseam");
        }
    }

    private void front(StitchType stitch, int rows) {
        build.sew("centre-front", "centre front seam", stitch)
                .rows(rows)
                .along("front-left", "centre")
                .along("front-right", "centre");
    }

    private void seat(StitchType stitch, int rows) {
        build.sew("centre-back", "seat seam", stitch)
                .rows(rows)
                .along("back-left", "centre")
                .along("back-right", "centre");
        if (yokeMm() > 0) {
            build.sew("yoke-centre", "seat seam of the yoke", stitch)
                    .rows(rows)
                    .along("yoke-left", "centre")
                    .along("yoke-right", "centre");
        }
    }

    /** One join a leg, so that the band can stay on where it serves. */
    private void waistband() {
        for (String leg : LEGS) {
            String on = yokeMm() > 0 ? leg.replace("back-", "yoke-") : leg;
            Edge waist = build.part(on).outline().edge("waist");
            double folded = leg.startsWith("back") ? m.backDartMm() : 0;
            build.sew(
                            "waistband-" + leg,
                            "waistband to the " + leg.replace('-', ' '),
                            jeans && whole ? StitchType.CHAIN : StitchType.TOPSTITCHED)
                    .rows(2)
                    .longMm(waist.lengthMm() - folded)
                    .allowance(m.allowanceMm())
                    .tacks(1)
                    .with(Join.Trait.TOPSTITCHED)
                    .along(on, "waist")
                    .along("waistband", "lower");
        }
        if (yokeMm() > 0) {
            for (String side : List.of("left", "right")) {
                build.sew("yoke-side-" + side, side + " side seam of the yoke", StitchType.OVERLOCKED)
                        .along("yoke-" + side, "side")
                        .along("front-" + side, "side");
            }
        }
        if (whole) {
            build.sew("waistband-inner", "inner waistband along the top", StitchType.PLAIN)
                    .longMm(m.waistMm() + 40)
                    .allowance(m.allowanceMm())
                    .with(Join.Trait.FUSED)
                    .along("waistband", "upper")
                    .along("waistband-inner", "upper")
                    .then()
                    .sew("belt-loops", "belt loops", StitchType.TOPSTITCHED)
                    .rows(2)
                    .longMm(loops() * LOOP_WIDE_MM)
                    .allowance(0)
                    .tacks(2 * loops())
                    .along("waistband", "upper")
                    .along("belt-loops", "upper")
                    .then()
                    .closure(new Closure(
                            "waist-fastening",
                            jeans ? Closure.Kind.BUTTONS : Closure.Kind.HOOKS,
                            "waistband",
                            given.is("fly", RIGHT_OVER) ? "left" : "right",
                            List.of(m.waistbandMm() / 2),
                            20,
                            jeans ? 17 : 12));
        }
    }

    private void hems() {
        StitchType stitch = !whole ? StitchType.PLAIN : jeans ? StitchType.TOPSTITCHED : StitchType.HAND;
        for (String side : List.of("left", "right")) {
            build.hem(
                    "hem-" + side,
                    side + " hem",
                    stitch,
                    m.hemDepthMm(),
                    run("front-" + side, "hem"),
                    run("back-" + side, "hem"));
        }
    }
}
