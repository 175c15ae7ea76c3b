package org.handdown.fit.room;

import java.util.Arrays;
import org.handdown.geometry.Box;

/** Corners found within a window, in arrays that are used again. */
final class Corners {
    private double[] xs = new double[1024];
    private double[] ys = new double[1024];
    private int count;
    private Box window = new Box(0, 0, 0, 0);

    void begin(Box within) {
        window = within;
        count = 0;
    }

    void forget() {
        count = 0;
    }

    int count() {
        return count;
    }

    double x(int i) {
        return xs[i];
    }

    double y(int i) {
        return ys[i];
    }

    Box window() {
        return window;
    }

    /** Leaves out what lies beyond; the rest is rounded as a lay is written. */
    void keepUpTo(double mostX) {
        int kept = 0;
        for (int i = 0; i < count; i++) {
            if (xs[i] <= mostX + 1e-6) {
                xs[kept] = Math.rint(xs[i] * 1e4) / 1e4;
                ys[kept++] = Math.rint(ys[i] * 1e4) / 1e4;
            }
        }
        count = kept;
    }

    void add(double x, double y) {
        if (x < window.minX() - 1e-6
                || x > window.maxX() + 1e-6
                || y < window.minY() - 1e-6
                || y > window.maxY() + 1e-6) {
            return;
        }
        if (count == xs.length) {
            if (count >= 1 << RimEdges.INDEX_BITS) {
                return;
            }
            xs = Arrays.copyOf(xs, 2 * count);
            ys = Arrays.copyOf(ys, 2 * count);
        }
        xs[count] = x;
        ys[count++] = y;
    }
}
