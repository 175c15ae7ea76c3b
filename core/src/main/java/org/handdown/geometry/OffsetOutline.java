package org.handdown.geometry;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import org.jspecify.annotations.Nullable;

/**
 * Moves each edge of a counter-clockwise outline outwards by its own amount: how a cut line is drawn outside a stitch line, or cloth
 * won or lost at a join is added to a part. Neighbouring edges are carried on to their crossing (a mitre); where that would run
 * farther than {@link #LONGEST_MITRE} times the larger amount, or the edges run on in one line, the corner is squared. An allowance that
 * is folded back along its edge ends in the mirror image of what it comes to lie on, so a hem on slanted sides is neither short nor
 * sticks out when it is turned up.
 */
public final class OffsetOutline {
    /** Longest corner, as a multiple of the larger of the two amounts. */
    private static final double LONGEST_MITRE = 3;

    /** Share of the area that must be left when loops are taken out. */
    private static final double LEAST_LEFT = 0.9;

    private OffsetOutline() {}

    /**
     * @param amountMm outward shift of an edge in mm; negative moves it inwards
     * @return flattened result, with the run of every edge
     */
    public static Outline.Flat of(Outline outline, ToDoubleFunction<Edge> amountMm) {
        return of(outline, amountMm, e -> false);
    }

    /** @param folded whether an edge's allowance is folded back along it */
    public static Outline.Flat of(Outline outline, ToDoubleFunction<Edge> amountMm, Predicate<Edge> folded) {
        int n = outline.edges().size();
        List<List<Point>> shifted = new ArrayList<>();
        for (Edge edge : outline.edges()) {
            shifted.add(shifted(edge.flattened(Outline.FLATTENING_MM), amountMm.applyAsDouble(edge)));
        }
        List<List<Point>> corners = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            int j = (i + 1) % n;
            double largest = Math.max(
                    Math.abs(amountMm.applyAsDouble(outline.edges().get(i))),
                    Math.abs(amountMm.applyAsDouble(outline.edges().get(j))));
            Edge before = outline.edges().get(i);
            Edge after = outline.edges().get(j);
            List<Point> turned = folded.test(before) && !folded.test(after)
                    ? foldedBack(before, amountMm.applyAsDouble(before), shifted.get(j), true)
                    : folded.test(after) && !folded.test(before)
                            ? foldedBack(after, amountMm.applyAsDouble(after), shifted.get(i), false)
                            : List.of();
            Point met = turned.isEmpty() && n > 1 ? trimmed(shifted, i, j, LONGEST_MITRE * largest) : null;
            corners.add(
                    met != null
                            ? List.of(met)
                            : turned.isEmpty()
                                    ? corner(shifted.get(i), shifted.get(j), before.end(), largest)
                                    : turned);
        }
        List<Point> points = new ArrayList<>();
        Map<String, Outline.Run> runs = new LinkedHashMap<>();
        for (int i = 0; i < n; i++) {
            List<Point> before = corners.get(Math.floorMod(i - 1, n));
            List<Point> after = corners.get(i);
            List<Point> line = shifted.get(i);
            int from = points.size();
            points.add(before.get(before.size() - 1));
            points.addAll(line.subList(1, line.size() - 1));
            points.add(after.get(0));
            runs.put(outline.edges().get(i).name(), new Outline.Run(from, points.size() - 1));
            if (after.size() == 1) {
                // The next edge begins at this very point.
                points.remove(points.size() - 1);
                runs.put(outline.edges().get(i).name(), new Outline.Run(from, points.size()));
            }
        }
        int size = points.size();
        runs.replaceAll((name, run) -> new Outline.Run(run.from(), run.to() % size));
        return mended(new Outline.Flat(new Ring(points), runs));
    }

    /**
     * Curves tighter than the amount can still leave a small loop: it is taken out, and the runs end at what is nearest to their ends.
     */
    private static Outline.Flat mended(Outline.Flat flat) {
        if (flat.ring().isSimple()) {
            return flat;
        }
        Ring sound = Region.mended(flat.ring()).parts().stream()
                .max(Comparator.comparingDouble(Region::areaMm2))
                .map(r -> r.outerRings().get(0).counterClockwise())
                .orElse(flat.ring());
        // A loop as large as the panel is no slip of a curve: it stays, and is refused where it is looked at.
        if (!sound.isSimple() || sound.areaMm2() < LEAST_LEFT * flat.ring().areaMm2()) {
            return flat;
        }
        Map<String, Outline.Run> runs = new LinkedHashMap<>();
        flat.runs()
                .forEach((name, run) -> runs.put(
                        name,
                        new Outline.Run(
                                nearest(sound, flat.ring().at(run.from())),
                                nearest(sound, flat.ring().at(run.to())))));
        return new Outline.Flat(sound, runs);
    }

    private static int nearest(Ring ring, Point to) {
        int nearest = 0;
        for (int i = 1; i < ring.size(); i++) {
            if (ring.at(i).distanceMm(to) < ring.at(nearest).distanceMm(to)) {
                nearest = i;
            }
        }
        return nearest;
    }

    private static List<Point> shifted(List<Point> line, double amount) {
        List<Point> out = new ArrayList<>();
        for (int i = 0; i < line.size(); i++) {
            Point in = i == 0 ? null : line.get(i).minus(line.get(i - 1));
            Point ahead = i == line.size() - 1 ? null : line.get(i + 1).minus(line.get(i));
            Point p = line.get(i);
            if (in == null && ahead != null) {
                out.add(p.plus(outward(ahead).times(amount)));
            } else if (ahead == null && in != null) {
                out.add(p.plus(outward(in).times(amount)));
            } else if (in != null && ahead != null) {
                Point a = outward(in);
                Point b = outward(ahead);
                Point sum = a.plus(b);
                out.add(p.plus(sum.times(amount / Math.max(1 + a.dot(b), 0.2))));
            }
        }
        return withoutTurnedBack(line, out);
    }

    /**
     * Where a hollow curve is tighter than the amount, stretches of the shifted line run backwards, as a swallow's tail. They are left
     * out, and their neighbours carried on to where they meet.
     */
    private static List<Point> withoutTurnedBack(List<Point> line, List<Point> shifted) {
        List<Integer> forward = new ArrayList<>();
        for (int i = 0; i + 1 < line.size(); i++) {
            if (shifted.get(i + 1).minus(shifted.get(i)).dot(line.get(i + 1).minus(line.get(i))) > 0) {
                forward.add(i);
            }
        }
        if (forward.size() == line.size() - 1 || forward.isEmpty()) {
            return shifted;
        }
        List<Point> kept = new ArrayList<>(List.of(shifted.get(forward.get(0))));
        for (int k = 0; k < forward.size(); k++) {
            int here = forward.get(k);
            Point end = shifted.get(here + 1);
            if (k + 1 < forward.size() && forward.get(k + 1) > here + 1) {
                int next = forward.get(k + 1);
                Point met = mitre(shifted.get(here), end, shifted.get(next), shifted.get(next + 1));
                kept.add(met == null ? end.between(shifted.get(next), 0.5) : met);
            } else {
                kept.add(end);
            }
        }
        return kept;
    }

    /** Where two lines meet, carried on; null where they run alike or meet far off. */
    private static @Nullable Point mitre(Point a, Point b, Point c, Point d) {
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
    private static Point outward(Point way) {
        double length = Math.max(way.lengthMm(), 1e-12);
        return new Point(way.y() / length, -way.x() / length);
    }

    /**
     * The corner between a folded allowance and its neighbour: where the neighbour's line meets the fold, and the mirror image across the
     * fold of the place on the neighbour's line that the allowance's edge will come to lie on. Empty where there is no such place.
     *
     * @param atEnd whether the neighbour follows the folded edge
     */
    private static List<Point> foldedBack(Edge fold, double amount, List<Point> neighbour, boolean atEnd) {
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
    private static @Nullable Point trimmed(List<List<Point>> shifted, int i, int j, double reachMm) {
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

    private static List<Point> ended(List<Point> line, Point end) {
        List<Point> all = new ArrayList<>(line);
        all.add(end);
        return all;
    }

    /** Does the mitre lie before the corner on both, or on the very last stretch of each? Then it is the corner. */
    private static boolean isMetByLastStretches(List<Point> before, List<Point> after) {
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
    private static @Nullable Point crossing(Point a, Point b, double beyondMm, Point c, Point d, double beforeMm) {
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

    private static List<Point> corner(List<Point> before, List<Point> after, Point old, double largest) {
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
            if (crossing.distanceMm(old) <= LONGEST_MITRE * largest) {
                return List.of(crossing);
            }
        }
        return List.of(p, q);
    }
}
