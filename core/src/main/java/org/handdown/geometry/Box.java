package org.handdown.geometry;

import org.locationtech.jts.geom.Coordinate;

/** An upright bounding box in mm. */
public record Box(double minX, double minY, double maxX, double maxY) {
    public double widthMm() {
        return maxX - minX;
    }

    public double heightMm() {
        return maxY - minY;
    }

    public Point middle() {
        return new Point((minX + maxX) / 2, (minY + maxY) / 2);
    }

    public Box union(Box other) {
        return new Box(
                Math.min(minX, other.minX),
                Math.min(minY, other.minY),
                Math.max(maxX, other.maxX),
                Math.max(maxY, other.maxY));
    }

    public boolean meets(Box other) {
        return minX <= other.maxX && other.minX <= maxX && minY <= other.maxY && other.minY <= maxY;
    }

    /** Does a segment enter it? */
    boolean isCrossed(Point a, Point b) {
        boolean isBeside = Math.max(a.x(), b.x()) <= minX
                || Math.min(a.x(), b.x()) >= maxX
                || Math.max(a.y(), b.y()) <= minY
                || Math.min(a.y(), b.y()) >= maxY;
        return !isBeside && clip(new Coordinate(a.x(), a.y()), new Coordinate(b.x(), b.y())).length > 0;
    }

    /** The part of a segment inside the box (Liang and Barsky, 1984, from memory); empty where there is none. */
    Coordinate[] clip(Coordinate a, Coordinate b) {
        double dx = b.x - a.x;
        double dy = b.y - a.y;
        double[] p = {-dx, dx, -dy, dy};
        double[] q = {a.x - minX, maxX - a.x, a.y - minY, maxY - a.y};
        double enter = 0;
        double leave = 1;
        for (int i = 0; i < p.length; i++) {
            if (p[i] == 0) {
                if (q[i] < 0) {
                    return new Coordinate[0];
                }
            } else if (p[i] < 0) {
                enter = Math.max(enter, q[i] / p[i]);
            } else {
                leave = Math.min(leave, q[i] / p[i]);
            }
        }
        return enter >= leave
                ? new Coordinate[0]
                : new Coordinate[] {
                    new Coordinate(a.x + enter * dx, a.y + enter * dy),
                    new Coordinate(a.x + leave * dx, a.y + leave * dy)
                };
    }
}
