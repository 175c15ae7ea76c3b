package org.handdown.geometry;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;

/** Joins parts of an outline, each with the wanted area on its left, into rings, and the rings into a region. */
final class RingJoiner {
    /** Corners this near to the straight line between their neighbours are none. */
    private static final double STRAIGHT_MM = 6e-6;

    private final double[] spotX;
    private final double[] spotY;
    private final int spots;
    private final double stepsPerMm;

    /** @param spotX of each spot, in whole steps; the first {@code spots} count */
    RingJoiner(double[] spotX, double[] spotY, int spots, double stepsPerMm) {
        this.spotX = spotX;
        this.spotY = spotY;
        this.spots = spots;
        this.stepsPerMm = stepsPerMm;
    }

    /**
     * Empty if the parts do not join up.
     *
     * @param from numbers of the spots where parts begin that have the wanted area on their left
     * @param to where they end
     * @param n how many parts there are
     */
    Optional<Region> joined(int[] from, int[] to, int n) {
        int[] first = new int[spots + 1];
        int[] in = new int[spots];
        for (int k = 0; k < n; k++) {
            first[from[k] + 1]++;
            in[to[k]]++;
        }
        for (int s = 0; s < spots; s++) {
            if (first[s + 1] != in[s]) {
                return Optional.empty();
            }
            first[s + 1] += first[s];
        }
        int[] fill = first.clone();
        int[] next = new int[n];
        for (int k = 0; k < n; k++) {
            next[fill[from[k]]++] = to[k];
        }
        return Optional.of(region(new Walk(first, next).rings()));
    }

    /** Walks all parts, each once. */
    private final class Walk {
        /** Of each spot, where the parts that leave it begin in {@link #next}. */
        private final int[] first;

        private final int[] next;
        private final boolean[] used;
        private final int[] way;
        private final int[] placeOnWay = new int[spots];
        private final List<double[]> rings = new ArrayList<>();

        Walk(int[] first, int[] next) {
            this.first = first;
            this.next = next;
            this.used = new boolean[next.length];
            this.way = new int[next.length + 1];
            Arrays.fill(placeOnWay, -1);
        }

        List<double[]> rings() {
            for (int k = 0; k < next.length; k++) {
                if (!used[k]) {
                    from(k);
                }
            }
            return rings;
        }

        /** From a part on along the wanted area, always to the sharpest left; each time the way comes back on itself a ring is done. */
        private void from(int start) {
            int steps = 0;
            int at = 0;
            while (first[at + 1] <= start) {
                at++;
            }
            placeOnWay[at] = 0;
            way[steps++] = at;
            int take = start;
            while (take >= 0) {
                used[take] = true;
                int before = at;
                at = next[take];
                if (placeOnWay[at] >= 0) {
                    int back = placeOnWay[at];
                    rings.add(ring(way, back, steps));
                    for (int k = back + 1; k < steps; k++) {
                        placeOnWay[way[k]] = -1;
                    }
                    steps = back + 1;
                } else {
                    placeOnWay[at] = steps;
                    way[steps++] = at;
                }
                take = sharpestLeft(before, at);
            }
            for (int k = 0; k < steps; k++) {
                placeOnWay[way[k]] = -1;
            }
        }

        private int sharpestLeft(int before, int at) {
            int best = -1;
            double most = Double.NEGATIVE_INFINITY;
            double ux = spotX[at] - spotX[before];
            double uy = spotY[at] - spotY[before];
            for (int k = first[at]; k < first[at + 1]; k++) {
                if (used[k]) {
                    continue;
                }
                double vx = spotX[next[k]] - spotX[at];
                double vy = spotY[next[k]] - spotY[at];
                double turn = StrictMath.atan2(ux * vy - uy * vx, ux * vx + uy * vy);
                if (turn > most) {
                    most = turn;
                    best = k;
                }
            }
            return best;
        }
    }

    /** Corners of a ring, x and y in turn, without those on a straight line. */
    private double[] ring(int[] way, int start, int end) {
        double[] ring = new double[2 * (end - start)];
        int n = 0;
        for (int k = start; k < end; k++) {
            int before = n > 0 ? 0 : way[end - 1];
            double ax = n > 0 ? ring[2 * n - 2] : spotX[before];
            double ay = n > 0 ? ring[2 * n - 1] : spotY[before];
            double x = spotX[way[k]];
            double y = spotY[way[k]];
            int after = way[k + 1 < end ? k + 1 : start];
            double bx = spotX[after];
            double by = spotY[after];
            double off = Math.abs((bx - ax) * (y - ay) - (by - ay) * (x - ax));
            boolean ahead = (x - ax) * (bx - x) + (y - ay) * (by - y) > 0;
            if (!ahead || off > STRAIGHT_MM * stepsPerMm * Math.hypot(bx - ax, by - ay)) {
                ring[2 * n] = x;
                ring[2 * n++ + 1] = y;
            }
        }
        return Arrays.copyOf(ring, 2 * n);
    }

    private Region region(List<double[]> rings) {
        List<Polygon> outer = new ArrayList<>();
        List<LinearRing> holes = new ArrayList<>();
        for (double[] ring : rings) {
            if (ring.length < 6) {
                continue;
            }
            if (area(ring) > 0) {
                outer.add(Region.FACTORY.createPolygon(linear(ring)));
            } else {
                holes.add(linear(ring));
            }
        }
        Polygon[] parts = outer.toArray(new Polygon[0]);
        Arrays.sort(parts, Comparator.comparingDouble(Polygon::getArea));
        for (int p = 0; p < parts.length && !holes.isEmpty(); p++) {
            Polygon part = parts[p];
            List<LinearRing> within = new ArrayList<>(holes);
            within.removeIf(h -> !part.getEnvelopeInternal().covers(h.getEnvelopeInternal())
                    || !part.covers(Region.FACTORY.createPolygon(h)));
            holes.removeAll(within);
            parts[p] = Region.FACTORY.createPolygon(part.getExteriorRing(), within.toArray(new LinearRing[0]));
        }
        Geometry all = parts.length == 1 ? parts[0] : Region.FACTORY.createMultiPolygon(parts);
        return new Region(all);
    }

    private static double area(double[] ring) {
        double sum = 0;
        int n = ring.length;
        for (int i = 0; i < n; i += 2) {
            double x = ring[i] - ring[0];
            double nextX = ring[(i + 2) % n] - ring[0];
            sum += x * (ring[(i + 3) % n] - ring[1]) - nextX * (ring[i + 1] - ring[1]);
        }
        return sum / 2;
    }

    private LinearRing linear(double[] ring) {
        Coordinate[] c = new Coordinate[ring.length / 2 + 1];
        for (int i = 0; i < c.length; i++) {
            int k = 2 * i % ring.length;
            c[i] = new Coordinate(ring[k] / stepsPerMm, ring[k + 1] / stepsPerMm);
        }
        return Region.FACTORY.createLinearRing(c);
    }
}
