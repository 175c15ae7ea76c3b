package org.handdown.fit.room;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitPiece;
import org.handdown.fit.PanelRun;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Point;
import org.handdown.geometry.Region;
import org.handdown.geometry.Ring;

/**
 * Every spot where one copy, in one turn, may lie on one panel while the others stay where they are. CandidatePositions are shifts (x, y) of the
 * copy in the panel frame, mm. What is allowed is an area; for a copy that lies on a finished edge, stretches of a line; where
 * stripes of what lies already bind it, the lines of the pattern; where two directions bind, single points.
 *
 * @param areas without holes, next to each other
 * @param lines each of two points or more
 * @param bans what keeps the copy off, each with the shifts it forbids
 * @param never why it may lie nowhere in this turn; empty when it may
 * @param elsewhere what is wrong with a spot that neither is allowed nor lies in a ban
 */
public record AllowedSpots(
        List<Ring> areas,
        List<List<Point>> lines,
        List<Point> points,
        List<Ban> bans,
        List<String> never,
        String elsewhere) {
    /** Rows or knots of a pattern beyond this are left out: the stripes are finer than a hand can aim at. */
    private static final int MOST_ROWS = 600;

    /**
     * Something that a copy must not lie on.
     *
     * @param what in words a person at the table uses
     */
    public record Ban(String what, List<Ring> shifts) {}

    public AllowedSpots {
        areas = List.copyOf(areas);
        lines = List.copyOf(lines);
        points = List.copyOf(points);
        bans = List.copyOf(bans);
        never = List.copyOf(never);
    }

    static AllowedSpots never(List<String> why) {
        return new AllowedSpots(List.of(), List.of(), List.of(), List.of(), why, String.join(" ", why));
    }

    public boolean isEmpty() {
        return areas.isEmpty() && lines.isEmpty() && points.isEmpty();
    }

    /** The allowed spot nearest to where a hand holds the copy. */
    public Optional<Point> nearest(Point held) {
        List<Point> found = new ArrayList<>(points);
        lines.forEach(l -> found.add(nearestOn(l, held)));
        if (!areas.isEmpty()) {
            found.add(Region.of(areas).nearest(held));
        }
        return found.stream().min(java.util.Comparator.comparingDouble(held::distanceMm));
    }

    private static Point nearestOn(List<Point> line, Point p) {
        Point best = line.get(0);
        for (int i = 0; i + 1 < line.size(); i++) {
            Point a = line.get(i);
            Point way = line.get(i + 1).minus(a);
            double square = way.dot(way);
            double share = square == 0 ? 0 : Math.max(0, Math.min(1, p.minus(a).dot(way) / square));
            Point on = a.plus(way.times(share));
            best = on.distanceMm(p) < best.distanceMm(p) ? on : best;
        }
        return best;
    }

    /** Of shifts that clear everything, those that bring the start of the anchored run onto the line of its finished edge. */
    static List<List<Point>> alongEdges(FitPanel panel, Shape shape, Region free) {
        FitPiece.Anchor anchor = java.util.Objects.requireNonNull(shape.variant.anchor());
        Point start = shape.ring.run(anchor.from(), anchor.to()).get(0);
        List<List<Point>> lines = new ArrayList<>();
        for (PanelRun edge : panel.edges()) {
            if (anchor.takes(panel.id(), edge)) {
                List<Point> run = panel.outline().run(edge.from(), edge.to()).stream()
                        .map(p -> p.minus(start))
                        .toList();
                lines.addAll(free.within(run));
            }
        }
        return lines;
    }

    /** The part of shifts that keeps the pattern: rows of it in the area, knots where two directions bind. */
    static AllowedSpots onStripes(
            Region free, List<List<Point>> along, List<Stripes.Line> stripes, double[] settled, List<Ban> bans) {
        List<Stripes.Line> binding = Stripes.binding(stripes, settled);
        List<List<Point>> lines = new ArrayList<>();
        List<Point> points = new ArrayList<>();
        Stripes.Line first = binding.get(0);
        List<List<Point>> rows = rows(free, first, settled[first.group()]);
        if (!along.isEmpty()) {
            for (List<Point> line : along) {
                rows.forEach(row -> points.addAll(crossings(line, row)));
            }
        } else if (binding.size() > 1) {
            List<List<Point>> across =
                    rows(free, binding.get(1), settled[binding.get(1).group()]);
            for (List<Point> row : rows) {
                across.forEach(other -> points.addAll(crossings(row, other)));
            }
        } else {
            rows.forEach(row -> lines.addAll(free.within(row)));
        }
        lines.removeIf(
                l -> !Stripes.agree(stripes, settled, l.get(0).x(), l.get(0).y()));
        points.removeIf(p -> free.distanceMm(p) > 1e-6 || !Stripes.agree(stripes, settled, p.x(), p.y()));
        return new AllowedSpots(
                List.of(), lines, points, bans, List.of(), "There its pattern would not meet that of the others.");
    }

    /** Long lines of the pattern across the area's box. */
    private static List<List<Point>> rows(Region free, Stripes.Line line, double phase) {
        var box = free.box();
        Point along = new Point(line.ux(), line.uy());
        Point side = new Point(-line.uy(), line.ux());
        double low = Double.POSITIVE_INFINITY;
        double high = Double.NEGATIVE_INFINITY;
        for (Point corner : Ring.rectangle(box.minX(), box.minY(), box.widthMm(), box.heightMm())
                .points()) {
            low = Math.min(low, corner.dot(along));
            high = Math.max(high, corner.dot(along));
        }
        double reach = box.widthMm() + box.heightMm() + 10;
        Point middle = box.middle();
        List<List<Point>> rows = new ArrayList<>();
        double shift = line.offsetMm() - phase;
        double from = Math.ceil((low + shift) / line.periodMm() - 1e-9);
        for (double k = from; k * line.periodMm() - shift <= high + 1e-9 && rows.size() < MOST_ROWS; k++) {
            double at = k * line.periodMm() - shift;
            Point on = along.times(at).plus(side.times(middle.dot(side)));
            rows.add(List.of(on.minus(side.times(reach)), on.plus(side.times(reach))));
        }
        return rows;
    }

    private static List<Point> crossings(List<Point> line, List<Point> row) {
        List<Point> found = new ArrayList<>();
        Point way = row.get(1).minus(row.get(0));
        for (int i = 0; i + 1 < line.size(); i++) {
            Point a = line.get(i);
            Point step = line.get(i + 1).minus(a);
            double cross = step.cross(way);
            double share = cross == 0 ? -1 : row.get(0).minus(a).cross(way) / cross;
            if (share >= 0 && share <= 1) {
                found.add(a.plus(step.times(share)));
            }
        }
        return found;
    }

    /** How long the stretches of a line are together, mm. */
    public double lengthMm() {
        return lines.stream().mapToDouble(Edge::lengthMm).sum();
    }
}
