package org.handdown.pattern;

import org.handdown.geometry.Box;
import org.handdown.geometry.Point;
import org.handdown.geometry.Region;
import org.handdown.geometry.Ring;
import org.handdown.measure.Wording;

/**
 * Both halves of a piece laid on each other along its axis: how far they differ, where most, and what it costs to trim to the smaller.
 * Never the mean of both: cloth that is not there cannot be had.
 *
 * @param axisX of the piece
 * @param deviationMm largest distance between the halves' outlines
 * @param where they differ most, on the wider half
 * @param lostMm girth lost there when both are trimmed to the smaller: the trimmed width on either side
 * @param common both halves alike: what is left
 */
public record Symmetry(double axisX, double deviationMm, Point where, double lostMm, Ring common) {
    private static final double ALIKE_MM = 0.5;

    /** About the axis through the centre notches, or the middle of its width where it has none. */
    public static Symmetry of(Piece piece) {
        Ring ring = piece.stitchLine().ring();
        Box box = ring.box();
        double axis = piece.notches().stream()
                .filter(n -> n.label().startsWith("centre"))
                .mapToDouble(n -> n.at().x())
                .average()
                .orElse((box.minX() + box.maxX()) / 2);
        return of(ring, axis);
    }

    static Symmetry of(Ring ring, double axis) {
        Ring mirrored = ring.map(p -> new Point(2 * axis - p.x(), p.y())).reversed();
        Region both = Region.of(ring).intersection(Region.of(mirrored));
        Region kept = both.parts().stream()
                .max(java.util.Comparator.comparingDouble(Region::areaMm2))
                .orElse(Region.EMPTY);
        Region other = Region.of(mirrored);
        double most = 0;
        Point where = ring.at(0);
        java.util.List<Point> line = mirrored.run(0, 0);
        for (Point p : ring.points()) {
            double off = other.covers(p) ? 0 : p.distanceMm(line);
            if (off > most) {
                most = off;
                where = p;
            }
        }
        Ring common = kept.isEmpty() ? ring : kept.outerRings().get(0).counterClockwise();
        return new Symmetry(axis, most, where, 2 * most, common);
    }

    public boolean isAlike() {
        return deviationMm <= ALIKE_MM;
    }

    public String sentence() {
        return isAlike()
                ? "Both halves are alike."
                : Wording.fill(
                        "The halves differ by up to %.0f mm, at %.0f mm from the lower end. Trimmed to the smaller, the girth there loses %.0f mm at most.",
                        deviationMm, where.y(), lostMm);
    }
}
