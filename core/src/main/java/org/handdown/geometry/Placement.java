package org.handdown.geometry;

/**
 * Where a piece lies on a panel: a point p of the piece frame lies at {@code R(rotation) · M(p) + (x, y)} in the panel frame, where
 * M turns (px, py) into (−px, py) if mirrored. Lengths mm, rotation degrees counter-clockwise.
 */
public record Placement(double x, double y, double rotation, boolean mirrored) {
    public Placement {
        if (!Double.isFinite(x) || !Double.isFinite(y) || !Double.isFinite(rotation)) {
            throw new IllegalArgumentException("A placement needs finite x, y and rotation.");
        }
    }

    public Point toPanel(Point inPiece) {
        Point turned = turned(inPiece);
        return new Point(turned.x() + x, turned.y() + y);
    }

    /** The point mirrored and turned, but not yet moved. Quarter turns are exact. */
    public Point turned(Point inPiece) {
        double px = mirrored ? -inPiece.x() : inPiece.x();
        double py = inPiece.y();
        double quarter = rotation / 90;
        if (quarter == Math.rint(quarter)) {
            return switch ((int) Math.floorMod((long) quarter, 4L)) {
                case 0 -> new Point(px, py);
                case 1 -> new Point(-py, px);
                case 2 -> new Point(-px, -py);
                default -> new Point(py, -px);
            };
        }
        double cos = StrictMath.cos(Math.toRadians(rotation));
        double sin = StrictMath.sin(Math.toRadians(rotation));
        return new Point(cos * px - sin * py, sin * px + cos * py);
    }

    public Ring toPanel(Ring inPiece) {
        return inPiece.map(this::toPanel);
    }

    /** The shortest way round from one direction to another, in degrees, (−180, 180]. */
    public static double turnBetweenDeg(double from, double to) {
        double turn = (to - from) % 360;
        if (turn > 180) {
            turn -= 360;
        }
        return turn <= -180 ? turn + 360 : turn;
    }

    /** The same direction in [0, 360) degrees; whole quarter turns come out exact. */
    public static double normalDeg(double turn) {
        double normal = turn % 360;
        double positive = normal < 0 ? normal + 360 : normal;
        double quarter = Math.rint(positive / 90) * 90;
        double exact = Math.abs(positive - quarter) < 1e-9 ? quarter : positive;
        return exact >= 360 ? 0 : exact;
    }
}
