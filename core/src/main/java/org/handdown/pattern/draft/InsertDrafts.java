package org.handdown.pattern.draft;

import java.util.List;
import org.handdown.geometry.Point;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.pattern.Allowance;
import org.handdown.pattern.CutGrain;
import org.handdown.pattern.Design;
import org.handdown.pattern.InsertDraft;
import org.handdown.pattern.Mark;
import org.handdown.pattern.Piece;
import org.handdown.pattern.Size;

/**
 * What is let into a seam or a slit: side inserts that taper, gussets, godets. Total T over k seams is T/k each, half of it either side of
 * the axis (handbook of the trade §3). Worked checks: 3 in over two seams is 1½ in each, ¾ in per half; ½ in above and 1½ in below on
 * both sides add 1 and 3 in to the girth.
 */
final class InsertDrafts {
    static final Draft SIDE = new Draft(
            "side-insert",
            "side insert with taper",
            Draft.Family.INSERTS,
            "A panel let into opened side seams, wider to the hem, with a gusset where it meets an armhole.",
            List.of(),
            List.of(
                    Dimension.length("top", "Gained at the top, all round", 25.4, 0, 600),
                    Dimension.length("bottom", "Gained at the hem, all round", 76.2, 12, 1200),
                    Dimension.length("length", "Opened seam, along its stitch line", 500, 60, 1600),
                    Dimension.count("seams", "Seams opened", 2, 1, 6),
                    Dimension.length("sleeve", "Sleeve seam opened for a gusset", 90, 0, 500)
                            .hint("0 for none"),
                    Dimension.tick("lined", "Lined", false),
                    Dimension.length("sew", "To be sewn", 6.35, 3, 20).hint("twice that is drawn and trimmed later")),
            "like the garment’s, or on purpose unlike",
            List.of(),
            "T/k each, T/2k either side of the axis; edges as long as the opened seam; gusset as wide as the insert’s top (handbook of the trade §3).",
            InsertDrafts::side);

    static final Draft GUSSET = new Draft(
            "gusset",
            "gusset",
            Draft.Family.INSERTS,
            "A diamond or a triangle where a seam pulls: under the arm, in the crotch, in a split.",
            List.of(),
            List.of(
                    Dimension.choice("shape", "Shape", "triangle", "diamond"),
                    Dimension.length("slit", "Slit or opened seam, each side", 110, 20, 700),
                    Dimension.length("spread", "It opens by", 80, 10, 900),
                    Dimension.count("copies", "How many", 2, 1, 8),
                    Dimension.length("seam", "Seam allowance", 10, 4, 25)),
            "on the bias it gives more",
            List.of(),
            "Isosceles: its sides as long as the slit, its base the spread (handbook of the trade §4).",
            InsertDrafts::gusset);

    static final Draft GODET = new Draft(
            "godet",
            "godet",
            Draft.Family.INSERTS,
            "Part of a circle let into a seam or slit to widen a hem.",
            List.of(),
            List.of(
                    Dimension.length("slit", "Slit, up from the hem", 250, 40, 1000),
                    Dimension.length("hem", "Width at the hem", 220, 20, 1400),
                    Dimension.count("copies", "How many", 4, 1, 24),
                    Dimension.length("seam", "Seam allowance", 10, 4, 25),
                    Dimension.length("turn", "Hem allowance", 10, 0, 40)),
            "falls like the skirt",
            List.of(),
            "A sector of the slit’s length whose arc is the width at the hem: angle = width/length (common practice, no source).",
            InsertDrafts::godet);

    private InsertDrafts() {}

    private static Design side(Figures f) {
        try {
            return inserted(f);
        } catch (RefusedValueException e) {
            throw e.within("choices");
        }
    }

    private static Design inserted(Figures f) {
        InsertDraft.Wish wish = new InsertDraft.Wish(
                List.of(new InsertDraft.Level(0, f.of("top")), new InsertDraft.Level(f.of("length"), f.of("bottom"))),
                f.count("seams"),
                f.of("length"),
                f.of("sew"),
                f.of("top") > 0 ? f.of("sleeve") : 0,
                f.is("lined"),
                false);
        InsertDraft insert = new InsertDraft(wish);
        return new Design(
                "side insert",
                insert.pieces(),
                List.of(Join.alike("both sides of the insert", "side-insert", "right", "left")),
                List.of(
                        Size.length(
                                "gained at the hem, all round",
                                f.of("bottom"),
                                new Size.Term("side-insert", "hem", f.count("seams"))),
                        Size.length("opened seam", f.of("length"), new Size.Term("side-insert", "right", 1))),
                insert.notes(),
                List.of());
    }

    private static Design gusset(Figures f) {
        double slit = f.of("slit");
        double spread = f.of("spread");
        if (spread >= 2 * slit) {
            throw new RefusedValueException(
                    "choices.spread", "It cannot open by twice the slit and more; measure the slit and the gap again.");
        }
        double high = Math.sqrt(slit * slit - spread * spread / 4);
        boolean diamond = f.of("shape") == 1;
        Paper paper = diamond
                ? new Paper("gusset", "gusset", 0, -high)
                        .line("lower right", spread / 2, 0)
                        .line("right", 0, high)
                        .line("left", -spread / 2, 0)
                        .line("lower left", 0, -high)
                : TrouserSkirtDraft.triangle("gusset", "gusset", spread, high);
        Piece piece = paper.seams(f.of("seam"))
                .copies(f.count("copies"))
                .grain(CutGrain.BIAS)
                .mark(Mark.Kind.FOLD, "cut on this fold: both sides alike", new Point(0, 0), new Point(0, high))
                .piece();
        return new Design(
                "gusset",
                List.of(piece),
                List.of(Join.alike("both sides", "gusset", "right", "left")),
                List.of(Size.length("side, as long as the slit", slit, new Size.Term("gusset", "right", 1))),
                List.of("Sew each side from the point outwards; reinforce the point before the slit is cut."),
                List.of());
    }

    private static Design godet(Figures f) {
        double angle = f.of("hem") / f.of("slit");
        if (angle > Math.PI) {
            throw new RefusedValueException(
                    "choices.hem",
                    Wording.fill(
                            "On a slit of %.0f mm a godet has at most %.0f mm at the hem, half a circle; take more of them.",
                            f.of("slit"), Math.PI * f.of("slit")));
        }
        double half = angle / 2;
        double slit = f.of("slit");
        double sin = StrictMath.sin(half);
        double cos = StrictMath.cos(half);
        Point tip = new Point(0, slit);
        Piece piece = new Paper("godet", "godet", -slit * sin, slit - slit * cos)
                .arc("hem", tip, angle)
                .line("right", tip)
                .line("left", -slit * sin, slit - slit * cos)
                .allow("hem", Allowance.turned(f.of("turn"), "turned up narrow, after hanging"))
                .seams(f.of("seam"))
                .copies(f.count("copies"))
                .piece();
        return new Design(
                "godet",
                List.of(piece),
                List.of(Join.alike("both sides", "godet", "right", "left")),
                List.of(
                        Size.length("side, as long as the slit", slit, new Size.Term("godet", "right", 1)),
                        Size.length(
                                "gained at the hem, all of them",
                                f.of("hem") * f.count("copies"),
                                new Size.Term("godet", "hem", f.count("copies")))),
                List.of("Level the hem after it has hung a day."),
                List.of());
    }
}
