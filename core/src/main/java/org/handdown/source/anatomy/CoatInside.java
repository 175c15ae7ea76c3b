package org.handdown.source.anatomy;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.handdown.assembly.Layer;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.source.graph.Join;
import org.handdown.source.graph.PartRole;
import org.handdown.source.graph.StitchType;
import org.handdown.source.shape.Block;

/** What is inside a coat: interfacing, shoulder pads, pockets with their bags. */
final class CoatInside {
    static final double POCKET_WIDE_MM = 160;
    static final double POCKET_HIGH_MM = 180;
    static final double WELTS_MM = 50;
    static final int PATCH = 0;
    static final int JETTED = 1;
    static final int PADS = 0;
    /** A pad reaches from the armhole to 20 mm before the neck (common practice, no source). */
    static final double PAD_FROM_NECK_MM = 20;

    static final double PAD_LONG_MM = 220;
    static final double LEAST_PAD_MM = 60;
    static final double PAD_ROUND = 0.55;

    private final GarmentMeasures m;
    private final boolean whole;
    private final AnatomyBuilder build;

    CoatInside(GarmentMeasures m, boolean whole, AnatomyBuilder build) {
        this.m = m;
        this.whole = whole;
        this.build = build;
    }

    void interfacings(List<String> inside) {
        for (String side : List.of("left", "right")) {
            String id = "interfacing-" + side;
            inside.add(id);
            build.part(
                            id,
                            side + " front interfacing",
                            build.part("front-" + side).outline(),
                            PartRole.FACING,
                            Layer.INTERFACING,
                            Map.of())
                    .sew(id, side + " front interfacing, glued on", StitchType.PLAIN)
                    .longMm(build.edgeMm("front-" + side, "armhole"))
                    .allowance(0)
                    .with(Join.Trait.FUSED)
                    .along("front-" + side, "interfacing")
                    .along(id, "armhole");
        }
    }

    /** Half ovals, the straight edge in the armhole, caught to the shoulder by hand. */
    void pads(List<String> inside) {
        double wide = Math.max(LEAST_PAD_MM, m.mm("shoulder") - PAD_FROM_NECK_MM);
        double half = PAD_LONG_MM * Math.min(1, m.mm("chest") / 1000) / 2;
        Point low = new Point(0, -half);
        Point tip = new Point(wide, 0);
        Edge lower = Edge.curve(
                "neckwards", low, new Point(PAD_ROUND * wide, -half), new Point(wide, -PAD_ROUND * half), tip);
        Edge upper = Edge.curve(
                "neckwards",
                tip,
                new Point(wide, PAD_ROUND * half),
                new Point(PAD_ROUND * wide, half),
                new Point(0, half));
        Outline pad = new Outline(
                List.of(Edge.joined("neckwards", lower, upper), Edge.line("armhole", new Point(0, half), low)));
        for (String side : List.of("left", "right")) {
            String id = "shoulder-pad-" + side;
            inside.add(id);
            build.part(
                            id,
                            side + " shoulder pad",
                            side.equals("left") ? pad : pad.mirrored(),
                            PartRole.FACING,
                            Layer.INTERFACING,
                            Map.of())
                    .sew(id, side + " shoulder pad, caught by hand", StitchType.HAND)
                    .longMm(wide)
                    .allowance(0)
                    .along("back", "shoulder-pad")
                    .along(id, "neckwards");
        }
    }

    void pockets(List<String> inside) {
        int kind = m.count("pockets");
        if (kind != PATCH && kind != JETTED) {
            return;
        }
        double wide = POCKET_WIDE_MM * Math.min(1, m.mm("chest") / 1000);
        double high = POCKET_HIGH_MM * Math.min(1, m.mm("chest") / 1000);
        for (String side : List.of("left", "right")) {
            boolean jetted = kind == JETTED;
            build.part(
                            "pocket-" + side,
                            side + (jetted ? " pocket bag" : " patch pocket"),
                            Block.rectangle(wide, jetted ? 2 * high : high),
                            PartRole.POCKET,
                            jetted ? Layer.LINING : Layer.SHELL,
                            Map.of())
                    .sew("pocket-" + side, side + " pocket", jetted ? StitchType.PLAIN : StitchType.TOPSTITCHED)
                    .rows(jetted ? 2 : 1)
                    .longMm(jetted ? wide : wide + 2 * high)
                    .allowance(0)
                    .tacks(2)
                    .with(jetted ? Set.of() : Set.of(Join.Trait.TOPSTITCHED))
                    .along("front-" + side, "pocket")
                    .along("pocket-" + side, "lower");
            if (jetted) {
                inside.add("pocket-" + side);
                welts(side, wide);
            }
        }
    }

    void welts(String side, double wide) {
        build.part(
                        "welts-" + side,
                        side + " pocket welts",
                        Block.rectangle(wide + 30, WELTS_MM),
                        PartRole.FACING,
                        Layer.SHELL,
                        Map.of())
                .sew("welts-" + side, side + " pocket, welts to the bag", StitchType.PLAIN)
                .longMm(wide + 30)
                .allowance(7)
                .along("welts-" + side, "lower")
                .along("pocket-" + side, "upper");
    }
}
