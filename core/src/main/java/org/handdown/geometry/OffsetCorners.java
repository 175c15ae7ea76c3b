package org.handdown.geometry;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Where two offset edges meet: mitred, folded back or trimmed. */
final class OffsetCorners {
    private OffsetCorners() {}

    /** Where two lines meet, carried on; null where they run alike or meet far off. */
    static @Nullable Point mitre(Point a, Point b, Point c, Point d) {
        Point u = b.minus(a);
        Point v = d.minus(c);
        double cross = u.cross(v);
        if (Math.abs(cross) <= 1e-6 * u.lengthMm() * v.lengthMm()) {
            return null;
        }
        Point met = a.plus(u.times(c.minus(a).cross(v) / cross));
        return met.distanceMm(b) <= 2 * b.distanceMm(c) + 1 ? met : null;
    }

    /** Right-hand normal: outwards of a counter-clockwise outline. */
    static Point outward(Point way) {
        double length = Math.max(way.lengthMm(), 1e-12);
        return new Point(way.y() / length, -way.x() / length);
    }

    /**
     * The corner between a folded allowance and its neighbour: where the neighbour's line meets the fold, and the mirror image across the
     * fold of the place on the neighbour's line that the allowance's edge will come to lie on. Empty where there is no such place.
     *
     * @param atEnd whether the neighbour follows the folded edge
     */
    static List<Point> foldedBack(Edge fold, double amount, List<Point> neighbour, boolean atEnd) {
        if (amount <= 0) {
            return List.of();
        }
        List<Point> along = new ArrayList<>(neighbour);
        if (!atEnd) {
            java.util.Collections.reverse(along);
        }
        List<Point> line = fold.flattened(Outline.FLATTENING_MM);
        Point a = atEnd ? line.get(line.size() - 2) : line.get(1);
        Point b = atEnd ? line.get(line.size() - 1) : line.get(0);
        Point u = b.minus(a).times(1 / Math.max(b.distanceMm(a), 1e-12));
        // The left of the fold is the inside of a counter-clockwise outline; seen from its start it is the right.
        Point in = atEnd ? u.left() : u.right();
        Point meets = null;
        for (int i = 0; i + 1 < along.size(); i++) {
            double h0 = along.get(i).minus(b).dot(in);
            double h1 = along.get(i + 1).minus(b).dot(in);
            if (h1 <= h0) {
                return List.of();
            }
            if (meets == null) {
                // The first stretch is carried on to the fold, whichever side of it the line begins.
                meets = along.get(i).between(along.get(i + 1), -h0 / (h1 - h0));
            }
            if (h1 >= amount) {
                Point on = along.get(i).between(along.get(i + 1), (amount - h0) / (h1 - h0));
                double height = on.minus(b).dot(in);
                Point mirrored = on.minus(in.times(2 * height));
                return atEnd ? List.of(mirrored, meets) : List.of(meets, mirrored);
            }
        }
        return List.of();
    }

    /**
     * In a hollow corner the shifted lines run into each other, and where one moves in and the other out they meet far along the one;
     * along curves that is not on their last stretches. Both are then cut off where they meet, or the outline would cross itself.
     *
     * @param reachMm how far the stretches at the corner may be carried on
     * @return where they meet; null where the corner is none of that kind
     */
    static @Nullable Point trimmed(List<List<Point>> shifted, int i, int j, double reachMm) {
        List<Point> before = shifted.get(i);
        List<Point> after = shifted.get(j);
        Point p = before.get(before.size() - 1);
        Point q = after.get(0);
        if (p.distanceMm(q) < 1e-9 || isMetByLastStretches(before, after)) {
            return null;
        }
        // The first crossing seen from the corner, back along the one and on along the other.
        for (int reach = 2; reach < before.size() + after.size(); reach++) {
            for (int back = 1; back < reach; back++) {
                int a = before.size() - 1 - back;
                int b = reach - back - 1;
                if (a >= 0 && b + 1 < after.size()) {
                    // The stretches at the corner itself may be carried on to meet the other line.
                    Point met = crossing(
                            before.get(a),
                            before.get(a + 1),
                            back == 1 ? reachMm : 0,
                            after.get(b),
                            after.get(b + 1),
                            b == 0 ? reachMm : 0);
                    if (met != null) {
                        shifted.set(i, ended(before.subList(0, a + 1), met));
                        List<Point> rest = new ArrayList<>(List.of(met));
                        rest.addAll(after.subList(b + 1, after.size()));
                        shifted.set(j, rest);
                        return met;
                    }
                }
            }
        }
        return null;
    }

    static List<Point> ended(List<Point> line, Point end) {
        List<Point> all = new ArrayList<>(line);
        all.add(end);
        return all;
    }

    /** Does the mitre lie before the corner on both, or on the very last stretch of each? Then it is the corner. */
    static boolean isMetByLastStretches(List<Point> before, List<Point> after) {
        Point p = before.get(before.size() - 1);
        Point q = after.get(0);
        Point u = p.minus(before.get(before.size() - 2));
        Point v = after.get(1).minus(q);
        double cross = u.cross(v);
        if (Math.abs(cross) <= 1e-6 * u.lengthMm() * v.lengthMm()) {
            return false;
        }
        double back = q.minus(p).cross(v) / cross;
        double on = q.minus(p).cross(u) / cross;
        return back >= -1 && on <= 1;
    }

    /** @param beyondMm how far the first may be carried on at its end, @param beforeMm the second at its beginning */
    static @Nullable Point crossing(Point a, Point b, double beyondMm, Point c, Point d, double beforeMm) {
        Point u = b.minus(a);
        Point v = d.minus(c);
        double cross = u.cross(v);
        if (Math.abs(cross) < 1e-12) {
            return null;
        }
        double s = c.minus(a).cross(v) / cross;
        double t = c.minus(a).cross(u) / cross;
        return s >= 0 && s <= 1 + beyondMm / u.lengthMm() && t >= -beforeMm / v.lengthMm() && t <= 1
                ? a.plus(u.times(s))
                : null;
    }

    static List<Point> corner(List<Point> before, List<Point> after, Point old, double largest) {
        Point p = before.get(before.size() - 1);
        Point q = after.get(0);
        if (p.distanceMm(q) < 1e-9) {
            return List.of(p);
        }
        Point u = p.minus(before.get(before.size() - 2));
        Point v = after.get(1).minus(q);
        double cross = u.cross(v);
        if (Math.abs(cross) > 1e-6 * u.lengthMm() * v.lengthMm()) {
            Point crossing = p.plus(u.times(q.minus(p).cross(v) / cross));
            if (crossing.distanceMm(old) <= OffsetOutline.LONGEST_MITRE * largest) {
                return List.of(crossing);
            }
        }
        return List.of(p, q);
    }
}
