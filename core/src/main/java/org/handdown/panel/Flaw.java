package org.handdown.panel;

import java.util.ArrayList;
import java.util.List;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.measure.RefusedValueException;

/**
 * A flaw as a person marks it: an oval at a place, panel frame, mm.
 *
 * @param what in words, for example worn knee
 */
public record Flaw(Treatment treatment, String what, Point centre, double widthMm, double heightMm) {
    private static final int CORNERS = 24;
    private static final double LARGEST_MM = 2000;
    private static final int MOST = 60;
    private static final double FARTHEST_MM = 5000;

    /** Kept clear of pieces, let lie only where it will not be seen, or just remembered. */
    public enum Treatment {
        AVOID,
        HIDE,
        NOTE
    }

    public Flaw {
        if (!(Math.abs(centre.x()) <= FARTHEST_MM && Math.abs(centre.y()) <= FARTHEST_MM)) {
            throw new RefusedValueException("flaw.centre", "A flaw lies on the panel, not metres away from it.");
        }
        if (!(widthMm >= 2 && widthMm <= LARGEST_MM && heightMm >= 2 && heightMm <= LARGEST_MM)) {
            throw new RefusedValueException("flaw.size", "A flaw is from 2 mm to 2 m wide and high.");
        }
    }

    /** @throws RefusedValueException when a panel has more flaws than anybody can mind */
    static List<Flaw> few(List<Flaw> flaws) {
        if (flaws.size() > MOST) {
            throw new RefusedValueException("flaws", "A panel takes 60 flaws at most; join neighbouring ones.");
        }
        return List.copyOf(flaws);
    }

    /** An oval drawn round the flaw from outside, so that none of it sticks out. */
    public Ring outline() {
        double outside = 1 / Math.cos(Math.PI / CORNERS);
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < CORNERS; i++) {
            Point way = Point.towards(360.0 * i / CORNERS);
            points.add(centre.plus(new Point(way.x() * widthMm / 2 * outside, way.y() * heightMm / 2 * outside)));
        }
        return new Ring(points);
    }
}
