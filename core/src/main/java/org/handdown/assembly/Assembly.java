package org.handdown.assembly;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/**
 * A garment as one graph, checked once when it is made: every stretch exists, and none is sewn twice.
 *
 * @param joins in the order they are told
 */
public record Assembly(
        List<Component> components,
        List<Join> joins,
        List<Fold> folds,
        List<Attachment> attachments,
        List<Closure> closures) {
    /** Two places on an edge that are nearer are one, mm. */
    static final double SAME_MM = 0.01;

    /** Where both walks of a seam are drawn, they may differ by this before it is told, mm (common practice, no source). */
    private static final double UNSEEN_MM = 2;

    public Assembly {
        components = List.copyOf(components);
        joins = List.copyOf(joins);
        folds = List.copyOf(folds);
        attachments = List.copyOf(attachments);
        closures = List.copyOf(closures);
        Map<String, Component> byId = components.stream().collect(Collectors.toMap(Component::id, Function.identity()));
        requireDistinct(joins.stream().map(Join::id).toList());
        List<Run> held = new ArrayList<>();
        Stream.concat(
                        joins.stream().flatMap(j -> j.meetings().stream()),
                        closures.stream().flatMap(c -> c.meetings().stream()))
                .forEach(m -> {
                    m.runs().forEach(r -> requireThere(byId, r));
                    if (!m.isTurned() && !m.caught()) {
                        m.runs().forEach(r -> requireFree(held, r));
                    }
                });
        for (Fold fold : folds) {
            requireThere(byId, new Run(fold.component(), fold.edge(), 0, fold.takesMm()));
        }
        for (Attachment a : attachments) {
            if (!byId.containsKey(a.component()) || !byId.containsKey(a.onto())) {
                throw new RefusedValueException("attachment", Wording.fill("There is nothing to attach (%s).", a.id()));
            }
        }
    }

    private static void requireDistinct(List<String> ids) {
        Set<String> seen = new HashSet<>();
        for (String id : ids) {
            if (!seen.add(id)) {
                throw new RefusedValueException("join", Wording.fill("Two joins are called “%s”.", id));
            }
        }
    }

    private static void requireThere(Map<String, Component> byId, Run run) {
        Component c = byId.get(run.component());
        double length = c == null ? -1 : c.lengthMm(run.edge());
        if (run.toMm() > length + SAME_MM) {
            throw new RefusedValueException(
                    "run",
                    length < 0
                            ? Wording.fill("There is no edge %s of %s.", run.edge(), run.component())
                            : Wording.fill(
                                    "The %s of %s is %.0f mm long; %.0f mm lies past its end.",
                                    Wording.spoken(run.edge()), run.component(), length, run.toMm()));
        }
    }

    private static void requireFree(List<Run> held, Run run) {
        if (held.stream().anyMatch(run::overlaps)) {
            throw new RefusedValueException(
                    "run",
                    Wording.fill(
                            "A stretch of the %s of %s is sewn twice.", Wording.spoken(run.edge()), run.component()));
        }
        held.add(run);
    }

    public Component component(String id) {
        return components.stream()
                .filter(c -> c.id().equals(id))
                .findFirst()
                .orElseThrow(
                        () -> new RefusedValueException("component", Wording.fill("There is no component (%s).", id)));
    }

    public Join join(String id) {
        return joins.stream()
                .filter(j -> j.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new RefusedValueException("join", Wording.fill("There is no join (%s).", id)));
    }

    public Set<String> joinIds() {
        return joins.stream().map(Join::id).collect(Collectors.toSet());
    }

    /** What is left of an edge's length once its folds are sewn, as a share: the folds are taken as spread along it. */
    public double sewnShare(String component, String edge) {
        double takes = folds.stream()
                .filter(f -> f.component().equals(component) && f.edge().equals(edge))
                .mapToDouble(Fold::takesMm)
                .sum();
        return takes == 0 ? 1 : Math.max(0.01, 1 - takes / component(component).lengthMm(edge));
    }

    /** Length of a stretch once the folds in its edge are sewn, mm. */
    public double sewnMm(Run run) {
        return run.flatMm() * sewnShare(run.component(), run.edge());
    }

    /** Both sides of a seam, walked: the second may be longer (eased, gathered) or shorter (stretched). */
    public record Walk(Join join, double oneMm, double otherMm) {
        public double easeMm() {
            return otherMm - oneMm;
        }

        public boolean agrees() {
            return Math.abs(easeMm()) <= UNSEEN_MM;
        }
    }

    /** Every seam walked along both sides, folds laid; where two lie behind one stretch each is a walk of its own. */
    public List<Walk> walks() {
        List<Walk> walks = new ArrayList<>();
        for (Join join : joins) {
            Map<String, List<Meeting>> byOther = join.meetings().stream()
                    .filter(m -> !m.isTurned())
                    .collect(Collectors.groupingBy(
                            m -> isParallel(join, m) ? m.other().component() : "",
                            LinkedHashMap::new,
                            Collectors.toList()));
            byOther.values()
                    .forEach(ms -> walks.add(new Walk(
                            join,
                            ms.stream().mapToDouble(m -> sewnMm(m.one())).sum(),
                            ms.stream().mapToDouble(m -> sewnMm(m.other())).sum())));
        }
        return walks;
    }

    private static boolean isParallel(Join join, Meeting meeting) {
        return join.meetings().stream()
                .anyMatch(m -> m != meeting && !m.isTurned() && m.one().overlaps(meeting.one()));
    }

    public Topology topology(Set<String> sewn) {
        return new Topology(this, new Gluing(this, List.of()), sewn, Set.of());
    }

    /** Everything sewn, every closure open. */
    public Topology whole() {
        return topology(joinIds());
    }
}
