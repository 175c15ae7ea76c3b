package org.handdown.formats.photo;

import java.util.ArrayList;
import java.util.List;
import org.handdown.geometry.Box;
import org.handdown.geometry.Point;
import org.handdown.geometry.Region;
import org.handdown.geometry.Ring;
import org.handdown.panel.TapePoint;

/**
 * From a photo and its sheet to points of the cloth's edge.
 *
 * @param home from the table frame of the flat photo to the panel frame of the points
 * @param points panel frame, mm: zero at the lower edge, in the middle; empty where no outline was sure
 * @param why none was, for a person; empty otherwise
 */
public record PhotoTracing(FlatPhoto flat, Point home, List<TapePoint> points, String why) {
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
        return new PhotoTracing(
                flat,
                home,
                traced.isSure()
                        ? LineReduction.points(traced.line(), toleranceMm).stream()
                                .map(p -> new TapePoint(p.at().plus(home), p.corner(), p.edge()))
                                .toList()
                        : List.of(),
                traced.why());
    }
}
