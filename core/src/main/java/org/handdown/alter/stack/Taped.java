package org.handdown.alter.stack;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.handdown.assembly.Component;
import org.handdown.geometry.Box;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Point;
import org.handdown.measure.Wording;

/** A line on a part, told so that it can be chalked by tape alone: where it begins and ends along the part's edges, and how far it bows. */
public final class Taped {
    private static final double ON_EDGE_MM = 2;
    private static final double STRAIGHT_MM = 3;
    private static final List<Double> QUARTERS = List.of(0.25, 0.5, 0.75);

    private Taped() {}

    /** Sentences, lengths in mm. */
    public static List<String> told(Component part, List<Point> line) {
        Point from = line.get(0);
        Point to = line.get(line.size() - 1);
        List<String> all = new ArrayList<>();
        Optional<String> start = onEdge(part, from);
        Optional<String> end = onEdge(part, to);
        if (start.isPresent() && end.isPresent() && from.distanceMm(to) > ON_EDGE_MM) {
            all.add(Wording.fill("From %s to %s.", start.get(), end.get()));
            all.addAll(bows(line));
        } else {
            Box box = part.outline().box();
            double middle = (box.minX() + box.maxX()) / 2;
            double low = line.stream().mapToDouble(Point::y).min().orElse(0) - box.minY();
            double high = line.stream().mapToDouble(Point::y).max().orElse(0) - box.minY();
            double left = line.stream().mapToDouble(Point::x).min().orElse(0) - middle;
            double right = line.stream().mapToDouble(Point::x).max().orElse(0) - middle;
            all.add(Wording.fill(
                    "Inside the part: from %.0f mm to %.0f mm above its lower end, from %.0f mm %s to %.0f mm %s of its middle as it is drawn.",
                    low, high, Math.abs(left), side(left), Math.abs(right), side(right)));
        }
        return all;
    }

    private static String side(double mm) {
        return mm < 0 ? "left" : "right";
    }

    private static Optional<String> onEdge(Component part, Point at) {
        List<Edge> edges = part.outline().edges();
        for (int i = 0; i < edges.size(); i++) {
            List<Point> points = edges.get(i).flattened(0.2);
            if (at.distanceMm(points) < ON_EDGE_MM) {
                double along = Edge.alongMm(points, at);
                double length = Edge.lengthMm(points);
                boolean isFirstHalf = along < length / 2;
                Edge near = edges.get(isFirstHalf ? (i + edges.size() - 1) % edges.size() : (i + 1) % edges.size());
                double mm = isFirstHalf ? along : length - along;
                String own = Wording.spoken(edges.get(i).name());
                String other = Wording.spoken(near.name());
                return Optional.of(
                        mm < ON_EDGE_MM
                                ? Wording.fill("the corner of %s and %s", own, other)
                                : Wording.fill(
                                        "a point on the %s, %.0f mm from its corner with the %s", own, mm, other));
            }
        }
        return Optional.empty();
    }

    /** How far beside the straight between its ends it lies, at its quarters. */
    private static List<String> bows(List<Point> line) {
        Point from = line.get(0);
        Point to = line.get(line.size() - 1);
        Point way = to.minus(from).unit();
        List<Double> off = QUARTERS.stream()
                .map(q -> farthest(line, from, way, q * from.distanceMm(to)))
                .toList();
        boolean isStraight = line.stream().allMatch(p -> Math.abs(way.cross(p.minus(from))) < STRAIGHT_MM);
        return isStraight
                ? List.of("A straight line.")
                : List.of(Wording.fill(
                        "Beside the straight between both points: at a quarter of it %.0f mm, at its middle %.0f mm, at three quarters %.0f mm.",
                        off.get(0), off.get(1), off.get(2)));
    }

    private static double farthest(List<Point> line, Point from, Point way, double at) {
        double far = 0;
        for (int i = 0; i + 1 < line.size(); i++) {
            double a = way.dot(line.get(i).minus(from));
            double b = way.dot(line.get(i + 1).minus(from));
            if (Math.min(a, b) <= at && at <= Math.max(a, b)) {
                double share = a == b ? 0 : (at - a) / (b - a);
                Point p = line.get(i).between(line.get(i + 1), share);
                far = Math.max(far, Math.abs(way.cross(p.minus(from))));
            }
        }
        return far;
    }
}
