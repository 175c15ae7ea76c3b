package org.handdown.formats.photo;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;

/**
 * How far a pattern draws a traced edge aside. The edge lies where half of the colour is the cloth's and half the table's; where a stripe, a
 * dot, a board or a joint ends at it, what counts as cloth or table changes along it, and the line follows the pattern for a little way.
 */
final class EdgePattern {
    private static final double EVERY_MM = 4;
    /** Neighbours on each side that a place is compared with: a window of 24 mm, wider than a dot and a joint. */
    private static final int BESIDE = 3;

    private static final int LEAST_SEEN = 5;
    private static final double NEAREST_MM = 3;
    private static final double FARTHEST_MM = 9;
    private static final double STEP_MM = 2;
    private static final double FAINT = 1e-6;

    private final FlatPhoto photo;
    private final List<List<double[]>> inside = new ArrayList<>();
    private final List<List<double[]>> outside = new ArrayList<>();

    private EdgePattern(FlatPhoto photo, Ring ring) {
        this.photo = photo;
        List<Point> even = ClothDoubts.evenly(ring, EVERY_MM);
        int n = even.size();
        for (int i = 0; i < n; i++) {
            Point way = even.get((i + 1) % n).minus(even.get(Math.floorMod(i - 1, n)));
            Point out = way.right().times(1 / Math.max(FAINT, way.lengthMm()));
            inside.add(beside(even.get(i), out.times(-1)));
            outside.add(beside(even.get(i), out));
        }
    }

    /**
     * The strongest pattern anywhere along the edge.
     *
     * @param ring of the cloth, table frame, mm, counter-clockwise
     * @return standard deviation of the colours on one side within the window, over the step between the sides; 0 on plain cloth and table
     */
    static double strongest(FlatPhoto photo, Ring ring) {
        EdgePattern pattern = new EdgePattern(photo, ring);
        double strongest = 0;
        for (int i = 0; i < pattern.inside.size(); i++) {
            strongest = Math.max(strongest, pattern.at(i));
        }
        return strongest;
    }

    private double at(int place) {
        List<double[]> cloth = window(inside, place);
        List<double[]> table = window(outside, place);
        if (cloth.size() < LEAST_SEEN || table.size() < LEAST_SEEN) {
            return 0;
        }
        double step = Math.max(FAINT, apart(mean(cloth), mean(table)));
        return Math.max(deviation(cloth), deviation(table)) / step;
    }

    private static List<double[]> window(List<List<double[]>> side, int place) {
        List<double[]> seen = new ArrayList<>();
        for (int k = -BESIDE; k <= BESIDE; k++) {
            seen.addAll(side.get(Math.floorMod(place + k, side.size())));
        }
        return seen;
    }

    /** Colours on one side of a place, as roots of light, in which they look apart as far as they are. */
    private List<double[]> beside(Point at, Point way) {
        List<double[]> seen = new ArrayList<>();
        for (double mm = NEAREST_MM; mm <= FARTHEST_MM; mm += STEP_MM) {
            Point p = at.plus(way.times(mm));
            double[] colour = photo.meanAround(p);
            if (colour.length > 0) {
                seen.add(Arrays.stream(colour)
                        .map(c -> Math.sqrt(Math.max(0, c)))
                        .toArray());
            }
        }
        return seen;
    }

    private static double[] mean(List<double[]> colours) {
        double[] mean = new double[3];
        for (double[] c : colours) {
            for (int i = 0; i < mean.length; i++) {
                mean[i] += c[i] / colours.size();
            }
        }
        return mean;
    }

    private static double deviation(List<double[]> colours) {
        double[] mean = mean(colours);
        double sum = 0;
        for (double[] c : colours) {
            double off = apart(c, mean);
            sum += off * off;
        }
        return Math.sqrt(sum / colours.size());
    }

    private static double apart(double[] one, double[] other) {
        return Math.sqrt(
                Math.pow(one[0] - other[0], 2) + Math.pow(one[1] - other[1], 2) + Math.pow(one[2] - other[2], 2));
    }
}
