package org.handdown.formats.photo;

import java.util.ArrayList;
import java.util.List;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.panel.survey.TapePoint;

/** Reduces a traced line to the few points a person would have measured: corners, and points of smooth curves between them. */
public final class LineReduction {
    private static final double ARM_MM = 16;
    private static final double CORNER_DEG = 24;
    private static final double SKIPPED_MM = 3.5;
    private static final double MOVED_MM = 6;
    private static final int MOST_KNOTS = 30;

    private final List<Point> line;
    private final double toleranceMm;

    private LineReduction(List<Point> line, double toleranceMm) {
        this.line = line;
        this.toleranceMm = toleranceMm;
    }

    /**
     * @param closed points of a closed line every few millimetres, counter-clockwise
     * @param toleranceMm how far the drawn outline may be from the line
     */
    public static List<TapePoint> points(List<Point> closed, double toleranceMm) {
        return new LineReduction(evenly(closed, 1.5), toleranceMm).points();
    }

    /** The same line with points at equal steps. */
    private static List<Point> evenly(List<Point> closed, double stepMm) {
        List<Point> run = new Ring(closed).run(0, 0);
        double length = Edge.lengthMm(run);
        int n = (int) Math.max(40, Math.round(length / stepMm));
        List<Point> even = new ArrayList<>();
        double at = 0;
        int i = 0;
        double passed = 0;
        for (int k = 0; k < n; k++) {
            at = length * k / n;
            while (i + 2 < run.size() && passed + run.get(i).distanceMm(run.get(i + 1)) < at) {
                passed += run.get(i).distanceMm(run.get(i + 1));
                i++;
            }
            double step = run.get(i).distanceMm(run.get(i + 1));
            even.add(run.get(i).between(run.get(i + 1), step == 0 ? 0 : (at - passed) / step));
        }
        return even;
    }

    private Point at(int i) {
        return line.get(Math.floorMod(i, line.size()));
    }

    private List<TapePoint> points() {
        List<Integer> corners = corners();
        List<TapePoint> points = new ArrayList<>();
        if (corners.isEmpty()) {
            int n = line.size();
            // Nothing but curve: knots all round, and one that the drawing begins at.
            List<Point> run = new ArrayList<>(line);
            run.add(line.get(0));
            for (int k : knots(run)) {
                if (k < n) {
                    points.add(new TapePoint(run.get(k), k == 0, ""));
                }
            }
            return points;
        }
        for (int c = 0; c < corners.size(); c++) {
            int from = corners.get(c);
            int to = c + 1 < corners.size() ? corners.get(c + 1) : corners.get(0) + line.size();
            Point corner = sharp(from);
            Point next = sharp(to);
            List<Point> run = new ArrayList<>(List.of(corner));
            int skip = (int) Math.round(SKIPPED_MM / 1.5);
            for (int i = from + skip; i <= to - skip; i++) {
                run.add(at(i));
            }
            run.add(next);
            points.add(new TapePoint(corner, true, ""));
            for (int k : knots(run)) {
                if (k > 0 && k < run.size() - 1) {
                    points.add(new TapePoint(run.get(k), false, ""));
                }
            }
        }
        return points;
    }

    /** Turn between the line's way in and out at a point, over an arm of either side, degrees. */
    private double turnDeg(int i) {
        int arm = (int) Math.round(ARM_MM / 1.5);
        int skip = (int) Math.round(SKIPPED_MM / 1.5);
        Point in = at(i - skip).minus(at(i - arm));
        Point out = at(i + arm).minus(at(i + skip));
        return Math.toDegrees(Math.atan2(in.cross(out), in.dot(out)));
    }

    private List<Integer> corners() {
        int n = line.size();
        double[] turn = new double[n];
        for (int i = 0; i < n; i++) {
            turn[i] = Math.abs(turnDeg(i));
        }
        int arm = (int) Math.round(ARM_MM / 1.5);
        List<Integer> corners = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            if (turn[i] > CORNER_DEG && isPeak(turn, i, arm) && isSharp(i)) {
                corners.add(i);
            }
        }
        return corners;
    }

    private static boolean isPeak(double[] turn, int i, int arm) {
        int n = turn.length;
        for (int k = -arm; k <= arm; k++) {
            double other = turn[Math.floorMod(i + k, n)];
            if (other > turn[i] || other == turn[i] && k < 0) {
                return false;
            }
        }
        return true;
    }

    /** A tight curve turns evenly over both arms; a corner turns at once: the arms themselves are nearly straight. */
    private boolean isSharp(int i) {
        int arm = (int) Math.round(ARM_MM / 1.5);
        double near = Math.abs(turnDeg(i));
        double beside = (Math.abs(bend(i - arm)) + Math.abs(bend(i + arm))) / 2;
        return near > 2.2 * beside;
    }

    /** Turn within one arm. */
    private double bend(int i) {
        int half = (int) Math.round(ARM_MM / 2 / 1.5);
        Point in = at(i).minus(at(i - half));
        Point out = at(i + half).minus(at(i));
        return Math.toDegrees(Math.atan2(in.cross(out), in.dot(out)));
    }

    /** Where the straight lines through both arms meet: tracing rounds a corner off by a millimetre. */
    private Point sharp(int i) {
        int skip = (int) Math.round(SKIPPED_MM / 1.5);
        int arm = (int) Math.round(ARM_MM / 1.5);
        Point[] in = straight(i - arm, i - skip);
        Point[] out = straight(i + skip, i + arm);
        double cross = in[1].cross(out[1]);
        if (Math.abs(cross) < 0.05) {
            return at(i);
        }
        double t = out[0].minus(in[0]).cross(out[1]) / cross;
        Point meet = in[0].plus(in[1].times(t));
        return meet.distanceMm(at(i)) < MOVED_MM ? meet : at(i);
    }

    /** Middle and direction of the best straight line through some of the points (principal axis). */
    private Point[] straight(int from, int to) {
        double sx = 0;
        double sy = 0;
        int n = to - from + 1;
        for (int i = from; i <= to; i++) {
            sx += at(i).x();
            sy += at(i).y();
        }
        Point middle = new Point(sx / n, sy / n);
        double xx = 0;
        double xy = 0;
        double yy = 0;
        for (int i = from; i <= to; i++) {
            Point d = at(i).minus(middle);
            xx += d.x() * d.x();
            xy += d.x() * d.y();
            yy += d.y() * d.y();
        }
        double angle = 0.5 * Math.atan2(2 * xy, xx - yy);
        Point way = Point.unit(Math.toDegrees(angle));
        return new Point[] {middle, way.dot(at(to).minus(at(from))) < 0 ? way.times(-1) : way};
    }

    /** Indices of a run's points through which a smooth edge stays within the tolerance of all others; both ends included. */
    private List<Integer> knots(List<Point> run) {
        List<Integer> knots = new ArrayList<>(List.of(0, run.size() - 1));
        while (knots.size() < MOST_KNOTS) {
            List<Point> through = knots.stream().map(run::get).toList();
            List<Point> drawn =
                    through.size() == 2 ? through : Edge.smooth("", through).flattened(0.1);
            int worst = -1;
            double most = toleranceMm;
            for (int k = 0; k < run.size(); k++) {
                double off = run.get(k).distanceMm(drawn);
                if (off > most) {
                    most = off;
                    worst = k;
                }
            }
            if (worst < 0 || knots.contains(worst)) {
                return knots;
            }
            insert(knots, between(knots, worst));
        }
        return knots;
    }

    /** Knots that crowd together make a curve wavy: the middle of the stretch that is off serves better than its worst point. */
    private static int between(List<Integer> knots, int worst) {
        int low = 0;
        int high = knots.get(knots.size() - 1);
        for (int k : knots) {
            if (k < worst) {
                low = Math.max(low, k);
            } else {
                high = Math.min(high, k);
            }
        }
        int middle = (low + high) / 2;
        return middle == low || middle == high ? worst : middle;
    }

    private static void insert(List<Integer> knots, int k) {
        int at = 0;
        while (knots.get(at) < k) {
            at++;
        }
        knots.add(at, k);
    }
}
