package org.handdown.geometry;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;

/**
 * Moves each edge of a counter-clockwise outline outwards by its own amount: how a cut line is drawn outside a stitch line, or cloth
 * won or lost at a join is added to a part. Neighbouring edges are carried on to their crossing (a mitre); where that would run
 * farther than {@link #LONGEST_MITRE} times the larger amount, or the edges run on in one line, the corner is squared.
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
            corners.add(corner(
                    shifted.get(i), shifted.get(j), outline.edges().get(i).end(), largest));
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
