package org.handdown.geometry;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.function.UnaryOperator;
import org.handdown.measure.RefusedValueException;

/** A named run of an outline, made of joined lines and cubic curves. */
public record Edge(String name, List<Segment> segments) {
    private static final double SHORTEST_MM = 1e-6;
    private static final int HALVINGS = 40;

    public Edge {
        if (segments.isEmpty()) {
            throw new RefusedValueException("edge", "Edge (" + name + ") has no segment.");
        }
        segments = List.copyOf(segments);
    }

    public static Edge line(String name, Point from, Point to) {
        return new Edge(name, List.of(new Segment.Line(from, to)));
    }

    /** Straight from point to point. */
    public static Edge along(String name, List<Point> points) {
        List<Segment> segments = new ArrayList<>();
        for (int i = 0; i + 1 < points.size(); i++) {
            segments.add(new Segment.Line(points.get(i), points.get(i + 1)));
        }
        return new Edge(name, segments);
    }

    /** Edges end to end as one. */
    public static Edge joined(String name, Edge... parts) {
        return new Edge(
                name, Arrays.stream(parts).flatMap(e -> e.segments.stream()).toList());
    }

    /** An edge on the other side of x = 0, so that it goes on round an outline. */
    public static Edge mirrored(String name, Edge edge) {
        return edge.map(p -> p.mirrored()).reversed().named(name);
    }

    public Edge named(String other) {
        return new Edge(other, segments);
    }

    public static Edge curve(String name, Point from, Point handle1, Point handle2, Point to) {
        return new Edge(name, List.of(new Segment.Cubic(from, handle1, handle2, to)));
    }

    /**
     * A smooth curve through points that never swings past them: where a coordinate turns back, the curve runs square to it.
     * Derivatives over the chord length by weighted harmonic means of the neighbouring slopes (Fritsch and Butland, 1984, from
     * memory), in each coordinate by itself.
     */
    public static Edge smooth(String name, List<Point> through) {
        List<Segment> segments = new ArrayList<>();
        for (int i = 0; i + 1 < through.size(); i++) {
            Point p = through.get(i);
            Point q = through.get(i + 1);
            double third = p.distanceMm(q) / 3;
            segments.add(new Segment.Cubic(
                    p,
                    p.plus(derivativeAt(through, i).times(third)),
                    q.minus(derivativeAt(through, i + 1).times(third)),
                    q));
        }
        return new Edge(name, segments);
    }

    private static Point derivativeAt(List<Point> through, int i) {
        int last = through.size() - 1;
        if (i == 0 || i == last) {
            return slope(through, Math.min(i, last - 1));
        }
        double before = through.get(i - 1).distanceMm(through.get(i));
        double after = through.get(i).distanceMm(through.get(i + 1));
        Point in = slope(through, i - 1);
        Point out = slope(through, i);
        return new Point(limited(in.x(), out.x(), before, after), limited(in.y(), out.y(), before, after));
    }

    private static Point slope(List<Point> through, int i) {
        Point way = through.get(i + 1).minus(through.get(i));
        return way.times(1 / Math.max(way.lengthMm(), 1e-9));
    }

    private static double limited(double in, double out, double before, double after) {
        if (in * out <= 0) {
            return 0;
        }
        double first = 2 * after + before;
        double second = after + 2 * before;
        return (first + second) / (first / in + second / out);
    }

    public Edge map(UnaryOperator<Point> move) {
        return new Edge(name, segments.stream().map(s -> s.map(move)).toList());
    }

    public Edge reversed() {
        List<Segment> back =
                new ArrayList<>(segments.stream().map(Segment::reversed).toList());
        Collections.reverse(back);
        return new Edge(name, back);
    }

    public Point start() {
        return segments.get(0).start();
    }

    public Point end() {
        return segments.get(segments.size() - 1).end();
    }

    /** All points from start to end, both included. */
    public List<Point> flattened(double toleranceMm) {
        List<Point> points = new ArrayList<>();
        points.add(start());
        for (Segment segment : segments) {
            points.addAll(segment.flattened(toleranceMm));
        }
        return points;
    }

    /** Length along the edge, from a flattening to 0.01 mm. */
    public double lengthMm() {
        return lengthMm(flattened(0.01));
    }

    public static double lengthMm(List<Point> line) {
        double sum = 0;
        for (int i = 0; i + 1 < line.size(); i++) {
            sum += line.get(i).distanceMm(line.get(i + 1));
        }
        return sum;
    }

    /** The point at a share of its length from the start, 0 to 1. */
    public Point at(double share) {
        return at(flattened(0.2), share);
    }

    /** The point of a line at a share of its length from the start, 0 to 1. */
    public static Point at(List<Point> points, double share) {
        double left = share * lengthMm(points);
        for (int i = 0; i + 1 < points.size(); i++) {
            double step = points.get(i).distanceMm(points.get(i + 1));
            if (left <= step) {
                return points.get(i).between(points.get(i + 1), step == 0 ? 0 : left / step);
            }
            left -= step;
        }
        return points.get(points.size() - 1);
    }

    /** Way along a line from its start to the place on it that is nearest to a point, mm. */
    public static double alongMm(List<Point> line, Point at) {
        double nearest = Double.POSITIVE_INFINITY;
        double along = 0;
        double run = 0;
        for (int i = 0; i + 1 < line.size(); i++) {
            Point from = line.get(i);
            Point way = line.get(i + 1).minus(from);
            double length = way.lengthMm();
            double share =
                    length == 0 ? 0 : Math.max(0, Math.min(1, at.minus(from).dot(way) / (length * length)));
            double off = at.distanceMm(from.plus(way.times(share)));
            if (off < nearest) {
                nearest = off;
                along = run + share * length;
            }
            run += length;
        }
        return along;
    }

    /**
     * Its two parts before and after a place, by names of their own.
     *
     * @param alongMm of the place from the start, between 0 and its length
     */
    public List<Edge> cutAt(double alongMm, String before, String after) {
        List<Segment> first = new ArrayList<>();
        List<Segment> rest = new ArrayList<>();
        double left = alongMm;
        for (Segment segment : segments) {
            double length = lengthMm(segment);
            if (left >= length - SHORTEST_MM) {
                first.add(segment);
            } else if (left <= SHORTEST_MM) {
                rest.add(segment);
            } else {
                List<? extends Segment> parts = halves(segment, left);
                first.add(parts.get(0));
                rest.add(parts.get(1));
            }
            left -= length;
        }
        return List.of(new Edge(before, first), new Edge(after, rest));
    }

    private static double lengthMm(Segment segment) {
        return new Edge("", List.of(segment)).lengthMm();
    }

    private static List<? extends Segment> halves(Segment segment, double alongMm) {
        if (!(segment instanceof Segment.Cubic cubic)) {
            Point at = segment.start().between(segment.end(), alongMm / lengthMm(segment));
            return List.of(new Segment.Line(segment.start(), at), new Segment.Line(at, segment.end()));
        }
        double low = 0;
        double high = 1;
        for (int i = 0; i < HALVINGS; i++) {
            double t = (low + high) / 2;
            if (lengthMm(cubic.split(t).get(0)) < alongMm) {
                low = t;
            } else {
                high = t;
            }
        }
        return cubic.split(low);
    }

    /** Runs it more up or down than across, from end to end? */
    public boolean isUpright() {
        Point chord = end().minus(start());
        return Math.abs(chord.y()) > Math.abs(chord.x());
    }

    /** Does it come to this height anywhere, mm? */
    public boolean reaches(double y) {
        List<Point> points = flattened(1);
        return points.stream().anyMatch(p -> p.y() >= y) && points.stream().anyMatch(p -> p.y() <= y);
    }

    /** Greatest distance of the edge from the chord between its ends; positive where it bows out of a counter-clockwise outline, mm. */
    public double bowMm() {
        Point chord = end().minus(start());
        double length = Math.max(chord.lengthMm(), 1e-9);
        double most = 0;
        for (Point p : flattened(0.1)) {
            double off = -chord.cross(p.minus(start())) / length;
            if (Math.abs(off) > Math.abs(most)) {
                most = off;
            }
        }
        return most;
    }
}
