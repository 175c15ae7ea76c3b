package org.handdown.formats.sheet;

import java.util.Comparator;
import java.util.List;
import org.handdown.fit.EdgeKind;
import org.handdown.fit.FitPanel;
import org.handdown.fit.PanelRun;
import org.handdown.geometry.Point;

/**
 * The straight edge of a panel that a tape is laid along: a finished hem where there is one, else the longest straight edge. Distances
 * are taken along it from its left end and square away from it, into the cloth.
 */
record ReferenceEdge(String name, Point start, Point end, Point along, Point away) {
    static ReferenceEdge of(FitPanel panel) {
        List<PanelRun> straight = panel.edges().stream()
                .filter(e -> Math.floorMod(e.to() - e.from(), panel.outline().size()) == 1)
                .toList();
        PanelRun run = straight.stream()
                .filter(e -> e.kind() == EdgeKind.HEM)
                .findFirst()
                .or(() -> straight.stream().max(Comparator.comparingDouble(e -> length(panel, e))))
                .orElse(null);
        if (run == null) {
            return between("lower left to right", leftmost(panel, 1), leftmost(panel, -1), panel);
        }
        String kind = run.kind() == EdgeKind.RAW
                ? run.id() + " edge"
                : "old " + run.kind().word();
        return between(kind, panel.outline().at(run.from()), panel.outline().at(run.to()), panel);
    }

    private static Point leftmost(FitPanel panel, int sign) {
        return panel.outline().points().stream()
                .min(Comparator.comparingDouble(p -> sign * p.x() + 1e-3 * p.y()))
                .orElseThrow();
    }

    private static double length(FitPanel panel, PanelRun run) {
        return panel.outline().at(run.from()).distanceMm(panel.outline().at(run.to()));
    }

    private static ReferenceEdge between(String name, Point a, Point b, FitPanel panel) {
        Point left = a.x() <= b.x() ? a : b;
        Point right = left == a ? b : a;
        Point along = right.minus(left).times(1 / left.distanceMm(right));
        Point square = along.left();
        Point middle = panel.outline().points().stream()
                .reduce(new Point(0, 0), Point::plus)
                .times(1.0 / panel.outline().size());
        Point away = middle.minus(left).dot(square) >= 0 ? square : square.times(-1);
        return new ReferenceEdge(name, left, right, along, away);
    }

    double alongMm(Point p) {
        return p.minus(start).dot(along);
    }

    double awayMm(Point p) {
        return p.minus(start).dot(away);
    }
}
