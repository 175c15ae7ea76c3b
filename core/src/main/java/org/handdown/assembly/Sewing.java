package org.handdown.assembly;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.handdown.geometry.Point;
import org.jspecify.annotations.Nullable;

/**
 * Makes an assembly seam by seam, in the order it is sewn. Whoever tells a seam names the edges of either side; in which order they follow
 * each other, and where along a longer edge each of them lies, is read off the rims there are at that moment.
 */
public final class Sewing {
    private final List<Component> components;
    private final List<Fold> folds;
    private final List<Join> joins = new ArrayList<>();
    private final List<Attachment> attachments = new ArrayList<>();
    private final List<Closure> closures = new ArrayList<>();
    /** As it is told by now; null since something was added. */
    private @Nullable Assembly made;

    public Sewing(List<Component> components, List<Fold> folds) {
        this.components = List.copyOf(components);
        this.folds = List.copyOf(folds);
    }

    /** Goes on with what is sewn already. */
    public static Sewing of(Assembly sewn) {
        Sewing sewing = new Sewing(sewn.components(), sewn.folds());
        sewing.joins.addAll(sewn.joins());
        sewing.attachments.addAll(sewn.attachments());
        sewing.closures.addAll(sewn.closures());
        sewing.made = sewn;
        return sewing;
    }

    public Assembly made() {
        Assembly now = made;
        if (now == null) {
            now = new Assembly(components, joins, folds, attachments, closures);
            made = now;
        }
        return now;
    }

    public Component component(String id) {
        return made().component(id);
    }

    /** Length of a stretch with its folds laid, mm. */
    public double sewnMm(Run run) {
        return made().sewnMm(run);
    }

    public void attach(Attachment attachment) {
        attachments.add(attachment);
        made = null;
    }

    public void join(Join join) {
        joins.add(join);
        made = null;
    }

    public void close(Closure closure) {
        closures.add(closure);
        made = null;
    }

    /** Edges turned on themselves in one go. */
    public void turn(String id, String name, List<Run> runs) {
        join(new Join(id, name, runs.stream().map(Meeting::turned).toList()));
    }

    /**
     * Two chains of edges sewn together. Their lengths need not agree: one is eased, gathered or stretched onto the other alike all along.
     *
     * @param behind whether {@code other} lies behind, as a facing does
     */
    public void seam(String id, String name, List<Run> one, List<Run> other, boolean behind) {
        join(new Join(id, name, meetings(chain(one), chain(other), behind)));
    }

    /** Edges of about one length that all lie on the first, in one line of stitches: the others are caught behind it. */
    public void stack(String id, String name, List<Run> runs) {
        List<Meeting> meetings = new ArrayList<>();
        for (Run behind : runs.subList(1, runs.size())) {
            meetings.add(Meeting.caught(runs.get(0), behind));
        }
        join(new Join(id, name, meetings));
    }

    /** The same as a join that is told in several lines, each its own stretch of {@code along} by length. */
    public List<Run> shares(Run along, List<Double> mm) {
        double all = mm.stream().mapToDouble(Double::doubleValue).sum();
        List<Run> shares = new ArrayList<>();
        double at = along.fromMm();
        double factor = Math.min(1, along.flatMm() / all);
        for (double part : mm) {
            double to = Math.min(along.toMm(), at + part * factor);
            shares.add(new Run(along.component(), along.edge(), at, to));
            at = to;
        }
        return shares;
    }

    /** What of an edge no other join or closure holds yet: its longest free stretch; the whole where none is left. */
    public Run free(Run whole) {
        TreeSet<Double> at = new TreeSet<>(List.of(whole.fromMm(), whole.toMm()));
        List<Run> held = new ArrayList<>();
        for (Meeting m : held()) {
            m.runs().stream().filter(whole::overlaps).forEach(r -> {
                held.add(r);
                at.add(Math.max(whole.fromMm(), r.fromMm()));
                at.add(Math.min(whole.toMm(), r.toMm()));
            });
        }
        Run longest = whole;
        double most = 0;
        List<Double> all = new ArrayList<>(at);
        for (int i = 0; i + 1 < all.size(); i++) {
            if (all.get(i + 1) - all.get(i) > most + Assembly.SAME_MM) {
                Run part = new Run(whole.component(), whole.edge(), all.get(i), all.get(i + 1));
                if (held.stream().noneMatch(part::overlaps)) {
                    most = part.flatMm();
                    longest = part;
                }
            }
        }
        return longest;
    }

    /** Is there a stretch of it that a seam or a closure holds? What only lies behind it, or is turned, does not count. */
    public boolean isHeld(Run run) {
        return held().stream().flatMap(m -> m.runs().stream()).anyMatch(run::overlaps);
    }

    /** Is it turned on itself somewhere? */
    public boolean isTurned(Run run) {
        return joins.stream()
                .flatMap(j -> j.meetings().stream())
                .filter(Meeting::isTurned)
                .anyMatch(m -> m.one().overlaps(run));
    }

    private List<Meeting> held() {
        List<Meeting> held = new ArrayList<>();
        joins.forEach(j -> held.addAll(j.meetings()));
        closures.forEach(c -> held.addAll(c.meetings()));
        held.removeIf(m -> m.isTurned() || m.caught());
        return held;
    }

    /** Edges in the order they follow each other on the rims there are now, beginning behind the widest gap. */
    public List<Run> chain(List<Run> edges) {
        if (edges.size() == 1) {
            return edges;
        }
        Assembly now = made();
        Gluing gluing = new Gluing(now, edges);
        Set<Integer> open = new HashSet<>();
        for (int i = 0; i < joins.size(); i++) {
            open.add(i);
        }
        Loops loops = new Loops(gluing, open::contains, false);
        List<Run> ordered = new ArrayList<>();
        for (List<Integer> rim : loops.rims) {
            ordered.addAll(along(gluing, rim, edges));
        }
        // What lies on no rim is held already; it keeps its place behind the others.
        edges.stream().filter(e -> !ordered.contains(e)).forEach(ordered::add);
        return ordered;
    }

    private record Place(Run run, int first, int last) {}

    private List<Run> along(Gluing gluing, List<Integer> rim, List<Run> edges) {
        List<Place> places = new ArrayList<>();
        for (Run edge : edges) {
            List<Integer> arcs = gluing.on(edge);
            int first = rim.indexOf(arcs.get(0));
            int last = rim.indexOf(arcs.get(arcs.size() - 1));
            if (first >= 0 && last >= 0) {
                places.add(new Place(edge, first, last));
            }
        }
        places.sort(Comparator.comparingInt(Place::first));
        int n = places.size();
        int start = 0;
        double widest = -1;
        double lowest = Double.POSITIVE_INFINITY;
        for (int i = 0; i < n; i++) {
            Place before = places.get((i + n - 1) % n);
            double gap = 0;
            for (int a = (before.last + 1) % rim.size(); a != places.get(i).first; a = (a + 1) % rim.size()) {
                gap += gluing.sewnMm(rim.get(a));
            }
            double height = startOf(places.get(i).run).y();
            // A closed ring has no gap: it begins where it hangs lowest, under the arm and between the legs.
            if (gap > widest + Assembly.SAME_MM || gap > widest - Assembly.SAME_MM && height < lowest) {
                widest = Math.max(widest, gap);
                lowest = height;
                start = i;
            }
        }
        Collections.rotate(places, -start);
        return places.stream().map(Place::run).toList();
    }

    private Point startOf(Run run) {
        return component(run.component()).outline().edge(run.edge()).start();
    }

    private List<Meeting> meetings(List<Run> one, List<Run> other, boolean behind) {
        Assembly now = made();
        List<Run> back = new ArrayList<>(other);
        Collections.reverse(back);
        TreeSet<Double> shares = new TreeSet<>();
        breaks(now, one, shares);
        breaks(now, back, shares);
        List<Meeting> meetings = new ArrayList<>();
        double last = 0;
        for (double share : shares) {
            if (share - last > 1e-6) {
                Run mine = stretch(now, one, last, share, false);
                Run theirs = stretch(now, back, last, share, true);
                meetings.add(new Meeting(List.of(mine, theirs), behind || isHeld(mine) || isHeld(theirs)));
                last = share;
            }
        }
        return meetings;
    }

    private static void breaks(Assembly now, List<Run> chain, TreeSet<Double> shares) {
        double all = chain.stream().mapToDouble(now::sewnMm).sum();
        double at = 0;
        for (Run run : chain) {
            at += now.sewnMm(run);
            double share = Math.min(1, at / all);
            Double near = shares.floor(share + 1e-6);
            if (near == null || near < share - 1e-6) {
                shares.add(share);
            }
        }
    }

    /** The stretch of a chain between two shares of its length, which lies in one of its edges. */
    private static Run stretch(Assembly now, List<Run> chain, double from, double to, boolean against) {
        double all = chain.stream().mapToDouble(now::sewnMm).sum();
        double at = 0;
        double middle = (from + to) / 2 * all;
        for (Run run : chain) {
            double length = now.sewnMm(run);
            if (middle <= at + length || run.equals(chain.get(chain.size() - 1))) {
                double a = Math.max(0, (from * all - at) / length);
                double b = Math.min(1, (to * all - at) / length);
                double start = run.fromMm() + (against ? 1 - b : a) * run.flatMm();
                double end = run.fromMm() + (against ? 1 - a : b) * run.flatMm();
                return new Run(run.component(), run.edge(), start, end);
            }
            at += length;
        }
        throw new IllegalStateException("a chain has edges");
    }
}
