package org.handdown.geometry;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.function.IntPredicate;
import org.locationtech.jts.coverage.CoverageUnion;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.PrecisionModel;
import org.locationtech.jts.noding.NodedSegmentString;
import org.locationtech.jts.noding.SegmentString;
import org.locationtech.jts.noding.snapround.SnapRoundingNoder;
import org.locationtech.jts.operation.polygonize.Polygonizer;

/**
 * The convolution of two closed polygonal paths: all sums of a vertex of one and an edge of the other whose direction lies in the
 * turn at that vertex. Its winding number at a point p is the Euler characteristic of A ∩ (p − B); for simple polygons A and B this
 * counts the separate overlaps, so the Minkowski sum is where it is not zero. A clockwise A stands for the outside of A; then the
 * number is −1 exactly where p − B lies wholly inside.
 *
 * <p>Only edges at left turns can bound the result, so only these are cut against each other; the winding number is counted over
 * all edges. Directions are compared as whole numbers, which keeps the path closed whatever the rounding.
 *
 * <p>Source: Guibas, Ramshaw and Stolfi, A kinetic framework for computational geometry, 1983 (from memory). Cost: O((n·m)²) at
 * worst, near O((n + m) log(n + m)) for nearly convex shapes.
 */
final class Convolution {
    /** Directions are counted in this many steps a full turn. */
    private static final long FULL_TURN = 1L << 40;
    /** Crossing points are rounded to this many steps a millimetre. */
    private static final double STEPS_PER_MM = 1e5;

    private record DirectedEdge(double x0, double y0, double x1, double y1) {}

    private final List<DirectedEdge> all = new ArrayList<>();
    private final List<SegmentString> bounding = new ArrayList<>();

    Convolution(List<Point> a, List<Point> b) {
        Path first = new Path(a);
        Path second = new Path(b);
        pair(first, second, false);
        pair(second, first, true);
    }

    /** Union of the faces whose winding number is wanted. */
    Region where(IntPredicate wanted) {
        return faces(bounding, wanted);
    }

    /** The same within a box alone, where it is known that nothing wanted lies outside it: far fewer crossings to find. */
    Region where(IntPredicate wanted, Box box) {
        List<SegmentString> clipped = new ArrayList<>();
        for (SegmentString edge : bounding) {
            Coordinate[] ends = box.clip(edge.getCoordinate(0), edge.getCoordinate(1));
            if (ends.length == 2) {
                clipped.add(new NodedSegmentString(ends, null));
            }
        }
        Ring rim = Ring.rectangle(box.minX(), box.minY(), box.widthMm(), box.heightMm());
        for (int i = 0; i < rim.size(); i++) {
            clipped.add(new NodedSegmentString(
                    new Coordinate[] {Region.coordinate(rim.at(i)), Region.coordinate(rim.at(i + 1))}, null));
        }
        return faces(clipped, wanted);
    }

    private Region faces(List<SegmentString> lines, IntPredicate wanted) {
        SnapRoundingNoder noder = new SnapRoundingNoder(new PrecisionModel(STEPS_PER_MM));
        noder.computeNodes(lines);
        Polygonizer polygonizer = new Polygonizer();
        for (LineString line : uniqueLines(noder)) {
            polygonizer.add(line);
        }
        List<Polygon> kept = new ArrayList<>();
        for (Object face : (Collection<?>) polygonizer.getPolygons()) {
            Polygon polygon = (Polygon) face;
            Coordinate inside = polygon.getInteriorPoint().getCoordinate();
            if (wanted.test(winding(inside.x, inside.y))) {
                kept.add(polygon);
            }
        }
        if (kept.isEmpty()) {
            return Region.EMPTY;
        }
        Geometry union = kept.size() == 1 ? kept.get(0) : CoverageUnion.union(kept.toArray(new Polygon[0]));
        // The polygonizer's order of faces and starts of rings is chance; a search that takes the first of equals must
        // not depend on it.
        return new Region(union.norm());
    }

    private static Collection<LineString> uniqueLines(SnapRoundingNoder noder) {
        java.util.Map<java.util.List<Coordinate>, LineString> unique = new java.util.LinkedHashMap<>();
        for (Object o : noder.getNodedSubstrings()) {
            Coordinate[] c = ((SegmentString) o).getCoordinates();
            for (int i = 0; i + 1 < c.length; i++) {
                Coordinate p = c[i].compareTo(c[i + 1]) <= 0 ? c[i] : c[i + 1];
                Coordinate q = p == c[i] ? c[i + 1] : c[i];
                if (!p.equals2D(q)) {
                    unique.computeIfAbsent(
                            List.of(p, q), k -> Region.FACTORY.createLineString(new Coordinate[] {p, q}));
                }
            }
        }
        return unique.values();
    }

    private int winding(double x, double y) {
        int winding = 0;
        for (DirectedEdge e : all) {
            if (e.y0 <= y != e.y1 <= y) {
                double side = (e.x1 - e.x0) * (y - e.y0) - (x - e.x0) * (e.y1 - e.y0);
                if (e.y0 <= y && side > 0) {
                    winding++;
                } else if (e.y1 <= y && side < 0) {
                    winding--;
                }
            }
        }
        return winding;
    }

    /** Adds the edges of {@code moving} at the vertices of {@code still} in whose turn they lie. */
    private void pair(Path still, Path moving, boolean openAtStart) {
        for (int v = 0; v < still.size(); v++) {
            long in = still.direction[Math.floorMod(v - 1, still.size())];
            long turn = Math.floorMod(still.direction[v] - in, FULL_TURN);
            boolean left = turn <= FULL_TURN / 2;
            long start = left ? in : still.direction[v];
            long sweep = left ? turn : FULL_TURN - turn;
            for (int e = 0; e < moving.size(); e++) {
                long ahead = Math.floorMod(moving.direction[e] - start, FULL_TURN);
                // Parallel edges: the first path goes first, so its edges own the far end of a turn, the second's the
                // near end.
                boolean within = openAtStart ? ahead > 0 && ahead <= sweep : ahead < sweep;
                if (within) {
                    add(still, v, moving, e, left);
                }
            }
        }
    }

    private void add(Path still, int v, Path moving, int e, boolean left) {
        int next = (e + 1) % moving.size();
        double x0 = still.x[v] + moving.x[e];
        double y0 = still.y[v] + moving.y[e];
        double x1 = still.x[v] + moving.x[next];
        double y1 = still.y[v] + moving.y[next];
        all.add(left ? new DirectedEdge(x0, y0, x1, y1) : new DirectedEdge(x1, y1, x0, y0));
        if (left) {
            bounding.add(
                    new NodedSegmentString(new Coordinate[] {new Coordinate(x0, y0), new Coordinate(x1, y1)}, null));
        }
    }

    /** A closed path in flat arrays, without repeated points, with the direction of the edge that leaves each vertex. */
    private static final class Path {
        final double[] x;
        final double[] y;
        final long[] direction;

        Path(List<Point> points) {
            List<Point> distinct = new ArrayList<>();
            for (Point p : points) {
                if (distinct.isEmpty() || !distinct.get(distinct.size() - 1).equals(p)) {
                    distinct.add(p);
                }
            }
            while (distinct.size() > 1 && distinct.get(0).equals(distinct.get(distinct.size() - 1))) {
                distinct.remove(distinct.size() - 1);
            }
            int n = distinct.size();
            x = distinct.stream().mapToDouble(Point::x).toArray();
            y = distinct.stream().mapToDouble(Point::y).toArray();
            direction = new long[n];
            for (int i = 0; i < n; i++) {
                int j = (i + 1) % n;
                double turns = StrictMath.atan2(y[j] - y[i], x[j] - x[i]) / (2 * Math.PI);
                direction[i] = Math.floorMod(Math.round(turns * FULL_TURN), FULL_TURN);
            }
        }

        int size() {
            return x.length;
        }
    }
}
