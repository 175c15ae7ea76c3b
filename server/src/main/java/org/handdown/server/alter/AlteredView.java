package org.handdown.server.alter;

import java.util.List;
import java.util.Map;
import org.handdown.alter.stack.AlterationKind;
import org.handdown.alter.stack.Ask;
import org.handdown.server.project.PutOnView;

/**
 * A garment that stays sewn, and what is done to it.
 *
 * @param kinds what can be done
 * @param steps in order
 * @param states the garment before the first step, before the second and so on, and after the last
 * @param rings of all ends, from first to last
 * @param panels that what comes off gives to lay on
 */
public record AlteredView(
        List<AlterationKindView> kinds,
        List<AlterationView> steps,
        List<StateView> states,
        List<RingView> rings,
        List<PutOnView> putOn,
        List<OffView> offs,
        List<String> cutFromCloth,
        int panels) {
    public record AlterationKindView(AlterationKind kind, String words, String meaning) {}

    /** @param text what a field shows; empty where nothing was told and nothing can be proposed */
    public record AskView(
            String id, String words, Ask.Type type, String text, boolean proposed, List<ChoiceView> options) {}

    public record ChoiceView(String id, String words) {}

    public record PinView(String at, String depth) {}

    /**
     * @param refusal why it cannot be made; empty where it can
     * @param field that the refusal is about
     */
    public record AlterationView(
            String id,
            AlterationKind kind,
            String words,
            List<AskView> asks,
            Map<String, String> picks,
            List<PinView> pins,
            String refusal,
            String field,
            List<String> says,
            List<String> checks,
            List<String> opens,
            List<String> sews,
            List<CutView> cuts,
            List<OffView> offs,
            List<RingView> rings,
            List<String> walks,
            List<String> lost) {}

    /** @param points where it lies on the garment spread out, mm */
    public record CutView(String part, boolean folded, String length, List<double[]> points) {}

    /** What comes off. */
    public record OffView(String id, String name, String size, List<List<double[]>> outlines) {}

    public record RingView(String name, String before, String after, boolean changed) {}

    /** The garment spread out. */
    public record StateView(List<SpreadPartView> parts, List<LineView> seams, List<LineView> ends) {}

    /** @param added to be cut from cloth */
    public record SpreadPartView(
            String id, String name, String side, String layer, boolean added, List<double[]> outline) {}

    /** A seam or an end, along each part it lies on. */
    public record LineView(String id, String name, List<List<double[]>> lines) {}
}
