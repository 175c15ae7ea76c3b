package org.handdown.alter.stack;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.handdown.assembly.Cutting;
import org.handdown.assembly.Layer;
import org.handdown.assembly.Meeting;
import org.handdown.assembly.Run;
import org.handdown.geometry.Point;

/** Shorter inside, its end kept: a band is cut out all round and the rest sewn together again, or it is folded away in a tuck. */
final class BandOut implements Altering {
    private static final double LEAST_OFF_MM = 10;
    /** More than this to the hundred eased into the smaller side shows (handbook of the trade §4; common practice, no source). */
    private static final double MOST_EASE = 0.08;

    @Override
    public List<Ask> asks() {
        return List.of(
                Ask.end("end", "Which end stays as it is"),
                Ask.length("up", "Up from that end the band begins at", 3, 1500, 100),
                Ask.length("takes", "Shorter by", 3, 800, 40),
                Ask.choice("how", "How", "cut", "cut out and sewn together again", "tuck", "folded away in a tuck"),
                Ask.sides());
    }

    @Override
    public Effect on(GarmentNow before, Told told) {
        Work work = new Work(before, told.id());
        List<End> ends = told.ends("end");
        for (int i = 0; i < ends.size(); i++) {
            shorten(work, before, told, ends.get(i), i == 0 ? "" : "-2");
        }
        work.ask("Pinched together all round and tried on: is it short enough, arms bent and reaching?");
        return work.done();
    }

    private void shorten(Work work, GarmentNow before, Told told, End end, String second) {
        double up = told.mm("up");
        double takes = told.mm("takes");
        boolean isCut = told.is("how", "cut");
        double allowance = before.usualAllowanceMm();
        double inside = isCut && takes > 2 * allowance + LEAST_OFF_MM ? allowance : 0;
        Map<String, List<String>> edges = new LinkedHashMap<>(end.edges());
        end.behind(work.garment(), before.ends()).forEach(edges::putIfAbsent);
        // The upper line first; what lies below it takes a name of its own.
        List<Cutting.Line> upper = Level.of(work.garment(), edges, Level.Height.of(up + takes - inside))
                .lines();
        Work.Cut high = work.cut(upper);
        Map<String, String> below = new LinkedHashMap<>();
        int i = 0;
        for (String part : high.off()) {
            below.put(upper.get(i++).component(), part);
        }
        Map<String, List<String>> ends = new LinkedHashMap<>();
        edges.forEach((c, names) -> ends.put(below.getOrDefault(c, c), names));
        List<Cutting.Line> lower = new ArrayList<>();
        for (Cutting.Line line :
                Level.of(work.garment(), ends, Level.Height.of(up + inside)).lines()) {
            List<Point> back = new ArrayList<>(line.path());
            Collections.reverse(back);
            lower.add(new Cutting.Line(line.component(), back));
        }
        Map<String, String> seams = new LinkedHashMap<>();
        high.lines().forEach(l -> seams.put(l.component(), work.rename(l.component(), "joined-" + told.id())));
        for (Cutting.Line line : lower) {
            // Its edge along the upper line stays with the middle.
            if (work.garment()
                    .component(line.component())
                    .outline()
                    .find(Cutting.EDGE)
                    .isPresent()) {
                work.rename(line.component(), "upper-" + told.id());
            }
        }
        Work.Cut low = work.cut(lower);
        Map<String, String> lowSeams = new LinkedHashMap<>();
        lower.forEach(l -> lowSeams.put(l.component(), work.rename(l.component(), "joined-" + told.id())));
        Set<String> stays = new LinkedHashSet<>(seams.keySet());
        stays.addAll(lowSeams.keySet());
        Set<String> middle = work.hangingOn(low.off(), stays);
        if (isCut) {
            work.letGo(middle, "cut out above the " + end.name());
        } else {
            work.drop(middle);
        }
        seams.forEach((c, e) -> work.turnUnderAs(c, e, inside));
        lowSeams.forEach((c, e) -> work.turnUnderAs(c, e, inside));
        join(work, before, told, end, second, seams, lowSeams, below);
        work.chalk(seams.keySet(), "joined-" + told.id(), !isCut);
        work.chalk(lowSeams.keySet(), "joined-" + told.id(), !isCut);
        if (!isCut) {
            work.say("A tuck of %.0f mm, %.0f mm deep, all round above the %s.", takes, takes / 2, end.name());
        }
    }

    private static void join(
            Work work,
            GarmentNow before,
            Told told,
            End end,
            String second,
            Map<String, String> upper,
            Map<String, String> lower,
            Map<String, String> below) {
        for (Layer layer : Layer.values()) {
            List<Run> one = runs(work, upper, layer);
            List<Run> other = runs(work, lower, layer);
            if (one.isEmpty() || other.isEmpty()) {
                continue;
            }
            boolean isShell = layer == Layer.SHELL;
            String id = told.id() + "-joined" + second
                    + (isShell ? "" : "-" + layer.name().toLowerCase(Locale.ROOT));
            String name = "seam above the " + end.name() + (isShell ? "" : ", inside");
            List<Meeting> whole = again(work, upper, lower, below, layer);
            if (whole.size() == one.size() && whole.size() == other.size()) {
                work.seamAgain(id, name, whole);
            } else {
                work.seam(id, name, one, other, false);
            }
            work.allowance(id, before.usualAllowanceMm());
            double a = one.stream().mapToDouble(work.garment()::sewnMm).sum();
            double b = other.stream().mapToDouble(work.garment()::sewnMm).sum();
            double off = Math.abs(a - b);
            if (isShell && off > 2) {
                work.say(
                        off / Math.max(a, b) > MOST_EASE
                                ? "Above the cut it is %.0f mm round, below %.0f mm: more than eases in. Take the wider one in at its seam first, tapered to nothing."
                                : "Above the cut it is %.0f mm round, below %.0f mm: ease the wider one in evenly, marked in quarters.",
                        a,
                        b);
            }
        }
    }

    /** Each part to what was cut off it. */
    private static List<Meeting> again(
            Work work, Map<String, String> upper, Map<String, String> lower, Map<String, String> below, Layer layer) {
        List<Meeting> all = new ArrayList<>();
        upper.forEach((c, edge) -> {
            String part = below.getOrDefault(c, "");
            String other = lower.get(part);
            if (other != null && work.garment().component(c).layer() == layer) {
                all.add(Meeting.seam(work.whole(c, edge), work.whole(part, other)));
            }
        });
        return all;
    }

    private static List<Run> runs(Work work, Map<String, String> edges, Layer layer) {
        List<Run> runs = new ArrayList<>();
        edges.forEach((c, e) -> {
            if (work.garment().component(c).layer() == layer) {
                runs.add(work.whole(c, e));
            }
        });
        return runs;
    }
}
