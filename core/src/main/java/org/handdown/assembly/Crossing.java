package org.handdown.assembly;

import java.util.List;

/**
 * A place on a line of stitches where seams that were sewn before end: the stack under the needle. Joins by their names.
 *
 * @param join that is sewn over them
 * @param one seams that end there on its first side
 * @param other and on its second
 * @param caught parts that lie behind there besides: a facing, a lining
 * @param turned the edge is folded back once there: all that lies in it lies double
 */
public record Crossing(String join, List<String> one, List<String> other, int caught, boolean turned) {
    public Crossing {
        one = List.copyOf(one);
        other = List.copyOf(other);
    }

    /** All seams pressed to one side, and both sides turned alike: two that meet are six layers (common practice, no source). */
    public int alikeLayers() {
        return turned ? 2 * pressed(one.size()) : pressed(one.size()) + pressed(other.size()) + caught;
    }

    /** Turned against each other, or where only one seam ends: two that meet are four. */
    public int opposedLayers() {
        return turned ? alikeLayers() : Math.max(pressed(one.size()) + 1, 1 + pressed(other.size())) + caught;
    }

    /** Every seam pressed open. */
    public int openLayers() {
        return turned ? 2 * (1 + one.size()) : 2 + one.size() + other.size() + caught;
    }

    /** The cloth, and both allowances of each seam that ends in it. */
    private static int pressed(int seams) {
        return 1 + 2 * seams;
    }
}
