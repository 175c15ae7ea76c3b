package org.handdown.geometry;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * Shifts of a moving shape against a fixed one. Both shapes are in the same frame; a shift t puts the moving shape at
 * {@code moving + t}.
 */
public final class NoFitPolygon {
    private NoFitPolygon() {}

    /** Shifts at which the insides of two simple polygons meet: the Minkowski sum of the fixed and the reflected moving one. */
    public static Region of(Ring fixed, Ring moving) {
        return new Convolution(
                        fixed.counterClockwise().points(),
                        reflected(moving.counterClockwise().points()))
                .where(winding -> winding > 0);
    }

    /** Shifts at which a simple polygon lies wholly within another (inner-fit polygon). */
    public static Region within(Ring container, Ring moving) {
        // A shape larger than its container may surround it, which the winding number cannot tell from lying inside.
        if (moving.areaMm2() > container.areaMm2()) {
            return Region.EMPTY;
        }
        return within(container, moving.counterClockwise().points());
    }

    /** Shifts at which an open line lies wholly within a simple polygon. */
    public static Region lineWithin(Ring container, List<Point> line) {
        List<Point> thereAndBack = new ArrayList<>(line);
        for (int i = line.size() - 2; i > 0; i--) {
            thereAndBack.add(line.get(i));
        }
        if (thereAndBack.size() < 3) {
            thereAndBack.add(1, line.get(0).between(line.get(1), 0.5));
        }
        return within(container, thereAndBack);
    }

    private static Region within(Ring container, List<Point> movingPath) {
        Box room = room(container.box(), new Ring(movingPath).box());
        if (!(room.widthMm() > 0 && room.heightMm() > 0)) {
            return Region.EMPTY;
        }
        List<Point> outside = new ArrayList<>(container.counterClockwise().points());
        Collections.reverse(outside);
        return new Convolution(outside, reflected(movingPath)).where(winding -> winding < 0, room);
    }

    /** Shifts at which the box of the moving shape lies within the container's: nothing outside it can be inside. */
    private static Box room(Box container, Box moving) {
        return new Box(
                container.minX() - moving.minX(),
                container.minY() - moving.minY(),
                container.maxX() - moving.maxX(),
                container.maxY() - moving.maxY());
    }

    private static List<Point> reflected(List<Point> points) {
        return points.stream().map(p -> new Point(-p.x(), -p.y())).toList();
    }
}
