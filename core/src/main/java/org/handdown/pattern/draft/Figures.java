package org.handdown.pattern.draft;

import java.util.HashMap;
import java.util.Map;
import org.handdown.body.BodyMeasure;
import org.handdown.body.Wearer;
import org.handdown.measure.Length;
import org.handdown.measure.Practice;
import org.handdown.measure.Range;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/** What goes into a draft: the wearer's measures and a value for every free dimension. Lengths in mm. */
public final class Figures {
    private final Draft draft;
    private final Wearer wearer;
    private final Map<String, Double> values;
    private final Practice practice;

    /**
     * @param chosen by dimension id; what is not chosen takes its usual value
     * @throws RefusedValueException for a dimension that the draft does not have, a value out of its bounds, or a missing measure
     */
    Figures(Draft draft, Wearer wearer, Map<String, Double> chosen, Practice practice) {
        this.draft = draft;
        this.wearer = wearer;
        this.practice = practice;
        this.values = new HashMap<>();
        draft.measures(chosen).forEach(wearer::mm);
        for (String id : chosen.keySet()) {
            if (draft.dimensions().stream().noneMatch(d -> d.id().equals(id))) {
                throw new RefusedValueException(
                        "choices." + id, Wording.fill("The draft of the %s has no such dimension.", draft.words()));
            }
        }
        for (Dimension d : draft.dimensions()) {
            Double value = chosen.get(d.id());
            values.put(d.id(), value == null ? d.usualFor(wearer) : checked(d, value));
        }
    }

    private static double checked(Dimension d, double value) {
        String field = "choices." + d.id();
        if (d.kind() == Dimension.Kind.LENGTH) {
            return new Range(d.least(), d.most())
                    .require(field, Length.ofMm(value))
                    .mm();
        }
        if (!(value >= d.least() && value <= d.most()) || d.isWhole() && value != Math.rint(value)) {
            double scale = d.kind() == Dimension.Kind.SHARE ? 100 : 1;
            throw new RefusedValueException(
                    field,
                    Wording.fill(
                            "%s: from %.0f to %.0f%s.",
                            d.words(),
                            d.least() * scale,
                            d.most() * scale,
                            d.kind() == Dimension.Kind.SHARE ? " %" : ""));
        }
        return value;
    }

    /** Does the draft ask for it? */
    boolean has(String id) {
        return values.containsKey(id);
    }

    /** A measure of the body, mm. */
    double body(BodyMeasure measure) {
        return wearer.mm(measure);
    }

    /** Girth of the body at the waist that the garment sits at, mm. */
    double waist() {
        return body(WaistLevel.of(this).girth());
    }

    /** Figures of common practice that it is drawn by. */
    Practice practice() {
        return practice;
    }

    /** What wear may use of a stretch, both as shares. */
    double usable(double stretch) {
        return practice.of(Practice.Figure.USABLE_STRETCH) * stretch;
    }

    Wearer wearer() {
        return wearer;
    }

    /** A length or a share. */
    double of(String dimension) {
        Double value = values.get(dimension);
        if (value == null) {
            throw new IllegalArgumentException(
                    Wording.fill("The draft (%s) has no dimension (%s).", draft.id(), dimension));
        }
        return value;
    }

    int count(String dimension) {
        return (int) of(dimension);
    }

    boolean is(String tick) {
        return of(tick) > 0;
    }

    public Map<String, Double> values() {
        return Map.copyOf(values);
    }
}
