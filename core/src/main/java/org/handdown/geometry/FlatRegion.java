package org.handdown.geometry;

import java.lang.ref.SoftReference;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A region in flat arrays, for asking very many times whether a point lies inside. Edges of all rings, holes included; a point is
 * inside by the even-odd rule. Edges are found through level bands over the height. Immutable after construction.
 */
public final class FlatRegion {
    private static final int BANDS = 24;
    private static final int COORDINATES = 4;
    private static final int GRID = 40;
    /** Spots of the grid that are measured together, along each side. */
    private static final int BLOCK = 6;

    private static final double SHALLOWEST_MM = 1e-6;

    private final double[] edges;
    private final Box box;
    private final int[][] bands;
    private final double stepX;
    private final double stepY;
    private final double diagonal;
    /** Made when first asked for, given up when memory is needed; two threads may make it twice, alike. */
    private volatile @Nullable SoftReference<float[]> depths;

    private FlatRegion(double[] edges, Box box) {
        this.edges = edges;
        this.box = box;
        this.bands = bands(edges, box);
        this.stepX = GRID / Math.max(box.widthMm(), 1e-9);
        this.stepY = GRID / Math.max(box.heightMm(), 1e-9);
        this.diagonal = 1.001 * Math.hypot(1 / stepX, 1 / stepY);
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

    /** Turned about the origin, degrees counter-clockwise; whole quarter turns come out exact. */
    public FlatRegion turned(double degrees) {
        if (isEmpty()) {
            return this;
        }
        Placement turn = new Placement(0, 0, degrees, false);
        double[] turned = new double[edges.length];
        double[] low = {Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY};
        double[] high = {Double.NEGATIVE_INFINITY, Double.NEGATIVE_INFINITY};
        for (int i = 0; i < edges.length; i += 2) {
            Point p = turn.toPanel(new Point(edges[i], edges[i + 1]));
            turned[i] = p.x();
            turned[i + 1] = p.y();
            low[0] = Math.min(low[0], p.x());
            low[1] = Math.min(low[1], p.y());
            high[0] = Math.max(high[0], p.x());
            high[1] = Math.max(high[1], p.y());
        }
        return new FlatRegion(turned, new Box(low[0], low[1], high[0], high[1]));
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

    /**
     * Distance to the nearest edge of a point that lies inside, 0 outside. Whether it lies inside is exact; how deep is read off a grid
     * and off by a fraction of its cells, because it only guides a search.
     */
    public double depth(double x, double y) {
        if (x < box.minX() || x > box.maxX() || y < box.minY() || y > box.maxY()) {
            return 0;
        }
        SoftReference<float[]> kept = depths;
        float[] grid = kept == null ? null : kept.get();
        if (grid == null) {
            grid = depthGrid();
            depths = new SoftReference<>(grid);
        }
        double u = (x - box.minX()) * stepX;
        double v = (y - box.minY()) * stepY;
        int i = Math.min(GRID - 1, (int) u);
        int j = Math.min(GRID - 1, (int) v);
        double s = u - i;
        double t = v - j;
        int k = j * (GRID + 1) + i;
        // No spot of a cell is farther from its corner than the cell's diagonal: most cells lie wholly on one side.
        if (grid[k] < -diagonal || grid[k] <= diagonal && !covers(x, y)) {
            return 0;
        }
        double low = grid[k] + s * (grid[k + 1] - grid[k]);
        double high = grid[k + GRID + 1] + s * (grid[k + GRID + 2] - grid[k + GRID + 1]);
        return Math.max(SHALLOWEST_MM, low + t * (high - low));
    }

    /**
     * Signed distances to the nearest edge on a grid over the box: below 0 outside. Block by block, because only edges that are near
     * enough to the middle of a block can be the nearest to a spot in it.
     */
    private float[] depthGrid() {
        float[] grid = new float[(GRID + 1) * (GRID + 1)];
        double wide = 1 / stepX;
        double high = 1 / stepY;
        int[] near = new int[edgeCount()];
        double[] far = new double[near.length];
        for (int top = 0; top <= GRID; top += BLOCK) {
            for (int left = 0; left <= GRID; left += BLOCK) {
                double middleX = box.minX() + (left + (BLOCK - 1) / 2.0) * wide;
                double middleY = box.minY() + (top + (BLOCK - 1) / 2.0) * high;
                double least = Double.POSITIVE_INFINITY;
                for (int e = 0; e < far.length; e++) {
                    far[e] = Math.sqrt(squareTo(e, middleX, middleY));
                    least = Math.min(least, far[e]);
                }
                double reach = least + BLOCK * diagonal;
                int count = 0;
                for (int e = 0; e < far.length; e++) {
                    if (far[e] <= reach) {
                        near[count++] = e;
                    }
                }
                for (int j = top; j < Math.min(top + BLOCK, GRID + 1); j++) {
                    for (int i = left; i < Math.min(left + BLOCK, GRID + 1); i++) {
                        double x = box.minX() + i * wide;
                        double y = box.minY() + j * high;
                        double square = Double.POSITIVE_INFINITY;
                        for (int n = 0; n < count; n++) {
                            square = Math.min(square, squareTo(near[n], x, y));
                        }
                        grid[j * (GRID + 1) + i] = (float) (covers(x, y) ? Math.sqrt(square) : -Math.sqrt(square));
                    }
                }
            }
        }
        return grid;
    }

    /** Square of the distance of a spot from an edge. */
    private double squareTo(int edge, double x, double y) {
        int i = COORDINATES * edge;
        double ux = edges[i + 2] - edges[i];
        double uy = edges[i + 3] - edges[i + 1];
        double px = x - edges[i];
        double py = y - edges[i + 1];
        double square = ux * ux + uy * uy;
        double t = square == 0 ? 0 : Math.max(0, Math.min(1, (px * ux + py * uy) / square));
        double dx = px - t * ux;
        double dy = py - t * uy;
        return dx * dx + dy * dy;
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
