package org.handdown.geometry;

/**
 * Edges of closed paths in level bands over their height, so that the winding number of a spot is told by few of them. Immutable.
 *
 * <p>Frame and unit are those of the edges. A spot on an edge counts to one of its sides, always to the same.
 */
final class BandedEdges {
    private static final int COORDINATES = 4;
    private static final int EDGES_PER_BAND = 5;
    private static final int MOST_BANDS = 64;

    private final int bands;
    private final double lowY;
    private final double highY;
    /** Band after band without gaps, because a look at one reads all of it; an edge that crosses several is in each. */
    private final double[] edges;
    /** Where each band begins in {@link #edges}. */
    private final int[] first;

    /** @param edges x0, y0, x1, y1 of each */
    BandedEdges(double[] edges) {
        this.bands = Math.max(1, Math.min(MOST_BANDS, edges.length / COORDINATES / EDGES_PER_BAND));
        double low = Double.POSITIVE_INFINITY;
        double high = Double.NEGATIVE_INFINITY;
        for (int i = 1; i < edges.length; i += 2) {
            low = Math.min(low, edges[i]);
            high = Math.max(high, edges[i]);
        }
        this.lowY = low;
        this.highY = high;
        this.first = new int[bands + 1];
        for (int e = 0; e < edges.length; e += COORDINATES) {
            for (int b = lowest(edges, e); b <= highest(edges, e); b++) {
                first[b + 1] += COORDINATES;
            }
        }
        for (int b = 0; b < bands; b++) {
            first[b + 1] += first[b];
        }
        this.edges = new double[first[bands]];
        int[] fill = first.clone();
        for (int e = 0; e < edges.length; e += COORDINATES) {
            for (int b = lowest(edges, e); b <= highest(edges, e); b++) {
                System.arraycopy(edges, e, this.edges, fill[b], COORDINATES);
                fill[b] += COORDINATES;
            }
        }
    }

    private int lowest(double[] edges, int e) {
        return band(Math.min(edges[e + 1], edges[e + 3]));
    }

    private int highest(double[] edges, int e) {
        return band(Math.max(edges[e + 1], edges[e + 3]));
    }

    private int band(double y) {
        return Math.max(0, Math.min(bands - 1, (int) ((y - lowY) / Math.max(highY - lowY, 1e-9) * bands)));
    }

    /** How often the paths run round the spot, counter-clockwise above 0. */
    int winding(double x, double y) {
        if (!(y >= lowY && y <= highY)) {
            return 0;
        }
        int band = band(y);
        int winding = 0;
        for (int e = first[band]; e < first[band + 1]; e += COORDINATES) {
            double y0 = edges[e + 1];
            double y1 = edges[e + 3];
            if (y0 <= y != y1 <= y) {
                double side = (edges[e + 2] - edges[e]) * (y - y0) - (x - edges[e]) * (y1 - y0);
                if (y0 <= y && side > 0) {
                    winding++;
                } else if (y1 <= y && side < 0) {
                    winding--;
                }
            }
        }
        return winding;
    }

    /** Is the spot within an odd number of the paths, whichever way round they run? */
    boolean covers(double x, double y) {
        return (winding(x, y) & 1) != 0;
    }
}
