package org.handdown.server.project;

import java.util.List;
import org.handdown.project.Brought;

/**
 * Other things are brought to a project than before: told within the transaction that stores it, by a change as by undo and redo. Who cannot
 * let the project have one refuses it with a {@link org.handdown.measure.RefusedValueException}, and then nothing is stored.
 */
public record ThingsBrought(ProjectOf of, List<Brought> before, List<Brought> now) {
    public ThingsBrought {
        before = List.copyOf(before);
        now = List.copyOf(now);
    }
}
