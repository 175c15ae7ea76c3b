package org.handdown.pattern.draft;

import java.util.ArrayList;
import java.util.List;
import org.handdown.body.BodyMeasure;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Point;
import org.handdown.geometry.Segment;

/**
 * Half of a loose upper body, front or back, before it is cut: hem at y = 0, its centre on x = 0, the side to the right.
 *
 * <p>Formulas (common practice, no source; C is the chest, e the room over it, G = C + e): width G/4; underarm below the nape C/10 + 115 in
 * knits, + 125 in wovens, 10 more over other clothes, and e/10; tip of the shoulder from the neck by its own length, and no nearer to the
 * centre than C/8 + 65 + e/20; shoulder sloping by 0.3 of its length; half the neck's width at least neck girth / 6 + 5; the back neck a
 * quarter of that deep, 12 to 20, the front half the neck's width and 20. In wovens the seam lies 6 forward of the shoulder's top and the
 * front armhole is hollowed.
 *
 * @param cut what sets front and back apart
 * @param isFront of the two
 * @param girth finished, over the chest
 * @param hem at the lower edge
 * @param length from the neck point, where the shoulder seam would begin on the neck's base, to the hem
 * @param natural half the neck's width at its base
 * @param tip half the width at the shoulders
 * @param underarmY height of the underarm point
 * @param neckWide half the neck's width as it is cut, along the shoulder line
 * @param neckDeep below the neck point as it is cut, at the centre
 * @param neck its shape
 */
record TopBlock(
        Cut cut,
        boolean isFront,
        double girth,
        FlaredHem hem,
        double length,
        double natural,
        double tip,
        double underarmY,
        double neckWide,
        double neckDeep,
        Neck neck) {
    /** What the cloth and what is worn beneath it ask of an armhole. */
    enum Cut {
        KNIT(115, 0, 0),
        WOVEN(125, 6, 13),
        OVER_OTHERS(135, 6, 13),
        /** Sleeves in one with the body: one line over shoulder and arm for front and back. */
        CUT_ON(135, 0, 0);

        private final double deep;
        private final double forward;
        private final double hollow;

        Cut(double deep, double forward, double hollow) {
            this.deep = deep;
            this.forward = forward;
            this.hollow = hollow;
        }
    }

    /** How the neck is cut out. */
    enum Neck {
        ROUND,
        /** Straight into the front edge, which it runs on into. */
        INTO_THE_EDGE
    }

    /**
     * What a block is drawn from beside the body.
     *
     * @param ease over the chest, with the turn of the cloth
     * @param hemGirth finished, at the hem
     * @param below the waist to the hem
     * @param neckWider half the neck's width beyond its base
     * @param shoulderLonger than the body's, below zero for a narrower one
     * @param deeper armhole than usual, where an arm asks for it
     * @param curvedHem square to slanted sides; else straight
     */
    record Wish(
            Cut cut,
            double ease,
            double hemGirth,
            double below,
            double neckWider,
            double shoulderLonger,
            double deeper,
            boolean curvedHem) {
        Wish deeper(double mm) {
            return new Wish(cut, ease, hemGirth, below, neckWider, shoulderLonger, mm, curvedHem);
        }
    }

    private static final double SLOPE = 0.3;
    private static final double LEAST_TURN_MM = 10;
    /** Where a flared side has come straight down from the underarm. */
    private static final double STRAIGHT_SHARE = 0.3;
    /** An armhole needs some width, and a shoulder some length. */
    private static final double LEAST_BESIDE_MM = 15;

    private static final double LEAST_SHOULDER_MM = 25;
    private static final double MOST_DEEPER_MM = 160;
    private static final double LEAST_DEEPER_MM = 0.01;

    /** The back of a body. */
    static TopBlock back(Figures f, Wish wish) {
        double chest = f.body(BodyMeasure.CHEST);
        double girth = chest + wish.ease;
        double natural = f.body(BodyMeasure.NECK_GIRTH) / 6 + 5;
        double level = Math.sqrt(1 - SLOPE * SLOPE);
        double tip = Math.max(natural + level * f.body(BodyMeasure.SHOULDER), chest / 8 + 65 + 0.05 * wish.ease)
                + level * wish.shoulderLonger;
        double length = f.body(BodyMeasure.BACK_WAIST) + wish.below + backNeckDeepMm(natural);
        TopBlock block = new TopBlock(
                wish.cut,
                false,
                girth,
                new FlaredHem(0, wish.hemGirth / 4),
                length,
                natural,
                Math.max(natural + LEAST_SHOULDER_MM, Math.min(tip, girth / 4 - LEAST_BESIDE_MM)),
                0,
                natural,
                backNeckDeepMm(natural),
                Neck.ROUND);
        double deep = chest / 10 + wish.cut.deep + 0.1 * Math.max(0, wish.ease) + wish.deeper;
        return block.wider(natural + wish.neckWider, deep).hemmed(wish.hemGirth / 4, wish.curvedHem);
    }

    /** A back whose armhole takes a sleeve of this width: deeper than usual for an arm that asks for it. */
    static TopBlock back(Figures f, Wish wish, double leastSleeve) {
        double wanted = SleeveBlock.armholeFor(leastSleeve);
        double deeper = Root.of(0, MOST_DEEPER_MM, mm -> {
            TopBlock back = back(f, wish.deeper(mm));
            return SleeveBlock.Hole.of(back.front(0), back, 0).all() - wanted;
        });
        return back(f, wish.deeper(deeper < LEAST_DEEPER_MM ? 0 : deeper));
    }

    /** What its shoulder is longer than the wearer's: a sleeve is so much shorter. */
    double beyondShoulder(Figures f) {
        return shoulderLine(natural).distanceMm(shoulderTip()) - f.body(BodyMeasure.SHOULDER);
    }

    private static double backNeckDeepMm(double wide) {
        return Math.max(12, Math.min(20, wide / 4));
    }

    static double frontNeckDeepMm(double neckWide) {
        return neckWide + 20;
    }

    /** The neck as wide, and the underarm as far below the nape that this leaves. */
    private TopBlock wider(double wide, double deepBelowNape) {
        TopBlock neck = new TopBlock(
                cut, isFront, girth, hem, length, natural, tip, underarmY, wide, backNeckDeepMm(wide), neck());
        return neck.underarmAt(neck.neckCentre().y() - deepBelowNape);
    }

    /** Half the neck's width, the underarm staying as far below the nape. */
    TopBlock neckWide(double wide) {
        return wider(wide, neckCentre().y() - underarmY);
    }

    private TopBlock underarmAt(double y) {
        return new TopBlock(cut, isFront, girth, hem, length, natural, tip, y, neckWide, neckDeep, neck);
    }

    private TopBlock hemmed(double quarterMm, boolean curved) {
        FlaredHem flared = FlaredHem.of(quarterMm, w -> (w - girth / 4) / ((1 - STRAIGHT_SHARE) * underarmY), curved);
        return new TopBlock(cut, isFront, girth, flared, length, natural, tip, underarmY, neckWide, neckDeep, neck);
    }

    /** The front that goes with this back. */
    TopBlock front(double deep) {
        return front(deep, Neck.ROUND);
    }

    TopBlock front(double deep, Neck shape) {
        return new TopBlock(cut, true, girth, hem, length, natural, tip, underarmY, neckWide, deep, shape);
    }

    double hemGirth() {
        return 4 * hem.quarter("").lengthMm();
    }

    /** Of the shoulder seam, from where the neck begins. */
    double shoulder() {
        return neckPoint().distanceMm(shoulderTip());
    }

    double armholeDeep() {
        return shoulderLine(natural).y() - underarmY;
    }

    /** Depth of a front neck that ends at the height of the underarm. */
    double neckToUnderarm() {
        return neckPoint().y() - (isFront ? -cut.forward : cut.forward) - underarmY;
    }

    Point underarm() {
        return new Point(girth / 4, underarmY);
    }

    private Point shoulderLine(double x) {
        double level = Math.sqrt(1 - SLOPE * SLOPE);
        double forward = isFront ? -cut.forward : cut.forward;
        return new Point(x, length + forward - SLOPE / level * (x - natural));
    }

    Point neckPoint() {
        return shoulderLine(neckWide);
    }

    Point shoulderTip() {
        return shoulderLine(tip);
    }

    /** As deep whether or not the seam lies forward. */
    Point neckCentre() {
        double forward = isFront ? -cut.forward : cut.forward;
        return new Point(0, neckPoint().y() - forward - neckDeep);
    }

    /** Square to the shoulder seam, downward: lines that leave it so run on into each other. */
    private static Point square() {
        return new Point(-SLOPE, -Math.sqrt(1 - SLOPE * SLOPE));
    }

    /** From the hem up, straight down at the underarm so that the armhole runs on there. */
    Edge side(String name) {
        Point from = hem.corner();
        Point to = underarm();
        if (Math.abs(from.x() - to.x()) < 1e-6) {
            return Edge.line(name, from, to);
        }
        Point aim = new Point(to.x(), (1 - STRAIGHT_SHARE) * to.y());
        return Edge.curve(name, from, from.toward(aim, 0.4), aim, to);
    }

    /** From the underarm up to the shoulder. */
    Edge armhole(String name) {
        Point from = underarm();
        Point to = shoulderTip();
        double high = to.y() - from.y();
        // A turn tighter than an allowance is wide could not be cut: its radius stays about 30 mm.
        double inset = Math.max((from.x() - to.x()) * 0.75 + 10, Math.sqrt(LEAST_TURN_MM * high));
        double hollow = isFront ? cut.hollow : 0;
        // Square to the shoulder seam, so that front and back run into each other without a corner.
        Point handle = square().times(0.55 * high + 2 * hollow);
        return Edge.curve(name, from, new Point(from.x() - inset - hollow, from.y()), to.plus(handle), to);
    }

    Edge shoulder(String name) {
        return Edge.line(name, shoulderTip(), neckPoint());
    }

    /** From the neck point to the centre. */
    Edge neck(String name) {
        Point from = neckPoint();
        Point to = neckCentre();
        double deep = from.y() - to.y();
        return switch (neck) {
            case ROUND ->
                Edge.curve(name, from, from.plus(square().times(0.6 * deep)), new Point(0.6 * neckWide, to.y()), to);
            case INTO_THE_EDGE ->
                Edge.curve(name, from, from.plus(square().times(0.35 * deep)), new Point(0, to.y() + 0.4 * deep), to);
        };
    }

    /** Opened out: both halves in one. Edges: hem, side right, armhole right, shoulder right, neck, and the left ones. */
    Paper full(String id, String name) {
        Edge quarter = hem.quarter("hem");
        Edge whole = joined("hem", mirrored("hem", quarter), quarter);
        Paper paper = new Paper(id, name, whole.start().x(), whole.start().y());
        paper.edge(whole)
                .edge(side("side right"))
                .edge(armhole("armhole right"))
                .edge(shoulder("shoulder right"))
                .edge(joined("neck", neck("neck"), mirrored("neck", neck("neck"))))
                .edge(mirrored("shoulder left", shoulder("")))
                .edge(mirrored("armhole left", armhole("")))
                .edge(mirrored("side left", side("")));
        balance(paper, "armhole right", false);
        balance(paper, "armhole left", true);
        return levels(paper);
    }

    /**
     * One half, its centre edge so far beyond the centre line. Edges: hem, side, armhole, shoulder, neck, centre.
     *
     * @param beyond from the centre line to the edge that is folded or finished; 0 for a seam or an edge that only meets its like
     */
    Paper half(String id, String name, double beyond) {
        Edge quarter = hem.quarter("hem");
        Paper paper = new Paper(id, name, -beyond, 0);
        paper.edge(
                        beyond > 0
                                ? joined("hem", Edge.line("hem", new Point(-beyond, 0), quarter.start()), quarter)
                                : quarter)
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
        balance(paper, "armhole", false);
        return levels(paper);
    }

    /** Marks that keep a sleeve from going in the wrong way round: one in front, two at the back. */
    private void balance(Paper paper, String edge, boolean fromShoulder) {
        double length = armhole("").lengthMm();
        List<Double> places = SleeveBlock.balanceMm(length, isFront);
        for (int i = 0; i < places.size(); i++) {
            double share = places.get(i) / length;
            paper.notch(SleeveBlock.balanceName(isFront, i), edge, fromShoulder ? 1 - share : share);
        }
    }

    private Paper levels(Paper paper) {
        // Read a hair below the underarm, where the side seam ends.
        return paper.level("chest", underarmY - 0.01);
    }

    static Edge joined(String name, Edge one, Edge other) {
        List<Segment> all = new ArrayList<>(one.segments());
        all.addAll(other.segments());
        return new Edge(name, all);
    }

    static Edge mirrored(String name, Edge edge) {
        return new Edge(name, edge.map(p -> new Point(-p.x(), p.y())).reversed().segments());
    }
}
