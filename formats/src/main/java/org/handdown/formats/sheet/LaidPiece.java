package org.handdown.formats.sheet;

import java.util.ArrayList;
import java.util.List;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.lay.FitProblem;
import org.handdown.lay.Placed;

/** A placed copy with its cut line in the panel frame. */
record LaidPiece(Placed placed, Ring ring) {
    /** Sharper turns are corners; flatter ones are points of a curve. */
    private static final double CORNER_DEG = 12;
    /** On curves a point is chalked at least this often. */
    private static final double CURVE_STEP_MM = 90;

    static List<LaidPiece> on(FitProblem problem, List<Placed> placements, String panel) {
        return placements.stream()
                .filter(p -> p.panel().equals(panel))
                .map(p -> new LaidPiece(
                        p,
                        p.at().toPanel(problem.piece(p.piece())
                                .variant(p.variant())
                                .outline())))
                .toList();
    }

    String name() {
        String name = placed.piece().replace('-', ' ');
        return placed.at().mirrored() ? name + ", mirrored" : name;
    }

    String label() {
        return name() + " no. " + (placed.copy() + 1);
    }

    /** Corners, and points along curves, in the order of the cut line. */
    List<Point> chalkPoints() {
        List<Point> points = new ArrayList<>();
        double since = CURVE_STEP_MM;
        for (int i = 0; i < ring.size(); i++) {
            Point in = ring.at(i).minus(ring.at(i - 1));
            Point out = ring.at(i + 1).minus(ring.at(i));
            since += in.lengthMm();
            double turn =
                    Math.abs(org.handdown.geometry.Placement.turnBetweenDeg(in.directionDeg(), out.directionDeg()));
            if (turn > CORNER_DEG || since >= CURVE_STEP_MM && turn > 0.05) {
                points.add(ring.at(i));
                since = 0;
            }
        }
        return points;
    }
}
