package org.handdown.assembly;

import java.util.List;

/**
 * A zip, a row of buttons, loops, ties or hooks between two stretches; opened it makes the ring larger.
 *
 * @param lapMm how far one end lies over the other when it is shut: a ring through it is so much smaller
 */
public record Closure(String id, List<Meeting> meetings, double lapMm) {
    public Closure {
        meetings = List.copyOf(meetings);
    }
}
