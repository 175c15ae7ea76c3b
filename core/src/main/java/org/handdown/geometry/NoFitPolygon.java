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
        return within(container, thereAndBack);
    }

    private static Region within(Ring container, List<Point> movingPath) {
        List<Point> outside = new ArrayList<>(container.counterClockwise().points());
        Collections.reverse(outside);
        return new Convolution(outside, reflected(movingPath)).where(winding -> winding < 0);
    }

    private static List<Point> reflected(List<Point> points) {
        return points.stream().map(p -> new Point(-p.x(), -p.y())).toList();
    }
}
