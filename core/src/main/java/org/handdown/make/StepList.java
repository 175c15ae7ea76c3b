package org.handdown.make;

import java.util.ArrayList;
import java.util.List;
import org.handdown.measure.Length;
import org.handdown.measure.LengthText;
import org.handdown.measure.LengthUnit;

/** Gathers the steps of one garment, with lengths in the household's unit. */
final class StepList {
    static final String UNPICKER =
            "Unpicker: point away from cloth, eyes and fingers, in good light; change posture now and then.";
    static final String CUTTER =
            "Shears or rotary cutter: close the blade when you put it down, cut away from the other hand.";
    static final String NEEDLE =
            "Needles break on thick crossings: turn the wheel by hand there, protect your eyes, keep count of the pieces.";

    private final LengthUnit unit;
    private final List<Step> steps = new ArrayList<>();

    StepList(LengthUnit unit) {
        this.unit = unit;
    }

    String length(double mm) {
        return LengthText.format(Length.ofMm(mm), unit);
    }

    /** A sentence whose lengths are in mm, with each of them in the household's unit. */
    String sentence(String text) {
        return LengthText.inSentence(text, unit);
    }

    boolean has(String id) {
        return steps.stream().anyMatch(s -> s.id().equals(id));
    }

    static Step.Need need(String step, Reason reason) {
        return new Step.Need(step, reason);
    }

    void add(String id, String title, String how, String caution, double minutes, Step.Need... needs) {
        steps.add(new Step(id, title, how, false, List.of(), caution, minutes, List.of(), List.of(needs)));
    }

    /** The step that was added last asks for these. */
    void using(Tool... tools) {
        int last = steps.size() - 1;
        steps.set(last, steps.get(last).withTools(List.of(tools)));
    }

    void gate(String id, String title, List<String> checks, double minutes, Step.Need... needs) {
        steps.add(new Step(id, title, "", true, checks, "", minutes, List.of(), List.of(needs)));
    }

    List<Step> ordered() {
        return WorkOrder.of(steps);
    }
}
