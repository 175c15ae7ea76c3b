package org.handdown.alter.stack;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.handdown.assembly.Join;
import org.handdown.assembly.Run;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/** A hem let down: the garment grows by cloth that is in it, what is left of the hem is turned again, or a facing takes its place. */
final class LetDown implements Altering {
    /** Less cannot be turned, or sewn to a facing, mm (common practice, no source). */
    private static final double LEAST_MM = 6;

    private static final double FACING_MM = 50;

    @Override
    public List<Ask> asks() {
        return List.of(
                Ask.end("end", "Which end"),
                Ask.length("down", "Longer by", 3, 300, 15),
                Ask.choice(
                        "edge",
                        "The new end",
                        "hem",
                        "turned again with what is left of the hem",
                        "faced",
                        "faced by a strip, so that nearly all of it is won"),
                Ask.sides());
    }

    @Override
    public Effect on(GarmentNow before, Told told) {
        Work work = new Work(before, told.id());
        told.ends("end").forEach(end -> letDown(work, before, told, end));
        work.ask(
                "Opened and pressed on a short stretch: are the old crease, its holes and a dirty or faded line gone?");
        return work.done();
    }

    private static void letDown(Work work, GarmentNow before, Told told, End end) {
        List<Join> hems = Work.on(work.garment(), end.edges()).stream()
                .filter(Join::isTurned)
                .toList();
        double depth = hems.stream()
                .mapToDouble(j -> before.allowanceMm(j.id()))
                .min()
                .orElseThrow(() -> new RefusedValueException(
                        "picks.end",
                        Wording.fill(
                                "The %s has no hem that could be let down: sew a strip to it instead.", end.name())));
        double down = told.mm("down");
        if (down > depth - LEAST_MM) {
            throw new RefusedValueException(
                    "figures.down",
                    Wording.fill(
                            "In the %s lie %.0f mm, and %.0f mm must stay: at most %.0f mm longer; a strip gives the rest.",
                            end.name(), depth, LEAST_MM, Math.max(0, depth - LEAST_MM)));
        }
        hems.forEach(j -> work.open(
                j.id(),
                j.name(),
                j.meetings().stream().mapToDouble(m -> m.one().flatMm()).sum()));
        List<Run> along = new ArrayList<>();
        end.edges()
                .forEach((component, names) -> names.forEach(n -> {
                    work.moveOut(component, n, s -> -down);
                    along.add(work.whole(component, n));
                }));
        double round = along.stream().mapToDouble(work.garment()::sewnMm).sum();
        double left = depth - down;
        boolean isFaced = told.is("edge", "faced");
        hems.forEach(j -> {
            work.allowance(j.id(), isFaced ? Math.min(left, GarmentNow.ALLOWANCE_MM) : left);
            work.sewn(j.id(), j.name(), round);
        });
        if (isFaced) {
            double seam = Math.min(left, GarmentNow.ALLOWANCE_MM);
            work.need(new ToCut(
                    told.id() + "-facing-" + end.id(),
                    "facing of the " + end.name(),
                    ToCut.strip(round, FACING_MM, "outer"),
                    Map.of("sewn", seam, "left", seam, "right", seam, "outer", LEAST_MM),
                    Map.of(),
                    ToCut.As.ONCE));
            work.say(
                    "A facing of %.0f mm × %.0f mm is sewn on with %.0f mm; where the end is curved cut it to the same curve.",
                    round + 2 * seam, FACING_MM + seam + LEAST_MM, seam);
        } else {
            work.say("%.0f mm of the hem are left to turn; it was %.0f mm deep.", left, depth);
        }
        boolean hasLining = !end.behind(work.garment(), before.ends()).isEmpty();
        if (hasLining) {
            work.say(
                    "What hangs behind it ends %.0f mm higher than before: let it down too, or sew it to the facing.",
                    down);
        }
    }
}
