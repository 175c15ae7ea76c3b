package org.handdown.alter.stack;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.DoubleUnaryOperator;
import org.handdown.assembly.Assembly;
import org.handdown.assembly.Component;
import org.handdown.assembly.Cutting;
import org.handdown.assembly.Join;
import org.handdown.assembly.Meeting;
import org.handdown.assembly.Run;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Point;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/**
 * A line all round a garment at a distance from one of its ends, on whichever components it lies: a rib or cuff at the end counts with its
 * depth, the line then lies on what it is sewn to.
 */
final class Level {
    private static final double STEP_MM = 8;
    private static final double FLAT_MM = 0.2;
    /** A line so near to a seam is meant to be the seam. */
    static final double AT_SEAM_MM = 3;

    /** What lies across the far edge of a band takes over where it is nearly as wide. */
    private static final double AS_WIDE = 0.5;

    /** Beyond it a curve that is moved in would cross itself: its loops are left out. */
    private static final double LOOP_MM = 0.5;

    private final Assembly garment;
    private final Map<String, Cutting.Line> lines = new LinkedHashMap<>();
    private final Map<String, List<String>> edges = new LinkedHashMap<>();

    private Level(Assembly garment) {
        this.garment = garment;
    }

    /** How far up from the end the line lies: at the wearer's right side and at the left. */
    record Height(double rightMm, double leftMm, boolean straight) {
        static Height of(double mm) {
            return new Height(mm, mm, false);
        }

        boolean isSlanted() {
            return rightMm != leftMm;
        }

        private Height less(double mm) {
            return new Height(rightMm - mm, leftMm - mm, straight);
        }

        private double leastMm() {
            return Math.min(rightMm, leftMm);
        }
    }

    /** Lines by component; what lies above each stays to its left. */
    static Level of(Assembly garment, Map<String, List<String>> end, Height up) {
        Level level = new Level(garment);
        end.forEach((component, names) -> level.add(component, names, up));
        return level;
    }

    List<Cutting.Line> lines() {
        return List.copyOf(lines.values());
    }

    /** The edges below the lines, by the component that is cut. */
    Map<String, List<String>> edges() {
        return edges;
    }

    private void add(String component, List<String> names, Height up) {
        Component c = garment.component(component);
        List<Point> along = along(c, names);
        if (along.isEmpty()) {
            throw new RefusedValueException(
                    "figures.up", "The end would lie on both sides of that line; take another height.");
        }
        Point from = along.get(0);
        Point way = along.get(along.size() - 1).minus(from).unit();
        double deep = c.outline().ring().points().stream()
                .mapToDouble(p -> way.cross(p.minus(from)))
                .max()
                .orElse(0);
        if (up.leastMm() > deep - AT_SEAM_MM) {
            goOn(c, names, along, deep, up);
            return;
        }
        if (lines.containsKey(component)) {
            return;
        }
        lines.put(component, new Cutting.Line(component, path(c, along, up)));
        edges.put(component, names);
    }

    private static List<Point> along(Component c, List<String> names) {
        List<Point> all = new ArrayList<>();
        for (Edge edge : ordered(c, names)) {
            List<Point> points = edge.flattened(FLAT_MM);
            all.addAll(all.isEmpty() ? points : points.subList(1, points.size()));
        }
        return all;
    }

    /** One after the other as they run on. */
    private static List<Edge> ordered(Component c, List<String> names) {
        List<Edge> all = c.outline().edges();
        List<Edge> found = new ArrayList<>();
        int first = 0;
        for (int i = 0; i < all.size(); i++) {
            boolean isFirst = names.contains(all.get(i).name())
                    && !names.contains(
                            all.get((i + all.size() - 1) % all.size()).name());
            first = isFirst ? i : first;
        }
        for (int i = 0; i < all.size(); i++) {
            Edge edge = all.get((first + i) % all.size());
            if (names.contains(edge.name())) {
                found.add(edge);
            }
        }
        return found;
    }

    /** Over the far edge of a band onto what it is sewn to. */
    private void goOn(Component c, List<String> names, List<Point> along, double deep, Height up) {
        Point from = along.get(0);
        Point way = along.get(along.size() - 1).minus(from).unit();
        double wide = Edge.lengthMm(along);
        double far = 0;
        for (Edge edge : c.outline().edges()) {
            double off = way.cross(edge.at(0.5).minus(from));
            if (names.contains(edge.name()) || off < 0.6 * deep) {
                continue;
            }
            for (Join join : garment.joins()) {
                for (Meeting m : join.meetings()) {
                    for (int side = 0; side < 2 && !m.isTurned() && !m.caught(); side++) {
                        Run own = m.runs().get(side);
                        if (own.component().equals(c.id()) && own.edge().equals(edge.name())) {
                            far += own.flatMm();
                            Run other = m.runs().get(1 - side);
                            add(other.component(), List.of(other.edge()), up.less(deep));
                        }
                    }
                }
            }
        }
        if (far < AS_WIDE * wide) {
            throw new RefusedValueException(
                    "figures.up",
                    Wording.fill("The %s ends %.0f mm up from there; stay below.", Wording.spoken(c.name()), deep));
        }
    }

    private List<Point> path(Component c, List<Point> along, Height up) {
        Point from = along.get(0);
        Point to = along.get(along.size() - 1);
        Point way = to.minus(from).unit();
        double atStart = up.rightMm();
        double atEnd = up.leftMm();
        if (up.isSlanted()) {
            double[] shares = shares(c, from, to);
            atStart = up.rightMm() + shares[0] * (up.leftMm() - up.rightMm());
            atEnd = up.rightMm() + shares[1] * (up.leftMm() - up.rightMm());
        }
        if (up.straight() || up.isSlanted()) {
            double low = along.stream()
                    .mapToDouble(p -> way.cross(p.minus(from)))
                    .min()
                    .orElse(0);
            return List.of(
                    from.plus(way.left().times(low + atStart)),
                    to.plus(way.left().times(low + atEnd)));
        }
        double mm = up.rightMm();
        return offset(along, s -> mm);
    }

    /** How far over to the wearer's left either end of an edge lies: 0 at the right side, 1 at the left. */
    private static double[] shares(Component c, Point from, Point to) {
        List<String> words = List.of(c.id().split("[-#]"));
        boolean isBack = words.contains("back");
        boolean runsRight = to.x() > from.x();
        if (words.contains("left") || words.contains("right")) {
            double side = words.contains("left") ? 1 : 0;
            // Seen from outside the wearer's left lies at the right in front and at the left behind.
            boolean endsAtSide = words.contains("left") != isBack == runsRight;
            return endsAtSide ? new double[] {0.5, side} : new double[] {side, 0.5};
        }
        boolean endsLeft = runsRight != isBack;
        return endsLeft ? new double[] {0, 1} : new double[] {1, 0};
    }

    /**
     * A line moved into the cloth at its left.
     *
     * @param mm how far, by the way along it from its start, mm
     */
    static List<Point> offset(List<Point> along, DoubleUnaryOperator mm) {
        List<Point> fine = fine(along);
        List<Point> moved = new ArrayList<>();
        double run = 0;
        for (int i = 0; i < fine.size(); i++) {
            run += i == 0 ? 0 : fine.get(i).distanceMm(fine.get(i - 1));
            Point before = fine.get(Math.max(0, i - 1));
            Point after = fine.get(Math.min(fine.size() - 1, i + 1));
            double off = mm.applyAsDouble(run);
            Point p = fine.get(i).plus(after.minus(before).unit().left().times(off));
            if (off < 0 || p.distanceMm(fine) > off - LOOP_MM) {
                moved.add(p);
            }
        }
        return moved;
    }

    private static List<Point> fine(List<Point> line) {
        List<Point> fine = new ArrayList<>(List.of(line.get(0)));
        for (int i = 0; i + 1 < line.size(); i++) {
            Point a = line.get(i);
            Point b = line.get(i + 1);
            boolean isStraight = line.size() == 2;
            int steps = isStraight ? 1 : Math.max(1, (int) Math.ceil(a.distanceMm(b) / STEP_MM));
            for (int k = 1; k <= steps; k++) {
                fine.add(a.between(b, (double) k / steps));
            }
        }
        return fine;
    }

    /** As {@link #offset(List, DoubleUnaryOperator)}, in steps fine enough for what changes along it. */
    static List<Point> offsetByPins(List<Point> along, DoubleUnaryOperator mm) {
        double length = Edge.lengthMm(along);
        int steps = Math.max(2, (int) Math.ceil(length / STEP_MM));
        List<Point> dense = new ArrayList<>();
        for (int i = 0; i <= steps; i++) {
            dense.add(Edge.at(along, (double) i / steps));
        }
        return offset(dense, mm);
    }
}
