package org.handdown.source;

import java.util.ArrayList;
import java.util.List;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
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

    private final TrouserMeasures m;

    private TrousersAnatomy(TrouserMeasures measures) {
        this.m = measures;
    }

    public static Anatomy of(TrouserMeasures measures) {
        TrousersAnatomy trousers = new TrousersAnatomy(measures);
        return new Anatomy(trousers.parts(), trousers.joins());
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

    private List<Part> parts() {
        List<Part> parts = new ArrayList<>();
        for (String leg : LEGS) {
            Outline outline = leg(m, leg.startsWith("front")).outline();
            parts.add(new Part(
                    leg, leg.replace('-', ' ') + " leg", isSideRight(leg) ? outline : outline.mirrored(), true));
        }
        parts.add(new Part("waistband", "waistband", rectangle(m.waistMm() + 40, m.waistbandMm()), false));
        for (String side : List.of("left", "right")) {
            parts.add(new Part(
                    "back-pocket-" + side,
                    side + " back pocket",
                    rectangle(BACK_POCKET_WIDE_MM, BACK_POCKET_HIGH_MM),
                    false));
            parts.add(new Part("pocket-bag-" + side, side + " front pocket bag", rectangle(160, 280), false));
        }
        parts.add(new Part("fly", "zip fly", rectangle(40, FLY_MM), false));
        return parts;
    }

    private static Outline rectangle(double wide, double high) {
        Point a = new Point(-wide / 2, 0);
        Point b = new Point(wide / 2, 0);
        Point c = new Point(wide / 2, high);
        Point d = new Point(-wide / 2, high);
        return new Outline(List.of(
                Edge.line("lower", a, b), Edge.line("right", b, c), Edge.line("upper", c, d), Edge.line("left", d, a)));
    }

    private List<Join> joins() {
        LegShape front = leg(m, true);
        LegShape back = leg(m, false);
        List<Join> joins = new ArrayList<>();
        for (String side : List.of("left", "right")) {
            joins.add(between(
                    "inseam-" + side,
                    side + " inseam",
                    "front-" + side,
                    "back-" + side,
                    "inseam",
                    StitchType.OVERLOCKED,
                    2,
                    front));
            joins.add(between(
                    "side-" + side,
                    side + " side seam",
                    "front-" + side,
                    "back-" + side,
                    "side",
                    StitchType.OVERLOCKED,
                    2,
                    front));
            joins.add(hem("front-" + side, side));
            joins.add(new Join(
                    "back-pocket-" + side,
                    side + " back pocket",
                    List.of(new Join.Run("back-" + side, "pocket"), new Join.Run("back-pocket-" + side, "lower")),
                    StitchType.TOPSTITCHED,
                    2,
                    BACK_POCKET_WIDE_MM + 2 * BACK_POCKET_HIGH_MM,
                    0,
                    2,
                    false));
            joins.add(new Join(
                    "front-pocket-" + side,
                    side + " front pocket",
                    List.of(new Join.Run("front-" + side, "pocket"), new Join.Run("pocket-bag-" + side, "upper")),
                    StitchType.TOPSTITCHED,
                    2,
                    FRONT_POCKET_MOUTH_MM,
                    m.allowanceMm(),
                    2,
                    false));
        }
        joins.add(between(
                "centre-front",
                "centre front seam",
                "front-left",
                "front-right",
                "centre",
                StitchType.OVERLOCKED,
                2,
                front));
        joins.add(between(
                "centre-back", "seat seam", "back-left", "back-right", "centre", StitchType.OVERLOCKED, 2, back));
        joins.add(new Join(
                "fly",
                "zip fly",
                List.of(new Join.Run("front-left", "fly"), new Join.Run("fly", "left")),
                StitchType.TOPSTITCHED,
                2,
                FLY_MM,
                0,
                2,
                false));
        joins.add(new Join(
                "waistband",
                "waistband seam",
                List.of(
                        new Join.Run("front-left", "waist"),
                        new Join.Run("front-right", "waist"),
                        new Join.Run("back-left", "waist"),
                        new Join.Run("back-right", "waist"),
                        new Join.Run("waistband", "lower")),
                StitchType.TOPSTITCHED,
                2,
                m.waistMm(),
                m.allowanceMm(),
                5,
                false));
        return joins;
    }

    private Join between(
            String id, String name, String a, String b, String edge, StitchType stitch, int rows, LegShape shape) {
        double length = shape.outline().edge(edge).lengthMm();
        return new Join(
                id,
                name,
                List.of(new Join.Run(a, edge), new Join.Run(b, edge)),
                stitch,
                rows,
                length,
                m.allowanceMm(),
                0,
                false);
    }

    private Join hem(String front, String side) {
        return new Join(
                "hem-" + side,
                side + " hem",
                List.of(new Join.Run(front, "hem"), new Join.Run("back-" + side, "hem")),
                StitchType.PLAIN,
                1,
                m.hemMm(),
                m.hemDepthMm(),
                0,
                true);
    }
}
