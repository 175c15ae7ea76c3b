package org.handdown.source.graph;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import org.handdown.assembly.Run;
import org.handdown.geometry.Edge;

/**
 * What of an edge is left out of the seam along it: the zip at its upper end, the slit at its lower one. An anatomy tells each by its length
 * alone.
 */
final class OpenEnds {
    /** A seam drawn shorter than its edge by less has no opening. */
    private static final double OPEN_MM = 5;

    /** A seam shorter than one of its edges by a larger share lies in the middle of it: a stand on its collar. */
    private static final double MUCH_SHORTER = 0.1;

    private final Anatomy anatomy;
    private final Set<PartRole> outer;

    private final ToDoubleFunction<Run> sewnMm;

    /** @param sewnMm length of a stretch with its folds laid, mm */
    OpenEnds(Anatomy anatomy, Set<PartRole> outer, ToDoubleFunction<Run> sewnMm) {
        this.anatomy = anatomy;
        this.outer = outer;
        this.sewnMm = sewnMm;
    }

    /** The stretch of a free edge that a seam of two really holds. */
    Run sewn(Join join, Run free) {
        double slit = slitMm(join);
        double share = sewnMm.applyAsDouble(free) / free.flatMm();
        double rest = free.flatMm() - join.lengthMm() / share - slit;
        double zip = zipMm(join, rest);
        if (slit + zip > OPEN_MM && slit + zip < free.flatMm()) {
            return isFalling(free)
                    ? new Run(free.component(), free.edge(), free.fromMm() + zip, free.toMm() - slit)
                    : new Run(free.component(), free.edge(), free.fromMm() + slit, free.toMm() - zip);
        }
        if (rest > MUCH_SHORTER * free.flatMm()) {
            return new Run(free.component(), free.edge(), free.fromMm() + rest / 2, free.toMm() - rest / 2);
        }
        return free;
    }

    /** The lower end of an edge. */
    Run slit(Run whole, double mm) {
        double high = Math.min(mm, whole.flatMm());
        return isFalling(whole)
                ? new Run(whole.component(), whole.edge(), whole.toMm() - high, whole.toMm())
                : new Run(whole.component(), whole.edge(), whole.fromMm(), whole.fromMm() + high);
    }

    private boolean isFalling(Run run) {
        Edge edge = anatomy.part(run.component()).outline().edge(run.edge());
        return edge.start().y() > edge.end().y();
    }

    /** Both sides of a slit are hemmed in one join. */
    private double slitMm(Join join) {
        return anatomy.joins().stream()
                .filter(j -> j.runs().size() == 1
                        && !j.finishedEdge()
                        && join.runs().contains(j.runs().get(0)))
                .mapToDouble(j -> j.lengthMm() / 2)
                .sum();
    }

    private double zipMm(Join join, double restMm) {
        for (Closure closure : anatomy.closures()) {
            boolean isHere =
                    closedBy(closure).stream().anyMatch(r -> join.runs().contains(r));
            if (isHere && closure.kind() == Closure.Kind.ZIP) {
                return restMm > OPEN_MM
                        ? restMm
                        : zipJoins()
                                .filter(j -> j.runs().stream().noneMatch(join.runs()::contains))
                                .filter(j ->
                                        j.runs().stream().anyMatch(r -> r.part().equals(closure.part())))
                                .mapToDouble(Join::lengthMm)
                                .max()
                                .orElse(0);
            }
        }
        return 0;
    }

    private Stream<Join> zipJoins() {
        return anatomy.joins().stream().filter(j -> j.runs().stream().anyMatch(r -> isZip(r.part())));
    }

    private boolean isZip(String part) {
        return anatomy.part(part).role() == PartRole.ZIP;
    }

    /** The edges that a closure opens: its own, and all that the same zip is sewn to. */
    List<Join.Run> closedBy(Closure closure) {
        Join.Run own = new Join.Run(closure.part(), closure.edge());
        Stream<Join.Run> more = closure.kind() != Closure.Kind.ZIP
                ? Stream.of()
                : zipJoins().filter(j -> j.runs().contains(own)).flatMap(j -> j.runs().stream());
        return Stream.concat(Stream.of(own), more)
                .filter(r -> !isZip(r.part())
                        && anatomy.part(r.part()).outline().find(r.edge()).isPresent())
                .distinct()
                .toList();
    }

    /** The edge that a closure's edge meets: its seam's other side, the like on the other side of the body, or a band's other end. */
    Optional<Join.Run> facing(Join.Run edge) {
        Optional<Join.Run> seam = anatomy.joins().stream()
                .filter(j -> j.runs().size() == 2 && j.runs().contains(edge))
                .map(j -> j.runs().get(0).equals(edge)
                        ? j.runs().get(1)
                        : j.runs().get(0))
                .filter(this::isOuter)
                .findFirst();
        if (seam.isPresent()) {
            return seam;
        }
        Optional<Join.Run> partner = new PartId(edge.part())
                .partner()
                .map(p -> new Join.Run(p.text(), edge.edge()))
                .filter(this::isOuter);
        if (partner.isPresent()) {
            return partner;
        }
        String end = edge.edge().equals("right") ? "left" : edge.edge().equals("left") ? "right" : "";
        return Optional.of(new Join.Run(edge.part(), end)).filter(this::isOuter);
    }

    private boolean isOuter(Join.Run run) {
        return anatomy.findPart(run.part())
                .filter(p ->
                        outer.contains(p.role()) && p.outline().find(run.edge()).isPresent())
                .isPresent();
    }
}
