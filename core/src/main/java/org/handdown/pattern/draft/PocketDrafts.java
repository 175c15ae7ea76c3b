package org.handdown.pattern.draft;

import java.util.List;
import org.handdown.body.BodyMeasure;
import org.handdown.geometry.Point;
import org.handdown.measure.Wording;
import org.handdown.pattern.Allowance;
import org.handdown.pattern.CutGrain;
import org.handdown.pattern.Design;
import org.handdown.pattern.EdgeWish;
import org.handdown.pattern.Mark;
import org.handdown.pattern.Piece;
import org.handdown.pattern.PieceCloth;
import org.handdown.pattern.Role;
import org.handdown.pattern.Size;

/**
 * Pockets in a seam, patch pockets and welt pockets. The opening is at least a hand wide; a bag in a seam has its allowance all round, the
 * straight edge too, and the seam is opened a little beyond (handbook of the trade §4). A welt's gap = its height, single, or twice,
 * and the turn of the cloth, 2 to 3 times its thickness. Worked check: a bag 165 mm straight with 6.35 mm allowances opens 152.3 mm.
 */
final class PocketDrafts {
    static final Draft IN_SEAM = new Draft(
            "seam-pocket",
            "pocket in a seam",
            Draft.Family.POCKETS,
            "Two bags of two layers each in the side seams.",
            List.of(BodyMeasure.HAND_WIDTH),
            List.of(
                    Dimension.length("opening", "Opening", w -> 1.35 * w.mm(BodyMeasure.HAND_WIDTH) + 30, 50, 300),
                    Dimension.length(
                            "deep", "Depth below the opening", w -> 0.8 * w.mm(BodyMeasure.HAND_WIDTH), 20, 250),
                    Dimension.length("wide", "Width of the bag", w -> 1.5 * w.mm(BodyMeasure.HAND_WIDTH), 50, 300),
                    Dimension.count("pockets", "Pockets", 2, 1, 4),
                    Dimension.length("below", "Bag clears the hem or drawstring by", 40, 0, 400),
                    Dimension.length("seam", "Seam allowance", 6.35, 4, 20)),
            "firm enough to carry; colour free where it is hidden",
            List.of(),
            "Opening at least a hand wide; bag = opening and its depth; every edge has its allowance (handbook of the trade §4).",
            PocketDrafts::inSeam);

    static final Draft PATCH = new Draft(
            "patch-pocket",
            "patch pocket",
            Draft.Family.POCKETS,
            "Sewn on top; a cuff or an old pocket may become one.",
            List.of(BodyMeasure.HAND_WIDTH),
            List.of(
                    Dimension.length("wide", "Width", w -> 1.45 * w.mm(BodyMeasure.HAND_WIDTH) + 15, 30, 400),
                    Dimension.length("high", "Height", w -> 1.6 * w.mm(BodyMeasure.HAND_WIDTH) + 20, 30, 450),
                    Dimension.length("round", "Lower corners rounded by", 15, 0, 80),
                    Dimension.count("pockets", "Pockets", 2, 1, 8),
                    Dimension.length("mouth", "Turned at the mouth", 25, 0, 60),
                    Dimension.length("seam", "Seam allowance", 10, 4, 20)),
            "not on thick blanket cloth",
            List.of(),
            Wording.of("Wide enough for the hand and 15 mm; the mouth turned twice (common practice, no source)."),
            PocketDrafts::patch);

    static final Draft WELT = new Draft(
            "welt-pocket",
            "welt pocket",
            Draft.Family.POCKETS,
            "A slit with one or two welts; try two or three on a remnant first.",
            List.of(BodyMeasure.HAND_WIDTH),
            List.of(
                    Dimension.choice("welts", "Welts", "single", "double"),
                    Dimension.length("opening", "Opening", w -> 1.35 * w.mm(BodyMeasure.HAND_WIDTH) + 30, 50, 300),
                    Dimension.length("high", "Finished height of a welt", 12, 4, 40),
                    Dimension.length("thick", "Thickness of the cloth", 1, 0.2, 8),
                    Dimension.length("deep", "Depth of the bag", w -> 1.5 * w.mm(BodyMeasure.HAND_WIDTH), 50, 350),
                    Dimension.count("pockets", "Pockets", 2, 1, 4),
                    Dimension.length("seam", "Seam allowance", 10, 4, 20)),
            "firm; the bag of lining",
            List.of("welt"),
            Wording.of(
                    "Gap between both stitch lines = welt height, or twice that for two, + 2.5 × thickness; at least 20 mm in blanket cloth (common practice, no source)."),
            PocketDrafts::welt);

    private static final double OPEN_BEYOND_MM = 10;
    /** A bag that ends at the top of its opening tears out there. */
    private static final double ABOVE_MM = 22;

    private static final double BLANKET_MM = 3.5;
    private static final double BLANKET_GAP_MM = 20;

    private PocketDrafts() {}

    private static Design inSeam(Figures f) {
        double opening = f.of("opening");
        double wide = f.of("wide");
        double deep = f.of("deep");
        double seam = f.of("seam");
        double high = opening + deep;
        Piece bag = new Paper("bag", "pocket bag", 0, deep)
                .curve(
                        "curve",
                        new Point(0, 0.35 * deep - 0.2 * deep),
                        new Point(0.4 * wide, 0),
                        new Point(0.62 * wide, 0))
                .curve(
                        "outer",
                        new Point(wide, 0),
                        new Point(wide, 0.55 * high),
                        new Point(0.75 * wide, high + ABOVE_MM))
                .line("upper", 0, high + ABOVE_MM)
                .line("above", 0, high)
                .line("opening", 0, deep)
                .seams(seam)
                .pairs(f.count("pockets"))
                .cloth(PieceCloth.LINING)
                .notch("opening starts", 0, high)
                .notch("opening ends", 0, deep)
                .piece();
        double hand = f.body(BodyMeasure.HAND_WIDTH);
        List<String> notes = List.of(
                Wording.of(
                        "The back bag shows when a hand goes in: face it 40 mm wide with the outer cloth, or cut it of that."),
                Wording.fill(
                        "The opening of %.0f mm %s a hand of %.0f mm. Unpick the seam %.0f mm beyond each mark.",
                        opening, opening >= hand * 1.2 ? "takes" : "is tight for", hand, OPEN_BEYOND_MM),
                Wording.fill(
                        "%d as drawn and %d mirrored: two of each pocket. Mark the top of every piece before it is pinned.",
                        f.count("pockets"), f.count("pockets")),
                Wording.fill(
                        "The bag hangs %.0f mm below the opening: keep %.0f mm clear of hem or drawstring, with the cord in place.",
                        deep, f.of("below")));
        return new Design(
                "pocket in a seam",
                List.of(bag),
                List.of(Join.equal(
                        "both layers",
                        List.of(Join.side("bag", "curve"), Join.side("bag", "outer"), Join.side("bag", "upper")),
                        List.of(Join.side("bag", "curve"), Join.side("bag", "outer"), Join.side("bag", "upper")))),
                List.of(Size.length("opening", opening, new Size.Term("bag", "opening", 1))),
                notes,
                List.of());
    }

    private static Design patch(Figures f) {
        double half = f.of("wide") / 2;
        double high = f.of("high");
        double round = Math.min(f.of("round"), Math.min(half, high) * 0.8);
        Paper paper = new Paper("pocket", "patch pocket", -half + round, 0).line("lower", half - round, 0);
        if (round > 0) {
            paper.arc("corner right", new Point(half - round, round), Math.PI / 2);
        }
        paper.line("right", half, high).line("upper", -half, high).line("left", -half, round);
        if (round > 0) {
            paper.arc("corner left", new Point(-half + round, round), Math.PI / 2);
        }
        Piece pocket = paper.allow("upper", Allowance.turned(f.of("mouth"), "turned twice for the mouth"))
                .seams(f.of("seam"))
                .copies(f.count("pockets"))
                .wish("upper", EdgeWish.of(Role.POCKET))
                .piece();
        return new Design(
                "patch pocket",
                List.of(pocket),
                List.of(),
                List.of(Size.length("mouth", f.of("wide"), new Size.Term("pocket", "upper", 1))),
                List.of(
                        "Sew it on while the piece is flat; bar-tack both ends of the mouth.",
                        "Cloth under an old pocket has not faded: it shows when a pocket is moved."),
                List.of());
    }

    /** Distance between both stitch lines, mm. */
    static double gapMm(boolean isDouble, double weltMm, double thickMm) {
        double gap = (isDouble ? 2 : 1) * weltMm + 2.5 * thickMm;
        return thickMm >= BLANKET_MM ? Math.max(BLANKET_GAP_MM, gap) : gap;
    }

    private static final double BAG_WIDER_MM = 35;

    private static Design welt(Figures f) {
        boolean isDouble = f.of("welts") == 1;
        double opening = f.of("opening");
        double seam = f.of("seam");
        double gap = gapMm(isDouble, f.of("high"), f.of("thick"));
        int pockets = f.count("pockets");
        Piece welt = Paper.rectangle("welt", "welt", opening, 2 * f.of("high"))
                .seams(seam)
                .copies(isDouble ? 2 * pockets : pockets)
                .mark(
                        Mark.Kind.FOLD,
                        "folded lengthwise",
                        new Point(-opening / 2, f.of("high")),
                        new Point(opening / 2, f.of("high")))
                .piece();
        Piece bag = weltBag(f, gap);
        Piece stay = Paper.rectangle("stay", "stay behind the slit", opening + 30, gap + 40)
                .bare("lower", "cut to size")
                .bare("upper", "cut to size")
                .bare("left", "cut to size")
                .bare("right", "cut to size")
                .copies(pockets)
                .cloth(PieceCloth.INTERFACING)
                .grain(CutGrain.LENGTHWISE)
                .piece();
        return new Design(
                "welt pocket",
                List.of(welt, bag, stay),
                List.of(),
                List.of(Size.length("opening", opening, new Size.Term("welt", "lower", 1))),
                List.of(
                        Wording.fill(
                                "Both stitch lines %.0f mm apart and as long as the welt: %s and the turn of the cloth.",
                                gap, isDouble ? "two welts" : "one welt"),
                        Wording.fill(
                                "The welt goes on the bag's lower stitch line; the bag is %.0f mm wider than the slit, as much on each side.",
                                BAG_WIDER_MM),
                        "Count on two or three trials on a remnant with the same layers; cut the slit last, into the corners."),
                List.of());
    }

    private static Piece weltBag(Figures f, double gap) {
        double opening = f.of("opening");
        // The upper half hangs from its stitch line one gap higher, and both end together; a hand needs more room than
        // the slit is wide.
        double wide = opening + BAG_WIDER_MM;
        Piece bag = Paper.rectangle("bag", "pocket bag", wide, 2 * (f.of("deep") + gap))
                .seams(f.of("seam"))
                .copies(f.count("pockets"))
                .cloth(PieceCloth.LINING)
                .mark(
                        Mark.Kind.GUIDE,
                        "lower stitch line",
                        new Point(-opening / 2, f.of("deep")),
                        new Point(opening / 2, f.of("deep")))
                .mark(
                        Mark.Kind.GUIDE,
                        "upper stitch line",
                        new Point(-opening / 2, f.of("deep") + gap),
                        new Point(opening / 2, f.of("deep") + gap))
                .piece();
        return bag;
    }
}
