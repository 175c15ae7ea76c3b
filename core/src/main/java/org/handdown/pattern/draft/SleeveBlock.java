package org.handdown.pattern.draft;

import org.handdown.geometry.Edge;
import org.handdown.geometry.Point;

/**
 * A flat sleeve: its head as long as the armhole and the ease, drawn higher or lower until it is. Edges: hem, right, head, left; axis on
 * x = 0, hem at y = 0.
 *
 * @param wide at the underarm
 * @param hem width at the lower end
 * @param under length of the underarm seam's height
 * @param high of the head above the underarm
 */
record SleeveBlock(double wide, double hem, double under, double high) {
    /** Below this a sleeve ends in its own armhole. */
    private static final double LEAST_UNDER_MM = 25;

    /** Share of the head's length that the width may take at most: a head needs some height. */
    private static final double WIDEST = 0.94;

    /**
     * @param headMm length of the head along its stitch line
     * @param wantedWide at the underarm; less where the armhole is too small for it
     * @param hem width at the lower end, at most the width
     * @param length from the shoulder to the lower end
     */
    static SleeveBlock of(double headMm, double wantedWide, double hem, double length) {
        double wide = Math.min(wantedWide, WIDEST * headMm);
        double high = Root.of(0, headMm, h -> head(wide, 0, h).lengthMm() - headMm);
        return new SleeveBlock(wide, Math.min(hem, wide), Math.max(LEAST_UNDER_MM, length - high), high);
    }

    private static Edge head(double wide, double y, double high) {
        return Edge.smooth(
                "head",
                java.util.List.of(
                        new Point(wide / 2, y),
                        new Point(0.27 * wide, y + 0.58 * high),
                        new Point(0, y + high),
                        new Point(-0.27 * wide, y + 0.58 * high),
                        new Point(-wide / 2, y)));
    }

    Edge head() {
        return head(wide, under, high);
    }

    Paper paper(String id, String name) {
        return new Paper(id, name, -hem / 2, 0)
                .line("hem", hem / 2, 0)
                .line("right", wide / 2, under)
                .edge(head())
                .line("left", -hem / 2, 0)
                .notch("shoulder", "head", 0.5)
                .level("upper arm", under - 0.01);
    }
}
