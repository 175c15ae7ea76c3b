package org.handdown.pattern.draft;

import java.util.ArrayList;
import java.util.List;
import org.handdown.body.BodyMeasure;
import org.handdown.body.Movement;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.measure.Wording;
import org.handdown.pattern.Allowance;
import org.handdown.pattern.CutGrain;
import org.handdown.pattern.Design;
import org.handdown.pattern.DesignSeam;
import org.handdown.pattern.Mark;
import org.handdown.pattern.Piece;
import org.handdown.pattern.Size;
import org.handdown.pattern.Supply;

/**
 * Dungarees for woven cloth: straight legs, bib and back bib joined at the waist, crossed straps, patches over the knees. They go on over
 * the hips without an opening, so the finished waist must pass the hip girth. Legs by {@link LegBlock}; crotch 10 mm below the body's
 * (common practice, no source).
 */
final class DungareesDraft {
    static final Draft DRAFT = new Draft(
                    "dungarees",
                    "dungarees",
                    Draft.Family.LEGS,
                    "Straight legs with bib, back bib and crossed straps; on over the hips without an opening.",
                    List.of(
                            BodyMeasure.HEIGHT,
                            BodyMeasure.CHEST,
                            BodyMeasure.WAIST,
                            BodyMeasure.HIP,
                            BodyMeasure.WAIST_TO_FLOOR,
                            BodyMeasure.INSIDE_LEG,
                            BodyMeasure.BACK_WAIST,
                            BodyMeasure.HEEL_GIRTH),
                    List.of(
                            Dimension.length("hipEase", "Room over the hips", 80, 20, 400)
                                    .hint("finished girth less the body’s"),
                            Dimension.length("aboveFloor", "Hem above the floor", 25, -30, 400),
                            Dimension.length("seam", "Seam allowance", 10, 5, 25),
                            Dimension.length("hem", "Hem allowance", 30, 0, 60).hint("none where an old hem is kept")),
                    "woven, firm enough for trousers",
                    List.of("front-leg", "back-leg"),
                    Wording.of(
                            "Finished hip = hip + room. Front width G/4 − 5, back G/4 + 5 mm; crotch reach G/20 and G/10, square to the inside leg; centre back 0.04 hip higher; leg opening the larger of heel + 40 mm and 0.42 G; bib 0.36 × chest below, 0.27 above, 0.65 × back length high; patch 0.55 of the knee wide, 112 mm at least (common practice, no source)."),
                    f -> new DungareesDraft(f).design())
            .withCorner(
                    "bib to front waist",
                    "the bib stands on the waist as on a corner: a curve that ran into the waist would end in a tail narrower than its own allowance. Tape the corner, clip to the stitch and bar-tack it")
            .withCorner("back bib to back waist", "as in front");

    private static final double CROTCH_DROP_MM = 10;
    private static final double STRAP_MM = 30;
    private static final double FACING_MM = 45;
    private static final double BIB_SHARE = 0.65;
    private static final double BACK_BIB_SHARE = 0.55;
    private static final double PATCH_SHARE = 0.55;
    /** A knee is worn over as much on a small leg: a patch must still cover it. */
    private static final double LEAST_PATCH_MM = 112;

    private static final double MOST_PATCH_SHARE = 0.75;
    private static final double PATCH_HIGH_SHARE = 1.25;

    private static final String CORNERS =
            "Between bib and side waist: tape on the stitch line, the facing clipped to it, a bar tack over the corner; it bears the pull.";

    private final Figures f;
    private final double girth;
    private final double seam;
    private final LegBlock front;
    private final LegBlock back;

    private DungareesDraft(Figures f) {
        this.f = f;
        this.girth = f.body(BodyMeasure.HIP) + f.of("hipEase");
        this.seam = f.of("seam");
        LegBlock.Pair legs = LegBlock.of(
                new LegBlock.Wish(f.body(BodyMeasure.HIP), girth, inseamHeight(), sideHeight(), hemGirth()));
        this.front = legs.front();
        this.back = legs.back();
    }

    private double inseamHeight() {
        return f.body(BodyMeasure.INSIDE_LEG) - f.of("aboveFloor") - CROTCH_DROP_MM;
    }

    private double sideHeight() {
        return f.body(BodyMeasure.WAIST_TO_FLOOR) - f.of("aboveFloor");
    }

    private double hemGirth() {
        return Math.max(f.body(BodyMeasure.HEEL_GIRTH) + 40, 0.42 * girth);
    }

    private double bibBottom() {
        return Math.rint(0.36 * f.body(BodyMeasure.CHEST));
    }

    private double bibTop() {
        return Math.rint(0.27 * f.body(BodyMeasure.CHEST));
    }

    private double bibHeight() {
        return Math.rint(BIB_SHARE * f.body(BodyMeasure.BACK_WAIST));
    }

    private double backBibHeight() {
        return Math.rint(BACK_BIB_SHARE * f.body(BodyMeasure.BACK_WAIST));
    }

    private Design design() {
        List<Piece> pieces = new ArrayList<>();
        pieces.add(leg(front, "front leg", true));
        pieces.add(leg(back, "back leg", false));
        pieces.add(bib("bib", "bib", bibBottom(), bibTop(), bibHeight()));
        pieces.add(bib("back-bib", "back bib", bibBottom(), 0.7 * bibTop(), backBibHeight()));
        pieces.add(Paper.rectangle("strap", "strap", 2 * STRAP_MM, strapLength())
                .seams(seam)
                .copies(2)
                .mark(Mark.Kind.FOLD, "folded lengthwise", new Point(0, 0), new Point(0, strapLength()))
                .piece());
        pieces.add(Paper.rectangle("knee-patch", "knee patch", patchWide(), patchHigh())
                .seams(seam)
                .copies(2)
                .piece());
        pieces.add(facing("bib-facing", "bib facing", bibTop(), bibHeight()));
        pieces.add(facing("back-bib-facing", "back bib facing", 0.7 * bibTop(), backBibHeight()));
        pieces.add(Paper.rectangle("side-facing", "side waist facing", FACING_MM, sideWaist(front) + sideWaist(back))
                .seams(seam)
                .copies(2)
                .grain(CutGrain.EITHER)
                .piece());
        pieces.add(Paper.rectangle("bib-pocket", "bib pocket", 0.62 * bibTop(), 0.58 * bibTop() + 15)
                .allow("upper", new Allowance(25, "turned twice for the pocket's mouth"))
                .seams(seam)
                .optional()
                .piece());
        return new Design(
                        "dungarees",
                        pieces,
                        seams(),
                        sizes(),
                        List.of(Movement.sitting(f.body(BodyMeasure.HIP), back.centreLift() + CROTCH_DROP_MM), CORNERS),
                        List.of())
                .taking(Supply.buttons("straps on the bib", 2, 0))
                .laying("strap", "back-bib")
                .laying("knee-patch", "front-leg")
                .laying("bib-pocket", "bib");
    }

    private double strapLength() {
        // Up one side and down the other of the trunk, less both bibs, plus the crossing at the back and 40 to button
        // at the front.
        double loop = 2 * f.body(BodyMeasure.BACK_WAIST) + 90;
        return Math.max(100, Math.rint(loop - bibHeight() - backBibHeight() + 50 + 40));
    }

    /** Waist of one leg that the bib does not take: it is faced. */
    private double sideWaist(LegBlock leg) {
        return leg.waistMm() - bibBottom() / 2;
    }

    private Piece leg(LegBlock leg, String name, boolean patched) {
        List<Edge> waist = leg.waist("").cutAt(sideWaist(leg), "waist-side", "waist-bib");
        Point split = waist.get(1).start();
        Paper paper = new Paper(leg.id(), name, -leg.hem() / 2, 0);
        leg.outline(waist).edges().forEach(paper::edge);
        if (patched) {
            paper.cover(patchArea());
        }
        return paper.hem("hem", f.of("hem"))
                .seams(seam)
                .pairs(1)
                .notch("knee", leg.kneeWidth() / 2, leg.kneeY())
                .notch("knee", -leg.kneeWidth() / 2, leg.kneeY())
                .notch("bib ends", split.x(), split.y())
                .level("seat", leg.seatY())
                .piece();
    }

    /** Where the patch lies on the front leg, 8 mm in from its edge: what is there will not be seen. */
    private Ring patchArea() {
        double in = 8;
        return Ring.rectangle(
                -patchWide() / 2 + in,
                front.kneeY() - patchHigh() / 2 + in,
                patchWide() - 2 * in,
                patchHigh() - 2 * in);
    }

    private double patchWide() {
        return Math.rint(Math.min(
                MOST_PATCH_SHARE * front.kneeWidth(), Math.max(LEAST_PATCH_MM, PATCH_SHARE * front.kneeWidth())));
    }

    private double patchHigh() {
        return Math.rint(PATCH_HIGH_SHARE * patchWide());
    }

    private Piece bib(String id, String name, double bottom, double top, double height) {
        return Paper.trapezium(id, name, bottom, top, height)
                .allow("right", new Allowance(15, "turned twice and topstitched"))
                .allow("left", new Allowance(15, "turned twice and topstitched"))
                .seams(seam)
                .notch("centre", 0, 0)
                .notch("centre", 0, height)
                .piece();
    }

    /** A strip as deep as the facing, shaped like the bib's top. */
    private Piece facing(String id, String name, double top, double height) {
        double wide = top + (bibBottom() - top) * FACING_MM / height;
        return Paper.trapezium(id, name, wide, top, FACING_MM)
                .allow("lower", new Allowance(5, "overcast, left flat"))
                .seams(seam)
                .grain(CutGrain.EITHER)
                .notch("centre", 0, FACING_MM)
                .piece();
    }

    // Seams and sizes

    private static List<DesignSeam> seams() {
        return List.of(
                Join.equal("inseam", "front-leg", "inseam", "back-leg", "inseam"),
                Join.equal("side seam", "front-leg", "side", "back-leg", "side"),
                Join.centre("front centre seam", "front-leg", "centre"),
                Join.centre("back centre seam", "back-leg", "centre"),
                Join.equal("bib to front waist", List.of(Join.side("bib", "lower")), "front-leg", "waist-bib", 2),
                Join.equal(
                        "back bib to back waist", List.of(Join.side("back-bib", "lower")), "back-leg", "waist-bib", 2),
                Join.behind("bib facing to bib top", "bib", "upper", "bib-facing", "upper"),
                Join.behind("back bib facing to back bib top", "back-bib", "upper", "back-bib-facing", "upper"),
                Join.equal(
                                "side waist to its facing",
                                List.of(Join.side("front-leg", "waist-side"), Join.side("back-leg", "waist-side")),
                                "side-facing",
                                "right",
                                1)
                        .with(DesignSeam.Copies.BEHIND),
                Join.itself("straps, lengthwise", "strap", "right", "left"));
    }

    private List<Size> sizes() {
        double hip = f.body(BodyMeasure.HIP);
        return List.of(
                Size.girth("hip", hip, f.of("hipEase"), 0, term("front-leg", "seat", 2), term("back-leg", "seat", 2)),
                Size.opening(
                        "waist, which must pass the hips",
                        hip,
                        0,
                        term("front-leg", "waist-side", 2),
                        term("front-leg", "waist-bib", 2),
                        term("back-leg", "waist-side", 2),
                        term("back-leg", "waist-bib", 2)),
                Size.opening(
                        "leg opening, which must pass the heel",
                        f.body(BodyMeasure.HEEL_GIRTH),
                        0,
                        term("front-leg", "hem", 1),
                        term("back-leg", "hem", 1)),
                Size.length("inside leg", f.body(BodyMeasure.INSIDE_LEG), term("front-leg", "inseam", 1)),
                Size.length("side, waist to hem", f.body(BodyMeasure.WAIST_TO_FLOOR), term("front-leg", "side", 1)));
    }

    private static Size.Term term(String piece, String where, int times) {
        return new Size.Term(piece, where, times);
    }
}
