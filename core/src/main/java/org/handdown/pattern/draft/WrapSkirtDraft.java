package org.handdown.pattern.draft;

import java.util.ArrayList;
import java.util.List;
import org.handdown.body.BodyMeasure;
import org.handdown.geometry.Point;
import org.handdown.measure.Wording;
import org.handdown.pattern.Allowance;
import org.handdown.pattern.Closing;
import org.handdown.pattern.Design;
import org.handdown.pattern.DesignSeam;
import org.handdown.pattern.EdgeWish;
import org.handdown.pattern.Mark;
import org.handdown.pattern.Piece;
import org.handdown.pattern.Role;
import org.handdown.pattern.Size;

/** A skirt that wraps over itself in front. */
final class WrapSkirtDraft {
    private WrapSkirtDraft() {}

    static final double WRAP_FLARE = 0.5;

    static final Draft WRAP = new Draft(
            "wrap-skirt",
            "wrap skirt",
            Draft.Family.SKIRTS,
            "A back and two fronts that lie over each other, tied at the side.",
            FittedSkirtDraft.measures(),
            List.of(
                    SkirtLength.dimension(),
                    FittedSkirtDraft.length(),
                    WaistLevel.dimension(),
                    WaistLevel.rise(),
                    Dimension.length("waistEase", "Room at the waist", 20, 0, 300),
                    Dimension.length("hipEase", "Room over the hips", 60, 10, 400),
                    Dimension.length(
                            "flare",
                            "Wider at the hem than at the hips, all round",
                            w -> WRAP_FLARE * (FittedSkirtDraft.usualLength(w) - w.mm(BodyMeasure.WAIST_TO_HIP)),
                            0,
                            1600),
                    Dimension.share("wrap", "Each front beyond the centre, share of its half", 0.8, 0.2, 1)
                            .hint("1: it reaches the other side seam"),
                    Dimension.length("band", "Finished width of the waistband and ties", 30, 10, 100),
                    Dimension.length(
                            "tie",
                            "Length of each tie",
                            w -> Math.max(0.7 * w.mm(BodyMeasure.HIP), w.mm(BodyMeasure.WAIST) / 2 + 270),
                            200,
                            1800),
                    Dimension.length("seam", "Seam allowance", 12, 5, 25),
                    Dimension.length("hem", "Hem allowance", 30, 0, 60).hint("none where an old hem is kept")),
            "woven, medium",
            List.of(),
            "Finished hip = hip + room, measured closed: the overlap is taken off. Ties reach round and knot (common practice, no source).",
            WrapSkirtDraft::wrap);

    static Design wrap(Figures f) {
        SkirtBlock.Pair blocks = FittedSkirtDraft.woven(f);
        double beyond = f.of("wrap") * blocks.front().waistMm();
        Piece front = FittedSkirtDraft.finished(
                        f,
                        blocks.front()
                                .half("front", "front", beyond)
                                .allow("centre", new Allowance(20, "turned twice and topstitched"))
                                .wish("centre", EdgeWish.of(Role.FRONT_EDGE)))
                .mark(Mark.Kind.OVERLAP, "the centre, closed", new Point(0, 0), new Point(0, SkirtLength.mm(f)))
                .pairs(1)
                .piece();
        Piece back =
                FittedSkirtDraft.finished(f, blocks.back().full("back", "back")).piece();
        double waist = blocks.waistGirth() + 2 * beyond;
        double toSide = beyond + blocks.front().waistMm();
        Piece band = Waistband.of(f, waist, 0)
                .meeting("meets the side", toSide)
                .meeting("meets the centre back", waist / 2)
                .meeting("meets the side", waist - toSide)
                .piece();
        Piece tie = Paper.rectangle("tie", "tie", 2 * f.of("band"), f.of("tie"))
                .seams(f.of("seam"))
                .copies(2)
                .wish("right", EdgeWish.of(Role.TIE))
                .mark(Mark.Kind.FOLD, "folded lengthwise", new Point(0, 0), new Point(0, f.of("tie")))
                .piece();
        List<Size.Term> hips =
                List.of(FittedSkirtDraft.term("front", "hip", 2), FittedSkirtDraft.term("back", "hip", 1));
        List<Size.Term> waists =
                List.of(FittedSkirtDraft.term("front", "waist", 2), FittedSkirtDraft.term("back", "waist", 1));
        List<Size> sizes = new ArrayList<>();
        FittedSkirtDraft.girths(f, 0, waists, hips).forEach(s -> sizes.add(s.plus(-2 * beyond, "overlap")));
        sizes.add(Size.length("side, waist to hem", SkirtLength.mm(f), FittedSkirtDraft.term("front", "side", 1)));
        List<String> notes = notes(f, blocks, beyond);
        return new Design(
                        "wrap skirt",
                        List.of(front, back, band, tie),
                        List.of(
                                Join.equal("side seams", "front", "side", "back", "side left"),
                                new DesignSeam(
                                        "waistband on the waist, darts closed",
                                        List.of(Join.side("front", "waist", 2), Join.side("back", "waist")),
                                        List.of(Join.side("waistband", "lower")),
                                        -blocks.takenUp(),
                                        -blocks.takenUp()),
                                Join.behind("ties on the band", "tie", "lower", "waistband", "right"),
                                Join.itself("ties, lengthwise", "tie", "right", "left")),
                        sizes,
                        notes,
                        f.body(BodyMeasure.HEIGHT) < BodyLimits.YOUNG_CHILD_MM ? List.of(BodyLimits.TIES) : List.of())
                .closing(
                        Closing.lapping("fronts, one over the other", "front", "centre", "centre", 2 * beyond),
                        Closing.lapping("waistband, tied", "waistband", "right", "left", 2 * beyond));
    }

    private static List<String> notes(Figures f, SkirtBlock.Pair blocks, double beyond) {
        double least = f.waist() / 2 + 250;
        List<String> notes = new ArrayList<>();
        notes.add(Wording.fill(
                "Closed, each front runs %.0f mm past the centre: %.0f mm lie double.", beyond, 2 * beyond));
        notes.add(Wording.fill(
                "A tie of %.0f mm must reach half round and knot: %s.",
                f.of("tie"),
                f.of("tie") >= least
                        ? "long enough"
                        : Wording.fill("%.0f mm short, or knot at the side", least - f.of("tie"))));
        notes.addAll(FittedSkirtDraft.walking(f, blocks.front(), 0));
        notes.add("Leave a slot in the right side of the band for the inner tie.");
        notes.add("When she or he sits down the fronts slide apart: try that before the edges are finished.");
        return notes;
    }
}
