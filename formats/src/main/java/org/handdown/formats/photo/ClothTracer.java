package org.handdown.formats.photo;

import boofcv.alg.filter.binary.BinaryImageOps;
import boofcv.alg.filter.binary.Contour;
import boofcv.struct.ConnectRule;
import boofcv.struct.image.GrayF32;
import boofcv.struct.image.GrayU8;
import georegression.struct.point.Point2D_I32;
import java.util.ArrayList;
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
    /** Light on the table varies this much, from shadow to glare. */
    private static final double DARKEST = 0.42;

    private static final double BRIGHTEST = 1.35;
    private static final double RIM_MM = 22;
    private static final double BESIDE_SHEET_MM = 14;
    private static final double REACH_MM = 5;
    private static final double STEP_MM = 0.25;
    private static final double LEAST_CM2 = 60;
    private static final int LEAST_RIM_PIXELS = 2000;
    /** A second colour of a table takes up so much of its rim at least; joints and threads do not. */
    private static final double LEAST_OTHER_SHARE = 0.05;

    private static final double OTHER_COLOUR = 0.16;
    private static final int MOST_COLOURS = 4;
    private static final double CRUMB_CM2 = 2;
    /** What is so small beside the cloth is a knot of the board or a stain on the table, and no other stripe of it. */
    private static final double CRUMB_SHARE = 0.02;

    private static final double LEAST_EDGE = 0.06;
    private static final double LEAST_APART = 0.12;
    private static final double LEAST_SEPARABLE = 0.72;
    private static final double SURE_SHARE = 0.97;
    private static final int LEVELS = 256;

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
        List<double[]> table = tableColours(usable);
        if (table.isEmpty()) {
            return unsure("The table does not show all round the cloth.");
        }
        GrayF32 far = distances(table);
        double[] split = otsu(far, usable);
        double level = split[0];
        if (split[2] - split[1] < LEAST_APART || split[3] < LEAST_SEPARABLE) {
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
        List<Point> line = refined(largest.external, far, level);
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

    /** Colours of the table by the rim of what the photo shows: its middle one, and others that take up a fair part of it. */
    private List<double[]> tableColours(GrayU8 usable) {
        int rim = (int) Math.max(3, RIM_MM / photo.mmPerPixel());
        List<Integer> seen = new ArrayList<>();
        for (int j = 0; j < photo.height(); j++) {
            for (int i = 0; i < photo.width(); i++) {
                int k = j * photo.width() + i;
                if (usable.data[k] == 1 && isNearRim(i, j, rim)) {
                    seen.add(k);
                }
            }
        }
        List<double[]> colours = new ArrayList<>();
        List<Integer> left = seen;
        while (left.size() >= Math.max(LEAST_RIM_PIXELS, LEAST_OTHER_SHARE * seen.size())
                && colours.size() < MOST_COLOURS) {
            double[] next = middle(left);
            colours.add(next);
            left = left.stream().filter(k -> distance(k, next) > OTHER_COLOUR).toList();
        }
        return colours;
    }

    private double[] middle(List<Integer> pixels) {
        double[] middle = new double[3];
        float[][] all = {photo.red(), photo.green(), photo.blue()};
        for (int c = 0; c < 3; c++) {
            float[] of = all[c];
            double[] values = pixels.stream().mapToDouble(k -> of[k]).sorted().toArray();
            middle[c] = Math.max(0.003, values[values.length / 2]);
        }
        return middle;
    }

    /** Does the photo end within this many pixels, level, upright or slanting? */
    private boolean isNearRim(int i, int j, int rim) {
        for (int dj = -rim; dj <= rim; dj += rim) {
            for (int di = -rim; di <= rim; di += rim) {
                int x = i + di;
                int y = j + dj;
                if (x < 0
                        || y < 0
                        || x >= photo.width()
                        || y >= photo.height()
                        || !photo.shows(y * photo.width() + x)) {
                    return true;
                }
            }
        }
        return false;
    }

    /** How far a pixel is from a colour of the table, as a share of its brightness, its own light allowed for. */
    private double distance(int k, double[] t) {
        double square = t[0] * t[0] + t[1] * t[1] + t[2] * t[2];
        double norm = Math.max(0.12, Math.sqrt(square));
        double r = photo.red()[k];
        double g = photo.green()[k];
        double b = photo.blue()[k];
        double s = Math.max(DARKEST, Math.min(BRIGHTEST, (r * t[0] + g * t[1] + b * t[2]) / square));
        double dr = r - s * t[0];
        double dg = g - s * t[1];
        double db = b - s * t[2];
        return Math.sqrt(dr * dr + dg * dg + db * db) / norm;
    }

    /** How far each pixel is from the nearest colour of the table; smoothed by a pixel. */
    private GrayF32 distances(List<double[]> table) {
        int w = photo.width();
        int h = photo.height();
        GrayF32 raw = new GrayF32(w, h);
        for (int k = 0; k < w * h; k++) {
            if (photo.shows(k)) {
                double d = 2;
                for (double[] t : table) {
                    d = Math.min(d, distance(k, t));
                }
                raw.data[k] = (float) d;
            }
        }
        GrayF32 smooth = new GrayF32(w, h);
        for (int j = 1; j + 1 < h; j++) {
            for (int i = 1; i + 1 < w; i++) {
                int k = j * w + i;
                smooth.data[k] = (4 * raw.data[k]
                                + 2 * (raw.data[k - 1] + raw.data[k + 1] + raw.data[k - w] + raw.data[k + w])
                                + raw.data[k - w - 1]
                                + raw.data[k - w + 1]
                                + raw.data[k + w - 1]
                                + raw.data[k + w + 1])
                        / 16;
            }
        }
        return smooth;
    }

    /**
     * The level that parts two kinds of pixels best (Otsu, 1979).
     *
     * @return level, mean of the near and of the far kind, and the share of all variance that the parting explains
     */
    private double[] otsu(GrayF32 far, GrayU8 usable) {
        double top = 1.2;
        double[] count = new double[LEVELS];
        double all = 0;
        double sum = 0;
        for (int k = 0; k < far.data.length; k++) {
            if (usable.data[k] == 1) {
                int bin = (int) Math.min(LEVELS - 1, far.data[k] / top * LEVELS);
                count[bin]++;
                all++;
                sum += bin;
            }
        }
        double variance = 0;
        double mean = sum / Math.max(1, all);
        for (int b = 0; b < LEVELS; b++) {
            variance += count[b] * (b - mean) * (b - mean);
        }
        double below = 0;
        double belowSum = 0;
        double best = -1;
        double[] found = {0, 0, 0, 0};
        for (int b = 0; b + 1 < LEVELS; b++) {
            below += count[b];
            belowSum += count[b] * b;
            double above = all - below;
            if (below > 0 && above > 0) {
                double low = belowSum / below;
                double high = (sum - belowSum) / above;
                double between = below * above / all * (high - low) * (high - low);
                if (between > best) {
                    best = between;
                    found = new double[] {
                        (low + high) / 2 / LEVELS * top,
                        low / LEVELS * top,
                        high / LEVELS * top,
                        variance == 0 ? 0 : between / variance
                    };
                }
            }
        }
        return found;
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

    /** The contour every two pixels, each point moved square to it to where the middle between cloth and table is passed. */
    private List<Point> refined(List<Point2D_I32> contour, GrayF32 far, double level) {
        int n = contour.size();
        int span = (int) Math.max(3, Math.round(4 / photo.mmPerPixel()));
        List<Point> line = new ArrayList<>();
        for (int k = 0; k < n; k += 2) {
            Point2D_I32 a = contour.get(Math.floorMod(k - span, n));
            Point2D_I32 b = contour.get((k + span) % n);
            Point way = new Point(b.x - a.x, b.y - a.y);
            Point2D_I32 c = contour.get(k);
            if (way.lengthMm() < 1) {
                continue;
            }
            Point out = way.right().times(1 / way.lengthMm());
            Point at = new Point(c.x + 0.5, c.y + 0.5);
            double moved = passing(far, at, out, level);
            if (!Double.isNaN(moved)) {
                Point p = at.plus(out.times(moved));
                line.add(photo.toTable(p.x(), p.y()));
            }
        }
        return thinned(line);
    }

    /**
     * Pixels along a direction to where half of the colour is the one side's and half the other's. In linear light a blurred edge mixes the
     * two by their shares, so that blur does not move it.
     */
    private double passing(GrayF32 far, Point at, Point out, double level) {
        int reach = (int) Math.round(REACH_MM / STEP_MM);
        double step = STEP_MM / photo.mmPerPixel();
        double[][] c = new double[2 * reach + 1][3];
        double[] d = new double[c.length];
        for (int i = 0; i < c.length; i++) {
            double x = at.x() + out.x() * (i - reach) * step;
            double y = at.y() + out.y() * (i - reach) * step;
            d[i] = Sampling.at(far, x, y);
            if (Double.isNaN(d[i]) || !colour(x, y, c[i])) {
                return Double.NaN;
            }
        }
        int side = (int) Math.round(1.5 / STEP_MM);
        double[] one = mean(c, 0, side);
        double[] other = mean(c, c.length - side, c.length);
        double[] way = {other[0] - one[0], other[1] - one[1], other[2] - one[2]};
        double square = way[0] * way[0] + way[1] * way[1] + way[2] * way[2];
        double middle = level;
        if (square > LEAST_EDGE * LEAST_EDGE * (one[0] + one[1] + one[2] + other[0] + other[1] + other[2])) {
            for (int i = 0; i < c.length; i++) {
                d[i] = ((c[i][0] - one[0]) * way[0] + (c[i][1] - one[1]) * way[1] + (c[i][2] - one[2]) * way[2])
                        / square;
            }
            middle = 0.5;
        }
        double best = Double.NaN;
        for (int i = 0; i + 1 < d.length; i++) {
            if ((d[i] - middle) * (d[i + 1] - middle) <= 0 && d[i] != d[i + 1]) {
                double where = (i + (middle - d[i]) / (d[i + 1] - d[i]) - reach) * step;
                if (Double.isNaN(best) || Math.abs(where) < Math.abs(best)) {
                    best = where;
                }
            }
        }
        return best;
    }

    private static double[] mean(double[][] c, int from, int to) {
        double[] sum = new double[3];
        for (int i = from; i < to; i++) {
            for (int n = 0; n < 3; n++) {
                sum[n] += c[i][n] / (to - from);
            }
        }
        return sum;
    }

    private boolean colour(double x, double y, double[] into) {
        int i = (int) Math.floor(x - 0.5);
        int j = (int) Math.floor(y - 0.5);
        if (i < 0 || j < 0 || i + 1 >= photo.width() || j + 1 >= photo.height()) {
            return false;
        }
        double a = x - 0.5 - i;
        double b = y - 0.5 - j;
        int k = j * photo.width() + i;
        int[] around = {k, k + 1, k + photo.width(), k + photo.width() + 1};
        double[] weight = {(1 - a) * (1 - b), a * (1 - b), (1 - a) * b, a * b};
        for (int n = 0; n < 4; n++) {
            if (!photo.shows(around[n])) {
                return false;
            }
            into[0] += weight[n] * photo.red()[around[n]];
            into[1] += weight[n] * photo.green()[around[n]];
            into[2] += weight[n] * photo.blue()[around[n]];
        }
        return true;
    }

    /** Without points that the moving brought onto or behind their neighbours. */
    private static List<Point> thinned(List<Point> line) {
        List<Point> kept = new ArrayList<>();
        for (Point p : line) {
            if (kept.isEmpty() || kept.get(kept.size() - 1).distanceMm(p) > 0.6) {
                kept.add(p);
            }
        }
        boolean changed = true;
        while (changed && kept.size() > 20) {
            changed = false;
            for (int i = 0; i < kept.size(); i++) {
                Point a = kept.get(Math.floorMod(i - 1, kept.size()));
                Point b = kept.get(i);
                Point c = kept.get((i + 1) % kept.size());
                if (b.minus(a).dot(c.minus(b)) < 0) {
                    kept.remove(i);
                    changed = true;
                }
            }
        }
        return kept;
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
    private double contrast(Ring ring, GrayF32 far, double[] split) {
        double wanted = 0.4 * (split[2] - split[1]);
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
