package org.handdown.assembly;

import java.util.List;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/** One line of stitches: all that is sewn in one go, in the order it is walked. */
public record Join(String id, String name, List<Meeting> meetings) {
    public Join {
        meetings = List.copyOf(meetings);
        if (meetings.isEmpty()) {
            throw new RefusedValueException("join", Wording.fill("The %s joins nothing.", name));
        }
    }

    /** Are edges turned on themselves by it, and nothing sewn to anything? */
    public boolean isTurned() {
        return meetings.stream().allMatch(Meeting::isTurned);
    }
}
