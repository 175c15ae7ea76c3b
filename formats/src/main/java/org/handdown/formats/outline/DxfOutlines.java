package org.handdown.formats.outline;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Point;
import org.handdown.geometry.Segment;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.jspecify.annotations.Nullable;

/**
 * Closed shapes of an ASCII DXF drawing, R12 to 2000, as outlines: polylines with their bulges, circles, lines and arcs that meet, and
 * splines of degree up to three. No kept library reads these on this platform; group codes after the published DXF reference, from memory.
 */
public final class DxfOutlines {
    public static final int LARGEST_BYTES = 8_000_000;

    private static final int MOST_ENTITIES = 20_000;
    private static final int MOST_POINTS = 60_000;
    private static final int MOST_OUTLINES = 60;
    private static final int NO_UNIT = 0;
    private static final Map<Integer, Double> MM_A_UNIT = Map.of(1, 25.4, 2, 304.8, 4, 1.0, 5, 10.0, 6, 1000.0);

    /** A drawn thing: its kind, and its group codes in order. */
    private record Entity(String kind, List<Integer> codes, List<String> values) {
        double number(int code, double otherwise) {
            int at = codes.indexOf(code);
            return at < 0 ? otherwise : DxfOutlines.number(values.get(at));
        }

        List<Double> numbers(int code) {
            List<Double> all = new ArrayList<>();
            for (int i = 0; i < codes.size(); i++) {
                if (codes.get(i) == code) {
                    all.add(DxfOutlines.number(values.get(i)));
                }
            }
            return all;
        }

        String layer() {
            int at = codes.indexOf(8);
            return at < 0 ? "0" : values.get(at);
        }
    }

    private final List<Entity> entities = new ArrayList<>();
    private int unit = NO_UNIT;

    private DxfOutlines() {}

    /**
     * All closed outlines, largest first; mm where the drawing names its unit, else a unit is taken as a millimetre, and that is told.
     *
     * @throws RefusedValueException for what is no ASCII DXF, is too large, or holds no closed outline
     */
    public static List<FoundOutline> read(byte[] dxf) {
        if (dxf.length > LARGEST_BYTES) {
            throw new RefusedValueException("file", "The drawing is larger than 8 MB; save the outline alone.");
        }
        String text = new String(dxf, StandardCharsets.UTF_8);
        if (text.startsWith("AutoCAD Binary")) {
            throw new RefusedValueException("file", "This is a binary DXF; save it as ASCII DXF, R12 or 2000.");
        }
        DxfOutlines drawing = new DxfOutlines();
        drawing.parse(text.split("\\R", -1));
        return drawing.outlines();
    }

    private static double number(String text) {
        try {
            double value = Double.parseDouble(text.strip());
            if (Math.abs(value) < 1e9) {
                return value;
            }
        } catch (NumberFormatException e) {
            // Refused below, like a number that is out of all size.
        }
        throw new RefusedValueException("file", Wording.fill("“%s” in the drawing is no number.", text.strip()));
    }

    private void parse(String[] lines) {
        @Nullable Entity open = null;
        boolean inEntities = false;
        String header = "";
        boolean seen = false;
        for (int i = 0; i + 1 < lines.length; i += 2) {
            int code;
            try {
                code = Integer.parseInt(lines[i].strip());
            } catch (NumberFormatException e) {
                throw new RefusedValueException(
                        "file", Wording.fill("Line %d of the file is no group code: this is no ASCII DXF.", i + 1));
            }
            String value = lines[i + 1].strip();
            if (code == 0 || code == 2 && value.equals("ENTITIES")) {
                seen = true;
            }
            if (code == 9) {
                header = value;
            } else if (header.equals("$INSUNITS") && code == 70) {
                unit = (int) number(value);
                header = "";
            } else if (code == 2 && value.equals("ENTITIES")) {
                inEntities = true;
            } else if (code == 0) {
                if (value.equals("ENDSEC")) {
                    inEntities = false;
                }
                open = null;
                if (inEntities && !value.equals("SECTION")) {
                    open = new Entity(value, new ArrayList<>(), new ArrayList<>());
                    entities.add(open);
                    if (entities.size() > MOST_ENTITIES) {
                        throw new RefusedValueException(
                                "file", "The drawing has more parts than any panel; save the outline alone.");
                    }
                }
            } else if (open != null) {
                open.codes.add(code);
                open.values.add(value);
            }
        }
        if (!seen) {
            throw new RefusedValueException("file", "This is no ASCII DXF drawing.");
        }
    }

    private List<FoundOutline> outlines() {
        double mm = MM_A_UNIT.getOrDefault(unit, 1.0);
        List<Run> runs = new ArrayList<>();
        int points = 0;
        for (int i = 0; i < entities.size(); i++) {
            Entity e = entities.get(i);
            List<Segment> segments = switch (e.kind) {
                case "LWPOLYLINE" -> lightPolyline(e);
                case "POLYLINE" -> polyline(e, i);
                case "LINE" ->
                    List.<Segment>of(new Segment.Line(
                            new Point(e.number(10, 0), e.number(20, 0)), new Point(e.number(11, 0), e.number(21, 0))));
                case "ARC" ->
                    arc(e.number(10, 0), e.number(20, 0), e.number(40, 0), e.number(50, 0), e.number(51, 360));
                case "CIRCLE" -> arc(e.number(10, 0), e.number(20, 0), e.number(40, 0), 0, 360);
                case "SPLINE" -> spline(e);
                default -> List.<Segment>of();
            };
            points += segments.size();
            if (points > MOST_POINTS) {
                throw new RefusedValueException(
                        "file", "The drawing has more than 60 000 points; simplify it or save the outline alone.");
            }
            if (!segments.isEmpty()) {
                runs.add(new Run(
                        e.layer(),
                        segments.stream().map(s -> s.map(p -> p.times(mm))).toList()));
            }
        }
        return found(joined(runs));
    }

    /** Segments that follow each other. */
    private record Run(String layer, List<Segment> segments) {
        Point start() {
            return segments.get(0).start();
        }

        Point end() {
            return segments.get(segments.size() - 1).end();
        }

        boolean isClosed() {
            return start().distanceMm(end()) <= OutlineBuilder.CLOSED_MM;
        }

        Run and(Run next) {
            List<Segment> both = new ArrayList<>(segments);
            both.addAll(next.segments);
            return new Run(layer, both);
        }

        Run reversed() {
            return new Run(layer, new Edge("", segments).reversed().segments());
        }
    }

    /** Lines and arcs of one layer whose ends meet, put together. */
    private static List<Run> joined(List<Run> runs) {
        List<Run> closed = new ArrayList<>();
        Map<String, List<Run>> open = new HashMap<>();
        for (Run run : runs) {
            if (run.isClosed() && run.segments.size() > 1) {
                closed.add(run);
            } else {
                open.computeIfAbsent(run.layer, l -> new ArrayList<>()).add(run);
            }
        }
        for (List<Run> layer : open.values()) {
            while (!layer.isEmpty()) {
                Run run = layer.remove(layer.size() - 1);
                Run next = follower(layer, run);
                while (next != null && !run.isClosed()) {
                    run = run.and(next);
                    next = follower(layer, run);
                }
                if (run.isClosed()) {
                    closed.add(run);
                }
            }
        }
        return closed;
    }

    /** Takes out the run that goes on where this one ends, turned round where it must be. */
    private static @Nullable Run follower(List<Run> layer, Run run) {
        for (int i = 0; i < layer.size(); i++) {
            Run next = layer.get(i);
            if (next.start().distanceMm(run.end()) <= OutlineBuilder.CLOSED_MM) {
                return layer.remove(i);
            }
            if (next.end().distanceMm(run.end()) <= OutlineBuilder.CLOSED_MM) {
                return layer.remove(i).reversed();
            }
        }
        return null;
    }

    private List<FoundOutline> found(List<Run> runs) {
        List<FoundOutline> found = new ArrayList<>();
        @Nullable RefusedValueException first = null;
        for (Run run : runs) {
            OutlineBuilder builder = new OutlineBuilder();
            run.segments.forEach(builder::add);
            if (builder.isTooSmall()) {
                continue;
            }
            try {
                FoundOutline one = builder.build(run.layer.equals("0") ? "outline " + (found.size() + 1) : run.layer);
                List<String> told = new ArrayList<>(one.told());
                if (!MM_A_UNIT.containsKey(unit)) {
                    told.add("The drawing names no unit: one is taken as a millimetre.");
                }
                found.add(new FoundOutline(one.name(), one.outline(), told));
            } catch (RefusedValueException e) {
                first = first == null ? e : first;
            }
        }
        if (found.isEmpty()) {
            throw first != null
                    ? first
                    : new RefusedValueException(
                            "file",
                            "There is no closed outline in this drawing; close the line that is the cloth's edge.");
        }
        found.sort((a, b) -> Double.compare(
                b.outline().flattened().ring().areaMm2(),
                a.outline().flattened().ring().areaMm2()));
        return found.subList(0, Math.min(found.size(), MOST_OUTLINES));
    }

    private static List<Segment> lightPolyline(Entity e) {
        List<double[]> vertices = new ArrayList<>();
        for (int i = 0; i < e.codes.size(); i++) {
            int code = e.codes.get(i);
            if (code == 10) {
                vertices.add(new double[] {number(e.values.get(i)), 0, 0});
            } else if (!vertices.isEmpty() && (code == 20 || code == 42)) {
                vertices.get(vertices.size() - 1)[code == 20 ? 1 : 2] = number(e.values.get(i));
            }
        }
        return bulged(vertices, ((int) e.number(70, 0) & 1) == 1);
    }

    private List<Segment> polyline(Entity e, int at) {
        List<double[]> vertices = new ArrayList<>();
        for (int i = at + 1; i < entities.size() && entities.get(i).kind.equals("VERTEX"); i++) {
            Entity v = entities.get(i);
            // Control points of a frame are not on the line.
            if (((int) v.number(70, 0) & 16) == 0) {
                vertices.add(new double[] {v.number(10, 0), v.number(20, 0), v.number(42, 0)});
            }
        }
        return bulged(vertices, ((int) e.number(70, 0) & 1) == 1);
    }

    /** The bulge is the tangent of a quarter of the arc's angle, positive counter-clockwise (published DXF reference, from memory). */
    private static List<Segment> bulged(List<double[]> vertices, boolean closed) {
        List<Segment> segments = new ArrayList<>();
        int n = vertices.size();
        for (int i = 0; i < (closed ? n : n - 1); i++) {
            double[] v = vertices.get(i);
            double[] w = vertices.get((i + 1) % n);
            Point p = new Point(v[0], v[1]);
            Point q = new Point(w[0], w[1]);
            if (v[2] == 0 || p.distanceMm(q) == 0) {
                segments.add(new Segment.Line(p, q));
            } else {
                double angle = 4 * Math.atan(v[2]);
                double chord = p.distanceMm(q);
                double radius = chord / 2 / Math.sin(Math.abs(angle) / 2);
                Point along = q.minus(p).times(1 / chord);
                Point left = new Point(-along.y(), along.x());
                double up = radius * Math.cos(Math.abs(angle) / 2) * Math.signum(angle);
                Point centre = p.toward(q, 0.5).plus(left.times(up));
                double from = p.minus(centre).directionDeg();
                segments.addAll(arcs(centre, radius, from, Math.toDegrees(angle), p, q));
            }
        }
        return segments;
    }

    private static List<Segment> arc(double x, double y, double radius, double from, double to) {
        if (radius <= 0) {
            return List.of();
        }
        double turn = to - from;
        while (turn <= 0) {
            turn += 360;
        }
        Point centre = new Point(x, y);
        Point start = centre.plus(Point.towards(from).times(radius));
        Point end = turn >= 360 ? start : centre.plus(Point.towards(to).times(radius));
        return arcs(centre, radius, from, Math.min(360, turn), start, end);
    }

    /** An arc as cubics of at most 45°. */
    private static List<Segment> arcs(Point centre, double radius, double from, double turn, Point start, Point end) {
        int steps = (int) Math.max(1, Math.ceil(Math.abs(turn) / 45));
        double step = turn / steps;
        double handle = 4.0 / 3 * Math.tan(Math.toRadians(step) / 4) * radius;
        List<Segment> segments = new ArrayList<>();
        Point at = start;
        for (int i = 0; i < steps; i++) {
            double a = from + i * step;
            double b = a + step;
            Point to = i == steps - 1 ? end : centre.plus(Point.towards(b).times(radius));
            segments.add(new Segment.Cubic(
                    at,
                    at.plus(Point.towards(a + 90).times(handle)),
                    to.minus(Point.towards(b + 90).times(handle)),
                    to));
            at = to;
        }
        return segments;
    }

    /** A B-spline as cubic curves by raising each knot's multiplicity (Boehm's insertion, from memory); weights are not read. */
    private static List<Segment> spline(Entity e) {
        int degree = (int) e.number(71, 3);
        List<Double> knots = new ArrayList<>(e.numbers(40));
        List<Double> xs = e.numbers(10);
        List<Double> ys = e.numbers(20);
        if (e.numbers(41).stream().anyMatch(w -> Math.abs(w - 1) > 1e-9)) {
            throw new RefusedValueException("file", "A spline in the drawing has weights; save it as polylines.");
        }
        List<Point> control = new ArrayList<>();
        for (int i = 0; i < Math.min(xs.size(), ys.size()); i++) {
            control.add(new Point(xs.get(i), ys.get(i)));
        }
        if (degree < 1 || degree > 3 || control.size() <= degree || knots.size() != control.size() + degree + 1) {
            throw new RefusedValueException(
                    "file", "A spline in the drawing is of a kind that cannot be read; save it as polylines.");
        }
        for (int i = 0; i + 1 < knots.size(); i++) {
            if (knots.get(i) > knots.get(i + 1)) {
                throw new RefusedValueException("file", "A spline's knots in the drawing do not rise; save it anew.");
            }
        }
        double first = knots.get(degree);
        double last = knots.get(control.size());
        List<Double> distinct =
                knots.stream().filter(k -> k >= first && k <= last).distinct().toList();
        for (double knot : distinct) {
            while (knots.stream().filter(k -> k == knot).count() < degree) {
                insert(knots, control, degree, knot);
            }
        }
        // Where every knot stands as often as the degree, the control points are those of joined Bézier curves.
        int often = (int) knots.stream().filter(k -> k == first).count();
        int start = knots.indexOf(first) + often - degree - 1;
        List<Segment> segments = new ArrayList<>();
        for (int i = 0; i < distinct.size() - 1; i++) {
            int c = start + i * degree;
            Point p = control.get(c);
            Point q = control.get(c + degree);
            segments.add(
                    switch (degree) {
                        case 1 -> new Segment.Line(p, q);
                        case 2 ->
                            new Segment.Cubic(
                                    p, p.toward(control.get(c + 1), 2.0 / 3), q.toward(control.get(c + 1), 2.0 / 3), q);
                        default -> new Segment.Cubic(p, control.get(c + 1), control.get(c + 2), q);
                    });
        }
        return segments;
    }

    private static void insert(List<Double> knots, List<Point> control, int degree, double t) {
        int k = 0;
        while (k + 1 < knots.size() && knots.get(k + 1) <= t) {
            k++;
        }
        k = Math.min(k, control.size() - 1);
        List<Point> next = new ArrayList<>();
        for (int i = 0; i <= control.size(); i++) {
            if (i <= k - degree) {
                next.add(control.get(i));
            } else if (i > k) {
                next.add(control.get(i - 1));
            } else {
                double low = knots.get(i);
                double high = knots.get(i + degree);
                double share = high == low ? 0 : (t - low) / (high - low);
                next.add(control.get(i - 1).toward(control.get(i), share));
            }
        }
        control.clear();
        control.addAll(next);
        knots.add(k + 1, t);
    }
}
