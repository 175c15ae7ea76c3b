package org.handdown.source.anatomy;

import static org.handdown.source.anatomy.AnatomyBuilder.run;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.handdown.assembly.Layer;
import org.handdown.fit.EdgeKind;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.EdgeFinish;
import org.handdown.source.graph.Join;
import org.handdown.source.graph.PartRole;
import org.handdown.source.graph.StitchType;
import org.handdown.source.shape.Block;

/** T-shirts, jumpers and sweatshirts. */
final class KnitAnatomy {
    private final GarmentMeasures m;
    private final AnatomyBuilder build;
    private final TopParts top;

    private KnitAnatomy(GarmentMeasures m) {
        this.m = m;
        this.build = new AnatomyBuilder(m.mm("allowance"));
        this.top = new TopParts(m, build);
    }

    static Anatomy of(GarmentMeasures m) {
        return new KnitAnatomy(m).make();
    }

    /** Ribs are knitted on at the edges of a jumper, sewn on as parts of a sweatshirt; a T-shirt has hems. */
    private boolean isRibbed() {
        return m.kind() != SourceKind.T_SHIRT;
    }

    private boolean hasRibParts() {
        return m.kind() == SourceKind.SWEATSHIRT;
    }

    private Anatomy make() {
        panels();
        double neckline = build.edgeMm("front", "neck") + build.edgeMm("back", "neck");
        seams(neckline);
        List<String> inside = new ArrayList<>(List.of("neckband"));
        if (hasRibParts()) {
            ribs(inside);
        } else if (!isRibbed()) {
            hems();
        }
        return build.spread(List.of(List.of("sleeve-right", "front", "sleeve-left")), List.of(List.of("back")), inside)
                .build();
    }

    private void panels() {
        boolean ribEdges = isRibbed() && !hasRibParts();
        Map<String, EdgeFinish> hem = ribEdges
                ? Map.of("hem", new EdgeFinish(EdgeKind.RIB, m.mm("hemRib"), m.mm("hemRibGirth") / 2))
                : Map.of();
        build.panel("front", Block.body(top.body(m.mm("neckDepth"))), hem)
                .panel("back", Block.body(top.body(TopParts.BACK_NECK_MM)), hem);
        top.sleeves(
                build.edgeMm("front", "armhole-left") + build.edgeMm("back", "armhole-left"),
                ribEdges
                        ? Map.of("hem", new EdgeFinish(EdgeKind.RIB, m.mm("cuffRib"), m.mm("cuffRibGirth")))
                        : Map.of());
    }

    private void seams(double neckline) {
        build.part(
                "neckband",
                isRibbed() ? "neck rib" : "neckband",
                Block.rectangle(neckline * 0.85, m.mm("neckband")),
                PartRole.RIB,
                Layer.SHELL,
                Map.of());
        for (String side : List.of("left", "right")) {
            build.sew("shoulder-" + side, side + " shoulder seam", top.seam())
                    .rows(top.rows())
                    .with(top.seam() == StitchType.CHAIN ? Set.of() : Set.of(Join.Trait.TAPED))
                    .along("front", TopParts.frontEdge("shoulder", side))
                    .along("back", "shoulder-" + side);
        }
        build.sew("neck", isRibbed() ? "neck rib seam" : "neckband seam", top.seam())
                .rows(top.rows())
                .longMm(neckline)
                .along("front", "neck")
                .along("back", "neck")
                .along("neckband", "lower");
        for (String side : List.of("left", "right")) {
            top.closing(
                    side,
                    run("front", TopParts.frontEdge("side", side)),
                    run("back", "side-" + side),
                    run("front", TopParts.frontEdge("armhole", side)),
                    run("back", "armhole-" + side));
        }
    }

    private void ribs(List<String> inside) {
        inside.add("hem-rib");
        build.part("hem-rib", Block.rectangle(m.mm("hemRibGirth"), m.mm("hemRib")), PartRole.RIB)
                .sew("hem-rib", "hem rib seam", top.seam())
                .longMm(m.mm("chest"))
                .along("front", "hem")
                .along("back", "hem")
                .along("hem-rib", "upper");
        for (String side : List.of("left", "right")) {
            inside.add("cuff-" + side);
            build.part("cuff-" + side, Block.rectangle(m.mm("cuffRibGirth"), m.mm("cuffRib")), PartRole.CUFF)
                    .sew("cuff-" + side, side + " cuff seam", top.seam())
                    .longMm(m.mm("sleeveHem"))
                    .along("sleeve-" + side, "hem")
                    .along("cuff-" + side, "upper");
        }
    }

    private void hems() {
        build.hem("hem", "hem", StitchType.COVER, m.mm("hemDepth"), run("front", "hem"), run("back", "hem"));
        for (String side : List.of("left", "right")) {
            build.hem(
                    "sleeve-hem-" + side,
                    side + " sleeve hem",
                    StitchType.COVER,
                    m.mm("hemDepth"),
                    run("sleeve-" + side, "hem"));
        }
    }
}
