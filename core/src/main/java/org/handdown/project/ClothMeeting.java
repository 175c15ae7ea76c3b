package org.handdown.project;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Stream;
import org.handdown.cloth.Cloth;
import org.handdown.cloth.Pairing;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitProblem;
import org.handdown.lay.ClothRoles;
import org.handdown.measure.Wording;
import org.handdown.pattern.Design;
import org.handdown.pattern.DesignSeam;
import org.jspecify.annotations.Nullable;

/**
 * Two cloths that meet in seams of a design.
 *
 * @param seams by name, in the order of the design
 */
public record ClothMeeting(Cloth one, Cloth other, List<String> seams, Pairing pairing) {
    public ClothMeeting {
        seams = List.copyOf(seams);
    }

    /** What to heed there, in a sentence each; nothing where the two go together. */
    public List<String> sentences() {
        return pairing.sentences().stream()
                .map(s -> Wording.fill("%s against %s: %s", one.name(), other.name(), s))
                .toList();
    }

    /**
     * All of them: by the cloth that the lay put each piece on, else by the cloths that serve its role.
     *
     * @param problem and layout: null while nothing is laid
     * @param cloths by name
     */
    static List<ClothMeeting> of(
            Design design,
            @Nullable FitProblem problem,
            @Nullable FitLayout layout,
            ClothRoles roles,
            Function<String, @Nullable Cloth> cloths) {
        Map<String, Set<String>> laid = new LinkedHashMap<>();
        if (problem != null && layout != null) {
            layout.placements()
                    .forEach(p -> laid.computeIfAbsent(p.piece(), k -> new TreeSet<>())
                            .add(problem.panel(p.panel()).cloth()));
        }
        record Pair(String one, String other) {}
        Map<Pair, Set<String>> meetings = new LinkedHashMap<>();
        for (DesignSeam seam : design.seams()) {
            Set<String> all = new TreeSet<>();
            Stream.concat(seam.one().stream(), seam.other().stream())
                    .map(DesignSeam.Side::piece)
                    .distinct()
                    .forEach(piece -> all.addAll(laid.getOrDefault(piece, serving(design, roles, piece))));
            List<String> names = List.copyOf(all);
            for (int i = 0; i < names.size(); i++) {
                for (int j = i + 1; j < names.size(); j++) {
                    meetings.computeIfAbsent(new Pair(names.get(i), names.get(j)), k -> new java.util.LinkedHashSet<>())
                            .add(seam.name());
                }
            }
        }
        List<ClothMeeting> found = new ArrayList<>();
        meetings.forEach((pair, seams) -> {
            Cloth one = cloths.apply(pair.one);
            Cloth other = cloths.apply(pair.other);
            if (one != null && other != null) {
                found.add(new ClothMeeting(one, other, List.copyOf(seams), Pairing.of(one, other)));
            }
        });
        return found;
    }

    private static Set<String> serving(Design design, ClothRoles roles, String piece) {
        // Of several that could serve, nobody knows before the lay which one it will be.
        return design.find(piece)
                .map(p -> roles.serving(p.cloth()).stream().limit(1).toList())
                .map(Set::copyOf)
                .orElse(Set.of());
    }
}
