package org.handdown.lay;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;
import org.handdown.fit.PanelRun;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;

/**
 * The outline of a remnant with a corner wherever an old finished edge begins or ends on it, so that the edge is a run of it again.
 * Same frame as the remnant, mm, counter-clockwise.
 */
final class EdgedOutline {
    /** Corners nearer than this are one. */
    private static final double SAME_MM = 0.05;

    private final List<Point> closed;
    private final double roundMm;

    EdgedOutline(Ring outline) {
        closed = new ArrayList<>(outline.counterClockwise().points());
        closed.add(closed.get(0));
        roundMm = Edge.lengthMm(closed);
    }

    /** Where a finished edge begins and ends, mm along the outline from its first corner, forward. */
    private record Stretch(Leftover.Finished edge, double fromMm, double toMm) {}

    private Stretch stretch(Leftover.Finished edge) {
        List<Point> points = edge.points();
        double first = Edge.alongMm(closed, points.get(0));
        double last = Edge.alongMm(closed, points.get(points.size() - 1));
        double forward = Math.floorMod(Math.round((last - first) * 100), Math.round(roundMm * 100)) / 100.0;
        // Told the other way round it would run over what is not this edge.
        boolean isForward = Math.abs(forward - edge.lengthMm()) <= Math.abs(roundMm - forward - edge.lengthMm());
        return isForward ? new Stretch(edge, first, last) : new Stretch(edge, last, first);
    }

    /** The outline, and the runs of the finished edges on it; one that has shrunk to nothing is left out. */
    record Edged(Ring outline, List<PanelRun> runs) {}

    Edged with(List<Leftover.Finished> edges) {
        List<Stretch> stretches = edges.stream().map(this::stretch).toList();
        TreeMap<Double, Point> ways = new TreeMap<>();
        double way = 0;
        for (int i = 0; i + 1 < closed.size(); i++) {
            ways.putIfAbsent(way, closed.get(i));
            way += closed.get(i).distanceMm(closed.get(i + 1));
        }
        stretches.forEach(s -> {
            addWay(ways, s.fromMm);
            addWay(ways, s.toMm);
        });
        List<Double> at = new ArrayList<>(ways.keySet());
        Ring ring = new Ring(new ArrayList<>(ways.values()));
        List<PanelRun> runs = new ArrayList<>();
        for (int i = 0; i < stretches.size(); i++) {
            Stretch s = stretches.get(i);
            int from = nearest(at, s.fromMm);
            int to = nearest(at, s.toMm);
            if (from != to) {
                String id = s.edge.kind().word() + " " + (i + 1);
                runs.add(new PanelRun(id, s.edge.kind(), from, to));
            }
        }
        return new Edged(ring, runs);
    }

    private void addWay(TreeMap<Double, Point> ways, double mm) {
        Double below = ways.floorKey(mm);
        Double above = ways.ceilingKey(mm);
        boolean isThere = below != null && mm - below < SAME_MM
                || above != null && above - mm < SAME_MM
                || roundMm - mm < SAME_MM;
        if (!isThere) {
            ways.put(mm, Edge.at(closed, mm / roundMm));
        }
    }

    private int nearest(List<Double> ways, double mm) {
        int best = 0;
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < ways.size(); i++) {
            double off = Math.abs(ways.get(i) - mm);
            off = Math.min(off, roundMm - off);
            if (off < least) {
                least = off;
                best = i;
            }
        }
        return best;
    }
}
