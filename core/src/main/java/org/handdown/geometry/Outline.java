package org.handdown.geometry;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/**
 * A closed run of named edges, counter-clockwise, each beginning where the one before ends.
 *
 * @param edges in order round the outline
 */
public record Outline(List<Edge> edges) {
    /** Greatest distance in mm between a curve and its flattening: the fit format's 0.2 mm with room to spare. */
    public static final double FLATTENING_MM = 0.1;
    /** Ends of neighbouring edges may be this far apart, in mm, and are then taken as one point. */
    private static final double JOINED_MM = 1e-6;

    public Outline {
        edges = List.copyOf(edges);
        for (int i = 0; i < edges.size(); i++) {
            Edge next = edges.get((i + 1) % edges.size());
            if (edges.get(i).end().distanceMm(next.start()) > JOINED_MM) {
                throw new RefusedValueException(
                        "outline",
                        Wording.fill(
                                "Edge (%s) does not end where edge (%s) begins.",
                                edges.get(i).name(), next.name()));
            }
        }
    }

    /** Lower left corner at the origin; edges lower, right, upper and left. */
    public static Outline rectangle(double wideMm, double highMm) {
        Point a = new Point(0, 0);
        Point b = new Point(wideMm, 0);
        Point c = new Point(wideMm, highMm);
        Point d = new Point(0, highMm);
        return new Outline(List.of(
                Edge.line("lower", a, b), Edge.line("right", b, c), Edge.line("upper", c, d), Edge.line("left", d, a)));
    }

    /** A flattened outline and, for each named edge, the vertices it runs between. */
    public record Flat(Ring ring, Map<String, Run> runs) {
        /** Its edges as lines from point to point; a squared corner, which belongs to no edge, goes to the one before it. */
        public Outline outline() {
            List<Edge> edges = new ArrayList<>();
            List<Map.Entry<String, Run>> all = new ArrayList<>(runs.entrySet());
            for (int i = 0; i < all.size(); i++) {
                int to = all.get((i + 1) % all.size()).getValue().from();
                List<Segment> lines = new ArrayList<>();
                int at = all.get(i).getValue().from();
                do {
                    lines.add(new Segment.Line(ring.at(at), ring.at(at + 1)));
                    at = (at + 1) % ring.size();
                } while (at != to);
                edges.add(new Edge(all.get(i).getKey(), lines));
            }
            return new Outline(edges);
        }
    }

    /** A run of a ring from vertex {@code from} forward to vertex {@code to}. */
    public record Run(int from, int to) {}

    public Optional<Edge> find(String name) {
        return edges.stream().filter(e -> e.name().equals(name)).findFirst();
    }

    /** @throws RefusedValueException where there is no such edge */
    public Edge edge(String name) {
        return find(name).orElseThrow(() -> new RefusedValueException("edge", "There is no edge (" + name + ")."));
    }

    /** Its points, curves flattened to {@link #FLATTENING_MM}. */
    public Ring ring() {
        return flattened().ring();
    }

    public Box box() {
        return ring().box();
    }

    /** Mirrored left to right, still counter-clockwise; edges keep their names and run the other way. */
    public Outline mirrored() {
        List<Edge> mirrored = new ArrayList<>();
        for (int i = edges.size() - 1; i >= 0; i--) {
            mirrored.add(edges.get(i).map(p -> new Point(-p.x(), p.y())).reversed());
        }
        return new Outline(mirrored);
    }

    public Flat flattened() {
        List<Point> points = new ArrayList<>();
        Map<String, Run> runs = new LinkedHashMap<>();
        for (Edge edge : edges) {
            int from = points.size();
            List<Point> run = edge.flattened(FLATTENING_MM);
            points.addAll(run.subList(0, run.size() - 1));
            runs.put(edge.name(), new Run(from, points.size()));
        }
        int n = points.size();
        runs.replaceAll((name, run) -> new Run(run.from(), run.to() % n));
        return new Flat(new Ring(points), runs);
    }
}
