package org.handdown.geometry;

import java.util.ArrayList;
import java.util.List;

/**
 * A region in flat arrays, for asking very many times whether a point lies inside. Edges of all rings, holes included; a point is
 * inside by the even-odd rule. Edges are found through level bands over the height. Immutable after construction.
 */
public final class FlatRegion {
    private static final int BANDS = 24;
    private static final int COORDINATES = 4;

    private final double[] edges;
    private final Box box;
    private final int[][] bands;

    private FlatRegion(double[] edges, Box box) {
        this.edges = edges;
        this.box = box;
        this.bands = bands(edges, box);
    }

    public static FlatRegion of(Region region) {
        List<Ring> rings = new ArrayList<>(region.outerRings());
        rings.addAll(region.holes());
        int count = rings.stream().mapToInt(Ring::size).sum();
        double[] edges = new double[COORDINATES * count];
        int k = 0;
        for (Ring ring : rings) {
            for (int i = 0; i < ring.size(); i++) {
                edges[k++] = ring.at(i).x();
                edges[k++] = ring.at(i).y();
                edges[k++] = ring.at(i + 1).x();
                edges[k++] = ring.at(i + 1).y();
            }
        }
        return new FlatRegion(edges, region.isEmpty() ? new Box(0, 0, -1, -1) : region.box());
    }

    /** The same region turned half round the origin. */
    public FlatRegion opposite() {
        double[] turned = new double[edges.length];
        for (int i = 0; i < edges.length; i++) {
            turned[i] = -edges[i];
        }
        return new FlatRegion(turned, new Box(-box.maxX(), -box.maxY(), -box.minX(), -box.minY()));
    }

    public boolean isEmpty() {
        return edges.length == 0;
    }

    public Box box() {
        return box;
    }

    public int edgeCount() {
        return edges.length / COORDINATES;
    }

    public double x0(int edge) {
        return edges[COORDINATES * edge];
    }

    public double y0(int edge) {
        return edges[COORDINATES * edge + 1];
    }

    public double x1(int edge) {
        return edges[COORDINATES * edge + 2];
    }

    public double y1(int edge) {
        return edges[COORDINATES * edge + 3];
    }

    public boolean covers(double x, double y) {
        if (x < box.minX() || x > box.maxX() || y < box.minY() || y > box.maxY()) {
            return false;
        }
        boolean inside = false;
        for (int e : bands[band(y, box)]) {
            double ya = y0(e);
            double yb = y1(e);
            if (ya <= y != yb <= y && x < x0(e) + (y - ya) / (yb - ya) * (x1(e) - x0(e))) {
                inside = !inside;
            }
        }
        return inside;
    }

    private static int band(double y, Box box) {
        int band = (int) ((y - box.minY()) / Math.max(box.heightMm(), 1e-9) * BANDS);
        return Math.max(0, Math.min(BANDS - 1, band));
    }

    private static int[][] bands(double[] edges, Box box) {
        int count = edges.length / COORDINATES;
        int[] sizes = new int[BANDS];
        int[][] bands = new int[BANDS][];
        for (int pass = 0; pass < 2; pass++) {
            for (int e = 0; e < count; e++) {
                double low = Math.min(edges[COORDINATES * e + 1], edges[COORDINATES * e + 3]);
                double high = Math.max(edges[COORDINATES * e + 1], edges[COORDINATES * e + 3]);
                for (int b = band(low, box); b <= band(high, box); b++) {
                    if (pass == 1) {
                        bands[b][sizes[b]] = e;
                    }
                    sizes[b]++;
                }
            }
            for (int b = 0; b < BANDS && pass == 0; b++) {
                bands[b] = new int[sizes[b]];
                sizes[b] = 0;
            }
        }
        return bands;
    }
}
