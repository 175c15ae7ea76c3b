package org.handdown.formats.outline;

import java.util.ArrayList;
import java.util.List;
import org.handdown.geometry.Box;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Placement;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.geometry.Segment;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.panel.reshape.Crossing;

/** Gathers the segments of one closed run of a drawing and makes an outline of them, an edge from corner to corner. */
final class OutlineBuilder {
    /** A turn sharper than this is a corner, where another edge begins; flattened curves turn less from line to line. */
    private static final double CORNER_DEG = 25;

    private static final double SAME_MM = 1e-3;
    /** Ends this far apart were meant to meet. */
    static final double CLOSED_MM = 0.5;

    /** A chord of a small outline leaves its curve by no more than this share of the smaller side. */
    private static final double FINE_SHARE = 0.0005;

    private static final double LEAST_FINE_MM = 0.005;

    private static final int MOST_EDGES = 250;
    private static final double LEAST_MM2 = 100;
    private static final double FARTHEST_MM = 10_000;

    private final List<Segment> segments = new ArrayList<>();

    void add(Segment segment) {
        boolean isPoint = segment.start().distanceMm(segment.end()) < SAME_MM
                && (segment instanceof Segment.Line || Edge.lengthMm(segment.flattened(0.1)) < SAME_MM);
        if (!isPoint) {
            segments.add(segment);
        }
    }

    boolean isEmpty() {
        return segments.isEmpty();
    }

    /** Between the end and the beginning. */
    double gapMm() {
        return segments.get(segments.size() - 1)
                .end()
                .distanceMm(segments.get(0).start());
    }

    boolean isClosed() {
        return !segments.isEmpty() && gapMm() <= CLOSED_MM;
    }

    /** No panel: a line, a line there and back, a letter's dot. */
    boolean isTooSmall() {
        return segments.isEmpty() || boxMm2() < LEAST_MM2 || sweptMm2() < LEAST_MM2;
    }

    double boxMm2() {
        Box box = box(segments);
        return box.widthMm() * box.heightMm();
    }

    /** Lower left corner of its box, in the drawing. */
    Point corner() {
        Box box = box(segments);
        return new Point(box.minX(), box.minY());
    }

    /** How large it is drawn, in words. */
    String size() {
        Box box = box(segments);
        return Wording.fill("%.1f mm × %.1f mm", box.widthMm(), box.heightMm());
    }

    /** All triangles from the first point, whichever way they turn: next to nothing for a line there and back. */
    private double sweptMm2() {
        Point first = segments.get(0).start();
        Point at = first;
        double twice = 0;
        for (Segment s : segments) {
            for (Point p : s.flattened(Outline.FLATTENING_MM)) {
                twice += Math.abs(at.minus(first).cross(p.minus(first)));
                at = p;
            }
        }
        return twice / 2;
    }

    private static Box box(List<Segment> run) {
        List<Point> points =
                new ArrayList<>(List.of(run.get(0).start(), run.get(0).end()));
        run.forEach(s -> points.addAll(s.flattened(1)));
        return new Ring(points).box();
    }

    /** @throws RefusedValueException where the run crosses itself or is out of all size */
    FoundOutline build(String name, String group) {
        List<Segment> run = fine(welded(segments));
        double twice = 0;
        for (Segment s : run) {
            Point at = s.start();
            for (Point p : s.flattened(Outline.FLATTENING_MM)) {
                twice += at.cross(p);
                at = p;
            }
        }
        if (twice < 0) {
            run = new Edge("", run).reversed().segments();
        }
        Edge whole = new Edge(name, run);
        Box box = box(run);
        if (box.widthMm() > FARTHEST_MM || box.heightMm() > FARTHEST_MM) {
            throw new RefusedValueException(
                    "file",
                    Wording.fill(
                            "It would be %.0f m by %.0f m. Say below what one unit of the drawing is.",
                            box.widthMm() / 1000, box.heightMm() / 1000));
        }
        Placement home = new Placement(-box.minX(), -box.minY(), 0, false);
        Crossing sound =
                Crossing.mended(new Outline(edges(whole.map(home::toPanel).segments())));
        return new FoundOutline(
                name, group, sound.outline(), sound.told().isEmpty() ? List.of() : List.of(sound.told()));
    }

    /** Curves of a small outline in so many parts that flattening each of them takes nothing from its area that one would measure. */
    private static List<Segment> fine(List<Segment> run) {
        Box box = box(run);
        double fineMm = FINE_SHARE * Math.min(box.widthMm(), box.heightMm());
        if (fineMm >= Outline.FLATTENING_MM) {
            return run;
        }
        List<Segment> parts = new ArrayList<>();
        for (Segment s : run) {
            int steps = s.flattened(Math.max(fineMm, LEAST_FINE_MM)).size();
            Segment rest = s;
            for (int i = steps; i > 1 && rest instanceof Segment.Cubic c; i--) {
                List<Segment.Cubic> two = c.split(1.0 / i);
                parts.add(two.get(0));
                rest = two.get(1);
            }
            parts.add(rest);
        }
        return parts;
    }

    /** Each segment begins exactly where the one before ends; the last ends where the first begins. */
    private static List<Segment> welded(List<Segment> run) {
        List<Segment> welded = new ArrayList<>();
        Point first = run.get(0).start();
        Point at = first;
        for (int i = 0; i < run.size(); i++) {
            Segment s = run.get(i);
            boolean last = i == run.size() - 1;
            Point end = last && s.end().distanceMm(first) <= CLOSED_MM ? first : s.end();
            welded.add(
                    s instanceof Segment.Cubic c
                            ? new Segment.Cubic(at, c.handle1(), c.handle2(), end)
                            : new Segment.Line(at, end));
            at = end;
        }
        if (at.distanceMm(first) > 0) {
            welded.add(new Segment.Line(at, first));
        }
        return welded;
    }

    private static List<Edge> edges(List<Segment> run) {
        int n = run.size();
        double sharp = CORNER_DEG;
        List<Integer> corners = corners(run, sharp);
        while (corners.size() > MOST_EDGES) {
            sharp *= 1.5;
            corners = corners(run, sharp);
        }
        if (corners.isEmpty()) {
            return List.of(new Edge("edge-1", run));
        }
        List<Edge> edges = new ArrayList<>();
        for (int c = 0; c < corners.size(); c++) {
            int from = corners.get(c);
            int to = c + 1 < corners.size() ? corners.get(c + 1) : corners.get(0) + n;
            List<Segment> own = new ArrayList<>();
            for (int i = from; i < to; i++) {
                own.add(run.get(i % n));
            }
            edges.add(new Edge("edge-" + (c + 1), own));
        }
        return edges;
    }

    /** Segments that begin at a corner. */
    private static List<Integer> corners(List<Segment> run, double sharpDeg) {
        List<Integer> corners = new ArrayList<>();
        for (int i = 0; i < run.size(); i++) {
            Segment before = run.get(Math.floorMod(i - 1, run.size()));
            double turn = Math.abs(Placement.turnBetweenDeg(
                    leaving(before.reversed()).times(-1).directionDeg(),
                    leaving(run.get(i)).directionDeg()));
            if (turn > sharpDeg) {
                corners.add(i);
            }
        }
        return corners;
    }

    /** Direction in which a segment begins. */
    private static Point leaving(Segment s) {
        if (s instanceof Segment.Cubic c) {
            for (Point p : List.of(c.handle1(), c.handle2(), c.end())) {
                if (p.distanceMm(c.start()) > SAME_MM) {
                    return p.minus(c.start());
                }
            }
        }
        return s.end().minus(s.start());
    }
}
