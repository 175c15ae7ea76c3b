package org.handdown.pattern.draft;

import java.util.List;
import java.util.function.DoubleUnaryOperator;
import org.handdown.body.BodyMeasure;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Point;
import org.handdown.measure.Wording;
import org.handdown.pattern.DesignSeam;

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
 * @param neckline where the neck begins and how it is cut
 * @param tip half the width at the shoulders
 * @param underarmY height of the underarm point
 * @param waistY height of the waist
 * @param longer than the back, from the bust up, for a full one
 */
record TopBlock(
        TopCut cut,
        boolean isFront,
        double girth,
        FlaredHem hem,
        double length,
        NeckLine neckline,
        double tip,
        double underarmY,
        double waistY,
        double longer) {
    private static final double SLOPE = 0.3;
    /** Along a shoulder that slopes so, so much goes outward. */
    static final double LEVEL = Math.sqrt(1 - SLOPE * SLOPE);

    private static final double LEAST_TURN_MM = 10;
    /** Where a flared side has come straight down from the underarm. */
    private static final double STRAIGHT_SHARE = 0.3;

    private TopBlock with(FlaredHem newHem) {
        return new TopBlock(cut, isFront, girth, newHem, length, neckline, tip, underarmY, waistY, longer);
    }

    private TopBlock with(NeckLine newNeck, boolean front) {
        return new TopBlock(cut, front, girth, hem, length, newNeck, tip, underarmY, waistY, longer);
    }

    private TopBlock underarmAt(double y) {
        return new TopBlock(cut, isFront, girth, hem, length, neckline, tip, y, waistY, longer);
    }

    /** The neck as wide, and the underarm as far below the nape that this leaves. */
    TopBlock wider(double wide, double deepBelowNape) {
        TopBlock neck = with(NeckLine.behind(neckline.natural(), wide), isFront);
        return neck.underarmAt(neck.neckCentre().y() - deepBelowNape);
    }

    /** Half the neck's width, the underarm staying as far below the nape. */
    TopBlock neckWide(double wide) {
        return wider(wide, neckCentre().y() - underarmY);
    }

    double neckWide() {
        return neckline.wide();
    }

    TopBlock hemmed(TopWish wish) {
        double quarterMm = wish.hemGirth() / 4;
        DoubleUnaryOperator slant = w -> (w - girth / 4) / ((1 - STRAIGHT_SHARE) * underarmY);
        return with(
                wish.tails() > 0
                        ? FlaredHem.withTails(quarterMm, slant, wish.tails())
                        : FlaredHem.of(quarterMm, slant, wish.curvedHem()));
    }

    /** The front that goes with this back. */
    TopBlock front(double deep) {
        return front(deep, NeckShape.ROUND);
    }

    TopBlock front(double deep, NeckShape shape) {
        return with(neckline.cut(deep, shape), true);
    }

    /** A front that goes up over the bust: what its side is longer than the back's is eased or darted there. */
    TopBlock longer(double mm) {
        return new TopBlock(cut, isFront, girth, hem, length + mm, neckline, tip, underarmY + mm, waistY, mm);
    }

    /** As a lining lies inside thick cloth: narrower all round, its lines at the same levels. */
    TopBlock narrower(double mm) {
        FlaredHem inner = new FlaredHem(hem.slant(), hem.wide() - mm / 4, hem.tail());
        return new TopBlock(cut, isFront, girth - mm, inner, length, neckline, tip, underarmY, waistY, longer);
    }

    /** What its shoulder is longer than the wearer's: a sleeve is so much shorter. */
    double beyondShoulder(Figures f) {
        return shoulderLine(neckline.natural()).distanceMm(shoulderTip()) - f.body(BodyMeasure.SHOULDER);
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

    double hemGirth() {
        return 4 * hem.quarter("").lengthMm();
    }

    /** Of the shoulder seam, from where the neck begins. */
    double shoulder() {
        return neckPoint().distanceMm(shoulderTip());
    }

    double armholeDeep() {
        return shoulderLine(neckline.natural()).y() - underarmY;
    }

    /** Depth of a front neck that ends at the height of the underarm. */
    double neckToUnderarm() {
        return neckPoint().y() - (isFront ? -cut.forward : cut.forward) - underarmY;
    }

    Point underarm() {
        return new Point(girth / 4, underarmY);
    }

    private Point shoulderLine(double x) {
        double forward = isFront ? -cut.forward : cut.forward;
        return new Point(x, length + forward - SLOPE / LEVEL * (x - neckline.natural()));
    }

    Point neckPoint() {
        return shoulderLine(neckline.wide());
    }

    Point shoulderTip() {
        return shoulderLine(tip);
    }

    /** As deep whether or not the seam lies forward. */
    Point neckCentre() {
        double forward = isFront ? -cut.forward : cut.forward;
        return new Point(0, neckPoint().y() - forward - neckline.deep());
    }

    /** Square to the shoulder seam, downward: lines that leave it so run on into each other. */
    private static Point square() {
        return new Point(-SLOPE, -LEVEL);
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
        return switch (neckline.shape()) {
            case ROUND ->
                Edge.curve(
                        name,
                        from,
                        from.plus(square().times(0.6 * deep)),
                        new Point(0.6 * neckline.wide(), to.y()),
                        to);
            case BOAT ->
                Edge.curve(
                        name,
                        from,
                        from.plus(square().times(0.5 * deep)),
                        new Point(0.75 * neckline.wide(), to.y()),
                        to);
            case V -> Edge.curve(name, from, from.plus(square().times(0.15 * deep)), from.between(to, 0.7), to);
            case SQUARE -> squareNeck(name, from, to);
            case INTO_THE_EDGE ->
                Edge.curve(name, from, from.plus(square().times(0.35 * deep)), new Point(0, to.y() + 0.4 * deep), to);
        };
    }

    /** Down square to the shoulder, round a corner of a right angle, level to the centre. */
    private Edge squareNeck(String name, Point from, Point to) {
        Point corner = new Point(0.92 * neckline.wide(), to.y());
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
        return new TopPaper(this).full(id, name, pleat);
    }

    /** @see TopPaper#half */
    Paper half(String id, String name, double beyond) {
        return new TopPaper(this).half(id, name, beyond);
    }
}
