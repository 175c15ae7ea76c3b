package org.handdown.server.alter;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.handdown.alter.stack.Effect;
import org.handdown.alter.stack.End;
import org.handdown.alter.stack.GarmentNow;
import org.handdown.alter.stack.Spread;
import org.handdown.assembly.Assembly;
import org.handdown.assembly.Component;
import org.handdown.assembly.Join;
import org.handdown.assembly.Layer;
import org.handdown.assembly.Meeting;
import org.handdown.assembly.Run;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Point;
import org.handdown.server.project.Say;
import org.handdown.source.graph.FlatView;

/** A garment spread out as its source is: each component where the part lies that it comes of; what is cut anew lies below. */
final class GarmentSpread {
    private static final double FINE_MM = 0.8;

    private final Spread spread;

    GarmentSpread(List<FlatView> views) {
        spread = new Spread(views);
    }

    AlteredView.StateView state(GarmentNow garment) {
        Map<String, Point> places = spread.places(garment);
        List<AlteredView.SpreadPartView> parts = new ArrayList<>();
        for (Component c : garment.assembly().components()) {
            Point at = places.get(c.id());
            if (at != null) {
                FlatView view = spread.view(garment.frameOf(c.id()));
                parts.add(new AlteredView.SpreadPartView(
                        c.id(),
                        c.name(),
                        view == null ? "new" : view.side(),
                        c.layer() == Layer.SHELL ? "outer cloth" : c.layer().words(),
                        view == null,
                        outline(c, at)));
            }
        }
        return new AlteredView.StateView(parts, seams(garment.assembly(), places), ends(garment, places));
    }

    private static List<double[]> outline(Component c, Point at) {
        List<Point> ring = new ArrayList<>();
        for (Edge edge : c.outline().edges()) {
            List<Point> line = edge.flattened(FINE_MM);
            ring.addAll(line.subList(0, line.size() - 1));
        }
        return moved(ring, at);
    }

    private static List<double[]> moved(List<Point> line, Point at) {
        return Say.points(line.stream().map(p -> p.plus(at)).toList());
    }

    private static List<AlteredView.LineView> seams(Assembly garment, Map<String, Point> places) {
        List<AlteredView.LineView> seams = new ArrayList<>();
        for (Join join : garment.joins()) {
            List<List<double[]>> lines = new ArrayList<>();
            for (Meeting m : join.meetings()) {
                if (!m.isTurned() && !m.caught()) {
                    m.runs().forEach(r -> add(lines, garment, r, places));
                }
            }
            if (!lines.isEmpty()) {
                seams.add(new AlteredView.LineView(join.id(), join.name(), lines));
            }
        }
        return seams;
    }

    private static void add(List<List<double[]>> lines, Assembly garment, Run run, Map<String, Point> places) {
        Point at = places.get(run.component());
        if (at != null) {
            Edge edge = garment.component(run.component()).outline().edge(run.edge());
            lines.add(moved(stretch(edge, run), at));
        }
    }

    private static List<Point> stretch(Edge edge, Run run) {
        double length = edge.lengthMm();
        if (run.fromMm() < FINE_MM && run.toMm() > length - FINE_MM) {
            return edge.flattened(FINE_MM);
        }
        int steps = (int) Math.max(1, Math.ceil(run.flatMm() / 12));
        List<Point> line = new ArrayList<>();
        for (int i = 0; i <= steps; i++) {
            line.add(edge.at(Math.min(1, (run.fromMm() + run.flatMm() * i / steps) / length)));
        }
        return line;
    }

    private static List<AlteredView.LineView> ends(GarmentNow garment, Map<String, Point> places) {
        List<AlteredView.LineView> ends = new ArrayList<>();
        for (End end : garment.ends()) {
            List<List<double[]>> lines = new ArrayList<>();
            end.edges().forEach((c, names) -> {
                Point at = places.get(c);
                if (at != null) {
                    names.forEach(n -> lines.add(moved(
                            garment.assembly().component(c).outline().edge(n).flattened(FINE_MM), at)));
                }
            });
            ends.add(new AlteredView.LineView(end.id(), end.name(), lines));
        }
        return ends;
    }

    /** A line in the frame of a part. */
    List<double[]> line(GarmentNow garment, String frame, List<Point> points) {
        Point to = spread.place(garment, frame);
        return to == null ? List.of() : moved(points, to);
    }

    /** What comes off, where it lay. */
    List<List<double[]>> off(Effect effect, Effect.Off off) {
        List<List<double[]>> all = new ArrayList<>();
        for (Component c : off.whole().components()) {
            FlatView view = spread.view(effect.after().frameOf(c.id()));
            if (view != null) {
                all.add(outline(c, new Point(view.dxMm(), view.dyMm())));
            }
        }
        return all;
    }
}
