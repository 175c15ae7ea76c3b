package org.handdown.alter.stack;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.DoubleUnaryOperator;
import org.handdown.assembly.Assembly;
import org.handdown.assembly.Attachment;
import org.handdown.assembly.Closure;
import org.handdown.assembly.Component;
import org.handdown.assembly.Cutting;
import org.handdown.assembly.Fold;
import org.handdown.assembly.Join;
import org.handdown.assembly.Meeting;
import org.handdown.assembly.Parting;
import org.handdown.assembly.Run;
import org.handdown.assembly.Sewing;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.measure.Wording;

/** A garment under the scissors: what an alteration does to it, one thing after the other, with a note of each. */
final class Work {
    private static final double NOTHING_MM = 0.05;

    private final String id;
    private final GarmentNow before;
    private Assembly garment;
    private final Map<String, Double> allowances;
    private final Map<String, String> frames;
    private final List<Effect.Opened> opens = new ArrayList<>();
    private final List<Effect.CutLine> cuts = new ArrayList<>();
    private final List<Effect.Off> offs = new ArrayList<>();
    private final List<Effect.Sewn> sews = new ArrayList<>();
    private final Map<String, ToCut.As> adds = new LinkedHashMap<>();
    private final List<ToCut> needs = new ArrayList<>();
    private final List<String> says = new ArrayList<>();
    private final List<String> asks = new ArrayList<>();
    private int parts;

    Work(GarmentNow before, String id) {
        this.before = before;
        this.id = id;
        garment = before.assembly();
        allowances = new HashMap<>(before.allowances());
        frames = new HashMap<>(before.frames());
    }

    Assembly garment() {
        return garment;
    }

    /** What is cut off along lines, and the lines that it was cut along. */
    record Cut(Set<String> off, List<Cutting.Line> lines) {}

    /** Cuts; what lies to the right of each line takes an id of its own. */
    Cut cut(List<Cutting.Line> lines) {
        String suffix = parts == 0 ? id : id + (char) ('a' + parts);
        parts++;
        garment = Cutting.of(garment, lines, suffix);
        Set<String> off = new LinkedHashSet<>();
        for (Cutting.Line line : lines) {
            String part = Cutting.offId(line.component(), suffix);
            frames.put(part, frameOf(line.component()));
            off.add(part);
        }
        return new Cut(off, lines);
    }

    /** A line to chalk where no edge will be. */
    void chalkLine(String component, List<Point> line, boolean folded) {
        cuts.add(new Effect.CutLine(component, frameOf(component), line, folded));
    }

    /** Stitches that leave every shape as it is. */
    void sewn(String join, String name, double mm) {
        sews.add(new Effect.Sewn(join, name, mm, 0));
    }

    /**
     * An edge moved, its neighbours reaching on to it.
     *
     * @param in how far into the cloth by the way along it, mm; negative out of it
     */
    Edge moveOut(String component, String name, DoubleUnaryOperator in) {
        Component c = garment.component(component);
        Edge edge = c.outline().edge(name);
        Edge moved = Edge.along(name, Level.offsetByPins(edge.flattened(0.05), in));
        List<Edge> edges = new ArrayList<>();
        List<Edge> old = c.outline().edges();
        int at = old.indexOf(edge);
        for (int i = 0; i < old.size(); i++) {
            Edge e = old.get(i);
            boolean isBefore = i == (at + old.size() - 1) % old.size();
            boolean isAfter = i == (at + 1) % old.size();
            if (i == at) {
                edges.add(moved);
            } else if (isBefore && e.end().distanceMm(moved.start()) >= NOTHING_MM) {
                edges.add(Edge.joined(e.name(), e, Edge.line(e.name(), e.end(), moved.start())));
            } else if (isAfter && e.start().distanceMm(moved.end()) >= NOTHING_MM) {
                edges.add(Edge.joined(e.name(), Edge.line(e.name(), moved.end(), e.start()), e));
            } else {
                edges.add(e);
            }
        }
        reshape(new Component(c.id(), c.name(), new Outline(edges), c.layer()), name);
        chalk(List.of(c.id()), name, true);
        return moved;
    }

    private String frameOf(String component) {
        return frames.getOrDefault(component, component);
    }

    /** Notes the edge along a cut as a line to chalk. */
    void chalk(Collection<String> components, String edge, boolean folded) {
        for (String c : components) {
            garment.component(c)
                    .outline()
                    .find(edge)
                    .ifPresent(e -> cuts.add(new Effect.CutLine(c, frameOf(c), e.flattened(0.2), folded)));
        }
    }

    /** Everything that hangs on what was cut off and on nothing else. */
    Set<String> hangingOn(Set<String> off, Set<String> stays) {
        for (Set<String> group : garment.whole().together()) {
            if (group.stream().anyMatch(off::contains) && group.stream().noneMatch(stays::contains)) {
                Set<String> all = new LinkedHashSet<>(off);
                all.addAll(group);
                off = all;
            }
        }
        return off;
    }

    /** Lets go what comes off; what hangs together is one thing. */
    void letGo(Set<String> off, String name) {
        Assembly gone = Parting.only(garment, off);
        List<Set<String>> groups = gone.whole().together();
        for (Set<String> group : groups) {
            String first = gone.component(group.iterator().next()).name();
            String called = groups.size() == 1 ? name : Wording.fill("%s (%s)", name, first);
            offs.add(new Effect.Off(id + "-off-" + (offs.size() + 1), called, Parting.only(gone, group)));
        }
        drop(off);
    }

    /** Folded under or trimmed: it is no part of the garment's face any more, and no piece of cloth either. */
    void drop(Set<String> components) {
        garment = Parting.without(garment, components);
    }

    /** What was sewn to it moves up along the same seam. */
    void dropClosingUp(Set<String> components) {
        garment = Parting.closedUp(garment, components);
    }

    /** A half is called by its side. */
    void call(String component, String side) {
        garment = Parting.called(
                garment,
                component,
                side + " half of the " + garment.component(component).name());
    }

    /** An edge is called otherwise: it is another one in the garment that comes of it. */
    void call(String component, String edge, String other) {
        callAll(component, Map.of(edge, other));
    }

    void callAll(String component, Map<String, String> edges) {
        garment = edges.isEmpty() ? garment : Parting.renamed(garment, component, edges);
    }

    /** What was up is down: every component is turned half round in its place. */
    void turnOver() {
        for (Component c : garment.components()) {
            garment = Parting.turnedHalf(garment, c.id());
        }
    }

    /** The edge along the last cut takes a name that is free on its component. */
    String rename(String component, String to) {
        Outline outline = garment.component(component).outline();
        String free = to;
        for (int n = 2; outline.find(free).isPresent(); n++) {
            free = to + "-" + n;
        }
        garment = Parting.renamed(garment, component, Map.of(Cutting.EDGE, free));
        return free;
    }

    /** A strip along an edge is folded under; the fold is the edge by its name then. */
    void turnUnderAs(String component, String edge, double mm) {
        if (mm <= 0) {
            return;
        }
        Edge old = garment.component(component).outline().edge(edge);
        garment = Parting.renamed(garment, component, Map.of(edge, "under-" + edge));
        dropClosingUp(cut(List.of(new Cutting.Line(component, Level.offset(old.flattened(0.2), s -> mm))))
                .off());
        rename(component, edge);
    }

    /** Another shape of a component, one of whose edges was moved out: its neighbours reach on to it. */
    void reshape(Component other, String moved) {
        List<Edge> edges = other.outline().edges();
        int at = edges.indexOf(other.outline().edge(moved));
        String next = edges.get((at + 1) % edges.size()).name();
        double was = garment.component(other.id()).whole(next).flatMm();
        garment =
                Parting.reshaped(garment, other, Map.of(next, other.whole(next).flatMm() - was));
    }

    /** What a cut parted of an edge is one again. */
    void merge(String component, String edge) {
        garment = Parting.merged(garment, component, edge);
    }

    void open(String join, String name, double mm) {
        opens.add(new Effect.Opened(join, name, mm));
    }

    /** Opens a join over all its length. */
    void open(Join join) {
        open(
                join.id(),
                join.name(),
                join.meetings().stream().mapToDouble(m -> m.one().flatMm()).sum());
        garment = Parting.opened(garment, Set.of(join.id()));
    }

    /** Takes a join out of the garment without a note: it is sewn again at once. */
    void without(String join) {
        garment = Parting.opened(garment, Set.of(join));
    }

    void put(Assembly other) {
        garment = other;
    }

    void seam(String join, String name, List<Run> one, List<Run> other, boolean behind) {
        Sewing sewing = Sewing.of(garment);
        sewing.seam(join, name, one, other, behind);
        garment = sewing.made();
        double a = one.stream().mapToDouble(garment::sewnMm).sum();
        double b = other.stream().mapToDouble(garment::sewnMm).sum();
        sews.add(new Effect.Sewn(join, name, a, b - a));
    }

    /** Sewn together again where they were one: stretch by stretch, whole on whole. */
    void seamAgain(String join, String name, List<Meeting> meetings) {
        Sewing sewing = Sewing.of(garment);
        sewing.join(new Join(join, name, meetings));
        garment = sewing.made();
        double a = meetings.stream().mapToDouble(m -> garment.sewnMm(m.one())).sum();
        double b = meetings.stream().mapToDouble(m -> garment.sewnMm(m.other())).sum();
        sews.add(new Effect.Sewn(join, name, a, b - a));
    }

    /** Edges turned on themselves. Returns the id it got: a second one of that name takes a number. */
    String turn(String id, String name, List<Run> runs) {
        String join = id;
        for (int n = 2; garment.joinIds().contains(join); n++) {
            join = id + "-" + n;
        }
        Sewing sewing = Sewing.of(garment);
        sewing.turn(join, name, runs);
        garment = sewing.made();
        sews.add(new Effect.Sewn(
                join, name, runs.stream().mapToDouble(Run::flatMm).sum(), 0));
        return join;
    }

    void attach(Attachment attachment) {
        Sewing sewing = Sewing.of(garment);
        sewing.attach(attachment);
        garment = sewing.made();
    }

    void close(Closure closure) {
        Sewing sewing = Sewing.of(garment);
        sewing.close(closure);
        garment = sewing.made();
    }

    void fold(Fold fold) {
        List<Fold> all = new ArrayList<>(garment.folds());
        all.add(fold);
        garment = new Assembly(garment.components(), garment.joins(), all, garment.attachments(), garment.closures());
    }

    /** A component that must be cut from cloth. */
    void add(Component component) {
        add(component, ToCut.As.ONCE);
    }

    void add(Component component, ToCut.As as) {
        List<Component> all = new ArrayList<>(garment.components());
        all.add(component);
        garment = new Assembly(all, garment.joins(), garment.folds(), garment.attachments(), garment.closures());
        adds.put(component.id(), as);
    }

    /** What lies on the garment: its place is chalked, its own seams are those it is cut with. */
    void lay(Component component, String onto, ToCut cut) {
        List<Component> all = new ArrayList<>(garment.components());
        all.add(component);
        garment = new Assembly(all, garment.joins(), garment.folds(), garment.attachments(), garment.closures());
        attach(new Attachment(component.id() + "-on", component.id(), onto));
        need(cut);
    }

    /** To be cut from cloth, and no component of the garment's face: a facing, a binding. */
    void need(ToCut piece) {
        needs.add(piece);
    }

    void allowance(String join, double mm) {
        allowances.put(join, mm);
    }

    void say(String pattern, Object... values) {
        says.add(Wording.fill(pattern, values));
    }

    void ask(String pattern, Object... values) {
        asks.add(Wording.fill(pattern, values));
    }

    /** All of an end as it is by now, part by part. */
    List<Run> along(End end) {
        List<Run> along = new ArrayList<>();
        end.edges().forEach((component, names) -> names.forEach(n -> along.add(whole(component, n))));
        return along;
    }

    Run whole(String component, String edge) {
        return garment.component(component).whole(edge);
    }

    /** Joins that lie on one of these edges. */
    static List<Join> on(Assembly garment, Map<String, List<String>> edges) {
        return garment.joins().stream()
                .filter(j -> j.meetings().stream()
                        .flatMap(m -> m.runs().stream())
                        .anyMatch(r ->
                                edges.getOrDefault(r.component(), List.of()).contains(r.edge())))
                .toList();
    }

    Effect done() {
        Set<String> left = new HashSet<>();
        garment.components().forEach(c -> left.add(c.id()));
        Map<String, String> own = new LinkedHashMap<>();
        frames.forEach((c, f) -> {
            if (left.contains(c) || offs.stream().anyMatch(o -> holds(o, c))) {
                own.put(c, f);
            }
        });
        GarmentNow after = new GarmentNow(garment, allowances, own, before.cloth());
        List<ToCut> cut = new ArrayList<>(needs);
        adds.forEach((id, as) -> cut.add(ToCut.of(after, id, as)));
        return new Effect(
                after,
                opens,
                cuts,
                offs,
                sews,
                cut,
                says.stream().distinct().toList(),
                asks.stream().distinct().toList());
    }

    private static boolean holds(Effect.Off off, String component) {
        return off.whole().components().stream().anyMatch(c -> c.id().equals(component));
    }
}
