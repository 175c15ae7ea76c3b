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
import org.handdown.pattern.Mark;
import org.handdown.pattern.Piece;
import org.handdown.pattern.Size;
import org.handdown.pattern.Supply;

/**
 * Skirts of straight panels: gathered onto a waistband or an elastic, or laid in knife pleats. Gathers by a ratio of 1.5 light, 2 usual,
 * 3 sheer; a knife pleat of depth d takes up 2d (handbook of the trade §3, §4). Worked check: waist 600 mm with a ratio of 2 takes
 * 1200 mm of cloth; with 12 pleats of 25 mm it takes 600 + 12 · 50 = 1200 mm as well.
 */
final class FullSkirtDraft {
    static final Draft GATHERED = new Draft(
            "gathered-skirt",
            "gathered skirt",
            Draft.Family.SKIRTS,
            "Straight panels gathered onto a waistband, or a casing with elastic.",
            List.of(BodyMeasure.WAIST, BodyMeasure.HIP, BodyMeasure.WAIST_TO_FLOOR),
            List.of(
                    Dimension.choice("waist", "Waist", "waistband", "elastic in a casing"),
                    Dimension.share("ratio", "Gathering ratio", 2, 1.2, 4).hint("1.5 light, 2 usual, 3 sheer"),
                    Dimension.count("panels", "Panels", 2, 1, 12),
                    SkirtLength.dimension(),
                    length(),
                    WaistLevel.dimension(),
                    Dimension.length("waistEase", "Room at the waist", 10, 0, 300),
                    Dimension.length("overlap", "Overlap of the waistband", 25, 0, 60),
                    Dimension.length("band", "Width of band or elastic", 25, 5, 100),
                    Dimension.length("seam", "Seam allowance", 10, 5, 25),
                    Dimension.length("hem", "Hem allowance", 40, 0, 80).hint("none where an old hem is kept")),
            "light to medium, gathers well",
            List.of(),
            Wording.of(
                    "All panels together = ratio × band, and at least the hips and 60 mm, on elastic 40 mm (handbook of the trade §4)."),
            FullSkirtDraft::gathered);

    static final Draft PLEATED = new Draft(
            "pleated-skirt",
            "pleated skirt",
            Draft.Family.SKIRTS,
            "Straight panels laid in knife pleats on a waistband.",
            List.of(BodyMeasure.WAIST, BodyMeasure.HIP, BodyMeasure.WAIST_TO_FLOOR),
            List.of(
                    Dimension.count("pleats", "Pleats, all round", 12, 2, 48),
                    Dimension.length("depth", "Depth of a pleat", 25, 8, 90).hint("it takes up twice that"),
                    Dimension.count("panels", "Panels", 2, 1, 6),
                    SkirtLength.dimension(),
                    length(),
                    WaistLevel.dimension(),
                    Dimension.length("waistEase", "Room at the waist", 10, 0, 300),
                    Dimension.length("overlap", "Overlap of the waistband", 25, 0, 60),
                    Dimension.length("band", "Finished width of the waistband", 30, 10, 100),
                    Dimension.length("seam", "Seam allowance", 10, 5, 25),
                    Dimension.length("hem", "Hem allowance", 40, 0, 80).hint("none where an old hem is kept")),
            "holds a crease",
            List.of(),
            "All panels together = waist + room + 2 × depth for every pleat (handbook of the trade §3).",
            FullSkirtDraft::pleated);

    /** Cloth that hangs from a band must go round the hips all the same. */
    private static final double HIP_ROOM_MM = 60;

    private static final double HIP_EASE_MM = 20;

    private FullSkirtDraft() {}

    private static Dimension length() {
        return Dimension.length("length", "Length", w -> 0.55 * w.mm(BodyMeasure.WAIST_TO_FLOOR), 100, 1300);
    }

    private static Design gathered(Figures f) {
        boolean elastic = f.of("waist") == 1;
        double waist = f.waist() + f.of("waistEase");
        double least = f.body(BodyMeasure.HIP) + (elastic ? 40 : HIP_ROOM_MM);
        double all = Math.max(f.of("ratio") * waist, least);
        int panels = f.count("panels");
        Paper paper = gatheredPanel(f, all / panels, elastic);
        List<Piece> pieces = new ArrayList<>(List.of(paper.seams(f.of("seam")).piece()));
        List<DesignSeam> seams = new ArrayList<>(List.of(Join.ring("side seams", "panel", "right", "left")));
        List<Size> sizes = new ArrayList<>();
        if (elastic) {
            sizes.add(Size.opening(
                    "waist before the elastic, which must pass the hips",
                    f.body(BodyMeasure.HIP),
                    0,
                    new Size.Term("panel", "upper", panels)));
        } else {
            pieces.add(Waistband.of(f, waist + f.of("overlap"), f.of("overlap")).piece());
            double ratio = all / (waist + f.of("overlap"));
            seams.add(Join.ratio(
                    "panels gathered onto the band",
                    List.of(Join.side("waistband", "lower")),
                    List.of(Join.side("panel", "upper", panels)),
                    ratio));
            sizes.add(closedBand(f));
        }
        sizes.add(Size.length("hem, all round", 0, new Size.Term("panel", "lower", panels)));
        sizes.add(Size.length("length", SkirtLength.mm(f), new Size.Term("panel", "right", 1)));
        List<String> notes = List.of(
                elastic
                        ? Wording.fill(
                                "Elastic: %s; a gap of 50 mm in the casing to thread it.",
                                f.practice().elastic(f.waist()))
                        : Wording.fill(
                                "%.0f mm of cloth onto %.0f mm of band: %.2f to 1. Quarter marks on both; two rows, one inside the allowance, one 6 mm from the edge.",
                                all, waist + f.of("overlap"), all / (waist + f.of("overlap"))),
                entry(f, waist, elastic));
        Design design = new Design("gathered skirt", pieces, seams, sizes, notes, List.of());
        return elastic
                ? design.taking(Supply.elastic("waist", 1, f.practice().elasticMm(f.waist()), f.of("band")))
                : design.taking(zip("opening at the waist", f.body(BodyMeasure.HIP), waist))
                        .closing(opening(f, waist, Join.side("panel", "right"), Join.side("panel", "left")));
    }

    private static Paper gatheredPanel(Figures f, double wide, boolean elastic) {
        Paper paper = Paper.rectangle("panel", "skirt panel", wide, SkirtLength.mm(f))
                .hem("lower", f.of("hem"))
                .copies(f.count("panels"))
                .quarters("upper");
        if (elastic) {
            paper.allow(
                    "upper",
                    Allowance.casing(
                            Math.min(100, f.of("band") + 3 + f.of("seam")),
                            f.of("seam"),
                            "turned down for the elastic"));
        } else {
            double y = SkirtLength.mm(f);
            paper.mark(
                    Mark.Kind.GATHER,
                    "gather all of this edge, two rows",
                    new Point(-wide / 2, y),
                    new Point(wide / 2, y));
        }
        return paper;
    }

    /** How far a seam must be left open for hips to pass a waist, mm; 0 where they pass as it is (common practice, no source). */
    static double openMm(double hip, double waist) {
        return hip > waist ? Math.max(120, (hip - waist) / 2 + 40) : 0;
    }

    /** None where the hips pass the waist as it is. */
    static Supply[] zip(String use, double hip, double waist) {
        double open = openMm(hip, waist);
        return open == 0 ? new Supply[0] : new Supply[] {Supply.of(Supply.Kind.ZIP, use, open)};
    }

    /** The band's ends, and a seam below them where hips do not pass the waist. */
    static Closing[] opening(Figures f, double waist, DesignSeam.Side one, DesignSeam.Side other) {
        double open = openMm(f.body(BodyMeasure.HIP), waist);
        Closing band = Closing.lapping("waistband", "waistband", "right", "left", f.of("overlap"));
        return open == 0
                ? new Closing[] {band}
                : new Closing[] {band, new Closing("opening below the band", one, other, open, 0)};
    }

    private static String entry(Figures f, double waist, boolean elastic) {
        double hip = f.body(BodyMeasure.HIP);
        return elastic || hip <= waist
                ? "It goes on over the hips without an opening."
                : Wording.fill(
                        "Hips of %.0f mm do not pass a waist of %.0f mm: leave a seam open for at least %.0f mm.",
                        hip, waist, openMm(hip, waist));
    }

    private static Size closedBand(Figures f) {
        return Size.girth("waistband closed", f.waist(), f.of("waistEase"), 0, new Size.Term("waistband", "lower", 1))
                .plus(-f.of("overlap"), "overlap");
    }

    /** Straight pleats hold their depth at the waist; over the hips they open by what hip and waist differ. */
    private static String springs(Figures f, double waist, int pleats) {
        double open = (f.body(BodyMeasure.HIP) + HIP_EASE_MM - waist) / pleats;
        return open < 1
                ? "Over the hips the pleats lie closed."
                : Wording.fill(
                        "Over the hips each pleat opens by %.0f mm: to lie closed there, lay each so much deeper at the hips than at the waist, running out upwards.",
                        open);
    }

    private static void pleat(Paper paper, String label, double from, double takes, double high) {
        paper.mark(
                Mark.Kind.PLEAT,
                label,
                new Point(from, high),
                new Point(from, 0),
                new Point(from + takes, high),
                new Point(from + takes, 0));
    }

    private static Design pleated(Figures f) {
        double waist = f.waist() + f.of("waistEase");
        int panels = f.count("panels");
        int all = f.count("pleats");
        // Every panel gets as many as the others: the last ones are shared out by rounding up.
        int each = Math.max(1, (int) Math.ceil((double) all / panels));
        double depth = f.of("depth");
        double flat = waist / panels;
        double high = SkirtLength.mm(f);
        double apart = flat / each;
        Paper paper = pleatedPanel(f, each, flat, high);
        Piece band = Waistband.of(f, waist + f.of("overlap"), f.of("overlap")).piece();
        double less = f.of("overlap") - panels * each * 2 * depth;
        List<String> notes = List.of(
                Wording.fill(
                        "%d pleats of %.0f mm take up %.0f mm; each covers %.0f mm of the waist.%s",
                        panels * each,
                        depth,
                        panels * each * 2 * depth,
                        apart,
                        panels * each != all
                                ? " Every panel has the same number, so there are a few more than asked for."
                                : ""),
                "The seams lie in the inner folds of half pleats: sew the panels to a ring first, then lay all pleats one way.",
                springs(f, waist, panels * each),
                apart < depth
                        ? "The pleats lie deeper than they are apart: three layers and more at the waist. Fewer or shallower ones lie flatter."
                        : "Mark all pleats from one end, not each from the last; baste them before the band goes on.",
                entry(f, waist, false));
        return new Design(
                        "pleated skirt",
                        List.of(paper.piece(), band),
                        List.of(
                                Join.ring("side seams", "panel", "right", "left"),
                                new DesignSeam(
                                        "band on the waist, pleats laid",
                                        List.of(Join.side("panel", "upper", panels)),
                                        List.of(Join.side("waistband", "lower")),
                                        less,
                                        less)),
                        List.of(
                                Size.girth(
                                        "waist, pleats laid",
                                        f.waist(),
                                        f.of("waistEase"),
                                        0,
                                        new Size.Term("panel", "upper", panels)),
                                closedBand(f),
                                Size.opening(
                                        "panels with their pleats open, over the hips",
                                        f.body(BodyMeasure.HIP) + HIP_ROOM_MM,
                                        0,
                                        new Size.Term("panel", "lower", panels)),
                                Size.length("hem, all round", 0, new Size.Term("panel", "lower", panels)),
                                Size.length("length", high, new Size.Term("panel", "right", 1))),
                        notes,
                        List.of())
                .closing(opening(f, waist, Join.side("panel", "right"), Join.side("panel", "left")));
    }

    private static Paper pleatedPanel(Figures f, int each, double flat, double high) {
        double depth = f.of("depth");
        double wide = flat + each * 2 * depth;
        double apart = flat / each;
        Paper paper = Paper.rectangle("panel", "skirt panel", wide, high)
                .hem("lower", f.of("hem"))
                .seams(f.of("seam"))
                .copies(f.count("panels"));
        // Panels begin and end in the middle of a pleat, so that their seams lie hidden in an inner fold.
        pleat(paper, "half pleat, its fold over the seam", -wide / 2, depth, high);
        for (int i = 1; i < each; i++) {
            pleat(
                    paper,
                    "pleat " + i + ", left line onto right",
                    -wide / 2 - depth + i * (apart + 2 * depth),
                    2 * depth,
                    high);
        }
        pleat(paper, "half pleat, on to the next panel", wide / 2 - depth, depth, high);
        return paper;
    }
}
