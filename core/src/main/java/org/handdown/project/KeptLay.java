package org.handdown.project;

import java.time.Instant;
import org.handdown.measure.RefusedValueException;

/** A lay that was kept beside the one at work, with the panels and pieces it is of, to be compared with it and taken up again. */
public record KeptLay(String name, Instant at, Lay lay, MeasuredPanels panels, Project.Pieces pieces) {
    public KeptLay {
        if (name.isBlank() || name.length() > Project.LONGEST_NAME) {
            throw new RefusedValueException("lay.name", "Name the lay in up to 120 characters.");
        }
    }
}
