package org.handdown.pattern.draft;

import java.util.ArrayList;
import java.util.List;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Point;

/**
 * The waist of a quarter of a skirt, from the side to the centre: square to the side, level at the centre, over the roofs of its darts.
 */
record SkirtWaist(SkirtBlock block) {
    /** Handles of a stretch of the waist by its chord: as a circle has them. */
    private static final double HANDLE_SHARE = 1.0 / 3;

    /** As it would run without darts: square to the side, level at the centre. */
    private Edge undarted() {
        Point side = block.sideTop();
        return Edge.curve(
                "",
                side,
                side.plus(block.intoWaist().left().times(0.4 * block.top())),
                block.centre().plus(new Point(0.35 * block.top(), 0)),
                block.centre());
    }

    /** A dart as it lies open: both ends of its legs, the tip, and the top of the roof over it. */
    record Opened(Point sideLeg, Point tip, Point centreLeg, Point roof) {
        private static Opened on(Edge waist, double share, double half, double longMm) {
            Point at = waist.at(share);
            Point way = waist.at(share + 0.01).minus(waist.at(share - 0.01));
            Point along = way.unit();
            Point up = along.right();
            // Its axis stands square on the waist, so that its legs are as long as each other.
            return new Opened(
                    at.minus(along.times(half)),
                    at.minus(up.times(longMm)),
                    at.plus(along.times(half)),
                    at.plus(up.times(half * half / longMm)));
        }

        /** Square to a leg, towards the centre: so the waist runs on once the legs are sewn to each other. */
        private Point squareTo(Point leg) {
            Point way = leg.minus(tip);
            return way.unit().left();
        }
    }

    List<Opened> opened() {
        List<Opened> all = new ArrayList<>();
        Edge waist = undarted();
        int n = block.darts().count();
        for (int i = 1; i <= n; i++) {
            all.add(Opened.on(
                    waist,
                    (double) i / (n + 1),
                    block.darts().half(),
                    block.darts().longMm()));
        }
        return all;
    }

    /** Of the waist between side, darts and centre. */
    List<Edge> stretches() {
        List<Opened> opened = opened();
        if (opened.isEmpty()) {
            return List.of(undarted());
        }
        List<Edge> all = new ArrayList<>();
        Point from = block.sideTop();
        Point leaving = block.intoWaist().left();
        for (Opened dart : opened) {
            all.add(stretch(from, leaving, dart.sideLeg, dart.squareTo(dart.sideLeg)));
            from = dart.centreLeg;
            leaving = dart.squareTo(from);
        }
        all.add(stretch(from, leaving, block.centre(), new Point(-1, 0)));
        return all;
    }

    private static Edge stretch(Point from, Point leaving, Point to, Point arriving) {
        double handle = HANDLE_SHARE * from.distanceMm(to);
        return Edge.curve("", from, from.plus(leaving.times(handle)), to.minus(arriving.times(handle)), to);
    }

    Edge edge(String name) {
        List<Edge> stretches = stretches();
        Edge whole = new Edge(name, stretches.get(0).segments());
        int i = 1;
        for (Opened dart : opened()) {
            whole = Edge.joined(name, whole, Edge.line(name, dart.sideLeg, dart.roof));
            whole = Edge.joined(name, whole, Edge.line(name, dart.roof, dart.centreLeg));
            whole = Edge.joined(name, whole, stretches.get(i++));
        }
        return whole;
    }
}
