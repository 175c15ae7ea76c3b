package org.handdown.fit.room;

import java.util.ArrayList;
import java.util.List;
import org.handdown.geometry.Box;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;

/**
 * An outline apart from the piece it belongs to: pieces that are cut alike share their clearances.
 *
 * @param ring its box begins at the origin; from its first corner by x and y, counter-clockwise
 */
record CongruentOutline(int number, Ring ring) {
    private static final double STEPS_PER_MM = 1e6;

    /** A ring as a stencil has it. */
    static Ring placed(Ring ring) {
        Box box = ring.box();
        List<Point> points =
                ring.counterClockwise().moved(-box.minX(), -box.minY()).points();
        List<Point> rounded = points.stream()
                .map(p -> new Point(rounded(p.x()), rounded(p.y())))
                .toList();
        int first = 0;
        for (int i = 1; i < rounded.size(); i++) {
            Point p = rounded.get(i);
            Point least = rounded.get(first);
            first = p.x() < least.x() || p.x() == least.x() && p.y() < least.y() ? i : first;
        }
        List<Point> turned = new ArrayList<>(rounded.subList(first, rounded.size()));
        turned.addAll(rounded.subList(0, first));
        return new Ring(turned);
    }

    private static double rounded(double mm) {
        return Math.rint(mm * STEPS_PER_MM) / STEPS_PER_MM;
    }
}
