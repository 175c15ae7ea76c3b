package org.handdown.source.anatomy;

import static org.handdown.source.anatomy.AnatomyBuilder.run;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.handdown.source.graph.EdgeFinish;
import org.handdown.source.graph.Join;
import org.handdown.source.graph.StitchType;
import org.handdown.source.shape.Block;

/** What all tops have: bodies, sleeves, and the seams that close them round an arm. Left and right are the wearer's. */
final class TopParts {
    static final double SLOPE_MM = 40;

    static final double BACK_NECK_MM = 25;
    private final GarmentMeasures m;
    private final AnatomyBuilder build;
    private final StitchType seam;
    private final int rows;

    TopParts(GarmentMeasures m, AnatomyBuilder build) {
        this.m = m;
        this.build = build;
        boolean shirt = m.kind() == SourceKind.SHIRT;
        this.seam = shirt ? StitchType.FELLED : TopMeasures.isLinked(m) ? StitchType.CHAIN : StitchType.OVERLOCKED;
        this.rows = shirt ? 2 : 1;
    }

    StitchType seam() {
        return seam;
    }

    int rows() {
        return rows;
    }

    Block.Body body(double neckDepth) {
        double half = m.mm("chest") / 2;
        return new Block.Body(
                half, half, m.mm("length"), m.mm("armhole"), m.mm("shoulder"), m.mm("neck"), neckDepth, SLOPE_MM);
    }

    /** @param hole as long as the head is, all round the arm */
    void sleeves(double hole, Map<String, EdgeFinish> finishes) {
        for (String side : List.of("left", "right")) {
            build.panel(
                    "sleeve-" + side,
                    Block.sleeveFor(m.mm("sleeveHem"), m.mm("sleeveTop"), m.mm("sleeve"), hole),
                    finishes);
        }
    }

    /** Edge names of a whole part are left and right as it lies before you: the wearer's left is at the right in front. */
    static String frontEdge(String edge, String side) {
        return edge + (side.equals("left") ? "-right" : "-left");
    }

    void closing(String side, Join.Run front, Join.Run back, Join.Run... armhole) {
        Join.Run[] around = Stream.concat(Stream.of(run("sleeve-" + side, "head")), Stream.of(armhole))
                .toArray(Join.Run[]::new);
        build.sew("armhole-" + side, side + " armhole", seam).rows(rows).along(around);
        if (TopMeasures.isTube(m)) {
            double length = build.edgeMm(front.part(), front.edge());
            String fold = side + " fold of the tube";
            build.sew("side-" + side, fold, StitchType.KNITTED_ON)
                    .longMm(length)
                    .allowance(0)
                    .along(front)
                    .along(back);
        } else {
            build.sew("side-" + side, side + " side seam", seam)
                    .rows(rows)
                    .along(front)
                    .along(back);
        }
        build.sew("underarm-" + side, side + " sleeve seam", seam)
                .rows(rows)
                .along("sleeve-" + side, "underarm-left")
                .along("sleeve-" + side, "underarm-right");
    }
}
