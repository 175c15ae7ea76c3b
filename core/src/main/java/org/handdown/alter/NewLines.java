package org.handdown.alter;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.handdown.assembly.Layer;
import org.handdown.geometry.Box;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.Join;
import org.handdown.source.graph.Part;

/** The lines to chalk for what is taken in, on every part they cross, in that part's own frame, mm. */
public final class NewLines {
    private static final double STEP_MM = 10;

    private final Anatomy anatomy;

    /** @param what stitch, cut or fold */
    public record Line(String part, What what, List<Point> points) {
        public Line {
            points = List.copyOf(points);
        }
    }

    public enum What {
        STITCH,
        CUT,
        FOLD,
        /** The point from which a seam's stations are measured. */
        START
    }

    public NewLines(Anatomy anatomy) {
        this.anatomy = anatomy;
    }

    public List<Line> of(TakeIn.Change change) {
        TakeIn.Reading reading = change.reading();
        boolean both = !change.partner().isEmpty();
        Stream<String> places = both
                ? Stream.concat(Stream.of(reading.where()), SeamEnds.partner(reading.where()).stream())
                : Stream.of(reading.where());
        return switch (reading.kind()) {
            case SEAM -> seam(reading, places.toList());
            case TUCK ->
                places.flatMap(p -> anatomy.findPart(p).stream())
                        .flatMap(p -> Stream.of(
                                level(p, What.CUT, reading.pinches().get(0).atMm()),
                                level(p, What.CUT, reading.pinches().get(0).atMm() + change.shorterMm())))
                        .toList();
            case TURN_UP ->
                anatomy.joins().stream()
                        .filter(j -> j.id().equals(reading.where())
                                || both
                                        && j.id().equals(SeamEnds.partner(reading.where())
                                                .orElse("")))
                        .flatMap(j -> j.runs().stream())
                        // A lining is shortened by less, and by its own line.
                        .filter(r -> anatomy.part(r.part()).layer() == Layer.SHELL)
                        .map(r -> level(anatomy.part(r.part()), What.FOLD, change.shorterMm()))
                        .toList();
            case DART -> dart(reading);
        };
    }

    private List<Line> seam(TakeIn.Reading reading, List<String> joins) {
        Join first = anatomy.join(joins.get(0));
        Edge edge = edge(first.runs().get(0));
        // Heights, not lengths, carry over to the other runs: a mirrored edge begins at its other end.
        List<double[]> stations = reading.pinches().stream()
                .map(p -> new double[] {first.along(edge, p.atMm()).y(), p.mm()})
                .sorted(java.util.Comparator.comparingDouble(s -> s[0]))
                .toList();
        List<Line> lines = new ArrayList<>();
        lines.add(new Line(first.runs().get(0).part(), What.START, List.of(edge.start())));
        anatomy.joins().stream()
                .filter(j -> joins.contains(j.id()))
                .forEach(j ->
                        j.runs().forEach(r -> lines.add(new Line(r.part(), What.STITCH, inside(edge(r), stations)))));
        return lines;
    }

    private Edge edge(Join.Run run) {
        return anatomy.part(run.part()).outline().edge(run.edge());
    }

    private static List<Point> inside(Edge edge, List<double[]> stations) {
        double low = Math.min(edge.start().y(), edge.end().y());
        double high = Math.max(edge.start().y(), edge.end().y());
        int steps = Math.max(2, (int) (edge.lengthMm() / STEP_MM));
        List<Point> points = new ArrayList<>();
        for (int i = 0; i <= steps; i++) {
            Point at = edge.at((double) i / steps);
            Point way = edge.at(Math.min(1, (i + 0.5) / steps)).minus(edge.at(Math.max(0, (i - 0.5) / steps)));
            Point in = way.left().times(1 / Math.max(way.lengthMm(), 1e-9));
            points.add(at.plus(in.times(depthAt(at.y(), stations, low, high))));
        }
        return points;
    }

    /** Between stations straight; beyond the first and last it runs out to nothing at the seam's ends. */
    static double depthAt(double y, List<double[]> stations, double low, double high) {
        double[] before = {Math.min(low, stations.get(0)[0]), 0};
        for (double[] station : stations) {
            if (y <= station[0]) {
                return between(y, before, station);
            }
            before = station;
        }
        return between(y, before, new double[] {Math.max(high, before[0]), 0});
    }

    private static double between(double y, double[] from, double[] to) {
        double span = to[0] - from[0];
        return span <= 0 ? Math.max(from[1], to[1]) : from[1] + (to[1] - from[1]) * (y - from[0]) / span;
    }

    private static Line level(Part part, What what, double above) {
        Ring ring = part.outline().ring();
        double y = ring.box().minY() + above;
        List<Ring.Span> spans = ring.spansAt(y + 0.01);
        double from = spans.isEmpty() ? ring.box().minX() : spans.get(0).from();
        double to = spans.isEmpty()
                ? ring.box().maxX()
                : spans.get(spans.size() - 1).to();
        return new Line(part.id(), what, List.of(new Point(from, y), new Point(to, y)));
    }

    /** At the middle of the upper edge, running out a third of the way down, at most 120 mm. */
    private List<Line> dart(TakeIn.Reading reading) {
        Part part = anatomy.part(reading.where());
        Box box = part.outline().box();
        double middle = (box.minX() + box.maxX()) / 2 + reading.pinches().get(0).atMm();
        double depth = reading.pinches().get(0).mm();
        double down = Math.min(120, box.heightMm() / 3);
        return List.of(new Line(
                part.id(),
                What.STITCH,
                List.of(
                        new Point(middle - depth, box.maxY()),
                        new Point(middle, box.maxY() - down),
                        new Point(middle + depth, box.maxY()))));
    }
}
