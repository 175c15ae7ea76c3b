package org.handdown.geometry;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.algorithm.RobustLineIntersector;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.PolygonExtracter;
import org.locationtech.jts.noding.SegmentIntersector;
import org.locationtech.jts.noding.SegmentString;

/** Rings and lines as the geometry library wants them, and back. */
final class JtsShapes {
    private JtsShapes() {}

    static final class CrossingCount implements SegmentIntersector {
        private final int most;
        private final RobustLineIntersector lines = new RobustLineIntersector();
        int crossings;

        CrossingCount(int most) {
            this.most = most;
        }

        @Override
        public void processIntersections(SegmentString a, int i, SegmentString b, int j) {
            if (i < j) {
                lines.computeIntersection(
                        a.getCoordinate(i), a.getCoordinate(i + 1), b.getCoordinate(j), b.getCoordinate(j + 1));
                if (lines.hasIntersection() && lines.isProper()) {
                    crossings++;
                }
            }
        }

        @Override
        public boolean isDone() {
            return crossings >= most;
        }
    }

    static Geometry onlyPolygons(Geometry mixed) {
        if (mixed instanceof Polygon || mixed instanceof org.locationtech.jts.geom.MultiPolygon) {
            return mixed;
        }
        @SuppressWarnings("unchecked")
        List<Polygon> polygons = PolygonExtracter.getPolygons(mixed);
        return Region.FACTORY.buildGeometry(polygons);
    }

    static Polygon polygon(Ring ring) {
        Coordinate[] closed = new Coordinate[ring.size() + 1];
        for (int i = 0; i <= ring.size(); i++) {
            closed[i] = coordinate(ring.at(i));
        }
        return Region.FACTORY.createPolygon(closed);
    }

    static Coordinate coordinate(Point p) {
        return new Coordinate(p.x(), p.y());
    }

    static LineString lineString(List<Point> line) {
        return Region.FACTORY.createLineString(
                line.stream().map(JtsShapes::coordinate).toArray(Coordinate[]::new));
    }

    static Ring ring(LinearRing closed) {
        List<Point> points = new ArrayList<>();
        Coordinate[] coordinates = closed.getCoordinates();
        for (int i = 0; i + 1 < coordinates.length; i++) {
            points.add(new Point(coordinates[i].x, coordinates[i].y));
        }
        return new Ring(points);
    }
}
