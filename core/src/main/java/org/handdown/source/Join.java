package org.handdown.source;

import java.util.List;

/**
 * Stitches that hold parts together, or a part's own turned edge.
 *
 * @param runs the edges it lies along; one for a hem
 * @param rows rows of stitches, each to be opened
 * @param allowanceMm cloth behind the stitches on each side, won back by unpicking; for a hem its depth
 * @param finishedEdge true where leaving it closed keeps a finished edge
 */
public record Join(
        String id,
        String name,
        List<Run> runs,
        StitchType stitch,
        int rows,
        double lengthMm,
        double allowanceMm,
        int barTacks,
        boolean finishedEdge) {
    /** An edge of a part. */
    public record Run(String part, String edge) {}

    public Join {
        runs = List.copyOf(runs);
    }

    /** Unpicking time at a rate in minutes a metre, bar tacks a minute each. */
    public double minutes(double minutesPerMetre) {
        return rows * lengthMm / 1000 * minutesPerMetre + barTacks;
    }
}
