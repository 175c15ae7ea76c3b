package org.handdown.alter.stack;

import java.util.List;
import java.util.Optional;
import org.handdown.assembly.Assembly;
import org.handdown.assembly.Component;
import org.handdown.assembly.Fold;
import org.handdown.assembly.Run;
import org.handdown.geometry.Edge;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/** An end taken in by darts in one part, and in its partner alike. */
final class Darts implements Altering {
    /** No dart takes more of its edge: the rest could not be sewn flat. */
    private static final double MOST_SHARE = 0.4;

    @Override
    public List<Ask> asks() {
        return List.of(
                Ask.end("end", "At which end"),
                Ask.part("part", "In which part"),
                Ask.choice("count", "How many", "1", "one", "2", "two", "3", "three", "4", "four"),
                Ask.length("depth", "Folded depth of each", 2, 80, 15),
                Ask.length("long", "Length of each", 20, 400, 110),
                Ask.sides());
    }

    @Override
    public boolean suits(Ask ask, GarmentNow garment, Ask.Option option) {
        return ask.type() == Ask.Type.END
                ? option.value().equals("waist")
                : option.value().startsWith("back");
    }

    @Override
    public Effect on(GarmentNow before, Told told) {
        Work work = new Work(before, told.id());
        End end = told.end("end");
        String part = told.pick("part");
        dart(work, told, end, part, "");
        Optional<String> partner = before.partnerOf(part);
        if (told.is("sides", "both") && partner.isPresent()) {
            dart(work, told, end, partner.get(), "-2");
        }
        work.ask("Pinned and tried on: does it lie flat at the points, on both sides alike?");
        return work.done();
    }

    private static void dart(Work work, Told told, End end, String part, String second) {
        Assembly garment = work.garment();
        Component c = garment.component(part);
        Edge edge = edge(garment, end, c);
        int count = Integer.parseInt(told.pick("count"));
        double takes = 2 * count * told.mm("depth");
        double length = garment.sewnMm(c.whole(edge.name()));
        if (takes > MOST_SHARE * length) {
            throw new RefusedValueException(
                    "figures.depth",
                    Wording.fill(
                            "They would take %.0f mm of an edge of %.0f mm; make them shallower, or fewer.",
                            takes, length));
        }
        work.fold(new Fold(told.id() + "-dart" + second, part, edge.name(), takes));
        work.say(
                "%s: %d dart%s, %.0f mm deep and %.0f mm long, take %.0f mm of its edge.",
                Wording.spoken(c.name()), count, count == 1 ? "" : "s", told.mm("depth"), told.mm("long"), takes);
    }

    /** Its edge at the end, or the one that is sewn to the band there. */
    private static Edge edge(Assembly garment, End end, Component c) {
        List<String> own = end.edges().getOrDefault(c.id(), List.of());
        return c.outline().edges().stream()
                .filter(e -> own.contains(e.name()) || isSewnTo(garment, c.id(), e.name(), end))
                .findFirst()
                .orElseThrow(() -> new RefusedValueException(
                        "picks.part", Wording.fill("The %s does not reach the %s.", c.name(), end.name())));
    }

    private static boolean isSewnTo(Assembly garment, String part, String edge, End end) {
        return garment.joins().stream()
                .flatMap(j -> j.meetings().stream())
                .filter(m -> !m.isTurned() && !m.caught())
                .anyMatch(m -> is(m.one(), part, edge) && isBand(garment, m.other(), end)
                        || is(m.other(), part, edge) && isBand(garment, m.one(), end));
    }

    private static boolean isBand(Assembly garment, Run run, End end) {
        return end.edges().containsKey(run.component())
                && garment.component(run.component()).outline().box().heightMm()
                        < garment.component(run.component()).outline().box().widthMm() / 2;
    }

    private static boolean is(Run run, String part, String edge) {
        return run.component().equals(part) && run.edge().equals(edge);
    }
}
