package org.handdown.panel.reshape;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.geometry.Segment;

/**
 * Gives the ring that is left after cutting or joining the names of the edges it came from. An edge that is whole again keeps its curves;
 * one that was cut through is drawn by short lines, nowhere farther than {@link Outline#FLATTENING_MM} from the curve it was.
 */
final class Relabelled {
    private static final double ON_MM = 0.02;
    private static final double SAME_MM = 1e-3;

    private final List<Edge> from;
    private final List<List<Point>> lines;

    /** @param from edges the ring may run along, in its frame */
    Relabelled(List<Edge> from) {
        this.from = List.copyOf(from);
        this.lines = from.stream().map(e -> e.flattened(Outline.FLATTENING_MM)).toList();
    }

    /** @param other name of what runs along none of them */
    Outline outline(Ring cut, String other) {
        Ring ring = cut.counterClockwise();
        int n = ring.size();
        int[] labels = new int[n];
        for (int i = 0; i < n; i++) {
            labels[i] = label(ring.at(i).between(ring.at(i + 1), 0.5));
        }
        int first = 0;
        while (first < n && labels[first] == labels[Math.floorMod(first - 1, n)]) {
            first++;
        }
        first %= n;
        List<Edge> edges = new ArrayList<>();
        Set<String> taken = new HashSet<>();
        int k = 0;
        while (k < n) {
            int label = labels[(first + k) % n];
            List<Point> run = new ArrayList<>(List.of(ring.at(first + k)));
            while (k < n && labels[(first + k) % n] == label) {
                k++;
                run.add(ring.at(first + k));
            }
            String name = label < 0 ? other : from.get(label).name();
            edges.add(edge(unique(name, taken), label, run));
        }
        return new Outline(edges);
    }

    /** Of the edge that a point lies on, or −1. */
    private int label(Point p) {
        for (int e = 0; e < lines.size(); e++) {
            List<Point> line = lines.get(e);
            for (int i = 0; i + 1 < line.size(); i++) {
                if (p.distanceMm(line.get(i), line.get(i + 1)) < ON_MM) {
                    return e;
                }
            }
        }
        return -1;
    }

    private Edge edge(String name, int label, List<Point> run) {
        if (label >= 0) {
            Edge whole = from.get(label);
            if (whole.start().equals(run.get(0)) && whole.end().equals(run.get(run.size() - 1))) {
                return new Edge(name, whole.segments());
            }
        }
        List<Segment> segments = new ArrayList<>();
        for (int i = 0; i + 1 < run.size(); i++) {
            segments.add(new Segment.Line(run.get(i), run.get(i + 1)));
        }
        return new Edge(name, segments);
    }

    private static String unique(String name, Set<String> taken) {
        String free = name;
        for (int i = 2; !taken.add(free); i++) {
            free = name + "-" + i;
        }
        return free;
    }

    /** Neighbouring points that overlays leave almost on each other are one. */
    static Ring welded(Ring ring) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < ring.size(); i++) {
            if (ring.at(i).distanceMm(ring.at(i + 1)) > SAME_MM) {
                points.add(ring.at(i));
            }
        }
        return points.size() < 3 ? ring : new Ring(points);
    }
}
