package org.handdown.panel.survey;

import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.geometry.Region;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/**
 * Stripes of a cloth as one measures them: from line to line, and from an edge to the first. A check is two of them.
 *
 * @param name panels of one cloth share it, for example stripe
 * @param across true where one counts across the grain from line to line (stripes run along it), false along the grain
 * @param periodMm from a line to the next one like it
 * @param edge that the first line is measured from, at its middle; empty for the panel's zero
 * @param firstMm from there to the first line, square to the stripes, into the cloth
 * @param matched pieces are to meet in the pattern at their notches
 */
public record ClothRepeat(String name, boolean across, double periodMm, String edge, double firstMm, boolean matched) {
    public ClothRepeat {
        if (name.isBlank() || name.length() > 40) {
            throw new RefusedValueException("repeats.name", "Call the repeat something, for example stripe.");
        }
        if (!(periodMm >= 2 && periodMm <= 1500)) {
            throw new RefusedValueException(
                    "repeats.period", Wording.of("From line to line it is from 2 mm to 1.5 m."));
        }
        if (!(Math.abs(firstMm) <= 5000)) {
            throw new RefusedValueException("repeats.first", "The first line lies on the panel.");
        }
    }

    /** Without the edge it was measured from. */
    ClothRepeat placeless() {
        return new ClothRepeat(name, across, periodMm, "", 0, false);
    }

    /** Told from the panel's zero instead of from an edge. */
    ClothRepeat freed(Outline.Flat cloth, double grainDeg) {
        return edge.isEmpty() ? this : new ClothRepeat(name, across, periodMm, "", phaseMm(cloth, grainDeg), matched);
    }

    /** Has it still to be told where its first line lies? */
    public boolean isPlaceless() {
        return edge.isEmpty() && firstMm == 0 && !matched;
    }

    /** Direction in which one counts from line to line, degrees. */
    public double directionDeg(double grainDeg) {
        return across ? grainDeg - 90 : grainDeg;
    }

    /** Distance along that direction at which a line lies, panel frame, in [0, period). */
    public double phaseMm(Outline.Flat cloth, double grainDeg) {
        Point way = Point.unit(directionDeg(grainDeg));
        double from = 0;
        double inward = 1;
        if (!edge.isEmpty()) {
            Outline.Run run = cloth.runs().get(edge);
            if (run == null) {
                throw new RefusedValueException(
                        "repeats.edge", Wording.fill("This panel has no edge called “%s”.", edge));
            }
            Point middle = Edge.at(cloth.ring().run(run.from(), run.to()), 0.5);
            from = middle.dot(way);
            Region region = Region.of(cloth.ring());
            Point inside = java.util.Objects.requireNonNull(region.innerPoint());
            // Into the cloth from that edge: a step either way tells; a concave edge is told by where most of the cloth
            // lies.
            boolean ahead = region.covers(middle.plus(way.times(3)));
            boolean behind = region.covers(middle.minus(way.times(3)));
            inward = ahead == behind ? Math.signum(inside.dot(way) - from) : ahead ? 1 : -1;
        }
        double phase = (from + (inward == 0 ? 1 : inward) * firstMm) % periodMm;
        return phase < 0 ? phase + periodMm : phase;
    }
}
