package org.handdown.assembly;

import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.handdown.geometry.Edge;

/** V − E + F of a whole garment over corners that are united by themselves: no walk round any rim. */
public final class IndependentCount {
    private IndependentCount() {}

    /** Points of every edge where anything begins or ends, as corners; each stretch between two is an edge once, however often it is held. */
    public static int euler(Assembly sewn) {
        Map<String, Set<Long>> breaks = new HashMap<>();
        List<Meeting> seams = sewn.joins().stream()
                .flatMap(j -> j.meetings().stream())
                .filter(m -> !m.isTurned() && !m.caught())
                .toList();
        for (Component c : sewn.components()) {
            for (Edge e : c.outline().edges()) {
                breaks.put(c.id() + e.name(), new HashSet<>(List.of(0L, Math.round(e.lengthMm() * 10))));
            }
        }
        seams.forEach(m -> m.runs().forEach(r -> {
            Set<Long> at = breaks.getOrDefault(r.component() + r.edge(), Set.of());
            long length = at.stream().mapToLong(Long::longValue).max().orElse(0);
            for (double mm : new double[] {r.fromMm(), r.toMm()}) {
                long tenth = Math.min(length, Math.round(mm * 10));
                at.add(Math.abs(tenth - length) <= 1 ? length : tenth);
            }
        }));
        Map<String, Integer> corner = new HashMap<>();
        for (Component c : sewn.components()) {
            List<Edge> edges = c.outline().edges();
            for (int i = 0; i < edges.size(); i++) {
                Edge e = edges.get(i);
                long end = Math.round(e.lengthMm() * 10);
                for (long at : breaks.getOrDefault(c.id() + e.name(), Set.of())) {
                    String name = at == end
                            ? c.id() + edges.get((i + 1) % edges.size()).name() + 0
                            : c.id() + e.name() + at;
                    corner.putIfAbsent(name, corner.size());
                    corner.put(c.id() + e.name() + at, corner.get(name));
                }
            }
        }
        int[] above = new int[corner.size()];
        Arrays.setAll(above, i -> i);
        int arcs = breaks.values().stream().mapToInt(b -> b.size() - 1).sum();
        for (Meeting m : seams) {
            unite(above, place(corner, sewn, m.one(), true), place(corner, sewn, m.other(), false));
            unite(above, place(corner, sewn, m.one(), false), place(corner, sewn, m.other(), true));
            arcs--;
        }
        long vertices = new HashSet<>(corner.values())
                .stream().map(i -> find(above, i)).distinct().count();
        return (int) vertices - arcs + sewn.components().size();
    }

    private static int place(Map<String, Integer> corner, Assembly sewn, Run run, boolean start) {
        long length =
                Math.round(sewn.component(run.component()).whole(run.edge()).toMm() * 10);
        long at = Math.round((start ? run.fromMm() : run.toMm()) * 10);
        long snapped = Math.abs(at - length) <= 1 ? length : at;
        return corner.getOrDefault(run.component() + run.edge() + snapped, -1);
    }

    private static int find(int[] above, int i) {
        return above[i] == i ? i : find(above, above[i]);
    }

    private static void unite(int[] above, int a, int b) {
        above[find(above, a)] = find(above, b);
    }
}
