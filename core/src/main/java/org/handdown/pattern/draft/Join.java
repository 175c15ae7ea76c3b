package org.handdown.pattern.draft;

import java.util.List;
import org.handdown.pattern.DesignSeam;

/** Short ways to say which edges of a draft meet. */
final class Join {
    private Join() {}

    static DesignSeam.Side side(String piece, String edge) {
        return new DesignSeam.Side(piece, edge, 1);
    }

    static DesignSeam.Side side(String piece, String edge, int times) {
        return new DesignSeam.Side(piece, edge, times);
    }

    static DesignSeam equal(String name, String one, String edge, String other, String otherEdge) {
        return new DesignSeam(name, List.of(side(one, edge)), List.of(side(other, otherEdge)), 0, 0);
    }

    static DesignSeam equal(String name, List<DesignSeam.Side> one, String other, String otherEdge, int times) {
        return new DesignSeam(name, one, List.of(side(other, otherEdge, times)), 0, 0);
    }

    static DesignSeam equal(String name, List<DesignSeam.Side> one, List<DesignSeam.Side> other) {
        return new DesignSeam(name, one, other, 0, 0);
    }

    /** The other side is longer by an ease. */
    static DesignSeam eased(
            String name, List<DesignSeam.Side> one, List<DesignSeam.Side> other, double leastMm, double mostMm) {
        return new DesignSeam(name, one, other, leastMm, mostMm);
    }

    /** The other side is gathered (ratio above 1) or stretched (below 1) onto the first; a hundredth either way. */
    static DesignSeam ratio(String name, List<DesignSeam.Side> one, List<DesignSeam.Side> other, double ratio) {
        return DesignSeam.byRatio(name, one, other, ratio - 0.01, ratio + 0.01);
    }
}
