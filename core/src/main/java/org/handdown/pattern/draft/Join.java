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

    /** A piece closed on itself, each copy of it. */
    static DesignSeam itself(String name, String piece, String edge, String otherEdge) {
        return equal(name, piece, edge, piece, otherEdge).with(DesignSeam.Copies.ITSELF);
    }

    /** All copies of a piece, each to the next and the last to the first. */
    static DesignSeam ring(String name, String piece, String edge, String otherEdge) {
        return equal(name, piece, edge, piece, otherEdge).with(DesignSeam.Copies.RING);
    }

    /** A piece and its partner along the same edge. */
    static DesignSeam centre(String name, String piece, String edge) {
        return equal(name, piece, edge, piece, edge);
    }

    /** The other lies behind the first. */
    static DesignSeam behind(String name, String one, String edge, String other, String otherEdge) {
        return equal(name, one, edge, other, otherEdge).with(DesignSeam.Copies.BEHIND);
    }

    /** Both edges of a piece that must be alike. */
    static DesignSeam alike(String name, String piece, String edge, String otherEdge) {
        return equal(name, piece, edge, piece, otherEdge).with(DesignSeam.Copies.ALIKE);
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
