package org.handdown.geometry;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.TreeSet;

/**
 * The largest upright rectangle that lies within a region. Upright slabs are cut at vertices and at even steps; in each slab the
 * heights that are free all through are known exactly, so every rectangle found is a true one; between the cuts on slanting edges
 * the best is approached by finer cuts round the sides found so far. Cost: O(n² · m) for n cuts and m intervals a slab.
 */
public final class LargestRectangle {
    private static final int MOST_VERTEX_CUTS = 40;

    private final FlatRegion region;
    private double bestArea;
    private double[] best = new double[4];

    private LargestRectangle(Region region) {
        this.region = FlatRegion.of(region);
    }

    /**
     * @param steps even cuts over the width, for regions with slanting sides
     * @param refinements rounds of finer cuts
     * @return the rectangle as a box; of zero size where there is none
     */
    public static Box in(Region region, int steps, int refinements) {
        if (region.isEmpty()) {
            return new Box(0, 0, 0, 0);
        }
        LargestRectangle search = new LargestRectangle(region);
        Box all = search.region.box();
        search.look(search.cuts(all.minX(), all.maxX(), steps));
        double reach = all.widthMm() / steps;
        for (int i = 0; i < refinements && search.bestArea > 0; i++) {
            TreeSet<Double> fine = new TreeSet<>();
            search.addAround(fine, search.best[0], reach);
            search.addAround(fine, search.best[1], reach);
            search.look(fine.stream().mapToDouble(Double::doubleValue).toArray());
            reach /= 4;
        }
        double[] b = search.best;
        return new Box(b[0], b[2], b[1], b[3]);
    }

    private void addAround(TreeSet<Double> cuts, double x, double reach) {
        for (int k = -8; k <= 8; k++) {
            cuts.add(Math.max(region.box().minX(), Math.min(region.box().maxX(), x + k * reach / 8)));
        }
    }

    private double[] cuts(double from, double to, int steps) {
        TreeSet<Double> cuts = new TreeSet<>();
        for (int i = 0; i <= steps; i++) {
            cuts.add(from + (to - from) * i / steps);
        }
        int stride = Math.max(1, region.edgeCount() / MOST_VERTEX_CUTS);
        for (int e = 0; e < region.edgeCount(); e += stride) {
            cuts.add(region.x0(e));
        }
        return cuts.stream().mapToDouble(Double::doubleValue).toArray();
    }

    private void look(double[] cuts) {
        List<double[]> slabs = new ArrayList<>();
        for (int i = 0; i + 1 < cuts.length; i++) {
            slabs.add(freeHeights(cuts[i], cuts[i + 1]));
        }
        for (int i = 0; i < slabs.size(); i++) {
            double[] free = slabs.get(i);
            for (int j = i; j < slabs.size() && free.length > 0; j++) {
                free = j == i ? free : common(free, slabs.get(j));
                take(cuts[i], cuts[j + 1], free);
            }
        }
    }

    private void take(double x0, double x1, double[] free) {
        for (int k = 0; k < free.length; k += 2) {
            double area = (x1 - x0) * (free[k + 1] - free[k]);
            if (area > bestArea) {
                bestArea = area;
                best = new double[] {x0, x1, free[k], free[k + 1]};
            }
        }
    }

    /** Intervals of height, as pairs, in which the region reaches right across the slab. */
    private double[] freeHeights(double x0, double x1) {
        List<double[]> blocked = new ArrayList<>();
        for (int e = 0; e < region.edgeCount(); e++) {
            double ax = region.x0(e);
            double bx = region.x1(e);
            if (Math.max(ax, bx) <= x0 || Math.min(ax, bx) >= x1) {
                continue;
            }
            double slope = (region.y1(e) - region.y0(e)) / (bx - ax);
            double ya = region.y0(e) + (Math.max(x0, Math.min(x1, ax)) - ax) * slope;
            double yb = region.y0(e) + (Math.max(x0, Math.min(x1, bx)) - ax) * slope;
            blocked.add(new double[] {Math.min(ya, yb), Math.max(ya, yb)});
        }
        blocked.sort((a, b) -> Double.compare(a[0], b[0]));
        double[] free = new double[2 * blocked.size()];
        int n = 0;
        double top = blocked.isEmpty() ? 0 : blocked.get(0)[1];
        double middle = (x0 + x1) / 2;
        for (double[] next : blocked) {
            if (next[0] > top) {
                if (region.covers(middle, (top + next[0]) / 2)) {
                    free[n++] = top;
                    free[n++] = next[0];
                }
            }
            top = Math.max(top, next[1]);
        }
        return Arrays.copyOf(free, n);
    }

    private static double[] common(double[] a, double[] b) {
        double[] both = new double[a.length + b.length];
        int n = 0;
        int i = 0;
        int j = 0;
        while (i < a.length && j < b.length) {
            double from = Math.max(a[i], b[j]);
            double to = Math.min(a[i + 1], b[j + 1]);
            if (from < to) {
                both[n++] = from;
                both[n++] = to;
            }
            if (a[i + 1] < b[j + 1]) {
                i += 2;
            } else {
                j += 2;
            }
        }
        return Arrays.copyOf(both, n);
    }
}
