package org.handdown.pattern.draft;

import java.util.ArrayList;
import java.util.List;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.geometry.Root;
import org.handdown.geometry.Segment;

/**
 * Half of a trouser leg, front or back, before it is cut: from hem at y = 0 to the waist, its axis on x = 0, the side seam to the right.
 *
 * <p>Formulas (common practice, no source; G is the finished girth over the hips, H the body's): front width G/4 − 5, back +5; crotch reach
 * front G/20, back G/10, ending square to the inseam so that the crotch runs on there; the centre back 0.04 H higher than the side, 20 at
 * least, and leaning in by 0.022 H, 12 to 25; its waist square to side and centre. Long legs have their knee at 0.55 of the inseam, the back
 * 10 wider than the front there and at the hem; short ones have none: of what the back is wider at the thigh 0.75 are left at the hem, the
 * inseam is slightly hollow, and both seams end square to the hem. The back inseam is drawn to the front's length by lowering the back
 * crotch point, the back side seam by lifting its waist.
 *
 * @param isShort ends above the knee
 * @param width from the centre to the side, over the seat
 * @param reach from the centre to the crotch point
 * @param hem width there
 * @param crotchY and waistY: heights of crotch point and side waist
 * @param centreLift how much higher the centre of the waist lies than its side
 * @param centreLean how much nearer to the side the centre of the waist lies than the seat's
 * @param kneeY and bendY: heights of the knee, and of where the side begins to curve in towards it
 */
record LegBlock(
        String id,
        boolean isShort,
        double width,
        double reach,
        double hem,
        double crotchY,
        double waistY,
        double centreLift,
        double centreLean,
        double kneeY,
        double bendY) {
    static final double KNEE_SHARE = 0.55;

    private static final double LIFT_SHARE = 0.04;
    private static final double LEAST_LIFT_MM = 20;
    private static final double LEAN_SHARE = 0.022;
    private static final double LEAST_LEAN_MM = 12;
    private static final double MOST_LEAN_MM = 25;
    private static final double STRAIGHT_ABOVE_CROTCH_MM = 40;
    private static final double KNEE_OVER_HEM_MM = 12;
    /** Never so much wider at the knee that the hem's corners show. */
    private static final double MOST_KNEE_SLANT = 0.05;

    private static final double BACK_WIDER_MM = 10;
    private static final double SHORT_HEM_SHARE = 0.75;
    private static final double FARTHEST_MM = 160;

    /** Both halves of a leg, with seams of one length. */
    record Pair(LegBlock front, LegBlock back) {}

    /**
     * What a leg is drawn from.
     *
     * @param hip the body's
     * @param girth finished, over the hips
     * @param inseam and side: heights of crotch and waist above the finished hem
     * @param hemGirth finished girth of the leg's lower end
     */
    record Wish(double hip, double girth, double inseam, double side, double hemGirth) {}

    /** How much higher than the side the centre back of the waist lies, for sitting down. */
    static double centreLift(double hip) {
        return Math.max(LEAST_LIFT_MM, LIFT_SHARE * hip);
    }

    /** A leg with a knee. */
    static Pair of(Wish wish) {
        return pair(wish, false, BACK_WIDER_MM);
    }

    /** A leg that ends above the knee. */
    static Pair shortened(Wish wish) {
        return pair(wish, true, SHORT_HEM_SHARE * (BACK_WIDER_MM + wish.girth / 20));
    }

    private static Pair pair(Wish wish, boolean isShort, double hemApart) {
        double knee = KNEE_SHARE * wish.inseam;
        double bend = wish.inseam + STRAIGHT_ABOVE_CROTCH_MM;
        LegBlock front = new LegBlock(
                "front-leg",
                isShort,
                wish.girth / 4 - BACK_WIDER_MM / 2,
                wish.girth / 20,
                (wish.hemGirth - hemApart) / 2,
                wish.inseam,
                wish.side,
                0,
                0,
                knee,
                bend);
        LegBlock back = new LegBlock(
                "back-leg",
                isShort,
                wish.girth / 4 + BACK_WIDER_MM / 2,
                wish.girth / 10,
                (wish.hemGirth + hemApart) / 2,
                wish.inseam,
                wish.side,
                centreLift(wish.hip),
                Math.max(LEAST_LEAN_MM, Math.min(MOST_LEAN_MM, LEAN_SHARE * wish.hip)),
                knee,
                bend);
        return new Pair(front, back.balanced(front));
    }

    private LegBlock balanced(LegBlock front) {
        double inside = front.inseam().lengthMm();
        double outside = front.side().lengthMm();
        LegBlock lowered = withCrotchY(Root.of(
                crotchY - FARTHEST_MM,
                crotchY + 10,
                y -> withCrotchY(y).inseam().lengthMm() - inside));
        return lowered.withWaistY(Root.of(
                waistY - 60, waistY + 60, y -> lowered.withWaistY(y).side().lengthMm() - outside));
    }

    private LegBlock withCrotchY(double y) {
        return new LegBlock(id, isShort, width, reach, hem, y, waistY, centreLift, centreLean, kneeY, bendY);
    }

    private LegBlock withWaistY(double y) {
        return new LegBlock(id, isShort, width, reach, hem, crotchY, y, centreLift, centreLean, kneeY, bendY);
    }

    double thigh() {
        return width + reach;
    }

    double sideX() {
        return thigh() / 2;
    }

    double centreX() {
        return sideX() - width;
    }

    double kneeWidth() {
        return hem + Math.min(KNEE_OVER_HEM_MM, MOST_KNEE_SLANT * kneeY);
    }

    /** Where the centre seam leaves the straight and curves out to the crotch: the level at which the seat is measured. */
    double seatY() {
        return crotchY + 1.25 * reach + 15;
    }

    Point waistSide() {
        return new Point(sideX(), waistY);
    }

    Point waistCentre() {
        return new Point(centreX() + centreLean, waistY + centreLift);
    }

    double waistMm() {
        return waist("").lengthMm();
    }

    /** From the side to the centre, square to both. */
    Edge waist(String name) {
        Point side = waistSide();
        Point centre = waistCentre();
        if (centreLift == 0) {
            return Edge.line(name, side, centre);
        }
        double wide = side.distanceMm(centre);
        Point down = downCentre();
        return Edge.curve(
                name,
                side,
                side.plus(new Point(-0.3 * wide, 0)),
                centre.plus(down.left().times(0.4 * wide)),
                centre);
    }

    private Point downCentre() {
        Point way = new Point(centreX(), seatY()).minus(waistCentre());
        return way.unit();
    }

    Edge side() {
        Point corner = new Point(hem / 2, 0);
        if (isShort) {
            Point bend = new Point(sideX(), bendY);
            return Edge.joined(
                    "side",
                    Edge.curve(
                            "side",
                            corner,
                            corner.plus(new Point(0, 0.4 * bendY)),
                            bend.minus(new Point(0, 0.4 * bendY)),
                            bend),
                    Edge.line("side", bend, waistSide()));
        }
        return Edge.smooth(
                "side", List.of(corner, new Point(kneeWidth() / 2, kneeY), new Point(sideX(), bendY), waistSide()));
    }

    Edge inseam() {
        Point crotch = new Point(-thigh() / 2, crotchY);
        Point corner = new Point(-hem / 2, 0);
        if (isShort) {
            Point aim = new Point(-hem / 2, crotchY / 2);
            return Edge.curve("inseam", crotch, crotch.between(aim, 0.5), aim, corner);
        }
        return Edge.smooth("inseam", List.of(crotch, new Point(-kneeWidth() / 2, kneeY), corner));
    }

    /** Edges: hem, side, waist, centre, inseam. */
    Outline outline() {
        return outline(List.of(waist("waist")));
    }

    /** With the waist in several edges, from the side to the centre. */
    Outline outline(List<Edge> waist) {
        Point top = waistCentre();
        Point bend = new Point(centreX(), seatY());
        Edge inseam = inseam();
        Point crotch = inseam.start();
        double drop = bend.y() - crotch.y();
        Point inside = inseam.segments().get(0).leaving();
        Edge centre = new Edge(
                "centre",
                List.of(
                        new Segment.Line(top, bend),
                        new Segment.Cubic(
                                bend,
                                bend.plus(downCentre().times(0.62 * drop)),
                                crotch.plus(inside.left().times(0.58 * reach)),
                                crotch)));
        List<Edge> edges = new ArrayList<>();
        edges.add(Edge.line("hem", new Point(-hem / 2, 0), new Point(hem / 2, 0)));
        edges.add(side());
        edges.addAll(waist);
        edges.add(centre);
        edges.add(inseam);
        return new Outline(edges);
    }
}
