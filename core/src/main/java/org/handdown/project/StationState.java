package org.handdown.project;

/**
 * How a station stands.
 *
 * @param sentence what is settled or missing, for a person
 */
public record StationState(Station station, Stand stand, String sentence) {
    /** Settled, still to do, or made from something that has changed since. */
    public enum Stand {
        SETTLED,
        OPEN,
        STALE
    }
}
