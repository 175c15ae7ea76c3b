package org.handdown.panel.survey;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.geometry.Segment;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/**
 * The outline through points in the order they were walked: straight between corners, smooth through curve points without overshoot.
 * Either way round is understood; the outline is counter-clockwise.
 */
final class WalkedOutline {
    private static final int MOST_POINTS = 200;
    /** Nearer than this two readings are of one point, mm. */
    private static final double SAME_MM = 0.5;

    private WalkedOutline() {}

    /** @throws RefusedValueException naming the point that lies wrong */
    static Outline of(List<TapePoint> walked) {
        if (walked.size() < 3 || walked.size() > MOST_POINTS) {
            throw new RefusedValueException("points", "An outline has from 3 to 200 points.");
        }
        List<TapePoint> points = counterClockwise(walked);
        for (int i = 0; i < points.size(); i++) {
            if (points.get(i)
                            .at()
                            .distanceMm(points.get((i + 1) % points.size()).at())
                    < SAME_MM) {
                int which = walked.indexOf(points.get(i)) + 1;
                throw new RefusedValueException(
                        "points[" + (which - 1) + "]",
                        Wording.fill("Point %d lies on its neighbour; measure one of them again.", which));
            }
        }
        List<Point> corners = points.stream().map(TapePoint::at).toList();
        if (!new Ring(corners).isSimple()) {
            throw new RefusedValueException("points", crossing(walked));
        }
        Outline outline = new Outline(edges(points));
        if (!outline.ring().isSimple()) {
            throw new RefusedValueException(
                    "points", "The curves cross each other; measure more points where the edge bends.");
        }
        return outline;
    }

    /** Reversed, an edge begins where it ended before: its name moves to the point at its other end. */
    private static List<TapePoint> counterClockwise(List<TapePoint> walked) {
        double twice = 0;
        for (int i = 0; i < walked.size(); i++) {
            twice +=
                    walked.get(i).at().cross(walked.get((i + 1) % walked.size()).at());
        }
        if (twice >= 0) {
            return walked;
        }
        int n = walked.size();
        String[] names = names(walked);
        List<TapePoint> reversed = new ArrayList<>();
        for (int k = 0; k < n; k++) {
            int i = n - 1 - k;
            String here = names[Math.floorMod(i - 1, n)];
            String before = names[i];
            reversed.add(new TapePoint(walked.get(i).at(), walked.get(i).corner(), here.equals(before) ? "" : here));
        }
        return reversed;
    }

    /** Name of the edge that leaves each point. */
    private static String[] names(List<TapePoint> points) {
        int n = points.size();
        String[] names = new String[n];
        String name = "";
        for (int i = 0; i < 2 * n; i++) {
            TapePoint p = points.get(i % n);
            name = p.edge().isEmpty() ? name : p.edge();
            names[i % n] = name;
        }
        return names;
    }

    private static List<Edge> edges(List<TapePoint> points) {
        int n = points.size();
        int first = 0;
        while (first < n && points.get(first).edge().isEmpty()) {
            first++;
        }
        if (first == n) {
            first = 0;
        }
        boolean few = points.stream().filter(p -> !p.edge().isEmpty()).count() < 2;
        List<Edge> edges = new ArrayList<>();
        Set<String> taken = new HashSet<>();
        List<Segment> segments = new ArrayList<>();
        String name = points.get(first).edge();
        int k = 0;
        while (k < n) {
            // From here to the next corner, or to where the next edge begins.
            List<Point> run =
                    new ArrayList<>(List.of(points.get((first + k) % n).at()));
            do {
                k++;
                run.add(points.get((first + k) % n).at());
            } while (k < n
                    && !points.get((first + k) % n).corner()
                    && points.get((first + k) % n).edge().isEmpty());
            segments.addAll(
                    run.size() == 2
                            ? Edge.line("", run.get(0), run.get(1)).segments()
                            : Edge.smooth("", run).segments());
            String next = k < n ? points.get((first + k) % n).edge() : "";
            // One edge all round would begin where it ends: without names every corner begins another.
            boolean begins = k >= n
                    || !next.isEmpty()
                    || few && points.get((first + k) % n).corner();
            if (begins) {
                edges.add(new Edge(unique(name, taken, edges.size()), segments));
                segments = new ArrayList<>();
                name = next;
            }
        }
        return edges;
    }

    private static String unique(String name, Set<String> taken, int count) {
        String plain = name.isEmpty() ? "edge-" + (count + 1) : name;
        if (!taken.add(plain)) {
            throw new RefusedValueException("points", Wording.fill("Two edges are called “%s”.", plain));
        }
        return plain;
    }

    private static String crossing(List<TapePoint> walked) {
        int n = walked.size();
        for (int i = 0; i < n; i++) {
            for (int j = i + 2; j < n; j++) {
                if (i == 0 && j == n - 1) {
                    continue;
                }
                if (cross(
                        walked.get(i).at(),
                        walked.get(i + 1).at(),
                        walked.get(j).at(),
                        walked.get((j + 1) % n).at())) {
                    return Wording.fill(
                            "The outline crosses itself: from point %d to %d it runs over the way from %d to %d. Walk round in order, or measure these again.",
                            i + 1, i + 2, j + 1, (j + 1) % n + 1);
                }
            }
        }
        return "The outline crosses itself; walk round the panel in order.";
    }

    private static boolean cross(Point a, Point b, Point c, Point d) {
        return side(a, b, c) * side(a, b, d) <= 0 && side(c, d, a) * side(c, d, b) <= 0;
    }

    private static double side(Point a, Point b, Point p) {
        return Math.signum(b.minus(a).cross(p.minus(a)));
    }
}
