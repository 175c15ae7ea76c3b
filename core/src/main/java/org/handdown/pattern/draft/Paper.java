package org.handdown.pattern.draft;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.geometry.Segment;
import org.handdown.pattern.Allowance;
import org.handdown.pattern.CutGrain;
import org.handdown.pattern.EdgeWish;
import org.handdown.pattern.Mark;
import org.handdown.pattern.Piece;
import org.handdown.pattern.PieceCloth;
import org.handdown.pattern.Role;

/**
 * A sheet of pattern paper: a piece drawn edge by edge, counter-clockwise, lengthwise grain up, in mm. The last edge must come back to
 * the start.
 */
final class Paper {
    private final String id;
    private final String name;
    private final List<Edge> edges = new ArrayList<>();
    private final Map<String, Allowance> allowances = new HashMap<>();
    private final Map<String, EdgeWish> wishes = new HashMap<>();
    private final List<Piece.Notch> notches = new ArrayList<>();
    private final List<Mark> marks = new ArrayList<>();
    private final List<Ring> covered = new ArrayList<>();
    private Point pen;
    private int quantity = 1;
    private boolean pair;
    private boolean required = true;
    private CutGrain grain = CutGrain.LENGTHWISE;
    private PieceCloth cloth = PieceCloth.SHELL;

    Paper(String id, String name, double x, double y) {
        this.id = id;
        this.name = name;
        this.pen = new Point(x, y);
    }

    /** A rectangle standing on its lower edge, its axis on x = 0. Edges: lower, right, upper, left. */
    static Paper rectangle(String id, String name, double wide, double high) {
        return trapezium(id, name, wide, wide, high);
    }

    /** Like a rectangle, its lower and upper edges differing. */
    static Paper trapezium(String id, String name, double lower, double upper, double high) {
        return new Paper(id, name, -lower / 2, 0)
                .line("lower", lower / 2, 0)
                .line("right", upper / 2, high)
                .line("upper", -upper / 2, high)
                .line("left", -lower / 2, 0);
    }

    Paper line(String edge, double x, double y) {
        return line(edge, new Point(x, y));
    }

    Paper line(String edge, Point to) {
        edges.add(Edge.line(edge, pen, to));
        pen = to;
        return this;
    }

    /** A smooth curve through points. */
    Paper smooth(String edge, Point... through) {
        List<Point> points = new ArrayList<>(List.of(pen));
        points.addAll(List.of(through));
        return edge(Edge.smooth(edge, points));
    }

    Paper curve(String edge, Point handle1, Point handle2, Point to) {
        return edge(Edge.curve(edge, pen, handle1, handle2, to));
    }

    /** An edge that begins at the pen. */
    Paper edge(Edge edge) {
        edges.add(edge);
        pen = edge.end();
        return this;
    }

    /** An arc of a circle about a centre, by an angle counter-clockwise in radians, in cubics of at most an eighth of a turn. */
    Paper arc(String edge, Point centre, double angleRad) {
        edges.add(arc(edge, pen, centre, angleRad));
        pen = edges.get(edges.size() - 1).end();
        return this;
    }

    /** Cubic arcs are off by less than 2 · 10⁻⁶ of the radius at an eighth of a turn (handles 4/3 · tan(φ/4) of the radius). */
    static Edge arc(String name, Point from, Point centre, double angleRad) {
        int n = Math.max(1, (int) Math.ceil(Math.abs(angleRad) / (Math.PI / 4)));
        double step = angleRad / n;
        double handle = 4.0 / 3 * StrictMath.tan(step / 4);
        List<Segment> segments = new ArrayList<>();
        Point p = from;
        for (int i = 0; i < n; i++) {
            Point r = p.minus(centre);
            double cos = StrictMath.cos(step);
            double sin = StrictMath.sin(step);
            Point turned = new Point(r.x() * cos - r.y() * sin, r.x() * sin + r.y() * cos);
            Point q = centre.plus(turned);
            segments.add(new Segment.Cubic(
                    p, p.plus(r.left().times(handle)), q.minus(turned.left().times(handle)), q));
            p = q;
        }
        return new Edge(name, segments);
    }

    /** Seam allowance on every edge that has none yet. */
    Paper seams(double mm) {
        for (Edge edge : edges) {
            allowances.putIfAbsent(edge.name(), Allowance.seam(mm));
        }
        return this;
    }

    Paper allow(String edge, Allowance allowance) {
        allowances.put(edge, allowance);
        return this;
    }

    /** Turned to the wrong side along its stitch line; may lie on an old hem instead. */
    Paper hem(String edge, double mm) {
        allowances.put(edge, Allowance.turned(mm, "turned up; none where an old hem is kept"));
        return wish(edge, EdgeWish.of(Role.HEM));
    }

    /** A fold or an edge that is left as it is cut. */
    Paper bare(String edge, String why) {
        allowances.put(edge, new Allowance(0, why));
        return this;
    }

    Paper wish(String edge, EdgeWish wish) {
        wishes.put(edge, wish);
        return this;
    }

    Paper notch(String label, double x, double y) {
        notches.add(new Piece.Notch(label, new Point(x, y)));
        return this;
    }

    /** At a share of an edge's length from its start. */
    Paper notch(String label, String edge, double share) {
        Edge on = edges.stream().filter(e -> e.name().equals(edge)).findFirst().orElseThrow();
        notches.add(new Piece.Notch(label, on.at(share)));
        return this;
    }

    /** Quarter marks on an edge, for easing and gathering evenly. */
    Paper quarters(String edge) {
        return notch("quarter 1", edge, 0.25).notch("middle", edge, 0.5).notch("quarter 3", edge, 0.75);
    }

    Paper level(String label, double y) {
        marks.add(Mark.level(label, new Point(-1, y), new Point(1, y)));
        return this;
    }

    Paper mark(Mark.Kind kind, String label, Point... points) {
        marks.add(new Mark(kind, label, List.of(points)));
        return this;
    }

    Paper cover(Ring area) {
        covered.add(area);
        return this;
    }

    Paper copies(int count) {
        quantity = count;
        return this;
    }

    /** Cut in mirrored pairs. */
    Paper pairs(int count) {
        quantity = 2 * count;
        pair = true;
        return this;
    }

    Paper grain(CutGrain other) {
        grain = other;
        return this;
    }

    Paper cloth(PieceCloth other) {
        cloth = other;
        return this;
    }

    Paper optional() {
        required = false;
        return this;
    }

    Piece piece() {
        return new Piece(
                id,
                name,
                new Outline(edges),
                allowances,
                quantity,
                pair,
                grain,
                required,
                wishes,
                covered,
                notches,
                cloth,
                marks,
                Piece.Way.USUAL);
    }
}
