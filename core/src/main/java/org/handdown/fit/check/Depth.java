package org.handdown.fit.check;

import org.handdown.fit.FitTolerance;
import org.handdown.geometry.Region;

/** How deep one region lies in another, by overlay and bisection. */
final class Depth {
    /** Rounding only. */
    static final double ROUNDING = 1e-6;

    private Depth() {}

    /** Does any point of {@code a} lie deeper inside {@code b} than the tolerance? */
    static boolean deepIn(Region a, Region b) {
        return a.box().meets(b.box())
                && a.intersection(b.grown(-FitTolerance.DEPTH_MM - ROUNDING)).areaMm2() > 1e-7;
    }

    /** Greatest distance of a point of {@code a} inside {@code b} to the outline of {@code b}, by bisection, to 0.01 mm. */
    static double depthMm(Region a, Region b) {
        return bisect(
                Math.max(b.box().widthMm(), b.box().heightMm()) / 2,
                d -> !a.intersection(b.grown(-d)).isEmpty());
    }

    static double outsideByMm(Region a, Region panel) {
        return bisect(
                Math.max(a.box().widthMm(), a.box().heightMm()) + panel.distanceMm(a),
                d -> !panel.grown(d).covers(a));
    }

    private static double bisect(double high, java.util.function.DoublePredicate more) {
        double low = 0;
        while (high - low > 0.01) {
            double middle = (low + high) / 2;
            if (more.test(middle)) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return high;
    }
}
