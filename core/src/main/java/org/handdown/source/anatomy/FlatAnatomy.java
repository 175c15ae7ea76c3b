package org.handdown.source.anatomy;

import static org.handdown.source.anatomy.AnatomyBuilder.run;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.handdown.assembly.Layer;
import org.handdown.fit.EdgeKind;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.EdgeFinish;
import org.handdown.source.graph.Fold;
import org.handdown.source.graph.Join;
import org.handdown.source.graph.PartRole;
import org.handdown.source.graph.StitchType;
import org.handdown.source.shape.Block;

/** Blankets, lined curtains and scarves: flat cloth whose edges are the keepers. */
final class FlatAnatomy {
    static final List<MeasureSpec> BLANKET_MEASURES = List.of(
            MeasureSpec.length("width", "width, edge to edge", 300, 4000, 1500),
            MeasureSpec.length("length", "length, edge to edge", 300, 4000, 2000),
            MeasureSpec.depth("binding", "depth of the binding at both ends, 0 without one", 0, 120, 48));
    static final List<MeasureSpec> CURTAIN_MEASURES = List.of(
            MeasureSpec.count("howMany", "how many curtains", 1, 4, 1),
            MeasureSpec.length("width", "width of one, edge to edge at the hem", 200, 4000, 1200),
            MeasureSpec.length("length", "length under the header tape", 200, 4000, 2000),
            MeasureSpec.depth("hemDepth", "depth of the hem", 0, 300, 100),
            MeasureSpec.depth("header", "depth of the header tape, 0 without one", 0, 150, 75),
            MeasureSpec.depth("liningShort", "how much shorter the lining hangs", 0, 200, 30),
            MeasureSpec.depth("allowance", "turning at the side edges", 0, 60, 25),
            MeasureSpec.depth("drawnIn", "how much narrower its tape draws the top, 0 where it is let out", 0, 3900, 0)
                    .since(0),
            MeasureSpec.choice("sides", "its sides and hem are sewn", "by hand", "by machine")
                    .since(0));
    static final List<MeasureSpec> SCARF_MEASURES = List.of(
            MeasureSpec.length("width", "width", 50, 2000, 300),
            MeasureSpec.length("length", "length without the fringe", 300, 4000, 1700),
            MeasureSpec.depth("fringe", "length of the fringe, 0 without one", 0, 300, 80));

    private static final int BY_MACHINE = 1;
    private static final double MOST_DRAWN = 0.8;

    private FlatAnatomy() {}

    static Anatomy of(GarmentMeasures m) {
        return switch (m.kind()) {
            case CURTAIN -> curtain(m);
            case SCARF -> flat("scarf", m, EdgeKind.FRINGE, m.mm("fringe"));
            default -> flat("blanket", m, EdgeKind.BINDING, m.mm("binding"));
        };
    }

    private static Anatomy flat(String id, GarmentMeasures m, EdgeKind ends, double depth) {
        Map<String, EdgeFinish> finishes = new LinkedHashMap<>();
        if (depth > 0) {
            finishes.put("lower", new EdgeFinish(ends, depth));
            finishes.put("upper", new EdgeFinish(ends, depth));
        }
        finishes.put("left", new EdgeFinish(EdgeKind.SELVEDGE, 0));
        finishes.put("right", new EdgeFinish(EdgeKind.SELVEDGE, 0));
        AnatomyBuilder build =
                new AnatomyBuilder(0).panel(id, Block.rectangle(m.mm("width"), m.mm("length")), finishes);
        return build.spread(List.of(List.of(id)), List.of(), List.of()).build();
    }

    private static Anatomy curtain(GarmentMeasures m) {
        double wide = m.mm("width");
        double high = m.mm("length");
        AnatomyBuilder build = new AnatomyBuilder(m.mm("allowance"));
        StitchType turned = m.is("sides", BY_MACHINE) ? StitchType.PLAIN : StitchType.HAND;
        List<String> front = new ArrayList<>();
        List<String> inside = new ArrayList<>();
        for (int i = 1; i <= m.count("howMany"); i++) {
            String curtain = "curtain-" + i;
            String lining = "lining-" + i;
            front.add(curtain);
            inside.add(lining);
            build.panel(curtain, Block.rectangle(wide, high), Map.of())
                    .part(
                            lining,
                            "lining " + i,
                            Block.rectangle(wide - 40, high - m.mm("liningShort")),
                            PartRole.PANEL,
                            Layer.LINING,
                            Map.of())
                    .hem("hem-" + i, "hem of curtain " + i, turned, m.mm("hemDepth"), run(curtain, "lower"))
                    .hem("lining-hem-" + i, "hem of lining " + i, StitchType.PLAIN, 40, run(lining, "lower"));
            for (String side : List.of("left", "right")) {
                build.sew("lining-" + side + "-" + i, "lining to curtain " + i + ", " + side + " edge", turned)
                        .along(curtain, side)
                        .along(lining, side);
            }
            Join.Run[] top = {run(curtain, "upper"), run(lining, "upper")};
            // The cords come out of the tape and the gathers with them; at least a fifth of the width is left of the
            // drawn top.
            double drawn = Math.min(m.mm("drawnIn"), MOST_DRAWN * wide);
            build.fold("drawn-" + i, Fold.Kind.GATHER, curtain, "upper", 1, drawn / 2, 0);
            if (m.mm("header") > 0) {
                String tape = "header-tape-" + i;
                inside.add(tape);
                build.part(tape, Block.rectangle(wide, m.mm("header")), PartRole.TAPE);
                top = new Join.Run[] {top[0], top[1], run(tape, "lower")};
            }
            build.sew("header-" + i, "header of curtain " + i, StitchType.TOPSTITCHED)
                    .rows(2)
                    .with(Join.Trait.TOPSTITCHED)
                    .along(top);
        }
        return build.spread(List.of(front), List.of(), inside).build();
    }
}
