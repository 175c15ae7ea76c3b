package org.handdown.pattern.draft;

import java.util.List;
import org.handdown.body.BodyMeasure;
import org.handdown.body.Fit;
import org.handdown.geometry.Point;
import org.handdown.measure.Wording;
import org.handdown.pattern.Allowance;
import org.handdown.pattern.Design;
import org.handdown.pattern.EdgeWish;
import org.handdown.pattern.Mark;
import org.handdown.pattern.Piece;
import org.handdown.pattern.Role;
import org.handdown.pattern.Size;

/**
 * Leg warmers, and a beanie with a cuff, of knit that stretches by at least a quarter. Finished = body × (1 − share). Worked check:
 * calf 240 mm by 10 % less is 216 mm, stretched 11.1 % in wear; head 520 mm by 8 % less is 478 mm.
 */
final class SmallKnitDraft {
    static final Draft LEG_WARMERS = new Draft(
            "leg-warmers",
            "leg warmers",
            Draft.Family.SMALL,
            "Two tapered tubes; old cuffs or ribs may be their ends.",
            List.of(BodyMeasure.CALF, BodyMeasure.KNEE_TO_ANKLE, BodyMeasure.HEEL_GIRTH),
            List.of(
                    Dimension.share("tight", "Smaller than the leg, by", 0.1, 0, 0.5),
                    Dimension.share("stretch", "Stretch of the knit across", 0.35, 0.1, 2)
                            .ofTheCloth()
                            .hint(Wording.of("measured over at least 100 mm")),
                    Dimension.length("length", "Length", w -> 1.1 * w.mm(BodyMeasure.KNEE_TO_ANKLE), 80, 800),
                    Dimension.length("seam", "Seam allowance", 8, 3, 20),
                    Dimension.length("hem", "Turned at both ends", 20, 0, 60).hint("none where an old rib is kept")),
            "knit that springs back, stretch round the leg",
            List.of(),
            "Upper end = calf × (1 − share); lower end the larger of 0.8 of that and heel/(1 + stretch) (common practice, no source).",
            SmallKnitDraft::legWarmers);

    static final Draft BEANIE = new Draft(
            "beanie",
            "beanie with cuff",
            Draft.Family.SMALL,
            "Two halves with a pointed crown, and a folded cuff.",
            List.of(BodyMeasure.HEAD_GIRTH, BodyMeasure.HEAD_HEIGHT),
            List.of(
                    Dimension.share("tight", "Smaller than the head, by", 0.08, 0, 0.4),
                    Dimension.share("stretch", "Stretch of the knit across", 0.35, 0.25, 2)
                            .ofTheCloth()
                            .hint(Wording.of("at least 25 %, measured over at least 100 mm")),
                    Dimension.length("cuff", "Finished width of the cuff", 40, 0, 100),
                    Dimension.share("cuffRatio", "Cuff, share of the edge", 0.9, 0.7, 1),
                    Dimension.length("seam", "Seam allowance", 8, 3, 20)),
            "knit, at least 25 % stretch round the head",
            List.of(),
            "Edge = head × (1 − share); height half of the measure over the crown; cuff = share × edge (handbook of the trade §4; common practice, no source).",
            SmallKnitDraft::beanie);

    private SmallKnitDraft() {}

    private static Design legWarmers(Figures f) {
        double stretch = f.of("stretch");
        double upper = f.body(BodyMeasure.CALF) * (1 - f.of("tight"));
        double lower = Math.min(upper * 1.2, Math.max(0.8 * upper, f.body(BodyMeasure.HEEL_GIRTH) / (1 + stretch)));
        double length = f.of("length");
        // Straight ends, so that an old rib can be one; the seam leaves both square, so that they run on round the leg.
        Piece piece = new Paper("leg-warmer", "leg warmer", -lower / 2, 0)
                .line("lower", lower / 2, 0)
                .curve(
                        "right",
                        new Point(lower / 2, length / 3),
                        new Point(upper / 2, 2 * length / 3),
                        new Point(upper / 2, length))
                .line("upper", -upper / 2, length)
                .curve(
                        "left",
                        new Point(-upper / 2, 2 * length / 3),
                        new Point(-lower / 2, length / 3),
                        new Point(-lower / 2, 0))
                .hem("lower", f.of("hem"))
                .allow("upper", Allowance.turned(f.of("hem"), "turned down; none where an old rib is kept"))
                .wish("lower", new EdgeWish(Role.CUFF, 0, f.body(BodyMeasure.HEEL_GIRTH)))
                .wish("upper", new EdgeWish(Role.CUFF, 0, f.body(BodyMeasure.CALF)))
                .seams(f.of("seam"))
                .copies(2)
                .level("calf", f.of("length"))
                .piece();
        return new Design(
                "leg warmers",
                List.of(piece),
                List.of(Join.itself("seam", "leg-warmer", "right", "left")),
                List.of(
                        Size.girth(
                                "calf",
                                f.body(BodyMeasure.CALF),
                                upper - f.body(BodyMeasure.CALF),
                                stretch,
                                new Size.Term("leg-warmer", "upper", 1)),
                        Size.opening(
                                "lower end, which must pass the heel",
                                f.body(BodyMeasure.HEEL_GIRTH),
                                stretch,
                                new Size.Term("leg-warmer", "lower", 1)),
                        Size.length("length", f.of("length"), new Size.Term("leg-warmer", "right", 1))),
                List.of(
                        "At the calf: " + Fit.sentence(upper, f.body(BodyMeasure.CALF), f.usable(stretch)) + ".",
                        "Sleeves make good ones: cut exactly on the seam keeps the tube whole."),
                List.of());
    }

    private static Design beanie(Figures f) {
        double stretch = f.of("stretch");
        double edge = f.body(BodyMeasure.HEAD_GIRTH) * (1 - f.of("tight"));
        double high = f.body(BodyMeasure.HEAD_HEIGHT) / 2;
        double straight = 0.45 * high;
        double half = edge / 4;
        Piece side = new Paper("half", "beanie half", -half, 0)
                .line("lower", half, 0)
                .line("right", half, straight)
                .curve(
                        "crown right",
                        new Point(half, straight + 0.5 * (high - straight)),
                        new Point(0.35 * half, high - 4),
                        new Point(0, high))
                .curve(
                        "crown left",
                        new Point(-0.35 * half, high - 4),
                        new Point(-half, straight + 0.5 * (high - straight)),
                        new Point(-half, straight))
                .line("left", -half, 0)
                .seams(f.of("seam"))
                .copies(2)
                .notch("middle", 0, 0)
                .piece();
        Piece cuff = TShirtDraft.band("cuff", "cuff", f.of("cuffRatio") * edge, Math.max(8, f.of("cuff")), f.of("seam"))
                .cloth(org.handdown.pattern.PieceCloth.SHELL)
                .wish("lower", new EdgeWish(Role.CUFF, 0, f.body(BodyMeasure.HEAD_GIRTH)))
                .mark(Mark.Kind.DOT, "seam to the centre back", new Point(-f.of("cuffRatio") * edge / 2, 0))
                .piece();
        return new Design(
                "beanie",
                List.of(side, cuff),
                List.of(
                        Join.ring("straight side seams", "half", "right", "left"),
                        Join.ring("crown seams", "half", "crown right", "crown left"),
                        Join.itself("ends of the cuff", "cuff", "right", "left"),
                        Join.ratio(
                                "cuff on the edge",
                                List.of(Join.side("half", "lower", 2)),
                                List.of(Join.side("cuff", "lower")),
                                f.of("cuffRatio"))),
                List.of(
                        Size.girth(
                                "edge",
                                f.body(BodyMeasure.HEAD_GIRTH),
                                edge - f.body(BodyMeasure.HEAD_GIRTH),
                                stretch,
                                new Size.Term("half", "lower", 2)),
                        Size.opening(
                                "cuff, which must pass the head",
                                f.body(BodyMeasure.HEAD_GIRTH),
                                stretch,
                                new Size.Term("cuff", "lower", 1))),
                List.of(Wording.fill(
                        "Round the head: %s. The cuff is stretched by %.0f %% while it is sewn on.",
                        Fit.sentence(edge, f.body(BodyMeasure.HEAD_GIRTH), f.usable(stretch)),
                        100 * (1 / f.of("cuffRatio") - 1))),
                List.of());
    }
}
