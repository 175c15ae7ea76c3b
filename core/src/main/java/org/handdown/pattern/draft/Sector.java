package org.handdown.pattern.draft;

import org.handdown.geometry.Point;

/**
 * A piece of a ring: what a flared panel, a peplum, a cuff or a wedge from a sleeve is. It hangs from its upper arc, its axis on x = 0,
 * the lowest point of its hem at y = 0. Edges: hem, right, upper, left.
 *
 * @param upperRadius of the upper arc
 * @param length between the arcs
 * @param angleRad between its sides, less than a turn
 */
record Sector(double upperRadius, double length, double angleRad) {
    /** Narrower than this a sector is drawn as the straight strip that it nearly is. */
    private static final double LEAST_ANGLE = 1e-3;

    /** From its two arcs: the angle is (wide − narrow)/length (check: 50 to 30 cm over 50 cm is 0.4 rad). */
    static Sector between(double upperMm, double hemMm, double lengthMm) {
        double angle = Math.max(LEAST_ANGLE, (hemMm - upperMm) / lengthMm);
        return new Sector(upperMm / angle, lengthMm, angle);
    }

    double hemRadius() {
        return upperRadius + length;
    }

    double upperMm() {
        return upperRadius * angleRad;
    }

    double hemMm() {
        return hemRadius() * angleRad;
    }

    Paper paper(String id, String name) {
        return paper(id, name, "hem");
    }

    /** @param lower name of the arc that hangs lowest */
    Paper paper(String id, String name, String lower) {
        double half = angleRad / 2;
        double big = hemRadius();
        Point apex = new Point(0, big);
        double sin = StrictMath.sin(half);
        double cos = StrictMath.cos(half);
        return new Paper(id, name, -big * sin, big - big * cos)
                .arc(lower, apex, angleRad)
                .line("right", upperRadius * sin, big - upperRadius * cos)
                .arc("upper", apex, -angleRad)
                .line("left", -big * sin, big - big * cos);
    }
}
