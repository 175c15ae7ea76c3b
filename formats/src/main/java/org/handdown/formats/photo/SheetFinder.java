package org.handdown.formats.photo;

import boofcv.abst.fiducial.calib.CalibrationDetectorSquareGrid;
import boofcv.abst.fiducial.calib.ConfigGridDimen;
import boofcv.alg.filter.binary.GThresholdImageOps;
import boofcv.alg.filter.binary.ThresholdImageOps;
import boofcv.alg.shapes.polygon.DetectPolygonBinaryGrayRefine;
import boofcv.factory.fiducial.FactoryFiducialCalibration;
import boofcv.factory.shape.ConfigPolygonDetector;
import boofcv.factory.shape.FactoryShapeDetector;
import boofcv.struct.geo.PointIndex2D_F64;
import boofcv.struct.image.GrayF32;
import boofcv.struct.image.GrayU8;
import georegression.struct.point.Point2D_F64;
import georegression.struct.shapes.Polygon2D_F64;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;

/** Finds the sheet that tells the scale, and fits the view to it. */
public final class SheetFinder {
    private static final double LEAST_SHARE = 0.004;
    private static final double MOST_SHARE = 0.6;
    private static final double MOST_CORNER_DEG = 35;
    private static final int ALONG_SIDE = 80;
    private static final int REACH_PX = 7;

    private SheetFinder() {}

    /**
     * A sheet in the picture.
     *
     * @param corners in the picture: lower left, lower right, upper right, upper left of the sheet as the picture is held
     */
    public record Found(List<Point> corners, PlaneView view) {}

    /** Looks for the sheet by itself. */
    public static Optional<Found> find(Photo photo, KnownSheet sheet) {
        GrayF32 gray = photo.gray();
        if (sheet.marked()) {
            return marked(photo, gray);
        }
        return plainCorners(photo, gray).map(corners -> byCorners(photo, gray, corners, sheet));
    }

    /**
     * With corners that a person put or corrected. A plain sheet's sides between them are looked at too, so that the lens can be told.
     *
     * @throws org.handdown.measure.RefusedValueException where they make no sheet
     */
    public static Found byCorners(Photo photo, List<Point> corners, KnownSheet sheet) {
        return byCorners(photo, photo.gray(), corners, sheet);
    }

    private static Optional<Found> marked(Photo photo, GrayF32 gray) {
        CalibrationDetectorSquareGrid detector = FactoryFiducialCalibration.squareGrid(
                null,
                new ConfigGridDimen(
                        MarkerSheet.ROWS, MarkerSheet.COLUMNS, MarkerSheet.SQUARE_MM, MarkerSheet.BETWEEN_MM));
        if (!detector.process(gray)) {
            return Optional.empty();
        }
        List<Point2D_F64> layout = detector.getLayout();
        double midX = MarkerSheet.WIDE_MM / 2;
        double midY = MarkerSheet.HIGH_MM / 2;
        for (int flip : new int[] {1, -1}) {
            List<PlaneView.Sighting> known = new ArrayList<>();
            for (PointIndex2D_F64 seen : detector.getDetectedPoints().points) {
                Point2D_F64 at = layout.get(seen.index);
                known.add(new PlaneView.Sighting(seen.p.x, seen.p.y, flip * at.x + midX, at.y + midY));
            }
            try {
                PlaneView view = PlaneView.of(known, true, photo.width(), photo.height());
                return Optional.of(upright(photo, view, KnownSheet.MARKER));
            } catch (IllegalArgumentException e) {
                // Its rows were counted the other way round: the grid is its own mirror image.
                continue;
            }
        }
        return Optional.empty();
    }

    /** Turned so that the picture's up is up on the table, and the sheet's corners in that order. */
    private static Found upright(Photo photo, PlaneView view, KnownSheet sheet) {
        Point middle = view.toTable(photo.width() / 2.0, photo.height() / 2.0);
        Point up = view.toTable(photo.width() / 2.0, photo.height() / 2.0 - 50).minus(middle);
        double turn = 90 - up.directionDeg();
        PlaneView turned = view.moved(turn, 0, 0, photo.width(), photo.height());
        List<Point> corners = new ArrayList<>();
        for (Point c : List.of(
                new Point(0, 0),
                new Point(sheet.widthMm(), 0),
                new Point(sheet.widthMm(), sheet.heightMm()),
                new Point(0, sheet.heightMm()))) {
            corners.add(view.toPicture(c));
        }
        return new Found(fromLowerLeft(corners), turned);
    }

    /** Counter-clockwise on the table, beginning with the one that lies lowest and leftmost in the picture. */
    private static List<Point> fromLowerLeft(List<Point> corners) {
        int first = 0;
        for (int i = 1; i < corners.size(); i++) {
            if (corners.get(i).x() - corners.get(i).y()
                    < corners.get(first).x() - corners.get(first).y()) {
                first = i;
            }
        }
        List<Point> turned = new ArrayList<>();
        for (int i = 0; i < corners.size(); i++) {
            turned.add(corners.get((first + i) % corners.size()));
        }
        return turned;
    }

    /** The brightest four-cornered thing of the picture that could be paper; none where two could. */
    private static Optional<List<Point>> plainCorners(Photo photo, GrayF32 gray) {
        ConfigPolygonDetector config = new ConfigPolygonDetector(4, 4);
        config.detector.canTouchBorder = false;
        DetectPolygonBinaryGrayRefine<GrayF32> detector = FactoryShapeDetector.polygon(config, GrayF32.class);
        GrayU8 binary = new GrayU8(gray.width, gray.height);
        // The detector looks for dark shapes; paper is light.
        GrayF32 dark = gray.clone();
        for (int i = 0; i < dark.data.length; i++) {
            dark.data[i] = 255 - dark.data[i];
        }
        double light = GThresholdImageOps.computeOtsu(gray, 0, 255);
        List<Polygon2D_F64> quads = new ArrayList<>();
        double all = (double) photo.width() * photo.height();
        // Paper on a light table shows only against a higher threshold.
        for (double level = light; level < 250 && quads.isEmpty(); level += (255 - light) / 6) {
            ThresholdImageOps.threshold(dark, binary, (float) (255 - level), true);
            detector.process(dark, binary);
            for (Polygon2D_F64 p : detector.getPolygons(null, null)) {
                double share = Math.abs(p.areaSimple()) / all;
                if (p.size() == 4 && share > LEAST_SHARE && share < MOST_SHARE && isSquarish(p)) {
                    quads.add(p.copy());
                }
            }
        }
        if (quads.size() != 1) {
            return Optional.empty();
        }
        List<Point> corners = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            corners.add(new Point(quads.get(0).get(i).x, quads.get(0).get(i).y));
        }
        return Optional.of(corners);
    }

    private static boolean isSquarish(Polygon2D_F64 p) {
        for (int i = 0; i < 4; i++) {
            Point2D_F64 a = p.get((i + 3) % 4);
            Point2D_F64 b = p.get(i);
            Point2D_F64 c = p.get((i + 1) % 4);
            Point in = new Point(a.x - b.x, a.y - b.y);
            Point out = new Point(c.x - b.x, c.y - b.y);
            double deg = Math.toDegrees(Math.acos(in.dot(out) / in.lengthMm() / out.lengthMm()));
            if (Math.abs(deg - 90) > MOST_CORNER_DEG) {
                return false;
            }
        }
        return true;
    }

    private static Found byCorners(Photo photo, GrayF32 gray, List<Point> given, KnownSheet sheet) {
        if (given.size() != 4) {
            throw new org.handdown.measure.RefusedValueException("corners", "A sheet has four corners.");
        }
        if (!isSheet(given, gray)) {
            throw new org.handdown.measure.RefusedValueException(
                    "corners", "These four corners make no sheet: put each on its own corner, in order round it.");
        }
        // On the table counter-clockwise is clockwise in the picture, where y runs down.
        List<Point> corners = new ArrayList<>(given);
        if (new Ring(corners).signedAreaMm2() > 0) {
            java.util.Collections.reverse(corners);
        }
        corners = fromLowerLeft(corners);
        double level =
                corners.get(0).distanceMm(corners.get(1)) + corners.get(2).distanceMm(corners.get(3));
        double upright =
                corners.get(1).distanceMm(corners.get(2)) + corners.get(3).distanceMm(corners.get(0));
        boolean lies = (level > upright) == (sheet.widthMm() > sheet.heightMm());
        double w = lies ? sheet.widthMm() : sheet.heightMm();
        double h = lies ? sheet.heightMm() : sheet.widthMm();
        double[][] table = {{0, 0}, {w, 0}, {w, h}, {0, h}};
        List<PlaneView.Sighting> known = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            known.add(new PlaneView.Sighting(corners.get(i).x(), corners.get(i).y(), table[i][0], table[i][1]));
        }
        PlaneView exact = PlaneView.of(known, false, photo.width(), photo.height());
        List<PlaneView.Sighting> sides = sides(gray, exact, w, h);
        PlaneView view = exact;
        if (sides.size() > 2 * ALONG_SIDE) {
            // The corners only served to find the sides: a hand puts them a few pixels off.
            view = exact.adjusted(sides, true, photo.width(), photo.height());
        }
        KnownSheet lying = new KnownSheet(w, h, false);
        return upright(photo, view, lying);
    }

    /** Four corners of something convex that is no mere speck. */
    private static boolean isSheet(List<Point> corners, GrayF32 gray) {
        double first = 0;
        for (int i = 0; i < 4; i++) {
            Point in = corners.get((i + 1) % 4).minus(corners.get(i));
            Point out = corners.get((i + 2) % 4).minus(corners.get((i + 1) % 4));
            double turn = Math.signum(in.cross(out));
            if (turn == 0 || first != 0 && turn != first) {
                return false;
            }
            first = turn;
        }
        return new Ring(corners).areaMm2() > LEAST_SHARE / 8 * gray.width * gray.height;
    }

    /** Places of the sheet's sides, found to a part of a pixel where the brightness changes most. */
    private static List<PlaneView.Sighting> sides(GrayF32 gray, PlaneView view, double w, double h) {
        List<PlaneView.Sighting> sides = new ArrayList<>();
        Point[] corners = {new Point(0, 0), new Point(w, 0), new Point(w, h), new Point(0, h)};
        for (int side = 0; side < 4; side++) {
            Point from = corners[side];
            Point to = corners[(side + 1) % 4];
            for (int i = 0; i < ALONG_SIDE; i++) {
                Point on = from.toward(to, 0.06 + 0.88 * i / (ALONG_SIDE - 1));
                Point at = view.toPicture(on);
                Point next = view.toPicture(on.toward(to, 0.01)).minus(at);
                if (next.lengthMm() == 0) {
                    continue;
                }
                Point out = new Point(-next.y(), next.x()).times(1 / next.lengthMm());
                Point along = next.times(1 / next.lengthMm());
                double off = steepest(gray, at, out, along);
                if (!Double.isNaN(off)) {
                    Point edge = at.plus(out.times(off));
                    boolean level = side % 2 == 0;
                    sides.add(new PlaneView.Sighting(
                            edge.x(), edge.y(), level ? Double.NaN : from.x(), level ? from.y() : Double.NaN));
                }
            }
        }
        return sides;
    }

    /** Where along a direction the picture changes most, pixels from a place; NaN where there is no clear edge. */
    private static double steepest(GrayF32 gray, Point at, Point out, Point along) {
        int n = 2 * REACH_PX + 1;
        double[] light = new double[n + 1];
        for (int i = 0; i <= n; i++) {
            double off = i - REACH_PX - 0.5;
            for (int k = -2; k <= 2; k++) {
                Point q = at.plus(out.times(off)).plus(along.times(k));
                double one = Sampling.at(gray, q.x(), q.y());
                if (Double.isNaN(one)) {
                    return Double.NaN;
                }
                light[i] += one / 5;
            }
        }
        int best = -1;
        double most = 0;
        for (int i = 1; i < n - 1; i++) {
            double step = Math.abs(light[i + 1] - light[i]);
            if (step > most) {
                most = step;
                best = i;
            }
        }
        if (best < 0 || most < 8) {
            return Double.NaN;
        }
        double before = Math.abs(light[best] - light[best - 1]);
        double after = Math.abs(light[best + 2] - light[best + 1]);
        double bow = before - 2 * most + after;
        double shift = bow == 0 ? 0 : 0.5 * (before - after) / bow;
        return best - REACH_PX + shift;
    }
}
