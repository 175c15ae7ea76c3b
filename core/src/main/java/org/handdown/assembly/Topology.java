package org.handdown.assembly;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;
import org.handdown.assembly.Access.Way;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/**
 * What follows from which joins of an assembly are sewn: what hangs together, its rings, how the next join is reached. Components are discs,
 * joins glue their rims; a ring is a loop of what is glued to nothing.
 */
public final class Topology {
    /** What lies under a lap when it is shut is no opening. */
    private static final double SMALLEST_MM = 1;

    private final Assembly assembly;
    private final Gluing gluing;
    private final BitSet sewn;
    private final Loops shell;

    Topology(Assembly assembly, Gluing gluing, Set<String> sewn, Set<String> shut) {
        this.assembly = assembly;
        this.gluing = gluing;
        this.sewn = new BitSet();
        int joins = assembly.joins().size();
        for (int i = 0; i < joins; i++) {
            this.sewn.set(i, sewn.contains(assembly.joins().get(i).id()));
        }
        for (int i = 0; i < assembly.closures().size(); i++) {
            this.sewn.set(joins + i, shut.contains(assembly.closures().get(i).id()));
        }
        this.shell = new Loops(gluing, this.sewn::get, false);
    }

    /** The same with these closures shut, all others open. */
    public Topology shut(Set<String> closures) {
        return new Topology(assembly, gluing, sewnIds(), closures);
    }

    /** The same with one more join sewn. */
    public Topology with(String join) {
        Set<String> more = sewnIds();
        more.add(assembly.join(join).id());
        return new Topology(assembly, gluing, more, shutIds());
    }

    private Set<String> sewnIds() {
        Set<String> ids = new HashSet<>();
        for (int i = 0; i < assembly.joins().size(); i++) {
            if (sewn.get(i)) {
                ids.add(assembly.joins().get(i).id());
            }
        }
        return ids;
    }

    private Set<String> shutIds() {
        Set<String> ids = new HashSet<>();
        for (int i = 0; i < assembly.closures().size(); i++) {
            if (sewn.get(assembly.joins().size() + i)) {
                ids.add(assembly.closures().get(i).id());
            }
        }
        return ids;
    }

    /** Closed edges of each layer's cloth, the longest first; whatever lies behind does not close them. */
    public List<Ring> rings() {
        return shell.rims.stream()
                .map(this::ring)
                .filter(r -> r.girthMm() > SMALLEST_MM)
                .sorted(Comparator.comparingDouble(Ring::girthMm).reversed())
                .toList();
    }

    private Ring ring(List<Integer> rim) {
        List<Run> runs = new ArrayList<>();
        int corners = 0;
        for (int i = 0; i < rim.size(); i++) {
            int a = rim.get(i);
            int after = rim.get((i + 1) % rim.size());
            if (gluing.next(a) != after) {
                corners++;
            }
            Run run = gluing.arc(a).run();
            Run last = runs.isEmpty() ? run : runs.get(runs.size() - 1);
            boolean goesOn = !runs.isEmpty()
                    && last.component().equals(run.component())
                    && last.edge().equals(run.edge())
                    && Math.abs(last.toMm() - run.fromMm()) < Assembly.SAME_MM;
            if (goesOn) {
                runs.set(runs.size() - 1, new Run(run.component(), run.edge(), last.fromMm(), run.toMm()));
            } else {
                runs.add(run);
            }
        }
        return new Ring(runs, girthMm(rim), corners, layer(rim.get(0)));
    }

    private double girthMm(List<Integer> rim) {
        return rim.stream().mapToDouble(gluing::sewnMm).sum() - lapsMm(rim);
    }

    /** A rim that passes the end of a closure that is shut goes over its lap. */
    private double lapsMm(List<Integer> rim) {
        double laps = 0;
        int joins = assembly.joins().size();
        for (int c = 0; c < assembly.closures().size(); c++) {
            Closure closure = assembly.closures().get(c);
            if (closure.lapMm() > 0 && sewn.get(joins + c)) {
                Set<Integer> own = new HashSet<>();
                closure.meetings().forEach(m -> m.runs().forEach(r -> own.addAll(gluing.on(r))));
                Set<Integer> after = new HashSet<>();
                own.forEach(a -> after.add(gluing.next(a)));
                boolean passes = rim.stream().anyMatch(a -> after.contains(a) || own.contains(gluing.next(a)));
                laps += passes ? closure.lapMm() : 0;
            }
        }
        return laps;
    }

    private Layer layer(int a) {
        return assembly.components().get(gluing.arc(a).component()).layer();
    }

    /**
     * The smallest girth on the way in through a ring, mm: its own, or that of a ring behind it before the garment widens out to the others, as
     * at the waist under a bib. Relaxed.
     */
    public double narrowestMm(Ring ring) {
        List<Integer> rim = shell.rims.stream()
                .filter(r -> ring.runs().stream().anyMatch(run -> gluing.on(run).contains(r.get(0))))
                .findFirst()
                .orElseThrow(() -> new RefusedValueException("ring", Wording.of("That ring is of another garment.")));
        Narrowest.Cut cut = new Narrowest(
                        gluing, sewn::get, shell, rim, assembly.components().size())
                .found(ring.girthMm() + lapsMm(rim));
        return cut.mm() - (cut.before().isEmpty() ? lapsMm(rim) : lapsMm(cut.before()));
    }

    /** The widest lap of what is shut in a band that lies before a narrow place. */
    private double lapsMm(BitSet before) {
        int joins = assembly.joins().size();
        double laps = 0;
        for (int c = 0; c < assembly.closures().size(); c++) {
            Closure closure = assembly.closures().get(c);
            boolean isHere = sewn.get(joins + c)
                    && closure.meetings().stream()
                            .flatMap(m -> m.runs().stream())
                            .flatMap(r -> gluing.on(r).stream())
                            .anyMatch(arc -> before.get(gluing.arc(arc).component()));
            laps = isHere ? Math.max(laps, closure.lapMm()) : laps;
        }
        return laps;
    }

    /** The ring that an edge is part of; the longest where it is cut into several. Empty where it is sewn to something. */
    public java.util.Optional<Ring> ringOf(String component, String edge) {
        return rings().stream().filter(r -> r.holds(component, edge)).findFirst();
    }

    /** Components that hang together by stitches of any kind, the largest group first. */
    public List<Set<String>> together() {
        Groups groups = new Groups(assembly.components().size());
        Map<String, Integer> place = new HashMap<>();
        assembly.components().forEach(c -> place.put(c.id(), place.size()));
        for (int i = 0; i < assembly.joins().size(); i++) {
            if (sewn.get(i)) {
                for (Meeting m : assembly.joins().get(i).meetings()) {
                    if (!m.isTurned()) {
                        groups.join(
                                java.util.Objects.requireNonNull(
                                        place.get(m.one().component())),
                                java.util.Objects.requireNonNull(
                                        place.get(m.other().component())));
                    }
                }
            }
        }
        assembly.attachments()
                .forEach(a -> groups.join(
                        java.util.Objects.requireNonNull(place.get(a.component())),
                        java.util.Objects.requireNonNull(place.get(a.onto()))));
        Map<Integer, Set<String>> found = new LinkedHashMap<>();
        assembly.components()
                .forEach(c -> found.computeIfAbsent(
                                groups.of(java.util.Objects.requireNonNull(place.get(c.id()))),
                                g -> new LinkedHashSet<>())
                        .add(c.id()));
        return found.values().stream()
                .sorted(Comparator.<Set<String>>comparingInt(Set::size).reversed())
                .toList();
    }

    /** How a join is reached that is not sewn yet: of what lies behind too, since a bag closes with its lining. */
    public Access access(String joinId) {
        int number = assembly.joins().indexOf(assembly.join(joinId));
        Join join = assembly.joins().get(number);
        IntPredicate without = i -> i != number && sewn.get(i);
        Loops before = new Loops(gluing, without, true);
        List<Integer> one = arcs(join, 0);
        List<Integer> other = join.isTurned() ? List.of() : arcs(join, 1);
        double girth = Math.min(roundMm(before, one), roundMm(before, other));
        boolean isRound = girth < Double.POSITIVE_INFINITY;
        if (join.isTurned()) {
            return new Access(isRound ? Way.IN_THE_ROUND : Way.FLAT, isRound ? girth : 0);
        }
        Loops after = new Loops(gluing, i -> i == number || sewn.get(i), true);
        Set<Integer> touched = new HashSet<>();
        one.forEach(a -> touched.add(after.surfaceOf(a)));
        if (touched.stream().anyMatch(s -> after.rimsOf(s).isEmpty())) {
            return new Access(Way.TRAPPED, 0);
        }
        if (isRound) {
            return new Access(Way.IN_THE_ROUND, girth);
        }
        Set<Integer> joined = new HashSet<>();
        one.forEach(a -> joined.add(before.surfaceOf(a)));
        other.forEach(a -> joined.add(before.surfaceOf(a)));
        int had = joined.stream().mapToInt(s -> before.rimsOf(s).size()).sum();
        List<List<Integer>> has =
                touched.stream().flatMap(s -> after.rimsOf(s).stream()).toList();
        return has.size() > had
                ? new Access(
                        Way.CLOSING,
                        has.stream().mapToDouble(this::girthMm).min().orElse(0))
                : new Access(Way.FLAT, 0);
    }

    /** Places along a join where seams that are sewn end in it, in the order it is walked. */
    public List<Crossing> crossings(String joinId) {
        int number = assembly.joins().indexOf(assembly.join(joinId));
        return new Crossings(assembly, gluing, number, sewn::get).found();
    }

    private List<Integer> arcs(Join join, int side) {
        return join.meetings().stream()
                .filter(m -> side < m.runs().size())
                .flatMap(m -> gluing.on(m.runs().get(side)).stream())
                .toList();
    }

    /** Girth of the smallest rim that this side goes round whole; infinite where it goes round none. */
    private double roundMm(Loops loops, List<Integer> side) {
        Set<Integer> own = new HashSet<>(side);
        return loops.rims.stream()
                .filter(own::containsAll)
                .mapToDouble(this::girthMm)
                .min()
                .orElse(Double.POSITIVE_INFINITY);
    }

    /**
     * V − E + F of each surface that is glued together, with the number of its rims: 2 − rims for cloth without handles.
     *
     * @param euler vertices − edges + faces
     */
    public record Surface(Set<String> components, int euler, int rims) {
        /** Handles: how often it can be cut along a ring without coming apart, beside its rims. */
        public int handles() {
            return (2 - rims - euler) / 2;
        }
    }

    public List<Surface> surfaces() {
        List<Surface> surfaces = new ArrayList<>();
        for (int s : shell.surfaces()) {
            Set<String> components = new LinkedHashSet<>();
            IntStream.range(0, gluing.size())
                    .filter(a -> shell.surfaceOf(a) == s)
                    .forEach(a -> components.add(gluing.arc(a).run().component()));
            surfaces.add(new Surface(components, shell.euler(s), shell.rimsOf(s).size()));
        }
        return surfaces;
    }
}
