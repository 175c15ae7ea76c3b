package org.handdown.alter.stack;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.handdown.assembly.Cutting;
import org.handdown.assembly.Join;
import org.handdown.assembly.Layer;
import org.handdown.assembly.Meeting;
import org.handdown.assembly.Opening;
import org.handdown.assembly.Run;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/**
 * An end taken off at a level, straight, slanted or along the old end, or turned up whole. What comes off keeps its hem; lining, facing and
 * interfacing end with their shell.
 */
final class Shorten implements Altering {
    static final double TURNED_MM = 25;

    @Override
    public List<Ask> asks() {
        return List.of(
                Ask.end("end", "Which end"),
                Ask.length("up", "Shorter by", 3, 1500, 60),
                Ask.optional("left", "At the wearer's left side, where it slants, by", 3, 1500)
                        .when("end", "hem", "waist"),
                Ask.choice("line", "Along", "parallel", "the end as it runs now", "straight", "a straight line"),
                Ask.choice(
                        "how",
                        "The new end",
                        "turned",
                        "cut, turned once",
                        "twice",
                        "cut, turned twice",
                        "up",
                        "turned up, nothing cut",
                        "raw",
                        "cut and left raw",
                        "bound",
                        "cut, bound or faced"),
                Ask.length("turn", "Turned under", 3, 300, TURNED_MM).when("how", "turned", "twice"),
                Ask.sides());
    }

    @Override
    public Effect on(GarmentNow before, Told told) {
        Work work = new Work(before, told.id());
        End end = told.end("end");
        double up = told.mm("up");
        double left = told.has("left") ? told.mm("left") : up;
        boolean isAcross =
                end.opening().place() == Opening.Place.HEM || end.opening().place() == Opening.Place.WAIST;
        Level.Height height = new Level.Height(up, isAcross ? left : up, told.is("line", "straight"));
        // As far up on the other side as on this, on the garment as it is by then.
        told.ends("end").forEach(e -> shorten(work, before, told, e, height));
        return work.done();
    }

    private void shorten(Work work, GarmentNow before, Told told, End end, Level.Height up) {
        Map<String, List<String>> edges = new LinkedHashMap<>(end.edges());
        double turns = told.is("how", "twice") ? 2 : told.is("how", "turned") || told.is("how", "up") ? 1 : 0;
        boolean isCut = !told.is("how", "up");
        double under = isCut ? turns * told.mm("turn") : 0;
        if (under >= Math.min(up.rightMm(), up.leftMm())) {
            throw new RefusedValueException(
                    "figures.turn",
                    Wording.fill(
                            "%.0f mm turned under leaves nothing to cut off %.0f mm: turn it up whole, or turn less.",
                            under, Math.min(up.rightMm(), up.leftMm())));
        }
        // The scissors go below the new fold by what is turned under.
        Level.Height low = new Level.Height(up.rightMm() - under, up.leftMm() - under, up.straight());
        Level shell = Level.of(work.garment(), edges, low);
        Map<String, List<String>> behind = end.behind(work.garment(), before.ends());
        List<Cutting.Line> lines = new ArrayList<>(shell.lines());
        Map<String, List<String>> ended = new LinkedHashMap<>(shell.edges());
        // What lies behind is as much shorter as the cloth before it: its ease stays.
        Map<String, List<String>> layers = new LinkedHashMap<>(behind);
        lines.forEach(l -> layers.remove(l.component()));
        Level inside = Level.of(work.garment(), layers, low);
        lines.addAll(inside.lines());
        ended.putAll(inside.edges());
        List<Join> old = Work.on(work.garment(), all(edges, behind));
        double oldDepth = old.stream()
                .filter(Join::isTurned)
                .mapToDouble(j -> before.allowanceMm(j.id()))
                .max()
                .orElse(0);
        Work.Cut cut = work.cut(lines);
        Set<String> stays = new LinkedHashSet<>();
        lines.forEach(l -> stays.add(l.component()));
        Set<String> off = work.hangingOn(cut.off(), stays);
        if (isCut) {
            work.letGo(off, "cut off: " + end.name());
        } else {
            work.drop(off);
            for (Join join : old) {
                work.open(
                        join.id(),
                        join.name(),
                        join.meetings().stream()
                                .mapToDouble(m -> m.one().flatMm())
                                .sum());
            }
        }
        Map<String, String> names = new HashMap<>();
        ended.forEach((c, n) -> names.put(c, work.rename(c, n.get(0))));
        names.forEach((c, e) -> {
            work.chalk(List.of(c), e, !isCut);
            work.turnUnderAs(c, e, under);
            if (under > 0) {
                work.chalk(List.of(c), e, true);
            }
        });
        sewAgain(work, told, end, old, names);
        if (isCut && under > 0) {
            work.say(
                    "Cut %.0f mm below the new fold of the %s: %.0f mm turned under %s.",
                    under, end.name(), told.mm("turn"), turns == 2 ? "twice" : "once");
        }
        if (!isCut) {
            work.say(
                    "%.0f mm are turned up inside the %s; with the old hem let down first its depth is %.0f mm.",
                    up.rightMm(), end.name(), up.rightMm() + oldDepth);
        }
        say(work, before, end, up, inside);
    }

    private static String of(Map<String, String> names, String component) {
        return Objects.requireNonNull(names.get(component));
    }

    private static void say(Work work, GarmentNow before, End end, Level.Height up, Level inside) {
        if (up.isSlanted()) {
            work.say(
                    "It slants: %.0f mm shorter at the right side, %.0f mm at the left; walk both side seams again.",
                    up.rightMm(), up.leftMm());
        }
        boolean hasLining = inside.lines().stream()
                .anyMatch(l -> before.assembly().component(l.component()).layer() == Layer.LINING);
        if (hasLining) {
            work.say(
                    "The lining is shortened by as much and keeps its ease: it meets the turned edge at the old crease.");
        }
        work.ask("Tried on with it pinned up, standing and sitting: is the %s where it is wanted?", end.name());
    }

    private static Map<String, List<String>> all(Map<String, List<String>> one, Map<String, List<String>> other) {
        Map<String, List<String>> all = new HashMap<>(one);
        all.putAll(other);
        return all;
    }

    /** What lay along the old end lies along the new one: hems turned, linings and facings caught. */
    private static void sewAgain(Work work, Told told, End end, List<Join> old, Map<String, String> names) {
        boolean isTurned = !told.is("how", "raw") && !told.is("how", "bound");
        boolean hasHem = false;
        for (Join join : old) {
            if (join.isTurned()) {
                hasHem = true;
                hem(work, told, join.id(), join.name(), runsOf(work, join, names), isTurned);
            } else {
                caught(work, join, names);
            }
        }
        if (!hasHem && isTurned) {
            List<Run> runs = new ArrayList<>();
            names.forEach((c, e) -> {
                if (work.garment().component(c).layer() == Layer.SHELL) {
                    runs.add(work.whole(c, e));
                }
            });
            hem(work, told, told.id() + "-" + end.id(), "new " + end.name(), runs, true);
        }
    }

    private static List<Run> runsOf(Work work, Join join, Map<String, String> names) {
        return join.meetings().stream()
                .map(m -> m.one().component())
                .distinct()
                .filter(names::containsKey)
                .map(c -> work.whole(c, of(names, c)))
                .toList();
    }

    private static void hem(Work work, Told told, String id, String name, List<Run> runs, boolean isTurned) {
        List<Run> all = new ArrayList<>(runs);
        if (work.garment().joinIds().contains(id)) {
            work.garment().join(id).meetings().forEach(m -> all.add(m.one()));
            work.without(id);
        }
        if (isTurned && !all.isEmpty()) {
            work.turn(id, name, all);
            work.allowance(id, told.mm("turn"));
        }
    }

    private static void caught(Work work, Join join, Map<String, String> names) {
        if (work.garment().joinIds().contains(join.id())) {
            // Sewn above the level: a band below it went off with what was cut.
            return;
        }
        List<Run> one = side(work, join, names, 0);
        List<Run> other = side(work, join, names, 1);
        if (!one.isEmpty() && !other.isEmpty()) {
            boolean isBehind = join.meetings().stream().anyMatch(Meeting::caught);
            work.seam(join.id(), join.name(), one, other, isBehind);
        }
    }

    private static List<Run> side(Work work, Join join, Map<String, String> names, int side) {
        return join.meetings().stream()
                .filter(m -> !m.isTurned())
                .map(m -> m.runs().get(side).component())
                .distinct()
                .filter(names::containsKey)
                .map(c -> work.whole(c, of(names, c)))
                .toList();
    }
}
