package org.handdown.geometry;

import java.util.Arrays;
import java.util.Optional;
import java.util.function.IntPredicate;

/**
 * The outline of all spots whose winding number about a closed path is wanted. Lines that may bound it are cut at their crossings; of
 * each part it is looked up on both sides whether the number is wanted there, and the parts where only one side is are joined into
 * rings. Everything is in flat arrays and whole steps: an order of magnitude faster than a general noder and polygonizer.
 *
 * <p>Crossings are rounded, so three lines through nearly one point may leave parts that do not join up. Then no answer is given, never a
 * wrong one; the caller has a slower way.
 */
final class FaceTracer {
    /** Steps to either side of a part at which it is looked up what lies there. */
    private static final double ASIDE = 3;
    /** An end this near to a line, in steps, lies on it: as far as the rounding of both can bring them apart. */
    private static final double TOUCHES = 1.5;

    /** Lines are sorted by whole steps from the leftmost and their number in one word: a million lines on eighty-eight metres. */
    private static final int INDEX_BITS = 20;

    private static final double MOST_STEPS = 1L << 63 - INDEX_BITS;

    private final double stepsPerMm;
    private final boolean isTooMuch;

    /** The closed path, in steps. */
    private final BandedEdges path;

    // Lines: left x, its y, right x, its y, length.
    private final double[] line;
    private final double[] length;

    // Spots at which lines are cut.
    private int[] cutOf;
    private double[] cutX;
    private double[] cutY;
    private int cuts;

    private final NumberedSpots spots = new NumberedSpots();

    /**
     * @param path edges of the closed path: x0, y0, x1, y1 in mm
     * @param lines what may bound the wanted area, likewise
     */
    FaceTracer(double[] path, double[] lines, double stepsPerMm) {
        this.stepsPerMm = stepsPerMm;
        this.path = new BandedEdges(steps(path));
        double[] inSteps = steps(lines);
        double left = Double.POSITIVE_INFINITY;
        double right = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < inSteps.length; i += 2) {
            left = Math.min(left, inSteps[i]);
            right = Math.max(right, inSteps[i]);
        }
        this.isTooMuch = lines.length / 4 >= 1 << INDEX_BITS || right - left >= MOST_STEPS;
        this.line = sorted(inSteps, left);
        this.length = new double[line.length / 4];
        for (int i = 0; i < length.length; i++) {
            length[i] = Math.hypot(line[4 * i + 2] - line[4 * i], line[4 * i + 3] - line[4 * i + 1]);
        }
        this.cutOf = new int[8 * length.length + 16];
        this.cutX = new double[cutOf.length];
        this.cutY = new double[cutOf.length];
    }

    /** Rounded, so that ends that are one stay one and the path stays closed. */
    private double[] steps(double[] mm) {
        double[] steps = new double[mm.length];
        for (int i = 0; i < mm.length; i++) {
            steps[i] = Math.rint(mm[i] * stepsPerMm);
        }
        return steps;
    }

    /** Each from left to right, upright ones upwards, in the order of their left ends; what has no length is left out. */
    private static double[] sorted(double[] lines, double left) {
        int n = lines.length / 4;
        long[] order = new long[n];
        double[] turned = new double[lines.length];
        int kept = 0;
        for (int i = 0; i < n; i++) {
            double ax = lines[4 * i];
            double ay = lines[4 * i + 1];
            double bx = lines[4 * i + 2];
            double by = lines[4 * i + 3];
            boolean forward = ax < bx || ax == bx && ay < by;
            if (ax != bx || ay != by) {
                turned[4 * kept] = forward ? ax : bx;
                turned[4 * kept + 1] = forward ? ay : by;
                turned[4 * kept + 2] = forward ? bx : ax;
                turned[4 * kept + 3] = forward ? by : ay;
                order[kept] = (long) (turned[4 * kept] - left) << INDEX_BITS | kept;
                kept++;
            }
        }
        Arrays.sort(order, 0, kept);
        double[] sorted = new double[4 * kept];
        for (int i = 0; i < kept; i++) {
            int at = (int) (order[i] & (1 << INDEX_BITS) - 1);
            System.arraycopy(turned, 4 * at, sorted, 4 * i, 4);
        }
        return sorted;
    }

    /** Empty if the parts did not join up, or if there are too many lines over too great a width. */
    Optional<Region> where(IntPredicate wanted) {
        if (isTooMuch) {
            return Optional.empty();
        }
        cut();
        long[] parts = parts();
        int[] from = new int[parts.length];
        int[] to = new int[parts.length];
        int n = 0;
        for (long part : parts) {
            int a = (int) (part >>> 32);
            int b = (int) part;
            double dx = spots.x(b) - spots.x(a);
            double dy = spots.y(b) - spots.y(a);
            double aside = ASIDE / Math.hypot(dx, dy);
            double x = (spots.x(a) + spots.x(b)) / 2;
            double y = (spots.y(a) + spots.y(b)) / 2;
            boolean left = wanted.test(path.winding(x - dy * aside, y + dx * aside));
            boolean right = wanted.test(path.winding(x + dy * aside, y - dx * aside));
            if (left != right) {
                from[n] = left ? a : b;
                to[n++] = left ? b : a;
            }
        }
        return n == 0
                ? Optional.of(Region.EMPTY)
                : new RingJoiner(spots.xs(), spots.ys(), spots.count(), stepsPerMm).joined(from, to, n);
    }

    // Cutting

    private void cut() {
        for (int i = 0; i < length.length; i++) {
            addCut(i, line[4 * i], line[4 * i + 1]);
            addCut(i, line[4 * i + 2], line[4 * i + 3]);
            double low = Math.min(line[4 * i + 1], line[4 * i + 3]) - 2;
            double high = Math.max(line[4 * i + 1], line[4 * i + 3]) + 2;
            for (int j = i + 1; j < length.length && line[4 * j] <= line[4 * i + 2] + 2; j++) {
                if (Math.max(line[4 * j + 1], line[4 * j + 3]) >= low
                        && Math.min(line[4 * j + 1], line[4 * j + 3]) <= high) {
                    meet(i, j);
                }
            }
        }
    }

    private void meet(int i, int j) {
        double j0 = off(i, line[4 * j], line[4 * j + 1]);
        double j1 = off(i, line[4 * j + 2], line[4 * j + 3]);
        if (j0 > TOUCHES && j1 > TOUCHES || j0 < -TOUCHES && j1 < -TOUCHES) {
            return;
        }
        double i0 = off(j, line[4 * i], line[4 * i + 1]);
        double i1 = off(j, line[4 * i + 2], line[4 * i + 3]);
        if (i0 > TOUCHES && i1 > TOUCHES || i0 < -TOUCHES && i1 < -TOUCHES) {
            return;
        }
        boolean touches = touch(i, j0, line[4 * j], line[4 * j + 1]);
        touches |= touch(i, j1, line[4 * j + 2], line[4 * j + 3]);
        touches |= touch(j, i0, line[4 * i], line[4 * i + 1]);
        touches |= touch(j, i1, line[4 * i + 2], line[4 * i + 3]);
        if (!touches && j0 > 0 != j1 > 0 && i0 > 0 != i1 > 0) {
            double share = j0 / (j0 - j1);
            double x = Math.rint(line[4 * j] + share * (line[4 * j + 2] - line[4 * j]));
            double y = Math.rint(line[4 * j + 1] + share * (line[4 * j + 3] - line[4 * j + 1]));
            addCut(i, x, y);
            addCut(j, x, y);
        }
    }

    /** Signed distance of a spot from a line prolonged, in steps, left of it above 0. */
    private double off(int i, double x, double y) {
        return ((line[4 * i + 2] - line[4 * i]) * (y - line[4 * i + 1])
                        - (line[4 * i + 3] - line[4 * i + 1]) * (x - line[4 * i]))
                / length[i];
    }

    private double along(int i, double x, double y) {
        return ((line[4 * i + 2] - line[4 * i]) * (x - line[4 * i])
                        + (line[4 * i + 3] - line[4 * i + 1]) * (y - line[4 * i + 1]))
                / length[i];
    }

    /** Cuts the line at an end of another that lies on it. */
    private boolean touch(int i, double off, double x, double y) {
        if (Math.abs(off) > TOUCHES) {
            return false;
        }
        double along = along(i, x, y);
        if (along < -TOUCHES || along > length[i] + TOUCHES) {
            return false;
        }
        addCut(i, x, y);
        return true;
    }

    private void addCut(int i, double x, double y) {
        if (cuts == cutOf.length) {
            cutOf = Arrays.copyOf(cutOf, 2 * cuts);
            cutX = Arrays.copyOf(cutX, 2 * cuts);
            cutY = Arrays.copyOf(cutY, 2 * cuts);
        }
        cutOf[cuts] = i;
        cutX[cuts] = x;
        cutY[cuts++] = y;
    }

    /** Parts of lines between two cuts, each once, as the numbers of their ends, the lower one first. */
    private long[] parts() {
        int[] first = new int[length.length + 1];
        for (int c = 0; c < cuts; c++) {
            first[cutOf[c] + 1]++;
        }
        for (int i = 0; i < length.length; i++) {
            first[i + 1] += first[i];
        }
        int[] fill = first.clone();
        int[] order = new int[cuts];
        double[] along = new double[cuts];
        for (int c = 0; c < cuts; c++) {
            int i = cutOf[c];
            double t = along(i, cutX[c], cutY[c]);
            int at = fill[i]++;
            while (at > first[i] && along[at - 1] > t) {
                along[at] = along[at - 1];
                order[at] = order[at - 1];
                at--;
            }
            along[at] = t;
            order[at] = c;
        }
        return between(first, order);
    }

    /** Neighbouring cuts of each line, each pair once. */
    private long[] between(int[] first, int[] order) {
        long[] parts = new long[cuts];
        int n = 0;
        for (int i = 0; i < length.length; i++) {
            int before = -1;
            for (int k = first[i]; k < first[i + 1]; k++) {
                int spot = spots.of(cutX[order[k]], cutY[order[k]]);
                if (before >= 0 && spot != before) {
                    parts[n++] = (long) Math.min(before, spot) << 32 | Math.max(before, spot);
                }
                before = spot;
            }
        }
        Arrays.sort(parts, 0, n);
        int kept = 0;
        for (int k = 0; k < n; k++) {
            if (k == 0 || parts[k] != parts[k - 1]) {
                parts[kept++] = parts[k];
            }
        }
        return Arrays.copyOf(parts, kept);
    }
}
