package org.handdown.alter.stack;

import java.util.List;
import java.util.Map;
import org.handdown.assembly.Component;
import org.handdown.assembly.Join;
import org.handdown.assembly.Layer;
import org.handdown.assembly.Run;

/** An end made longer by a strip sewn to it: a band, a tier, a ruffle, a rib. */
final class AddBand implements Altering {
    private static final double HEM_MM = 20;

    /** Length of the strip against the edge that it goes onto (handbook of the trade §4; common practice, no source). */
    private static final Map<String, Double> FULLNESS =
            Map.of("plain", 1.0, "rib", 0.85, "half", 1.5, "double", 2.0, "triple", 3.0);

    @Override
    public List<Ask> asks() {
        return List.of(
                Ask.end("end", "Which end"),
                Ask.length("deep", "Longer by", 10, 900, 80),
                Ask.choice(
                        "fullness",
                        "The strip is",
                        "plain",
                        "as long as the edge",
                        "half",
                        "half as long again, gathered",
                        "double",
                        "twice as long, gathered",
                        "triple",
                        "three times as long, gathered, thin cloth only",
                        "rib",
                        "rib, shorter, stretched onto it"),
                Ask.choice(
                        "lengths",
                        "Joined from",
                        "1",
                        "one length",
                        "2",
                        "two",
                        "3",
                        "three",
                        "4",
                        "four",
                        "6",
                        "six",
                        "8",
                        "eight"),
                Ask.choice(
                        "finish",
                        "Its own end",
                        "hem",
                        "hemmed",
                        "fold",
                        "doubled, the fold outside",
                        "raw",
                        "left raw"),
                Ask.sides());
    }

    @Override
    public Effect on(GarmentNow before, Told told) {
        Work work = new Work(before, told.id());
        told.ends("end").forEach(end -> add(work, before, told, end));
        return work.done();
    }

    private static void add(Work work, GarmentNow before, Told told, End end) {
        double deep = told.mm("deep");
        double fullness = FULLNESS.getOrDefault(told.pick("fullness"), 1.0);
        List<Run> along = work.along(end);
        double edge = along.stream().mapToDouble(work.garment()::sewnMm).sum();
        for (Join join : Work.on(work.garment(), end.edges())) {
            if (join.isTurned() && join.meetings().stream().allMatch(m -> along.contains(m.one()))) {
                double depth = before.allowanceMm(join.id());
                work.open(join);
                work.say("The %s is opened: its %.0f mm become the allowance behind the new seam.", join.name(), depth);
            }
        }
        String id = told.id() + "-band-" + end.id();
        double strip = edge * fullness;
        String outer = switch (end.opening().place()) {
            case NECK -> "neck";
            case WAIST -> "waist";
            case HEM, HEAD, SLEEVE_END, LEG_END -> "hem";
        };
        boolean isFolded = told.is("finish", "fold");
        int lengths = Integer.parseInt(told.pick("lengths"));
        work.add(
                new Component(id, "band at the " + end.name(), ToCut.strip(strip, deep, outer), Layer.SHELL),
                new ToCut.As(fullness < 1 ? ToCut.Stuff.RIB : ToCut.Stuff.OWN, lengths, isFolded));
        work.seam(id + "-seam", "band to the " + end.name(), along, List.of(work.whole(id, "sewn")), false);
        double allowance = before.usualAllowanceMm();
        work.allowance(id + "-seam", allowance);
        if (end.opening().throughout()) {
            work.say(
                    "The garment is open there: the short ends of the band are turned, or the closing goes on over them.");
        } else {
            work.seam(
                    id + "-ends",
                    "ends of the band",
                    List.of(work.whole(id, "left")),
                    List.of(work.whole(id, "right")),
                    false);
            work.allowance(id + "-ends", allowance);
        }
        double hem = told.is("finish", "hem") ? HEM_MM : 0;
        if (hem > 0) {
            work.turn(id + "-hem", "hem of the band", List.of(work.whole(id, outer)));
            work.allowance(id + "-hem", HEM_MM);
        }
        double cutDeep = (isFolded ? 2 : 1) * (deep + allowance) + hem;
        work.say(
                "Cut %d strip%s of %.0f mm × %.0f mm, seams counted.",
                lengths, lengths == 1 ? "" : "s", strip / lengths + 2 * allowance, cutDeep);
        if (fullness > 1) {
            work.say(
                    "%.0f mm are gathered onto %.0f mm: two rows of long stitches, quarters marked on both; where the end must stretch, gather onto it stretched.",
                    strip, edge);
        }
        if (fullness < 1) {
            work.ask(
                    "Does the rib stretch from %.0f mm to %.0f mm and spring back? Pull it over a hand's breadth first.",
                    strip, edge);
        }
    }
}
