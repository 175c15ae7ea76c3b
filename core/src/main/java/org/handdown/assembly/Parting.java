package org.handdown.assembly;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.regex.Pattern;
import org.handdown.geometry.Box;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;

/** Takes a garment apart by components and stitches, and calls edges by other names: what is left is checked like any assembly. */
public final class Parting {
    /** Stretches whose ends are no farther apart follow each other. */
    private static final double NEXT_MM = 0.5;

    private Parting() {}

    /** What of it these components are, with what holds them to each other. */
    public static Assembly only(Assembly whole, Set<String> components) {
        Predicate<Run> stays = r -> components.contains(r.component());
        return new Assembly(
                whole.components().stream()
                        .filter(c -> components.contains(c.id()))
                        .toList(),
                joins(whole.joins(), m -> m.runs().stream().allMatch(stays)),
                whole.folds().stream()
                        .filter(f -> components.contains(f.component()))
                        .toList(),
                whole.attachments().stream()
                        .filter(a -> components.contains(a.component()) && components.contains(a.onto()))
                        .toList(),
                whole.closures().stream()
                        .map(c -> new Closure(
                                c.id(),
                                c.meetings().stream()
                                        .filter(m -> m.runs().stream().allMatch(stays))
                                        .toList(),
                                c.lapMm()))
                        .filter(c -> !c.meetings().isEmpty())
                        .toList());
    }

    /** The rest, once these components are off: where they were sewn it is open. */
    public static Assembly without(Assembly whole, Set<String> components) {
        Set<String> rest = new LinkedHashSet<>();
        whole.components().stream()
                .map(Component::id)
                .filter(id -> !components.contains(id))
                .forEach(rest::add);
        return only(whole, rest);
    }

    /**
     * As {@link #without}, where these components are strips along a seam that is moved: what was sewn to them goes on along the same join
     * next to them, eased, and none of it is left open.
     */
    public static Assembly closedUp(Assembly whole, Set<String> components) {
        Assembly rest = without(whole, components);
        List<Join> joins = new ArrayList<>();
        for (Join join : rest.joins()) {
            List<Meeting> meetings = new ArrayList<>(join.meetings());
            for (Meeting gone : whole.join(join.id()).meetings()) {
                if (gone.runs().stream()
                                        .filter(r -> components.contains(r.component()))
                                        .count()
                                == 1
                        && !gone.isTurned()) {
                    Run stays = components.contains(gone.one().component()) ? gone.other() : gone.one();
                    meetings.replaceAll(m -> grown(m, stays));
                }
            }
            joins.add(new Join(join.id(), join.name(), meetings));
        }
        return new Assembly(rest.components(), joins, rest.folds(), rest.attachments(), rest.closures());
    }

    /** With one of its stretches going on over a free one next to it. */
    private static Meeting grown(Meeting meeting, Run free) {
        List<Run> runs = meeting.runs().stream()
                .map(r -> isNext(r, free)
                        ? new Run(
                                r.component(),
                                r.edge(),
                                Math.min(r.fromMm(), free.fromMm()),
                                Math.max(r.toMm(), free.toMm()))
                        : r)
                .toList();
        return new Meeting(runs, meeting.caught());
    }

    private static boolean isNext(Run run, Run free) {
        return run.component().equals(free.component())
                && run.edge().equals(free.edge())
                && (Math.abs(run.toMm() - free.fromMm()) < NEXT_MM || Math.abs(run.fromMm() - free.toMm()) < NEXT_MM);
    }

    /** With these joins opened over all their length. */
    public static Assembly opened(Assembly whole, Set<String> joins) {
        return new Assembly(
                whole.components(),
                whole.joins().stream().filter(j -> !joins.contains(j.id())).toList(),
                whole.folds(),
                whole.attachments().stream()
                        .filter(a -> !joins.contains(a.id()))
                        .toList(),
                whole.closures());
    }

    private static List<Join> joins(List<Join> all, Predicate<Meeting> stays) {
        List<Join> joins = new ArrayList<>();
        for (Join join : all) {
            List<Meeting> meetings = join.meetings().stream().filter(stays).toList();
            if (!meetings.isEmpty()) {
                joins.add(new Join(join.id(), join.name(), meetings));
            }
        }
        return joins;
    }

    /** What a stretch that was opened leaves free on either side. */
    public record Freed(Assembly after, List<Run> one, List<Run> other) {}

    /**
     * A join opened over a part of its length, both sides alike.
     *
     * @param fromMm and toMm: along its first side, folds laid, in the order it is walked
     */
    public static Freed opened(Assembly whole, String joinId, double fromMm, double toMm) {
        List<Meeting> stay = new ArrayList<>();
        List<Run> one = new ArrayList<>();
        List<Run> other = new ArrayList<>();
        double at = 0;
        for (Meeting m : whole.join(joinId).meetings()) {
            double length = whole.sewnMm(m.one());
            double from = share(fromMm - at, length);
            double to = share(toMm - at, length);
            at += length;
            part(m, 0, from).ifPresent(stay::add);
            part(m, from, to).ifPresent(freed -> {
                one.add(freed.one());
                if (!freed.isTurned()) {
                    other.add(freed.other());
                }
            });
            part(m, to, 1).ifPresent(stay::add);
        }
        List<Join> joins = new ArrayList<>();
        for (Join join : whole.joins()) {
            if (!join.id().equals(joinId)) {
                joins.add(join);
            } else if (!stay.isEmpty()) {
                joins.add(new Join(join.id(), join.name(), stay));
            }
        }
        return new Freed(
                new Assembly(whole.components(), joins, whole.folds(), whole.attachments(), whole.closures()),
                one,
                other);
    }

    private static double share(double mm, double length) {
        return Math.max(0, Math.min(1, mm / length));
    }

    private static Optional<Meeting> part(Meeting meeting, double from, double to) {
        if ((to - from) * meeting.one().flatMm() < Assembly.SAME_MM) {
            return Optional.empty();
        }
        List<Run> runs = new ArrayList<>(List.of(stretch(meeting.one(), from, to)));
        if (!meeting.isTurned()) {
            runs.add(stretch(meeting.other(), 1 - to, 1 - from));
        }
        return Optional.of(new Meeting(runs, meeting.caught()));
    }

    private static Run stretch(Run run, double from, double to) {
        return new Run(
                run.component(), run.edge(), run.fromMm() + from * run.flatMm(), run.fromMm() + to * run.flatMm());
    }

    /**
     * The same with other names for edges of a component.
     *
     * @param names new by old; edges that are not named keep theirs
     */
    public static Assembly renamed(Assembly whole, String component, Map<String, String> names) {
        Component old = whole.component(component);
        List<Edge> edges = old.outline().edges().stream()
                .map(e -> e.named(names.getOrDefault(e.name(), e.name())))
                .toList();
        return mapped(
                whole,
                new Component(old.id(), old.name(), new Outline(edges), old.layer()),
                r -> new Run(r.component(), names.getOrDefault(r.edge(), r.edge()), r.fromMm(), r.toMm()));
    }

    /** The same with a component drawn half a turn round the middle of its box. */
    public static Assembly turnedHalf(Assembly whole, String component) {
        Component old = whole.component(component);
        Box box = old.outline().box();
        Outline outline = new Outline(old.outline().edges().stream()
                .map(e -> e.map(p -> new Point(box.minX() + box.maxX() - p.x(), box.minY() + box.maxY() - p.y())))
                .toList());
        return mapped(whole, new Component(old.id(), old.name(), outline, old.layer()), r -> r);
    }

    /** The same with a component called otherwise; its id stays. */
    public static Assembly called(Assembly whole, String component, String name) {
        Component old = whole.component(component);
        return mapped(whole, new Component(old.id(), name, old.outline(), old.layer()), r -> r);
    }

    /**
     * With a component in another shape that has the same edges: what is sewn along an edge from its start, or up to its end, is sewn so along
     * the new one; what lies between keeps its way from the start, or, on an edge that got longer there, moves on by as much.
     *
     * @param startsBy by how much an edge begins earlier than it did, mm, by edge
     */
    public static Assembly reshaped(Assembly whole, Component other, Map<String, Double> startsBy) {
        Component old = whole.component(other.id());
        return mapped(whole, other, r -> {
            double was = old.lengthMm(r.edge());
            double is = other.lengthMm(r.edge());
            double shift = startsBy.getOrDefault(r.edge(), 0.0);
            double from = r.fromMm() < NEXT_MM ? 0 : Math.min(r.fromMm() + shift, is - NEXT_MM);
            double to = r.toMm() > was - NEXT_MM ? is : Math.min(r.toMm() + shift, is);
            return new Run(r.component(), r.edge(), from, to);
        });
    }

    /** Edges of a component that follow each other and are called by one name, or by it with a number, become one. */
    public static Assembly merged(Assembly whole, String component, String name) {
        Component old = whole.component(component);
        Pattern numbered = Pattern.compile(Pattern.quote(name) + "(-\\d+)?");
        List<Edge> edges = old.outline().edges();
        int n = edges.size();
        int first = -1;
        for (int i = 0; i < n; i++) {
            boolean is = numbered.matcher(edges.get(i).name()).matches();
            boolean follows =
                    numbered.matcher(edges.get((i + n - 1) % n).name()).matches();
            first = is && !follows ? i : first;
        }
        if (first < 0) {
            return whole;
        }
        Map<String, Double> at = new LinkedHashMap<>();
        List<Edge> one = new ArrayList<>();
        double along = 0;
        int i = first;
        while (one.size() < n && numbered.matcher(edges.get(i).name()).matches()) {
            at.put(edges.get(i).name(), along);
            along += old.lengthMm(edges.get(i).name());
            one.add(edges.get(i));
            i = (i + 1) % n;
        }
        List<Edge> all = new ArrayList<>(List.of(Edge.joined(name, one.toArray(Edge[]::new))));
        for (int k = 0; k < n - one.size(); k++) {
            all.add(edges.get((first + one.size() + k) % n));
        }
        Component other = new Component(old.id(), old.name(), new Outline(all), old.layer());
        double length = other.lengthMm(name);
        return mapped(whole, other, r -> {
            Double start = at.get(r.edge());
            return start == null
                    ? r
                    : new Run(r.component(), name, start + r.fromMm(), Math.min(length, start + r.toMm()));
        });
    }

    private static Assembly mapped(Assembly whole, Component other, UnaryOperator<Run> move) {
        UnaryOperator<Run> own = r -> r.component().equals(other.id()) ? move.apply(r) : r;
        UnaryOperator<List<Meeting>> all = ms -> ms.stream()
                .map(m -> new Meeting(m.runs().stream().map(own).toList(), m.caught()))
                .toList();
        return new Assembly(
                whole.components().stream()
                        .map(c -> c.id().equals(other.id()) ? other : c)
                        .toList(),
                whole.joins().stream()
                        .map(j -> new Join(j.id(), j.name(), all.apply(j.meetings())))
                        .toList(),
                whole.folds().stream()
                        .map(f -> f.component().equals(other.id())
                                ? new Fold(
                                        f.id(),
                                        f.component(),
                                        own.apply(new Run(f.component(), f.edge(), 0, f.takesMm()))
                                                .edge(),
                                        f.takesMm(),
                                        f.gives())
                                : f)
                        .toList(),
                whole.attachments(),
                whole.closures().stream()
                        .map(c -> new Closure(c.id(), all.apply(c.meetings()), c.lapMm()))
                        .toList());
    }
}
