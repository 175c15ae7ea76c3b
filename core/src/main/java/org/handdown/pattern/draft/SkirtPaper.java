package org.handdown.pattern.draft;

import org.handdown.geometry.Edge;
import org.handdown.geometry.Point;
import org.handdown.pattern.Mark;

/** The paper pieces of a quarter of a skirt: opened out whole, or one half that runs on beyond its centre. */
record SkirtPaper(SkirtBlock block, SkirtWaist waist) {
    SkirtPaper(SkirtBlock block) {
        this(block, new SkirtWaist(block));
    }
    /** Opened out. Edges: hem, side right, waist, side left. */
    Paper full(String id, String name) {
        Edge quarter = block.flared().quarter("hem");
        Edge hem = Edge.joined("hem", Edge.mirrored("hem", quarter), quarter);
        Edge top = waist.edge("waist");
        Paper paper = new Paper(id, name, hem.start().x(), hem.start().y())
                .edge(hem)
                .edge(block.side("side right"))
                .edge(Edge.joined("waist", top, Edge.mirrored("waist", top)))
                .edge(Edge.mirrored("side left", block.side("")))
                .notch("centre", block.centre().x(), block.centre().y())
                .notch("centre", 0, 0)
                .notch("hip", block.hip(), block.hipY())
                .notch("hip", -block.hip(), block.hipY())
                .level("hip", block.hipY());
        darts(paper, false);
        darts(paper, true);
        return paper;
    }

    /**
     * One half that runs on beyond its centre. Edges: hem, side, waist, centre.
     *
     * @param beyond from the centre line to its edge, mm
     */
    Paper half(String id, String name, double beyond) {
        Edge quarter = block.flared().quarter("hem");
        Paper paper = new Paper(id, name, -beyond, 0);
        if (beyond > 0) {
            Point edge = block.centre().minus(new Point(beyond, 0));
            paper.edge(Edge.joined("hem", Edge.line("hem", new Point(-beyond, 0), new Point(0, 0)), quarter))
                    .edge(block.side("side"))
                    .edge(Edge.joined("waist", waist.edge("waist"), Edge.line("waist", block.centre(), edge)));
            paper.notch("centre", block.centre().x(), block.centre().y()).notch("centre", 0, 0);
        } else {
            paper.edge(quarter).edge(block.side("side")).edge(waist.edge("waist"));
        }
        paper.line("centre", -beyond, 0).notch("hip", block.hip(), block.hipY()).level("hip", block.hipY());
        darts(paper, false);
        return paper;
    }

    private void darts(Paper paper, boolean mirrored) {
        for (SkirtWaist.Opened dart : waist.opened()) {
            paper.mark(
                    Mark.Kind.DART,
                    "dart",
                    mirrored ? dart.centreLeg().mirrored() : dart.sideLeg(),
                    mirrored ? dart.tip().mirrored() : dart.tip(),
                    mirrored ? dart.sideLeg().mirrored() : dart.centreLeg());
        }
    }
}
