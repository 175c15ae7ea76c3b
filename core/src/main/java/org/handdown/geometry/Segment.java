package org.handdown.geometry;

import java.util.List;
import java.util.function.UnaryOperator;

/** One stretch of an edge: a straight line or a cubic curve, in mm. */
public sealed interface Segment permits Segment.Line, Segment.Cubic {
    Point start();

    Point end();

    /** Points after {@link #start()} up to and including {@link #end()}, nowhere farther than {@code toleranceMm} from the curve. */
    List<Point> flattened(double toleranceMm);

    Segment reversed();

    Segment map(UnaryOperator<Point> move);

    /** Way that it leaves its start in, of length 1; of length 0 where it has none. */
    default Point leaving() {
        for (Point toward : towards()) {
            Point way = toward.minus(start());
            if (way.lengthMm() > 1e-9) {
                return way.unit();
            }
        }
        return new Point(0, 0);
    }

    /** What its start points at, the nearest first. */
    List<Point> towards();

    record Line(Point start, Point end) implements Segment {
        @Override
        public List<Point> flattened(double toleranceMm) {
            return List.of(end);
        }

        @Override
        public List<Point> towards() {
            return List.of(end);
        }

        @Override
        public Segment reversed() {
            return new Line(end, start);
        }

        @Override
        public Segment map(UnaryOperator<Point> move) {
            return new Line(move.apply(start), move.apply(end));
        }
    }

    /** A cubic Bézier curve with two handles. */
    record Cubic(Point start, Point handle1, Point handle2, Point end) implements Segment {
        @Override
        public List<Point> flattened(double toleranceMm) {
            // Chord error of n equal steps is at most max|second difference| · 6 / (8 n²): bound on |B''| of a cubic.
            double bend = Math.max(
                    start.plus(handle2).minus(handle1.times(2)).lengthMm(),
                    handle1.plus(end).minus(handle2.times(2)).lengthMm());
            int steps = (int) Math.max(1, Math.ceil(Math.sqrt(0.75 * bend / toleranceMm)));
            return java.util.stream.IntStream.rangeClosed(1, steps)
                    .mapToObj(i -> i == steps ? end : at((double) i / steps))
                    .toList();
        }

        /** The point at parameter t in [0, 1]. */
        public Point at(double t) {
            double u = 1 - t;
            return start.times(u * u * u)
                    .plus(handle1.times(3 * u * u * t))
                    .plus(handle2.times(3 * u * t * t))
                    .plus(end.times(t * t * t));
        }

        /** Its two parts before and after parameter t in [0, 1] (de Casteljau). */
        public List<Cubic> split(double t) {
            Point a = start.between(handle1, t);
            Point b = handle1.between(handle2, t);
            Point c = handle2.between(end, t);
            Point ab = a.between(b, t);
            Point bc = b.between(c, t);
            Point middle = ab.between(bc, t);
            return List.of(new Cubic(start, a, ab, middle), new Cubic(middle, bc, c, end));
        }

        @Override
        public List<Point> towards() {
            return List.of(handle1, handle2, end);
        }

        @Override
        public Segment reversed() {
            return new Cubic(end, handle2, handle1, start);
        }

        @Override
        public Segment map(UnaryOperator<Point> move) {
            return new Cubic(move.apply(start), move.apply(handle1), move.apply(handle2), move.apply(end));
        }
    }
}
