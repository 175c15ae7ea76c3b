package org.handdown.alter.stack;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.handdown.assembly.Component;
import org.handdown.assembly.Join;
import org.handdown.assembly.Layer;
import org.handdown.assembly.Meeting;
import org.handdown.measure.Wording;

/**
 * What an alteration asks for.
 *
 * @param id its name in files and fields
 * @param words what it is, for a person
 * @param leastMm of a length
 * @param firstMm proposed until somebody says otherwise
 * @param options of a choice, the proposed first; what can be picked on a garment is told by it
 * @param when answers of another ask, for which alone it is asked; empty where it always is
 */
public record Ask(
        String id,
        String words,
        Type type,
        double leastMm,
        double mostMm,
        double firstMm,
        List<Option> options,
        Map<String, Set<String>> when) {
    /** What an answer is. */
    public enum Type {
        /** A ring of the garment. */
        END,
        SEAM,
        PART,
        CLOSURE,
        CHOICE,
        LENGTH,
        PINS
    }

    /** @param value as it is written down */
    public record Option(String value, String words) {}

    public Ask {
        options = List.copyOf(options);
        when = Map.copyOf(when);
    }

    private Ask(
            String id, String words, Type type, double leastMm, double mostMm, double firstMm, List<Option> options) {
        this(id, words, type, leastMm, mostMm, firstMm, options, Map.of());
    }

    /** Asked only where another was answered so. */
    Ask when(String other, String... answers) {
        return new Ask(id, words, type, leastMm, mostMm, firstMm, options, Map.of(other, Set.of(answers)));
    }

    /** Is it asked, as the others are answered? A choice that nobody made is its first. */
    boolean isAsked(List<Ask> all, Map<String, String> picks) {
        return when.entrySet().stream().allMatch(w -> {
            Ask other = all.stream()
                    .filter(a -> a.id.equals(w.getKey()))
                    .findFirst()
                    .orElseThrow();
            String first = other.options.isEmpty() ? "" : other.options.get(0).value();
            String answer = picks.getOrDefault(other.id, first);
            return w.getValue().contains(answer);
        });
    }

    static Ask end(String id, String words) {
        return new Ask(id, words, Type.END, 0, 0, 0, List.of());
    }

    static Ask seam(String id, String words) {
        return new Ask(id, words, Type.SEAM, 0, 0, 0, List.of());
    }

    static Ask part(String id, String words) {
        return new Ask(id, words, Type.PART, 0, 0, 0, List.of());
    }

    static Ask closure(String id, String words) {
        return new Ask(id, words, Type.CLOSURE, 0, 0, 0, List.of());
    }

    static Ask pins(String id, String words) {
        return new Ask(id, words, Type.PINS, 0, 0, 0, List.of());
    }

    static Ask length(String id, String words, double leastMm, double mostMm, double firstMm) {
        return new Ask(id, words, Type.LENGTH, leastMm, mostMm, firstMm, List.of());
    }

    /** May it be left empty, and then goes by another figure? */
    public boolean isOptional() {
        return Double.isNaN(firstMm);
    }

    static Ask optional(String id, String words, double leastMm, double mostMm) {
        return new Ask(id, words, Type.LENGTH, leastMm, mostMm, Double.NaN, List.of());
    }

    static Ask choice(String id, String words, String... valuesAndWords) {
        List<Option> options = new ArrayList<>();
        for (int i = 0; i + 1 < valuesAndWords.length; i += 2) {
            options.add(new Option(valuesAndWords[i], valuesAndWords[i + 1]));
        }
        return new Ask(id, words, Type.CHOICE, 0, 0, 0, options);
    }

    static Ask sides() {
        return choice("sides", "On which side", "both", "both sides alike", "one", "this side only");
    }

    /** What can be answered on this garment. */
    public List<Option> options(GarmentNow garment) {
        return switch (type) {
            case END ->
                garment.ends().stream().map(e -> new Option(e.id(), e.name())).toList();
            case SEAM -> seams(garment);
            case PART -> parts(garment);
            case CLOSURE ->
                garment.assembly().closures().stream()
                        .map(c -> new Option(c.id(), Wording.spoken(c.id())))
                        .toList();
            case CHOICE -> options;
            case LENGTH, PINS -> List.of();
        };
    }

    private static List<Option> seams(GarmentNow garment) {
        List<Option> all = new ArrayList<>();
        for (Join join : garment.assembly().joins()) {
            boolean isSeam = join.meetings().stream().noneMatch(m -> m.isTurned() || m.caught())
                    && join.meetings().stream()
                            .flatMap(m -> m.runs().stream())
                            .allMatch(r ->
                                    garment.assembly().component(r.component()).layer() == Layer.SHELL);
            if (isSeam) {
                all.add(new Option(join.id(), join.name()));
            }
        }
        return all;
    }

    private static List<Option> parts(GarmentNow garment) {
        Set<String> shell = Set.copyOf(garment.assembly().components().stream()
                .filter(c -> c.layer() == Layer.SHELL)
                .map(Component::id)
                .toList());
        return garment.assembly().components().stream()
                .filter(c -> shell.contains(c.id()))
                .map(c -> new Option(c.id(), Wording.spoken(c.name())))
                .toList();
    }

    /** Length of a seam along its first side as it is walked, mm. */
    static double lengthMm(GarmentNow garment, String joinId) {
        return garment.assembly().join(joinId).meetings().stream()
                .map(Meeting::one)
                .mapToDouble(garment.assembly()::sewnMm)
                .sum();
    }
}
