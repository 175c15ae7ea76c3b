package org.handdown.pattern.draft;

import java.util.List;
import org.handdown.body.BodyMeasure;
import org.handdown.measure.Wording;
import org.handdown.pattern.Design;
import org.handdown.pattern.DesignSeam;
import org.handdown.pattern.Piece;
import org.handdown.pattern.Size;

/**
 * A peplum or a flared tier: n panels on an edge that is measured after its darts are closed. Upper edge of a panel = edge/n, plus its
 * allowances; lower edge = upper + flare. Worked check: an edge of 36 in on four panels with ½ in seams is cut 36/4 + 2 · ½ = 10 in
 * wide at the top.
 */
final class PeplumDraft {
    static final Draft DRAFT = new Draft(
            "peplum",
            "peplum or flared tier",
            Draft.Family.PARTS,
            "Flared panels on an edge, all round or open in front.",
            List.of(BodyMeasure.WAIST),
            List.of(
                    Dimension.length(
                                    "edge",
                                    "Edge it goes on, darts closed",
                                    w -> w.mm(BodyMeasure.WAIST) + 40,
                                    100,
                                    4000)
                            .hint("measure it after the darts are sewn, not before"),
                    Dimension.count("panels", "Panels", 4, 1, 12),
                    Dimension.length("flare", "Wider at the hem, each panel", 120, 0, 900),
                    Dimension.length("length", "Finished length", 160, 30, 900),
                    Dimension.tick("open", "Open in front", false),
                    Dimension.length("seam", "Seam allowance", 12.7, 5, 25),
                    Dimension.length("hem", "Hem allowance", 15, 0, 40).hint("none where an old hem is kept")),
            "any; soft cloth falls better",
            List.of(),
            "Upper edge of a panel = edge/n + 2 × allowance; lower edge = that + flare; drawn as part of a ring of angle flare/length (common practice, no source).",
            PeplumDraft::draw);

    private PeplumDraft() {}

    private static Design draw(Figures f) {
        int panels = f.count("panels");
        double upper = f.of("edge") / panels;
        Sector sector = Sector.between(upper, upper + f.of("flare"), f.of("length"));
        if (sector.angleRad() > Math.PI) {
            throw new org.handdown.measure.RefusedValueException(
                    "choices.flare",
                    "A panel that flares so far in so short a length is more than half a circle: take more panels, less flare or more length.");
        }
        Piece panel = sector.paper("panel", "peplum panel")
                .hem("hem", f.of("hem"))
                .seams(f.of("seam"))
                .copies(panels)
                .notch("middle", "upper", 0.5)
                .piece();
        List<String> notes = List.of(
                Wording.fill(
                        "Cut %.0f mm wide at the top: %.0f mm and two allowances. The edge is measured once its darts are sewn.",
                        upper + 2 * f.of("seam"), upper),
                f.is("open")
                        ? "Open in front: it is no full ring; finish both front ends before it goes on."
                        : "A full ring: close it, hem it, then sew it on.");
        return new Design(
                "peplum",
                List.of(panel),
                List.of(
                        f.is("open")
                                ? Join.ring("panel seams", "panel", "right", "left")
                                        .with(DesignSeam.Copies.ROW)
                                : Join.ring("panel seams", "panel", "right", "left")),
                List.of(
                        Size.length("upper edge", f.of("edge"), new Size.Term("panel", "upper", panels)),
                        Size.length("hem, all round", 0, new Size.Term("panel", "hem", panels))),
                notes,
                List.of());
    }
}
