package org.handdown.pattern.draft;

import java.util.function.DoubleUnaryOperator;
import org.handdown.geometry.Point;
import org.handdown.geometry.Root;
import org.handdown.pattern.Allowance;

/**
 * A full circle in one disc: cut open along one radius and sewn there, an allowance on either side of that cut, so that its stitch lines
 * run parallel to it. Its centre lies on x = 0, the lowest point of its hem at y = 0, the seam at the top. Edges: hem, right, upper, left.
 * Worked check: waist 70 cm and two allowances of 15 mm are drawn at about 73/6.28 = 11.6 cm (handbook of the trade §4).
 *
 * @param upperRadius of the waist's stitch line
 * @param length between the arcs
 * @param seam allowance on either side of the cut
 */
record Disc(double upperRadius, double length, double seam) {
    /** Both sides of a cut are drawn so far apart, mm: they are one line for the scissors. */
    private static final double HAIR_MM = 0.5;

    /** Radius at which the waist is so long once the seam is sewn. */
    static double radiusMm(double waistMm, double seamMm) {
        DoubleUnaryOperator over = r -> arcMm(r, seamMm) - waistMm;
        double about = (waistMm + 2 * seamMm) / (2 * Math.PI);
        return Root.of(Math.max(seamMm, 0.9 * about), 1.2 * about + seamMm, over);
    }

    /** Of a circle between both stitch lines. */
    private static double arcMm(double radius, double seamMm) {
        return radius * angle(radius, seamMm);
    }

    private static double angle(double radius, double seamMm) {
        return 2 * Math.PI - 2 * StrictMath.asin(seamMm / radius);
    }

    private Point onSeam(double x, double radius) {
        return new Point(x, upperRadius + length + Math.sqrt(radius * radius - seam * seam));
    }

    Paper paper(String id, String name) {
        double big = upperRadius + length;
        Point centre = new Point(0, big);
        Point start = onSeam(-seam, big);
        Allowance along = new Allowance(seam - HAIR_MM / 2, "sewn seam; one cut along a radius parts both sides");
        return new Paper(id, name, start.x(), start.y())
                .arc("hem", centre, angle(big, seam))
                .line("right", onSeam(seam, upperRadius))
                .arc("upper", centre, -angle(upperRadius, seam))
                .line("left", start)
                .allow("right", along)
                .allow("left", along);
    }
}
