package org.handdown.make;

import java.util.ArrayList;
import java.util.List;
import org.handdown.cloth.Cloth;
import org.handdown.cloth.HeatLimit;
import org.handdown.measure.Length;
import org.handdown.measure.LengthText;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.Practice;
import org.handdown.measure.Wording;

/** Gathers the steps of one garment, with lengths in the household's unit. */
final class StepList {
    static final String UNPICKER =
            "Unpicker: point away from cloth, eyes and fingers, in good light; change posture now and then.";
    static final String CUTTER =
            "Shears or rotary cutter: close the blade when you put it down, cut away from the other hand.";
    static final String NEEDLE =
            "Needles break on thick crossings: turn the wheel by hand there, protect your eyes, keep count of the pieces.";

    /** Where two pressed seams cross lie six layers; from so much on a needle is in danger (common practice, no source). */
    private static final double THICK_CROSSING_MM = 3;

    private static final int LAYERS_AT_A_CROSSING = 6;

    private final LengthUnit unit;
    private final Cloth cloth;
    private final Practice practice;
    private final List<Step> steps = new ArrayList<>();

    StepList(LengthUnit unit, Cloth cloth, Practice practice) {
        this.unit = unit;
        this.cloth = cloth;
        this.practice = practice;
    }

    /** How far a seam that is closed again is sewn over the old stitching, in words. */
    String restart() {
        return length(practice.of(Practice.Figure.RESTART));
    }

    Cloth cloth() {
        return cloth;
    }

    private boolean isThickAtCrossings() {
        return LAYERS_AT_A_CROSSING * cloth.thicknessMm() >= THICK_CROSSING_MM;
    }

    /** How this cloth is pressed, in a sentence: as hot as it bears, and not at all where it must not lie flat. */
    String pressing() {
        return cloth.sheet().neverFlatten()
                ? "Never flatten it: steam from a distance, pat it with the fingers, no iron on it."
                : cloth.heat() == HeatLimit.FINGERS_ONLY
                        ? "No iron: finger press, weigh it down and let it rest."
                        : Wording.fill("%s.", cloth.heat().words());
    }

    /** What to look out for while pressing; nothing where no iron is used. */
    String pressingCaution() {
        return cloth.sheet().neverFlatten()
                ? "Steam burns."
                : cloth.heat() == HeatLimit.FINGERS_ONLY
                        ? ""
                        : "Steam burns; an iron hotter than the cloth bears melts or polishes it. Never leave it on.";
    }

    boolean isIroned() {
        return !cloth.sheet().neverFlatten() && cloth.heat() != HeatLimit.FINGERS_ONLY;
    }

    /** How this cloth is pinned. */
    String pinning(String usual) {
        return cloth.sheet().pinMarks()
                ? "Pins leave marks in this cloth: clips, or basting thread inside the allowances only."
                : usual;
    }

    String length(double mm) {
        return LengthText.format(Length.ofMm(mm), unit);
    }

    /** With its lengths in the household's unit; every step's words go through here. */
    private String sentence(String text) {
        return LengthText.inSentence(text, unit);
    }

    boolean has(String id) {
        return steps.stream().anyMatch(s -> s.id().equals(id));
    }

    static Step.Need need(String step, Reason reason) {
        return new Step.Need(step, reason);
    }

    void add(String id, String title, String how, String caution, double minutes, Step.Need... needs) {
        String told =
                isThickAtCrossings() ? caution : caution.replace(NEEDLE, "").strip();
        steps.add(new Step(
                id,
                sentence(title),
                sentence(how),
                false,
                List.of(),
                sentence(told),
                minutes,
                List.of(),
                List.of(needs)));
    }

    /** The step that was added last asks for these. */
    void using(Tool... tools) {
        int last = steps.size() - 1;
        steps.set(last, steps.get(last).withTools(List.of(tools)));
    }

    void gate(String id, String title, List<String> checks, double minutes, Step.Need... needs) {
        List<String> asked = checks.stream().map(this::sentence).toList();
        steps.add(new Step(id, sentence(title), "", true, asked, "", minutes, List.of(), List.of(needs)));
    }

    List<Step> ordered() {
        return WorkOrder.of(steps);
    }
}
