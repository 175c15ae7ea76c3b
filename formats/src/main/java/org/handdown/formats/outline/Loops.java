package org.handdown.formats.outline;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Point;
import org.handdown.geometry.Segment;
import org.jspecify.annotations.Nullable;

/** Lines and arcs whose ends meet, put together into closed loops; loops that touch at a corner stay apart. */
final class Loops {
    private static final double TRULY_MM = 0.01;

    /** Runs by the ends they have, each end in the first place that was made within reach of it. */
    private final Map<Long, List<Integer>> cells = new HashMap<>();

    private final List<Point> places = new ArrayList<>();
    private final List<Deque<Integer>> at = new ArrayList<>();
    private final List<List<Segment>> runs;
    private final boolean[] used;

    /** @param closed each of them once round */
    record Found(List<List<Segment>> closed, List<List<Segment>> open) {}

    private final double reachMm;

    private Loops(List<List<Segment>> runs, double reachMm) {
        this.runs = runs;
        this.reachMm = reachMm;
        this.used = new boolean[runs.size()];
    }

    /** First what meets truly, so that short lines stay lines; then what was meant to meet. */
    static Found of(List<List<Segment>> given) {
        Found exact = of(given, TRULY_MM);
        Found meant = of(exact.open, OutlineBuilder.CLOSED_MM);
        exact.closed.addAll(meant.closed);
        return new Found(exact.closed, meant.open);
    }

    private static Found of(List<List<Segment>> given, double reachMm) {
        List<List<Segment>> runs = new ArrayList<>();
        Set<List<Segment>> seen = new HashSet<>();
        for (List<Segment> run : given) {
            // What has no length joins nothing, and what is drawn twice is one.
            if (!isDot(run, reachMm) && seen.add(run) && !seen.contains(reversed(run))) {
                runs.add(run);
            }
        }
        Found found = new Found(new ArrayList<>(), new ArrayList<>());
        new Loops(runs, reachMm).find(found);
        return found;
    }

    private static boolean isDot(List<Segment> run, double reachMm) {
        Point start = start(run);
        return run.stream()
                .allMatch(s -> s.end().distanceMm(start) <= reachMm
                        && s.flattened(reachMm).stream().allMatch(p -> p.distanceMm(start) <= reachMm));
    }

    private void find(Found found) {
        int[][] ends = new int[runs.size()][];
        for (int i = 0; i < runs.size(); i++) {
            List<Segment> run = runs.get(i);
            ends[i] = new int[] {place(start(run)), place(end(run))};
            if (ends[i][0] == ends[i][1]) {
                used[i] = true;
                found.closed.add(run);
            } else {
                at.get(ends[i][0]).add(i);
                at.get(ends[i][1]).add(i);
            }
        }
        for (int i = 0; i < runs.size(); i++) {
            if (!used[i]) {
                walk(i, ends, found);
            }
        }
    }

    /** From one run on as far as it goes; whenever it comes back to a place where it was, what lies between is a loop. */
    private void walk(int first, int[][] ends, Found found) {
        // Begun at a loose end, if there is one, so that what is open stays in one.
        List<List<Segment>> way = new ArrayList<>();
        List<Integer> stops = new ArrayList<>();
        stops.add(looseEnd(first, ends));
        @Nullable Integer next = next(stops.get(0));
        while (next != null) {
            int run = next;
            used[run] = true;
            int here = stops.get(stops.size() - 1);
            boolean forward = ends[run][0] == here;
            way.add(forward ? runs.get(run) : reversed(runs.get(run)));
            int there = forward ? ends[run][1] : ends[run][0];
            int before = stops.indexOf(there);
            stops.add(there);
            if (before >= 0) {
                found.closed.add(joined(way.subList(before, way.size())));
                way = new ArrayList<>(way.subList(0, before));
                stops = new ArrayList<>(stops.subList(0, before + 1));
            }
            next = next(there);
        }
        if (!way.isEmpty()) {
            found.open.add(joined(way));
        }
    }

    private int looseEnd(int first, int[][] ends) {
        int here = ends[first][0];
        int run = first;
        Set<Integer> seen = new HashSet<>();
        while (seen.add(run)) {
            int came = run;
            @Nullable
            Integer other = at.get(here).stream()
                    .filter(r -> r != came && !used[r])
                    .findFirst()
                    .orElse(null);
            if (other == null) {
                return here;
            }
            run = other;
            here = ends[run][0] == here ? ends[run][1] : ends[run][0];
        }
        return ends[first][0];
    }

    private @Nullable Integer next(int place) {
        Deque<Integer> here = at.get(place);
        while (!here.isEmpty()) {
            int run = here.poll();
            if (!used[run]) {
                return run;
            }
        }
        return null;
    }

    private int place(Point p) {
        long column = (long) Math.floor(p.x() / reachMm);
        long row = (long) Math.floor(p.y() / reachMm);
        for (long c = column - 1; c <= column + 1; c++) {
            for (long r = row - 1; r <= row + 1; r++) {
                for (int i : cells.getOrDefault(cell(c, r), List.of())) {
                    if (places.get(i).distanceMm(p) <= reachMm) {
                        return i;
                    }
                }
            }
        }
        cells.computeIfAbsent(cell(column, row), k -> new ArrayList<>()).add(places.size());
        places.add(p);
        at.add(new ArrayDeque<>());
        return places.size() - 1;
    }

    private static long cell(long column, long row) {
        return column * 1_000_003L + row;
    }

    private static List<Segment> joined(List<List<Segment>> way) {
        return way.stream().flatMap(List::stream).toList();
    }

    private static List<Segment> reversed(List<Segment> run) {
        return new Edge("", run).reversed().segments();
    }

    static Point start(List<Segment> run) {
        return run.get(0).start();
    }

    static Point end(List<Segment> run) {
        return run.get(run.size() - 1).end();
    }
}
