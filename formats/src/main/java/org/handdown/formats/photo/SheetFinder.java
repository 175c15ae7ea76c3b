package org.handdown.formats.photo;

import boofcv.abst.fiducial.calib.CalibrationDetectorSquareGrid;
import boofcv.abst.fiducial.calib.ConfigGridDimen;
import boofcv.abst.fiducial.calib.ConfigSquareGrid;
import boofcv.factory.fiducial.FactoryFiducialCalibration;
import boofcv.factory.filter.binary.ConfigThreshold;
import boofcv.factory.filter.binary.ThresholdType;
import boofcv.struct.ConfigLength;
import boofcv.struct.geo.PointIndex2D_F64;
import boofcv.struct.image.GrayF32;
import georegression.struct.point.Point2D_F64;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.measure.RefusedValueException;
import org.jspecify.annotations.Nullable;

/** Finds the sheet that tells the scale, and fits the view to it. */
public final class SheetFinder {
    /** The first view may be off; twice looked at it is not. */
    private static final int LOOKS = 3;

    private static final int LEAST_SQUARES = 9;
    private static final int ENOUGH_SQUARES = 20;
    private static final double BY_HAND_PX = 4;

    private static final List<ConfigThreshold> THRESHOLDS = List.of(
            ConfigThreshold.local(ThresholdType.BLOCK_MIN_MAX, ConfigLength.relative(0.02, 10)),
            ConfigThreshold.local(ThresholdType.LOCAL_MEAN, ConfigLength.relative(0.05, 20)),
            ConfigThreshold.global(ThresholdType.GLOBAL_OTSU));

    private SheetFinder() {}

    /**
     * A sheet in the picture.
     *
     * @param corners in the picture: lower left, lower right, upper right, upper left of the sheet as the picture is held
     * @param shaken views that might as well be true, each one standard deviation off in a direction of its own
     * @param doubt what is wrong with the sheet, in a sentence; empty where nothing is
     */
    public record Found(List<Point> corners, PlaneView view, List<PlaneView> shaken, String doubt) {}

    /** Looks for the sheet by itself. */
    public static Optional<Found> find(Photo photo, KnownSheet sheet) {
        return sheet.marked() ? marked(photo) : plain(photo, sheet);
    }

    /**
     * With corners that a person put or corrected. They only serve to find what is sure: the squares, or the sides between them.
     *
     * @throws RefusedValueException where they make no sheet
     */
    public static Found byCorners(Photo photo, List<Point> given, KnownSheet sheet) {
        if (given.size() != 4) {
            throw new RefusedValueException("corners", "A sheet has four corners.");
        }
        if (!PaperCorners.isSheet(given, photo)) {
            throw new RefusedValueException(
                    "corners", "These four corners make no sheet: put each on its own corner, in order round it.");
        }
        GrayF32 light = photo.light();
        List<Found> ways = new ArrayList<>();
        RefusedValueException refused = PlaneView.noView();
        for (KnownSheet lying : PaperCorners.ways(given, sheet)) {
            try {
                ways.add(byCorners(photo, light, PaperCorners.ordered(given), lying));
            } catch (RefusedValueException e) {
                refused = e;
            }
        }
        if (ways.isEmpty()) {
            throw refused;
        }
        return ways.get(0);
    }

    private static Found byCorners(Photo photo, GrayF32 light, List<Point> corners, KnownSheet sheet) {
        List<PlaneView.Sighting> known = new ArrayList<>();
        List<SheetFit.Seen> byHand = new ArrayList<>();
        List<Point> table = PaperCorners.rectangle(sheet);
        for (int i = 0; i < 4; i++) {
            Point c = corners.get(i);
            Point t = table.get(i);
            known.add(new PlaneView.Sighting(c.x(), c.y(), t.x(), t.y()));
            byHand.add(new SheetFit.Seen(c.x(), c.y(), List.of(t), 0, 0, BY_HAND_PX));
        }
        PlaneView first = PlaneView.of(known, photo.width(), photo.height());
        Found found = sheet.marked() ? bySquares(photo, light, first) : bySides(photo, light, first, sheet);
        return found != null
                ? found
                : judged(
                        photo,
                        SheetFit.fit(byHand, sheet, first, photo.width(), photo.height()),
                        sheet,
                        "Only the four corners tell the scale: nothing clear was found between them.");
    }

    private static Optional<Found> marked(Photo photo) {
        GrayF32 gray = photo.gray();
        GrayF32 light = photo.light();
        for (int smaller = 1; smaller <= 3; smaller++) {
            GrayF32 seen = PaperCorners.smaller(gray, smaller);
            for (ConfigThreshold threshold : THRESHOLDS) {
                PlaneView first = grid(photo, seen, smaller, threshold);
                Found found = first == null ? null : bySquares(photo, light, first);
                if (found != null) {
                    return Optional.of(found);
                }
            }
        }
        return Optional.empty();
    }

    /** A first view by the grid of squares; none where it does not show whole. */
    private static @Nullable PlaneView grid(Photo photo, GrayF32 gray, int smaller, ConfigThreshold threshold) {
        ConfigSquareGrid config = new ConfigSquareGrid();
        config.thresholding = threshold;
        CalibrationDetectorSquareGrid detector = FactoryFiducialCalibration.squareGrid(
                config,
                new ConfigGridDimen(
                        MarkerSheet.ROWS, MarkerSheet.COLUMNS, MarkerSheet.SQUARE_MM, MarkerSheet.BETWEEN_MM));
        if (!detector.process(gray)) {
            return null;
        }
        List<Point2D_F64> layout = detector.getLayout();
        for (int flip : new int[] {1, -1}) {
            List<PlaneView.Sighting> known = new ArrayList<>();
            for (PointIndex2D_F64 seen : detector.getDetectedPoints().points) {
                Point2D_F64 at = layout.get(seen.index);
                known.add(new PlaneView.Sighting(
                        seen.p.x * smaller,
                        seen.p.y * smaller,
                        flip * at.x + MarkerSheet.WIDE_MM / 2,
                        at.y + MarkerSheet.HIGH_MM / 2));
            }
            try {
                return PlaneView.of(known, photo.width(), photo.height());
            } catch (RefusedValueException e) {
                // Its rows were counted the other way round: the grid is its own mirror image.
                continue;
            }
        }
        return null;
    }

    private static @Nullable Found bySquares(Photo photo, GrayF32 light, PlaneView first) {
        PlaneView view = first;
        SheetFit.Fitted fit = null;
        String doubt = "";
        for (int look = 0; look < LOOKS; look++) {
            List<SheetFit.Seen> seen = SquareCentres.seen(light, view);
            if (seen.size() < LEAST_SQUARES) {
                return null;
            }
            doubt = seen.size() < ENOUGH_SQUARES ? "Part of the sheet is covered or out of the light." : "";
            fit = SheetFit.fit(seen, KnownSheet.MARKER, view, photo.width(), photo.height());
            view = fit.view();
        }
        return fit == null ? null : judged(photo, fit, KnownSheet.MARKER, doubt);
    }

    private static Optional<Found> plain(Photo photo, KnownSheet sheet) {
        GrayF32 light = photo.light();
        List<Found> sheets = new ArrayList<>();
        double brightest = 0;
        for (PaperCorners.Quad quad : PaperCorners.find(photo)) {
            if (sheets.isEmpty() || quad.light() > 0.93 * brightest) {
                for (KnownSheet lying : PaperCorners.ways(quad.corners(), sheet)) {
                    try {
                        sheets.add(byCorners(photo, light, PaperCorners.ordered(quad.corners()), lying));
                        brightest = Math.max(brightest, quad.light());
                    } catch (RefusedValueException e) {
                        // No sheet of these proportions: another bright thing.
                        continue;
                    }
                }
            }
        }
        return sheets.size() == 1 ? Optional.of(sheets.get(0)) : Optional.empty();
    }

    private static @Nullable Found bySides(Photo photo, GrayF32 light, PlaneView first, KnownSheet sheet) {
        PlaneView view = first;
        SheetFit.Fitted fit = null;
        for (int look = 0; look < LOOKS; look++) {
            List<SheetFit.Seen> sides = PaperSides.seen(light, view, sheet);
            if (sides.isEmpty()) {
                return null;
            }
            fit = SheetFit.fit(sides, sheet, view, photo.width(), photo.height());
            view = fit.view();
        }
        return fit == null ? null : judged(photo, fit, sheet, "");
    }

    /** @throws RefusedValueException where it agrees with no such sheet */
    private static Found judged(Photo photo, SheetFit.Fitted fit, KnownSheet sheet, String doubt) {
        String wrong = doubt;
        if (!fit.isSheet()) {
            throw new RefusedValueException(
                    "corners",
                    "What shows there has not the proportions of this sheet. Choose the sheet that lies there, or put each corner on its own.");
        }
        if (wrong.isEmpty() && fit.offPx() > SheetFit.MUCH_OFF) {
            wrong =
                    "The sheet does not lie flat, or its edges are not clear: press it, weigh down its corners, and take the picture again.";
        }
        return upright(photo, fit, sheet, wrong);
    }

    /** Turned so that the picture's up is up on the table, and the sheet's corners in that order. */
    private static Found upright(Photo photo, SheetFit.Fitted fit, KnownSheet sheet, String doubt) {
        PlaneView view = fit.view();
        Point middle = view.toTable(photo.width() / 2.0, photo.height() / 2.0);
        Point up = view.toTable(photo.width() / 2.0, photo.height() / 2.0 - 50).minus(middle);
        double turn = 90 - up.directionDeg();
        List<Point> corners = new ArrayList<>();
        PaperCorners.rectangle(sheet).forEach(c -> corners.add(view.toPicture(c)));
        return new Found(
                PaperCorners.fromLowerLeft(corners),
                view.moved(turn, 0, 0),
                fit.shaken().stream().map(s -> s.moved(turn, 0, 0)).toList(),
                doubt);
    }

    /** Area of a ring in the picture, pixels. */
    static double areaPx(List<Point> ring) {
        return new Ring(ring).areaMm2();
    }
}
