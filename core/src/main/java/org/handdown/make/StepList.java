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
    private final List<Step> steps;
    /** Begins the ids of steps on a source beside the first. */
    private final String prefix;
    /** What it is called; empty for the first. */
    private final String of;

    StepList(LengthUnit unit, Cloth cloth, Practice practice) {
        this(unit, cloth, practice, new ArrayList<>(), "", "");
    }

    private StepList(LengthUnit unit, Cloth cloth, Practice practice, List<Step> steps, String prefix, String of) {
        this.steps = steps;
        this.prefix = prefix;
        this.of = of;
        this.unit = unit;
        this.cloth = cloth;
        this.practice = practice;
    }

    /** The same list, for steps on another source: they are told apart by their ids and by its name. */
    StepList beside(String begins, String name, Cloth other) {
        return new StepList(unit, other, practice, steps, begins, name);
    }

    /** The same list, for steps on another cloth of the same thing. */
    StepList of(Cloth other) {
        return new StepList(unit, other, practice, steps, prefix, of);
    }

    private String titled(String title) {
        return sentence(of.isEmpty() ? title : title + " (" + of + ")");
    }

    private List<Step.Need> own(Step.Need... needs) {
        return java.util.Arrays.stream(needs)
                .map(n -> new Step.Need(prefix + n.step(), n.reason()))
                .toList();
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
        return steps.stream().anyMatch(s -> s.id().equals(prefix + id));
    }

    static Step.Need need(String step, Reason reason) {
        return new Step.Need(step, reason);
    }

    void add(String id, String title, String how, String caution, double minutes, Step.Need... needs) {
        String told =
                isThickAtCrossings() ? caution : caution.replace(NEEDLE, "").strip();
        steps.add(new Step(
                prefix + id,
                titled(title),
                sentence(how),
                false,
                List.of(),
                sentence(told),
                minutes,
                List.of(),
                own(needs)));
    }

    /** The step that was added last asks for these. */
    void using(Tool... tools) {
        int last = steps.size() - 1;
        steps.set(last, steps.get(last).withTools(List.of(tools)));
    }

    void gate(String id, String title, List<String> checks, double minutes, Step.Need... needs) {
        List<String> asked = checks.stream().map(this::sentence).toList();
        steps.add(new Step(prefix + id, titled(title), "", true, asked, "", minutes, List.of(), own(needs)));
    }

    List<Step> ordered() {
        return WorkOrder.of(steps);
    }
}
