package org.handdown.alter.stack;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.handdown.assembly.Assembly;
import org.handdown.assembly.Component;
import org.handdown.assembly.Layer;
import org.handdown.assembly.Opening;
import org.handdown.assembly.Run;
import org.handdown.geometry.Edge;

/**
 * A ring where a garment ends.
 *
 * @param edges along it, by component; the rims of slits that open into it are none of them
 */
public record End(String id, String name, Opening opening, Map<String, List<String>> edges) {
    private static final Set<String> ON_ARMS = Set.of("sleeve", "cuff");

    static List<End> of(Assembly garment) {
        List<End> ends = new ArrayList<>();
        for (Opening opening : Opening.of(garment)) {
            ends.add(new End(opening.name().replace(' ', '-'), opening.name(), opening, edges(garment, opening)));
        }
        return ends;
    }

    private static String word(String edge) {
        return edge.split("-")[0];
    }

    private static Map<String, List<String>> edges(Assembly garment, Opening opening) {
        Map<String, Double> byWord = new HashMap<>();
        opening.ring().runs().forEach(r -> byWord.merge(word(r.edge()), r.flatMm(), Double::sum));
        Map<String, List<String>> edges = new LinkedHashMap<>();
        Set<String> components = opening.ring().components();
        for (String component : components) {
            List<Run> own = opening.ring().runs().stream()
                    .filter(r -> r.component().equals(component))
                    .toList();
            Component c = garment.component(component);
            List<Run> across = own.stream()
                    .filter(r -> !c.outline().edge(r.edge()).isUpright())
                    .toList();
            String best = (across.isEmpty() ? own : across)
                    .stream()
                            .map(r -> word(r.edge()))
                            .max(Comparator.comparingDouble(w -> byWord.getOrDefault(w, 0.0)))
                            .orElseThrow();
            List<String> names = c.outline().edges().stream()
                    .map(Edge::name)
                    .filter(n -> own.stream().anyMatch(r -> r.edge().equals(n)))
                    .filter(n -> word(n).equals(best))
                    .toList();
            // A component that only shows the rim of a slit here does not end here; a band beside the opening does.
            boolean isMain = components.size() == 1 || byWord.getOrDefault(best, 0.0) > 0.25 * longest(byWord);
            if (isMain || names.stream().noneMatch(n -> c.outline().edge(n).isUpright())) {
                edges.put(component, names);
            }
        }
        return edges;
    }

    private static double longest(Map<String, Double> byWord) {
        return byWord.values().stream().mapToDouble(Double::doubleValue).max().orElse(0);
    }

    /** Components of other layers that end with it: lining, facing, interfacing, each with its edges of the same name. */
    Map<String, List<String>> behind(Assembly garment, List<End> all) {
        // By the word for most of it: a wedge let into a hem ends in an edge that any band may have.
        Map<String, Double> byWord = new HashMap<>();
        edges.forEach((c, names) -> names.forEach(
                n -> byWord.merge(word(n), garment.component(c).whole(n).flatMm(), Double::sum)));
        String most = byWord.entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey)
                .orElse("");
        Map<String, List<String>> found = new LinkedHashMap<>();
        for (Component c : garment.components()) {
            List<String> names = c.outline().edges().stream()
                    .map(Edge::name)
                    .filter(n -> most.equals(word(n)))
                    .filter(n -> c.layer() != Layer.SHELL || !isSewnOn(garment, c.id(), n))
                    .toList();
            boolean isOthers = all.stream().anyMatch(e -> e.edges.containsKey(c.id()));
            if (!names.isEmpty() && !isOthers && isSameTube(c.id())) {
                found.put(c.id(), names);
            }
        }
        return found;
    }

    /** Outer cloth that goes on there: it lies before a band, not behind an end. */
    private static boolean isSewnOn(Assembly garment, String component, String edge) {
        return garment.joins().stream()
                .flatMap(j -> j.meetings().stream())
                .filter(m -> !m.isTurned() && !m.caught())
                .flatMap(m -> m.runs().stream())
                .anyMatch(r -> r.component().equals(component) && r.edge().equals(edge));
    }

    private boolean isSameTube(String component) {
        List<String> words = List.of(component.split("-"));
        boolean onArm = words.stream().anyMatch(ON_ARMS::contains);
        return switch (opening.place()) {
            case SLEEVE_END -> onArm && (!isOneSided() || words.contains(side()));
            case LEG_END -> !isOneSided() || words.contains(side());
            case NECK, HEAD, WAIST, HEM -> !onArm;
        };
    }

    private boolean isOneSided() {
        return !side().isEmpty();
    }

    private String side() {
        String first = name.split(" ")[0];
        return first.equals("left") || first.equals("right") ? first : "";
    }

    /** The like end on the other side of the body. */
    String partnerId() {
        return switch (side()) {
            case "left" -> id.replaceFirst("left", "right");
            case "right" -> id.replaceFirst("right", "left");
            default -> id;
        };
    }
}
