package org.handdown.geometry;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.PrecisionModel;
import org.locationtech.jts.geom.TopologyException;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.geom.util.GeometryFixer;
import org.locationtech.jts.geom.util.PolygonExtracter;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.operation.distance.DistanceOp;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import org.locationtech.jts.operation.union.CascadedPolygonUnion;
import org.locationtech.jts.simplify.TopologyPreservingSimplifier;

/**
 * Any area of the plane in mm: empty, one part or many, with or without holes. Immutable. The one type that knows the geometry
 * library underneath; everything else in the program speaks points, rings and regions.
 */
public final class Region {

    static final GeometryFactory FACTORY = new GeometryFactory();

    /** Greatest distance in mm by which a rounded corner may miss the true arc, always on the inner side. */
    private static final double ARC_ERROR_MM = 0.002;

    /** Grid points a millimetre where an overlay has to be done again. */
    private static final double GRID_PER_MM = 1e5;

    public static final Region EMPTY = new Region(FACTORY.createPolygon());

    private final Geometry area;

    Region(Geometry area) {
        this.area = area;
    }

    /** The inside of a ring. A ring that crosses itself is first resolved into the areas it encloses. */
    public static Region of(Ring ring) {
        Polygon polygon = JtsShapes.polygon(ring);
        return new Region(polygon.isValid() ? polygon : polygon.buffer(0));
    }

    public static Region of(List<Ring> rings) {
        List<Polygon> polygons = new ArrayList<>();
        for (Ring ring : rings) {
            PolygonExtracter.getPolygons(of(ring).area, polygons);
        }
        Geometry union = CascadedPolygonUnion.union(polygons);
        return union == null ? EMPTY : new Region(union);
    }

    /** All points within {@code distanceMm} of an open line, with round ends. */
    public static Region along(List<Point> line, double distanceMm) {
        return new Region(buffer(JtsShapes.lineString(line), distanceMm));
    }

    static boolean isSimple(Ring ring) {
        return ring.areaMm2() > 0 && JtsShapes.polygon(ring).isValid();
    }

    /** What a ring that crosses itself encloses: every loop counts, once. */
    public static Region mended(Ring ring) {
        return new Region(JtsShapes.onlyPolygons(GeometryFixer.fix(JtsShapes.polygon(ring))));
    }

    public boolean isEmpty() {
        return area.isEmpty();
    }

    public double areaMm2() {
        return area.getArea();
    }

    public Region union(Region other) {
        return overlay(other, OverlayNG.UNION);
    }

    public Region minus(Region other) {
        return isEmpty() || other.isEmpty() || !boxesMeet(other) ? this : overlay(other, OverlayNG.DIFFERENCE);
    }

    public Region intersection(Region other) {
        return isEmpty() || other.isEmpty() || !boxesMeet(other) ? EMPTY : overlay(other, OverlayNG.INTERSECTION);
    }

    public static Region unionOf(List<Region> regions) {
        List<Polygon> polygons = new ArrayList<>();
        for (Region region : regions) {
            PolygonExtracter.getPolygons(region.area, polygons);
        }
        Geometry union = CascadedPolygonUnion.union(polygons);
        return union == null ? EMPTY : new Region(union);
    }

    /** Grown by a distance, or shrunk by a negative one; true distance, corners rounded. */
    public Region grown(double mm) {
        return mm == 0 || isEmpty() ? this : new Region(buffer(area, mm));
    }

    /** Grown by a distance with bevelled corners: always covers the original, never more than the distance away from it. */
    public Region grownBevelled(double mm) {
        BufferParameters how = new BufferParameters(1, BufferParameters.CAP_FLAT, BufferParameters.JOIN_BEVEL, 1);
        return new Region(BufferOp.bufferOp(area, mm, how).norm());
    }

    /**
     * Grown (or shrunk) with mitred corners, which keeps the number of points; a corner reaches at most twice the distance.
     */
    public Region grownMitred(double mm) {
        BufferParameters how = new BufferParameters(1, BufferParameters.CAP_FLAT, BufferParameters.JOIN_MITRE, 2);
        return mm == 0 || isEmpty()
                ? this
                : new Region(BufferOp.bufferOp(area, mm, how).norm());
    }

    /** Turned about the origin, degrees counter-clockwise. */
    public Region turned(double degrees) {
        Point way = Point.unit(degrees);
        return new Region(
                AffineTransformation.rotationInstance(way.y(), way.x()).transform(area));
    }

    public Region moved(double dx, double dy) {
        return new Region(AffineTransformation.translationInstance(dx, dy).transform(area));
    }

    public boolean covers(Region other) {
        return area.covers(other.area);
    }

    public boolean covers(Point p) {
        return area.covers(FACTORY.createPoint(JtsShapes.coordinate(p)));
    }

    /** Least distance between this area and another; 0 when they touch or overlap. */
    public double distanceMm(Region other) {
        return area.distance(other.area);
    }

    public double distanceMm(Point p) {
        return area.distance(FACTORY.createPoint(JtsShapes.coordinate(p)));
    }

    /** The point of this area nearest to {@code p}; the region must not be empty. */
    public Point nearest(Point p) {
        Coordinate c = DistanceOp.nearestPoints(area, FACTORY.createPoint(JtsShapes.coordinate(p)))[0];
        return new Point(c.x, c.y);
    }

    /** Least distance from this area to a line, 0 when the line touches it or runs through it. */
    public double distanceToLineMm(List<Point> line) {
        return area.distance(JtsShapes.lineString(line));
    }

    public boolean coversLine(List<Point> line) {
        return area.covers(JtsShapes.lineString(line));
    }

    /** The stretches of an open line that lie in this area, its rim included; a bare touch gives a stretch of one point twice. */
    public List<List<Point>> within(List<Point> line) {
        Geometry common = area.intersection(JtsShapes.lineString(line));
        List<List<Point>> stretches = new ArrayList<>();
        for (int i = 0; i < common.getNumGeometries(); i++) {
            List<Point> points = new ArrayList<>();
            for (Coordinate c : common.getGeometryN(i).getCoordinates()) {
                points.add(new Point(c.x, c.y));
            }
            if (!points.isEmpty()) {
                stretches.add(points.size() == 1 ? List.of(points.get(0), points.get(0)) : points);
            }
        }
        return stretches;
    }

    public Box box() {
        var e = area.getEnvelopeInternal();
        return new Box(e.getMinX(), e.getMinY(), e.getMaxX(), e.getMaxY());
    }

    /** Separate parts, each a region of one outer ring. */
    public List<Region> parts() {
        List<Region> parts = new ArrayList<>();
        for (Polygon polygon : polygons()) {
            parts.add(new Region(polygon));
        }
        return parts;
    }

    /** Outer rings of the parts, counter-clockwise. */
    public List<Ring> outerRings() {
        return polygons().stream()
                .map(p -> JtsShapes.ring(p.getExteriorRing()).counterClockwise())
                .toList();
    }

    /** Rings of all holes, counter-clockwise. */
    public List<Ring> holes() {
        List<Ring> holes = new ArrayList<>();
        for (Polygon polygon : polygons()) {
            for (int i = 0; i < polygon.getNumInteriorRing(); i++) {
                holes.add(JtsShapes.ring(polygon.getInteriorRingN(i)).counterClockwise());
            }
        }
        return holes;
    }

    /** All corner points of outer rings and holes. */
    public List<Point> vertices() {
        List<Point> vertices = new ArrayList<>();
        for (Coordinate c : area.getCoordinates()) {
            vertices.add(new Point(c.x, c.y));
        }
        return vertices;
    }

    /** A point well inside, or null for the empty region. */
    public @Nullable Point innerPoint() {
        if (isEmpty()) {
            return null;
        }
        Coordinate c = area.getInteriorPoint().getCoordinate();
        return new Point(c.x, c.y);
    }

    /** Fewer points, staying within {@code mm} of the outline and of one piece. */
    public Region simplified(double mm) {
        return new Region(TopologyPreservingSimplifier.simplify(area, mm));
    }

    /** The same area cut into parts without holes, by upright cuts through the middle of each hole. */
    public List<Ring> ringsWithoutHoles() {
        List<Ring> rings = new ArrayList<>();
        for (Region part : parts()) {
            List<Ring> holes = part.holes();
            if (holes.isEmpty()) {
                rings.addAll(part.outerRings());
                continue;
            }
            Box hole = holes.get(0).box();
            Box all = part.box();
            double cut = (hole.minX() + hole.maxX()) / 2;
            Ring left = Ring.rectangle(all.minX() - 1, all.minY() - 1, cut - all.minX() + 1, all.heightMm() + 2);
            Region leftSide = Region.of(left);
            rings.addAll(part.intersection(leftSide).ringsWithoutHoles());
            rings.addAll(part.minus(leftSide).ringsWithoutHoles());
        }
        return rings;
    }

    private boolean boxesMeet(Region other) {
        return area.getEnvelopeInternal().intersects(other.area.getEnvelopeInternal());
    }

    private Region overlay(Region other, int operation) {
        Geometry result;
        try {
            result = OverlayNGRobust.overlay(area, other.area, operation);
        } catch (TopologyException crossed) {
            // A sliver's outline may cross itself after rounding: mended, and on a grid far below what cloth tells, the
            // overlay goes through.
            result = OverlayNG.overlay(
                    GeometryFixer.fix(area), GeometryFixer.fix(other.area), operation, new PrecisionModel(GRID_PER_MM));
        }
        return new Region(JtsShapes.onlyPolygons(result));
    }

    @SuppressWarnings("unchecked")
    List<Polygon> polygons() {
        List<Polygon> polygons = PolygonExtracter.getPolygons(area);
        polygons.removeIf(Geometry::isEmpty);
        return polygons;
    }

    private static Geometry buffer(Geometry geometry, double mm) {
        double half = Math.acos(Math.max(0, 1 - ARC_ERROR_MM / Math.max(Math.abs(mm), ARC_ERROR_MM)));
        int perQuadrant = (int) Math.max(4, Math.min(90, Math.ceil(Math.PI / 4 / Math.max(half, 1e-6))));
        return BufferOp.bufferOp(geometry, mm, perQuadrant);
    }

    @Override
    public String toString() {
        return area.toText();
    }
}
