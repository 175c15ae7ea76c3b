package org.handdown.formats.project;

import com.fasterxml.jackson.databind.node.ArrayNode;
import java.util.ArrayList;
import java.util.List;
import org.handdown.formats.Json;
import org.handdown.formats.JsonField;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.geometry.Segment;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/**
 * An outline as JSON: a list of named edges, each with its start and the segments that follow, a line as its end point, a curve as two
 * handles and its end point.
 */
public final class OutlineJson {
    private static final int MOST_EDGES = 300;
    private static final double FARTHEST_MM = 10_000;

    private OutlineJson() {}

    public static Outline read(JsonField f) {
        List<Edge> edges = f.required().list(OutlineJson::edge);
        if (edges.isEmpty() || edges.size() > MOST_EDGES) {
            throw f.refusal(Wording.fill("has %d edges; an outline has from 1 to 300.", edges.size()));
        }
        Outline outline = closed(f, edges);
        if (!outline.ring().isSimple()) {
            throw f.refusal("crosses itself; the edges must run once round the piece.");
        }
        return outline;
    }

    private static Outline closed(JsonField f, List<Edge> edges) {
        try {
            return new Outline(edges);
        } catch (RefusedValueException e) {
            throw f.refusal("is not closed: " + e.getMessage());
        }
    }

    private static Edge edge(JsonField f) {
        Point start = point(f.get("start"));
        List<Segment> segments = new ArrayList<>();
        Point at = start;
        for (Segment s : segments(f.get("to"), start)) {
            segments.add(s);
            at = s.end();
        }
        if (segments.isEmpty() || at.distanceMm(start) == 0 && segments.size() == 1) {
            throw f.refusal("has no length.");
        }
        return new Edge(f.get("name").name(), segments);
    }

    private static List<Segment> segments(JsonField f, Point start) {
        Point[] at = {start};
        return f.required().list(s -> {
            Segment segment;
            if (s.node().isArray() && s.node().size() == 3) {
                List<Point> points = s.list(OutlineJson::point);
                segment = new Segment.Cubic(at[0], points.get(0), points.get(1), points.get(2));
            } else {
                segment = new Segment.Line(at[0], point(s));
            }
            at[0] = segment.end();
            return segment;
        });
    }

    static Point point(JsonField f) {
        Point p = f.point();
        if (Math.abs(p.x()) > FARTHEST_MM || Math.abs(p.y()) > FARTHEST_MM) {
            throw f.refusal("lies more than 10 m away; lengths are in mm.");
        }
        return p;
    }

    public static ArrayNode write(Outline outline) {
        ArrayNode edges = Json.MAPPER.createArrayNode();
        for (Edge edge : outline.edges()) {
            var node = edges.addObject().put("name", edge.name());
            node.set("start", write(edge.start()));
            ArrayNode to = node.putArray("to");
            for (Segment s : edge.segments()) {
                if (s instanceof Segment.Cubic c) {
                    to.addArray()
                            .add(write(c.handle1()))
                            .add(write(c.handle2()))
                            .add(write(c.end()));
                } else {
                    to.add(write(s.end()));
                }
            }
        }
        return edges;
    }

    static ArrayNode write(Point p) {
        return Json.MAPPER.createArrayNode().add(p.x()).add(p.y());
    }
}
