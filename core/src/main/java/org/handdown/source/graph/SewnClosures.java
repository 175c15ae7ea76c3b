package org.handdown.source.graph;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.handdown.assembly.Meeting;
import org.handdown.assembly.Run;
import org.handdown.assembly.Sewing;

/** What closes a source that is sewn: its zips, buttons and hooks, and the ends of its bands. */
final class SewnClosures {
    private static final Set<PartRole> BANDS = Set.of(PartRole.RIB, PartRole.CUFF, PartRole.WAISTBAND);

    private final Anatomy anatomy;
    private final Sewing sewing;
    private final OpenEnds ends;

    SewnClosures(Anatomy anatomy, Sewing sewing, OpenEnds ends) {
        this.anatomy = anatomy;
        this.sewing = sewing;
        this.ends = ends;
    }

    /** After every seam is told: what is open still is what they close. */
    void close() {
        anatomy.closures().forEach(this::close);
        closeBands();
    }

    private Run whole(Join.Run run) {
        return sewing.component(run.part()).whole(run.edge());
    }

    /** A zip, buttons or hooks close what is still open between an edge and the edge that faces it. */
    private void close(Closure closure) {
        List<Meeting> meetings = new ArrayList<>();
        for (Join.Run edge : ends.closedBy(closure)) {
            ends.facing(edge).ifPresent(other -> {
                Run mine = sewing.free(whole(edge));
                Run theirs = sewing.free(whole(other));
                boolean isFree = !sewing.isHeld(mine)
                        && !sewing.isHeld(theirs)
                        && meetings.stream().noneMatch(m -> m.runs().contains(mine));
                if (isFree) {
                    meetings.add(Meeting.seam(mine, theirs));
                }
            });
        }
        if (!meetings.isEmpty()) {
            sewing.close(
                    new org.handdown.assembly.Closure(closure.id(), meetings, lapMm(anatomy.part(closure.part()))));
        }
    }

    /** Bands are closed rings where nothing opens them; one that a zip or a placket opens is closed with it, and laps. */
    private void closeBands() {
        for (Part band : anatomy.parts()) {
            boolean isBand = BANDS.contains(band.role())
                    && band.outline().find("left").isPresent()
                    && band.outline().find("right").isPresent();
            if (!isBand || sewing.isHeld(whole(new Join.Run(band.id(), "left")))) {
                continue;
            }
            Meeting both =
                    Meeting.seam(whole(new Join.Run(band.id(), "right")), whole(new Join.Run(band.id(), "left")));
            if (band.role() == PartRole.RIB || !isOpened(band)) {
                sewing.join(
                        new org.handdown.assembly.Join(band.id() + "-ends", band.name() + ", its ends", List.of(both)));
            } else {
                sewing.close(new org.handdown.assembly.Closure(band.id() + "-closed", List.of(both), lapMm(band)));
            }
        }
    }

    /** What of the edge that is sewn on stays free, ends over end. */
    private double lapMm(Part band) {
        if (!BANDS.contains(band.role())) {
            return 0;
        }
        return band.outline().edges().stream()
                .filter(e -> e.name().equals("lower") || e.name().equals("upper"))
                .map(e -> whole(new Join.Run(band.id(), e.name())))
                .filter(sewing::isHeld)
                .map(sewing::free)
                .filter(r -> !sewing.isHeld(r))
                .mapToDouble(Run::flatMm)
                .max()
                .orElse(0);
    }

    private boolean isOpened(Part band) {
        if (band.role() == PartRole.WAISTBAND) {
            return !anatomy.closures().isEmpty();
        }
        return anatomy.joinsOf(band.id()).stream()
                .flatMap(j -> j.runs().stream())
                .anyMatch(r -> anatomy.joinsOf(r.part()).stream()
                        .anyMatch(j -> j.runs().stream().anyMatch(p -> p.edge().equals("placket"))));
    }
}
