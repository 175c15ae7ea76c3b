package org.handdown.geometry;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.function.UnaryOperator;
import org.handdown.measure.RefusedValueException;

/**
 * A closed polygon in mm, first point not repeated, in either orientation. Order and numbering of the points are kept, since edges
 * are named by vertex. Whether it crosses itself is asked with {@link #isSimple()}, not enforced: a bad outline must be shown
 * before it can be mended.
 */
public record Ring(List<Point> points) {
    /** A corner goes at most so many times as far as the edges when a ring is drawn in. */
    private static final double FARTHEST = 3;

    public Ring {
        if (points.size() < 3) {
            throw new RefusedValueException("outline", "An outline needs at least three points.");
        }
        points = List.copyOf(points);
    }

    public static Ring of(double... xy) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i + 1 < xy.length; i += 2) {
            points.add(new Point(xy[i], xy[i + 1]));
        }
        return new Ring(points);
    }

    /** A regular polygon about a centre, its corners on the circle. */
    public static Ring regular(Point centre, double radiusMm, int corners) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < corners; i++) {
            points.add(centre.plus(Point.unit(360.0 * i / corners).times(radiusMm)));
        }
        return new Ring(points);
    }

    public static Ring rectangle(double x, double y, double widthMm, double heightMm) {
        return of(x, y, x + widthMm, y, x + widthMm, y + heightMm, x, y + heightMm);
    }

    public int size() {
        return points.size();
    }

    /** The point at {@code index}, counted round and round. */
    public Point at(int index) {
        return points.get(Math.floorMod(index, points.size()));
    }

    /** Shoelace area in mm², positive when counter-clockwise. */
    public double signedAreaMm2() {
        double twice = 0;
        Point origin = points.get(0);
        for (int i = 0; i < points.size(); i++) {
            twice += at(i).minus(origin).cross(at(i + 1).minus(origin));
        }
        return twice / 2;
    }

    public double areaMm2() {
        return Math.abs(signedAreaMm2());
    }

    public Ring counterClockwise() {
        return signedAreaMm2() >= 0 ? this : reversed();
    }

    public Ring reversed() {
        List<Point> back = new ArrayList<>(points);
        Collections.reverse(back);
        return new Ring(back);
    }

    public Ring map(UnaryOperator<Point> move) {
        return new Ring(points.stream().map(move).toList());
    }

    public Ring moved(double dx, double dy) {
        return map(p -> new Point(p.x() + dx, p.y() + dy));
    }

    public Box box() {
        double minX = Double.POSITIVE_INFINITY;
        double minY = Double.POSITIVE_INFINITY;
        double maxX = Double.NEGATIVE_INFINITY;
        double maxY = Double.NEGATIVE_INFINITY;
        for (Point p : points) {
            minX = Math.min(minX, p.x());
            minY = Math.min(minY, p.y());
            maxX = Math.max(maxX, p.x());
            maxY = Math.max(maxY, p.y());
        }
        return new Box(minX, minY, maxX, maxY);
    }

    /**
     * With every edge moved by a little to its left, which is its inner side where the ring is counter-clockwise, and the corners with
     * them: to where the moved edges meet, but at most three times as far, however sharp the corner. May fold over itself where the ring
     * is that narrow.
     */
    public Ring drawnIn(double mm) {
        if (mm == 0) {
            return this;
        }
        List<Point> drawn = new ArrayList<>();
        for (int i = 0; i < points.size(); i++) {
            drawn.add(drawnIn(i, mm));
        }
        return new Ring(drawn);
    }

    private Point drawnIn(int i, double mm) {
        Point p = at(i);
        Point u = unit(p.minus(at(i - 1)));
        Point v = unit(at(i + 1).minus(p));
        double along = 1 + u.dot(v);
        Point inwards = new Point(-u.y() - v.y(), u.x() + v.x());
        if (along * FARTHEST * FARTHEST >= 2) {
            return p.plus(inwards.times(mm / along));
        }
        // So sharp that they meet far off: a little way along the middle, at the very turn along the edge itself.
        Point middle = along > 1e-9 ? inwards : u.cross(v) >= 0 ? v : u;
        return p.plus(unit(middle).times(FARTHEST * mm));
    }

    /** Of no length where the point is the origin: an edge without length has no side. */
    private static Point unit(Point p) {
        double length = p.lengthMm();
        return length == 0 ? p : p.times(1 / length);
    }

    /** The run of outline from vertex {@code from} forward to vertex {@code to}, both included; all round where they are the same. */
    public List<Point> run(int from, int to) {
        List<Point> run = new ArrayList<>();
        run.add(at(from));
        int i = from;
        do {
            i++;
            run.add(at(i));
        } while (Math.floorMod(i, size()) != to);
        return run;
    }

    /** True when the polygon neither crosses nor touches itself and encloses an area. */
    public boolean isSimple() {
        return Region.isSimple(this);
    }

    /** Does an upright rectangle lie wholly inside? Of one that only just does it may say no. */
    public boolean holds(Box box) {
        Point middle = box.middle();
        boolean isInside = false;
        Point a = points.get(points.size() - 1);
        for (Point b : points) {
            if (box.isCrossed(a, b)) {
                return false;
            }
            if ((a.y() > middle.y()) != (b.y() > middle.y())) {
                double x = a.x() + (middle.y() - a.y()) / (b.y() - a.y()) * (b.x() - a.x());
                isInside ^= middle.x() < x;
            }
            a = b;
        }
        return isInside;
    }

    /** A stretch of a level line that lies inside a ring. */
    public record Span(double from, double to) {
        public double widthMm() {
            return to - from;
        }
    }

    /** Where the line at this height lies inside, from left to right; a level edge counts as lying just above the line. */
    public List<Span> spansAt(double y) {
        List<Double> crossings = new ArrayList<>();
        for (int i = 0; i < size(); i++) {
            Point a = at(i);
            Point b = at(i + 1);
            if ((a.y() > y) != (b.y() > y)) {
                crossings.add(a.x() + (y - a.y()) / (b.y() - a.y()) * (b.x() - a.x()));
            }
        }
        crossings.sort(null);
        List<Span> spans = new ArrayList<>();
        for (int i = 0; i + 1 < crossings.size(); i += 2) {
            spans.add(new Span(crossings.get(i), crossings.get(i + 1)));
        }
        return spans;
    }

    /** How much of the line at this height lies inside, mm. */
    public double widthAtMm(double y) {
        return spansAt(y).stream().mapToDouble(Span::widthMm).sum();
    }
}
