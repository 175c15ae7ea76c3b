package org.handdown.pattern.draft;

import java.util.ArrayList;
import java.util.List;
import org.handdown.body.BodyMeasure;
import org.handdown.measure.Wording;
import org.handdown.pattern.Allowance;
import org.handdown.pattern.Design;
import org.handdown.pattern.DesignSeam;
import org.handdown.pattern.EdgeWish;
import org.handdown.pattern.Piece;
import org.handdown.pattern.Role;
import org.handdown.pattern.Size;

/**
 * Full, three-quarter, half and quarter circle skirts with a straight waistband. r = (waist + overlap)/(2πf) on the stitch line, the
 * cut line of the waist lies its allowance inside; hem = 2πf(r + length) (handbook of the trade §4). Worked checks: a full circle from
 * 700 mm has r = 111.4 mm; from 730 mm 116.2 mm, cut 15 mm further in at 101.2 mm.
 */
final class CircleSkirtDraft {
    static final Draft DRAFT = new Draft(
            "circle-skirt",
            "circle skirt",
            Draft.Family.SKIRTS,
            "Full, three-quarter, half or quarter circle from a waistband.",
            List.of(BodyMeasure.WAIST, BodyMeasure.HIP, BodyMeasure.WAIST_TO_FLOOR),
            List.of(
                    Dimension.choice("circle", "Part of a circle", "full", "three quarters", "half", "a quarter"),
                    SkirtLength.dimension(),
                    Dimension.length("length", "Length", w -> 0.5 * w.mm(BodyMeasure.WAIST_TO_FLOOR), 100, 1300),
                    WaistLevel.dimension(),
                    Dimension.length("ease", "Room at the waist", 10, 0, 800)
                            .hint("to pull it on over the hips and gather, take hip less waist"),
                    Dimension.length("overlap", "Overlap of the waistband", 25, 0, 60),
                    Dimension.count("panels", "Panels", 2, 1, 12)
                            .hint(
                                    "1: a full circle in one disc with one seam, where the cloth is wide enough both ways"),
                    Dimension.length("band", "Finished width of the waistband", 30, 10, 100),
                    Dimension.length("seam", "Seam allowance", 10, 5, 25),
                    Dimension.length("hem", "Hem allowance", 10, 0, 20)
                            .hint("narrow: a deep hem does not lie on a circle")),
            "drapes; both grains fall alike",
            List.of(),
            "r = (waist + room)/(2πf) on the stitch line; the cut line lies the allowance inside it. Hem = 2πf(r + length) (handbook of the trade §4).",
            CircleSkirtDraft::draw);

    /** Zigzag or turn about this much of a wool circle in a minute, mm (handbook of the trade §8). */
    private static final double HEM_MM_A_MINUTE = 400;

    private CircleSkirtDraft() {}

    static double share(double circle) {
        return 1 - circle * 0.25;
    }

    /** Radius of the waist's stitch line, mm. */
    static double radiusMm(double waistMm, double share) {
        return waistMm / (2 * Math.PI * share);
    }

    /** Longest skirt from a cloth folded in quarters: half its shorter side, less the radius and the hem. */
    static double longestMm(double clothMm, double radiusMm, double hemMm) {
        return clothMm / 2 - radiusMm - hemMm;
    }

    private static Design draw(Figures f) {
        double share = share(f.of("circle"));
        double waist = f.waist() + f.of("ease");
        double length = SkirtLength.mm(f);
        int panels = f.count("panels");
        boolean isDisc = share == 1 && panels == 1;
        double r = isDisc ? Disc.radiusMm(waist, f.of("seam")) : radiusMm(waist, share);
        Paper cut = isDisc
                ? new Disc(r, length, f.of("seam")).paper("panel", "skirt, in one disc")
                : new Sector(r, length, 2 * Math.PI * share / panels).paper("panel", "skirt panel");
        Piece panel = cut.allow("hem", Allowance.turned(f.of("hem"), "narrow hem after hanging for a day or more"))
                .wish("hem", EdgeWish.of(Role.HEM))
                .seams(f.of("seam"))
                .copies(panels)
                .notch("middle", "upper", 0.5)
                .piece();
        Piece band = Waistband.of(f, waist + f.of("overlap"), f.of("overlap")).piece();
        List<DesignSeam> seams = new ArrayList<>();
        seams.add(Join.ring("side seams", "panel", "right", "left"));
        seams.add(new DesignSeam(
                "waistband on the waist",
                List.of(Join.side("panel", "upper", panels)),
                List.of(Join.side("waistband", "lower")),
                f.of("overlap"),
                f.of("overlap")));
        double hem = panel.stitchLine().edge("hem").lengthMm() * panels;
        List<String> notes = new ArrayList<>(notes(f, hem, r));
        if (panels == 1 && share > 0.5) {
            notes.add(Wording.fill(
                    "In one piece it takes cloth of %.0f mm both ways; of two panels or more it lies on less.",
                    2 * (r + length + f.of("hem"))));
        }
        return new Design(
                        "circle skirt",
                        List.of(panel, band),
                        seams,
                        List.of(
                                Size.girth(
                                        "waist", f.waist(), f.of("ease"), 0, new Size.Term("panel", "upper", panels)),
                                Size.girth(
                                                "waistband closed",
                                                f.waist(),
                                                f.of("ease"),
                                                0,
                                                new Size.Term("waistband", "lower", 1))
                                        .plus(-f.of("overlap"), "overlap"),
                                Size.length("hem, all round", 0, new Size.Term("panel", "hem", panels)),
                                Size.length("length", length, new Size.Term("panel", "right", 1))),
                        notes,
                        List.of())
                .taking(FullSkirtDraft.zip("opening at the waist", f.body(BodyMeasure.HIP), waist))
                .closing(FullSkirtDraft.opening(f, waist, Join.side("panel", "right"), Join.side("panel", "left")));
    }

    private static List<String> notes(Figures f, double hem, double r) {
        double waist = f.waist() + f.of("ease");
        double length = SkirtLength.mm(f);
        List<String> notes = List.of(
                Wording.fill(
                        "Compass: waist seam %.1f mm, cut %.1f mm further in; hem %.1f mm, cut %.1f mm further out.",
                        r, f.of("seam"), r + length, f.of("hem")),
                Wording.fill("The hem is %.0f mm round: about %.0f min to zigzag it once.", hem, hem / HEM_MM_A_MINUTE),
                Wording.fill(
                        "The disc of the waist, %.0f mm across, is a useful remnant.",
                        Math.max(0, 2 * (r - f.of("seam")))),
                "Stay-stitch or tape the waist before anything hangs from it: where it lies on the bias it stretches by a tenth and more.",
                "Let it hang a day or more, then level the hem from the floor; not by the compass.",
                f.body(BodyMeasure.HIP) > waist
                        ? Wording.fill(
                                "Hips of %.0f mm do not pass a waist of %.0f mm: leave a seam open for a placket or zip of at least %.0f mm.",
                                f.body(BodyMeasure.HIP), waist, FullSkirtDraft.openMm(f.body(BodyMeasure.HIP), waist))
                        : "It goes on over the hips without an opening.");
        return notes;
    }
}
