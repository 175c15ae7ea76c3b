package org.handdown.alter.stack;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.handdown.assembly.Assembly;
import org.handdown.assembly.Attachment;
import org.handdown.assembly.Component;
import org.handdown.assembly.Join;
import org.handdown.assembly.Meeting;
import org.handdown.assembly.Parting;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/** A part taken off whole with all that hangs on it alone: a sleeve with its cuff, a collar, a pocket, a band. */
final class TakeOff implements Altering {
    @Override
    public List<Ask> asks() {
        return List.of(
                Ask.part("part", "Which part"),
                Ask.choice(
                        "how",
                        "How",
                        "unpick",
                        "unpicked, allowances stay on both",
                        "cut",
                        "cut off along the seam, the allowance stays on the garment"),
                Ask.choice(
                        "edge",
                        "The edge it leaves",
                        "turned",
                        "turned",
                        "bound",
                        "bound or faced",
                        "open",
                        "left open for what follows"),
                Ask.sides());
    }

    @Override
    public boolean suits(Ask ask, GarmentNow garment, Ask.Option option) {
        return ask.type() != Ask.Type.PART || option.value().startsWith("sleeve");
    }

    @Override
    public Effect on(GarmentNow before, Told told) {
        Work work = new Work(before, told.id());
        String part = told.pick("part");
        take(work, before, told, part);
        Optional<String> partner = before.partnerOf(part);
        if (told.is("sides", "both")
                && partner.filter(p -> work.garment().components().stream().anyMatch(c -> c.id().equals(p)))
                        .isPresent()) {
            take(work, before, told, partner.get());
        }
        return work.done();
    }

    private static void take(Work work, GarmentNow before, Told told, String part) {
        Assembly garment = work.garment();
        Component c = garment.component(part);
        Set<String> body = garment.whole().together().get(0);
        Set<String> off = new LinkedHashSet<>(Set.of(part));
        // Whatever would fall off with it.
        Assembly without = Parting.without(garment, off);
        List<Set<String>> left = without.whole().together();
        Set<String> stays = left.stream()
                .max(Comparator.comparingDouble(g -> areaMm2(garment, g)))
                .orElse(Set.of());
        body.stream().filter(id -> !stays.contains(id)).forEach(off::add);
        double gone = areaMm2(garment, off);
        if (stays.isEmpty() || gone > areaMm2(garment, stays)) {
            throw new RefusedValueException(
                    "picks.part",
                    Wording.fill(
                            "With the %s more than half of the garment would come off: take the other parts off, or cut it out.",
                            c.name()));
        }
        boolean isCut = told.is("how", "cut");
        Set<Attachment> hung = garment.attachments().stream()
                .filter(a -> off.contains(a.component()) != off.contains(a.onto()))
                .collect(Collectors.toSet());
        hung.forEach(a -> work.open(a.id(), garment.component(a.component()).name(), 0));
        for (Join join : garment.joins()) {
            List<Meeting> between = join.meetings().stream()
                    .filter(m -> !m.isTurned()
                            && m.runs().stream()
                                            .filter(r -> off.contains(r.component()))
                                            .count()
                                    == 1)
                    .toList();
            if (!between.isEmpty()) {
                loosen(work, told, join, between, off, isCut);
            }
        }
        work.letGo(off, c.name());
        if (isCut) {
            work.say(
                    "Cut beside the stitches on the side of the %s: it loses its allowances there, the garment keeps its own.",
                    c.name());
        }
        work.ask(
                "Is the edge that it leaves neat enough on the inside, and does it lie without the weight of the %s?",
                c.name());
    }

    private static double areaMm2(Assembly garment, Set<String> components) {
        return components.stream()
                .mapToDouble(id -> garment.component(id).outline().ring().areaMm2())
                .sum();
    }

    private static void loosen(Work work, Told told, Join join, List<Meeting> between, Set<String> off, boolean isCut) {
        double mm = between.stream().mapToDouble(m -> m.one().flatMm()).sum();
        Assembly a = work.garment();
        List<Join> joins = new ArrayList<>();
        for (Join j : a.joins()) {
            List<Meeting> stay = j.id().equals(join.id())
                    ? j.meetings().stream().filter(m -> !between.contains(m)).toList()
                    : j.meetings();
            if (!stay.isEmpty()) {
                joins.add(new Join(j.id(), j.name(), stay));
            }
        }
        work.put(new Assembly(a.components(), joins, a.folds(), a.attachments(), a.closures()));
        if (!isCut) {
            work.open(join.id(), join.name(), mm);
        }
        boolean isOuter = between.stream().noneMatch(Meeting::caught);
        if (isOuter && told.is("edge", "turned")) {
            work.turn(
                    told.id() + "-edge-" + join.id(),
                    "edge left at the " + join.name(),
                    between.stream()
                            .flatMap(m -> m.runs().stream())
                            .filter(r -> !off.contains(r.component()))
                            .toList());
        }
    }
}
