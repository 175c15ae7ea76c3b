package org.handdown.pattern.draft;

import java.util.ArrayList;
import java.util.List;
import org.handdown.body.BodyMeasure;
import org.handdown.geometry.Point;
import org.handdown.measure.Wording;
import org.handdown.pattern.Allowance;
import org.handdown.pattern.Closing;
import org.handdown.pattern.CutGrain;
import org.handdown.pattern.Design;
import org.handdown.pattern.EdgeWish;
import org.handdown.pattern.Mark;
import org.handdown.pattern.Piece;
import org.handdown.pattern.Role;
import org.handdown.pattern.Size;
import org.handdown.pattern.Supply;

/**
 * Bib and straps of a pinafore, to be sewn onto a waistband, and an apron in one piece. Bib as wide as 0.36 of the chest below and 0.27
 * above, 0.65 of the back's length high; straps cross at the back (common practice, no source). Worked check: chest 575 mm
 * gives a bib of 207 mm below and 155 mm above.
 */
final class PinaforeDraft {
    static final Draft BIB = new Draft(
            "pinafore-bib",
            "pinafore bib and straps",
            Draft.Family.TOPS,
            "A faced bib with straps that cross at the back, to go on a skirt’s waistband.",
            List.of(BodyMeasure.HEIGHT, BodyMeasure.CHEST, BodyMeasure.WAIST, BodyMeasure.BACK_WAIST),
            List.of(
                    Dimension.length("strap", "Finished width of a strap", 30, 10, 90),
                    Dimension.length("button", "Room to button the straps", 40, 0, 150),
                    Dimension.length("band", "Finished width of the waistband", 30, 10, 100),
                    Dimension.length("overlap", "Overlap of the waistband", 30, 0, 60),
                    Dimension.length("seam", "Seam allowance", 10, 5, 25)),
            "firm",
            List.of("bib"),
            Wording.of(
                    "Bib 0.36 × chest below, 0.27 × chest above, 0.65 × back length high; strap 2 × back length less the bib, and 90 mm for shoulder and crossing (common practice, no source)."),
            PinaforeDraft::bib);

    static final Draft APRON = new Draft(
            "apron",
            "apron",
            Draft.Family.TOPS,
            "Bib and skirt in one piece with curved armholes, ties and a pocket.",
            List.of(
                    BodyMeasure.HEIGHT,
                    BodyMeasure.CHEST,
                    BodyMeasure.HIP,
                    BodyMeasure.BACK_WAIST,
                    BodyMeasure.HEAD_GIRTH),
            List.of(
                    Dimension.length(
                            "below", "Length below the waist", w -> 0.33 * w.mm(BodyMeasure.HEIGHT), 100, 1000),
                    Dimension.share("round", "Goes round the hips, share", 0.6, 0.4, 1),
                    Dimension.length("tie", "Length of each tie", w -> 0.9 * w.mm(BodyMeasure.CHEST), 200, 1600),
                    Dimension.length("strap", "Finished width of ties and strap", 25, 10, 80),
                    Dimension.length("edge", "Edges turned twice", 20, 6, 50)),
            "washable at the hottest",
            List.of(),
            "Width = share × hip; bib 0.27 × chest; bib 0.65 × back length high; strap and bib’s top go over the head; armhole from bib to side at the waist (common practice, no source).",
            PinaforeDraft::apron);

    /** A bib ends where a breast pocket would begin; higher it cuts into the throat (common practice, no source). */
    private static final double BIB_SHARE = 0.65;
    /** Over the shoulder and across, beyond twice the back's length. */
    private static final double STRAP_ROUND_MM = 90;

    private static final double OVER_HEAD_MM = 30;

    private PinaforeDraft() {}

    private static Design bib(Figures f) {
        double seam = f.of("seam");
        double bottom = Math.rint(0.36 * f.body(BodyMeasure.CHEST));
        double top = Math.rint(0.27 * f.body(BodyMeasure.CHEST));
        double high = Math.rint(BIB_SHARE * f.body(BodyMeasure.BACK_WAIST));
        double strap = 2 * f.body(BodyMeasure.BACK_WAIST) - high + STRAP_ROUND_MM + f.of("button");
        double waist = f.body(BodyMeasure.WAIST) + 10;
        Piece bib = bibPiece("bib", "bib", bottom, top, high, seam).piece();
        Piece facing = bibPiece("bib-facing", "bib facing", bottom, top, high, seam)
                .grain(CutGrain.EITHER)
                .piece();
        Piece straps = Paper.rectangle("strap", "strap", 2 * f.of("strap"), strap)
                .seams(seam)
                .copies(2)
                .wish("right", EdgeWish.of(Role.TIE))
                .mark(Mark.Kind.FOLD, "folded lengthwise", new Point(0, 0), new Point(0, strap))
                .piece();
        Piece band = Waistband.of(f, waist + f.of("overlap"), f.of("overlap")).piece();
        List<String> cautions =
                f.body(BodyMeasure.HEIGHT) < BodyLimits.UNDER_THREE_MM ? List.of(BodyLimits.BUTTONS) : List.of();
        return new Design(
                        "pinafore bib",
                        List.of(bib, facing, straps, band),
                        List.of(
                                Join.behind("facing on the bib's top", "bib", "upper", "bib-facing", "upper"),
                                Join.behind("facing on the bib's sides", "bib", "right", "bib-facing", "right"),
                                Join.itself("straps, lengthwise", "strap", "right", "left")),
                        List.of(
                                Size.girth(
                                                "waistband closed",
                                                f.body(BodyMeasure.WAIST),
                                                10,
                                                0,
                                                new Size.Term("waistband", "lower", 1))
                                        .plus(-f.of("overlap"), "overlap"),
                                Size.length("bib, up", high, new Size.Term("bib", "right", 1)),
                                Size.length("strap", strap, new Size.Term("strap", "right", 1))),
                        List.of(
                                "The bib's middle on the band's middle; the straps cross at the back and button inside the band.",
                                "Press the band in its fold, sew it to the skirt, then the bib on its inner edge."),
                        cautions)
                .taking(Supply.buttons("straps inside the band", 2, 0))
                .closing(Closing.lapping("waistband", "waistband", "right", "left", f.of("overlap")))
                .laying("bib", "waistband")
                .laying("strap", "bib");
    }

    private static Paper bibPiece(String id, String name, double bottom, double top, double high, double seam) {
        return Paper.trapezium(id, name, bottom, top, high)
                .seams(seam)
                .notch("middle", "lower", 0.5)
                .notch("middle", "upper", 0.5);
    }

    private static Design apron(Figures f) {
        double half = f.of("round") * f.body(BodyMeasure.HIP) / 2;
        double top = Math.min(half - 20, Math.rint(0.27 * f.body(BodyMeasure.CHEST)) / 2);
        double below = f.of("below");
        double high = below + BIB_SHARE * f.body(BodyMeasure.BACK_WAIST);
        // The ring of strap and bib's top goes on over the head.
        double strap = Math.max(
                0.9 * f.body(BodyMeasure.BACK_WAIST) + 60, f.body(BodyMeasure.HEAD_GIRTH) + OVER_HEAD_MM - 2 * top);
        Piece body = apronBody(f, half, top, high);
        List<Piece> pieces = new ArrayList<>(List.of(body));
        pieces.add(strip("tie", "tie", f.of("strap"), f.of("tie"), 2));
        pieces.add(strip("neck-strap", "neck strap", f.of("strap"), strap, 1));
        double wide = Math.rint(0.9 * half);
        pieces.add(Paper.rectangle("pocket", "pocket", wide, 0.6 * wide)
                .allow("upper", new Allowance(25, "turned twice for the pocket's mouth"))
                .seams(10)
                .optional()
                .wish("upper", EdgeWish.of(Role.POCKET))
                .piece());
        List<String> cautions = f.body(BodyMeasure.HEIGHT) < BodyLimits.YOUNG_CHILD_MM
                ? List.of(BodyLimits.TIES, BodyLimits.CORD)
                : List.of();
        return new Design(
                        "apron",
                        pieces,
                        List.of(
                                Join.alike("both armholes", "apron", "armhole right", "armhole left"),
                                Join.itself("ties, lengthwise", "tie", "right", "left"),
                                Join.itself("neck strap, lengthwise", "neck-strap", "right", "left")),
                        List.of(
                                Size.length("width at the hem", 2 * half, new Size.Term("apron", "hem", 1)),
                                Size.opening(
                                        "strap and bib, which go over the head",
                                        f.body(BodyMeasure.HEAD_GIRTH),
                                        0,
                                        new Size.Term("neck-strap", "right", 1),
                                        new Size.Term("apron", "upper", 1)),
                                Size.length("side, below the waist", 0, new Size.Term("apron", "side right", 1))),
                        List.of("The strap goes over the head: try it before both ends are sewn."),
                        cautions)
                .laying("tie", "apron")
                .laying("neck-strap", "apron")
                .laying("pocket", "apron");
    }

    private static Piece apronBody(Figures f, double half, double top, double high) {
        double below = f.of("below");
        Allowance turned = Allowance.turned(f.of("edge"), "turned twice and stitched");
        Allowance curved = new Allowance(Math.min(10, f.of("edge")), "narrow: a curve does not turn deep; or bound");
        Point waist = new Point(half, below + 20);
        Point bibTop = new Point(top, high);
        Piece body = new Paper("apron", "apron", -half, 0)
                .line("hem", half, 0)
                .line("side right", waist)
                .curve(
                        "armhole right",
                        new Point(waist.x() - 0.55 * (half - top), waist.y() + 5),
                        new Point(top + 5, high - 0.55 * (high - waist.y())),
                        bibTop)
                .line("upper", -top, high)
                .curve(
                        "armhole left",
                        new Point(-top - 5, high - 0.55 * (high - waist.y())),
                        new Point(-waist.x() + 0.55 * (half - top), waist.y() + 5),
                        new Point(-half, waist.y()))
                .line("side left", -half, 0)
                .allow("side right", turned)
                .allow("side left", turned)
                .allow("upper", turned)
                .allow("armhole right", curved)
                .allow("armhole left", curved)
                .hem("hem", f.of("edge"))
                .level("waist", below)
                .piece();
        return body;
    }

    private static Piece strip(String id, String name, double wide, double length, int copies) {
        return Paper.rectangle(id, name, 2 * wide, length)
                .seams(8)
                .copies(copies)
                .mark(Mark.Kind.FOLD, "folded lengthwise", new Point(0, 0), new Point(0, length))
                .piece();
    }
}
