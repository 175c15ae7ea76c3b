package org.handdown.alter.stack;

import java.util.ArrayList;
import java.util.List;
import org.handdown.assembly.Component;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.jspecify.annotations.Nullable;

/** Alterations in the order they are made, each on what those before it leave. One that cannot be made says why, and the next go on without it. */
public final class AlterationStack {
    private static final int MOST = 40;
    private static final List<String> TOLD = List.of("picks", "figures", "pins", "kind");

    private final GarmentNow start;
    private final List<Step> steps;

    /**
     * One of them on the garment as it then is.
     *
     * @param effect null where it cannot be made
     * @param refusal why not; null where it can
     */
    public record Step(
            Alteration alteration,
            GarmentNow before,
            @Nullable Effect effect,
            @Nullable RefusedValueException refusal) {
        /** The garment once it is made; as it was where it cannot be. */
        public GarmentNow after() {
            return effect == null ? before : effect.after();
        }

        /** What follows from it down the garment. */
        public Consequences consequences() {
            return Consequences.of(before, after());
        }
    }

    private AlterationStack(GarmentNow start, List<Step> steps) {
        this.start = start;
        this.steps = List.copyOf(steps);
    }

    /** @throws RefusedValueException where two have one id, or there are too many */
    public static void requireAccepted(List<Alteration> alterations) {
        if (alterations.size() > MOST) {
            throw new RefusedValueException("alterations", "A garment takes 40 alterations at most.");
        }
        if (alterations.stream().map(Alteration::id).distinct().count() < alterations.size()) {
            throw new RefusedValueException("alterations", "Two alterations have one id.");
        }
    }

    public static AlterationStack of(GarmentNow start, List<Alteration> alterations) {
        requireAccepted(alterations);
        List<Step> steps = new ArrayList<>();
        GarmentNow now = start;
        for (Alteration alteration : alterations) {
            Step step = made(now, alteration);
            steps.add(step);
            now = step.after();
        }
        return new AlterationStack(start, steps);
    }

    private static Step made(GarmentNow now, Alteration alteration) {
        try {
            return new Step(alteration, now, alteration.kind().on(now, alteration), null);
        } catch (RefusedValueException e) {
            return new Step(alteration, now, null, told(e));
        }
    }

    /** What geometry and seams say of shapes that are none, in words for whoever told the figures. */
    private static RefusedValueException told(RefusedValueException e) {
        return TOLD.stream().anyMatch(e.field()::startsWith)
                ? e
                : new RefusedValueException(
                        "alteration",
                        Wording.fill(
                                "So it cannot be made at this place: %s Change its figures, or what comes before it.",
                                e.getMessage()));
    }

    public GarmentNow start() {
        return start;
    }

    public List<Step> steps() {
        return steps;
    }

    public GarmentNow after() {
        return steps.isEmpty() ? start : steps.get(steps.size() - 1).after();
    }

    public Consequences consequences() {
        return Consequences.of(start, after());
    }

    /** What came off, in the order it does. */
    public List<Effect.Off> offs() {
        List<Effect.Off> all = new ArrayList<>();
        steps.forEach(s -> {
            if (s.effect() != null) {
                all.addAll(s.effect().offs());
            }
        });
        return all;
    }

    /** What is cut from cloth for all of them. What a later one changes is cut as it ends, unless that takes it apart. */
    public List<ToCut> toCut() {
        List<ToCut> all = new ArrayList<>();
        steps.forEach(s -> {
            if (s.effect() != null) {
                s.effect().adds().forEach(piece -> all.add(asItEnds(piece)));
            }
        });
        return all;
    }

    private ToCut asItEnds(ToCut piece) {
        GarmentNow last = after();
        List<String> left = last.assembly().components().stream()
                .map(Component::id)
                .filter(c -> last.frameOf(c).equals(piece.id()))
                .toList();
        return left.equals(List.of(piece.id())) ? piece.endingAs(last) : piece;
    }

    /** An id that none of them has. */
    public static String freeId(List<Alteration> alterations) {
        int most = alterations.stream()
                .mapToInt(a -> Integer.parseInt(a.id().substring(1)))
                .max()
                .orElse(0);
        return "a" + (most + 1);
    }
}
