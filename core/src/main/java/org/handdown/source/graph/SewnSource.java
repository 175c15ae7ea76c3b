package org.handdown.source.graph;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.handdown.assembly.Assembly;
import org.handdown.assembly.Attachment;
import org.handdown.assembly.Component;
import org.handdown.assembly.Layer;
import org.handdown.assembly.Run;
import org.handdown.assembly.Sewing;
import org.handdown.geometry.Edge;

/** A source as an assembly: its parts sewn together as its anatomy tells, join by join under the same ids. */
final class SewnSource {
    private static final Set<PartRole> HUNG_ON = Set.of(PartRole.POCKET, PartRole.FACING, PartRole.TIE, PartRole.TAPE);

    /** Sides of a seam that differ by a larger logarithm are not each other's. */
    private static final double UNLIKE = 0.3;

    /** What the cloth goes on in. A collar stands off: the neck under it stays the ring that a head goes through. */
    private static final Set<PartRole> OUTER =
            Set.of(PartRole.PANEL, PartRole.YOKE, PartRole.WAISTBAND, PartRole.CUFF, PartRole.RIB);

    private final Anatomy anatomy;
    private final Sewing sewing;
    private final OpenEnds ends;

    private SewnSource(Anatomy anatomy) {
        this.anatomy = anatomy;
        this.sewing = new Sewing(
                anatomy.parts().stream()
                        .filter(p -> p.role() != PartRole.ZIP)
                        .map(p -> new Component(p.id(), p.name(), p.outline(), p.layer()))
                        .toList(),
                anatomy.folds().stream()
                        .filter(f -> f.hiddenMm() > 0)
                        .map(f -> new org.handdown.assembly.Fold(f.id(), f.part(), f.edge(), takesMm(anatomy, f)))
                        .toList());
        this.ends = new OpenEnds(anatomy, OUTER, sewing::sewnMm);
    }

    /** A dart that ends inside takes its whole at the edge; no fold takes more than there is. */
    private static double takesMm(Anatomy anatomy, Fold fold) {
        double length = anatomy.part(fold.part()).outline().edge(fold.edge()).lengthMm();
        return Math.min(fold.hiddenMm(), 0.95 * length);
    }

    static Assembly of(Anatomy anatomy) {
        return new SewnSource(anatomy).made();
    }

    private Assembly made() {
        Map<String, List<Join>> byBand = new LinkedHashMap<>();
        List<Join> inOrder = anatomy.joins().stream()
                .sorted(Comparator.comparingInt((Join j) -> isOuter(j) ? 0 : 1).thenComparingInt(Join::sewn))
                .toList();
        for (Join join : inOrder) {
            byBand.computeIfAbsent(band(join), b -> new ArrayList<>()).add(join);
        }
        byBand.forEach((band, joins) -> {
            if (joins.size() > 1) {
                sewBand(joins);
            } else {
                sew(joins.get(0));
            }
        });
        new SewnClosures(anatomy, sewing, ends).close();
        return sewing.made();
    }

    private boolean isOuter(Join join) {
        return join.runs().stream().allMatch(r -> {
            PartRole role = anatomy.part(r.part()).role();
            return OUTER.contains(role) || role == PartRole.ZIP;
        });
    }

    /** Joins of several parts along one edge are one chain along it, as on a waistband; any other join stands for itself. */
    private String band(Join join) {
        return shared(join).map(r -> r.part() + "." + r.edge()).orElse(join.id());
    }

    private Optional<Join.Run> shared(Join join) {
        if (join.runs().size() != 2 || join.finishedEdge() || isAttached(join)) {
            return Optional.empty();
        }
        return join.runs().stream()
                .filter(this::exists)
                .filter(r -> anatomy.joins().stream()
                                .filter(j -> j.runs().size() == 2 && !j.finishedEdge() && !isAttached(j))
                                .filter(j -> j.runs().contains(r) && isOuter(j) == isOuter(join))
                                .filter(j -> j.runs().stream().allMatch(this::exists))
                                .count()
                        > 1)
                .findFirst();
    }

    private boolean exists(Join.Run run) {
        Part part = anatomy.part(run.part());
        return part.role() != PartRole.ZIP && part.outline().find(run.edge()).isPresent();
    }

    private Run whole(Join.Run run) {
        return sewing.component(run.part()).whole(run.edge());
    }

    private void sewBand(List<Join> joins) {
        Join.Run common = shared(joins.get(0)).orElseThrow();
        Run band = sewing.free(whole(common));
        Map<Run, Join> byEdge = new LinkedHashMap<>();
        for (Join join : joins) {
            join.runs().stream()
                    .filter(r -> !r.equals(common) && exists(r))
                    .forEach(r -> byEdge.put(sewing.free(whole(r)), join));
        }
        List<Run> chain = new ArrayList<>(fromTheOpening(sewing.chain(List.copyOf(byEdge.keySet()))));
        Collections.reverse(chain);
        List<Run> shares = sewing.shares(
                band, chain.stream().map(r -> of(byEdge, r).lengthMm()).toList());
        for (int i = 0; i < chain.size(); i++) {
            Join join = of(byEdge, chain.get(i));
            sewing.seam(join.id(), join.name(), List.of(chain.get(i)), List.of(shares.get(i)), isBehind(join));
        }
    }

    private static Join of(Map<Run, Join> byEdge, Run run) {
        return Objects.requireNonNull(byEdge.get(run));
    }

    /** A chain that goes all round begins at the part that the garment is opened at. */
    private List<Run> fromTheOpening(List<Run> chain) {
        List<Run> turned = new ArrayList<>(chain);
        for (Closure closure : anatomy.closures()) {
            for (int i = 0; i < chain.size(); i++) {
                if (chain.get(i).component().equals(closure.part())) {
                    Part part = anatomy.part(closure.part());
                    boolean opensAtItsEnd = part.outline()
                                    .edge(chain.get(i).edge())
                                    .end()
                                    .distanceMm(part.outline()
                                            .find(closure.edge())
                                            .map(Edge::start)
                                            .orElse(part.outline()
                                                    .edge(chain.get(i).edge())
                                                    .start()))
                            < 1;
                    Collections.rotate(turned, -(opensAtItsEnd ? i + 1 : i));
                    return turned;
                }
            }
        }
        return turned;
    }

    private boolean isBehind(Join join) {
        List<Layer> layers = join.runs().stream()
                .map(r -> anatomy.part(r.part()).layer())
                .distinct()
                .toList();
        return layers.size() > 1 || !isOuter(join) && hasOuter(join);
    }

    private boolean hasOuter(Join join) {
        return join.runs().stream()
                .anyMatch(r -> OUTER.contains(anatomy.part(r.part()).role()));
    }

    private void sew(Join join) {
        List<Join.Run> there = join.runs().stream().filter(this::exists).toList();
        boolean zipped = join.runs().stream().anyMatch(this::isZip);
        if (isAttached(join)) {
            attach(join);
        } else if (zipped || there.isEmpty()) {
            // What a zip closes is told by its closure.
            return;
        } else if (join.finishedEdge() || there.size() == 1) {
            sewing.turn(
                    join.id(),
                    join.name(),
                    there.stream().map(r -> turned(join, r)).toList());
        } else {
            List<Run> all = there.stream().map(r -> sewing.free(whole(r))).toList();
            if (isStack(all)) {
                sewing.stack(join.id(), join.name(), all);
                return;
            }
            Sides sides = sides(join, all);
            sewing.seam(join.id(), join.name(), sides.one, sides.other, isBehind(join) || isTurned(sides));
        }
    }

    private boolean isTurned(Sides sides) {
        return sides.one.stream().anyMatch(sewing::isTurned)
                || sides.other.stream().anyMatch(sewing::isTurned);
    }

    private boolean isZip(Join.Run run) {
        return anatomy.part(run.part()).role() == PartRole.ZIP;
    }

    /** A hem lies along its whole edge; a slit along the lower end of one that is sewn above. */
    private Run turned(Join join, Join.Run run) {
        Run whole = whole(run);
        return join.finishedEdge() ? whole : ends.slit(whole, join.lengthMm() / 2);
    }

    /** Is it sewn onto a place inside a part, or with a short end of it onto an edge: a pocket, an interfacing, a belt loop? */
    private boolean isAttached(Join join) {
        if (join.runs().stream().anyMatch(this::isZip) || join.runs().size() != 2) {
            return false;
        }
        if (!join.runs().stream().allMatch(this::exists)) {
            return true;
        }
        Join.Run small = join.runs().get(1);
        double edge = whole(small).flatMm();
        return HUNG_ON.contains(anatomy.part(small.part()).role())
                && (join.lengthMm() > 1.5 * edge
                        || join.lengthMm()
                                < 0.5 * Math.min(edge, whole(join.runs().get(0)).flatMm()));
    }

    private void attach(Join join) {
        List<String> parts = join.runs().stream().map(Join.Run::part).distinct().toList();
        if (parts.size() == 2) {
            sewing.attach(new Attachment(join.id(), parts.get(1), parts.get(0)));
        }
    }

    private record Sides(List<Run> one, List<Run> other) {}

    /** Of three edges and more the longest runs along all others: a sleeve's head, a band. Else layer meets layer. */
    private Sides sides(Join join, List<Run> all) {
        if (all.size() == 2) {
            return new Sides(List.of(ends.sewn(join, all.get(0))), List.of(ends.sewn(join, all.get(1))));
        }
        Run longest = Collections.max(all, Comparator.comparingDouble((Run r) -> nearness(all, r)));
        Layer first = anatomy.part(all.get(0).component()).layer();
        List<Run> same = all.stream()
                .filter(r -> anatomy.part(r.component()).layer() == first)
                .toList();
        boolean byLayer = same.size() < all.size() && nearness(all, longest) < -UNLIKE;
        List<Run> other = byLayer ? all.stream().filter(r -> !same.contains(r)).toList() : List.of(longest);
        return new Sides(all.stream().filter(r -> !other.contains(r)).toList(), other);
    }

    /** Three and more that all are as long lie on each other: cloth, lining and heading tape. */
    private boolean isStack(List<Run> all) {
        double longest = all.stream().mapToDouble(sewing::sewnMm).max().orElse(0);
        return all.size() > 2 && all.stream().allMatch(r -> sewing.sewnMm(r) > 0.9 * longest);
    }

    /** How well an edge is as long as all others together; a rib may be shorter by a third. */
    private static double nearness(List<Run> all, Run run) {
        double others = all.stream().mapToDouble(Run::flatMm).sum() - run.flatMm();
        return -Math.abs(Math.log(run.flatMm() / others));
    }
}
