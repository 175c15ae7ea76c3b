package org.handdown.fit.search;

import java.util.Arrays;
import org.handdown.geometry.Box;
import org.handdown.geometry.FlatRegion;

/**
 * What lies round a copy on one panel, for asking very many times how deep it would overlap at a spot. Each other copy is a no-fit polygon;
 * a bit for each in columns and rows of bins over the panel tells which of them can hold a spot at all. Shifts in the panel's frame, mm.
 * One object per thread.
 */
final class Surroundings {
    private static final int BINS = 32;
    private static final int WORD = Long.SIZE;

    private final int words;
    private final long[] columns;
    private final long[] rows;
    private final FlatRegion[] cores;
    private final double[] atX;
    private final double[] atY;
    private final double[] push;
    private int others;

    private double lowX;
    private double lowY;
    private double binsPerMmX;
    private double binsPerMmY;

    Surroundings(int copies) {
        this.words = (copies + WORD - 1) / WORD;
        this.columns = new long[BINS * words];
        this.rows = new long[BINS * words];
        this.cores = new FlatRegion[copies];
        this.atX = new double[copies];
        this.atY = new double[copies];
        this.push = new double[copies];
    }

    /** @param candidates box of all candidates that will be asked for */
    void clear(Box candidates) {
        Arrays.fill(columns, 0);
        Arrays.fill(rows, 0);
        others = 0;
        lowX = candidates.minX();
        lowY = candidates.minY();
        binsPerMmX = BINS / Math.max(candidates.widthMm(), 1e-9);
        binsPerMmY = BINS / Math.max(candidates.heightMm(), 1e-9);
    }

    /**
     * @param core where the copy would overlap the other one, were that at the origin
     * @param weight what a millimetre of depth counts
     */
    void add(FlatRegion core, double x, double y, double weight) {
        Box box = core.box();
        cores[others] = core;
        atX[others] = x;
        atY[others] = y;
        push[others] = weight;
        mark(columns, (box.minX() + x - lowX) * binsPerMmX, (box.maxX() + x - lowX) * binsPerMmX);
        mark(rows, (box.minY() + y - lowY) * binsPerMmY, (box.maxY() + y - lowY) * binsPerMmY);
        others++;
    }

    private void mark(long[] bins, double from, double to) {
        if (to < 0 || from > BINS) {
            return;
        }
        for (int b = bin(from); b <= bin(to); b++) {
            bins[b * words + others / WORD] |= 1L << others;
        }
    }

    private static int bin(double at) {
        return Math.max(0, Math.min(BINS - 1, (int) at));
    }

    /** Weighted overlap at a spot; where it is not below the limit, anything that is not. */
    double overlap(double x, double y, double limit) {
        int column = bin((x - lowX) * binsPerMmX) * words;
        int row = bin((y - lowY) * binsPerMmY) * words;
        double sum = 0;
        for (int w = 0; w < words; w++) {
            for (long near = columns[column + w] & rows[row + w]; near != 0 && sum < limit; near &= near - 1) {
                int o = w * WORD + Long.numberOfTrailingZeros(near);
                sum += push[o] * cores[o].depth(x - atX[o], y - atY[o]);
            }
        }
        return sum;
    }
}
