package org.handdown.fit.room;

import java.util.Arrays;
import org.handdown.geometry.Box;
import org.handdown.geometry.FlatRegion;

/** The edges of rims within a window, each from left to right, and the corners where they end and cross. */
final class RimEdges {
    static final int INDEX_BITS = 22;
    static final double SCORE_STEPS_PER_MM = 1000;
    static final double SCORE_SHIFT_MM = 1e6;

    private final Corners corners;
    private double[] edges = new double[1024];
    private int count;

    RimEdges(Corners corners) {
        this.corners = corners;
    }

    void clear() {
        count = 0;
    }

    int count() {
        return count;
    }

    double x0(int e) {
        return edges[4 * e];
    }

    double y0(int e) {
        return edges[4 * e + 1];
    }

    double x1(int e) {
        return edges[4 * e + 2];
    }

    double y1(int e) {
        return edges[4 * e + 3];
    }

    /** Those that reach into the window; with corners, their ends too. */
    void collect(FlatRegion region, double ox, double oy, boolean withCorners) {
        Box box = corners.window();
        for (int e = 0; e < region.edgeCount(); e++) {
            double x0 = region.x0(e) + ox;
            double y0 = region.y0(e) + oy;
            double x1 = region.x1(e) + ox;
            double y1 = region.y1(e) + oy;
            if (withCorners) {
                corners.add(x0, y0);
            }
            if (Math.max(x0, x1) < box.minX()
                    || Math.min(x0, x1) > box.maxX()
                    || Math.max(y0, y1) < box.minY()
                    || Math.min(y0, y1) > box.maxY()) {
                continue;
            }
            add(x0, y0, x1, y1);
        }
    }

    void add(double x0, double y0, double x1, double y1) {
        if (edges.length < 4 * (count + 1)) {
            edges = Arrays.copyOf(edges, 2 * edges.length);
        }
        boolean forward = x0 <= x1;
        int at = 4 * count++;
        edges[at] = forward ? x0 : x1;
        edges[at + 1] = forward ? y0 : y1;
        edges[at + 2] = forward ? x1 : x0;
        edges[at + 3] = forward ? y1 : y0;
    }

    /** Where any two of them cross. */
    void addCrossings() {
        int[] order = byLeftEnd();
        for (int a = 0; a < count; a++) {
            int i = 4 * order[a];
            for (int b = a + 1; b < count && edges[4 * order[b]] <= edges[i + 2]; b++) {
                addCrossing(i, 4 * order[b]);
            }
        }
    }

    private int[] byLeftEnd() {
        long[] sorted = new long[count];
        for (int e = 0; e < count; e++) {
            sorted[e] = (long) ((edges[4 * e] + SCORE_SHIFT_MM) * SCORE_STEPS_PER_MM) << INDEX_BITS | e;
        }
        Arrays.sort(sorted);
        int[] order = new int[count];
        for (int e = 0; e < count; e++) {
            order[e] = (int) (sorted[e] & (1 << INDEX_BITS) - 1);
        }
        return order;
    }

    private void addCrossing(int i, int j) {
        double ay = edges[i + 1];
        double by = edges[i + 3];
        double cy = edges[j + 1];
        double dy = edges[j + 3];
        if (Math.max(ay, by) < Math.min(cy, dy) || Math.max(cy, dy) < Math.min(ay, by)) {
            return;
        }
        double ux = edges[i + 2] - edges[i];
        double uy = by - ay;
        double vx = edges[j + 2] - edges[j];
        double vy = dy - cy;
        double cross = ux * vy - uy * vx;
        if (Math.abs(cross) < 1e-12) {
            return;
        }
        double wx = edges[j] - edges[i];
        double wy = cy - ay;
        double s = (wx * vy - wy * vx) / cross;
        double t = (wx * uy - wy * ux) / cross;
        if (s >= 0 && s <= 1 && t >= 0 && t <= 1) {
            corners.add(edges[i] + s * ux, ay + s * uy);
        }
    }

    /** Where these of them cross any others. */
    void addCrossingsOf(int from, int n) {
        for (int a = from; a < from + n; a++) {
            int i = 4 * a;
            for (int b = 0; b < count; b++) {
                boolean counted = b >= from && b <= a && b < from + n;
                if (!counted && edges[4 * b] <= edges[i + 2] && edges[4 * b + 2] >= edges[i]) {
                    addCrossing(i, 4 * b);
                }
            }
        }
    }
}
