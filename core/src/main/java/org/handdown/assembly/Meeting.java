package org.handdown.assembly;

import java.util.List;
import org.handdown.measure.RefusedValueException;

/**
 * Stretches that lie on each other in a join: one is turned on itself (a hem, a casing, a bound edge), two are a seam, seen from the right
 * side the one running against the other.
 *
 * @param caught the second lies behind the first, as a facing or a lining does, or on a stretch that another join holds already: the outer
 *     cloth does not go on in it
 */
public record Meeting(List<Run> runs, boolean caught) {
    public Meeting {
        runs = List.copyOf(runs);
        if (runs.isEmpty() || runs.size() > 2) {
            throw new RefusedValueException("meeting", "One stretch is turned on itself, two are sewn together.");
        }
    }

    public static Meeting turned(Run run) {
        return new Meeting(List.of(run), false);
    }

    public static Meeting seam(Run one, Run other) {
        return new Meeting(List.of(one, other), false);
    }

    public static Meeting caught(Run one, Run behind) {
        return new Meeting(List.of(one, behind), true);
    }

    public boolean isTurned() {
        return runs.size() == 1;
    }

    public Run one() {
        return runs.get(0);
    }

    /** The other of two. */
    public Run other() {
        return runs.get(1);
    }
}
