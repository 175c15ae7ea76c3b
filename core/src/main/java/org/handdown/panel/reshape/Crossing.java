package org.handdown.panel.reshape;

import java.util.Comparator;
import java.util.List;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.geometry.Region;
import org.handdown.geometry.Ring;
import org.handdown.geometry.RingCrossings;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/**
 * An outline that crosses itself, mended where nothing of weight is lost: a small loop at a corner, a line drawn twice.
 *
 * @param told what was mended, in a sentence with lengths in mm; empty where the outline was sound
 */
public record Crossing(Outline outline, String told) {
    /** Loops up to this share of the cloth, and this area, were never meant. */
    private static final double SMALL_SHARE = 0.005;

    private static final double SMALL_MM2 = 400;

    /** Nobody draws a panel that crosses itself so often: that is no slip of the hand, and takes long to mend. */
    private static final int SCRIBBLE = 40;

    /** @throws RefusedValueException telling where it crosses itself, from its lower left corner */
    public static Crossing mended(Outline drawn) {
        Ring ring = drawn.ring();
        Point where = RingCrossings.first(ring);
        if (where == null && ring.isSimple()) {
            return new Crossing(drawn, "");
        }
        Point lower = new Point(ring.box().minX(), ring.box().minY());
        Point at = where == null ? lower : where;
        if (RingCrossings.count(ring, SCRIBBLE) >= SCRIBBLE) {
            throw refusal(at.minus(lower));
        }
        List<Region> parts = Region.mended(ring).parts();
        Region most = parts.stream()
                .max(Comparator.comparingDouble(Region::areaMm2))
                .orElseThrow(() -> refusal(at.minus(lower)));
        double lost = parts.stream().mapToDouble(Region::areaMm2).sum() - most.areaMm2();
        if (lost > SMALL_MM2
                || lost > SMALL_SHARE * most.areaMm2()
                || !most.holes().isEmpty()) {
            throw refusal(at.minus(lower));
        }
        Outline sound = new Relabelled(drawn.edges())
                .outline(Relabelled.welded(most.outerRings().get(0)), "mended");
        return new Crossing(
                sound,
                Wording.fill(
                        "The outline crossed itself %.0f mm from its left and %.0f mm above its lower end; a loop of %.1f cm² was taken out.",
                        at.x() - lower.x(), at.y() - lower.y(), lost / 100));
    }

    private static RefusedValueException refusal(Point at) {
        return new RefusedValueException(
                "outline",
                Wording.fill(
                        "The outline crosses itself %.0f mm from its left and %.0f mm above its lower end, and it cannot be told which part is cloth. Draw it once round, without crossing.",
                        at.x(), at.y()));
    }
}
