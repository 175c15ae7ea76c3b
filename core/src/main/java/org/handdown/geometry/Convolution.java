package org.handdown.geometry;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
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
    /**
     * Crossing points are rounded to this many steps a millimetre. Between nearly parallel lines the tracer is blind for as far as they are
     * a few steps apart: with a thousand times larger steps it gives up twenty times as often.
     */
    private static final double STEPS_PER_MM = 1e8;

    /** The same for the general way, which needs room to round. */
    private static final double GENERAL_STEPS_PER_MM = 1e5;

    /** All edges, and those at left turns alone: x0, y0, x1, y1 in mm. */
    private double[] all = new double[1024];

    private int allSize;
    private double[] bounding = new double[1024];
    private int boundingSize;

    Convolution(List<Point> a, List<Point> b) {
        Path first = new Path(a);
        Path second = new Path(b);
        pair(first, second, false);
        pair(second, first, true);
    }

    /** Union of the faces whose winding number is wanted. */
    Region where(IntPredicate wanted) {
        return traced(wanted).orElseGet(() -> faces(bounding(), wanted));
    }

    Optional<Region> traced(IntPredicate wanted) {
        return traced(bounding(), wanted);
    }

    double[] bounding() {
        return Arrays.copyOf(bounding, boundingSize);
    }

    /** The same within a box alone, where it is known that nothing wanted lies outside it: far fewer crossings to find. */
    Region where(IntPredicate wanted, Box box) {
        double[] lines = boundingWithin(box);
        return traced(lines, wanted).orElseGet(() -> faces(lines, wanted));
    }

    private double[] boundingWithin(Box box) {
        double[] clipped = new double[boundingSize + 16];
        int n = 0;
        for (int i = 0; i < boundingSize; i += 4) {
            Coordinate[] ends = box.clip(coordinate(bounding, i), coordinate(bounding, i + 2));
            if (ends.length == 2) {
                n = add(clipped, n, ends[0].x, ends[0].y, ends[1].x, ends[1].y);
            }
        }
        Ring rim = Ring.rectangle(box.minX(), box.minY(), box.widthMm(), box.heightMm());
        for (int i = 0; i < rim.size(); i++) {
            n = add(
                    clipped,
                    n,
                    rim.at(i).x(),
                    rim.at(i).y(),
                    rim.at(i + 1).x(),
                    rim.at(i + 1).y());
        }
        return Arrays.copyOf(clipped, n);
    }

    private Optional<Region> traced(double[] lines, IntPredicate wanted) {
        return new FaceTracer(Arrays.copyOf(all, allSize), lines, STEPS_PER_MM).where(wanted);
    }

    private static Coordinate coordinate(double[] lines, int i) {
        return new Coordinate(lines[i], lines[i + 1]);
    }

    private static int add(double[] lines, int at, double x0, double y0, double x1, double y1) {
        lines[at] = x0;
        lines[at + 1] = y0;
        lines[at + 2] = x1;
        lines[at + 3] = y1;
        return at + 4;
    }

    /** By a general noder and polygonizer, which round until everything joins up: sure, but slow. */
    Region faces(double[] edges, IntPredicate wanted) {
        List<SegmentString> lines = new ArrayList<>();
        for (int i = 0; i < edges.length; i += 4) {
            lines.add(new NodedSegmentString(new Coordinate[] {coordinate(edges, i), coordinate(edges, i + 2)}, null));
        }
        SnapRoundingNoder noder = new SnapRoundingNoder(new PrecisionModel(GENERAL_STEPS_PER_MM));
        noder.computeNodes(lines);
        Polygonizer polygonizer = new Polygonizer();
        for (LineString line : uniqueLines(noder)) {
            polygonizer.add(line);
        }
        BandedEdges path = new BandedEdges(Arrays.copyOf(all, allSize));
        List<Polygon> kept = new ArrayList<>();
        for (Object face : (Collection<?>) polygonizer.getPolygons()) {
            Polygon polygon = (Polygon) face;
            Coordinate inside = polygon.getInteriorPoint().getCoordinate();
            if (wanted.test(path.winding(inside.x, inside.y))) {
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
        if (all.length < allSize + 4) {
            all = Arrays.copyOf(all, 2 * allSize);
        }
        allSize = left ? add(all, allSize, x0, y0, x1, y1) : add(all, allSize, x1, y1, x0, y0);
        if (left) {
            if (bounding.length < boundingSize + 4) {
                bounding = Arrays.copyOf(bounding, 2 * boundingSize);
            }
            boundingSize = add(bounding, boundingSize, x0, y0, x1, y1);
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
