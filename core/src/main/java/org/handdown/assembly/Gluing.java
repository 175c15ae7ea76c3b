package org.handdown.assembly;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.function.IntPredicate;
import org.handdown.geometry.Edge;

/**
 * The boundaries of all components cut into arcs at every place where something begins or ends, and which arc is sewn to which: a half-edge
 * map. An arc's place is its number; it goes on in {@link #next} round its component.
 */
final class Gluing {
    /** An arc: a stretch of one edge that is sewn whole or not at all. */
    record Arc(int component, Run run) {}

    /** What an arc meets: {@code by} numbers joins first, then closures. */
    private record Met(int partner, int by, boolean caught) {}

    private final Assembly assembly;
    private final List<Arc> arcs = new ArrayList<>();
    private final Map<String, Integer> firstOf = new HashMap<>();
    private final Map<String, List<Integer>> ofEdge = new HashMap<>();
    private final List<Integer> next = new ArrayList<>();
    private final List<List<Met>> met = new ArrayList<>();
    private final List<Double> sewnMm = new ArrayList<>();

    /** @param more stretches that must begin and end at arcs too */
    Gluing(Assembly assembly, List<Run> more) {
        this.assembly = assembly;
        Map<String, TreeSet<Double>> breaks = breaks(more);
        for (int c = 0; c < assembly.components().size(); c++) {
            Component component = assembly.components().get(c);
            int first = arcs.size();
            firstOf.put(component.id(), first);
            for (Edge edge : component.outline().edges()) {
                List<Double> at = new ArrayList<>(breaks.get(key(component.id(), edge.name())));
                List<Integer> own = new ArrayList<>();
                double share = assembly.sewnShare(component.id(), edge.name());
                for (int i = 0; i + 1 < at.size(); i++) {
                    own.add(arcs.size());
                    arcs.add(new Arc(c, new Run(component.id(), edge.name(), at.get(i), at.get(i + 1))));
                    next.add(arcs.size());
                    met.add(new ArrayList<>());
                    sewnMm.add(share * (at.get(i + 1) - at.get(i)));
                }
                ofEdge.put(key(component.id(), edge.name()), own);
            }
            next.set(arcs.size() - 1, first);
        }
        int by = 0;
        for (Join join : assembly.joins()) {
            sew(join.meetings(), by++);
        }
        for (Closure closure : assembly.closures()) {
            sew(closure.meetings(), by++);
        }
    }

    private static String key(String component, String edge) {
        return component + "\n" + edge;
    }

    /** Ends of stretches on either side of a seam are carried over to the other. */
    private Map<String, TreeSet<Double>> breaks(List<Run> more) {
        Map<String, TreeSet<Double>> breaks = new HashMap<>();
        for (Component c : assembly.components()) {
            for (Edge edge : c.outline().edges()) {
                breaks.put(key(c.id(), edge.name()), new TreeSet<>(List.of(0.0, c.lengthMm(edge.name()))));
            }
        }
        List<Meeting> all = new ArrayList<>();
        assembly.joins().forEach(j -> all.addAll(j.meetings()));
        assembly.closures().forEach(c -> all.addAll(c.meetings()));
        List<Run> ends = new ArrayList<>(more);
        all.forEach(m -> ends.addAll(m.runs()));
        ends.forEach(r -> {
            add(breaks, r, r.fromMm());
            add(breaks, r, r.toMm());
        });
        // What is caught may lie on a stretch that meets a third: twice carries over to all.
        for (int round = 0; round < 2; round++) {
            for (Meeting m : all) {
                if (!m.isTurned()) {
                    carry(breaks, m.one(), m.other());
                    carry(breaks, m.other(), m.one());
                }
            }
        }
        return breaks;
    }

    private static void carry(Map<String, TreeSet<Double>> breaks, Run from, Run to) {
        for (double at : new ArrayList<>(at(breaks, from))) {
            if (at > from.fromMm() + Assembly.SAME_MM && at < from.toMm() - Assembly.SAME_MM) {
                double share = (at - from.fromMm()) / from.flatMm();
                add(breaks, to, to.toMm() - share * to.flatMm());
            }
        }
    }

    private static TreeSet<Double> at(Map<String, TreeSet<Double>> breaks, Run run) {
        return java.util.Objects.requireNonNull(breaks.get(key(run.component(), run.edge())));
    }

    private static void add(Map<String, TreeSet<Double>> breaks, Run run, double mm) {
        TreeSet<Double> at = at(breaks, run);
        Double below = at.floor(mm);
        Double above = at.ceiling(mm);
        boolean known =
                below != null && mm - below < Assembly.SAME_MM || above != null && above - mm < Assembly.SAME_MM;
        if (!known) {
            at.add(mm);
        }
    }

    private void sew(List<Meeting> meetings, int by) {
        for (Meeting m : meetings) {
            if (m.isTurned()) {
                continue;
            }
            List<Integer> one = on(m.one());
            List<Integer> other = on(m.other());
            for (int i = 0; i < Math.min(one.size(), other.size()); i++) {
                int a = one.get(i);
                int b = other.get(other.size() - 1 - i);
                met.get(a).add(new Met(b, by, m.caught()));
                met.get(b).add(new Met(a, by, m.caught()));
            }
        }
    }

    /** Arcs of a stretch, in the edge's order. */
    List<Integer> on(Run run) {
        return java.util.Objects.requireNonNull(ofEdge.get(key(run.component(), run.edge()))).stream()
                .filter(a -> {
                    Run arc = arcs.get(a).run();
                    double middle = (arc.fromMm() + arc.toMm()) / 2;
                    return middle > run.fromMm() && middle < run.toMm();
                })
                .toList();
    }

    int size() {
        return arcs.size();
    }

    Arc arc(int a) {
        return arcs.get(a);
    }

    /** The arc after it round its component. */
    int next(int a) {
        return next.get(a);
    }

    /**
     * For each arc the one it is sewn to, −1 where none.
     *
     * @param sewn which joins and closures are, by number
     * @param behind whether what is caught counts too, where the stretch is free otherwise: cloth that lies behind closes a bag
     */
    int[] partners(IntPredicate sewn, boolean behind) {
        int[] partner = new int[arcs.size()];
        java.util.Arrays.fill(partner, -1);
        for (boolean caught : behind ? new boolean[] {false, true} : new boolean[] {false}) {
            for (int a = 0; a < arcs.size(); a++) {
                for (Met m : met.get(a)) {
                    if (m.caught() == caught && partner[a] < 0 && partner[m.partner()] < 0 && sewn.test(m.by())) {
                        partner[a] = m.partner();
                        partner[m.partner()] = a;
                    }
                }
            }
        }
        return partner;
    }

    /** The name of the seam that sews one arc to another. */
    String nameOf(int a, int partner) {
        return met.get(a).stream()
                .filter(m -> m.partner() == partner && !m.caught())
                .map(m -> m.by() < assembly.joins().size()
                        ? assembly.joins().get(m.by()).name()
                        : assembly.closures()
                                .get(m.by() - assembly.joins().size())
                                .id())
                .findFirst()
                .orElse("");
    }

    /** How many parts are caught behind an arc. */
    int caughtOn(int a) {
        return (int) met.get(a).stream().filter(Met::caught).count();
    }

    /** Length once the folds of its edge are sewn, mm. */
    double sewnMm(int a) {
        return sewnMm.get(a);
    }
}
