package org.handdown.shopping;

import org.handdown.stash.StashThing;

/**
 * Something that serves, or may serve, what is asked for.
 *
 * @param where its code in the stash; empty for what is in the project already
 * @param amount of it that counts: mm or pieces; 0 where it must be seen first whether it serves
 */
public record AtHand(String name, String where, double amount) {
    /**
     * A thing of the stash.
     *
     * @param code that it is found by
     * @param free how much of it nobody else was promised, in its own count
     */
    public record Stocked(String code, StashThing thing, double free) {}
}
