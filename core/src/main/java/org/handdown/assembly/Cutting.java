package org.handdown.assembly;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeSet;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.OutlineCut;
import org.handdown.geometry.Point;

/**
 * Components cut along a line on a garment that stays sewn. What lies to the left of the line keeps its component's id, the rest gets one of
 * its own; every seam goes on along both, and what a seam sewed at the line is parted there. The edges along the cut are free.
 */
public final class Cutting {
    /** The name of the edges along a cut. */
    public static final String EDGE = "cut";

    private static final double ON_LINE_MM = 0.05;
    private static final double FLAT_MM = 0.01;
    private static final double LEAST_SHARE = 1e-9;
    /** A line so near to the end of a seam meets it there. */
    private static final double LEAST_MM = 0.3;
    /** A line across a garment meets both sides of a seam at one place, though they are not drawn to the millimetre. */
    private static final double ONE_CUT_MM = 8;

    /** A line across a component, in its own frame, mm, of straight stretches; it runs on straight past its first and last point. */
    public record Line(String component, List<Point> path) {
        public Line {
            path = List.copyOf(path);
        }

        public Line(String component, Point from, Point to) {
            this(component, List.of(from, to));
        }
    }

    /** A stretch of an old edge on a new component, mm along the old one. */
    private record Part(String component, String edge, double fromMm, double toMm) {}

    private final Assembly whole;
    private final Map<String, List<Part>> parts = new HashMap<>();
    private final Map<String, Component> components = new LinkedHashMap<>();

    private Cutting(Assembly whole, List<Line> lines, String off) {
        this.whole = whole;
        whole.components().forEach(c -> components.put(c.id(), c));
        for (Line line : lines) {
            cut(whole.component(line.component()), line, off);
        }
    }

    /** What the part that comes off is called. */
    public static String offId(String component, String off) {
        return component + "-" + off;
    }

    /**
     * @param lines one for each component that is cut
     * @param off ends the ids of the parts to the right of each line
     * @throws org.handdown.measure.RefusedValueException where a line does not cross its component exactly twice
     */
    public static Assembly of(Assembly whole, List<Line> lines, String off) {
        return new Cutting(whole, lines, off).made();
    }

    private void cut(Component old, Line line, String off) {
        OutlineCut cut = OutlineCut.of(old.outline(), line.path(), EDGE);
        add(old, old.id(), cut.left());
        add(old, offId(old.id(), off), cut.right());
    }

    private void add(Component old, String id, Outline outline) {
        components.put(id, new Component(id, old.name(), outline, old.layer()));
        for (Edge edge : outline.edges()) {
            for (Edge before : old.outline().edges()) {
                boolean isOf = edge.name().equals(before.name()) || edge.name().startsWith(before.name() + "-");
                List<Point> line = before.flattened(FLAT_MM);
                if (isOf
                        && edge.start().distanceMm(line) < ON_LINE_MM
                        && edge.end().distanceMm(line) < ON_LINE_MM) {
                    double from = Edge.alongMm(line, edge.start());
                    parts.computeIfAbsent(key(old.id(), before.name()), k -> new ArrayList<>())
                            .add(new Part(id, edge.name(), from, from + edge.lengthMm()));
                    break;
                }
            }
        }
    }

    private static String key(String component, String edge) {
        return component + "\n" + edge;
    }

    private Assembly made() {
        List<Join> joins = whole.joins().stream()
                .map(j -> new Join(j.id(), j.name(), meetings(j.meetings())))
                .toList();
        List<Closure> closures = whole.closures().stream()
                .map(c -> new Closure(c.id(), meetings(c.meetings()), c.lapMm()))
                .toList();
        List<Fold> folds = whole.folds().stream().flatMap(f -> fold(f).stream()).toList();
        return new Assembly(List.copyOf(components.values()), joins, folds, whole.attachments(), closures);
    }

    /** Folds are taken as spread along their edge: each part has its share of them. */
    private List<Fold> fold(Fold fold) {
        List<Part> own = parts.get(key(fold.component(), fold.edge()));
        if (own == null) {
            return List.of(fold);
        }
        double length = whole.component(fold.component()).lengthMm(fold.edge());
        List<Fold> all = new ArrayList<>();
        for (Part part : own) {
            double takes = fold.takesMm() * (part.toMm - part.fromMm) / length;
            if (takes > 0) {
                String id = part.component.equals(fold.component()) ? fold.id() : fold.id() + "-" + part.component;
                all.add(new Fold(id, part.component, part.edge, takes, fold.gives()));
            }
        }
        return all;
    }

    private List<Meeting> meetings(List<Meeting> old) {
        return old.stream().flatMap(m -> parted(m).stream()).toList();
    }

    /** A place along a meeting, as a share of its first stretch and of its second, which is counted from the same end. */
    private record Place(double one, double other) {}

    /** Parted wherever one of its stretches is; where both are cut at about one place, it is one. */
    private List<Meeting> parted(Meeting meeting) {
        List<Double> other = new ArrayList<>(meeting.isTurned() ? List.of() : shares(meeting.other(), true));
        TreeSet<Place> places = new TreeSet<>(Comparator.comparingDouble(Place::one));
        places.add(new Place(1, 1));
        for (double share : shares(meeting.one(), false)) {
            double near = ONE_CUT_MM / meeting.one().flatMm();
            double there = other.stream()
                    .filter(o -> Math.abs(o - share) < near)
                    .min(Comparator.comparingDouble(o -> Math.abs(o - share)))
                    .orElse(share);
            other.remove(there);
            places.add(new Place(share, there));
        }
        other.forEach(share -> places.add(new Place(share, share)));
        List<Meeting> all = new ArrayList<>();
        Place last = new Place(0, 0);
        for (Place place : places) {
            if (place.one - last.one > LEAST_SHARE && place.other - last.other > LEAST_SHARE) {
                List<Run> runs = new ArrayList<>(List.of(moved(meeting.one(), last.one, place.one)));
                if (!meeting.isTurned()) {
                    runs.add(moved(meeting.other(), 1 - place.other, 1 - last.other));
                }
                all.add(new Meeting(runs, meeting.caught()));
                last = place;
            }
        }
        return all;
    }

    /** Where a run is cut, as shares of it. */
    private List<Double> shares(Run run, boolean against) {
        TreeSet<Double> shares = new TreeSet<>();
        for (Part part : parts.getOrDefault(key(run.component(), run.edge()), List.of())) {
            for (double at : new double[] {part.fromMm, part.toMm}) {
                double share = (at - run.fromMm()) / run.flatMm();
                double there = against ? 1 - share : share;
                double least = LEAST_MM / run.flatMm();
                Double below = shares.floor(there + least);
                boolean isKnown = below != null && below > there - least;
                if (there > least && there < 1 - least && !isKnown) {
                    shares.add(there);
                }
            }
        }
        return List.copyOf(shares);
    }

    /** The stretch of a run between two shares of it, on whatever component it lies now. */
    private Run moved(Run run, double from, double to) {
        double a = run.fromMm() + from * run.flatMm();
        double b = run.fromMm() + to * run.flatMm();
        Part most = null;
        double shared = 0;
        for (Part part : parts.getOrDefault(key(run.component(), run.edge()), List.of())) {
            double both = Math.min(b, part.toMm) - Math.max(a, part.fromMm);
            if (both > shared) {
                most = part;
                shared = both;
            }
        }
        if (most != null) {
            double length =
                    Objects.requireNonNull(components.get(most.component)).lengthMm(most.edge);
            return new Run(most.component, most.edge, Math.max(0, a - most.fromMm), Math.min(length, b - most.fromMm));
        }
        return new Run(run.component(), run.edge(), a, b);
    }
}
