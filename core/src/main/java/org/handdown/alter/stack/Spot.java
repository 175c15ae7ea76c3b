package org.handdown.alter.stack;

import java.util.List;
import org.handdown.assembly.Component;
import org.handdown.geometry.Box;
import org.handdown.geometry.Point;
import org.handdown.geometry.Region;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/**
 * A rectangle on a part, told as a tape tells it.
 *
 * @param from its lower left corner as the part is drawn
 */
record Spot(Component part, Point from, double wideMm, double highMm) {
    private static final double LEAST_PART_MM = 80;

    static List<Ask> asks(double wideMm, double highMm) {
        return List.of(
                Ask.length("wide", "Width", 10, 600, wideMm),
                Ask.length("high", "Height", 10, 600, highMm),
                Ask.length("up", "Its lower edge above the lower end of the part", 0, 1500, 150),
                Ask.length("over", "Its middle over to the wearer's left of the middle", -600, 600, 0));
    }

    /** Is a part large enough to take anything? */
    static boolean isOffered(Ask ask, GarmentNow garment, Ask.Option option) {
        if (ask.type() != Ask.Type.PART) {
            return true;
        }
        Box box = garment.assembly().component(option.value()).outline().box();
        return Math.min(box.widthMm(), box.heightMm()) > LEAST_PART_MM;
    }

    /** @throws RefusedValueException where it does not lie on the part */
    static Spot of(Component part, Told told, boolean mirrored) {
        boolean isBack = List.of(part.id().split("[-#]")).contains("back");
        double over = told.mm("over") * (isBack ? -1 : 1) * (mirrored ? -1 : 1);
        Box box = part.outline().box();
        double wide = told.mm("wide");
        Spot spot = new Spot(
                part,
                new Point((box.minX() + box.maxX() - wide) / 2 + over, box.minY() + told.mm("up")),
                wide,
                told.mm("high"));
        Region cloth = Region.of(part.outline().ring());
        if (spot.line().stream().anyMatch(p -> !cloth.covers(p))) {
            throw new RefusedValueException(
                    "figures.over",
                    Wording.fill(
                            "So it would reach over the edge of the %s, which is %.0f mm × %.0f mm: move it, or make it smaller.",
                            part.name(), box.widthMm(), box.heightMm()));
        }
        return spot;
    }

    /** Once round. */
    List<Point> line() {
        Point b = new Point(from.x() + wideMm, from.y());
        Point c = new Point(from.x() + wideMm, from.y() + highMm);
        Point d = new Point(from.x(), from.y() + highMm);
        return List.of(from, b, c, d, from);
    }
}
