package org.handdown.geometry;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;

/**
 * Moves each edge of a counter-clockwise outline outwards by its own amount: how a cut line is drawn outside a stitch line, or cloth
 * won or lost at a join is added to a part. Neighbouring edges are carried on to their crossing (a mitre); where that would run
 * farther than {@link #LONGEST_MITRE} times the larger amount, or the edges run on in one line, the corner is squared. An allowance that
 * is folded back along its edge ends in the mirror image of what it comes to lie on, so a hem on slanted sides is neither short nor
 * sticks out when it is turned up.
 */
public final class OffsetOutline {

    /** Longest corner, as a multiple of the larger of the two amounts. */
    static final double LONGEST_MITRE = 3;

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
                    ? OffsetCorners.foldedBack(before, amountMm.applyAsDouble(before), shifted.get(j), true)
                    : folded.test(after) && !folded.test(before)
                            ? OffsetCorners.foldedBack(after, amountMm.applyAsDouble(after), shifted.get(i), false)
                            : List.of();
            Point met =
                    turned.isEmpty() && n > 1 ? OffsetCorners.trimmed(shifted, i, j, LONGEST_MITRE * largest) : null;
            corners.add(
                    met != null
                            ? List.of(met)
                            : turned.isEmpty()
                                    ? OffsetCorners.corner(shifted.get(i), shifted.get(j), before.end(), largest)
                                    : turned);
        }
        return mended(joined(outline, shifted, corners));
    }

    private static Outline.Flat joined(Outline outline, List<List<Point>> shifted, List<List<Point>> corners) {
        int n = outline.edges().size();
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
                out.add(p.plus(OffsetCorners.outward(ahead).times(amount)));
            } else if (ahead == null && in != null) {
                out.add(p.plus(OffsetCorners.outward(in).times(amount)));
            } else if (in != null && ahead != null) {
                Point a = OffsetCorners.outward(in);
                Point b = OffsetCorners.outward(ahead);
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
                Point met = OffsetCorners.mitre(shifted.get(here), end, shifted.get(next), shifted.get(next + 1));
                kept.add(met == null ? end.between(shifted.get(next), 0.5) : met);
            } else {
                kept.add(end);
            }
        }
        return kept;
    }
}
