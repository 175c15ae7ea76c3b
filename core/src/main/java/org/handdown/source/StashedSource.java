package org.handdown.source;

import java.util.List;
import org.handdown.cloth.Cloth;
import org.handdown.measure.RefusedValueException;

/**
 * A source that waits in the stash.
 *
 * @param idea what it may become
 * @param measures named lengths as far as they were taken
 */
public record StashedSource(
        SourceKind kind,
        String name,
        String what,
        String condition,
        String care,
        String cost,
        String idea,
        Cloth cloth,
        List<Measure> measures) {
    /** A length with its name, mm. */
    public record Measure(String name, double mm) {
        private static final double LONGEST_MM = 20_000;

        public Measure {
            if (!(mm > 0 && mm <= LONGEST_MM)) {
                throw new RefusedValueException("measures." + name, "must be above 0 and at most 20 m.");
            }
        }
    }

    public StashedSource {
        measures = List.copyOf(measures);
        if (name.isBlank()) {
            throw new RefusedValueException("name", "is empty; say what this source is.");
        }
    }
}
