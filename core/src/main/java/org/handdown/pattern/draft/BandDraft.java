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
import org.handdown.pattern.DesignSeam;
import org.handdown.pattern.EdgeWish;
import org.handdown.pattern.Mark;
import org.handdown.pattern.Piece;
import org.handdown.pattern.PieceCloth;
import org.handdown.pattern.Role;
import org.handdown.pattern.Size;
import org.handdown.pattern.Supply;

/**
 * Bands: waistbands (straight, elastic, bias, a kept rib), cuffs and neckbands on an edge. A ring sewn on smaller is stretched by
 * edge/band − 1, never more than it stretches to (handbook of the trade §4). Worked checks: a band of 0.85 on 400 mm is 340 mm; a 3 in
 * strip folded is 1½ in and leaves 1¼ in with ¼ in allowances, so the elastic is narrower.
 */
final class BandDraft {
    static final Draft WAISTBAND = new Draft(
            "waistband",
            "waistband",
            Draft.Family.PARTS,
            "Straight, with elastic, on the bias, or an old rib kept.",
            List.of(BodyMeasure.WAIST, BodyMeasure.HIP),
            List.of(
                    Dimension.choice(
                            "kind", "Kind", "straight, with overlap", "with elastic", "on the bias", "an old rib"),
                    Dimension.length("edge", "Edge it goes on", w -> w.mm(BodyMeasure.WAIST) + 10, 200, 3000),
                    Dimension.length("overlap", "Overlap", 30, 0, 80),
                    Dimension.length("elastic", "Width of the elastic", 25, 5, 80),
                    Dimension.length("wide", "Finished width", 32, 10, 140),
                    Dimension.share("stretch", "Stretch of a kept rib", 0.5, 0, 2),
                    Dimension.length("seam", "Seam allowance", 10, 5, 25)),
            "firm; straight grain holds, bias gives",
            List.of(),
            Wording.of(
                    "Straight = edge + overlap; elastic: as wide as the hips, cut 2 × (elastic + 3 mm) high; kept rib: at most edge/(share) and edge/rib below 1 + stretch (handbook of the trade §4)."),
            BandDraft::waistband);

    static final Draft CUFF = new Draft(
            "cuff",
            "cuff or neckband",
            Draft.Family.PARTS,
            "A folded band sewn on smaller than its edge.",
            List.of(),
            List.of(
                    Dimension.length("edge", "Edge it goes on", 400, 60, 1500),
                    Dimension.share("ratio", "Band, share of the edge", 0.85, 0.5, 1)
                            .hint("0.75 to 0.9 for ribs"),
                    Dimension.share("stretch", "Stretch of the band", 0.5, 0, 2).ofTheCloth(),
                    Dimension.length("wide", "Finished width", 40, 6, 200),
                    Dimension.length("passes", "Must pass, girth", 0, 0, 1800)
                            .hint("head, hand or heel; 0 for nothing"),
                    Dimension.length("seam", "Seam allowance", 8, 3, 20)),
            "rib or knit with good recovery",
            List.of("band"),
            "Band = share × edge; stretched by 1/share − 1 while it is sewn; band × (1 + stretch) ≥ what it must pass (handbook of the trade §4).",
            BandDraft::cuff);

    static final Draft FACING = new Draft(
            "facing-strip",
            "straight facing",
            Draft.Family.PARTS,
            "A strip behind a straight edge; a shaped facing follows from its piece instead.",
            List.of(),
            List.of(
                    Dimension.length("edge", "Edge it lies behind", 400, 30, 3000),
                    Dimension.length("deep", "Depth", 45, 10, 150),
                    Dimension.count("copies", "How many", 1, 1, 12),
                    Dimension.length("seam", "Seam allowance", 10, 5, 25)),
            "light, may lie across the grain",
            List.of(),
            "As long as the edge, so deep; its inner edge is overcast and not turned (common practice, no source).",
            BandDraft::facing);

    private BandDraft() {}

    private static Design waistband(Figures f) {
        double edge = f.of("edge");
        double wide = f.of("wide");
        double seam = f.of("seam");
        double hip = f.body(BodyMeasure.HIP);
        List<Size> sizes = new ArrayList<>();
        List<String> notes = new ArrayList<>();
        Piece band;
        int kind = f.count("kind");
        if (kind == 1) {
            double room = f.of("elastic") + 3;
            double length = Math.max(edge, hip);
            band = folded("waistband", "waistband", length, room, seam).piece();
            sizes.add(Size.opening(
                    "band before the elastic, which must pass the hips",
                    hip,
                    0,
                    new Size.Term("waistband", "lower", 1)));
            notes.add(Wording.fill(
                    "Folded it leaves %.0f mm for an elastic of %.0f mm. Elastic %s; a gap of 50 mm to thread it.",
                    room, f.of("elastic"), f.practice().elastic(f.body(BodyMeasure.WAIST))));
        } else if (kind == 3) {
            double rib = edge / (1 + f.usable(f.of("stretch")));
            band = Paper.rectangle("waistband", "waistband from an old rib", rib, wide)
                    .allow("upper", new Allowance(0, "the rib's own edge"))
                    .seams(seam)
                    .cloth(PieceCloth.RIB)
                    .grain(CutGrain.EITHER)
                    .quarters("lower")
                    .wish("lower", new EdgeWish(Role.WAISTBAND, 0, edge))
                    .piece();
            sizes.add(Size.opening(
                    "rib, which must pass the hips", hip, f.of("stretch"), new Size.Term("waistband", "lower", 1)));
            notes.add(Wording.fill(
                    "A rib of at least %.0f mm at rest lies along the edge of %.0f mm at a comfortable stretch; a longer one is eased.",
                    rib, edge));
        } else {
            band = closed(f, kind == 2);
            sizes.add(Size.girth("closed", 0, 0, 0, new Size.Term("waistband", "lower", 1))
                    .plus(-f.of("overlap"), "overlap"));
            notes.add(
                    kind == 2
                            ? "Bias grows when it hangs and stretches when it is sewn: sew it to straight grain, stay-stitched, and interface one half."
                            : "Interface one half, up to the fold, without the allowances.");
        }
        boolean isRing = kind == 1 || kind == 3;
        Design design =
                new Design("waistband", List.of(band), isRing ? ends("waistband") : List.of(), sizes, notes, List.of());
        if (!isRing) {
            return design.closing(Closing.lapping("waistband", "waistband", "right", "left", f.of("overlap")));
        }
        return kind == 1
                ? design.taking(Supply.elastic(
                        "waistband", 1, f.practice().elasticMm(f.body(BodyMeasure.WAIST)), f.of("elastic")))
                : design;
    }

    private static List<DesignSeam> ends(String band) {
        return List.of(Join.itself("ends of the band", band, "right", "left"));
    }

    private static Piece closed(Figures f, boolean isBias) {
        Paper paper = folded("waistband", "waistband", f.of("edge") + f.of("overlap"), f.of("wide"), f.of("seam"));
        Waistband.closing(paper, f.of("edge") + f.of("overlap"), 2 * f.of("wide"), f.of("overlap"));
        Piece band = (isBias ? paper.grain(CutGrain.BIAS) : paper).piece();
        return band;
    }

    private static Paper folded(String id, String name, double length, double wide, double seam) {
        return Paper.rectangle(id, name, length, 2 * wide)
                .seams(seam)
                .grain(CutGrain.EITHER)
                .quarters("lower")
                .mark(Mark.Kind.FOLD, "folded lengthwise", new Point(-length / 2, wide), new Point(length / 2, wide));
    }

    private static Design cuff(Figures f) {
        double length = f.of("ratio") * f.of("edge");
        Piece band = TShirtDraft.band("band", "band", length, f.of("wide"), f.of("seam"))
                .cloth(PieceCloth.SHELL)
                .wish("lower", new EdgeWish(Role.CUFF, 0, f.of("edge")))
                .piece();
        double needed = 1 / f.of("ratio") - 1;
        List<String> notes = new ArrayList<>();
        notes.add(Wording.fill(
                "Four marks on both; the band is pulled by %.1f %% to lie along the edge, the edge itself is not pulled.",
                100 * needed));
        if (needed > f.of("stretch")) {
            notes.add(Wording.fill(
                    "It stretches by %.0f %% only: cut it at least %.0f mm long.",
                    100 * f.of("stretch"), f.of("edge") / (1 + f.of("stretch"))));
        }
        return new Design(
                "cuff",
                List.of(band),
                ends("band"),
                List.of(
                        Size.opening(
                                "pulled along its edge",
                                f.of("edge"),
                                f.of("stretch"),
                                new Size.Term("band", "lower", 1)),
                        Size.opening(
                                "what it must pass",
                                f.of("passes"),
                                f.of("stretch"),
                                new Size.Term("band", "lower", 1))),
                notes,
                List.of());
    }

    private static Design facing(Figures f) {
        Piece strip = Paper.rectangle("facing", "facing", f.of("deep"), f.of("edge"))
                .allow("right", new Allowance(3, "overcast, left flat"))
                .seams(f.of("seam"))
                .copies(f.count("copies"))
                .grain(CutGrain.EITHER)
                .piece();
        return new Design(
                "facing",
                List.of(strip),
                List.of(),
                List.of(Size.length("edge", f.of("edge"), new Size.Term("facing", "left", 1))),
                List.of("Under-stitch it: sew the allowance to the facing, so that the facing does not show."),
                List.of());
    }
}
