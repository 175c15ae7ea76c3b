package org.handdown.source.anatomy;

import java.util.LinkedHashMap;
import java.util.Map;
import org.handdown.measure.Length;
import org.handdown.measure.Range;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/**
 * A source by the tape, closed and lying flat; girths are whole, never halves.
 *
 * @param values mm, or a count, by the ids of {@link SourceKind#measures()}; every one of them and no other. What was not asked yet when
 *     a source was described holds as it did then
 */
public record GarmentMeasures(SourceKind kind, Map<String, Double> values) {
    public GarmentMeasures {
        Map<String, Double> checked = new LinkedHashMap<>();
        for (MeasureSpec spec : kind.measures()) {
            Double value = values.getOrDefault(spec.id(), spec.isLater() ? spec.older() : null);
            String field = "source." + spec.id();
            if (value == null) {
                throw new RefusedValueException(field, Wording.fill("is missing: %s.", spec.words()));
            }
            if (spec.isCount()) {
                requireCount(field, spec, value);
            } else {
                new Range(spec.least(), spec.most()).require(field, Length.ofMm(value));
            }
            checked.put(spec.id(), value);
        }
        values = java.util.Collections.unmodifiableMap(checked);
    }

    private static void requireCount(String field, MeasureSpec spec, double value) {
        if (value != Math.rint(value) || value < spec.least() || value > spec.most()) {
            throw new RefusedValueException(
                    field, Wording.fill("must be a whole number from %.0f to %.0f.", spec.least(), spec.most()));
        }
    }

    /** An average garment of this kind, to begin with. */
    public static GarmentMeasures first(SourceKind kind) {
        Map<String, Double> values = new LinkedHashMap<>();
        kind.measures().forEach(s -> values.put(s.id(), s.first()));
        return new GarmentMeasures(kind, values);
    }

    public double mm(String id) {
        Double value = values.get(id);
        if (value == null) {
            throw new IllegalArgumentException(Wording.fill("A %s has no measure (%s).", kind.words(), id));
        }
        return value;
    }

    public int count(String id) {
        return (int) mm(id);
    }

    /** Was this option chosen? */
    boolean is(String id, int option) {
        return count(id) == option;
    }
}
