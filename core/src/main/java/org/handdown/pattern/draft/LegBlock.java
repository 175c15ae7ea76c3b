package org.handdown.pattern.draft;

import java.util.ArrayList;
import java.util.List;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.geometry.Segment;

/**
 * Half of a trouser leg, front or back, before it is cut: from hem at y = 0 to the waist, its axis on x = 0, the side seam to the right.
 *
 * <p>Formulas (common practice, no source; G is the finished girth over the hips): front width G/4 − 5, back +5; crotch reach front
 * G/20, back G/10; knee at 0.55 of the inseam. The back inseam is drawn to the front's length by lowering the back crotch point, the
 * back side seam by lifting its waist.
 *
 * @param width from the centre to the side, over the seat
 * @param reach from the centre to the crotch point
 * @param hem width there
 * @param crotchY and waistY: heights of crotch point and side waist
 * @param centreLift how much higher the centre of the waist lies than its side
 * @param bendY where the side begins to curve in towards the knee
 */
record LegBlock(
        String id,
        double width,
        double reach,
        double hem,
        double crotchY,
        double waistY,
        double centreLift,
        double kneeY,
        double bendY) {
    static final double KNEE_SHARE = 0.55;

    static final double CENTRE_BACK_LIFT_MM = 20;
    private static final double CENTRE_BACK_SLANT_MM = 12;
    private static final double STRAIGHT_ABOVE_CROTCH_MM = 40;
    private static final double KNEE_OVER_HEM_MM = 12;
    private static final double FARTHEST_MM = 160;

    /** Both halves of a leg, with seams of one length. */
    record Pair(LegBlock front, LegBlock back) {}

    /**
     * @param girth finished, over the hips
     * @param inseam and side: heights of crotch and waist above the finished hem
     * @param hemGirth finished girth of the leg's lower end
     */
    static Pair of(double girth, double inseam, double side, double hemGirth) {
        double knee = KNEE_SHARE * inseam;
        double bend = inseam + STRAIGHT_ABOVE_CROTCH_MM;
        LegBlock front =
                new LegBlock("front-leg", girth / 4 - 5, girth / 20, hemGirth / 2 - 5, inseam, side, 0, knee, bend);
        LegBlock back = new LegBlock(
                "back-leg", girth / 4 + 5, girth / 10, hemGirth / 2 + 5, inseam, side, CENTRE_BACK_LIFT_MM, knee, bend);
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
        return new LegBlock(id, width, reach, hem, y, waistY, centreLift, kneeY, bendY);
    }

    private LegBlock withWaistY(double y) {
        return new LegBlock(id, width, reach, hem, crotchY, y, centreLift, kneeY, bendY);
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
        return hem + KNEE_OVER_HEM_MM;
    }

    /** Where the centre seam leaves the straight and curves out to the crotch: the level at which the seat is measured. */
    double seatY() {
        return crotchY + 1.25 * reach + 15;
    }

    Point waistSide() {
        return new Point(sideX(), waistY);
    }

    Point waistCentre() {
        return new Point(centreX() + (centreLift > 0 ? CENTRE_BACK_SLANT_MM : 0), waistY + centreLift);
    }

    double waistMm() {
        return waistSide().distanceMm(waistCentre());
    }

    Edge side() {
        return Edge.smooth(
                "side",
                List.of(
                        new Point(hem / 2, 0),
                        new Point(kneeWidth() / 2, kneeY),
                        new Point(sideX(), bendY),
                        waistSide()));
    }

    Edge inseam() {
        return Edge.smooth(
                "inseam",
                List.of(new Point(-thigh() / 2, crotchY), new Point(-kneeWidth() / 2, kneeY), new Point(-hem / 2, 0)));
    }

    /** Edges: hem, side, waist, centre, inseam. */
    Outline outline() {
        return outline(List.of(Edge.line("waist", waistSide(), waistCentre())));
    }

    /** With the waist in several edges, from the side to the centre. */
    Outline outline(List<Edge> waist) {
        Point top = waistCentre();
        Point bend = new Point(centreX(), seatY());
        Point crotch = new Point(-thigh() / 2, crotchY);
        double drop = bend.y() - crotch.y();
        Point down = bend.minus(top).times(1 / bend.distanceMm(top));
        Edge centre = new Edge(
                "centre",
                List.of(
                        new Segment.Line(top, bend),
                        new Segment.Cubic(
                                bend,
                                bend.plus(down.times(0.62 * drop)),
                                crotch.plus(new Point(0.58 * reach, 0.02 * drop)),
                                crotch)));
        List<Edge> edges = new ArrayList<>();
        edges.add(Edge.line("hem", new Point(-hem / 2, 0), new Point(hem / 2, 0)));
        edges.add(side());
        edges.addAll(waist);
        edges.add(centre);
        edges.add(inseam());
        return new Outline(edges);
    }
}
