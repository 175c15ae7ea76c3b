package org.handdown.assembly;

/**
 * How a join is reached when it is sewn next.
 *
 * @param way flat: the cloth lies open on either side; closing: it makes a ring out of an open edge; in the round: a ring is sewn to
 *     something; trapped: it shuts the last opening, so that the work must be turned through a gap or sewn from the right side
 * @param girthMm of the smaller ring that is sewn round, of the smallest that is made by closing; 0 when it lies flat or is trapped
 */
public record Access(Way way, double girthMm) {
    /** From easy to hard. */
    public enum Way {
        FLAT,
        CLOSING,
        IN_THE_ROUND,
        TRAPPED
    }
}
