package org.handdown.geometry;

import java.lang.ref.SoftReference;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A region in flat arrays, for asking very many times whether a point lies inside, and how deep. Edges of all rings, holes included; a
 * point is inside by the even-odd rule. Immutable; a region, its {@link #opposite()} and the same {@link #moved} share what they are
 * made of.
 */
public final class FlatRegion {
    private static final int COORDINATES = 4;

    private final Body body;
    private final Box box;
    /** −1 for a body turned half round its origin. */
    private final int sign;
    /** Where the body's origin lies. */
    private final double atX;

    private final double atY;

    private FlatRegion(Body body, int sign, double atX, double atY) {
        this.body = body;
        this.sign = sign;
        this.atX = atX;
        this.atY = atY;
        Box own = body.box;
        this.box = sign > 0
                ? new Box(own.minX() + atX, own.minY() + atY, own.maxX() + atX, own.maxY() + atY)
                : new Box(atX - own.maxX(), atY - own.maxY(), atX - own.minX(), atY - own.minY());
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
        return new FlatRegion(new Body(edges, region.isEmpty() ? new Box(0, 0, -1, -1) : region.box()), 1, 0, 0);
    }

    /** The same region turned half round the origin. */
    public FlatRegion opposite() {
        return new FlatRegion(body, -sign, -atX, -atY);
    }

    /** The same region elsewhere. */
    public FlatRegion moved(double dx, double dy) {
        return dx == 0 && dy == 0 ? this : new FlatRegion(body, sign, atX + dx, atY + dy);
    }

    /** Turned about the origin, degrees counter-clockwise; whole quarter turns come out exact. */
    public FlatRegion turned(double degrees) {
        if (isEmpty() || degrees == 0) {
            return this;
        }
        if (degrees == 180) {
            return opposite();
        }
        Placement turn = new Placement(0, 0, degrees, false);
        double[] turned = new double[body.edges.length];
        double[] low = {Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY};
        double[] high = {Double.NEGATIVE_INFINITY, Double.NEGATIVE_INFINITY};
        for (int i = 0; i < turned.length; i += 2) {
            Point p = turn.toPanel(new Point(sign * body.edges[i] + atX, sign * body.edges[i + 1] + atY));
            turned[i] = p.x();
            turned[i + 1] = p.y();
            low[0] = Math.min(low[0], p.x());
            low[1] = Math.min(low[1], p.y());
            high[0] = Math.max(high[0], p.x());
            high[1] = Math.max(high[1], p.y());
        }
        return new FlatRegion(new Body(turned, new Box(low[0], low[1], high[0], high[1])), 1, 0, 0);
    }

    public boolean isEmpty() {
        return body.edges.length == 0;
    }

    public Box box() {
        return box;
    }

    public int edgeCount() {
        return body.edges.length / COORDINATES;
    }

    public double x0(int edge) {
        return sign * body.edges[COORDINATES * edge] + atX;
    }

    public double y0(int edge) {
        return sign * body.edges[COORDINATES * edge + 1] + atY;
    }

    public double x1(int edge) {
        return sign * body.edges[COORDINATES * edge + 2] + atX;
    }

    public double y1(int edge) {
        return sign * body.edges[COORDINATES * edge + 3] + atY;
    }

    public boolean covers(double x, double y) {
        return inBox(x, y) && body.banded.covers(sign * (x - atX), sign * (y - atY));
    }

    /**
     * Distance to the nearest edge of a point that lies inside, 0 outside. Whether it lies inside is exact; how deep is read off a grid
     * and off by a fraction of its cells, because it only guides a search.
     */
    public double depth(double x, double y) {
        return inBox(x, y) ? body.field().depth(sign * (x - atX), sign * (y - atY)) : 0;
    }

    private boolean inBox(double x, double y) {
        return x >= box.minX() && x <= box.maxX() && y >= box.minY() && y <= box.maxY();
    }

    /** What a region is made of, and what is made of that. */
    private static final class Body {
        final double[] edges;
        final BandedEdges banded;
        private final Box box;
        /** Made when first asked for, given up when memory is needed; two threads may make it twice, alike. */
        private volatile @Nullable SoftReference<DepthField> depths;

        Body(double[] edges, Box box) {
            this.edges = edges;
            this.banded = new BandedEdges(edges);
            this.box = box;
        }

        DepthField field() {
            SoftReference<DepthField> kept = depths;
            DepthField field = kept == null ? null : kept.get();
            if (field == null) {
                field = new DepthField(edges, banded, box);
                depths = new SoftReference<>(field);
            }
            return field;
        }
    }
}
