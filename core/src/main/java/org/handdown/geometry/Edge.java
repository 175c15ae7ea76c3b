package org.handdown.geometry;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.function.UnaryOperator;

/** A named run of an outline, made of joined lines and cubic curves. */
public record Edge(String name, List<Segment> segments) {
    public Edge {
        if (segments.isEmpty()) {
            throw new IllegalArgumentException("Edge (" + name + ") has no segment.");
        }
        segments = List.copyOf(segments);
    }

    public static Edge line(String name, Point from, Point to) {
        return new Edge(name, List.of(new Segment.Line(from, to)));
    }

    public static Edge curve(String name, Point from, Point handle1, Point handle2, Point to) {
        return new Edge(name, List.of(new Segment.Cubic(from, handle1, handle2, to)));
    }

    /**
     * A smooth curve through points, without overshoot between them: Catmull–Rom directions, each handle a third of its chord.
     */
    public static Edge smooth(String name, List<Point> through) {
        List<Segment> segments = new ArrayList<>();
        for (int i = 0; i + 1 < through.size(); i++) {
            Point p = through.get(i);
            Point q = through.get(i + 1);
            double third = p.distanceMm(q) / 3;
            segments.add(new Segment.Cubic(
                    p,
                    p.plus(directionAt(through, i).times(third)),
                    q.minus(directionAt(through, i + 1).times(third)),
                    q));
        }
        return new Edge(name, segments);
    }

    private static Point directionAt(List<Point> through, int i) {
        Point before = through.get(Math.max(0, i - 1));
        Point after = through.get(Math.min(through.size() - 1, i + 1));
        Point way = after.minus(before);
        return way.times(1 / Math.max(way.lengthMm(), 1e-9));
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
}
