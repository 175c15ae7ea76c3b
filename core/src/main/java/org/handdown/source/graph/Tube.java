package org.handdown.source.graph;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * The ring of cloth round a source at one height: a part and all that is sewn to it by upright seams there. A trouser leg is front and
 * back below the crotch and both legs above it; a sleeve is itself alone.
 */
public final class Tube {
    private final Anatomy anatomy;
    private final Part start;

    public Tube(Anatomy anatomy, Part start) {
        this.anatomy = anatomy;
        this.start = start;
    }

    /**
     * Parts of the ring.
     *
     * @param y height in the frame of the part it started from, mm; parts of one ring share their heights
     */
    public Set<Part> partsAt(double y) {
        Set<Part> ring = new LinkedHashSet<>();
        Deque<Part> open = new ArrayDeque<>(List.of(start));
        while (!open.isEmpty()) {
            Part part = open.pop();
            if (ring.add(part)) {
                for (Join join : anatomy.joinsOf(part.id())) {
                    if (holdsAt(join, y)) {
                        join.runs().forEach(r -> open.push(anatomy.part(r.part())));
                    }
                }
            }
        }
        return ring;
    }

    /** Whole girth between the stitch lines, mm; 0 above and below the parts. */
    public double girthMm(double y) {
        return partsAt(y).stream()
                .mapToDouble(p -> p.outline().ring().widthAtMm(y))
                .sum();
    }

    private boolean holdsAt(Join join, double y) {
        return !join.finishedEdge()
                && join.runs().size() == 2
                && join.runs().stream().allMatch(r -> isOfRing(anatomy.part(r.part())) && isUprightAt(r, y));
    }

    /** Zips, bands and pockets have frames of their own; only panels of one layer share their heights. */
    private boolean isOfRing(Part part) {
        return part.isMain() && part.layer() == start.layer();
    }

    private boolean isUprightAt(Join.Run run, double y) {
        return anatomy.part(run.part()).outline().edges().stream()
                .filter(e -> e.name().equals(run.edge()))
                .anyMatch(e -> e.isUpright() && e.reaches(y));
    }
}
