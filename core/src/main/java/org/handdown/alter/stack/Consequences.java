package org.handdown.alter.stack;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.handdown.assembly.Assembly;
import org.handdown.assembly.Join;

/**
 * What is different down a whole garment between two of its states: every ring, every seam walked again, every finished edge.
 *
 * @param rings by their ends; those that are as they were too
 * @param walks seams whose two sides differ otherwise than before
 * @param lostEdges hems and other turned edges that are there no more
 */
public record Consequences(List<Ring> rings, List<Walk> walks, List<String> lostEdges) {
    private static final double SEEN_MM = 1;

    public Consequences {
        rings = List.copyOf(rings);
        walks = List.copyOf(walks);
        lostEdges = List.copyOf(lostEdges);
    }

    /** @param beforeMm and afterMm: girth of the ring itself, everything shut, relaxed; 0 where there is none of it */
    public record Ring(String id, String name, double beforeMm, double afterMm, double opensMm) {
        public boolean isChanged() {
            return Math.abs(afterMm - beforeMm) > SEEN_MM;
        }
    }

    /** @param easeMm by which the second side is longer; negative where it must be stretched */
    public record Walk(String join, String name, double beforeMm, double easeMm) {}

    static Consequences of(GarmentNow before, GarmentNow after) {
        return new Consequences(rings(before, after), walks(before, after), lost(before, after));
    }

    private static List<Ring> rings(GarmentNow before, GarmentNow after) {
        Set<String> ids = new LinkedHashSet<>();
        before.ends().forEach(e -> ids.add(e.id()));
        after.ends().forEach(e -> ids.add(e.id()));
        List<Ring> rings = new ArrayList<>();
        for (String id : ids) {
            Optional<End> was = before.findEnd(id);
            Optional<End> is = after.findEnd(id);
            rings.add(new Ring(
                    id,
                    is.or(() -> was).orElseThrow().name(),
                    was.map(e -> e.opening().ring().girthMm()).orElse(0.0),
                    is.map(e -> e.opening().ring().girthMm()).orElse(0.0),
                    is.map(e -> e.opening().opensMm()).orElse(0.0)));
        }
        return rings;
    }

    private static List<Walk> walks(GarmentNow before, GarmentNow after) {
        List<Walk> all = new ArrayList<>();
        for (Assembly.Walk walk : after.assembly().walks()) {
            Optional<Assembly.Walk> was = before.assembly().walks().stream()
                    .filter(w -> w.join().id().equals(walk.join().id()))
                    .findFirst();
            double old = was.map(Assembly.Walk::easeMm).orElse(0.0);
            if (Math.abs(walk.easeMm() - old) > 2) {
                all.add(new Walk(walk.join().id(), walk.join().name(), old, walk.easeMm()));
            }
        }
        return all;
    }

    private static List<String> lost(GarmentNow before, GarmentNow after) {
        Set<String> left = after.assembly().joins().stream()
                .filter(Join::isTurned)
                .map(Join::id)
                .collect(Collectors.toSet());
        return before.assembly().joins().stream()
                .filter(j -> j.isTurned() && !left.contains(j.id()))
                .map(Join::name)
                .toList();
    }
}
