package org.handdown.geometry;

import java.util.concurrent.atomic.AtomicReferenceArray;
import org.jspecify.annotations.Nullable;

/**
 * How deep inside closed paths a spot lies, read off a grid of signed distances over their box. Whether it lies inside is exact; how
 * deep is off by a fraction of a cell, because it only guides a search. Frame and millimetres of the edges.
 *
 * <p>The grid is measured tile by tile when a spot in it is first asked for: most paths are looked at in few places. Two threads may
 * measure a tile twice, alike.
 */
final class DepthField {
    /** Cells over the whole box, about; they are nearly square. */
    private static final int CELLS = 1600;

    private static final int MOST_ALONG = 160;
    /** Cells of a tile along each side, and its corners. */
    private static final int TILE = 4;

    private static final int CORNERS = TILE + 1;
    /** A tile without a spot inside. */
    private static final float[] OUTSIDE = new float[0];

    private static final int EDGE = 6;
    private static final double SHALLOWEST_MM = 1e-6;

    /** Of each edge its beginning, the way to its end, and that way over the square of its length. */
    private final double[] edges;

    private final BandedEdges banded;
    private final double lowX;
    private final double lowY;
    private final int wide;
    private final int high;
    private final double perMmX;
    private final double perMmY;
    /** No spot is farther from the nearest corner of its cell. */
    private final double reachMm;

    private final int tilesAlong;
    /** Distances to the nearest edge at the corners of the cells, row after row in each tile; below 0 outside. */
    private final AtomicReferenceArray<float @Nullable []> tiles;

    /** @param edges x0, y0, x1, y1 of each */
    DepthField(double[] edges, BandedEdges banded, Box box) {
        double boxWide = Math.max(box.widthMm(), 1e-9);
        double boxHigh = Math.max(box.heightMm(), 1e-9);
        double side = Math.sqrt(boxWide * boxHigh / CELLS);
        this.edges = prepared(edges);
        this.banded = banded;
        this.lowX = box.minX();
        this.lowY = box.minY();
        this.wide = (int) Math.max(1, Math.min(MOST_ALONG, Math.ceil(boxWide / side)));
        this.high = (int) Math.max(1, Math.min(MOST_ALONG, Math.ceil(boxHigh / side)));
        this.perMmX = wide / boxWide;
        this.perMmY = high / boxHigh;
        this.reachMm = 0.5005 * Math.hypot(1 / perMmX, 1 / perMmY);
        this.tilesAlong = (wide + TILE - 1) / TILE;
        this.tiles = new AtomicReferenceArray<>(tilesAlong * ((high + TILE - 1) / TILE));
    }

    private static double[] prepared(double[] ends) {
        double[] edges = new double[ends.length / 4 * EDGE];
        for (int e = 0; e < ends.length / 4; e++) {
            double ux = ends[4 * e + 2] - ends[4 * e];
            double uy = ends[4 * e + 3] - ends[4 * e + 1];
            double square = ux * ux + uy * uy;
            edges[EDGE * e] = ends[4 * e];
            edges[EDGE * e + 1] = ends[4 * e + 1];
            edges[EDGE * e + 2] = ux;
            edges[EDGE * e + 3] = uy;
            edges[EDGE * e + 4] = square == 0 ? 0 : ux / square;
            edges[EDGE * e + 5] = square == 0 ? 0 : uy / square;
        }
        return edges;
    }

    /** Distance to the nearest edge of a spot that lies inside, 0 outside; the spot lies in the box. */
    double depth(double x, double y) {
        double u = (x - lowX) * perMmX;
        double v = (y - lowY) * perMmY;
        int i = Math.max(0, Math.min(wide - 1, (int) u));
        int j = Math.max(0, Math.min(high - 1, (int) v));
        int number = j / TILE * tilesAlong + i / TILE;
        float[] tile = tiles.get(number);
        if (tile == null) {
            tile = measured(i / TILE, j / TILE);
            tiles.set(number, tile);
        }
        if (tile == OUTSIDE) {
            return 0;
        }
        double s = u - i;
        double t = v - j;
        int k = j % TILE * CORNERS + i % TILE;
        // The nearest corner of the cell tells most spots from afar: a distance changes by no more than one goes.
        float near = tile[k + (s > 0.5 ? 1 : 0) + (t > 0.5 ? CORNERS : 0)];
        if (near < -reachMm || near <= reachMm && !banded.covers(x, y)) {
            return 0;
        }
        double low = tile[k] + s * (tile[k + 1] - tile[k]);
        double up = tile[k + CORNERS] + s * (tile[k + CORNERS + 1] - tile[k + CORNERS]);
        return Math.max(SHALLOWEST_MM, low + t * (up - low));
    }

    /** From those edges alone that are near enough to the middle of the tile to be the nearest to a spot in it. */
    private float[] measured(int column, int row) {
        double left = lowX + column * TILE / perMmX;
        double bottom = lowY + row * TILE / perMmY;
        double middleX = left + TILE / 2.0 / perMmX;
        double middleY = bottom + TILE / 2.0 / perMmY;
        int count = edges.length / EDGE;
        double[] far = new double[count];
        double least = Double.POSITIVE_INFINITY;
        for (int e = 0; e < count; e++) {
            far[e] = squareTo(edges, EDGE * e, middleX, middleY);
            least = Math.min(least, far[e]);
        }
        double across = 2 * TILE * reachMm;
        if (least > across * across / 4 && !banded.covers(middleX, middleY)) {
            return OUTSIDE;
        }
        double most = Math.pow(Math.sqrt(least) + across, 2);
        double[] near = new double[edges.length];
        int n = 0;
        for (int e = 0; e < count; e++) {
            if (far[e] <= most) {
                System.arraycopy(edges, EDGE * e, near, n, EDGE);
                n += EDGE;
            }
        }
        float[] tile = new float[CORNERS * CORNERS];
        for (int k = 0; k < tile.length; k++) {
            double x = left + k % CORNERS / perMmX;
            double y = bottom + k / CORNERS / perMmY;
            double square = Double.POSITIVE_INFINITY;
            for (int i = 0; i < n; i += EDGE) {
                square = Math.min(square, squareTo(near, i, x, y));
            }
            tile[k] = (float) (banded.covers(x, y) ? Math.sqrt(square) : -Math.sqrt(square));
        }
        return tile;
    }

    /** Square of the distance of a spot from the edge at {@code i}. */
    private static double squareTo(double[] edges, int i, double x, double y) {
        double px = x - edges[i];
        double py = y - edges[i + 1];
        double t = px * edges[i + 4] + py * edges[i + 5];
        t = t < 0 ? 0 : Math.min(t, 1);
        double dx = px - t * edges[i + 2];
        double dy = py - t * edges[i + 3];
        return dx * dx + dy * dy;
    }
}
