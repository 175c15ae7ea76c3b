package org.handdown.body;

import java.util.EnumMap;
import java.util.Map;
import org.handdown.measure.Length;
import org.handdown.measure.Origin;
import org.handdown.measure.RefusedValueException;

/** A person and their measures, each with where it comes from. */
public record Wearer(String name, Map<BodyMeasure, Taken> measures) {
    /**
     * A measure as it was taken.
     *
     * @param typed the words it was written in, kept so that the same words come back
     */
    public record Taken(Length length, String typed, Origin origin) {}

    public Wearer {
        if (name.isBlank()) {
            throw new RefusedValueException("aim.wearer", "is empty; say who it is for.");
        }
        for (BodyMeasure measure : BodyMeasure.values()) {
            Taken taken = measures.get(measure);
            if (taken == null) {
                throw new RefusedValueException(field(measure), "The %s is missing.".formatted(measure.words()));
            }
            measure.range().require(field(measure), taken.length);
        }
        measures = Map.copyOf(new EnumMap<>(measures));
        if (mm(measures, BodyMeasure.INSIDE_LEG) + 60 > mm(measures, BodyMeasure.WAIST_TO_FLOOR)) {
            throw new RefusedValueException(
                    field(BodyMeasure.INSIDE_LEG),
                    "The inside leg must be at least 6 cm shorter than waist to floor; measure both again.");
        }
    }

    private static String field(BodyMeasure measure) {
        return "aim.measures." + measure.name();
    }

    private static double mm(Map<BodyMeasure, Taken> measures, BodyMeasure measure) {
        return java.util.Objects.requireNonNull(measures.get(measure)).length.mm();
    }

    public double mm(BodyMeasure measure) {
        return mm(measures, measure);
    }
}
