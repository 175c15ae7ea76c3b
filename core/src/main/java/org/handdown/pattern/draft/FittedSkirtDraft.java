package org.handdown.pattern.draft;

import java.util.ArrayList;
import java.util.List;
import org.handdown.body.BodyMeasure;
import org.handdown.body.Movement;
import org.handdown.body.Wearer;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.pattern.Design;
import org.handdown.pattern.DesignSeam;
import org.handdown.pattern.Piece;
import org.handdown.pattern.Size;

/**
 * A-line skirt, straight stretch skirt and wrap skirt: quarters by {@link SkirtBlock}. Finished hip = hip + room; in stretch cloth less
 * than the body, by a share that stays under 60 % of the measured stretch (handbook of the trade §4). Worked check: hip 950 mm at 900
 * finished is stretched 5.6 % in wear; a waist finished at 640 mm must stretch by 48.4 % to pass those hips, so entry binds.
 */
final class FittedSkirtDraft {

    /** Wider at the hem by so much of the way from the hip to it (common practice, no source). */
    private static final double A_LINE_FLARE = 0.6;

    /** More than this of its length let in at a side seam alone hangs in a fold there (common practice, no source). */
    private static final double MOST_SWING = 0.105;

    static final Draft A_LINE = new Draft(
            "a-line-skirt",
            "A-line skirt",
            Draft.Family.SKIRTS,
            "Fitted to the hip, wider to the hem, darts and a waistband.",
            measures(),
            List.of(
                    SkirtLength.dimension(),
                    length(),
                    WaistLevel.dimension(),
                    WaistLevel.rise(),
                    Dimension.length("waistEase", "Room at the waist", 10, 0, 300),
                    Dimension.length("hipEase", "Room over the hips", 50, 10, 400),
                    Dimension.length(
                            "flare",
                            "Wider at the hem than at the hips, all round",
                            w -> A_LINE_FLARE * (usualLength(w) - w.mm(BodyMeasure.WAIST_TO_HIP)),
                            0,
                            1600),
                    Dimension.length("overlap", "Overlap of the waistband", 25, 0, 60),
                    Dimension.length("band", "Finished width of the waistband", 30, 10, 100),
                    Dimension.length("seam", "Seam allowance", 12, 5, 25),
                    Dimension.length("hem", "Hem allowance", 30, 0, 60).hint("none where an old hem is kept")),
            "woven, medium",
            List.of(),
            "Finished hip = hip + room; of a quarter of what hip and waist differ the side seam takes 0.4, 25 mm at most, and darts the rest, a fifth more at the back than in front; the side is raised by 0.45 of what it takes in (common practice, no source).",
            FittedSkirtDraft::aLine);

    private static final double LEAST_HIP_DEEP_MM = 20;

    private FittedSkirtDraft() {}

    static List<BodyMeasure> measures() {
        return List.of(
                BodyMeasure.HEIGHT,
                BodyMeasure.WAIST,
                BodyMeasure.HIP,
                BodyMeasure.WAIST_TO_HIP,
                BodyMeasure.WAIST_TO_FLOOR,
                BodyMeasure.INSIDE_LEG);
    }

    static Dimension length() {
        return Dimension.length("length", "Length", FittedSkirtDraft::usualLength, 150, 1300);
    }

    static double usualLength(Wearer w) {
        return Math.max(0.58 * w.mm(BodyMeasure.WAIST_TO_FLOOR), 1.5 * w.mm(BodyMeasure.WAIST_TO_HIP));
    }

    private static double hip(Figures f) {
        return f.body(BodyMeasure.HIP) + f.of("hipEase");
    }

    /** From the upper edge down to the fullest of the seat, mm. */
    static double hipDeep(Figures f) {
        double deep = f.body(BodyMeasure.WAIST_TO_HIP) + f.of("rise");
        if (deep < LEAST_HIP_DEEP_MM) {
            throw new RefusedValueException(
                    "choices.rise", "So low the upper edge would lie on the hip itself; let it sit higher.");
        }
        return deep;
    }

    static SkirtBlock.Pair woven(Figures f) {
        double hip = hip(f);
        return SkirtBlock.darted(new SkirtBlock.Wish(
                f.waist() + f.of("waistEase"), hip, hip + f.of("flare"), hipDeep(f), SkirtLength.mm(f)));
    }

    static Paper finished(Figures f, Paper paper) {
        return paper.hem("hem", f.of("hem")).seams(f.of("seam"));
    }

    static List<Size> girths(Figures f, double hipStretch, List<Size.Term> waist, List<Size.Term> hip) {
        double waistEase = f.of("waistEase");
        return List.of(
                Size.girth("waist", f.waist(), waistEase, hipStretch, waist.toArray(Size.Term[]::new)),
                Size.girth("hip", f.body(BodyMeasure.HIP), f.of("hipEase"), hipStretch, hip.toArray(Size.Term[]::new)));
    }

    static Size.Term term(String piece, String where, int times) {
        return new Size.Term(piece, where, times);
    }

    private static Design aLine(Figures f) {
        SkirtBlock.Pair blocks = woven(f);
        Piece front = finished(f, blocks.front().full("front", "front")).piece();
        Piece back = finished(f, blocks.back().full("back", "back")).piece();
        double waist = blocks.waistGirth();
        double frontWaist = 2 * blocks.front().waistMm();
        // It closes at the left side: front first, then the back, which runs on under it.
        Piece band = Waistband.of(f, waist + f.of("overlap"), f.of("overlap"))
                .meeting("meets the centre front", frontWaist / 2)
                .meeting("meets the side", frontWaist)
                .meeting("meets the centre back", frontWaist + blocks.back().waistMm())
                .piece();
        List<Size> sizes = new ArrayList<>(girths(
                f,
                0,
                List.of(term("front", "waist", 1), term("back", "waist", 1)),
                List.of(term("front", "hip", 1), term("back", "hip", 1))));
        sizes.add(Size.length("hem, all round", 0, term("front", "hem", 1), term("back", "hem", 1)));
        sizes.add(Size.length("side, waist to hem", SkirtLength.mm(f), term("front", "side right", 1)));
        List<String> notes = new ArrayList<>(walking(f, blocks.front(), 0));
        notes.add(opening(f, waist));
        double atSide = f.of("flare") / 4;
        if (atSide > MOST_SWING * SkirtLength.mm(f) && blocks.takenUp() > 0) {
            notes.add(Wording.fill(
                    "%.0f mm of flare at each side swing out there and nowhere else: slash from a dart's tip to the hem and close part of the dart, so that half of it falls in front.",
                    atSide));
        }
        return new Design(
                        "A-line skirt",
                        List.of(front, back, band),
                        List.of(
                                Join.equal("side seams", "front", "side right", "back", "side left"),
                                bandSeam(blocks, f.of("overlap"))),
                        sizes,
                        notes,
                        List.of())
                .taking(FullSkirtDraft.zip("left side, from the waist", f.body(BodyMeasure.HIP), waist))
                .closing(FullSkirtDraft.opening(
                        f, waist, Join.side("front", "side right"), Join.side("back", "side left")));
    }

    /** The band is as long as the waist after its darts, and the overlap. */
    private static DesignSeam bandSeam(SkirtBlock.Pair blocks, double overlap) {
        double less = overlap - blocks.takenUp();
        return new DesignSeam(
                "waistband on the waist, darts closed",
                List.of(Join.side("front", "waist"), Join.side("back", "waist")),
                List.of(Join.side("waistband", "lower")),
                less,
                less);
    }

    private static String opening(Figures f, double waist) {
        double hip = f.body(BodyMeasure.HIP);
        return hip > waist
                ? Wording.fill(
                        "Hips of %.0f mm do not pass a waist of %.0f mm: leave the left side open for a zip of at least %.0f mm.",
                        hip, waist, FullSkirtDraft.openMm(hip, waist))
                : "It goes on over the hips without an opening.";
    }

    /** Room to walk: told where a slit must start. */
    static List<String> walking(Figures f, SkirtBlock block, double stretch) {
        double floor = f.body(BodyMeasure.WAIST_TO_FLOOR);
        double hemUp = Math.max(0, floor + f.of("rise") - block.length());
        if (hemUp >= f.body(BodyMeasure.INSIDE_LEG)) {
            return List.of("It ends above the crotch: walking asks for nothing.");
        }
        Movement step = Movement.of(f.wearer(), f.practice());
        List<String> notes = new ArrayList<>();
        notes.add(Wording.fill(
                "An easy step of %.0f mm needs %.0f mm round the hem; it has %.0f mm.",
                step.strideMm(), step.neededMm(hemUp), 4 * block.hem() * (1 + stretch)));
        step.slitStartMm(hemUp, 4 * block.hem(), hemUp + block.hipY(), 4 * block.hip(), stretch)
                .ifPresent(at -> notes.add(Wording.fill(
                        "A slit from the hem up to %.0f mm above it lets her or him walk; or widen the hem.",
                        at - hemUp)));
        return notes;
    }
}
