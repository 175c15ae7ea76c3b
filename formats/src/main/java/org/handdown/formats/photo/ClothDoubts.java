package org.handdown.formats.photo;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import org.handdown.geometry.Box;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;

/**
 * What makes an outline that was followed without a break a wrong one all the same: a part folded over, a thing or a hand across the edge,
 * two cloths that look like one. Each is told by what it leaves in the picture; a person looks and decides.
 */
final class ClothDoubts {
    private static final double CELL_MM = 5;
    private static final int KINDS = 4;
    private static final int ROUNDS = 12;
    /** Another colour by this much, as a share of the cloth's brightness. */
    private static final double OTHER_COLOUR = 0.22;

    private static final double LEAST_CM2 = 4;
    private static final double MOST_SHARE = 0.45;
    private static final double ONE_PIECE_SHARE = 0.8;
    private static final double MUCH_DARKER = 0.68;
    private static final double SAME_LIGHT = 0.82;
    private static final double OUTSIDE_MM = 12;
    private static final int LEAST_BESIDE = 5;
    private static final double INWARD_DEG = 33;
    private static final double ARM_MM = 14;
    private static final double APART_MM = 30;

    private static final double FROM_EDGE_MM = 7;
    /** Where it is looked across a line, mm. */
    private static final double[] ASIDES = {-4, -1, 0, 1, 4};

    private static final double LONGEST_GAP_MM = 8;
    private static final double DARKER = 0.055;
    private static final double LEAST_LINE_MM = 55;
    private static final int WAYS = 12;

    private final FlatPhoto photo;
    private final Ring ring;
    private final Box box;
    private final int columns;
    private final int rows;
    private final float[][] colour;
    private final boolean[] inside;

    private ClothDoubts(FlatPhoto photo, Ring ring) {
        this.photo = photo;
        this.ring = ring;
        this.box = ring.box();
        this.columns = (int) Math.ceil(box.widthMm() / CELL_MM);
        this.rows = (int) Math.ceil(box.heightMm() / CELL_MM);
        this.colour = new float[columns * rows][];
        this.inside = new boolean[columns * rows];
        for (int r = 0; r < rows; r++) {
            for (Ring.Span span : ring.spansAt(box.minY() + (r + 0.5) * CELL_MM)) {
                for (int c = 0; c < columns; c++) {
                    double x = box.minX() + (c + 0.5) * CELL_MM;
                    if (x > span.from() + CELL_MM / 2 && x < span.to() - CELL_MM / 2) {
                        colour[r * columns + c] = mean(x, box.minY() + (r + 0.5) * CELL_MM);
                        inside[r * columns + c] = colour[r * columns + c].length > 0;
                    }
                }
            }
        }
    }

    /** @param ring of the cloth, table frame, mm, counter-clockwise */
    static List<String> of(FlatPhoto photo, Ring ring) {
        ClothDoubts doubts = new ClothDoubts(photo, ring);
        List<String> told = new ArrayList<>();
        if (doubts.hasForeignColour()) {
            told.add(
                    "A part along the edge has another colour: is the cloth folded over there, or does a hand or a thing lie on it?");
        }
        if (told.isEmpty() && doubts.hasDarkThing()) {
            told.add(
                    "A part along the edge is darker, though the table beside it is not: does something lie on the cloth there?");
        }
        if (doubts.inwardCorners() >= 2) {
            told.add("The edge turns inward at two corners: is that the cloth, or does something lie across its edge?");
        }
        if (told.isEmpty() && doubts.hasLineAcross()) {
            told.add(
                    "A line runs across the cloth as of an edge lying on it: is it folded over, or are these two cloths?");
        }
        return told;
    }

    private float[] mean(double x, double y) {
        float[] sum = new float[3];
        int n = 0;
        for (double dy = -2; dy <= 2; dy++) {
            for (double dx = -2; dx <= 2; dx++) {
                int i = (int) photo.column(new Point(x + dx, y));
                int j = (int) photo.row(new Point(x, y + dy));
                int k = j * photo.width() + i;
                if (i >= 0 && j >= 0 && i < photo.width() && j < photo.height() && photo.shows(k)) {
                    sum[0] += photo.red()[k];
                    sum[1] += photo.green()[k];
                    sum[2] += photo.blue()[k];
                    n++;
                }
            }
        }
        if (n == 0) {
            return new float[0];
        }
        for (int i = 0; i < 3; i++) {
            sum[i] /= n;
        }
        return sum;
    }

    /**
     * A colour that lies in one part of the cloth only, and at its edge. Stripes, checks and dots have theirs all over; a shadow is the same
     * colour with less light.
     */
    private boolean hasForeignColour() {
        int[] kind = merged(kinds());
        int[] count = new int[KINDS];
        int all = 0;
        for (int k : kind) {
            if (k >= 0) {
                count[k]++;
                all++;
            }
        }
        int main = 0;
        for (int k = 1; k < KINDS; k++) {
            main = count[k] > count[main] ? k : main;
        }
        float[][] means = means(kind);
        for (int k = 0; k < KINDS; k++) {
            if (k != main
                    && count[k] * CELL_MM * CELL_MM > LEAST_CM2 * 100
                    && count[k] < MOST_SHARE * all
                    && isOther(means[main], means[k])) {
                int largest = largestPart(kind, k);
                if (largest > ONE_PIECE_SHARE * count[k]) {
                    return true;
                }
            }
        }
        return false;
    }

    /** A shadow goes on over the table; a dark thing ends where its edge is. */
    private boolean hasDarkThing() {
        int[] kind = kinds();
        float[][] means = means(kind);
        int[] count = new int[KINDS];
        for (int k : kind) {
            if (k >= 0) {
                count[k]++;
            }
        }
        int main = 0;
        for (int k = 1; k < KINDS; k++) {
            main = count[k] > count[main] ? k : main;
        }
        for (int k = 0; k < KINDS; k++) {
            boolean isDark = lightOf(means[k]) < MUCH_DARKER * lightOf(means[main]);
            if (k != main
                    && isDark
                    && count[k] * CELL_MM * CELL_MM > LEAST_CM2 * 100
                    && largestPart(kind, k) > ONE_PIECE_SHARE * count[k]
                    && isTableLitBeside(kind, k)) {
                return true;
            }
        }
        return false;
    }

    private boolean isTableLitBeside(int[] kind, int dark) {
        List<Double> beside = new ArrayList<>();
        List<Double> elsewhere = new ArrayList<>();
        List<Point> even = evenly(6);
        for (int i = 0; i < even.size(); i++) {
            Point way = even.get((i + 1) % even.size()).minus(even.get(Math.floorMod(i - 1, even.size())));
            Point out = new Point(way.y(), -way.x()).times(1 / Math.max(1e-9, way.lengthMm()));
            Point in = even.get(i).minus(out.times(9));
            Point there = even.get(i).plus(out.times(OUTSIDE_MM));
            float[] table = mean(there.x(), there.y());
            int c = (int) ((in.x() - box.minX()) / CELL_MM);
            int r = (int) ((in.y() - box.minY()) / CELL_MM);
            if (table.length > 0 && c >= 0 && r >= 0 && c < columns && r < rows) {
                (kind[r * columns + c] == dark ? beside : elsewhere).add(lightOf(table));
            }
        }
        return beside.size() >= LEAST_BESIDE && !elsewhere.isEmpty() && middle(beside) > SAME_LIGHT * middle(elsewhere);
    }

    private static double middle(List<Double> values) {
        List<Double> sorted = values.stream().sorted().toList();
        return sorted.get(sorted.size() / 2);
    }

    private static double lightOf(float[] c) {
        return 0.3 * c[0] + 0.6 * c[1] + 0.1 * c[2];
    }

    /** Another colour, not the same one in more shade; more light than the cloth's is another colour too. */
    private static boolean isOther(float[] main, float[] other) {
        double dot = 0;
        double square = 0;
        for (int i = 0; i < 3; i++) {
            dot += main[i] * other[i];
            square += main[i] * main[i];
        }
        double light = dot / Math.max(1e-9, square);
        double norm = Math.sqrt(square);
        double off = 0;
        double s = Math.max(0.3, Math.min(1.25, light));
        for (int i = 0; i < 3; i++) {
            off += (other[i] - s * main[i]) * (other[i] - s * main[i]);
        }
        return Math.sqrt(off) / Math.max(0.05, norm * Math.max(s, 0.5)) > OTHER_COLOUR;
    }

    /** Cells by colour, in {@link #KINDS} kinds (Lloyd's rounds from far corners). */
    private int[] kinds() {
        List<float[]> centres = new ArrayList<>();
        for (int k = 0; k < KINDS; k++) {
            float[] far = null;
            double most = -1;
            for (int i = 0; i < colour.length; i += 3) {
                if (inside[i]) {
                    double least = k == 0 ? 0 : Double.MAX_VALUE;
                    for (float[] c : centres) {
                        least = Math.min(least, square(c, colour[i]));
                    }
                    if (least > most) {
                        most = least;
                        far = colour[i];
                    }
                }
            }
            centres.add(far == null ? new float[3] : far);
        }
        int[] kind = new int[colour.length];
        for (int round = 0; round < ROUNDS; round++) {
            for (int i = 0; i < colour.length; i++) {
                kind[i] = -1;
                double best = Double.MAX_VALUE;
                for (int k = 0; inside[i] && k < KINDS; k++) {
                    double d = square(centres.get(k), colour[i]);
                    if (d < best) {
                        best = d;
                        kind[i] = k;
                    }
                }
            }
            float[][] means = means(kind);
            for (int k = 0; k < KINDS; k++) {
                centres.set(k, means[k]);
            }
        }
        return kind;
    }

    /** Kinds that are one colour in more and less light are one kind. */
    private int[] merged(int[] kind) {
        float[][] means = means(kind);
        int[] as = new int[KINDS];
        for (int k = 0; k < KINDS; k++) {
            as[k] = k;
            for (int j = k - 1; j >= 0; j--) {
                if (!isOther(means[j], means[k]) && !isOther(means[k], means[j])) {
                    as[k] = as[j];
                }
            }
        }
        int[] one = new int[kind.length];
        for (int i = 0; i < kind.length; i++) {
            one[i] = kind[i] < 0 ? -1 : as[kind[i]];
        }
        return one;
    }

    private float[][] means(int[] kind) {
        float[][] sum = new float[KINDS][3];
        int[] n = new int[KINDS];
        for (int i = 0; i < kind.length; i++) {
            if (kind[i] >= 0) {
                n[kind[i]]++;
                for (int c = 0; c < 3; c++) {
                    sum[kind[i]][c] += colour[i][c];
                }
            }
        }
        for (int k = 0; k < KINDS; k++) {
            for (int c = 0; c < 3; c++) {
                sum[k][c] /= Math.max(1, n[k]);
            }
        }
        return sum;
    }

    private static double square(float[] a, float[] b) {
        double d = 0;
        for (int i = 0; i < 3; i++) {
            // Roots of light are nearer to how far colours look apart.
            double e = Math.sqrt(Math.max(0, a[i])) - Math.sqrt(Math.max(0, b[i]));
            d += e * e;
        }
        return d;
    }

    private int largestPart(int[] kind, int wanted) {
        boolean[] seen = new boolean[kind.length];
        int largest = 0;
        for (int i = 0; i < kind.length; i++) {
            if (kind[i] == wanted && !seen[i]) {
                Deque<Integer> open = new ArrayDeque<>(List.of(i));
                seen[i] = true;
                int n = 0;
                while (!open.isEmpty()) {
                    int at = open.removeLast();
                    n++;
                    int c = at % columns;
                    int r = at / columns;
                    for (int d = 0; d < 8; d++) {
                        int cc = c + (d < 3 ? -1 : d < 5 ? 0 : 1);
                        int rr = r + new int[] {-1, 0, 1, -1, 1, -1, 0, 1}[d];
                        int to = rr * columns + cc;
                        if (cc >= 0 && rr >= 0 && cc < columns && rr < rows && !seen[to] && kind[to] == wanted) {
                            seen[to] = true;
                            open.add(to);
                        }
                    }
                }
                largest = Math.max(largest, n);
            }
        }
        return largest;
    }

    /** Places where the edge turns to the inside as sharply as a cut or another thing does. */
    private int inwardCorners() {
        List<Point> even = evenly(2);
        int n = even.size();
        int arm = (int) Math.round(ARM_MM / 2);
        double[] turn = new double[n];
        for (int i = 0; i < n; i++) {
            Point in = even.get(i).minus(even.get(Math.floorMod(i - arm, n)));
            Point out = even.get((i + arm) % n).minus(even.get(i));
            turn[i] = Math.toDegrees(Math.atan2(in.cross(out), in.dot(out)));
        }
        int found = 0;
        int last = -n;
        for (int i = 0; i < n; i++) {
            boolean isSharpest = turn[i] < -INWARD_DEG;
            for (int k = -arm; k <= arm && isSharpest; k++) {
                isSharpest = turn[i] <= turn[Math.floorMod(i + k, n)];
            }
            if (isSharpest && (i - last) * 2 > APART_MM) {
                found++;
                last = i;
            }
        }
        return found;
    }

    private List<Point> evenly(double step) {
        List<Point> run = ring.run(0, 0);
        List<Point> even = new ArrayList<>();
        double left = 0;
        for (int i = 0; i + 1 < run.size(); i++) {
            double far = run.get(i).distanceMm(run.get(i + 1));
            while (left < far) {
                even.add(run.get(i).toward(run.get(i + 1), left / far));
                left += step;
            }
            left -= far;
        }
        return even;
    }

    /** A thin dark line between two places of the edge, as the shadow of an edge that lies on the cloth. */
    private boolean hasLineAcross() {
        double[] light = lightness();
        int w = (int) Math.ceil(box.widthMm());
        int h = (int) Math.ceil(box.heightMm());
        byte[] way = new byte[w * h];
        int lines = 0;
        int asked = 0;
        for (int y = 8; y < h - 8; y += 2) {
            for (Ring.Span span : ring.spansAt(box.minY() + y)) {
                int from = (int) Math.ceil(span.from() - box.minX() + FROM_EDGE_MM);
                int to = (int) Math.floor(span.to() - box.minX() - FROM_EDGE_MM);
                for (int x = Math.max(8, from); x < Math.min(w - 8, to); x += 2) {
                    asked++;
                    way[y * w + x] = darkWay(light, w, h, x, y);
                    lines += way[y * w + x] > 0 ? 1 : 0;
                }
            }
        }
        // Where lines are everywhere they are the cloth's pattern.
        return asked > 0 && lines < 0.04 * asked && longestMm(way, w, h) > LEAST_LINE_MM;
    }

    private double[] lightness() {
        int w = (int) Math.ceil(box.widthMm());
        int h = (int) Math.ceil(box.heightMm());
        double[] light = new double[w * h];
        for (int y = 0; y < h; y++) {
            for (int x = 0; x < w; x++) {
                Point p = new Point(box.minX() + x, box.minY() + y);
                int i = (int) photo.column(p);
                int j = (int) photo.row(p);
                int k = j * photo.width() + i;
                boolean isIn = i >= 0 && j >= 0 && i < photo.width() && j < photo.height() && photo.shows(k);
                light[y * w + x] = isIn
                        ? Math.log(0.01 + 0.3 * photo.red()[k] + 0.6 * photo.green()[k] + 0.1 * photo.blue()[k])
                        : Double.NaN;
            }
        }
        return light;
    }

    /** Direction, from 1, along which a place is darker than what lies aside of it on both sides; 0 for none. */
    private static byte darkWay(double[] light, int w, int h, int x, int y) {
        byte best = 0;
        double most = DARKER;
        for (int k = 0; k < WAYS; k++) {
            double a = Math.PI * k / WAYS;
            double c = Math.cos(a);
            double s = Math.sin(a);
            double[] mean = new double[5];
            for (int t = -8; t <= 8; t += 2) {
                for (int m = 0; m < mean.length; m++) {
                    double aside = ASIDES[m];
                    mean[m] += at(light, w, h, x + t * c - aside * s, y + t * s + aside * c) / 9;
                }
            }
            double on = Math.min(mean[1], Math.min(mean[2], mean[3]));
            double darker = Math.min(mean[0], mean[4]) - on;
            if (darker > most) {
                most = darker;
                best = (byte) (k + 1);
            }
        }
        return best;
    }

    private static double at(double[] light, int w, int h, double x, double y) {
        int i = (int) Math.round(x);
        int j = (int) Math.round(y);
        return i < 0 || j < 0 || i >= w || j >= h ? Double.NaN : light[j * w + i];
    }

    /** Longest run of such places that follow each other in their own direction. */
    private static double longestMm(byte[] way, int w, int h) {
        double longest = 0;
        boolean[] used = new boolean[way.length];
        for (int y = 0; y < h; y += 2) {
            for (int x = 0; x < w; x += 2) {
                if (way[y * w + x] > 0 && !used[y * w + x]) {
                    double length = followed(way, used, w, h, x, y, 1) + followed(way, used, w, h, x, y, -1);
                    longest = Math.max(longest, length);
                }
            }
        }
        return longest;
    }

    private static double followed(byte[] way, boolean[] used, int w, int h, int x0, int y0, int sign) {
        double x = x0;
        double y = y0;
        double a = Math.PI * (way[y0 * w + x0] - 1) / WAYS;
        double dx = sign * Math.cos(a);
        double dy = sign * Math.sin(a);
        double length = 0;
        double gap = 0;
        while (gap < LONGEST_GAP_MM) {
            x += 2 * dx;
            y += 2 * dy;
            gap += 2;
            int found = near(way, w, h, x, y, dx, dy);
            if (found >= 0) {
                used[found] = true;
                double b = Math.PI * (way[found] - 1) / WAYS;
                double turn = Math.signum(Math.cos(b) * dx + Math.sin(b) * dy);
                dx = 0.6 * dx + 0.4 * turn * Math.cos(b);
                dy = 0.6 * dy + 0.4 * turn * Math.sin(b);
                length += gap;
                gap = 0;
            }
        }
        return length;
    }

    private static int near(byte[] way, int w, int h, double x, double y, double dx, double dy) {
        for (int r = 0; r <= 3; r++) {
            for (int j = (int) y - r; j <= y + r; j++) {
                for (int i = (int) x - r; i <= x + r; i++) {
                    if (i >= 0 && j >= 0 && i < w && j < h && way[j * w + i] > 0) {
                        double b = Math.PI * (way[j * w + i] - 1) / WAYS;
                        if (Math.abs(Math.cos(b) * dx + Math.sin(b) * dy) > 0.8) {
                            return j * w + i;
                        }
                    }
                }
            }
        }
        return -1;
    }
}
