package org.handdown.alter.stack;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.handdown.assembly.Assembly;
import org.handdown.assembly.Closure;
import org.handdown.assembly.Component;
import org.handdown.assembly.Cutting;
import org.handdown.assembly.Join;
import org.handdown.assembly.Layer;
import org.handdown.assembly.Meeting;
import org.handdown.assembly.Opening;
import org.handdown.assembly.Run;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/**
 * A garment that is pulled on becomes one that is put on: a part is slit from one end to the other, straight or slanted, through the bands
 * above and below it. Edges turned, gap, lap and bands are reckoned before the cut.
 */
final class OpenFront implements Altering {
    private static final double LEAST_LEFT_MM = 25;
    private static final double TURNED_MM = 20;
    private static final double LAP_MM = 30;
    private static final Set<Opening.Place> HIGH = EnumSet.of(Opening.Place.NECK, Opening.Place.WAIST);
    private static final List<String> NO_ENDS = List.of("shoulder", "armhole", "head", "side");

    @Override
    public List<Ask> asks() {
        return List.of(
                Ask.part("part", "Which part is slit"),
                Ask.length("top", "At the top, over to the wearer's left of the middle by", -400, 400, 0),
                Ask.length("bottom", "At the bottom, over to the wearer's left of the middle by", -400, 400, 0),
                Ask.length("turn", "Each edge turned under", 0, 100, TURNED_MM),
                Ask.choice(
                        "closing",
                        "Closed by",
                        "open",
                        "nothing, it stays open",
                        "loops",
                        "loops and buttons over the gap",
                        "zip",
                        "a zip, edge to edge",
                        "bands",
                        "buttons on bands that lap"),
                Ask.length("lap", "Bands lap by", 10, 150, LAP_MM).when("closing", "bands"));
    }

    @Override
    public boolean offers(Ask ask, GarmentNow garment, Ask.Option option) {
        return ask.type() != Ask.Type.PART || isBetweenEnds(garment, option.value());
    }

    /** Does it reach a neck or a waist, itself or under a band? */
    private static boolean isBetweenEnds(GarmentNow garment, String part) {
        Component c = garment.assembly().component(part);
        Optional<Edge> top = c.outline().edges().stream()
                .filter(e -> !e.isUpright() && NO_ENDS.stream().noneMatch(e.name()::startsWith))
                .filter(e -> e.end().x() < e.start().x())
                .max(Comparator.comparingDouble(e -> e.at(0.5).y()));
        boolean isBand = c.outline().box().heightMm() < 0.3 * c.outline().box().widthMm();
        return !isBand
                && top.filter(t -> garment.ends().stream()
                                .filter(e -> HIGH.contains(e.opening().place()))
                                .anyMatch(e ->
                                        e.edges().getOrDefault(part, List.of()).contains(t.name())
                                                || isSewnTo(garment.assembly(), part, t.name(), e)))
                        .isPresent();
    }

    private static boolean isSewnTo(Assembly garment, String part, String edge, End end) {
        return garment.joins().stream()
                .flatMap(j -> j.meetings().stream())
                .filter(m -> !m.isTurned())
                .anyMatch(m -> is(m.one(), part, edge)
                                && end.edges().containsKey(m.other().component())
                        || is(m.other(), part, edge)
                                && end.edges().containsKey(m.one().component()));
    }

    private static boolean is(Run run, String part, String edge) {
        return run.component().equals(part) && run.edge().equals(edge);
    }

    /** A place on an edge of a component, and the way that the slit goes on from it. */
    private record Entry(String component, String edge, double alongMm) {}

    @Override
    public Effect on(GarmentNow before, Told told) {
        Work work = new Work(before, told.id());
        Component part = before.assembly().component(told.pick("part"));
        Map<String, Cutting.Line> lines = new LinkedHashMap<>();
        Edge top = endEdge(part, true);
        Edge bottom = endEdge(part, false);
        Point from = place(part, top, told.mm("top"));
        Point to = place(part, bottom, told.mm("bottom"));
        lines.put(part.id(), new Cutting.Line(part.id(), from, to));
        follow(before.assembly(), part, top, from, lines);
        follow(before.assembly(), part, bottom, to, lines);
        lines.keySet().forEach(c -> {
            if (before.assembly().closures().stream()
                    .flatMap(k -> k.meetings().stream())
                    .flatMap(m -> m.runs().stream())
                    .anyMatch(r -> r.component().equals(c) && c.equals(part.id()))) {
                throw new RefusedValueException(
                        "picks.part",
                        "This part is opened by a closure already; take another part, or take that away.");
            }
        });
        Work.Cut cut = work.cut(List.copyOf(lines.values()));
        List<String> left = new ArrayList<>(lines.keySet());
        List<String> right = new ArrayList<>(cut.off());
        String edge = "opened-" + told.id();
        // Down the slit the left of the line is the wearer's left in front and the right behind.
        boolean isBack = List.of(part.id().split("[-#]")).contains("back");
        left.forEach(c -> work.call(c, isBack ? "right" : "left"));
        right.forEach(c -> work.call(c, isBack ? "left" : "right"));
        left.forEach(c -> work.rename(c, edge));
        right.forEach(c -> work.rename(c, edge));
        work.chalk(left, edge, false);
        double turn = told.mm("turn");
        left.forEach(c -> work.turnUnderAs(c, edge, turn));
        right.forEach(c -> work.turnUnderAs(c, edge, turn));
        double length = runs(work, left, edge).stream().mapToDouble(Run::flatMm).sum();
        if (turn > 0) {
            List<Run> all = new ArrayList<>(runs(work, left, edge));
            all.addAll(runs(work, right, edge));
            work.turn(told.id() + "-edges", "opened edges", all);
            work.allowance(told.id() + "-edges", turn);
        }
        close(work, told, left, right, edge, length);
        say(work, before, told, part, from.distanceMm(to), length);
        return work.done();
    }

    private static List<Run> runs(Work work, List<String> components, String edge) {
        return components.stream().map(c -> work.whole(c, edge)).toList();
    }

    /** The highest or lowest of its edges that run across and are no shoulder. */
    private static Edge endEdge(Component part, boolean isTop) {
        Comparator<Edge> height = Comparator.comparingDouble(e -> e.at(0.5).y());
        return part.outline().edges().stream()
                .filter(e -> !e.isUpright() && NO_ENDS.stream().noneMatch(e.name()::startsWith))
                .filter(e -> isTop == e.end().x() < e.start().x())
                .max(isTop ? height : height.reversed())
                .orElseThrow(() -> new RefusedValueException(
                        "picks.part",
                        Wording.fill(
                                "The %s runs to no %s: choose a part between both ends, as a whole front is.",
                                Wording.spoken(part.name()), isTop ? "neck or waist" : "hem")));
    }

    private static Point place(Component part, Edge edge, double leftMm) {
        boolean isBack = List.of(part.id().split("[-#]")).contains("back");
        double length = edge.lengthMm();
        boolean runsLeft = edge.end().x() > edge.start().x() != isBack;
        double at = length / 2 + (runsLeft ? leftMm : -leftMm);
        if (at < LEAST_LEFT_MM || at > length - LEAST_LEFT_MM) {
            throw new RefusedValueException(
                    "figures." + (leftMm == 0 ? "turn" : "top"),
                    Wording.fill("That leaves less than %.0f mm beside the slit.", LEAST_LEFT_MM));
        }
        return edge.at(at / length);
    }

    /** Through whatever is sewn to an edge at the place where the slit leaves it. */
    private static void follow(Assembly garment, Component part, Edge edge, Point at, Map<String, Cutting.Line> lines) {
        double along = Edge.alongMm(edge.flattened(0.01), at);
        for (Join join : garment.joins()) {
            for (Meeting m : join.meetings()) {
                for (int side = 0; side < 2 && !m.isTurned(); side++) {
                    Run own = m.runs().get(side);
                    Run other = m.runs().get(1 - side);
                    boolean isHere = own.component().equals(part.id())
                            && own.edge().equals(edge.name())
                            && own.fromMm() < along
                            && along < own.toMm();
                    if (isHere && !lines.containsKey(other.component())) {
                        double share = (along - own.fromMm()) / own.flatMm();
                        double there = other.toMm() - share * other.flatMm();
                        through(garment, new Entry(other.component(), other.edge(), there), lines);
                    }
                }
            }
        }
    }

    private static void through(Assembly garment, Entry entry, Map<String, Cutting.Line> lines) {
        Component band = garment.component(entry.component);
        Outline outline = band.outline();
        Edge edge = outline.edge(entry.edge);
        double length = edge.lengthMm();
        double at = Math.max(1, Math.min(length - 1, entry.alongMm));
        Point from = edge.at(at / length);
        Point way = edge.at(Math.min(1, (at + 1) / length))
                .minus(edge.at(Math.max(0, (at - 1) / length)))
                .unit()
                .left();
        lines.put(band.id(), new Cutting.Line(band.id(), from, from.plus(way.times(10))));
        exit(outline, edge, from, way)
                .ifPresent(out -> follow(garment, band, out, from.plus(way.times(farMm(out, from, way))), lines));
    }

    /** The edge through which a slit leaves that came in through another. */
    private static Optional<Edge> exit(Outline outline, Edge in, Point from, Point way) {
        return outline.edges().stream()
                .filter(e -> !e.equals(in) && farMm(e, from, way) < Double.POSITIVE_INFINITY)
                .min(Comparator.comparingDouble(e -> farMm(e, from, way)));
    }

    /** How far a straight way goes before it meets an edge, mm. */
    private static double farMm(Edge edge, Point from, Point way) {
        List<Point> line = edge.flattened(0.1);
        double nearest = Double.POSITIVE_INFINITY;
        for (int i = 0; i + 1 < line.size(); i++) {
            Point a = line.get(i);
            Point along = line.get(i + 1).minus(a);
            double across = way.cross(along);
            if (across != 0) {
                double far = a.minus(from).cross(along) / across;
                double share = a.minus(from).cross(way) / across;
                nearest = far > 1 && share >= 0 && share <= 1 ? Math.min(nearest, far) : nearest;
            }
        }
        return nearest;
    }

    private static void close(Work work, Told told, List<String> left, List<String> right, String edge, double length) {
        String id = told.id() + "-closing";
        double turn = told.mm("turn");
        switch (told.pick("closing")) {
            case "loops" -> work.close(new Closure(id, meetings(work, left, right, edge), -2 * turn));
            case "zip" -> work.close(new Closure(id, meetings(work, left, right, edge), 0));
            case "bands" -> bands(work, told, left, right, edge, length);
            default -> work.say("It stays open: the edges stand %.0f mm apart.", 2 * turn);
        }
    }

    private static List<Meeting> meetings(Work work, List<String> left, List<String> right, String edge) {
        List<Meeting> all = new ArrayList<>();
        for (int i = 0; i < left.size(); i++) {
            all.add(Meeting.seam(work.whole(left.get(i), edge), work.whole(right.get(i), edge)));
        }
        return all;
    }

    private static void bands(Work work, Told told, List<String> left, List<String> right, String edge, double length) {
        double lap = told.mm("lap");
        double wide = told.mm("turn") + lap / 2;
        List<String> names = List.of(told.id() + "-band-left", told.id() + "-band-right");
        List<List<String>> fronts = List.of(left, right);
        for (int i = 0; i < 2; i++) {
            double own = runs(work, fronts.get(i), edge).stream()
                    .mapToDouble(Run::flatMm)
                    .sum();
            work.add(
                    new Component(
                            names.get(i),
                            (i == 0 ? "first" : "second") + " front band",
                            Outline.rectangle(wide, own),
                            Layer.SHELL),
                    new ToCut.As(ToCut.Stuff.OWN, 1, true));
        }
        Outline shape = work.garment().component(names.get(0)).outline();
        List<Edge> upright = shape.edges().stream().filter(Edge::isUpright).toList();
        Edge falls = upright.stream()
                .filter(e -> e.end().y() < e.start().y())
                .findFirst()
                .orElseThrow();
        Edge rises = upright.stream()
                .filter(e -> e.end().y() > e.start().y())
                .findFirst()
                .orElseThrow();
        for (int i = 0; i < 2; i++) {
            Edge own = work.garment().component(fronts.get(i).get(0)).outline().edge(edge);
            boolean goesUp = own.end().y() > own.start().y();
            String inner = goesUp ? falls.name() : rises.name();
            work.seam(
                    names.get(i) + "-seam",
                    (i == 0 ? "first" : "second") + " band to its front",
                    runs(work, fronts.get(i), edge),
                    List.of(work.whole(names.get(i), inner)),
                    false);
        }
        boolean goesUp =
                isRising(work.garment().component(left.get(0)).outline().edge(edge));
        Run one = work.whole(names.get(0), goesUp ? rises.name() : falls.name());
        Run other = work.whole(names.get(1), goesUp ? falls.name() : rises.name());
        work.close(new Closure(told.id() + "-closing", List.of(Meeting.seam(one, other)), lap));
        work.say(
                "Two bands %.0f mm wide finished, one on each front: %.0f mm make up for what is turned under, and they lap by %.0f mm. Each is %.0f mm long.",
                wide, 2 * told.mm("turn"), lap, length);
    }

    private static boolean isRising(Edge edge) {
        return edge.end().y() > edge.start().y();
    }

    private static void say(Work work, GarmentNow before, Told told, Component part, double cut, double length) {
        double turn = told.mm("turn");
        boolean isSlanted = told.mm("top") != told.mm("bottom");
        if (turn > 0 && !told.is("closing", "bands")) {
            work.say(
                    "%.0f mm turned under on each edge are %.0f mm of girth%s.",
                    turn,
                    2 * turn,
                    told.is("closing", "zip")
                            ? ": edge to edge it is so much tighter"
                            : told.is("closing", "loops") ? ", the gap that the loops span" : "");
        }
        if (isSlanted) {
            work.say(
                    "It slants: the edge is %.0f mm long, and cut across the grain it stretches. Stay it before it is turned; count the buttons by this length.",
                    length);
        }
        if (before.cloth().weave() == org.handdown.cloth.Weave.KNIT) {
            work.say(
                    "A knit runs where it is cut: sew two rows beside the line before the scissors, inside what is turned.");
        }
        boolean hasBehind = before.assembly().joins().stream()
                .flatMap(j -> j.meetings().stream())
                .anyMatch(m -> m.caught()
                        && m.runs().stream().anyMatch(r -> r.component().equals(part.id()))
                        && m.runs().stream()
                                .anyMatch(r -> before.assembly()
                                                .component(r.component())
                                                .layer()
                                        == Layer.LINING));
        if (hasBehind) {
            work.ask("Is the lining behind it slit along the same line and turned against the cloth?");
        }
        work.ask(
                "Chalked and basted along the line of %.0f mm, tried on: does it hang straight, and is it this layer alone?",
                cut);
    }
}
