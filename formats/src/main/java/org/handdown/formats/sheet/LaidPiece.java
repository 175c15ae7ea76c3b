package org.handdown.formats.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.handdown.fit.FitProblem;
import org.handdown.fit.Placed;
import org.handdown.geometry.Placement;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.measure.Wording;

/**
 * A placed copy with its cut line in the panel frame.
 *
 * @param called as people named the piece
 * @param isOnly whether there is one copy of it
 */
record LaidPiece(Placed placed, Ring ring, String called, boolean isOnly) {
    /** Sharper turns are corners; flatter ones are points of a curve. */
    private static final double CORNER_DEG = 12;
    /** Chalked from point to point by a straight line, a curve may be missed by this much: half a chalk line. */
    private static final double CURVE_OFF_MM = 1.5;

    /** @param names of pieces by their ids */
    static List<LaidPiece> on(FitProblem problem, List<Placed> placements, String panel, Map<String, String> names) {
        return placements.stream()
                .filter(p -> p.panel().equals(panel))
                .map(p -> new LaidPiece(
                        p,
                        p.at().toPanel(problem.piece(p.piece())
                                .variant(p.variant())
                                .outline()),
                        called(p.piece(), names),
                        problem.piece(p.piece()).quantity() == 1))
                .toList();
    }

    /** @param names by ids; what nobody named is called after its id */
    static String called(String id, Map<String, String> names) {
        return names.getOrDefault(id, Wording.spoken(id));
    }

    /** As the page calls it: with its number where there are several. */
    String label() {
        return called + (isOnly ? "" : " " + (placed.copy() + 1)) + (placed.at().mirrored() ? ", mirrored" : "");
    }

    /** Corners, and along curves as many points as a straight line from one to the next needs, in the order of the cut line. */
    List<Point> chalkPoints() {
        List<Integer> corners = new ArrayList<>();
        for (int i = 0; i < ring.size(); i++) {
            Point in = ring.at(i).minus(ring.at(i - 1));
            Point out = ring.at(i + 1).minus(ring.at(i));
            if (Math.abs(Placement.turnBetweenDeg(in.directionDeg(), out.directionDeg())) > CORNER_DEG) {
                corners.add(i);
            }
        }
        if (corners.isEmpty()) {
            // A round piece: from anywhere, by way of the point opposite.
            corners.addAll(List.of(0, ring.size() / 2));
        }
        List<Point> points = new ArrayList<>();
        for (int c = 0; c < corners.size(); c++) {
            int from = corners.get(c);
            int to = c + 1 < corners.size() ? corners.get(c + 1) : corners.get(0) + ring.size();
            points.add(ring.at(from));
            between(from, to, points);
        }
        return points;
    }

    /** The point that is farthest from the straight line, and so on to both sides of it. */
    private void between(int from, int to, List<Point> points) {
        Point chord = ring.at(to).minus(ring.at(from));
        double length = Math.max(chord.lengthMm(), 1e-9);
        int farthest = -1;
        double most = CURVE_OFF_MM;
        for (int i = from + 1; i < to; i++) {
            double off = Math.abs(chord.cross(ring.at(i).minus(ring.at(from)))) / length;
            if (off > most) {
                most = off;
                farthest = i;
            }
        }
        if (farthest > 0) {
            between(from, farthest, points);
            points.add(ring.at(farthest));
            between(farthest, to, points);
        }
    }
}
