package org.handdown.pattern.draft;

import java.util.List;
import org.handdown.body.BodyMeasure;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Point;
import org.handdown.geometry.Root;
import org.handdown.measure.Wording;
import org.handdown.pattern.DesignSeam;
import org.handdown.pattern.Mark;

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
 * @param waistY height of the waist
 * @param longer than the back, from the bust up, for a full one
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
        Neck neck,
        double waistY,
        double longer) {
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
        ROUND("round"),
        V("a V"),
        /** Wide and shallow, from shoulder to shoulder. */
        BOAT("a boat"),
        SQUARE("square"),
        /** Straight into the front edge, which it runs on into. */
        INTO_THE_EDGE("into the edge");

        private final String words;

        Neck(String words) {
            this.words = words;
        }

        /** Those a wearer chooses among where the head goes through. */
        static Dimension dimension() {
            return Dimension.choice("neck", "Neck", ROUND.words, V.words, BOAT.words, SQUARE.words);
        }

        static Neck of(Figures f) {
            return values()[f.count("neck")];
        }

        /** Below the neck point at the centre front (common practice, no source). */
        double frontDeepMm(double neckWide) {
            return switch (this) {
                case BOAT -> 0.3 * neckWide + 12;
                case V -> 1.3 * neckWide + 45;
                case SQUARE -> neckWide + 35;
                default -> frontNeckDeepMm(neckWide);
            };
        }

        /** Half its width beyond the neck's base. */
        double widerMm() {
            return this == BOAT ? 40 : this == SQUARE ? 12 : 0;
        }

        /** Does it turn a corner where its band has to be mitred? */
        boolean hasCorners() {
            return this == V || this == SQUARE;
        }
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
     * @param tails how much higher the hem ends at the sides; 0 for a level one
     */
    record Wish(
            Cut cut,
            double ease,
            double hemGirth,
            double below,
            double neckWider,
            double shoulderLonger,
            double deeper,
            boolean curvedHem,
            double tails) {
        Wish(
                Cut cut,
                double ease,
                double hemGirth,
                double below,
                double neckWider,
                double shoulderLonger,
                double deeper,
                boolean curvedHem) {
            this(cut, ease, hemGirth, below, neckWider, shoulderLonger, deeper, curvedHem, 0);
        }

        Wish deeper(double mm) {
            return new Wish(cut, ease, hemGirth, below, neckWider, shoulderLonger, mm, curvedHem, tails);
        }

        Wish withTails(double mm) {
            return new Wish(cut, ease, hemGirth, below, neckWider, shoulderLonger, deeper, curvedHem, mm);
        }
    }

    /** A hem that ends higher at the sides, as a shirt's does. */
    static Dimension tails() {
        return Dimension.choice("hemline", "Hem", "level", "curved up at the sides");
    }

    /** How much higher: none where it was not chosen, nor on a body too short for it. */
    static double tailsMm(Figures f) {
        return f.is("hemline") && f.of("below") > 2 * CLEAR_MM ? Math.min(TAILS_MM, f.of("below") / 2) : 0;
    }

    private static final double SLOPE = 0.3;
    private static final double LEAST_TURN_MM = 10;
    /** Where a flared side has come straight down from the underarm. */
    private static final double STRAIGHT_SHARE = 0.3;
    /** An armhole needs some width, and a shoulder some length. */
    private static final double LEAST_BESIDE_MM = 15;

    private static final double LEAST_SHOULDER_MM = 25;
    private static final double FULL_MM = 1000;
    private static final double MOST_LONGER_MM = 30;
    /** Where the front is eased, as shares of its side from the hem. */
    private static final double EASED_FROM = 0.6;

    private static final double EASED_TO = 0.92;
    private static final double CLEAR_MM = 20;
    private static final double TAILS_MM = 50;
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
                Neck.ROUND,
                wish.below,
                0);
        double deep = chest / 10 + wish.cut.deep + 0.1 * Math.max(0, wish.ease) + wish.deeper;
        return block.wider(natural + wish.neckWider, deep).hemmed(wish);
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
                cut,
                isFront,
                girth,
                hem,
                length,
                natural,
                tip,
                underarmY,
                wide,
                backNeckDeepMm(wide),
                neck(),
                waistY,
                longer);
        return neck.underarmAt(neck.neckCentre().y() - deepBelowNape);
    }

    /** Half the neck's width, the underarm staying as far below the nape. */
    TopBlock neckWide(double wide) {
        return wider(wide, neckCentre().y() - underarmY);
    }

    private TopBlock underarmAt(double y) {
        return new TopBlock(
                cut, isFront, girth, hem, length, natural, tip, y, neckWide, neckDeep, neck, waistY, longer);
    }

    private TopBlock hemmed(Wish wish) {
        double quarterMm = wish.hemGirth / 4;
        java.util.function.DoubleUnaryOperator slant = w -> (w - girth / 4) / ((1 - STRAIGHT_SHARE) * underarmY);
        FlaredHem flared = wish.tails > 0
                ? FlaredHem.withTails(quarterMm, slant, wish.tails)
                : FlaredHem.of(quarterMm, slant, wish.curvedHem);
        return new TopBlock(
                cut, isFront, girth, flared, length, natural, tip, underarmY, neckWide, neckDeep, neck, waistY, longer);
    }

    /** The front that goes with this back. */
    TopBlock front(double deep) {
        return front(deep, Neck.ROUND);
    }

    TopBlock front(double deep, Neck shape) {
        return new TopBlock(
                cut, true, girth, hem, length, natural, tip, underarmY, neckWide, deep, shape, waistY, longer);
    }

    /** A front that goes up over the bust: what its side is longer than the back's is eased or darted there. */
    TopBlock longer(double mm) {
        return new TopBlock(
                cut,
                isFront,
                girth,
                hem,
                length + mm,
                natural,
                tip,
                underarmY + mm,
                neckWide,
                neckDeep,
                neck,
                waistY,
                mm);
    }

    /** Room for a full bust; none is proposed below a chest of a metre (common practice, no source). */
    static Dimension bust() {
        return Dimension.length(
                        "bust",
                        "Front longer over the bust",
                        w -> w.mm(BodyMeasure.CHEST) < FULL_MM
                                ? 0
                                : Math.min(MOST_LONGER_MM, 15 + (w.mm(BodyMeasure.CHEST) - FULL_MM) / 20),
                        0,
                        40)
                .hint("eased into the side seam, or pinched into a dart; none for a flat chest");
    }

    /** Why the front is longer, and what to do with it; empty where it is not. */
    List<String> bustNotes() {
        return longer > 0
                ? List.of(Wording.fill(
                        "The front's side is %.0f mm longer than the back's: over a full bust a hem would rise in front. Ease it in between the marks, or pinch it into a dart of that depth that points at the bust and ends 30 mm before it.",
                        longer))
                : List.of();
    }

    /** Side seam of a front and its back, the front eased where it is longer. */
    static DesignSeam sides(TopBlock front, String frontEdge, String backEdge) {
        return new DesignSeam(
                "side seams",
                List.of(Join.side("back", backEdge)),
                List.of(Join.side("front", frontEdge)),
                front.longer,
                front.longer);
    }

    /** As a lining lies inside thick cloth: narrower all round, its lines at the same levels. */
    TopBlock narrower(double mm) {
        FlaredHem inner = new FlaredHem(hem.slant(), hem.wide() - mm / 4, hem.tail());
        return new TopBlock(
                cut,
                isFront,
                girth - mm,
                inner,
                length,
                natural,
                tip,
                underarmY,
                neckWide,
                neckDeep,
                neck,
                waistY,
                longer);
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
        return Edge.curve(name, from, from.between(aim, 0.4), aim, to);
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
            case BOAT ->
                Edge.curve(name, from, from.plus(square().times(0.5 * deep)), new Point(0.75 * neckWide, to.y()), to);
            case V -> Edge.curve(name, from, from.plus(square().times(0.15 * deep)), from.between(to, 0.7), to);
            case SQUARE -> squareNeck(name, from, to);
            case INTO_THE_EDGE ->
                Edge.curve(name, from, from.plus(square().times(0.35 * deep)), new Point(0, to.y() + 0.4 * deep), to);
        };
    }

    /** Down square to the shoulder, round a corner of a right angle, level to the centre. */
    private Edge squareNeck(String name, Point from, Point to) {
        Point corner = new Point(0.92 * neckWide, to.y());
        double deep = from.y() - to.y();
        return Edge.joined(
                name,
                Edge.curve(
                        name,
                        from,
                        from.plus(square().times(0.35 * deep)),
                        corner.plus(new Point(0, 0.3 * deep)),
                        corner),
                Edge.line(name, corner, to));
    }

    /** Opened out: both halves in one. Edges: hem, side right, armhole right, shoulder right, neck, and the left ones. */
    Paper full(String id, String name) {
        return full(id, name, 0);
    }

    /** @param pleat laid at the centre from neck to hem; 0 for none */
    Paper full(String id, String name, double pleat) {
        Edge hemHalf = outward(hem.quarter("hem"), pleat);
        Edge neckHalf = outward(neck("neck"), pleat);
        Edge whole = acrossCentre("hem", Edge.mirrored("hem", hemHalf), hemHalf, pleat);
        Paper paper = new Paper(id, name, whole.start().x(), whole.start().y());
        paper.edge(whole)
                .edge(outward(side("side right"), pleat))
                .edge(outward(armhole("armhole right"), pleat))
                .edge(outward(shoulder("shoulder right"), pleat))
                .edge(acrossCentre("neck", neckHalf, Edge.mirrored("neck", neckHalf), pleat))
                .edge(Edge.mirrored("shoulder left", outward(shoulder(""), pleat)))
                .edge(Edge.mirrored("armhole left", outward(armhole(""), pleat)))
                .edge(Edge.mirrored("side left", outward(side(""), pleat)));
        if (pleat > 0) {
            double high = neckCentre().y();
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
        Edge quarter = hem.quarter("hem");
        Paper paper = new Paper(id, name, -beyond, 0);
        paper.edge(
                        beyond > 0
                                ? Edge.joined("hem", Edge.line("hem", new Point(-beyond, 0), quarter.start()), quarter)
                                : quarter)
                .edge(side("side"))
                .edge(armhole("armhole"))
                .edge(shoulder("shoulder"));
        Edge neck = neck("neck");
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
        double length = armhole("").lengthMm();
        List<Double> places = SleeveBlock.balanceMm(length, isFront);
        for (int i = 0; i < places.size(); i++) {
            double share = places.get(i) / length;
            paper.notch(SleeveBlock.balanceName(isFront, i), edge, fromShoulder ? 1 - share : share);
        }
    }

    /** Marks on the side seam: where the waist lies, and where a longer front is eased. */
    private void side(Paper paper, boolean mirrored) {
        Edge side = side("");
        int way = mirrored ? -1 : 1;
        if (waistY > CLEAR_MM && waistY < underarmY - CLEAR_MM) {
            double share = Root.of(0, 1, t -> side.at(t).y() - waistY);
            paper.notch("waist", way * side.at(share).x(), waistY);
        }
        if (longer > 0) {
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
        return paper.level("chest", underarmY - 0.01);
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
