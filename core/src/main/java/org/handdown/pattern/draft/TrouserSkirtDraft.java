package org.handdown.pattern.draft;

import java.util.ArrayList;
import java.util.List;
import org.handdown.body.BodyMeasure;
import org.handdown.geometry.Point;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.pattern.Design;
import org.handdown.pattern.Mark;
import org.handdown.pattern.Piece;
import org.handdown.pattern.Size;

/**
 * Wedges that turn trousers into a skirt: the inseam is opened, the curved crotch lapped until it lies flat, and a wedge from a cut-off
 * leg fills the gap in front, another one, or a slit, that at the back.
 *
 * <p>Longest skirt whose front wedge one cut-off leg can fill: (T + A − k)/2 for trousers of length T, the split's apex A below the
 * waist and allowances k (handbook of the trade, worked example: T 105, A 45, k 3 cm give 73.5 cm: the cut-off is 31.5 cm, as is the
 * wedge with its allowances, 73.5 − 45 + 3).
 */
final class TrouserSkirtDraft {
    static final Draft DRAFT = new Draft(
            "trouser-skirt",
            "skirt from trousers: its wedges",
            Draft.Family.SKIRTS,
            "The wedges that fill the split of opened trousers, from their own cut-off legs.",
            List.of(BodyMeasure.WAIST_TO_FLOOR, BodyMeasure.INSIDE_LEG, BodyMeasure.HEIGHT),
            List.of(
                    Dimension.length(
                            "trousers", "Trousers, waist to hem", w -> w.mm(BodyMeasure.WAIST_TO_FLOOR), 300, 1300),
                    Dimension.length(
                                    "apex",
                                    "Split ends below the waist",
                                    w -> 1.35 * (w.mm(BodyMeasure.WAIST_TO_FLOOR) - w.mm(BodyMeasure.INSIDE_LEG)),
                                    80,
                                    700)
                            .hint("where the lapped crotch lies flat; lower makes the thigh tighter"),
                    Dimension.length(
                            "length",
                            "Finished skirt, waist to hem",
                            w -> 0.55 * w.mm(BodyMeasure.WAIST_TO_FLOOR),
                            150,
                            1200),
                    Dimension.length(
                            "gap",
                            "Gap of the split at the hem",
                            w -> Math.min(
                                    220,
                                    0.9
                                            * (1.35 * w.mm(BodyMeasure.INSIDE_LEG)
                                                    - 0.8 * w.mm(BodyMeasure.WAIST_TO_FLOOR))),
                            40,
                            900),
                    Dimension.length("legWide", "Width of a cut-off leg, opened flat", 420, 80, 1200),
                    Dimension.choice("back", "At the back", "a wedge too", "a slit to walk"),
                    Dimension.length("seam", "Seam allowance", 12, 5, 25),
                    Dimension.length("hem", "Hem allowance", 25, 0, 60).hint("none where an old hem is kept")),
            "the trousers’ own",
            List.of("front-wedge"),
            "Longest skirt with a front wedge in one piece: (T + A − k)/2. Wedge: as wide as the gap, its sides as long as the split, its hem an arc round its tip (handbook of the trade §4).",
            TrouserSkirtDraft::draw);

    private TrouserSkirtDraft() {}

    /** Longest skirt whose front wedge comes out of one cut-off leg in one piece; all in one unit. */
    static double longest(double trousers, double apex, double allowances) {
        return (trousers + apex - allowances) / 2;
    }

    private static Design draw(Figures f) {
        double length = f.of("length");
        double apex = f.of("apex");
        double gap = f.of("gap");
        double side = length - apex;
        if (side < 60) {
            throw new RefusedValueException(
                    "choices.length",
                    Wording.fill(
                            "A skirt of %.0f mm ends above or just below the split at %.0f mm: it needs no wedge. Make it longer, or close the split lower.",
                            length, apex));
        }
        if (gap / 2 >= side) {
            throw new RefusedValueException(
                    "choices.gap", "The gap is wider than twice the split is long; measure it again at the hem.");
        }
        double high = Math.sqrt(side * side - gap * gap / 4);
        List<Piece> pieces = new ArrayList<>();
        pieces.add(wedge(f, "front-wedge", "front wedge", gap, high));
        if (f.of("back") == 0) {
            pieces.add(wedge(f, "back-wedge", "back wedge", gap, high));
        }
        List<String> notes = notes(f, high);
        return new Design(
                "skirt from trousers",
                pieces,
                List.of(Join.alike("both sides of the wedge", "front-wedge", "right", "left")),
                List.of(
                        Size.length(
                                "side of the wedge, as long as the split",
                                side,
                                new Size.Term("front-wedge", "right", 1)),
                        Size.length("hem of the wedge", 0, new Size.Term("front-wedge", "hem", 1))),
                notes,
                List.of());
    }

    private static List<String> notes(Figures f, double high) {
        double length = f.of("length");
        double apex = f.of("apex");
        double gap = f.of("gap");
        double k = f.of("hem") + f.of("seam");
        double longest = longest(f.of("trousers"), apex, k);
        double cutOff = f.of("trousers") - length;
        List<String> notes = new ArrayList<>();
        notes.add(Wording.fill(
                "Longest skirt with a wedge in one piece: (%.0f + %.0f − %.0f)/2 = %.0f mm. Cut off at %.0f mm, a leg leaves %.0f mm; the wedge needs %.0f mm.",
                f.of("trousers"), apex, k, longest, length, cutOff, high + k));
        if (length > longest) {
            notes.add(Wording.fill(
                    "%.0f mm too long for that: piece the wedge, take other cloth, or close the split lower, which makes the thigh tighter.",
                    length - longest));
        }
        if (gap + 2 * f.of("seam") > f.of("legWide")) {
            notes.add(Wording.fill(
                    "The wedge is %.0f mm wide at its base with allowances, a cut-off leg %.0f mm: piece it, or take a narrower gap.",
                    gap + 2 * f.of("seam"), f.of("legWide")));
        }
        notes.add(
                "Try on before the legs are cut: lap the crotch, pin, walk, settle the length. A wrong cut forces another skirt.");
        if (f.of("back") == 1) {
            notes.add("Leave the back open from the hem to where a step needs it; finish its edges before the hem.");
        }
        return notes;
    }

    private static Piece wedge(Figures f, String id, String name, double gap, double high) {
        double side = Math.hypot(gap / 2, high);
        Point tip = new Point(0, high);
        // Round the tip, so that the hem meets the split's edges square and is level once it hangs.
        return new Paper(id, name, -gap / 2, 0)
                .arc("hem", tip, 2 * StrictMath.asin(gap / 2 / side))
                .line("right", tip)
                .line("left", -gap / 2, 0)
                .hem("hem", f.of("hem"))
                .seams(f.of("seam"))
                .mark(Mark.Kind.FOLD, "cut on this fold: both sides alike", new Point(0, high - side), tip)
                .piece();
    }

    /** Isosceles, standing on its base. Edges: hem, right, left. */
    static Paper triangle(String id, String name, double base, double high) {
        return new Paper(id, name, -base / 2, 0)
                .line("hem", base / 2, 0)
                .line("right", 0, high)
                .line("left", -base / 2, 0);
    }
}
