package org.handdown.alter.stack;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.handdown.assembly.Assembly;
import org.handdown.assembly.Component;
import org.handdown.assembly.Cutting;
import org.handdown.assembly.Join;
import org.handdown.assembly.Meeting;
import org.handdown.assembly.Opening;
import org.handdown.assembly.Run;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.geometry.Root;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/** A deeper or wider neck on this very garment, front or back alone, with the band it has put back, faced, or bound. */
final class NewNeck implements Altering {
    private static final int STEPS = 48;
    /** A band sewn on at less than this share of its edge draws it in (handbook of the trade §4; common practice, no source). */
    private static final double SLACK = 0.9;

    private static final double TURNED_MM = 10;
    private static final double FACING_MM = 60;
    /** Four times what it is wide finished. */
    private static final double BOUND_MM = 40;

    private static final double DEEPEST_MM = 500;
    private static final double DEEPEST_BAND_MM = 90;
    /** One more than a rectangle's, where it was slit. */
    private static final int BAND_EDGES = 5;

    @Override
    public List<Ask> asks() {
        return List.of(
                Ask.part("part", "Which part"),
                Ask.choice("shape", "Its shape", "round", "round", "v", "a V", "square", "square"),
                Ask.length("deeper", "Deeper at the middle by", 3, DEEPEST_MM, 50),
                Ask.length("wider", "Wider along each shoulder by", 0, 150, 0),
                Ask.choice(
                        "edge",
                        "Its edge",
                        "band",
                        "its own band put back",
                        "turned",
                        "turned under",
                        "faced",
                        "faced, by a facing cut to its shape",
                        "bound",
                        "bound by a bias strip",
                        "raw",
                        "left raw"),
                Ask.sides());
    }

    @Override
    public boolean offers(Ask ask, GarmentNow garment, Ask.Option option) {
        return ask.type() != Ask.Type.PART || hasNeck(garment, option.value());
    }

    private static boolean hasNeck(GarmentNow garment, String part) {
        try {
            neck(garment, part);
            return true;
        } catch (RefusedValueException e) {
            return false;
        }
    }

    /** The neck on one component: between two neighbours that the new line runs into. */
    private record Neck(Component part, Edge neck, Edge before, Edge after) {
        boolean isWhole() {
            return !isCentre(before) && !isCentre(after);
        }

        private static boolean isCentre(Edge edge) {
            return edge.name().startsWith("centre") || edge.name().startsWith("opened");
        }

        double oldMm() {
            return neck.lengthMm();
        }
    }

    @Override
    public Effect on(GarmentNow before, Told told) {
        Work work = new Work(before, told.id());
        cut(work, before, told, told.pick("part"));
        Optional<String> partner = before.partnerOf(told.pick("part")).filter(p -> hasNeck(before, p));
        if (told.is("sides", "both") && partner.isPresent()) {
            cut(work, before, told, partner.get());
        }
        work.ask(
                "Folded along the middle, both halves lying on each other, and tried on with the line chalked: is it deep enough, and does it cover what it should?");
        return work.done();
    }

    private static void cut(Work work, GarmentNow before, Told told, String part) {
        Neck neck = neck(before, part);
        double wider = told.mm("wider");
        double deeper = told.mm("deeper");
        List<Point> path = path(neck, told.pick("shape"), deeper, wider);
        Map<String, List<String>> edges = Map.of(neck.part.id(), List.of(neck.neck.name()));
        List<Join> old = Work.on(before.assembly(), edges);
        Work.Cut cut = cut(work, neck, path);
        Set<String> off = new LinkedHashSet<>(cut.off());
        Map<String, List<Run>> freed = freed(work.garment(), neck, off);
        freed.forEach((id, runs) -> work.open(
                id,
                work.garment().join(id).name(),
                runs.stream().mapToDouble(Run::flatMm).sum()));
        loosen(work, off);
        work.letGo(off, "cut off: neck of the " + neck.part.name());
        String edge = work.rename(neck.part.id(), "neck");
        work.chalk(List.of(neck.part.id()), edge, false);
        double now = work.whole(neck.part.id(), edge).flatMm();
        if (told.is("edge", "band")) {
            putBack(work, before, told, neck, old, freed, edge, now);
        } else {
            takeOff(work, freed, told);
            finish(work, told, neck.part.id(), edge);
        }
        work.say("The neck of the %s is %.0f mm along its edge; it was %.0f mm.", neck.part.name(), now, neck.oldMm());
        if (told.is("shape", "v")) {
            double slant = slantDeg(neck, deeper, wider);
            work.say(
                    "The V opens at %.0f°: slant the ends of its band by %.0f° from the band's edge, not by 45°.",
                    2 * slant, slant);
        }
    }

    private static void finish(Work work, Told told, String part, String edge) {
        Component c = work.garment().component(part);
        double length = c.whole(edge).flatMm();
        switch (told.pick("edge")) {
            case "turned" -> {
                String id = work.turn(told.id() + "-edge", "new neck edge", List.of(c.whole(edge)));
                work.allowance(id, TURNED_MM);
                work.say(
                        "Cut it %.0f mm inside the chalked line of the %s: that is what is turned under; clip it where it curves.",
                        TURNED_MM, c.name());
            }
            case "faced" -> {
                String id = work.turn(told.id() + "-edge", "new neck edge, faced", List.of(c.whole(edge)));
                work.allowance(id, TURNED_MM);
                work.need(facing(told, c, edge));
                work.say(
                        "Cut it %.0f mm inside the chalked line of the %s: that is the seam to its facing.",
                        TURNED_MM, c.name());
            }
            case "bound" -> {
                work.need(new ToCut(
                        told.id() + "-binding-" + part,
                        "binding of the neck, " + c.name(),
                        ToCut.strip(length, BOUND_MM, "outer"),
                        Map.of("left", TURNED_MM, "right", TURNED_MM),
                        Map.of(),
                        new ToCut.As(ToCut.Stuff.BINDING, 1, false)));
                work.say(
                        "A bias strip of %.0f mm × %.0f mm binds the neck of the %s, %.0f mm wide finished.",
                        length + 2 * TURNED_MM, BOUND_MM, c.name(), BOUND_MM / 4);
            }
            default -> work.say("The neck of the %s stays raw: stay-stitch it, or it stretches.", c.name());
        }
    }

    /** As the part is along its new neck, so wide all along. */
    private static ToCut facing(Told told, Component part, String edge) {
        Assembly alone = new Assembly(List.of(part), List.of(), List.of(), List.of(), List.of());
        List<Point> along = part.outline().edge(edge).flattened(0.2);
        Assembly cut =
                Cutting.of(alone, List.of(new Cutting.Line(part.id(), Level.offset(along, s -> FACING_MM))), "facing");
        Outline outline = cut.component(Cutting.offId(part.id(), "facing")).outline();
        Map<String, Double> seams = new LinkedHashMap<>();
        outline.edges().stream()
                .map(Edge::name)
                .filter(e -> !e.startsWith(Cutting.EDGE) && !e.startsWith("centre"))
                .forEach(e -> seams.put(e, TURNED_MM));
        return new ToCut(
                told.id() + "-facing-" + part.id(),
                "facing of the neck, " + part.name(),
                outline,
                seams,
                Map.of(),
                ToCut.As.ONCE);
    }

    private static Work.Cut cut(Work work, Neck neck, List<Point> path) {
        try {
            return work.cut(List.of(new Cutting.Line(neck.part.id(), path)));
        } catch (RefusedValueException e) {
            throw new RefusedValueException(
                    "figures.deeper",
                    "This line would run through the open neck in places: make it deeper or wider, or take another shape.");
        }
    }

    private static Neck neck(GarmentNow before, String part) {
        End neck = before.ends().stream()
                .filter(e -> e.opening().place() == Opening.Place.NECK)
                .findFirst()
                .orElseThrow(() -> new RefusedValueException("kind", "This garment has no neck."));
        Component c = before.assembly().component(part);
        List<Edge> all = c.outline().edges();
        for (int i = 0; i < all.size(); i++) {
            Edge edge = all.get(i);
            boolean isNeck = neck.edges().getOrDefault(part, List.of()).contains(edge.name()) && !isBand(c, edge)
                    || isSewnToNeck(before.assembly(), neck, part, edge.name());
            if (isNeck && !isShoulderOf(c, edge)) {
                return new Neck(c, edge, all.get((i + all.size() - 1) % all.size()), all.get((i + 1) % all.size()));
            }
        }
        throw new RefusedValueException(
                "picks.part", Wording.fill("The %s has no edge at the neck; take the front or the back.", c.name()));
    }

    /** A strip along the neck has its own edge there; it is no part that the neck is cut into. */
    private static boolean isBand(Component c, Edge edge) {
        double deep = c.outline().box().heightMm();
        return c.outline().edges().size() <= BAND_EDGES && (deep < 0.3 * edge.lengthMm() || deep < DEEPEST_BAND_MM);
    }

    private static boolean isShoulderOf(Component c, Edge edge) {
        return edge.name().startsWith("shoulder") || isBand(c, edge);
    }

    private static boolean isSewnToNeck(Assembly garment, End neck, String part, String edge) {
        return garment.joins().stream()
                .flatMap(j -> j.meetings().stream())
                .filter(m -> !m.isTurned())
                .anyMatch(m -> isBetween(garment, m.one(), m.other(), neck, part, edge)
                        || isBetween(garment, m.other(), m.one(), neck, part, edge));
    }

    private static boolean isBetween(Assembly garment, Run own, Run other, End neck, String part, String edge) {
        return own.component().equals(part)
                && own.edge().equals(edge)
                && neck.edges().containsKey(other.component())
                && isBand(
                        garment.component(other.component()),
                        garment.component(other.component()).outline().edge(other.edge()));
    }

    /** Down from the neck, where the centre lies, of length 1. */
    private static Point down(Neck neck) {
        if (neck.isWhole()) {
            return neck.neck.end().minus(neck.neck.start()).unit().left();
        }
        Edge centre = Neck.isCentre(neck.after) ? neck.after : neck.before;
        return Neck.isCentre(neck.after)
                ? centre.end().minus(centre.start()).unit()
                : centre.start().minus(centre.end()).unit();
    }

    /** Where the new line leaves the neighbours: along the shoulder, and, on a half, down the centre. */
    private static List<Point> ends(Neck neck, double deeper, double wider) {
        Point first = alongBack(neck.before, Neck.isCentre(neck.before) ? deeper : wider);
        Point last = along(neck.after, Neck.isCentre(neck.after) ? deeper : wider);
        return List.of(first, last);
    }

    private static Point along(Edge edge, double mm) {
        requireShorter(edge, mm);
        return edge.at(mm / edge.lengthMm());
    }

    private static Point alongBack(Edge edge, double mm) {
        requireShorter(edge, mm);
        return edge.at(1 - mm / edge.lengthMm());
    }

    private static void requireShorter(Edge edge, double mm) {
        if (mm > edge.lengthMm() - 10) {
            throw new RefusedValueException(
                    edge.name().startsWith("shoulder") ? "figures.wider" : "figures.deeper",
                    Wording.fill(
                            "The %s is only %.0f mm long; stay 10 mm inside it.",
                            Wording.spoken(edge.name()), edge.lengthMm()));
        }
    }

    private static List<Point> path(Neck neck, String shape, double deeper, double wider) {
        List<Point> ends = ends(neck, deeper, wider);
        Point down = down(neck);
        Point a = ends.get(0);
        Point b = ends.get(1);
        List<Point> line = new ArrayList<>();
        if (neck.isWhole()) {
            double deep = deepMm(neck, a, deeper, down);
            Point middle = a.between(b, 0.5);
            Point half = b.minus(a).times(0.5);
            line.addAll(curve(shape, middle, half.times(-1), down.times(deep), false));
            List<Point> rest = curve(shape, middle, half, down.times(deep), true);
            line.addAll(rest.subList(1, rest.size()));
        } else {
            boolean endsAtCentre = Neck.isCentre(neck.after);
            Point centre = endsAtCentre ? b : a;
            Point shoulder = endsAtCentre ? a : b;
            double deep = centre.minus(shoulder).dot(down);
            Point top = centre.minus(down.times(deep));
            line.addAll(curve(shape, top, shoulder.minus(top), down.times(deep), !endsAtCentre));
        }
        // On past both ends, outward: the line must leave the cloth there.
        Point out = down.times(-30);
        if (neck.isWhole()) {
            line.add(0, line.get(0).plus(out));
            line.add(line.get(line.size() - 1).plus(out));
        } else if (Neck.isCentre(neck.after)) {
            line.add(0, line.get(0).plus(out));
            line.add(line.get(line.size() - 1).plus(side(neck, down).times(30)));
        } else {
            line.add(line.get(line.size() - 1).plus(out));
            line.add(0, line.get(0).plus(side(neck, down).times(30)));
        }
        return line;
    }

    /** Across the centre edge, out of the cloth. */
    private static Point side(Neck neck, Point down) {
        return Neck.isCentre(neck.after) ? down.right() : down.left();
    }

    /** From a neck point to the lowest place of a half, or back. */
    private static List<Point> curve(String shape, Point middle, Point half, Point deep, boolean upwards) {
        List<Point> points = new ArrayList<>();
        switch (shape) {
            case "v" -> points.addAll(List.of(middle.plus(half), middle.plus(deep)));
            case "square" ->
                points.addAll(List.of(middle.plus(half), middle.plus(half).plus(deep), middle.plus(deep)));
            default -> {
                for (int i = 0; i <= STEPS; i++) {
                    double t = Math.PI / 2 * i / STEPS;
                    points.add(middle.plus(half.times(StrictMath.cos(t))).plus(deep.times(StrictMath.sin(t))));
                }
            }
        }
        if (upwards) {
            Collections.reverse(points);
        }
        return points;
    }

    /** From the line between the new neck points to the lowest place. */
    private static double deepMm(Neck neck, Point from, double deeper, Point down) {
        double lowest = neck.neck.flattened(0.2).stream()
                .mapToDouble(p -> p.minus(from).dot(down))
                .max()
                .orElse(0);
        return lowest + deeper;
    }

    private static double slantDeg(Neck neck, double deeper, double wider) {
        List<Point> ends = ends(neck, deeper, wider);
        Point down = down(neck);
        double half = neck.isWhole()
                ? ends.get(0).distanceMm(ends.get(1)) / 2
                : Math.abs(ends.get(1).minus(ends.get(0)).cross(down));
        double deep = neck.isWhole()
                ? deepMm(neck, ends.get(0), deeper, down)
                : Math.abs(ends.get(1).minus(ends.get(0)).dot(down));
        return Math.toDegrees(Math.atan2(half, deep));
    }

    /** What was sewn to the old neck where it is cut off, by join, in the order it is walked. */
    private static Map<String, List<Run>> freed(Assembly cut, Neck neck, Set<String> off) {
        Map<String, List<Run>> freed = new LinkedHashMap<>();
        for (Join join : cut.joins()) {
            for (Meeting m : join.meetings()) {
                for (int side = 0; side < 2 && !m.isTurned(); side++) {
                    Run own = m.runs().get(side);
                    Run other = m.runs().get(1 - side);
                    if (off.contains(own.component())
                            && !off.contains(other.component())
                            && own.edge().startsWith(neck.neck.name())) {
                        freed.computeIfAbsent(join.id(), k -> new ArrayList<>()).add(other);
                    }
                }
            }
        }
        return freed;
    }

    /** What is cut off is unpicked from what it was sewn to. */
    private static void loosen(Work work, Set<String> off) {
        List<Join> joins = new ArrayList<>();
        for (Join join : work.garment().joins()) {
            List<Meeting> stay = join.meetings().stream()
                    .filter(m -> m.isTurned()
                            || m.runs().stream()
                                            .filter(r -> off.contains(r.component()))
                                            .count()
                                    != 1)
                    .toList();
            if (!stay.isEmpty()) {
                joins.add(new Join(join.id(), join.name(), stay));
            }
        }
        Assembly a = work.garment();
        work.put(new Assembly(a.components(), joins, a.folds(), a.attachments(), a.closures()));
    }

    private static void putBack(
            Work work,
            GarmentNow before,
            Told told,
            Neck neck,
            List<Join> old,
            Map<String, List<Run>> freed,
            String edge,
            double now) {
        if (freed.isEmpty()) {
            throw new RefusedValueException(
                    "picks.edge", "No band is sewn to this neck that could be put back; turn, face or bind it.");
        }
        double stretch = before.cloth().sheet().lastingAcross();
        boolean isTested = before.cloth().sheet().across() != null;
        for (Join join : old) {
            List<Run> band = freed.getOrDefault(join.id(), List.of());
            if (band.isEmpty()) {
                continue;
            }
            double free = band.stream().mapToDouble(work.garment()::sewnMm).sum();
            List<Run> one = List.of(work.whole(neck.part.id(), edge));
            List<Meeting> stay = work.garment().joinIds().contains(join.id())
                    ? work.garment().join(join.id()).meetings()
                    : List.of();
            work.without(join.id());
            boolean isBehind = join.meetings().stream().anyMatch(Meeting::caught);
            work.seam(join.id(), join.name(), one, band, isBehind);
            if (!stay.isEmpty()) {
                Join sewn = work.garment().join(join.id());
                List<Meeting> all = new ArrayList<>(sewn.meetings());
                all.addAll(stay);
                work.without(join.id());
                Assembly a = work.garment();
                List<Join> joins = new ArrayList<>(a.joins());
                joins.add(new Join(join.id(), join.name(), all));
                work.put(new Assembly(a.components(), joins, a.folds(), a.attachments(), a.closures()));
            }
            judge(work, told, neck, new Band(free, now, stretch, isTested));
        }
    }

    /**
     * @param freeMm of the band that comes loose; the rest is still held
     * @param edgeMm that it goes onto
     */
    private record Band(double freeMm, double edgeMm, double stretch, boolean isTested) {
        double ratio() {
            return edgeMm / freeMm;
        }
    }

    private static void judge(Work work, Told told, Neck neck, Band band) {
        work.say(
                "The band is loose over %.0f mm and goes onto %.0f mm: it is stretched by %.0f %% there, while the rest is held as it was.",
                band.freeMm, band.edgeMm, 100 * (band.ratio() - 1));
        double longest = band.freeMm * (1 + band.stretch);
        if (band.edgeMm <= longest) {
            if (band.ratio() < 1 / SLACK) {
                return;
            }
            work.ask("Does the seam itself stretch as far as the band must? Sew a hand's length on a scrap and pull.");
            return;
        }
        if (!band.isTested) {
            work.ask(
                    "How far does the band stretch? Pull it over a hand's breadth and tell it at Cloth: it must give %.0f %%.",
                    100 * (band.ratio() - 1));
            return;
        }
        double wider = told.mm("wider");
        String shape = told.pick("shape");
        double deepest = Root.of(0.1, told.mm("deeper"), d -> Edge.lengthMm(inner(neck, shape, d, wider)) - longest);
        work.say(
                "The cloth's own test allows %.0f %%: the longest edge that the loose part reaches is %.0f mm, the neck then at most %.0f mm deeper. Else piece the band with %.0f mm of like rib, cut a new band, or take a shallower shape.",
                100 * band.stretch, longest, Math.max(0, deepest), (band.edgeMm - longest) / (1 + band.stretch));
    }

    private static List<Point> inner(Neck neck, String shape, double deeper, double wider) {
        List<Point> path = path(neck, shape, deeper, wider);
        return path.subList(1, path.size() - 1);
    }

    /** The band comes off whole where it hangs on nothing else. */
    private static void takeOff(Work work, Map<String, List<Run>> freed, Told told) {
        Set<String> bands = new LinkedHashSet<>();
        freed.values().forEach(runs -> runs.forEach(r -> bands.add(r.component())));
        for (String band : bands) {
            if (work.garment().components().stream().noneMatch(c -> c.id().equals(band))) {
                continue;
            }
            Component c = work.garment().component(band);
            boolean isBand =
                    c.outline().box().heightMm() < 0.3 * c.outline().box().widthMm();
            if (isBand) {
                for (Join join : work.garment().joins()) {
                    boolean holds = join.meetings().stream()
                            .anyMatch(m -> !m.isTurned()
                                    && m.runs().stream()
                                                    .filter(r -> r.component().equals(band))
                                                    .count()
                                            == 1);
                    if (holds) {
                        work.open(join);
                    }
                }
                work.letGo(Set.of(band), c.name());
                work.say(
                        "The %s comes off whole: the edge it leaves at the other part of the neck must be finished alike.",
                        c.name());
            }
        }
    }
}
