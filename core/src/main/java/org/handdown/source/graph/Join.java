package org.handdown.source.graph;

import java.util.List;
import java.util.Set;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Point;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/**
 * Stitches that hold parts together, or a part's own turned edge.
 *
 * @param runs the edges it lies along; one for a hem
 * @param rows rows of stitches, each to be opened
 * @param allowanceMm cloth behind the stitches on each side, won back by unpicking; for a hem its depth
 * @param finishedEdge true where leaving it closed keeps a finished edge
 * @param sewn rank in the order of sewing; what was sewn last is opened first
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
        boolean finishedEdge,
        int sewn,
        Set<Trait> traits) {
    /** An edge of a part. */
    public record Run(String part, String edge) {}

    /** The same join in another place among those that were sewn. */
    public Join sewnAs(int place) {
        return new Join(id, name, runs, stitch, rows, lengthMm, allowanceMm, barTacks, finishedEdge, place, traits);
    }

    private static final int RIVETS = 2;
    /** With pincers, from the back (common practice, no source). */
    public static final double MINUTES_A_RIVET = 2;

    /** What makes a join harder or easier to open than its stitches tell. */
    public enum Trait {
        TOPSTITCHED("topstitched: that row comes out first"),
        TAPED("taped inside: the tape holds every stitch"),
        OVERCAST("its edges are overcast: that stays in"),
        FUSED("fused: what is glued does not come apart"),
        RIVETED("a rivet at each end: metal, it stays in the cloth or leaves a hole"),
        CLOSED_BY_HAND("closed by hand at the end: the way in");

        private final String words;

        Trait(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public Join {
        runs = List.copyOf(runs);
        traits = Set.copyOf(traits);
        if (runs.isEmpty()) {
            throw new RefusedValueException("join.runs", "A join holds at least one edge.");
        }
        if (!(lengthMm > 0 && lengthMm <= 20_000)) {
            throw new RefusedValueException(
                    "join.length", Wording.of("A join has a length, above 0 and at most 20 m."));
        }
        if (rows < 1 || rows > 8) {
            throw new RefusedValueException("join.rows", "A join has from 1 to 8 rows of stitches.");
        }
        if (!(allowanceMm >= 0 && allowanceMm <= 400)) {
            throw new RefusedValueException("join.allowance", Wording.of("must be from 0 to 400 mm."));
        }
    }

    /** Unpicking time at a rate in minutes a metre, bar tacks a minute each, rivets two. */
    public double minutes(double minutesPerMetre) {
        return minutes(minutesPerMetre, lengthMm, barTacks) + rivets() * MINUTES_A_RIVET;
    }

    /** Unpicking time of a stretch of it. */
    public double minutes(double minutesPerMetre, double stretchMm, int tacks) {
        return rows * stretchMm / 1000 * minutesPerMetre + tacks;
    }

    public boolean touches(String part) {
        return runs.stream().anyMatch(r -> r.part().equals(part));
    }

    public int rivets() {
        return traits.contains(Trait.RIVETED) ? RIVETS : 0;
    }

    /** Is there no seam, but cloth that was knitted in one? Opening it is a cut. */
    public boolean isSeamless() {
        return stitch == StitchType.KNITTED_ON;
    }

    public boolean isFused() {
        return traits.contains(Trait.FUSED);
    }

    /**
     * The point so far along this join on an edge of its part; a seam measured longer or shorter than the drawing is scaled onto it.
     *
     * @throws RefusedValueException past its end
     */
    public Point along(Edge edge, double mm) {
        if (mm > lengthMm + 0.5) {
            throw new RefusedValueException(
                    "join.at", Wording.fill("The %s is %.0f mm long; %.0f mm lies past its end.", name, lengthMm, mm));
        }
        return edge.at(mm / lengthMm);
    }
}
