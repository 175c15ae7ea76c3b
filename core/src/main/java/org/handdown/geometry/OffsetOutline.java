package org.handdown.geometry;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;

/**
 * Moves each edge of a counter-clockwise outline outwards by its own amount: how a cut line is drawn outside a stitch line, or cloth
 * won or lost at a join is added to a part. Neighbouring edges are carried on to their crossing (a mitre); where that would run
 * farther than {@link #LONGEST_MITRE} times the larger amount, or the edges run on in one line, the corner is squared. An allowance that
 * is folded back along its edge ends in the mirror image of what it comes to lie on, so a hem on slanted sides is neither short nor
 * sticks out when it is turned up.
 */
public final class OffsetOutline {
    /** Longest corner, as a multiple of the larger of the two amounts. */
    private static final double LONGEST_MITRE = 3;

    private OffsetOutline() {}

    /**
     * @param amountMm outward shift of an edge in mm; negative moves it inwards
     * @return flattened result, with the run of every edge
     */
    public static Outline.Flat of(Outline outline, ToDoubleFunction<Edge> amountMm) {
        return of(outline, amountMm, e -> false);
    }

    /** @param folded whether an edge's allowance is folded back along it */
    public static Outline.Flat of(Outline outline, ToDoubleFunction<Edge> amountMm, Predicate<Edge> folded) {
        int n = outline.edges().size();
        List<List<Point>> shifted = new ArrayList<>();
        for (Edge edge : outline.edges()) {
            shifted.add(shifted(edge.flattened(Outline.FLATTENING_MM), amountMm.applyAsDouble(edge)));
        }
        List<List<Point>> corners = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            int j = (i + 1) % n;
            double largest = Math.max(
                    Math.abs(amountMm.applyAsDouble(outline.edges().get(i))),
                    Math.abs(amountMm.applyAsDouble(outline.edges().get(j))));
            Edge before = outline.edges().get(i);
            Edge after = outline.edges().get(j);
            List<Point> turned = folded.test(before) && !folded.test(after)
                    ? foldedBack(before, amountMm.applyAsDouble(before), shifted.get(j), true)
                    : folded.test(after) && !folded.test(before)
                            ? foldedBack(after, amountMm.applyAsDouble(after), shifted.get(i), false)
                            : List.of();
            corners.add(turned.isEmpty() ? corner(shifted.get(i), shifted.get(j), before.end(), largest) : turned);
        }
        List<Point> points = new ArrayList<>();
        Map<String, Outline.Run> runs = new LinkedHashMap<>();
        for (int i = 0; i < n; i++) {
            List<Point> before = corners.get(Math.floorMod(i - 1, n));
            List<Point> after = corners.get(i);
            List<Point> line = shifted.get(i);
            int from = points.size();
            points.add(before.get(before.size() - 1));
            points.addAll(line.subList(1, line.size() - 1));
            points.add(after.get(0));
            runs.put(outline.edges().get(i).name(), new Outline.Run(from, points.size() - 1));
            if (after.size() == 1) {
                // The next edge begins at this very point.
                points.remove(points.size() - 1);
                runs.put(outline.edges().get(i).name(), new Outline.Run(from, points.size()));
            }
        }
        int size = points.size();
        runs.replaceAll((name, run) -> new Outline.Run(run.from(), run.to() % size));
        return new Outline.Flat(new Ring(points), runs);
    }

    private static List<Point> shifted(List<Point> line, double amount) {
        List<Point> out = new ArrayList<>();
        for (int i = 0; i < line.size(); i++) {
            Point in = i == 0 ? null : line.get(i).minus(line.get(i - 1));
            Point ahead = i == line.size() - 1 ? null : line.get(i + 1).minus(line.get(i));
            Point p = line.get(i);
            if (in == null && ahead != null) {
                out.add(p.plus(outward(ahead).times(amount)));
            } else if (ahead == null && in != null) {
                out.add(p.plus(outward(in).times(amount)));
            } else if (in != null && ahead != null) {
                Point a = outward(in);
                Point b = outward(ahead);
                Point sum = a.plus(b);
                out.add(p.plus(sum.times(amount / Math.max(1 + a.dot(b), 0.2))));
            }
        }
        return out;
    }

    /** Right-hand normal: outwards of a counter-clockwise outline. */
    private static Point outward(Point way) {
        double length = Math.max(way.lengthMm(), 1e-12);
        return new Point(way.y() / length, -way.x() / length);
    }

    /**
     * The corner between a folded allowance and its neighbour: where the neighbour's line meets the fold, and the mirror image across the
     * fold of the place on the neighbour's line that the allowance's edge will come to lie on. Empty where there is no such place.
     *
     * @param atEnd whether the neighbour follows the folded edge
     */
    private static List<Point> foldedBack(Edge fold, double amount, List<Point> neighbour, boolean atEnd) {
        if (amount <= 0) {
            return List.of();
        }
        List<Point> along = new ArrayList<>(neighbour);
        if (!atEnd) {
            java.util.Collections.reverse(along);
        }
        List<Point> line = fold.flattened(Outline.FLATTENING_MM);
        Point a = atEnd ? line.get(line.size() - 2) : line.get(1);
        Point b = atEnd ? line.get(line.size() - 1) : line.get(0);
        Point u = b.minus(a).times(1 / Math.max(b.distanceMm(a), 1e-12));
        // The left of the fold is the inside of a counter-clockwise outline; seen from its start it is the right.
        Point in = atEnd ? new Point(-u.y(), u.x()) : new Point(u.y(), -u.x());
        Point meets = null;
        for (int i = 0; i + 1 < along.size(); i++) {
            double h0 = along.get(i).minus(b).dot(in);
            double h1 = along.get(i + 1).minus(b).dot(in);
            if (h1 <= h0) {
                return List.of();
            }
            if (meets == null) {
                // The first stretch is carried on to the fold, whichever side of it the line begins.
                meets = along.get(i).toward(along.get(i + 1), -h0 / (h1 - h0));
            }
            if (h1 >= amount) {
                Point on = along.get(i).toward(along.get(i + 1), (amount - h0) / (h1 - h0));
                double height = on.minus(b).dot(in);
                Point mirrored = on.minus(in.times(2 * height));
                return atEnd ? List.of(mirrored, meets) : List.of(meets, mirrored);
            }
        }
        return List.of();
    }

    private static List<Point> corner(List<Point> before, List<Point> after, Point old, double largest) {
        Point p = before.get(before.size() - 1);
        Point q = after.get(0);
        if (p.distanceMm(q) < 1e-9) {
            return List.of(p);
        }
        Point u = p.minus(before.get(before.size() - 2));
        Point v = after.get(1).minus(q);
        double cross = u.cross(v);
        if (Math.abs(cross) > 1e-6 * u.lengthMm() * v.lengthMm()) {
            Point crossing = p.plus(u.times(q.minus(p).cross(v) / cross));
            if (crossing.distanceMm(old) <= LONGEST_MITRE * largest) {
                return List.of(crossing);
            }
        }
        return List.of(p, q);
    }
}
