package org.handdown.formats.photo;

import boofcv.struct.image.GrayF32;
import java.util.ArrayList;
import java.util.List;
import org.handdown.geometry.Point;
import org.hipparchus.exception.MathRuntimeException;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.LUDecomposition;

/**
 * Where the marked sheet's squares show, by a view that knows it roughly. A square's middle is weighed by its darkness, so that blur, ink
 * that ran and too much light move its edges but not its middle.
 */
final class SquareCentres {
    /** Standard deviation of a middle, pixels, in pictures of the simulated camera. */
    private static final double OFF_PX = 0.06;

    private static final double HALF_GAP_MM = MarkerSheet.BETWEEN_MM / 2;
    private static final double LEAST_CONTRAST = 0.12;
    private static final double MOST_AREA_OFF = 0.3;
    private static final int LEAST_SIDE_PX = 6;

    private final GrayF32 light;
    private final PlaneView view;

    private SquareCentres(GrayF32 light, PlaneView view) {
        this.light = light;
        this.view = view;
    }

    /** @param light linear brightness of the picture, 0 to 1 */
    static List<SheetFit.Seen> seen(GrayF32 light, PlaneView view) {
        SquareCentres centres = new SquareCentres(light, view);
        List<SheetFit.Seen> seen = new ArrayList<>();
        for (Point corner : MarkerSheet.squares()) {
            SheetFit.Seen one = centres.square(corner);
            if (one != null) {
                seen.add(one);
            }
        }
        return seen;
    }

    private SheetFit.@org.jspecify.annotations.Nullable Seen square(Point corner) {
        double side = MarkerSheet.SQUARE_MM;
        List<Point> ring = List.of(
                corner,
                corner.plus(new Point(side, 0)),
                corner.plus(new Point(side, side)),
                corner.plus(new Point(0, side)));
        Point middle = corner.plus(new Point(side / 2, side / 2));
        Point at = view.toPicture(middle);
        double px = view.toPicture(corner).distanceMm(view.toPicture(ring.get(1)));
        if (!(px >= LEAST_SIDE_PX) || px > 1000) {
            return null;
        }
        int reach = (int) Math.ceil(px * 1.3);
        int x0 = (int) Math.floor(at.x()) - reach;
        int y0 = (int) Math.floor(at.y()) - reach;
        if (x0 < 0 || y0 < 0 || x0 + 2 * reach >= light.width || y0 + 2 * reach >= light.height) {
            return null;
        }
        double[] white = white(middle, x0, y0, reach);
        if (white.length == 0) {
            return null;
        }
        double dark = darkest(middle, x0, y0, reach);
        double paper = white[0] + white[1] * at.x() + white[2] * at.y();
        if (paper - dark < LEAST_CONTRAST * Math.max(0.25, paper)) {
            return null;
        }
        double[] weighed = weighed(middle, white, dark, x0, y0, reach);
        double sum = weighed[2];
        double area = Math.abs(new org.handdown.geometry.Ring(
                        ring.stream().map(view::toPicture).toList())
                .signedAreaMm2());
        if (Math.abs(sum / area - 1) > MOST_AREA_OFF) {
            return null;
        }
        return new SheetFit.Seen(weighed[0] / sum, weighed[1] / sum, ring, 0, 0, OFF_PX);
    }

    /** Sums of x, of y and of the weights over what is darker than the paper. */
    private double[] weighed(Point middle, double[] white, double dark, int x0, int y0, int reach) {
        double sum = 0;
        double sx = 0;
        double sy = 0;
        for (int y = y0; y <= y0 + 2 * reach; y++) {
            for (int x = x0; x <= x0 + 2 * reach; x++) {
                Point q = view.toTable(x + 0.5, y + 0.5);
                if (Math.max(Math.abs(q.x() - middle.x()), Math.abs(q.y() - middle.y()))
                        < MarkerSheet.SQUARE_MM / 2 + HALF_GAP_MM) {
                    double bright = white[0] + white[1] * (x + 0.5) + white[2] * (y + 0.5);
                    double w = (bright - light.unsafe_get(x, y)) / Math.max(1e-6, bright - dark);
                    // A quarter of what is nearly white or nearly black is noise.
                    w = w < 0.12 ? 0 : Math.min(1, w);
                    sum += w;
                    sx += w * (x + 0.5);
                    sy += w * (y + 0.5);
                }
            }
        }
        return new double[] {sx, sy, sum};
    }

    /** Brightness of the paper round the square as a plane over the picture; empty where it is covered or out of the picture. */
    private double[] white(Point middle, int x0, int y0, int reach) {
        double[][] a = new double[3][3];
        double[] b = new double[3];
        int n = 0;
        double least = MarkerSheet.SQUARE_MM / 2 + 0.45 * HALF_GAP_MM;
        double most = MarkerSheet.SQUARE_MM / 2 + HALF_GAP_MM;
        for (int y = y0; y <= y0 + 2 * reach; y++) {
            for (int x = x0; x <= x0 + 2 * reach; x++) {
                Point q = view.toTable(x + 0.5, y + 0.5);
                double off = Math.max(Math.abs(q.x() - middle.x()), Math.abs(q.y() - middle.y()));
                if (off > least && off < most) {
                    double[] row = {1, x + 0.5, y + 0.5};
                    for (int i = 0; i < 3; i++) {
                        for (int j = 0; j < 3; j++) {
                            a[i][j] += row[i] * row[j];
                        }
                        b[i] += row[i] * light.unsafe_get(x, y);
                    }
                    n++;
                }
            }
        }
        if (n < 12) {
            return new double[0];
        }
        try {
            return new LUDecomposition(new Array2DRowRealMatrix(a, false))
                    .getSolver()
                    .solve(new ArrayRealVector(b, false))
                    .toArray();
        } catch (MathRuntimeException e) {
            return new double[0];
        }
    }

    private double darkest(Point middle, int x0, int y0, int reach) {
        double sum = 0;
        int n = 0;
        for (int y = y0; y <= y0 + 2 * reach; y++) {
            for (int x = x0; x <= x0 + 2 * reach; x++) {
                Point q = view.toTable(x + 0.5, y + 0.5);
                if (Math.max(Math.abs(q.x() - middle.x()), Math.abs(q.y() - middle.y())) < MarkerSheet.SQUARE_MM / 4) {
                    sum += light.unsafe_get(x, y);
                    n++;
                }
            }
        }
        return n == 0 ? 1 : sum / n;
    }
}
