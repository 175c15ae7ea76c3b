package org.handdown.geometry;

/** A point or a vector in mm. */
public record Point(double x, double y) {
    /** Nought has no sign: −0.0 and 0.0 are the same place, in comparisons and files too. */
    public Point {
        x += 0.0;
        y += 0.0;
    }

    public Point plus(Point other) {
        return new Point(x + other.x, y + other.y);
    }

    public Point minus(Point other) {
        return new Point(x - other.x, y - other.y);
    }

    public Point times(double factor) {
        return new Point(x * factor, y * factor);
    }

    public double dot(Point other) {
        return x * other.x + y * other.y;
    }

    /** z of the cross product: positive when {@code other} lies counter-clockwise of this. */
    public double cross(Point other) {
        return x * other.y - y * other.x;
    }

    /** From the nearest place of a line through points. */
    public double distanceMm(java.util.List<Point> line) {
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i + 1 < line.size(); i++) {
            least = Math.min(least, distanceMm(line.get(i), line.get(i + 1)));
        }
        return least;
    }

    /** From the straight line between two points. */
    public double distanceMm(Point from, Point to) {
        Point way = to.minus(from);
        double square = way.x() * way.x() + way.y() * way.y();
        Point off = minus(from);
        double share = square == 0 ? 0 : (off.x() * way.x() + off.y() * way.y()) / square;
        return distanceMm(from.plus(way.times(Math.max(0, Math.min(1, share)))));
    }

    public double distanceMm(Point other) {
        return Math.hypot(x - other.x, y - other.y);
    }

    public double lengthMm() {
        return Math.hypot(x, y);
    }

    /** This direction, 1 mm long; not a number for a vector without length. */
    public Point unit() {
        return times(1 / lengthMm());
    }

    /** This vector turned a quarter counter-clockwise: what lies left of whoever goes along it. */
    public Point left() {
        return new Point(-y, x);
    }

    /** This vector turned a quarter clockwise. */
    public Point right() {
        return new Point(y, -x);
    }

    /** Left and right changed over. */
    public Point mirrored() {
        return new Point(-x, y);
    }

    /** Direction of this vector in degrees counter-clockwise from +x, in (−180, 180]. */
    public double directionDeg() {
        return Math.toDegrees(Math.atan2(y, x));
    }

    /** Unit vector in a direction given in degrees counter-clockwise from +x. */
    public static Point unit(double degrees) {
        return new Point(StrictMath.cos(Math.toRadians(degrees)), StrictMath.sin(Math.toRadians(degrees)));
    }

    /** The point a share {@code at} of the way to {@code other}. */
    public Point between(Point other, double at) {
        return new Point(x + (other.x - x) * at, y + (other.y - y) * at);
    }
}
