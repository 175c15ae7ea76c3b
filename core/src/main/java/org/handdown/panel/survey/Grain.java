package org.handdown.panel.survey;

import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/** The lengthwise grain as a person finds it: between two points on one thread, or along an edge. Panel frame. */
public sealed interface Grain {
    /** Direction in degrees counter-clockwise from +x; up rather than down, unless it was directed. */
    double deg(Outline outline);

    /** From one end of a pulled thread to another. */
    record TwoPoints(Point from, Point to) implements Grain {
        private static final double LEAST_MM = 30;

        public TwoPoints {
            if (!(from.distanceMm(to) >= LEAST_MM)) {
                throw new RefusedValueException(
                        "grain",
                        Wording.of(
                                "Two points of one thread must lie at least 30 mm apart, or the direction is a guess."));
            }
        }

        @Override
        public double deg(Outline outline) {
            return upwards(to.minus(from));
        }
    }

    /** One way only, where pile has a say too: of a panel made of others. */
    record Directed(Point from, Point to) implements Grain {
        @Override
        public double deg(Outline outline) {
            return to.minus(from).directionDeg();
        }
    }

    /** Along a selvedge, a torn edge or a hem; straight from its one end to the other. */
    record AlongEdge(String edge) implements Grain {
        @Override
        public double deg(Outline outline) {
            Edge along = outline.edges().stream()
                    .filter(e -> e.name().equals(edge))
                    .findFirst()
                    .orElseThrow(() -> new RefusedValueException(
                            "grain.edge", Wording.fill("This panel has no edge called “%s”.", edge)));
            if (along.start().distanceMm(along.end()) < 1) {
                throw new RefusedValueException("grain.edge", "That edge ends where it begins; take two points.");
            }
            return upwards(along.end().minus(along.start()));
        }
    }

    private static double upwards(Point way) {
        double deg = way.directionDeg();
        // A level direction points to the right; anything else up.
        if (deg > 90 + 1e-9) {
            return deg - 180;
        }
        return deg <= -90 + 1e-9 ? deg + 180 : deg;
    }
}
