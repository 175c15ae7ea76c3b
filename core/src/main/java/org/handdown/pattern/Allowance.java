package org.handdown.pattern;

import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/**
 * One line of an edge's ledger: how much cloth is drawn outside the stitch line, how far from the cut edge it is sewn, how much is
 * left after trimming, and why.
 *
 * @param mm drawn width; 0 on a fold or on purpose
 * @param sewMm distance of the seam from the cut edge; as drawn unless the piece is to come out larger or smaller on purpose
 * @param trimMm left outside the seam after the try-on
 * @param why for people
 * @param turn whether it is folded to the wrong side along the stitch line, so that its ends must lie on the piece when it is up
 */
public record Allowance(double mm, double sewMm, double trimMm, String why, Turn turn) {
    /**
     * How an allowance is folded back along its edge.
     *
     * @param underMm of its raw edge folded under once more; 0 where it is left flat
     */
    public record Turn(Kind kind, double underMm) {
        /** Lies in a seam, not folded back. */
        public static final Turn NONE = new Turn(Kind.FLAT, 0);

        /** What the fold is for. */
        public enum Kind {
            FLAT,
            HEM,
            CASING
        }
    }

    /** Trimmed below this a seam pulls out, mm (common practice, no source). */
    public static final double LEAST_TRIM_MM = 3;

    private static final double WIDEST_MM = 100;

    /** Sewn as drawn, not trimmed. */
    public Allowance(double mm, String why) {
        this(mm, mm, mm, why, Turn.NONE);
    }

    public static Allowance none() {
        return new Allowance(0, "none on purpose");
    }

    public static Allowance seam(double mm) {
        return new Allowance(mm, "sewn seam");
    }

    /** Turned to the wrong side along the stitch line. */
    public static Allowance turned(double mm, String why) {
        return new Allowance(mm, mm, mm, why, new Turn(Turn.Kind.HEM, 0));
    }

    /** Turned to the wrong side as a channel for elastic or cord, its raw edge folded under. */
    public static Allowance casing(double mm, double underMm, String why) {
        return new Allowance(mm, mm, mm, why, new Turn(Turn.Kind.CASING, underMm));
    }

    /** Drawn wider than needed for the try-on and trimmed after it (handbook of the trade §3). */
    public static Allowance drawnWide(double drawnMm, double trimMm) {
        return new Allowance(drawnMm, drawnMm, trimMm, "drawn wide, trimmed after the try-on", Turn.NONE);
    }

    public Allowance {
        if (!(mm >= 0 && mm <= WIDEST_MM)) {
            throw new RefusedValueException("allowance", Wording.of("must be from 0 to 100 mm."));
        }
        if (!(sewMm >= 0 && sewMm <= WIDEST_MM)) {
            throw new RefusedValueException(
                    "allowance.sew", Wording.of("A seam lies from 0 to 100 mm inside the cut edge."));
        }
        if (!(trimMm >= 0 && trimMm <= mm + 1e-9)) {
            throw new RefusedValueException(
                    "allowance.trim", "More than is drawn cannot be left after trimming; draw more or trim further.");
        }
        if (!(turn.underMm >= 0 && (turn.underMm < mm || turn.underMm == 0))) {
            throw new RefusedValueException(
                    "allowance.under", "Less than the allowance is folded under; draw more or fold less under.");
        }
        if (why.length() > 120) {
            throw new RefusedValueException("allowance.why", "The reason has up to 120 characters.");
        }
    }

    /** Girth that the piece gains at this edge because it is sewn nearer to the cut edge than it was drawn; negative the other way. */
    public double slipMm() {
        return mm - sewMm;
    }

    public boolean turned() {
        return turn.kind != Turn.Kind.FLAT;
    }

    /** Trimmed so far that the seam may pull out? */
    public boolean isTrimmedTooFar() {
        return trimMm < LEAST_TRIM_MM && trimMm < mm;
    }
}
