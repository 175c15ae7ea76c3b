package org.handdown.formats.photo;

import java.util.ArrayList;
import java.util.List;
import org.handdown.geometry.Point;

/**
 * How far an outline may be from the true one because the sheet does not tell the camera better. Where the panel lies on the table does not
 * matter, only its shape: what a shift and a turn take away is no error.
 */
final class ShapeTolerance {
    private static final int PLACES = 60;

    private ShapeTolerance() {}

    /**
     * @param line of the cloth's edge, table frame, mm
     * @return standard deviation at the place where it is largest, mm
     */
    static double largestMm(List<Point> line, SheetFinder.Found sheet) {
        List<Point> places = new ArrayList<>();
        for (int i = 0; i < PLACES; i++) {
            places.add(line.get((int) ((long) i * line.size() / PLACES)));
        }
        double[] square = new double[places.size()];
        for (PlaneView other : sheet.shaken()) {
            List<Point> moved = places.stream()
                    .map(p -> sheet.view().toPicture(p))
                    .map(p -> other.toTable(p.x(), p.y()))
                    .toList();
            List<Point> off = shape(places, moved);
            for (int i = 0; i < square.length; i++) {
                square[i] += off.get(i).dot(off.get(i));
            }
        }
        double most = 0;
        for (double s : square) {
            most = Math.max(most, Math.sqrt(s));
        }
        return most;
    }

    /** What is left of a small change once its shift and its turn are taken out, by least squares. */
    private static List<Point> shape(List<Point> from, List<Point> to) {
        Point middle = mean(from);
        Point there = mean(to);
        double turn = 0;
        double size = 0;
        for (int i = 0; i < from.size(); i++) {
            Point arm = from.get(i).minus(middle);
            turn += arm.cross(to.get(i).minus(there));
            size += arm.dot(arm);
        }
        double angle = turn / Math.max(1e-9, size);
        List<Point> off = new ArrayList<>();
        for (int i = 0; i < from.size(); i++) {
            Point arm = from.get(i).minus(middle);
            off.add(to.get(i).minus(there).minus(arm).minus(arm.left().times(angle)));
        }
        return off;
    }

    private static Point mean(List<Point> points) {
        Point sum = new Point(0, 0);
        for (Point p : points) {
            sum = sum.plus(p);
        }
        return sum.times(1.0 / points.size());
    }
}
