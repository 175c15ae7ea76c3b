package org.handdown.fit.room;

import org.handdown.geometry.Region;
import org.handdown.geometry.Ring;

/**
 * Outlines with a great many points are thinned before no-fit polygons are made from them: a piece to a ring that covers it, cloth to a
 * region inside it, so that what fits the lean shapes fits the true ones. Outlines of ordinary size stay as they are.
 */
final class Thinned {
    /** Curves flattened to 0.1 mm stay well below this. */
    private static final int MOST_POINTS = 250;
    /** Distance given away at most twice over by thinning. */
    private static final double GIVEN_MM = 0.1;

    private Thinned() {}

    static Ring covering(Ring ring) {
        if (ring.size() <= MOST_POINTS) {
            return ring;
        }
        Region thin = Region.of(ring).simplified(GIVEN_MM).grownMitred(GIVEN_MM);
        return thin.parts().size() == 1 && thin.covers(Region.of(ring))
                ? thin.outerRings().get(0)
                : ring;
    }

    static Region inside(Ring cloth) {
        Region whole = Region.of(cloth);
        if (cloth.size() <= MOST_POINTS) {
            return whole;
        }
        Region thin = whole.simplified(GIVEN_MM).grown(-GIVEN_MM).simplified(GIVEN_MM / 4);
        return whole.grown(GIVEN_MM / 4).covers(thin) ? thin : whole;
    }
}
