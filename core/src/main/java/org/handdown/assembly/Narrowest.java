package org.handdown.assembly;

import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.IntPredicate;

/**
 * The smallest ring that something passes behind a rim before the garment widens out to its other rims: the waist under the bib, a band that
 * is caught in a wider edge. It is the least cut along seams and rims that parts the rim from all others (maximum flow, minimum cut: Ford and
 * Fulkerson 1956), a seam counting as long as the shorter of its sides.
 */
final class Narrowest {
    private static final double ENDLESS = 1e12;
    private static final double LEAST_MM = 1e-9;

    private final Gluing gluing;
    private final IntPredicate sewn;
    private final Loops loops;
    private final List<Integer> rim;
    private final int components;
    /** Capacity by node and node: components, then the rim, then all other rims. */
    private final double[][] left;

    /** @param components of the whole assembly */
    Narrowest(Gluing gluing, IntPredicate sewn, Loops loops, List<Integer> rim, int components) {
        this.gluing = gluing;
        this.sewn = sewn;
        this.loops = loops;
        this.rim = rim;
        this.components = components;
        this.left = new double[components + 2][components + 2];
        int[] partner = gluing.partners(sewn, false);
        Set<Integer> own = new HashSet<>(rim);
        for (int a = 0; a < gluing.size(); a++) {
            int here = gluing.arc(a).component();
            if (partner[a] > a) {
                add(here, gluing.arc(partner[a]).component(), Math.min(gluing.sewnMm(a), gluing.sewnMm(partner[a])));
            } else if (partner[a] < 0) {
                // Whatever reaches another rim is past the narrow place.
                add(here, own.contains(a) ? components : components + 1, own.contains(a) ? gluing.sewnMm(a) : ENDLESS);
            }
        }
    }

    private void add(int one, int other, double mm) {
        if (one != other) {
            left[one][other] += mm;
            left[other][one] += mm;
        }
    }

    /** Its length, mm, and the components before it; the rim itself, with none before it, where nothing is narrower. */
    record Cut(double mm, BitSet before) {}

    Cut found(double rimMm) {
        int[] from = flooded();
        double flow = 0;
        while (from[components + 1] >= 0) {
            double least = ENDLESS;
            for (int at = components + 1; at != components; at = from[at]) {
                least = Math.min(least, left[from[at]][at]);
            }
            for (int at = components + 1; at != components; at = from[at]) {
                left[from[at]][at] -= least;
                left[at][from[at]] += least;
            }
            flow += least;
            from = flooded();
        }
        BitSet before = new BitSet();
        for (int c = 0; c < components; c++) {
            before.set(c, from[c] >= 0);
        }
        return flow < rimMm - LEAST_MM && isOneRing(before) ? new Cut(flow, before) : new Cut(rimMm, new BitSet());
    }

    /** From where each node is reached, −1 where it is not. */
    private int[] flooded() {
        int[] from = new int[components + 2];
        Arrays.fill(from, -1);
        from[components] = components;
        Deque<Integer> open = new ArrayDeque<>(List.of(components));
        while (!open.isEmpty()) {
            int at = open.remove();
            for (int to = 0; to < components + 2; to++) {
                if (from[to] < 0 && left[at][to] > LEAST_MM) {
                    from[to] = at;
                    open.add(to);
                }
            }
        }
        return from;
    }

    /** What lies behind the cut hangs together and has one rim in place of the one before. */
    private boolean isOneRing(BitSet before) {
        int surface = loops.surfaceOf(rim.get(0));
        Groups behind = new Groups(gluing.size());
        int[] partner = gluing.partners(sewn, false);
        Set<Integer> there = new HashSet<>();
        for (int a = 0; a < gluing.size(); a++) {
            boolean isBehind =
                    loops.surfaceOf(a) == surface && !before.get(gluing.arc(a).component());
            if (isBehind) {
                there.add(a);
            }
        }
        int rims = 0;
        Set<Integer> walked = new HashSet<>();
        for (int a : there) {
            behind.join(a, gluing.next(a));
            if (isInside(partner[a], there)) {
                behind.join(a, partner[a]);
            } else if (!walked.contains(a)) {
                rims++;
                for (int at = a; walked.add(at); ) {
                    at = gluing.next(at);
                    while (isInside(partner[at], there)) {
                        at = gluing.next(partner[at]);
                    }
                }
            }
        }
        long pieces = there.stream().map(behind::of).distinct().count();
        return pieces == 1 && rims == loops.rimsOf(surface).size();
    }

    private static boolean isInside(int partner, Set<Integer> there) {
        return partner >= 0 && there.contains(partner);
    }
}
