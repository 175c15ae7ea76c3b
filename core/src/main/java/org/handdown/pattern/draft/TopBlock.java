package org.handdown.pattern.draft;

import org.handdown.geometry.Edge;
import org.handdown.geometry.Point;

/**
 * Half of a loose upper body, front or back, before it is cut: hem at y = 0, its centre on x = 0, the side to the right.
 *
 * <p>Formulas (common practice, no source; G is the finished girth over the chest): width G/4; armhole G/6 + 40 deep from the neck
 * point; shoulder sloping by 0.3 of its length; half the neck's width at least neck girth / 6 + 5; the back neck 18 deep, the front half
 * the neck's width and 20.
 *
 * @param girth finished, over the chest
 * @param hemGirth finished, at the hem
 * @param length from neck point to hem
 * @param shoulder length along the shoulder seam
 * @param neckWide half the neck's width
 * @param neckDeep below the neck point, at the centre
 */
record TopBlock(double girth, double hemGirth, double length, double shoulder, double neckWide, double neckDeep) {
    static final double BACK_NECK_DEEP_MM = 18;

    private static final double SLOPE = 0.3;
    private static final double LEAST_TURN_MM = 10;

    static double neckWideMm(double neckGirth) {
        return neckGirth / 6 + 5;
    }

    static double frontNeckDeepMm(double neckWide) {
        return neckWide + 20;
    }

    TopBlock neck(double deep) {
        return new TopBlock(girth, hemGirth, length, shoulder, neckWide, deep);
    }

    TopBlock neckWide(double wide) {
        return new TopBlock(girth, hemGirth, length, shoulder, wide, neckDeep);
    }

    double armholeDeep() {
        return girth / 6 + 40;
    }

    /** Height of the underarm point. */
    double underarmY() {
        return length - armholeDeep();
    }

    Point underarm() {
        return new Point(girth / 4, underarmY());
    }

    Point neckPoint() {
        return new Point(neckWide, length);
    }

    Point shoulderTip() {
        double down = SLOPE * shoulder;
        return new Point(neckWide + Math.sqrt(shoulder * shoulder - down * down), length - down);
    }

    Point neckCentre() {
        return new Point(0, length - neckDeep);
    }

    Edge side(String name) {
        return Edge.line(name, new Point(hemGirth / 4, 0), underarm());
    }

    /** From the underarm up to the shoulder. */
    Edge armhole(String name) {
        Point from = underarm();
        Point to = shoulderTip();
        double high = to.y() - from.y();
        // A turn tighter than an allowance is wide could not be cut: its radius stays about 30 mm.
        double inset = Math.max((from.x() - to.x()) * 0.75 + 10, Math.sqrt(LEAST_TURN_MM * high));
        Point way = neckPoint().minus(to).times(1 / shoulder);
        // Square to the shoulder seam, so that front and back run into each other without a corner.
        Point down = new Point(way.y(), -way.x());
        Point downward = down.y() < 0 ? down : down.times(-1);
        return Edge.curve(name, from, new Point(from.x() - inset, from.y()), to.plus(downward.times(0.55 * high)), to);
    }

    Edge shoulder(String name) {
        return Edge.line(name, shoulderTip(), neckPoint());
    }

    /** From the neck point to the centre. */
    Edge neck(String name) {
        Point from = neckPoint();
        Point to = neckCentre();
        return Edge.curve(
                name,
                from,
                new Point(from.x() - 0.08 * neckWide, from.y() - 0.6 * neckDeep),
                new Point(0.6 * neckWide, to.y()),
                to);
    }

    /** Opened out: both halves in one. Edges: hem, side right, armhole right, shoulder right, neck, and the left ones. */
    Paper full(String id, String name) {
        Paper paper = new Paper(id, name, -hemGirth / 4, 0);
        paper.line("hem", hemGirth / 4, 0)
                .edge(side("side right"))
                .edge(armhole("armhole right"))
                .edge(shoulder("shoulder right"))
                .edge(joined("neck", neck("neck"), mirrored("neck", neck("neck"))))
                .edge(mirrored("shoulder left", shoulder("")))
                .edge(mirrored("armhole left", armhole("")))
                .edge(mirrored("side left", side("")));
        return levels(paper);
    }

    /**
     * One half, its centre edge so far beyond the centre line. Edges: hem, side, armhole, shoulder, neck, centre.
     *
     * @param beyond from the centre line to the edge that is folded or finished; 0 for a seam or an edge that only meets its like
     */
    Paper half(String id, String name, double beyond) {
        Paper paper = new Paper(id, name, -beyond, 0);
        paper.line("hem", hemGirth / 4, 0)
                .edge(side("side"))
                .edge(armhole("armhole"))
                .edge(shoulder("shoulder"));
        Edge neck = neck("neck");
        if (beyond > 0) {
            Edge on =
                    Edge.line("neck", neck.end(), new Point(-beyond, neck.end().y()));
            paper.edge(joined("neck", neck, on));
            paper.notch("centre", neck.end().x(), neck.end().y());
        } else {
            paper.edge(neck);
        }
        paper.line("centre", -beyond, 0);
        return levels(paper);
    }

    private Paper levels(Paper paper) {
        // Read a hair below the underarm, where the side seam ends.
        return paper.level("chest", underarmY() - 0.01);
    }

    static Edge joined(String name, Edge one, Edge other) {
        java.util.List<org.handdown.geometry.Segment> all = new java.util.ArrayList<>(one.segments());
        all.addAll(other.segments());
        return new Edge(name, all);
    }

    static Edge mirrored(String name, Edge edge) {
        return new Edge(name, edge.map(p -> new Point(-p.x(), p.y())).reversed().segments());
    }
}
