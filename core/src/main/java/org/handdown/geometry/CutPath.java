package org.handdown.geometry;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.handdown.measure.RefusedValueException;

/** A line of straight stretches that runs on past both ends and so parts the plane. */
final class CutPath {
    private static final double LEAST_MM = 1;
    private static final double SAME_MM = 1e-6;
    private static final double ON_MM = 1e-4;

    private final List<Point> points;
    private final Ring leftOf;

    private CutPath(List<Point> points, Ring leftOf) {
        this.points = points;
        this.leftOf = leftOf;
    }

    /** @throws RefusedValueException where it has no length */
    static CutPath of(List<Point> path, Box around) {
        List<Point> points = new ArrayList<>();
        for (Point p : path) {
            if (points.isEmpty() || p.distanceMm(points.get(points.size() - 1)) > SAME_MM) {
                points.add(p);
            }
        }
        int n = points.size();
        if (n < 2 || Edge.lengthMm(points) < LEAST_MM) {
            throw new RefusedValueException("line", "Two points of the line must lie apart.");
        }
        Point middle = new Point((around.minX() + around.maxX()) / 2, (around.minY() + around.maxY()) / 2);
        double reach = around.widthMm() + around.heightMm();
        for (Point p : points) {
            reach = Math.max(reach, p.distanceMm(middle));
        }
        double far = 4 * reach;
        Point back = points.get(0).minus(points.get(1)).unit();
        Point on = points.get(n - 1).minus(points.get(n - 2)).unit();
        points.set(0, points.get(0).plus(back.times(far)));
        points.set(n - 1, points.get(n - 1).plus(on.times(far)));
        // Round the far side on the left: from where it leaves, counter-clockwise, to where it came from.
        List<Point> round = new ArrayList<>(points);
        double from = on.directionDeg();
        double to = back.directionDeg();
        while (to <= from) {
            to += 360;
        }
        int steps = 16;
        for (int i = 1; i < steps; i++) {
            round.add(middle.plus(Point.unit(from + (to - from) * i / steps).times(6 * far)));
        }
        return new CutPath(points, new Ring(round));
    }

    boolean isLeft(Point p) {
        return points.size() == 2
                ? off(0, p) > 0
                : leftOf.spansAt(p.y()).stream().anyMatch(s -> s.from() < p.x() && p.x() < s.to());
    }

    int stretches() {
        return points.size() - 1;
    }

    /** Positive to the left of a stretch as a whole line; mm times its length. */
    double off(int stretch, Point p) {
        Point from = points.get(stretch);
        return points.get(stretch + 1).minus(from).cross(p.minus(from));
    }

    /** Does a point of the whole line lie on the stretch itself? */
    boolean isOn(int stretch, Point p) {
        return points.size() == 2 || p.distanceMm(points.get(stretch), points.get(stretch + 1)) < ON_MM;
    }

    /** The way along it from one place on it to another. */
    List<Point> between(Point from, Point to) {
        double a = Edge.alongMm(points, from);
        double b = Edge.alongMm(points, to);
        List<Point> all = new ArrayList<>();
        double along = 0;
        for (int i = 1; i + 1 < points.size(); i++) {
            along += points.get(i - 1).distanceMm(points.get(i));
            if (along > Math.min(a, b) + ON_MM && along < Math.max(a, b) - ON_MM) {
                all.add(points.get(i));
            }
        }
        if (a > b) {
            Collections.reverse(all);
        }
        all.add(0, from);
        all.add(to);
        return all;
    }
}
