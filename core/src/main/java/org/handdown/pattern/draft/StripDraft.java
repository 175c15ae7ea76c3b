package org.handdown.pattern.draft;

import java.util.ArrayList;
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
import org.handdown.pattern.Role;
import org.handdown.pattern.Size;

/**
 * Strips: ruffles on a relaxed or a stretched edge, straps, ties, drawcords, casings. A ruffle is ratio × edge, on a stretch hem ratio ×
 * the stretched length; a strap is cut 2 × finished + 2 allowances wide (handbook of the trade §4). Worked checks: a hem of 44 in
 * stretched takes 88 in of strip, quarter marks 22 in apart on the strip and 11 in on the hem; remnants of 34, 35, 17 and 38 make
 * 124 less three joins of 2a each.
 */
final class StripDraft {
    static final Draft RUFFLE = new Draft(
            "ruffle",
            "ruffle",
            Draft.Family.PARTS,
            "Gathered strips on an edge, relaxed or stretched.",
            List.of(),
            List.of(
                    Dimension.length("edge", "Edge it goes on, at rest", 900, 50, 6000),
                    Dimension.share("pulled", "The edge stretches in wear by", 0, 0, 1)
                            .hint("0 for woven cloth"),
                    Dimension.share("ratio", "Gathering ratio", 2, 1.2, 4).hint("1.5 light, 2 usual, 3 sheer"),
                    Dimension.length("wide", "Finished width", 60, 10, 500),
                    Dimension.length("panel", "Longest strip the cloth gives", 1200, 100, 3000),
                    Dimension.length("seam", "Seam allowance", 10, 5, 25),
                    Dimension.length("hem", "Hem allowance", 6, 0, 40).hint("none where an old edge is kept")),
            "light; gathers well",
            List.of(),
            "Strip = ratio × edge × (1 + what it stretches); strips = strip/longest, rounded up, each with a join (handbook of the trade §4).",
            StripDraft::ruffle);

    static final Draft STRAP = strip(
            "strap", "strap or tie", "A strip folded lengthwise and turned through, or folded in.", Role.TIE, 2, 450);
    static final Draft CASING =
            strip("casing", "casing", "A strip sewn on flat for an elastic or a cord to run in.", Role.TRIM, 1, 900);

    static final Draft CORD = new Draft(
            "drawcord",
            "drawcord",
            Draft.Family.PARTS,
            "A cord through a casing: round, out, and knotted.",
            List.of(BodyMeasure.HEIGHT),
            List.of(
                    Dimension.length("girth", "Casing, all round", 900, 100, 3000),
                    Dimension.length("ends", "Each end beyond the casing", 220, 20, 600),
                    Dimension.length("wide", "Finished width", 10, 4, 30),
                    Dimension.length("thick", "Thickness of the cloth", 0.6, 0.1, 5),
                    Dimension.length("seam", "Seam allowance", 6, 3, 15)),
            "does not stretch; try it pulled",
            List.of(),
            Wording.of(
                    "Cord = casing + both ends + 60 mm for knots; cut 2 × width + 2 allowances; narrower than 6 × thickness it cannot be turned (common practice, no source)."),
            StripDraft::cord);

    private static final double KNOTS_MM = 60;
    private static final double TURNABLE = 6;
    private static final double CORD_BEYOND_MM = 75;

    private StripDraft() {}

    private static Draft strip(String id, String words, String about, Role role, int copies, double length) {
        return new Draft(
                id,
                words,
                Draft.Family.PARTS,
                about,
                List.of(),
                List.of(
                        Dimension.length("wide", "Finished width", 25, 4, 200),
                        Dimension.length("length", "Finished length", length, 20, 4000),
                        Dimension.count("copies", "How many", copies, 1, 30),
                        Dimension.length("thick", "Thickness of the cloth", 0.6, 0.1, 8),
                        Dimension.length("seam", "Seam allowance", 8, 3, 20)),
                "firm; along the grain",
                List.of(),
                id.equals("casing")
                        ? "Cut finished width and an allowance at every edge (common practice, no source)."
                        : "Cut 2 × finished width + 2 allowances; narrower than 6 × thickness it cannot be turned (handbook of the trade §4; common practice, no source).",
                f -> strip(f, id, words, role));
    }

    private static Design strip(Figures f, String id, String words, Role role) {
        boolean folded = !id.equals("casing");
        double wide = folded ? 2 * f.of("wide") : f.of("wide");
        Paper paper = Paper.rectangle(id, words, wide, f.of("length"))
                .seams(f.of("seam"))
                .copies(f.count("copies"))
                .wish("right", EdgeWish.of(role));
        if (folded) {
            paper.mark(Mark.Kind.FOLD, "folded lengthwise", new Point(0, 0), new Point(0, f.of("length")));
        }
        List<String> notes = new ArrayList<>();
        notes.add(Wording.fill(
                "Cut %.0f mm wide: %s.",
                wide + 2 * f.of("seam"),
                folded ? "twice the finished width and two allowances" : "the finished width and two allowances"));
        if (folded && f.of("wide") < TURNABLE * f.of("thick")) {
            notes.add(Wording.fill(
                    "Cloth this thick cannot be turned through at that width: at least %.0f mm, or fold the edges in and topstitch.",
                    TURNABLE * f.of("thick")));
        }
        notes.add("Pieced from remnants, each join takes two allowances; joins at 45° lie flatter.");
        return new Design(
                words,
                List.of(paper.piece()),
                folded ? List.of(Join.itself("lengthwise", id, "right", "left")) : List.of(),
                List.of(
                        Size.length("length", f.of("length"), new Size.Term(id, "right", 1)),
                        Size.length("width, flat", wide, new Size.Term(id, "lower", 1))),
                notes,
                List.of());
    }

    /** Strips for a length, and how long each is cut from the stitch line. */
    static int strips(double lengthMm, double longestMm, double seamMm) {
        double usable = longestMm - 2 * seamMm;
        return Math.max(1, (int) Math.ceil(lengthMm / Math.max(usable, 1)));
    }

    private static Design ruffle(Figures f) {
        double target = f.of("edge") * (1 + f.of("pulled"));
        double length = f.of("ratio") * target;
        double seam = f.of("seam");
        int n = strips(length, f.of("panel"), seam);
        if (n > 60) {
            throw new org.handdown.measure.RefusedValueException(
                    "choices.panel", "That takes more than 60 strips; cut longer ones, or gather less.");
        }
        double each = length / n;
        Piece strip = Paper.rectangle("ruffle", "ruffle strip", each, f.of("wide"))
                .hem("lower", f.of("hem"))
                .seams(seam)
                .copies(n)
                .quarters("upper")
                .mark(
                        Mark.Kind.GATHER,
                        "gather all of this edge, two rows",
                        new Point(-each / 2, f.of("wide")),
                        new Point(each / 2, f.of("wide")))
                .piece();
        List<String> notes = List.of(
                Wording.fill(
                        "%.0f mm of strip: %.2f × %.0f mm%s. Strips: %d, joins: %d.",
                        length, f.of("ratio"), target, f.of("pulled") > 0 ? ", the edge stretched" : "", n, n),
                Wording.fill(
                        "Quarter marks every %.0f mm on the strip, every %.0f mm on the edge at rest; two rows, one inside the allowance, one 6 mm from the edge.",
                        length / 4, f.of("edge") / 4),
                "Join the strips to a ring and hem it before it is gathered and sewn on.");
        return new Design(
                "ruffle",
                List.of(strip),
                List.of(Join.ring("strips end to end", "ruffle", "right", "left")),
                List.of(
                        Size.length("all strips, gathered edge", length, new Size.Term("ruffle", "upper", n)),
                        Size.length("finished width", f.of("wide"), new Size.Term("ruffle", "right", 1))),
                notes,
                List.of());
    }

    private static Design cord(Figures f) {
        double length = f.of("girth") + 2 * f.of("ends") + KNOTS_MM;
        Piece cord = Paper.rectangle("cord", "drawcord", 2 * f.of("wide"), length)
                .allow("lower", new Allowance(0, "knotted"))
                .allow("upper", new Allowance(0, "knotted"))
                .seams(f.of("seam"))
                .grain(CutGrain.LENGTHWISE)
                .wish("right", EdgeWish.of(Role.CORD))
                .piece();
        List<String> notes = new ArrayList<>();
        notes.add(Wording.fill(
                "%.0f mm round, %.0f mm at each end, %.0f mm for the knots. Pull it through the open casing once before it is cut to length.",
                f.of("girth"), f.of("ends"), KNOTS_MM));
        if (f.of("wide") < TURNABLE * f.of("thick")) {
            notes.add("Too narrow to turn through: fold the edges in and topstitch, or use a bought cord.");
        }
        boolean child = f.body(BodyMeasure.HEIGHT) < BodyLimits.GROWN_MM;
        List<String> cautions = new ArrayList<>();
        if (f.body(BodyMeasure.HEIGHT) < BodyLimits.YOUNG_CHILD_MM || child && f.of("ends") > CORD_BEYOND_MM) {
            cautions.add(BodyLimits.CORD);
        }
        return new Design(
                "drawcord",
                List.of(cord),
                List.of(),
                List.of(Size.length("length", length, new Size.Term("cord", "right", 1))),
                notes,
                cautions);
    }
}
