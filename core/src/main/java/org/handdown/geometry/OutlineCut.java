package org.handdown.geometry;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/**
 * An outline cut in two by a line, straight or of several straight stretches; curves are parted exactly. Edges keep their names on either
 * side; the new edges along the cut take a name of their own.
 *
 * @param left what lies to the left of the line, seen from its first point to its last; counter-clockwise
 * @param right the rest, counter-clockwise
 */
public record OutlineCut(Outline left, Outline right) {
    /** Shorter stretches are roundings. */
    private static final double NOTHING_MM = 1e-6;

    /** A curve crosses a line at most three times; it is looked at in so many steps. */
    private static final int STEPS = 64;

    private static final int HALVINGS = 60;

    /** A stretch of an edge on one side of the line. */
    private record Run(String edge, Segment segment, boolean left) {}

    /**
     * @param from and to: two points of the line, which runs on past both
     * @param name of the edges along the cut
     * @throws RefusedValueException if the line does not cross the outline exactly twice
     */
    public static OutlineCut of(Outline outline, Point from, Point to, String name) {
        return of(outline, List.of(from, to), name);
    }

    /**
     * @param path the points of the line in order, no two at one place; it runs on straight past its first and last
     * @param name of the edges along the cut
     * @throws RefusedValueException if the line does not cross the outline exactly twice
     */
    public static OutlineCut of(Outline outline, List<Point> path, String name) {
        CutPath line = CutPath.of(path, outline.box());
        List<Run> runs = new ArrayList<>();
        for (Edge edge : outline.edges()) {
            for (Segment segment : edge.segments()) {
                double start = 0;
                for (double t : crossings(segment, line)) {
                    add(runs, edge.name(), part(segment, start, t), line);
                    start = t;
                }
                add(runs, edge.name(), part(segment, start, 1), line);
            }
        }
        int changes = 0;
        int first = 0;
        for (int i = 0; i < runs.size(); i++) {
            if (runs.get(i).left != runs.get((i + runs.size() - 1) % runs.size()).left) {
                changes++;
                first = runs.get(i).left ? i : first;
            }
        }
        if (changes != 2) {
            throw new RefusedValueException(
                    "line",
                    changes == 0
                            ? "The line misses the piece; put it across."
                            : Wording.fill(
                                    "The line crosses the edge %d times; put it where it crosses twice.", changes));
        }
        List<Run> ordered = new ArrayList<>(runs.subList(first, runs.size()));
        ordered.addAll(runs.subList(0, first));
        return new OutlineCut(
                closed(ordered.stream().filter(Run::left).toList(), line, name),
                closed(ordered.stream().filter(r -> !r.left).toList(), line, name));
    }

    private static void add(List<Run> runs, String edge, Segment segment, CutPath line) {
        if (segment.start().distanceMm(segment.end()) > NOTHING_MM) {
            runs.add(new Run(edge, segment, line.isLeft(middle(segment))));
        }
    }

    private static Point middle(Segment segment) {
        return segment instanceof Segment.Cubic c ? c.at(0.5) : segment.start().between(segment.end(), 0.5);
    }

    /** Parameters at which a segment crosses the line, strictly between its ends. */
    private static List<Double> crossings(Segment segment, CutPath line) {
        TreeSet<Double> found = new TreeSet<>();
        for (int i = 0; i < line.stretches(); i++) {
            crossings(segment, line, i, found);
        }
        return List.copyOf(found);
    }

    private static void crossings(Segment segment, CutPath line, int stretch, TreeSet<Double> found) {
        int steps = segment instanceof Segment.Cubic ? STEPS : 1;
        for (int i = 0; i < steps; i++) {
            double low = (double) i / steps;
            double high = (double) (i + 1) / steps;
            double a = line.off(stretch, at(segment, low));
            double b = line.off(stretch, at(segment, high));
            if (a == 0 && i > 0) {
                found.add(low);
            } else if (a * b < 0) {
                for (int k = 0; k < HALVINGS; k++) {
                    double half = (low + high) / 2;
                    double c = line.off(stretch, at(segment, half));
                    low = a * c > 0 ? half : low;
                    high = a * c > 0 ? high : half;
                }
                double t = (low + high) / 2;
                if (line.isOn(stretch, at(segment, t))) {
                    found.add(t);
                }
            }
        }
    }

    private static Point at(Segment segment, double t) {
        return segment instanceof Segment.Cubic c ? c.at(t) : segment.start().between(segment.end(), t);
    }

    /** The stretch of a segment between two parameters. */
    private static Segment part(Segment segment, double from, double to) {
        if (from == 0 && to == 1) {
            return segment;
        }
        if (!(segment instanceof Segment.Cubic c)) {
            return new Segment.Line(at(segment, from), at(segment, to));
        }
        Segment.Cubic rest = to == 1 ? c : c.split(to).get(0);
        return from == 0 ? rest : rest.split(from / to).get(1);
    }

    private static Outline closed(List<Run> runs, CutPath line, String name) {
        List<Edge> edges = new ArrayList<>();
        Set<String> taken = new HashSet<>();
        for (int i = 0; i < runs.size(); ) {
            String edge = runs.get(i).edge;
            List<Segment> segments = new ArrayList<>();
            while (i < runs.size() && runs.get(i).edge.equals(edge)) {
                segments.add(runs.get(i++).segment);
            }
            String free = edge;
            for (int n = 2; !taken.add(free); n++) {
                free = edge + "-" + n;
            }
            edges.add(new Edge(free, segments));
        }
        String free = name;
        for (int n = 2; !taken.add(free); n++) {
            free = name + "-" + n;
        }
        List<Point> along =
                line.between(edges.get(edges.size() - 1).end(), edges.get(0).start());
        edges.add(Edge.along(free, along));
        return new Outline(edges);
    }
}
