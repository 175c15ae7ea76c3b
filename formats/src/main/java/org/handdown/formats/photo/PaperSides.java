package org.handdown.formats.photo;

import boofcv.struct.image.GrayF32;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.handdown.geometry.Point;

/** Places of a plain sheet's sides, found to a part of a pixel where the light changes most. */
final class PaperSides {
    private static final int ALONG_SIDE = 80;
    private static final int LEAST_OF_A_SIDE = 24;
    private static final int REACH_PX = 8;
    /** A place is sure to a third of a pixel, but neighbours share what is wrong with the edge: eighty count as eight. */
    private static final double OFF_PX = 0.3 * Math.sqrt(10);

    private static final double LEAST_STEP = 0.02;
    private static final double MOST_ASIDE_PX = 2.5;

    private PaperSides() {}

    /**
     * @param light linear brightness of the picture, 0 to 1
     * @return nothing where a side is not to be seen
     */
    static List<SheetFit.Seen> seen(GrayF32 light, PlaneView view, KnownSheet sheet) {
        List<SheetFit.Seen> sides = new ArrayList<>();
        List<Point> corners = PaperCorners.rectangle(sheet);
        for (int side = 0; side < 4; side++) {
            Point from = corners.get(side);
            Point to = corners.get((side + 1) % 4);
            List<SheetFit.Seen> places = side(light, view, from, to);
            if (places.size() < LEAST_OF_A_SIDE) {
                return List.of();
            }
            sides.addAll(places);
        }
        return sides;
    }

    private static List<SheetFit.Seen> side(GrayF32 light, PlaneView view, Point from, Point to) {
        List<SheetFit.Seen> places = new ArrayList<>();
        List<Double> offs = new ArrayList<>();
        for (int i = 0; i < ALONG_SIDE; i++) {
            Point on = from.between(to, 0.05 + 0.9 * i / (ALONG_SIDE - 1));
            Point at = view.toPicture(on);
            Point next = view.toPicture(on.between(to, 0.01)).minus(at);
            if (next.lengthMm() > 0) {
                Point along = next.unit();
                Point out = along.left();
                double off = steepest(light, at, out, along);
                if (!Double.isNaN(off)) {
                    Point edge = at.plus(out.times(off));
                    places.add(new SheetFit.Seen(edge.x(), edge.y(), List.of(on), out.x(), out.y(), OFF_PX));
                    offs.add(off);
                }
            }
        }
        return straight(places, offs);
    }

    /** Without those that lie off the line of their neighbours: a thread, a shadow's edge, a thing that lies on the sheet. */
    private static List<SheetFit.Seen> straight(List<SheetFit.Seen> places, List<Double> offs) {
        List<SheetFit.Seen> kept = new ArrayList<>();
        for (int i = 0; i < places.size(); i++) {
            double[] near = offs.subList(Math.max(0, i - 8), Math.min(offs.size(), i + 9)).stream()
                    .mapToDouble(Double::doubleValue)
                    .toArray();
            Arrays.sort(near);
            if (Math.abs(offs.get(i) - near[near.length / 2]) < MOST_ASIDE_PX / 2) {
                kept.add(places.get(i));
            }
        }
        return kept;
    }

    /** Where along a direction the picture changes most, pixels from a place; NaN where there is no clear edge. */
    private static double steepest(GrayF32 light, Point at, Point out, Point along) {
        int n = 2 * REACH_PX + 1;
        double[] seen = new double[n + 1];
        for (int i = 0; i <= n; i++) {
            double off = i - REACH_PX - 0.5;
            for (int k = -2; k <= 2; k++) {
                Point q = at.plus(out.times(off)).plus(along.times(k));
                double one = Sampling.at(light, q.x(), q.y());
                if (Double.isNaN(one)) {
                    return Double.NaN;
                }
                seen[i] += one / 5;
            }
        }
        int best = -1;
        double most = 0;
        for (int i = 1; i < n - 1; i++) {
            double step = Math.abs(seen[i + 1] - seen[i]);
            if (step > most) {
                most = step;
                best = i;
            }
        }
        if (best < 0 || most < LEAST_STEP) {
            return Double.NaN;
        }
        double before = Math.abs(seen[best] - seen[best - 1]);
        double after = Math.abs(seen[best + 2] - seen[best + 1]);
        double bow = before - 2 * most + after;
        double shift = bow == 0 ? 0 : 0.5 * (before - after) / bow;
        return best - REACH_PX + shift;
    }
}
