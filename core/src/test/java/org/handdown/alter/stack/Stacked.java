package org.handdown.alter.stack;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.handdown.Demo;
import org.handdown.source.anatomy.SourceKind;
import org.handdown.source.graph.Anatomy;

/** Garments of average measures, and what is done to them. */
public final class Stacked {
    private Stacked() {}

    public static GarmentNow garment(SourceKind kind) {
        Anatomy anatomy = Demo.average(kind, Map.of()).anatomy();
        Map<String, Double> allowances = new HashMap<>();
        anatomy.joins().forEach(j -> allowances.put(j.id(), j.allowanceMm()));
        return new GarmentNow(anatomy.assembly(), allowances, Map.of(), Demo.CORD);
    }

    public static AlterationStack stack(SourceKind kind, Alteration... all) {
        return AlterationStack.of(garment(kind), List.of(all));
    }

    public static Alteration told(
            int number, AlterationKind kind, Map<String, String> picks, Map<String, Double> figures, Pin... pins) {
        return new Alteration("a" + number, kind, picks, figures, List.of(pins));
    }

    static Effect made(AlterationStack stack, int step) {
        AlterationStack.Step at = stack.steps().get(step);
        assertThat(at.refusal()).isNull();
        return Objects.requireNonNull(at.effect());
    }

    static double girthMm(GarmentNow garment, String end) {
        return garment.end(end).opening().ring().girthMm();
    }
}
