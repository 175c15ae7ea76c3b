package org.handdown.formats.photo;

import java.util.ArrayList;
import java.util.List;
import org.handdown.geometry.Box;
import org.handdown.geometry.Point;
import org.handdown.geometry.Region;
import org.handdown.geometry.Ring;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.panel.survey.Baseline;
import org.handdown.panel.survey.TapePoint;

/**
 * From a photo and its sheet to points of the cloth's edge.
 *
 * @param home from the table frame of the flat photo to the panel frame of the points
 * @param points panel frame, mm: zero at the lower edge, in the middle; empty where no outline was sure
 * @param why none was, for a person; empty otherwise
 * @param doubts what a person should look at before cutting by it, in sentences
 * @param toleranceMm how far the outline may be off somewhere, 95 times of a hundred; 0 where there is none
 */
public record PhotoTracing(
        FlatPhoto flat, Point home, List<TapePoint> points, String why, List<String> doubts, double toleranceMm) {
    /** The edge of cloth is no finer: threads, its own thickness, the light (common practice, no source). */
    private static final double EDGE_MM = 2.1;

    /** A pattern at the edge draws the line aside; these figures come from the pictures of the bench (docs/benchmarks.md). */
    private static final double DRAWN_ASIDE_MM = 2.5;

    private static final double FAINT_PATTERN = 0.1;
    private static final double STRONGEST_PATTERN = 9;

    private static final double DEVIATIONS = 2.6;
    private static final double MUCH_MM = 5;
    private static final int MOST_POINTS = 180;

    /** @param toleranceMm how far lines and curves may be from the edge that was seen */
    public static PhotoTracing of(Photo photo, SheetFinder.Found sheet, KnownSheet known, double toleranceMm) {
        FlatPhoto flat = FlatPhoto.of(photo, sheet.view());
        List<Point> corners = new ArrayList<>();
        sheet.corners().forEach(c -> corners.add(sheet.view().toTable(c.x(), c.y())));
        ClothTracer.Traced traced =
                ClothTracer.trace(flat, Region.of(new Ring(corners)).grown(known.paperMm()));
        // The panel's own frame: zero at its lower edge, in its middle; where no edge is sure, at the picture's.
        Box box = traced.isSure()
                ? new Ring(traced.line()).box()
                : new Box(
                        flat.left(),
                        flat.top() - flat.height() * flat.mmPerPixel(),
                        flat.left() + flat.width() * flat.mmPerPixel(),
                        flat.top());
        Point home = new Point(-(box.minX() + box.maxX()) / 2, -box.minY());
        List<TapePoint> points = traced.isSure() ? points(traced.line(), toleranceMm, home) : List.of();
        if (traced.isSure() && points.isEmpty()) {
            return new PhotoTracing(flat, home, points, ClothTracer.RAGGED, List.of(), 0);
        }
        List<String> doubts = new ArrayList<>(traced.doubts());
        double unsure = 0;
        if (traced.isSure()) {
            double edge = edgeMm(flat, traced.line());
            double camera = DEVIATIONS * ShapeTolerance.largestMm(traced.line(), sheet);
            unsure = Math.hypot(edge, camera) + toleranceMm;
            if (Math.hypot(EDGE_MM, camera) + toleranceMm > MUCH_MM) {
                doubts.add(Wording.fill(
                        "The sheet tells the farthest edge to ±%.0f mm only: lay it nearer to the cloth, take the picture from straight above"
                                + " and not from close by, and do not cut it down.",
                        unsure));
            } else if (edge > MUCH_MM) {
                doubts.add(Wording.fill(
                        "A pattern that meets the edge may have drawn the line aside, by up to %.0f mm: look along it, or lay the cloth on a"
                                + " plain ground of another colour.",
                        edge));
            }
            if (!sheet.doubt().isEmpty()) {
                doubts.add(sheet.doubt());
            }
        }
        return new PhotoTracing(flat, home, points, traced.why(), List.copyOf(doubts), unsure);
    }

    /** How far the line may be from the edge that the picture shows. */
    private static double edgeMm(FlatPhoto flat, List<Point> line) {
        double pattern = Math.min(STRONGEST_PATTERN, EdgePattern.strongest(flat, new Ring(line)));
        return EDGE_MM + DRAWN_ASIDE_MM * Math.sqrt(Math.max(0, pattern - FAINT_PATTERN));
    }

    /**
     * As a panel can take them: not too many, and a line that nowhere crosses itself; a ragged edge is followed more or less closely until
     * it is. None where it never is.
     */
    private static List<TapePoint> points(List<Point> line, double toleranceMm, Point home) {
        for (double share : new double[] {1, 0.6, 1.5, 2.2, 3.3}) {
            List<TapePoint> points = LineReduction.points(line, share * toleranceMm).stream()
                    .map(p -> new TapePoint(p.at().plus(home), p.corner(), p.edge()))
                    .toList();
            if (points.size() <= MOST_POINTS && isDrawn(points)) {
                return points;
            }
        }
        return List.of();
    }

    private static boolean isDrawn(List<TapePoint> points) {
        try {
            return new Baseline(points.stream()
                                    .map(p -> new Baseline.Offset(p.at().y(), p.at().x(), p.corner(), p.edge()))
                                    .toList())
                            .outline()
                            .ring()
                            .areaMm2()
                    > 0;
        } catch (RefusedValueException e) {
            return false;
        }
    }
}
