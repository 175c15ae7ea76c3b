package org.handdown.assembly;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.IntPredicate;

/** The rims of what is glued together, walked arc by arc: past a seam the way goes on along the partner's neighbour. */
final class Loops {
    /** Rims, each the arcs that are glued to nothing, in order, cloth on the left. */
    final List<List<Integer>> rims = new ArrayList<>();

    private final Gluing gluing;
    private final int[] partner;
    private final Groups surfaces;
    private final Groups corners;
    private final Map<Integer, List<List<Integer>>> rimsOf = new HashMap<>();

    Loops(Gluing gluing, IntPredicate sewn, boolean behind) {
        this.gluing = gluing;
        this.partner = gluing.partners(sewn, behind);
        int n = gluing.size();
        this.surfaces = new Groups(n);
        this.corners = new Groups(n);
        for (int a = 0; a < n; a++) {
            surfaces.join(a, gluing.next(a));
            if (partner[a] >= 0) {
                surfaces.join(a, partner[a]);
                // A corner has the number of the arc that begins there; a seam's sides run against each other.
                corners.join(a, gluing.next(partner[a]));
                corners.join(gluing.next(a), partner[a]);
            }
        }
        boolean[] walked = new boolean[n];
        for (int a = 0; a < n; a++) {
            if (partner[a] < 0 && !walked[a]) {
                List<Integer> rim = new ArrayList<>();
                for (int at = a; !walked[at]; at = after(at)) {
                    walked[at] = true;
                    rim.add(at);
                }
                rims.add(rim);
                rimsOf.computeIfAbsent(surfaces.of(a), s -> new ArrayList<>()).add(rim);
            }
        }
    }

    private int after(int a) {
        int at = gluing.next(a);
        while (partner[at] >= 0) {
            at = gluing.next(partner[at]);
        }
        return at;
    }

    int surfaceOf(int a) {
        return surfaces.of(a);
    }

    Set<Integer> surfaces() {
        Set<Integer> all = new TreeSet<>();
        for (int a = 0; a < gluing.size(); a++) {
            all.add(surfaces.of(a));
        }
        return all;
    }

    List<List<Integer>> rimsOf(int surface) {
        return rimsOf.getOrDefault(surface, List.of());
    }

    /** Vertices − edges + faces. */
    int euler(int surface) {
        Set<Integer> vertices = new TreeSet<>();
        Set<Integer> faces = new TreeSet<>();
        int halfEdges = 0;
        for (int a = 0; a < gluing.size(); a++) {
            if (surfaces.of(a) == surface) {
                vertices.add(corners.of(a));
                faces.add(gluing.arc(a).component());
                halfEdges += partner[a] >= 0 ? 1 : 2;
            }
        }
        return vertices.size() - halfEdges / 2 + faces.size();
    }
}
