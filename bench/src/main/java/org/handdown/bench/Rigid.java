package org.handdown.bench;

import java.util.List;
import org.handdown.geometry.Point;

/** The shift and turn that lay some points best on others (closed form of the planar least-squares fit, from memory). */
public final class Rigid {
    private Rigid() {}

    public static List<Point> best(List<Point> from, List<Point> to, List<Point> moved) {
        Point a = mean(from);
        Point b = mean(to);
        double cos = 0;
        double sin = 0;
        for (int i = 0; i < from.size(); i++) {
            Point p = from.get(i).minus(a);
            Point q = to.get(i).minus(b);
            cos += p.dot(q);
            sin += p.cross(q);
        }
        double deg = Math.toDegrees(Math.atan2(sin, cos));
        Point x = Point.unit(deg);
        return moved.stream()
                .map(p -> p.minus(a))
                .map(p -> new Point(x.x() * p.x() - x.y() * p.y(), x.y() * p.x() + x.x() * p.y()).plus(b))
                .toList();
    }

    private static Point mean(List<Point> points) {
        Point sum = new Point(0, 0);
        for (Point p : points) {
            sum = sum.plus(p);
        }
        return sum.times(1.0 / points.size());
    }
}
