package org.handdown.pattern.draft;

import java.util.ArrayList;
import java.util.List;
import org.handdown.body.BodyMeasure;
import org.handdown.body.Movement;
import org.handdown.measure.Wording;
import org.handdown.pattern.Allowance;
import org.handdown.pattern.Design;
import org.handdown.pattern.Mark;
import org.handdown.pattern.Piece;
import org.handdown.pattern.Size;
import org.handdown.pattern.Supply;

/**
 * Trousers, shorts and pyjamas with an elastic waist, pulled on over the hips. Legs by {@link LegBlock}. The casing is the waist edge
 * turned down: elastic width + 3 mm, and a seam to turn under; elastic 0.9 × waist + 20 mm to overlap (handbook of the trade §4; common
 * practice, no source). Worked check: waist 560 mm takes 524 mm of elastic.
 */
final class ElasticTrousersDraft {
    static final Draft TROUSERS = draft(
            "elastic-trousers",
            "elastic-waist trousers",
            "Straight trousers pulled on over the hips, elastic in a turned casing.",
            80,
            false);
    static final Draft PYJAMAS =
            draft("pyjamas", "pyjama trousers", "Roomy trousers to sleep in, elastic in a turned casing.", 160, false);
    static final Draft SHORTS = draft(
            "shorts", "elastic-waist shorts", "Shorts pulled on over the hips, elastic in a turned casing.", 90, true);

    private static final double CROTCH_DROP_MM = 10;
    private static final double CASING_ROOM_MM = 3;
    private static final double NIGHT_CLOTHES_CHILD_MM = 1640;
    /** A threading gap in the casing (handbook of the trade §4; common practice, no source). */
    private static final double GAP_MM = 50;

    private ElasticTrousersDraft() {}

    private static Draft draft(String id, String words, String about, double ease, boolean isShort) {
        List<BodyMeasure> measures = new ArrayList<>(List.of(
                BodyMeasure.HEIGHT,
                BodyMeasure.TROUSER_WAIST,
                BodyMeasure.HIP,
                BodyMeasure.WAIST_TO_FLOOR,
                BodyMeasure.INSIDE_LEG));
        measures.add(isShort ? BodyMeasure.THIGH : BodyMeasure.HEEL_GIRTH);
        List<Dimension> dimensions = new ArrayList<>();
        dimensions.add(Dimension.length("hipEase", "Room over the hips", ease, 20, 400)
                .hint("finished girth less the body’s"));
        dimensions.add(
                isShort
                        ? Dimension.length(
                                "inseam", "Inside leg of the shorts", w -> 0.3 * w.mm(BodyMeasure.INSIDE_LEG), 30, 400)
                        : Dimension.length("aboveFloor", "Hem above the floor", 25, -30, 500));
        dimensions.add(Dimension.length(
                        "below", "Worn below the natural waist by", w -> 0.02 * w.mm(BodyMeasure.HEIGHT), 0, 120)
                .hint("where trousers are worn, not the natural waist"));
        dimensions.add(Dimension.length("elastic", "Width of the elastic", 25, 5, 60));
        dimensions.add(Dimension.length("seam", "Seam allowance", 10, 5, 25));
        dimensions.add(Dimension.length("hem", "Hem allowance", 30, 0, 60).hint("none where an old hem is kept"));
        return new Draft(
                id,
                words,
                Draft.Family.LEGS,
                about,
                measures,
                dimensions,
                "woven or stable knit",
                List.of("front-leg", "back-leg"),
                Wording.of(
                        "Finished hip = hip + room. Front width G/4 − 5, back G/4 + 5 mm; crotch reach G/20 and G/10, square to the inside leg; centre back 0.04 hip higher. Casing: elastic + 3 mm. Elastic = its usual share of the trouser waist + 20 mm (common practice, no source)."),
                f -> draw(f, id, words, isShort));
    }

    private static Design draw(Figures f, String id, String words, boolean isShort) {
        double girth = f.body(BodyMeasure.HIP) + f.of("hipEase");
        double leg = f.body(BodyMeasure.INSIDE_LEG);
        double rise = f.body(BodyMeasure.WAIST_TO_FLOOR) - f.of("below") - leg + CROTCH_DROP_MM;
        double inseam = isShort ? f.of("inseam") : leg - f.of("aboveFloor") - CROTCH_DROP_MM;
        double thigh = girth / 2 + 3 * girth / 20;
        double hem = isShort
                ? Math.max(f.body(BodyMeasure.THIGH) + 60, 0.86 * thigh)
                : Math.max(f.body(BodyMeasure.HEEL_GIRTH) + 40, 0.42 * girth);
        LegBlock.Wish wish = new LegBlock.Wish(f.body(BodyMeasure.HIP), girth, inseam, inseam + rise, hem);
        LegBlock.Pair legs = isShort ? LegBlock.shortened(wish) : LegBlock.of(wish);
        List<Piece> pieces = List.of(leg(f, legs.front(), "front leg"), leg(f, legs.back(), "back leg"));
        double waist = f.body(BodyMeasure.TROUSER_WAIST);
        List<String> notes = List.of(
                Wording.fill(
                        "Elastic: %s; leave a gap of %.0f mm in the casing to thread it.",
                        f.practice().elastic(waist), GAP_MM),
                Movement.sitting(f.body(BodyMeasure.HIP), legs.back().centreLift() + CROTCH_DROP_MM),
                "Close both centre seams in one, from waist to waist, and sew them twice.");
        List<String> cautions = new ArrayList<>();
        if (id.equals("pyjamas") && isChild(f)) {
            cautions.add(
                    "Night clothes for children: flammability rules may apply, and salvaged cloth has no proof. Close-fitting knit is the usual way out; look up your local rules.");
        }
        return new Design(
                        words,
                        pieces,
                        List.of(
                                Join.equal("inseam", "front-leg", "inseam", "back-leg", "inseam"),
                                Join.equal("side seam", "front-leg", "side", "back-leg", "side"),
                                Join.centre("front centre seam", "front-leg", "centre"),
                                Join.centre("back centre seam", "back-leg", "centre")),
                        sizes(f, isShort),
                        notes,
                        cautions)
                .taking(Supply.elastic("waist", 1, f.practice().elasticMm(waist), f.of("elastic")));
    }

    private static boolean isChild(Figures f) {
        return f.body(BodyMeasure.WAIST_TO_FLOOR) < 0.62 * NIGHT_CLOTHES_CHILD_MM;
    }

    private static Piece leg(Figures f, LegBlock leg, String name) {
        Paper paper = new Paper(leg.id(), name, -leg.hem() / 2, 0);
        leg.outline().edges().forEach(paper::edge);
        double casing = f.of("elastic") + CASING_ROOM_MM;
        if (leg.isShort()) {
            double half = leg.inseam().lengthMm() / 2;
            paper.notch("balance", "inseam", 0.5)
                    .notch("balance", "side", half / leg.side().lengthMm());
        } else {
            paper.notch("knee", leg.kneeWidth() / 2, leg.kneeY()).notch("knee", -leg.kneeWidth() / 2, leg.kneeY());
        }
        return paper.hem("hem", f.of("hem"))
                .allow("waist", Allowance.casing(casing + f.of("seam"), f.of("seam"), "turned down for the elastic"))
                .seams(f.of("seam"))
                .pairs(1)
                .level("seat", leg.seatY())
                .mark(Mark.Kind.FOLD, "casing folds here", leg.waistSide(), leg.waistCentre())
                .piece();
    }

    private static List<Size> sizes(Figures f, boolean isShort) {
        double hip = f.body(BodyMeasure.HIP);
        return List.of(
                Size.girth(
                        "hip",
                        hip,
                        f.of("hipEase"),
                        0,
                        new Size.Term("front-leg", "seat", 2),
                        new Size.Term("back-leg", "seat", 2)),
                Size.opening(
                        "waist before the elastic, which must pass the hips",
                        hip,
                        0,
                        new Size.Term("front-leg", "waist", 2),
                        new Size.Term("back-leg", "waist", 2)),
                Size.opening(
                        isShort ? "leg opening" : "leg opening, which must pass the heel",
                        f.body(isShort ? BodyMeasure.THIGH : BodyMeasure.HEEL_GIRTH),
                        0,
                        new Size.Term("front-leg", "hem", 1),
                        new Size.Term("back-leg", "hem", 1)),
                Size.length(
                        "inside leg",
                        isShort ? f.of("inseam") : f.body(BodyMeasure.INSIDE_LEG),
                        new Size.Term("front-leg", "inseam", 1)));
    }
}
