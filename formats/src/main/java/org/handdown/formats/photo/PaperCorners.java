package org.handdown.formats.photo;

import boofcv.alg.filter.binary.GThresholdImageOps;
import boofcv.alg.filter.binary.ThresholdImageOps;
import boofcv.alg.filter.misc.AverageDownSampleOps;
import boofcv.alg.shapes.polygon.DetectPolygonBinaryGrayRefine;
import boofcv.factory.shape.ConfigPolygonDetector;
import boofcv.factory.shape.FactoryShapeDetector;
import boofcv.struct.ConfigLength;
import boofcv.struct.image.GrayF32;
import boofcv.struct.image.GrayU8;
import georegression.struct.point.Point2D_F64;
import georegression.struct.shapes.Polygon2D_F64;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;

/** Four-cornered bright things in a picture that could be a plain sheet of paper. */
final class PaperCorners {
    private static final double LEAST_SHARE = 0.004;
    private static final double MOST_SHARE = 0.6;
    private static final double MOST_CORNER_DEG = 35;
    private static final int MOST_QUADS = 6;
    private static final int ENOUGH_PX = 1400;

    private PaperCorners() {}

    /** @param light mean brightness inside, 0 to 255 */
    record Quad(List<Point> corners, double light) {}

    /** The brightest first; each thing once. */
    static List<Quad> find(Photo photo) {
        GrayF32 gray = photo.gray();
        int smaller = Math.max(1, (int) Math.round(Math.max(gray.width, gray.height) / (double) ENOUGH_PX));
        List<Quad> quads = new ArrayList<>();
        for (int by : smaller == 1 ? new int[] {1} : new int[] {smaller, 1}) {
            collect(smaller(gray, by), by, quads);
            if (!quads.isEmpty()) {
                break;
            }
        }
        return quads.stream()
                .sorted(Comparator.comparingDouble(Quad::light).reversed())
                .limit(MOST_QUADS)
                .toList();
    }

    /** The picture with so many pixels each way made one; itself for one. */
    static GrayF32 smaller(GrayF32 gray, int by) {
        if (by == 1) {
            return gray;
        }
        GrayF32 smaller = new GrayF32(
                AverageDownSampleOps.downSampleSize(gray.width, by),
                AverageDownSampleOps.downSampleSize(gray.height, by));
        AverageDownSampleOps.down(gray, by, smaller);
        return smaller;
    }

    private static void collect(GrayF32 gray, int by, List<Quad> quads) {
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
        // Paper on a light table shows only against a higher threshold, in a shadow only against a lower one.
        for (double share : new double[] {0, 1 / 6.0, 2 / 6.0, 3 / 6.0, 4 / 6.0, 5 / 6.0, -0.25}) {
            double level = share < 0 ? light * (1 + share) : light + share * (255 - light);
            ThresholdImageOps.threshold(dark, binary, (float) (255 - level), true);
            collect(detector, dark, binary, gray, by, quads);
        }
        for (double part : new double[] {0.12, 0.3}) {
            GThresholdImageOps.localMean(dark, binary, ConfigLength.relative(part, 20), 0.94, true, null, null, null);
            collect(detector, dark, binary, gray, by, quads);
        }
    }

    private static void collect(
            DetectPolygonBinaryGrayRefine<GrayF32> detector,
            GrayF32 dark,
            GrayU8 binary,
            GrayF32 gray,
            int by,
            List<Quad> quads) {
        detector.process(dark, binary);
        double all = (double) gray.width * gray.height;
        for (Polygon2D_F64 p : detector.getPolygons(null, null)) {
            double share = Math.abs(p.areaSimple()) / all;
            if (p.size() == 4 && share > LEAST_SHARE && share < MOST_SHARE && isSquarish(p)) {
                List<Point> corners = new ArrayList<>();
                for (int i = 0; i < 4; i++) {
                    corners.add(new Point(p.get(i).x * by, p.get(i).y * by));
                }
                Quad quad = new Quad(corners, light(gray, p));
                boolean isNew = quads.stream().noneMatch(q -> isSame(q, quad));
                if (isNew) {
                    quads.add(quad);
                }
            }
        }
    }

    private static boolean isSame(Quad a, Quad b) {
        Point middle = middle(a);
        return middle.distanceMm(middle(b)) < 0.1 * Math.sqrt(SheetFinder.areaPx(a.corners))
                && Math.abs(SheetFinder.areaPx(a.corners) / SheetFinder.areaPx(b.corners) - 1) < 0.25;
    }

    private static Point middle(Quad quad) {
        Point sum = new Point(0, 0);
        for (Point p : quad.corners) {
            sum = sum.plus(p);
        }
        return sum.times(0.25);
    }

    private static double light(GrayF32 gray, Polygon2D_F64 p) {
        double sum = 0;
        int n = 0;
        for (int i = 1; i < 8; i++) {
            for (int j = 1; j < 8; j++) {
                double a = i / 8.0;
                double b = j / 8.0;
                double x =
                        (1 - a) * ((1 - b) * p.get(0).x + b * p.get(3).x) + a * ((1 - b) * p.get(1).x + b * p.get(2).x);
                double y =
                        (1 - a) * ((1 - b) * p.get(0).y + b * p.get(3).y) + a * ((1 - b) * p.get(1).y + b * p.get(2).y);
                if (gray.isInBounds((int) x, (int) y)) {
                    sum += gray.get((int) x, (int) y);
                    n++;
                }
            }
        }
        return sum / Math.max(1, n);
    }

    private static boolean isSquarish(Polygon2D_F64 p) {
        for (int i = 0; i < 4; i++) {
            Point2D_F64 a = p.get((i + 3) % 4);
            Point2D_F64 b = p.get(i);
            Point2D_F64 c = p.get((i + 1) % 4);
            Point in = new Point(a.x - b.x, a.y - b.y);
            Point out = new Point(c.x - b.x, c.y - b.y);
            double deg = Math.toDegrees(Math.acos(in.dot(out) / in.lengthMm() / out.lengthMm()));
            if (!(Math.abs(deg - 90) < MOST_CORNER_DEG)) {
                return false;
            }
        }
        return true;
    }

    /** Four corners of something convex that is no mere speck. */
    static boolean isSheet(List<Point> corners, Photo photo) {
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
        return SheetFinder.areaPx(corners) > LEAST_SHARE / 8 * photo.width() * photo.height();
    }

    /** The sheet as it lies: upright or across, by which way the corners are farther apart. */
    static List<KnownSheet> ways(List<Point> given, KnownSheet sheet) {
        List<Point> c = ordered(given);
        double level = c.get(0).distanceMm(c.get(1)) + c.get(2).distanceMm(c.get(3));
        double upright = c.get(1).distanceMm(c.get(2)) + c.get(3).distanceMm(c.get(0));
        boolean lies = level > upright == sheet.widthMm() > sheet.heightMm();
        return List.of(lies ? sheet : new KnownSheet(sheet.heightMm(), sheet.widthMm(), sheet.marked()));
    }

    /** Counter-clockwise on the table, which is clockwise in the picture, where y runs down. */
    static List<Point> ordered(List<Point> given) {
        List<Point> corners = new ArrayList<>(given);
        if (new Ring(corners).signedAreaMm2() > 0) {
            Collections.reverse(corners);
        }
        return fromLowerLeft(corners);
    }

    /** Beginning with the one that lies lowest and leftmost in the picture. */
    static List<Point> fromLowerLeft(List<Point> corners) {
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

    static List<Point> rectangle(KnownSheet sheet) {
        return List.of(
                new Point(0, 0),
                new Point(sheet.widthMm(), 0),
                new Point(sheet.widthMm(), sheet.heightMm()),
                new Point(0, sheet.heightMm()));
    }
}
