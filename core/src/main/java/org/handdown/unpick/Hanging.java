package org.handdown.unpick;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.Join;
import org.handdown.source.graph.Part;
import org.jspecify.annotations.Nullable;

/**
 * Which parts lie flat when only some joins are still closed. Parts and joins form a graph in two sorts of nodes; a part can be laid flat
 * when the parts it still hangs on to form no ring: each other part then folds away along its seam. A ring is a tube, and a tube has no
 * flat outline.
 */
final class Hanging {
    private final Map<String, List<Join>> joinsOf = new HashMap<>();

    /** @param closed joins that still hold */
    Hanging(Anatomy anatomy, Collection<Join> closed) {
        for (Part part : anatomy.parts()) {
            joinsOf.put(part.id(), new ArrayList<>());
        }
        for (Join join : closed) {
            Set<String> once = new LinkedHashSet<>();
            join.runs().forEach(r -> once.add(r.part()));
            once.forEach(p -> joinsOf.computeIfAbsent(p, k -> new ArrayList<>()).add(join));
        }
    }

    /** A turned edge holds nothing but its own part. */
    static boolean holds(Join join) {
        return !join.finishedEdge() && join.runs().size() > 1;
    }

    boolean isFlat(String part) {
        return ringFrom(part).isEmpty();
    }

    private static Set<Join> ring(Join closing, Set<Join> oneWay, Set<Join> otherWay) {
        Set<Join> ring = new LinkedHashSet<>(oneWay);
        ring.addAll(otherWay);
        ring.add(closing);
        return ring;
    }

    /**
     * Joins of which at least one must be opened before the part lies flat: those of a ring and of the way to it. Empty when it lies
     * flat already.
     */
    Set<Join> ringFrom(String part) {
        Map<String, @Nullable Join> cameBy = new HashMap<>();
        Map<String, String> cameFrom = new HashMap<>();
        Map<String, String> joinSeenFrom = new HashMap<>();
        Deque<String> next = new ArrayDeque<>(List.of(part));
        cameBy.put(part, null);
        while (!next.isEmpty()) {
            String here = next.poll();
            for (Join join : joinsOf.getOrDefault(here, List.of())) {
                if (join.equals(cameBy.get(here))) {
                    continue;
                }
                String seenFrom = joinSeenFrom.get(join.id());
                if (seenFrom != null) {
                    // Reached before from another part: two ways to one join make a ring.
                    return ring(join, way(here, cameBy, cameFrom), way(seenFrom, cameBy, cameFrom));
                }
                joinSeenFrom.put(join.id(), here);
                Set<String> there = new HashSet<>();
                for (Join.Run run : join.runs()) {
                    if (!there.add(run.part())) {
                        // Both edges on one part: a sleeve, a tube by itself.
                        return ring(join, way(here, cameBy, cameFrom), Set.of());
                    }
                }
                for (String other : there) {
                    if (other.equals(here)) {
                        continue;
                    }
                    if (cameBy.containsKey(other)) {
                        return ring(join, way(here, cameBy, cameFrom), way(other, cameBy, cameFrom));
                    }
                    cameBy.put(other, join);
                    cameFrom.put(other, here);
                    next.add(other);
                }
            }
        }
        return Set.of();
    }

    private static Set<Join> way(
            @Nullable String from, Map<String, @Nullable Join> cameBy, Map<String, String> cameFrom) {
        Set<Join> way = new LinkedHashSet<>();
        for (String at = from; at != null; at = cameFrom.get(at)) {
            Join by = cameBy.get(at);
            if (by != null) {
                way.add(by);
            }
        }
        return way;
    }
}
