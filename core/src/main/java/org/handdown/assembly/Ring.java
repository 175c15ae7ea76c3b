package org.handdown.assembly;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A closed edge of a garment as it is now: the neck, the hem, an armhole once side and shoulder are sewn, the rim of a part that lies flat.
 *
 * @param runs in the order they are walked, cloth on the left
 * @param girthMm along the stitch line with folds laid, relaxed
 * @param corners places where it goes over from one component to another, or where the two sides of a seam meet in it
 */
public record Ring(List<Run> runs, double girthMm, int corners, Layer layer) {
    public Ring {
        runs = List.copyOf(runs);
    }

    public Set<String> components() {
        return runs.stream().map(Run::component).collect(Collectors.toSet());
    }

    public boolean holds(String component, String edge) {
        return runs.stream()
                .anyMatch(r -> r.component().equals(component) && r.edge().equals(edge));
    }
}
