package org.handdown.shortage;

/**
 * How hard each trial is worked at.
 *
 * @param seconds most time for one trial
 * @param steps most steps of one trial and thread
 */
public record Effort(double seconds, long steps, long seed, int threads) {
    public Effort {
        if (!(seconds > 0) || steps < 1 || threads < 1) {
            throw new IllegalArgumentException("A trial needs time, steps and a thread.");
        }
    }
}
