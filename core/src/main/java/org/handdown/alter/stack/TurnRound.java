package org.handdown.alter.stack;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.handdown.assembly.Opening;
import org.handdown.geometry.Edge;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/** A garment turned upside down: its hem becomes the waist, its neck or waist the hem. */
final class TurnRound implements Altering {
    private static final Set<String> BANDS = Set.of("waistband", "neckband", "collar");

    @Override
    public List<Ask> asks() {
        return List.of(Ask.end("end", "What becomes the waist"));
    }

    @Override
    public boolean suits(Ask ask, GarmentNow garment, Ask.Option option) {
        return option.value().equals("hem");
    }

    @Override
    public boolean offers(Ask ask, GarmentNow garment, Ask.Option option) {
        return option.value().equals("hem");
    }

    @Override
    public Effect on(GarmentNow before, Told told) {
        End hem = told.end("end");
        End top = before.ends().stream()
                .filter(e ->
                        e.opening().place() == Opening.Place.NECK || e.opening().place() == Opening.Place.WAIST)
                .findFirst()
                .orElseThrow(
                        () -> new RefusedValueException("picks.end", "There is no neck or waist to become the hem."));
        for (End end : before.ends()) {
            boolean isLimb = end.opening().place() == Opening.Place.SLEEVE_END
                    || end.opening().place() == Opening.Place.LEG_END;
            if (isLimb) {
                throw new RefusedValueException(
                        "picks.end",
                        Wording.fill(
                                "The %s would hang upside down with it: take the sleeves off, or cut the garment off below them, first.",
                                end.name()));
            }
        }
        for (String component : top.edges().keySet()) {
            if (BANDS.stream().anyMatch(List.of(component.split("[-#]"))::contains)) {
                throw new RefusedValueException(
                        "picks.end",
                        Wording.fill(
                                "Take the %s off first; it would hang at the hem.",
                                before.assembly().component(component).name()));
            }
        }
        Work work = new Work(before, told.id());
        Map<String, Map<String, String>> names = new LinkedHashMap<>();
        Set<String> renamed = new TreeSet<>();
        hem.edges().forEach((c, all) -> all.forEach(n -> renamed.add(c + "." + n)));
        top.edges().forEach((c, all) -> all.forEach(n -> renamed.add(c + "." + n)));
        name(before, names, hem.edges(), "waist", renamed);
        name(before, names, top.edges(), "hem", renamed);
        before.assembly().components().forEach(c -> {
            Map<String, String> own = names.getOrDefault(c.id(), Map.of());
            work.callAll(c.id(), own);
        });
        work.turnOver();
        work.say(
                "%.0f mm round at what is the waist now, %.0f mm at the hem: the waist is held by elastic, a cord, darts or a band, which is the next change.",
                hem.opening().ring().girthMm(), top.opening().ring().girthMm());
        work.say("Pile, print and stripes run the other way now, and what lay on the wearer's left lies on the right.");
        work.ask(
                "Held up upside down on the body: does it hang, and do the old armholes or pockets lie where they may?");
        return work.done();
    }

    private static void name(
            GarmentNow garment,
            Map<String, Map<String, String>> names,
            Map<String, List<String>> edges,
            String word,
            Set<String> renamed) {
        edges.forEach((component, old) -> {
            Map<String, String> own = names.computeIfAbsent(component, k -> new HashMap<>());
            Set<String> taken = new TreeSet<>(own.values());
            garment.assembly().component(component).outline().edges().stream()
                    .map(Edge::name)
                    .filter(n -> !renamed.contains(component + "." + n))
                    .forEach(taken::add);
            for (String name : new TreeSet<>(old)) {
                String free = word;
                for (int n = 2; taken.contains(free); n++) {
                    free = word + "-" + n;
                }
                taken.add(free);
                own.put(name, free);
            }
        });
    }
}
