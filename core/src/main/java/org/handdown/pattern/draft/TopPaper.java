package org.handdown.pattern.draft;

import java.util.List;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Point;
import org.handdown.geometry.Root;
import org.handdown.pattern.Mark;

/** The paper pieces of half an upper body: opened out whole, or one half with its centre edge. */
record TopPaper(TopBlock block) {
    /** Where the front is eased, as shares of its side from the hem. */
    private static final double EASED_FROM = 0.6;

    private static final double EASED_TO = 0.92;
    private static final double CLEAR_MM = 20;

    /** @param pleat laid at the centre from neck to hem; 0 for none */
    Paper full(String id, String name, double pleat) {
        Edge hemHalf = outward(block.hem().quarter("hem"), pleat);
        Edge neckHalf = outward(block.neck("neck"), pleat);
        Edge whole = acrossCentre("hem", Edge.mirrored("hem", hemHalf), hemHalf, pleat);
        Paper paper = new Paper(id, name, whole.start().x(), whole.start().y());
        paper.edge(whole)
                .edge(outward(block.side("side right"), pleat))
                .edge(outward(block.armhole("armhole right"), pleat))
                .edge(outward(block.shoulder("shoulder right"), pleat))
                .edge(acrossCentre("neck", neckHalf, Edge.mirrored("neck", neckHalf), pleat))
                .edge(Edge.mirrored("shoulder left", outward(block.shoulder(""), pleat)))
                .edge(Edge.mirrored("armhole left", outward(block.armhole(""), pleat)))
                .edge(Edge.mirrored("side left", outward(block.side(""), pleat)));
        if (pleat > 0) {
            double high = block.neckCentre().y();
            paper.mark(
                    Mark.Kind.PLEAT,
                    "pleat, laid to one side",
                    new Point(-pleat / 2, high),
                    new Point(-pleat / 2, 0),
                    new Point(pleat / 2, high),
                    new Point(pleat / 2, 0));
            return levels(paper);
        }
        balance(paper, "armhole right", false);
        balance(paper, "armhole left", true);
        side(paper, false);
        side(paper, true);
        return levels(paper);
    }

    /**
     * One half, its centre edge so far beyond the centre line. Edges: hem, side, armhole, shoulder, neck, centre.
     *
     * @param beyond from the centre line to the edge that is folded or finished; 0 for a seam or an edge that only meets its like
     */
    Paper half(String id, String name, double beyond) {
        Edge quarter = block.hem().quarter("hem");
        Paper paper = new Paper(id, name, -beyond, 0);
        paper.edge(
                        beyond > 0
                                ? Edge.joined("hem", Edge.line("hem", new Point(-beyond, 0), quarter.start()), quarter)
                                : quarter)
                .edge(block.side("side"))
                .edge(block.armhole("armhole"))
                .edge(block.shoulder("shoulder"));
        Edge neck = block.neck("neck");
        if (beyond > 0) {
            Edge on =
                    Edge.line("neck", neck.end(), new Point(-beyond, neck.end().y()));
            paper.edge(Edge.joined("neck", neck, on));
            paper.notch("centre", neck.end().x(), neck.end().y());
        } else {
            paper.edge(neck);
        }
        paper.line("centre", -beyond, 0);
        balance(paper, "armhole", false);
        side(paper, false);
        return levels(paper);
    }

    /** Marks that keep a sleeve from going in the wrong way round: one in front, two at the back. */
    private void balance(Paper paper, String edge, boolean fromShoulder) {
        double length = block.armhole("").lengthMm();
        List<Double> places = SleeveBlock.balanceMm(length, block.isFront());
        for (int i = 0; i < places.size(); i++) {
            double share = places.get(i) / length;
            paper.notch(SleeveBlock.balanceName(block.isFront(), i), edge, fromShoulder ? 1 - share : share);
        }
    }

    /** Marks on the side seam: where the waist lies, and where a longer front is eased. */
    private void side(Paper paper, boolean mirrored) {
        Edge side = block.side("");
        int way = mirrored ? -1 : 1;
        if (block.waistY() > CLEAR_MM && block.waistY() < block.underarmY() - CLEAR_MM) {
            double share = Root.of(0, 1, t -> side.at(t).y() - block.waistY());
            paper.notch("waist", way * side.at(share).x(), block.waistY());
        }
        if (block.longer() > 0) {
            Point from = side.at(EASED_FROM);
            Point to = side.at(EASED_TO);
            paper.mark(
                    Mark.Kind.GATHER,
                    "ease from here to here",
                    new Point(way * from.x(), from.y()),
                    new Point(way * to.x(), to.y()));
        }
    }

    private Paper levels(Paper paper) {
        // Read a hair below the underarm, where the side seam ends.
        return paper.level("chest", block.underarmY() - 0.01);
    }

    private static Edge outward(Edge edge, double pleat) {
        return edge.map(p -> new Point(p.x() + pleat / 2, p.y()));
    }

    private static Edge acrossCentre(String name, Edge one, Edge other, double pleat) {
        return pleat > 0
                ? Edge.joined(name, Edge.joined(name, one, Edge.line(name, one.end(), other.start())), other)
                : Edge.joined(name, one, other);
    }
}
