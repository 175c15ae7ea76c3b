package org.handdown.source.shape;

import java.util.List;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.geometry.Segment;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/**
 * One leg of trousers laid flat, by widths at heights above the hem. Frame: x = 0 on the crease, side seam towards +x, y = 0 at the
 * hem, y up along the crease.
 *
 * @param waist the station at the top of the side seam
 * @param centreLiftMm how much higher the waist lies at the centre seam than at the side
 */
public record LegShape(Station hem, Station knee, Station thigh, Station seat, Station waist, double centreLiftMm) {
    /**
     * A width square to the crease.
     *
     * @param heightMm above the hem
     * @param toSideMm the part of the width that lies on the side seam's side of the crease
     */
    public record Station(double heightMm, double widthMm, double toSideMm) {
        private static final double LONGEST_MM = 2500;

        public Station {
            if (!(heightMm >= 0 && heightMm <= LONGEST_MM && widthMm <= LONGEST_MM && toSideMm <= LONGEST_MM)) {
                throw new RefusedValueException(
                        "widths",
                        Wording.of(
                                "Heights and widths of a leg run from 0 to 2500 mm; check the figure and its unit."));
            }
        }

        double inner() {
            return toSideMm - widthMm;
        }

        Point atSide() {
            return new Point(toSideMm, heightMm);
        }

        Point atInside() {
            return new Point(inner(), heightMm);
        }
    }

    public LegShape {
        requireAbove("knee", knee, hem);
        requireAbove("thigh", thigh, knee);
        requireAbove("seat", seat, thigh);
        requireAbove("waist", waist, seat);
        for (Station station : List.of(hem, knee, thigh, seat, waist)) {
            if (!(station.widthMm > 20) || !(station.toSideMm > 0) || !(station.inner() < 0)) {
                throw new RefusedValueException(
                        "widths",
                        Wording.fill(
                                "The width at %.0f mm must be over 20 mm and lie on both sides of the crease.",
                                station.heightMm));
            }
        }
        if (thigh.inner() > seat.inner() - 5) {
            throw new RefusedValueException(
                    "thigh.width",
                    "The thigh must reach past the seat on the inside: that is where the crotch curve runs.");
        }
        if (Math.abs(centreLiftMm) > 150) {
            throw new RefusedValueException(
                    "centreLift", Wording.of("The waist cannot rise or drop more than 150 mm to the centre."));
        }
    }

    private static void requireAbove(String name, Station upper, Station lower) {
        if (!(upper.heightMm > lower.heightMm + 10)) {
            throw new RefusedValueException(
                    name + ".height",
                    Wording.fill(
                            "%.0f mm is not above the measure below it, at %.0f mm. Heights are counted up from the hem.",
                            upper.heightMm, lower.heightMm));
        }
    }

    /** Edges {@code hem, side, waist, centre, inseam}, counter-clockwise, the waist as straight as two tapes tell it. */
    public Outline outline() {
        return outline(Edge.line("waist", waist.atSide(), centreTop()), new Point(1, 0));
    }

    /** As it was cut to be sewn: the waist square to side and centre, the crotch square to the inseam, so that they run on there. */
    public Outline sewnOutline() {
        Point side = waist.atSide();
        Point centre = centreTop();
        double handle = 0.35 * side.distanceMm(centre);
        Point up = unit(side.minus(seat.atSide()));
        Point down = unit(seat.atInside().minus(centre));
        Edge curved = Edge.curve(
                "waist",
                side,
                side.plus(up.left().times(handle)),
                centre.plus(down.left().times(handle)),
                centre);
        Point inside = inseam().segments().get(0).leaving();
        return outline(curved, inside.left());
    }

    private static Point unit(Point way) {
        return way.unit();
    }

    private Point centreTop() {
        return new Point(waist.inner(), waist.heightMm + centreLiftMm);
    }

    public Edge side() {
        return Edge.smooth("side", List.of(hem.atSide(), knee.atSide(), thigh.atSide(), seat.atSide(), waist.atSide()));
    }

    public Edge inseam() {
        return Edge.smooth("inseam", List.of(thigh.atInside(), knee.atInside(), hem.atInside()));
    }

    /** @param atCrotch way into the leg that the crotch curve comes from */
    private Outline outline(Edge waistEdge, Point atCrotch) {
        return new Outline(
                List.of(Edge.line("hem", hem.atInside(), hem.atSide()), side(), waistEdge, centre(atCrotch), inseam()));
    }

    /** Straight from the waist to the seat, then the crotch curve. */
    private Edge centre(Point atCrotch) {
        Point top = centreTop();
        Point bend = seat.atInside();
        Point crotch = thigh.atInside();
        Point down = unit(bend.minus(top));
        double drop = bend.y() - crotch.y();
        double reach = bend.x() - crotch.x();
        Point lift = atCrotch.y() == 0 ? new Point(0, 0.04 * drop) : new Point(0, 0);
        return new Edge(
                "centre",
                List.of(
                        new Segment.Line(top, bend),
                        new Segment.Cubic(
                                bend,
                                bend.plus(down.times(0.6 * drop)),
                                crotch.plus(atCrotch.times(0.55 * reach)).plus(lift),
                                crotch)));
    }
}
