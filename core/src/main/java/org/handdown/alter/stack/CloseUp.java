package org.handdown.alter.stack;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.handdown.assembly.Assembly;
import org.handdown.assembly.Closure;
import org.handdown.assembly.Join;
import org.handdown.assembly.Meeting;
import org.handdown.assembly.Run;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/** A button row, a zip or another closing sewn shut for good: it opens no ring any more. */
final class CloseUp implements Altering {
    private static final double END_MM = 3;

    @Override
    public List<Ask> asks() {
        return List.of(
                Ask.closure("closure", "Which closing"),
                Ask.choice(
                        "how",
                        "How",
                        "topstitched",
                        "shut, topstitched through all of it",
                        "seam",
                        "its zip or buttons off, a seam in its place"));
    }

    @Override
    public Effect on(GarmentNow before, Told told) {
        Work work = new Work(before, told.id());
        String id = told.pick("closure");
        Assembly garment = before.assembly();
        Closure closure = garment.closures().stream()
                .filter(c -> c.id().equals(id))
                .findFirst()
                .orElseThrow();
        double mm =
                closure.meetings().stream().mapToDouble(m -> m.one().flatMm()).sum();
        work.put(new Assembly(
                garment.components(),
                garment.joins(),
                garment.folds(),
                garment.attachments(),
                garment.closures().stream().filter(c -> !c.id().equals(id)).toList()));
        loosen(work, closure);
        double under = closure.lapMm() / 2;
        if (under > 0) {
            fold(work, closure, under);
        }
        work.seamAgain(
                told.id() + "-closed",
                Wording.spoken(id) + ", sewn shut",
                closure.meetings().stream()
                        .map(m -> under > 0
                                ? Meeting.seam(
                                        work.whole(m.one().component(), m.one().edge()),
                                        work.whole(
                                                m.other().component(), m.other().edge()))
                                : m)
                        .toList());
        work.allowance(told.id() + "-closed", Math.max(under, before.usualAllowanceMm()));
        if (told.is("how", "seam")) {
            work.open(id, Wording.spoken(id) + ", taken out", mm);
            work.say("Put what comes off into the stash with its count and length: it can close something else.");
        } else {
            work.say("Shut as it is worn, pinned flat, and stitched through all layers over %.0f mm.", mm);
        }
        work.ask(
                "Tried on, shut with pins, as a thing that is pulled on: does it still pass? Nothing opens there afterwards.");
        return work.done();
    }

    /** Turned edges that are sewn into the seam now. */
    private static void loosen(Work work, Closure closure) {
        Set<String> joins = new LinkedHashSet<>();
        for (Join join : work.garment().joins()) {
            boolean isInIt = join.isTurned()
                    && join.meetings().stream()
                            .allMatch(t -> closure.meetings().stream()
                                    .flatMap(m -> m.runs().stream())
                                    .anyMatch(r -> r.overlaps(t.one())));
            if (isInIt) {
                joins.add(join.id());
            }
        }
        joins.forEach(work::without);
    }

    private static void fold(Work work, Closure closure, double under) {
        for (Meeting m : closure.meetings()) {
            for (Run run : m.runs()) {
                double edge = work.whole(run.component(), run.edge()).flatMm();
                if (run.fromMm() > END_MM || run.toMm() < edge - END_MM) {
                    throw new RefusedValueException(
                            "picks.closure",
                            "This closing laps over a part of its edge alone; sew it shut by hand and leave it here as it is.");
                }
                work.turnUnderAs(run.component(), run.edge(), under);
            }
        }
    }
}
