package org.handdown.formats.photo;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import org.handdown.geometry.Box;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;

/** A followed outline's cloth in cells of a few colours: does one of them lie where a fold, a hand or a thing would? */
final class ClothColours {
    private static final double CELL_MM = 5;
    private static final int MOST_SIFTINGS = 5;

    private static final double LEAST_CM2 = 4;
    private static final double MOST_SHARE = 0.45;
    private static final double ONE_PIECE_SHARE = 0.8;
    private static final double MUCH_DARKER = 0.68;
    private static final double SAME_LIGHT = 0.82;
    private static final double OUTSIDE_MM = 12;
    private static final int LEAST_BESIDE = 5;

    private final FlatPhoto photo;
    private final Ring ring;
    private final Box box;
    private final int columns;
    private final int rows;
    private final float[][] colour;
    private final boolean[] inside;
    private final ColourKinds kinds;

    /** @param ring of the cloth, table frame, mm, counter-clockwise */
    ClothColours(FlatPhoto photo, Ring ring) {
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
        this.kinds = kindsWithoutStrays();
    }

    /** Cells that the edge runs through mix two colours and would take up all kinds: few as they are, they are left out. */
    private ColourKinds kindsWithoutStrays() {
        ColourKinds found = ColourKinds.of(colour, inside);
        for (int round = 0; round < MOST_SIFTINGS && leaveStraysOut(found); round++) {
            found = ColourKinds.of(colour, inside);
        }
        return found;
    }

    private boolean leaveStraysOut(ColourKinds found) {
        boolean left = false;
        for (int i = 0; i < inside.length; i++) {
            if (inside[i] && found.count()[found.of()[i]] * CELL_MM * CELL_MM < LEAST_CM2 * 100) {
                inside[i] = false;
                left = true;
            }
        }
        return left;
    }

    /**
     * A colour that lies in one part of the cloth only, and at its edge. Stripes, checks and dots have theirs all over; a shadow is the same
     * colour with less light.
     */
    boolean hasForeignColour() {
        ColourKinds one = kinds.merged(colour);
        for (int k = 0; k < ColourKinds.KINDS; k++) {
            if (one.count()[k] < MOST_SHARE * one.all()
                    && isOnePart(one, k)
                    && ColourKinds.isOther(one.means()[one.main()], one.means()[k])) {
                return true;
            }
        }
        return false;
    }

    /** A shadow goes on over the table; a dark thing ends where its edge is. */
    boolean hasDarkThing() {
        for (int k = 0; k < ColourKinds.KINDS; k++) {
            if (lightOf(kinds.means()[k]) < MUCH_DARKER * lightOf(kinds.means()[kinds.main()])
                    && isOnePart(kinds, k)
                    && isTableLitBeside(kinds.of(), k)) {
                return true;
            }
        }
        return false;
    }

    /** Not the cloth's own kind, large enough, and nearly all of it in one place. */
    private boolean isOnePart(ColourKinds among, int k) {
        return k != among.main()
                && among.count()[k] * CELL_MM * CELL_MM > LEAST_CM2 * 100
                && largestPart(among.of(), k) > ONE_PIECE_SHARE * among.count()[k];
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

    private boolean isTableLitBeside(int[] kind, int dark) {
        List<Double> beside = new ArrayList<>();
        List<Double> elsewhere = new ArrayList<>();
        List<Point> even = ClothDoubts.evenly(ring, 6);
        for (int i = 0; i < even.size(); i++) {
            Point way = even.get((i + 1) % even.size()).minus(even.get(Math.floorMod(i - 1, even.size())));
            Point out = way.right().times(1 / Math.max(1e-9, way.lengthMm()));
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
}
