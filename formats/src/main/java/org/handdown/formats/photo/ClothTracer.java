package org.handdown.formats.photo;

import boofcv.alg.filter.binary.BinaryImageOps;
import boofcv.alg.filter.binary.Contour;
import boofcv.struct.ConnectRule;
import boofcv.struct.image.GrayF32;
import boofcv.struct.image.GrayU8;
import georegression.struct.point.Point2D_I32;
import java.util.Comparator;
import java.util.List;
import org.handdown.geometry.Point;
import org.handdown.geometry.Region;
import org.handdown.geometry.Ring;
import org.handdown.measure.Wording;

/**
 * Follows the cloth's edge on a flattened photo. The table's colour is learnt from the picture's rim; a pixel counts as cloth by how far
 * it is from that colour whatever the light on it, so that a soft shadow is still table. An outline is only handed out where cloth and
 * table are told apart all round; else it is said why not, and a person sets the points.
 */
public final class ClothTracer {
    private static final double BESIDE_SHEET_MM = 14;
    private static final double LEAST_CM2 = 60;
    private static final double CRUMB_CM2 = 2;
    /** What is so small beside the cloth is a knot of the board or a stain on the table, and no other stripe of it. */
    private static final double CRUMB_SHARE = 0.02;

    private static final double LEAST_APART = 0.12;
    private static final double LEAST_SEPARABLE = 0.72;
    private static final double SURE_SHARE = 0.97;

    private final FlatPhoto photo;
    private final Region sheet;

    private ClothTracer(FlatPhoto photo, Region sheet) {
        this.photo = photo;
        this.sheet = sheet;
    }

    /**
     * What was found.
     *
     * @param line points of the cloth's edge, table frame, mm, closed; empty where none is sure
     * @param why no sure outline was found, in a sentence for a person; empty otherwise
     * @param doubts what a person should look at
     */
    public record Traced(List<Point> line, String why, List<String> doubts) {
        public boolean isSure() {
            return why.isEmpty();
        }
    }

    /** @param sheet that tells the scale with all its paper, table frame: it is no cloth */
    public static Traced trace(FlatPhoto photo, Region sheet) {
        return new ClothTracer(photo, sheet.grown(BESIDE_SHEET_MM)).trace();
    }

    private static final String HOW = " Set the points yourself: tap round the cloth in order.";
    static final String RAGGED = "The edge that shows is too ragged." + HOW;

    private static Traced unsure(String why) {
        return new Traced(List.of(), why + HOW, List.of());
    }

    private Traced trace() {
        GrayU8 usable = usable();
        TableColours colours = new TableColours(photo);
        List<double[]> table = colours.colours(usable);
        if (table.isEmpty()) {
            return unsure("The table does not show all round the cloth.");
        }
        GrayF32 far = colours.distances(table);
        Parting split = Parting.of(far, usable);
        double level = split.level();
        if (split.far() - split.near() < LEAST_APART || split.explained() < LEAST_SEPARABLE) {
            return unsure("Cloth and table are too much alike in this light.");
        }
        GrayU8 cloth = cloth(far, usable, level);
        List<Contour> contours = BinaryImageOps.contourExternal(cloth, ConnectRule.EIGHT);
        Contour largest = contours.stream()
                .max(Comparator.comparingDouble(c -> areaOf(c.external)))
                .orElse(null);
        if (largest == null || areaOf(largest.external) * photo.mmPerPixel() * photo.mmPerPixel() < LEAST_CM2 * 100) {
            return unsure("There is no cloth to be told from the table.");
        }
        // One stripe of a cloth whose other stripes have the table's colour looks like a whole narrow panel.
        double pixels = Math.max(
                CRUMB_CM2 * 100 / photo.mmPerPixel() / photo.mmPerPixel(), CRUMB_SHARE * areaOf(largest.external));
        if (contours.stream().filter(c -> areaOf(c.external) > pixels).count() > 1) {
            return unsure("More than one thing lies there, or part of the cloth has the table's colour.");
        }
        if (touchesRim(largest.external, usable)) {
            return unsure("The cloth reaches out of the picture or onto the sheet.");
        }
        return followed(largest.external, far, split);
    }

    /** The outline, where cloth and table are told apart all round it. */
    private Traced followed(List<Point2D_I32> contour, GrayF32 far, Parting split) {
        double level = split.level();
        List<Point> line = new ClothEdge(photo).refined(contour, far, level);
        if (line.size() < 20) {
            return unsure("There is no cloth to be told from the table.");
        }
        Ring ring = new Ring(line);
        if (!ring.isSimple()) {
            return new Traced(List.of(), RAGGED, List.of());
        }
        double full = share(ring, far, level);
        double contrast = contrast(ring, far, split);
        if (full < SURE_SHARE || contrast < SURE_SHARE) {
            return unsure(Wording.fill(
                    "Part of the cloth has the table's colour: %d %% of its edge is clear.",
                    Math.round(100 * Math.min(full, contrast))));
        }
        Ring cloths = ring.counterClockwise();
        return new Traced(cloths.points(), "", ClothDoubts.of(photo, cloths));
    }

    /** 1 where the photo shows the table or cloth, 0 outside and on the sheet. */
    private GrayU8 usable() {
        GrayU8 usable = new GrayU8(photo.width(), photo.height());
        var box = sheet.box();
        for (int j = 0; j < photo.height(); j++) {
            for (int i = 0; i < photo.width(); i++) {
                if (photo.shows(j * photo.width() + i)) {
                    Point p = photo.toTable(i + 0.5, j + 0.5);
                    boolean near = p.x() > box.minX() && p.x() < box.maxX() && p.y() > box.minY() && p.y() < box.maxY();
                    usable.set(i, j, near && sheet.covers(p) ? 0 : 1);
                }
            }
        }
        return usable;
    }

    /** Cloth pixels, threads and crumbs taken off, gaps of a few millimetres closed. */
    private GrayU8 cloth(GrayF32 far, GrayU8 usable, double level) {
        GrayU8 cloth = new GrayU8(far.width, far.height);
        for (int k = 0; k < far.data.length; k++) {
            cloth.data[k] = (byte) (usable.data[k] == 1 && far.data[k] > level ? 1 : 0);
        }
        int times = (int) Math.max(1, Math.round(2 / photo.mmPerPixel()));
        GrayU8 opened = BinaryImageOps.dilate8(BinaryImageOps.erode8(cloth, times, null), times, null);
        return BinaryImageOps.erode8(BinaryImageOps.dilate8(opened, times, null), times, null);
    }

    private static double areaOf(List<Point2D_I32> contour) {
        double twice = 0;
        for (int i = 0; i < contour.size(); i++) {
            Point2D_I32 p = contour.get(i);
            Point2D_I32 q = contour.get((i + 1) % contour.size());
            twice += (double) p.x * q.y - (double) q.x * p.y;
        }
        return Math.abs(twice) / 2;
    }

    private boolean touchesRim(List<Point2D_I32> contour, GrayU8 usable) {
        int near = 2;
        for (Point2D_I32 p : contour) {
            for (int dy = -near; dy <= near; dy += near) {
                for (int dx = -near; dx <= near; dx += near) {
                    int x = p.x + dx;
                    int y = p.y + dy;
                    if (x < 0 || y < 0 || x >= usable.width || y >= usable.height || usable.get(x, y) == 0) {
                        return true;
                    }
                }
            }
        }
        return false;
    }

    /** Share of what the outline encloses that is told from the table by itself. */
    private double share(Ring ring, GrayF32 far, double level) {
        int inside = 0;
        int told = 0;
        double step = Math.max(2, Math.sqrt(ring.areaMm2() / 40_000));
        var box = ring.box();
        for (double y = box.minY() + step / 2; y < box.maxY(); y += step) {
            for (Ring.Span span : ring.spansAt(y)) {
                for (double x = span.from() + 3; x < span.to() - 3; x += step) {
                    Point p = new Point(x, y);
                    double d = Sampling.at(far, photo.column(p), photo.row(p));
                    inside++;
                    told += d > level * 0.8 ? 1 : 0;
                }
            }
        }
        return inside == 0 ? 0 : (double) told / inside;
    }

    /** Share of the outline along which inside and outside differ by most of what cloth and table differ. */
    private double contrast(Ring ring, GrayF32 far, Parting split) {
        double wanted = 0.4 * (split.far() - split.near());
        int clear = 0;
        int n = ring.size();
        for (int i = 0; i < n; i++) {
            Point way = ring.at(i + 3).minus(ring.at(i - 3));
            Point out = way.right().times(Math.signum(ring.signedAreaMm2()) / Math.max(1e-9, way.lengthMm()));
            double inside = mean(far, ring.at(i), out.times(-1));
            double outside = mean(far, ring.at(i), out);
            clear += inside - outside > wanted ? 1 : 0;
        }
        return (double) clear / n;
    }

    private double mean(GrayF32 far, Point at, Point way) {
        double sum = 0;
        for (double mm = 3; mm <= 7; mm++) {
            Point p = at.plus(way.times(mm));
            double d = Sampling.at(far, photo.column(p), photo.row(p));
            sum += Double.isNaN(d) ? 0 : d / 5;
        }
        return sum;
    }
}
