package org.handdown.panel.survey;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.handdown.geometry.Outline;
import org.handdown.measure.Length;
import org.handdown.measure.Origin;
import org.handdown.measure.Range;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/**
 * A ready shape drawn from its measures; the panel that one takes off a common source. Panel frame: hem at y = 0, y up.
 *
 * @param measures by id, mm or counts; a check may be missing
 */
public record ShapeByMeasures(ReadyShape shape, Map<String, Double> measures) implements OutlineMethod {
    /**
     * @throws RefusedValueException naming {@code measures.<id>}: a figure missing, out of all proportion, or at odds with the others
     */
    public ShapeByMeasures {
        Map<String, Double> known = new LinkedHashMap<>();
        for (ReadyShape.Measure spec : shape.measures()) {
            Double value = measures.get(spec.id());
            String field = "measures." + spec.id();
            if (value == null) {
                if (spec.kind() != ReadyShape.Kind.CHECK) {
                    throw new RefusedValueException(field, "is missing: " + spec.words() + ".");
                }
            } else if (spec.kind() == ReadyShape.Kind.COUNT) {
                if (!(value >= spec.least() && value <= spec.most() && value == Math.rint(value))) {
                    throw new RefusedValueException(
                            field, Wording.fill("is a whole number from %.0f to %.0f.", spec.least(), spec.most()));
                }
                known.put(spec.id(), value);
            } else {
                new Range(spec.least(), spec.most()).require(field, Length.ofMm(value));
                known.put(spec.id(), value);
            }
        }
        measures = java.util.Collections.unmodifiableMap(known);
        ShapeDrawing drawing;
        try {
            drawing = ShapeDrawing.of(shape, measures);
        } catch (RefusedValueException e) {
            // What a drawing takes apart itself, such as a leg, names fields of its own.
            throw e.field().startsWith("measures.")
                    ? e
                    : new RefusedValueException(
                            "measures." + oddOne(shape, measures),
                            java.util.Objects.requireNonNullElse(e.getMessage(), ""));
        }
        if (!drawing.outline().ring().isSimple()) {
            String odd = oddOne(shape, measures);
            throw new RefusedValueException(
                    "measures." + odd,
                    Wording.fill(
                            "With these figures the outline crosses itself. The one most out of proportion is “%s”; measure it again first.",
                            spec(shape, odd).words()));
        }
    }

    private static ReadyShape.Measure spec(ReadyShape shape, String id) {
        return shape.measures().stream()
                .filter(s -> s.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    /** The measure that is farthest from the shape's usual proportions, whatever its size. */
    private static String oddOne(ReadyShape shape, Map<String, Double> measures) {
        List<Double> ratios = new ArrayList<>();
        Map<String, Double> byId = new LinkedHashMap<>();
        for (ReadyShape.Measure spec : shape.measures()) {
            Double value = measures.get(spec.id());
            if (spec.kind() == ReadyShape.Kind.LENGTH && value != null && value > 0 && spec.first() > 0) {
                double ratio = Math.log(value / spec.first());
                ratios.add(ratio);
                byId.put(spec.id(), ratio);
            }
        }
        ratios.sort(null);
        double usual = ratios.get(ratios.size() / 2);
        return byId.entrySet().stream()
                .max(java.util.Comparator.comparingDouble(e -> Math.abs(e.getValue() - usual)))
                .orElseThrow()
                .getKey();
    }

    @Override
    public Outline outline() {
        return ShapeDrawing.of(shape, measures).outline();
    }

    /** Where the tape lies for each measure; counts have none. */
    public Map<String, TapeLine> tapes() {
        return ShapeDrawing.of(shape, measures).tapes();
    }

    /** How far the second value is from what the others draw, mm; 0 where it was not taken. */
    private double checkOffMm() {
        Map<String, TapeLine> tapes = tapes();
        double off = 0;
        for (ReadyShape.Measure spec : shape.measures()) {
            Double value = measures.get(spec.id());
            TapeLine tape = tapes.get(spec.id());
            if (spec.kind() == ReadyShape.Kind.CHECK && value != null && tape != null) {
                off = value - tape.mm();
            }
        }
        return off;
    }

    /** A curve is guessed between its ends: twice a tape's, or half of what the check is off by. */
    @Override
    public double toleranceMm(double tapeMm) {
        return Math.max(2 * tapeMm, Math.abs(checkOffMm()) / 2);
    }

    @Override
    public List<String> findings() {
        List<String> findings = new ArrayList<>();
        Map<String, TapeLine> tapes = tapes();
        for (ReadyShape.Measure spec : shape.measures()) {
            TapeLine tape = tapes.get(spec.id());
            if (spec.kind() != ReadyShape.Kind.CHECK || tape == null) {
                continue;
            }
            Double value = measures.get(spec.id());
            if (value == null) {
                findings.add(Wording.fill(
                        "Nothing checks these figures yet: %s should be %.0f mm. Measure it too.",
                        spec.words(), tape.mm()));
            } else if (Math.abs(checkOffMm()) > 2 * Origin.TAPE.toleranceMm()) {
                findings.add(Wording.fill(
                        "%s is %.0f mm, by the other figures it should be %.0f mm. “%s” is most out of proportion; measure it again first.",
                        spec.words().substring(0, 1).toUpperCase(Locale.ROOT)
                                + spec.words().substring(1),
                        value,
                        tape.mm(),
                        spec(shape, oddOne(shape, measures)).words()));
            }
        }
        return findings;
    }
}
