package org.handdown.pattern;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.handdown.body.BodyMeasure;
import org.handdown.body.Wearer;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.geometry.Segment;

/**
 * Dungarees for woven cloth: straight legs, bib and back bib joined at the waist, crossed straps, patches over the knees. They go on over
 * the hips without an opening, so the finished waist must pass the hip girth.
 *
 * <p>Formulas (common practice, no source; lengths in mm, girths G): front width (G_hip + ease)/4 − 5, back +5; crotch reach front
 * (G_hip + ease)/20, back (G_hip + ease)/10; knee at 0.55 of the inseam; crotch 10 below the body's; centre back 20 higher. The back
 * inseam is drawn to the front's length by lowering the back crotch point, the back side seam by lifting its waist.
 */
public final class DungareesDraft {
    private static final double CROTCH_DROP_MM = 10;
    private static final double KNEE_SHARE = 0.55;
    private static final double CENTRE_BACK_LIFT_MM = 20;
    private static final double STRAP_MM = 30;
    private static final double FACING_MM = 45;
    private static final double PATCH_WIDE_MM = 112;
    private static final double PATCH_HIGH_MM = 140;

    private final Wearer body;
    private final DungareesEase ease;
    private final double girth;

    private DungareesDraft(Wearer body, DungareesEase ease) {
        this.body = body;
        this.ease = ease;
        this.girth = body.mm(BodyMeasure.HIP) + ease.hipEaseMm();
    }

    public static Design of(Wearer body, DungareesEase ease) {
        return new DungareesDraft(body, ease).design();
    }

    /** Widths and heights of one leg, before it is drawn. */
    private record Leg(
            String id, double width, double reach, double hem, double crotchY, double waistY, double centreLift) {
        double thigh() {
            return width + reach;
        }

        double sideX() {
            return thigh() / 2;
        }

        double centreX() {
            return sideX() - width;
        }

        Leg withCrotchY(double y) {
            return new Leg(id, width, reach, hem, y, waistY, centreLift);
        }

        Leg withWaistY(double y) {
            return new Leg(id, width, reach, hem, crotchY, y, centreLift);
        }
    }

    private double inseamHeight() {
        return body.mm(BodyMeasure.INSIDE_LEG) - ease.aboveFloorMm() - CROTCH_DROP_MM;
    }

    private double sideHeight() {
        return body.mm(BodyMeasure.WAIST_TO_FLOOR) - ease.aboveFloorMm();
    }

    private double kneeY() {
        return KNEE_SHARE * inseamHeight();
    }

    private double hemGirth() {
        return Math.max(body.mm(BodyMeasure.HEEL_GIRTH) + 40, 0.42 * girth);
    }

    private double bibBottom() {
        return Math.rint(0.36 * body.mm(BodyMeasure.CHEST));
    }

    private double bibTop() {
        return Math.rint(0.27 * body.mm(BodyMeasure.CHEST));
    }

    private double bibHeight() {
        return Math.rint(0.75 * body.mm(BodyMeasure.BACK_WAIST));
    }

    private double backBibHeight() {
        return Math.rint(0.55 * body.mm(BodyMeasure.BACK_WAIST));
    }

    private Design design() {
        Leg front =
                new Leg("front-leg", girth / 4 - 5, girth / 20, hemGirth() / 2 - 5, inseamHeight(), sideHeight(), 0);
        Leg back = balanced(
                new Leg(
                        "back-leg",
                        girth / 4 + 5,
                        girth / 10,
                        hemGirth() / 2 + 5,
                        inseamHeight(),
                        sideHeight(),
                        CENTRE_BACK_LIFT_MM),
                front);
        List<Piece> pieces = new ArrayList<>();
        pieces.add(leg(front, "front leg", List.of(patchArea())));
        pieces.add(leg(back, "back leg", List.of()));
        pieces.add(bib("bib", "bib", bibBottom(), bibTop(), bibHeight()));
        pieces.add(bib("back-bib", "back bib", bibBottom(), 0.7 * bibTop(), backBibHeight()));
        pieces.add(strip("strap", "strap", 2 * STRAP_MM, strapLength(), 2, true, CutGrain.LENGTHWISE));
        pieces.add(patch("knee-patch", "knee patch", PATCH_WIDE_MM, PATCH_HIGH_MM, 2, true));
        pieces.add(facing("bib-facing", "bib facing", bibBottom(), bibTop(), bibHeight()));
        pieces.add(facing("back-bib-facing", "back bib facing", bibBottom(), 0.7 * bibTop(), backBibHeight()));
        pieces.add(strip(
                "side-facing",
                "side waist facing",
                FACING_MM,
                sideWaist(front) + sideWaist(back),
                2,
                true,
                CutGrain.EITHER));
        pieces.add(patch("bib-pocket", "bib pocket", 0.62 * bibTop(), 0.58 * bibTop() + 15, 1, false));
        return new Design("dungarees", pieces, seams(), sizes(front, back));
    }

    private double strapLength() {
        // Up one side and down the other of the trunk, less both bibs, plus the crossing at the back and 40 to button
        // at the front.
        double loop = 2 * body.mm(BodyMeasure.BACK_WAIST) + 90;
        return Math.rint(loop - bibHeight() - backBibHeight() + 50 + 40);
    }

    /** Waist of one leg that the bib does not take: it is faced. */
    private double sideWaist(Leg leg) {
        return waistLength(leg) - bibBottom() / 2;
    }

    private static double waistLength(Leg leg) {
        return new Point(leg.sideX(), leg.waistY).distanceMm(centreTop(leg));
    }

    private static Point centreTop(Leg leg) {
        double slant = leg.centreLift > 0 ? 12 : 0;
        return new Point(leg.centreX() + slant, leg.waistY + leg.centreLift);
    }

    // Legs

    /** The back leg with inseam and side seam as long as the front's. */
    private Leg balanced(Leg back, Leg front) {
        double inseam = inseam(front).lengthMm();
        double side = side(front).lengthMm();
        Leg lowered = back.withCrotchY(solve(
                back.crotchY - 60,
                back.crotchY + 10,
                y -> inseam(back.withCrotchY(y)).lengthMm() - inseam));
        return lowered.withWaistY(solve(
                back.waistY - 60,
                back.waistY + 60,
                y -> side(lowered.withWaistY(y)).lengthMm() - side));
    }

    /** Root of a growing function by bisection, to 0.001 mm. */
    private static double solve(double low, double high, java.util.function.DoubleUnaryOperator growing) {
        double a = low;
        double b = high;
        while (b - a > 0.001) {
            double middle = (a + b) / 2;
            if (growing.applyAsDouble(middle) < 0) {
                a = middle;
            } else {
                b = middle;
            }
        }
        return (a + b) / 2;
    }

    private double kneeWidth(Leg leg) {
        return leg.hem + 12;
    }

    private Edge side(Leg leg) {
        return Edge.smooth(
                "side",
                List.of(
                        new Point(leg.hem / 2, 0),
                        new Point(kneeWidth(leg) / 2, kneeY()),
                        new Point(leg.sideX(), inseamHeight() + 40),
                        new Point(leg.sideX(), leg.waistY)));
    }

    private Edge inseam(Leg leg) {
        return Edge.smooth(
                "inseam",
                List.of(
                        new Point(-leg.thigh() / 2, leg.crotchY),
                        new Point(-kneeWidth(leg) / 2, kneeY()),
                        new Point(-leg.hem / 2, 0)));
    }

    private Outline legLine(Leg leg) {
        Point top = centreTop(leg);
        Point waistSide = new Point(leg.sideX(), leg.waistY);
        Point split = top.toward(waistSide, bibBottom() / 2 / waistLength(leg));
        Point bend = new Point(leg.centreX(), leg.crotchY + 1.25 * leg.reach + 15);
        Point crotch = new Point(-leg.thigh() / 2, leg.crotchY);
        double drop = bend.y() - crotch.y();
        Point down = bend.minus(top).times(1 / bend.distanceMm(top));
        Edge centre = new Edge(
                "centre",
                List.of(
                        new Segment.Line(top, bend),
                        new Segment.Cubic(
                                bend,
                                bend.plus(down.times(0.62 * drop)),
                                crotch.plus(new Point(0.58 * leg.reach, 0.02 * drop)),
                                crotch)));
        return new Outline(List.of(
                Edge.line("hem", new Point(-leg.hem / 2, 0), new Point(leg.hem / 2, 0)),
                side(leg),
                Edge.line("waist-side", waistSide, split),
                Edge.line("waist-bib", split, top),
                centre,
                inseam(leg)));
    }

    private Piece leg(Leg leg, String name, List<Ring> covered) {
        Outline line = legLine(leg);
        Map<String, Allowance> allowances = seamAllowances(line);
        allowances.put("hem", new Allowance(ease.hemMm(), "turned up twice; none where the old hem is kept"));
        Point knee = new Point(kneeWidth(leg) / 2, kneeY());
        List<Piece.Notch> notches = List.of(
                new Piece.Notch("knee", knee),
                new Piece.Notch("knee", new Point(-knee.x(), knee.y())),
                new Piece.Notch("bib ends", line.edge("waist-bib").start()));
        return new Piece(
                leg.id,
                name,
                line,
                allowances,
                2,
                true,
                CutGrain.LENGTHWISE,
                true,
                Map.of("hem", EdgeWish.of(Role.HEM)),
                covered,
                notches);
    }

    private Map<String, Allowance> seamAllowances(Outline line) {
        Map<String, Allowance> allowances = new HashMap<>();
        line.edges().forEach(e -> allowances.put(e.name(), new Allowance(ease.seamMm(), "sewn seam")));
        return allowances;
    }

    /** Where the patch lies on the front leg, 8 mm in from its edge: what is there will not be seen. */
    private Ring patchArea() {
        double in = 8;
        return Ring.rectangle(
                -PATCH_WIDE_MM / 2 + in,
                kneeY() - PATCH_HIGH_MM / 2 + in,
                PATCH_WIDE_MM - 2 * in,
                PATCH_HIGH_MM - 2 * in);
    }

    // Small pieces

    private Piece bib(String id, String name, double bottom, double top, double height) {
        Outline line = trapezium(bottom, top, height);
        Map<String, Allowance> allowances = seamAllowances(line);
        allowances.put("right", new Allowance(15, "turned twice and topstitched"));
        allowances.put("left", new Allowance(15, "turned twice and topstitched"));
        List<Piece.Notch> notches =
                List.of(new Piece.Notch("centre", new Point(0, 0)), new Piece.Notch("centre", new Point(0, height)));
        return new Piece(id, name, line, allowances, 1, false, CutGrain.LENGTHWISE, true, Map.of(), List.of(), notches);
    }

    /** A strip as deep as the facing, shaped like the bib's top. */
    private Piece facing(String id, String name, double bottom, double top, double height) {
        double wide = top + (bottom - top) * FACING_MM / height;
        Outline line = trapezium(wide, top, FACING_MM);
        Map<String, Allowance> allowances = seamAllowances(line);
        allowances.put("lower", new Allowance(5, "overcast, left flat"));
        return new Piece(
                id,
                name,
                line,
                allowances,
                1,
                false,
                CutGrain.EITHER,
                true,
                Map.of(),
                List.of(),
                List.of(new Piece.Notch("centre", new Point(0, FACING_MM))));
    }

    private static Outline trapezium(double bottom, double top, double height) {
        Point a = new Point(-bottom / 2, 0);
        Point b = new Point(bottom / 2, 0);
        Point c = new Point(top / 2, height);
        Point d = new Point(-top / 2, height);
        return new Outline(List.of(
                Edge.line("lower", a, b), Edge.line("right", b, c), Edge.line("upper", c, d), Edge.line("left", d, a)));
    }

    private Piece strip(
            String id, String name, double wide, double high, int quantity, boolean required, CutGrain grain) {
        Outline line = trapezium(wide, wide, high);
        return new Piece(
                id, name, line, seamAllowances(line), quantity, false, grain, required, Map.of(), List.of(), List.of());
    }

    private Piece patch(String id, String name, double wide, double high, int quantity, boolean required) {
        Outline line = trapezium(wide, wide, high);
        Map<String, Allowance> allowances = seamAllowances(line);
        if (!required) {
            allowances.put("upper", new Allowance(25, "turned twice for the pocket's mouth"));
        }
        return new Piece(
                id,
                name,
                line,
                allowances,
                quantity,
                false,
                CutGrain.LENGTHWISE,
                required,
                Map.of(),
                List.of(),
                List.of());
    }

    // Seams and sizes

    private static List<DesignSeam> seams() {
        return List.of(
                seam("inseam", side("front-leg", "inseam"), side("back-leg", "inseam")),
                seam("side seam", side("front-leg", "side"), side("back-leg", "side")),
                seam("bib to front waist", side("bib", "lower"), new DesignSeam.Side("front-leg", "waist-bib", 2)),
                seam(
                        "back bib to back waist",
                        side("back-bib", "lower"),
                        new DesignSeam.Side("back-leg", "waist-bib", 2)),
                seam("bib facing to bib top", side("bib", "upper"), side("bib-facing", "upper")),
                seam("back bib facing to back bib top", side("back-bib", "upper"), side("back-bib-facing", "upper")),
                new DesignSeam(
                        "side waist to its facing",
                        List.of(side("front-leg", "waist-side"), side("back-leg", "waist-side")),
                        List.of(side("side-facing", "right")),
                        0,
                        0));
    }

    private static DesignSeam seam(String name, DesignSeam.Side one, DesignSeam.Side other) {
        return new DesignSeam(name, List.of(one), List.of(other), 0, 0);
    }

    private static DesignSeam.Side side(String piece, String edge) {
        return new DesignSeam.Side(piece, edge, 1);
    }

    private List<Design.FinishedSize> sizes(Leg front, Leg back) {
        double hip = body.mm(BodyMeasure.HIP);
        double hips = 2 * (front.width + back.width);
        double waist = 2 * (waistLength(front) + waistLength(back));
        double hem = front.hem + back.hem;
        double heel = body.mm(BodyMeasure.HEEL_GIRTH);
        return List.of(
                new Design.FinishedSize(
                        "hip",
                        hips,
                        hip,
                        "2 × (front %.0f + back %.0f)".formatted(front.width, back.width),
                        hips >= hip + 20),
                new Design.FinishedSize(
                        "waist, which must pass the hips",
                        waist,
                        hip,
                        "2 × (front %.0f + back %.0f)".formatted(waistLength(front), waistLength(back)),
                        waist >= hip),
                new Design.FinishedSize(
                        "leg opening, which must pass the heel",
                        hem,
                        heel,
                        "front %.0f + back %.0f".formatted(front.hem, back.hem),
                        hem >= heel),
                new Design.FinishedSize(
                        "inside leg",
                        inseam(front).lengthMm(),
                        body.mm(BodyMeasure.INSIDE_LEG),
                        "inside leg − %.0f above the floor − %.0f crotch room"
                                .formatted(ease.aboveFloorMm(), CROTCH_DROP_MM),
                        true));
    }
}
