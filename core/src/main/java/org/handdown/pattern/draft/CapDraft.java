package org.handdown.pattern.draft;

import java.util.ArrayList;
import java.util.List;
import org.handdown.body.BodyMeasure;
import org.handdown.geometry.Point;
import org.handdown.measure.Wording;
import org.handdown.pattern.CutGrain;
import org.handdown.pattern.Design;
import org.handdown.pattern.DesignSeam;
import org.handdown.pattern.Piece;
import org.handdown.pattern.PieceCloth;
import org.handdown.pattern.Size;

/**
 * A lined peaked cap: a crown of four quarters, a side of two, a band and a brim that is interfaced short of its allowance (handbook of
 * the trade §4). The ring at the head is closed by the crown's four seams: sewn s′ instead of s it changes by 2n(s − s′). Worked check:
 * drafted at 5/8 in and sewn at 3/8 in a ring of four is 2 in too large.
 */
final class CapDraft {
    static final Draft DRAFT = new Draft(
            "cap",
            "lined peaked cap",
            Draft.Family.SMALL,
            "Flat crown of four quarters, side, band and an interfaced brim; lined.",
            List.of(BodyMeasure.HEAD_GIRTH, BodyMeasure.HEAD_HEIGHT),
            List.of(
                    Dimension.length("ease", "Room round the head", 15, 0, 80),
                    Dimension.length("side", "Height of the side", w -> 0.2 * w.mm(BodyMeasure.HEAD_HEIGHT), 25, 160),
                    Dimension.length("puff", "Side wider at the crown than at the head, all round", 60, 0, 500),
                    Dimension.length("band", "Finished width of the band", 30, 10, 80),
                    Dimension.length("brim", "Depth of the brim", 55, 20, 120),
                    Dimension.length("seam", "Seam allowance", 8, 4, 20)),
            "firm; the lining smooth",
            List.of("brim"),
            "Ring = head + room; side from there to ring + puff; a crown quarter has the radius of a circle of that length; the brim goes over 0.42 of the ring (common practice, no source).",
            f -> new CapDraft(f).design());

    private static final double BRIM_SHARE = 0.42;
    private static final int QUARTERS = 4;

    private final Figures f;
    private final double seam;
    private final double ring;
    private final double crownEdge;

    private CapDraft(Figures f) {
        this.f = f;
        this.seam = f.of("seam");
        this.ring = f.body(BodyMeasure.HEAD_GIRTH) + f.of("ease");
        this.crownEdge = ring + f.of("puff");
    }

    private Design design() {
        Sector quarter = new Sector(0.5, crownEdge / (2 * Math.PI) - 0.5, Math.PI / 2);
        Sector half = Sector.between(ring / 2, crownEdge / 2, f.of("side"));
        List<Piece> pieces = new ArrayList<>();
        pieces.add(crown(quarter, "crown", "crown quarter", PieceCloth.SHELL));
        pieces.add(crown(quarter, "crown-lining", "crown quarter, lining", PieceCloth.LINING));
        pieces.add(side(half, "side", "side", PieceCloth.SHELL));
        pieces.add(side(half, "side-lining", "side, lining", PieceCloth.LINING));
        pieces.add(Paper.rectangle("band", "band", ring, 2 * f.of("band"))
                .seams(seam)
                .grain(CutGrain.EITHER)
                .quarters("lower")
                .mark(
                        org.handdown.pattern.Mark.Kind.FOLD,
                        "folded lengthwise",
                        new Point(-ring / 2, f.of("band")),
                        new Point(ring / 2, f.of("band")))
                .piece());
        pieces.add(brim("brim", "brim", PieceCloth.SHELL));
        pieces.add(brim("brim-interfacing", "brim interfacing", PieceCloth.INTERFACING));
        List<DesignSeam> seams = List.of(
                Join.ring("crown quarters", "crown", "right", "left"),
                Join.equal(
                        "crown on the side",
                        List.of(Join.side("crown", "hem", QUARTERS)),
                        List.of(Join.side("side", "hem", 2))),
                Join.ring("side seams", "side", "right", "left"),
                Join.itself("ends of the band", "band", "right", "left"),
                Join.equal("band on the side", List.of(Join.side("side", "upper", 2)), "band", "lower", 1),
                Join.equal("both brims along their outer edge", "brim", "outer", "brim", "outer"),
                Join.ring("crown quarters of the lining", "crown-lining", "right", "left"),
                Join.equal(
                        "crown on the side of the lining",
                        List.of(Join.side("crown-lining", "hem", QUARTERS)),
                        List.of(Join.side("side-lining", "hem", 2))),
                Join.ring("side seams of the lining", "side-lining", "right", "left"),
                Join.equal("lining in the ring", List.of(Join.side("side", "upper", 2)), "side-lining", "upper", 2)
                        .with(DesignSeam.Copies.BEHIND));
        List<Size> sizes = List.of(
                Size.girth(
                        "ring at the head",
                        f.body(BodyMeasure.HEAD_GIRTH),
                        f.of("ease"),
                        0,
                        new Size.Term("side", "upper", 2)),
                Size.girth("band", f.body(BodyMeasure.HEAD_GIRTH), f.of("ease"), 0, new Size.Term("band", "lower", 1)),
                Size.length("inner edge of the brim", BRIM_SHARE * ring, new Size.Term("brim", "inner", 1)));
        List<String> notes = List.of(
                Wording.fill(
                        "Four seams close the crown: sewn 3 mm nearer to the edge than drawn it comes out %.0f mm too large.",
                        2 * QUARTERS * 3.0),
                Wording.fill(
                        "The brim takes %.0f mm of the ring, its middle at the middle of the front; clip its inner curve before it is sewn in.",
                        BRIM_SHARE * ring),
                "Interface one layer of the brim only, cut without its allowance.");
        return new Design("cap", pieces, seams, sizes, notes, List.of())
                .laying("brim", "side")
                .laying("brim-interfacing", "brim");
    }

    private Piece crown(Sector quarter, String id, String name, PieceCloth cloth) {
        return quarter.paper(id, name)
                .bare("upper", "the point where four quarters meet")
                .seams(seam)
                .copies(QUARTERS)
                .cloth(cloth)
                .notch("middle", "hem", 0.5)
                .piece();
    }

    private Piece side(Sector half, String id, String name, PieceCloth cloth) {
        return half.paper(id, name)
                .seams(seam)
                .copies(2)
                .cloth(cloth)
                .notch("middle", "upper", 0.5)
                .notch("middle", "hem", 0.5)
                .piece();
    }

    /** A crescent. Its inner edge is an arc as long as its share of the ring, on a radius half as large again. */
    private Piece brim(String id, String name, PieceCloth cloth) {
        double inner = BRIM_SHARE * ring;
        double radius = 1.5 * ring / (2 * Math.PI);
        double angle = inner / radius;
        double x = radius * StrictMath.sin(angle / 2);
        double y = radius * StrictMath.cos(angle / 2);
        Point apex = new Point(0, radius);
        // The inner arc hangs below its apex, its ends up; the outer edge swings below it.
        double ends = radius - y;
        // A cubic reaches three quarters of its handles' way at its middle.
        double handle = ends - (ends + f.of("brim")) / 0.75;
        Paper paper = new Paper(id, name, -x, ends)
                .curve("outer", new Point(-0.95 * x, handle), new Point(0.95 * x, handle), new Point(x, ends));
        return paper.edge(Paper.arc("inner", new Point(x, ends), apex, -angle))
                .seams(seam)
                .copies(cloth == PieceCloth.SHELL ? 2 : 1)
                .cloth(cloth)
                .notch("middle", "inner", 0.5)
                .piece();
    }
}
