package org.handdown.alter.stack;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.handdown.assembly.Assembly;
import org.handdown.assembly.Component;
import org.handdown.assembly.Join;
import org.handdown.geometry.Outline;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/** A patch pocket, or a patch over a hole or a stain, at a place on a part, alike on its partner or mirrored on the same part. */
final class Patch implements Altering {
    private static final double SEAM_MM = 10;
    private static final double TOP_MM = 25;
    /** What a hand needs beyond half its girth (common practice, no source). */
    private static final double HAND_MM = 30;

    @Override
    public List<Ask> asks() {
        List<Ask> asks = new ArrayList<>(List.of(
                Ask.part("part", "On which part"),
                Ask.choice(
                        "what",
                        "It is",
                        "pocket",
                        "a pocket, open at the top",
                        "patch",
                        "a patch, sewn down all round")));
        asks.addAll(Spot.asks(140, 150));
        asks.add(Ask.sides());
        return asks;
    }

    @Override
    public boolean offers(Ask ask, GarmentNow garment, Ask.Option option) {
        return Spot.isOffered(ask, garment, option);
    }

    @Override
    public Effect on(GarmentNow before, Told told) {
        Work work = new Work(before, told.id());
        Component part = before.assembly().component(told.pick("part"));
        sew(work, before, told, Spot.of(part, told, false), "");
        if (told.is("sides", "both")) {
            Optional<String> partner = before.partnerOf(part.id());
            if (partner.isPresent()) {
                sew(work, before, told, Spot.of(before.assembly().component(partner.get()), told, true), "-2");
            } else if (Math.abs(told.mm("over")) > told.mm("wide") / 2) {
                sew(work, before, told, Spot.of(part, told, true), "-2");
            }
        }
        if (told.is("what", "pocket")) {
            work.say(
                    "A hand passes where half its girth and about %.0f mm are less than the %.0f mm of the opening.",
                    HAND_MM, told.mm("wide"));
        }
        work.ask("Pinned on and tried on: can it be reached, is it level, and does it cover what it should?");
        return work.done();
    }

    private static void sew(Work work, GarmentNow before, Told told, Spot spot, String second) {
        boolean isPocket = told.is("what", "pocket");
        clearOfHem(before, spot);
        String id = told.id() + "-patch" + second;
        String name = isPocket ? "patch pocket" : "patch";
        Outline outline = Outline.rectangle(spot.wideMm(), spot.highMm());
        Map<String, Double> seams = new HashMap<>();
        Map<String, Double> turned = new HashMap<>();
        outline.edges().forEach(e -> {
            boolean isTop = isPocket && e.start().y() > 0 && e.end().y() > 0 && !e.isUpright();
            (isTop ? turned : seams).put(e.name(), isTop ? TOP_MM : SEAM_MM);
        });
        work.lay(
                new Component(
                        id,
                        name + " on the " + spot.part().name(),
                        outline,
                        spot.part().layer()),
                spot.part().id(),
                new ToCut(id, name + " on the " + spot.part().name(), outline, seams, turned, ToCut.As.ONCE));
        work.chalkLine(spot.part().id(), spot.line(), true);
        work.sewn(
                id + "-seam",
                name + " on the " + spot.part().name(),
                2 * spot.highMm() + (isPocket ? 1 : 2) * spot.wideMm());
        double over = Math.abs(told.mm("over"));
        work.say(
                over < 1
                        ? "%s: %.0f mm × %.0f mm finished, its lower edge %.0f mm above the lower end of the part, on its middle."
                        : "%s: %.0f mm × %.0f mm finished, its lower edge %.0f mm above the lower end of the part, its middle %.0f mm beside that of the part.",
                Wording.spoken(spot.part().name()),
                spot.wideMm(),
                spot.highMm(),
                told.mm("up"),
                over);
    }

    /** A hem behind it would be sewn down with it. */
    private static void clearOfHem(GarmentNow before, Spot spot) {
        Assembly garment = before.assembly();
        double deepest = garment.joins().stream()
                .filter(Join::isTurned)
                .filter(j -> j.meetings().stream()
                        .anyMatch(m -> m.one().component().equals(spot.part().id())
                                && spot.part()
                                                .outline()
                                                .edge(m.one().edge())
                                                .at(0.5)
                                                .y()
                                        < spot.part().outline().box().minY() + 1))
                .mapToDouble(j -> before.allowanceMm(j.id()))
                .max()
                .orElse(0);
        double up = spot.from().y() - spot.part().outline().box().minY();
        if (up < deepest + SEAM_MM) {
            throw new RefusedValueException(
                    "figures.up",
                    Wording.fill(
                            "The hem behind it is %.0f mm deep and would be caught: put it %.0f mm up at least.",
                            deepest, deepest + SEAM_MM));
        }
    }
}
