package org.handdown.unpick;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.handdown.assembly.Layer;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.Join;

/**
 * In which order joins are opened: the hand-closed way in first, then the lining, then what lies on top of other things (pockets and
 * topstitching), then the seams in reverse of sewing, hems and bands last sewn first opened among them.
 */
public final class OpeningOrder {
    /** A sitting that nobody can call short or endless. */
    private static final double SHORTEST_MINUTES = 5;

    private static final double LONGEST_MINUTES = 240;

    private OpeningOrder() {}

    /**
     * Work between two rests.
     *
     * @param outcomes joins opened in it; a join longer than a whole sitting has one of its own
     * @param safeEnd how to leave it lying
     */
    public record Sitting(List<UnpickPlan.Outcome> outcomes, double minutes, String safeEnd) {}

    /** The joins that the plan opens, in order. */
    public static List<UnpickPlan.Outcome> of(UnpickPlan plan) {
        return plan.outcomes().stream()
                .filter(o -> o.decision() != JoinDecision.LEAVE)
                .sorted(Comparator.comparingInt((UnpickPlan.Outcome o) -> access(plan.anatomy(), o.join()))
                        .thenComparing(Comparator.comparingInt(
                                        (UnpickPlan.Outcome o) -> o.join().sewn())
                                .reversed()))
                .toList();
    }

    private static int access(Anatomy anatomy, Join join) {
        if (join.traits().contains(Join.Trait.CLOSED_BY_HAND)) {
            return 0;
        }
        boolean lining = join.runs().stream()
                .map(r -> anatomy.part(r.part()))
                .anyMatch(p -> p.isMain() && p.layer() == Layer.LINING);
        if (lining) {
            return 1;
        }
        boolean ontoPart =
                join.runs().stream().anyMatch(r -> !anatomy.part(r.part()).isBody());
        return ontoPart ? 2 : 3;
    }

    /**
     * Splits the work into sittings.
     *
     * @param minutes length of one, from 5 to 240
     * @throws RefusedValueException for any other length
     */
    public static List<Sitting> sittings(List<UnpickPlan.Outcome> order, double minutes) {
        if (!(minutes >= SHORTEST_MINUTES && minutes <= LONGEST_MINUTES)) {
            throw new RefusedValueException("sitting", "A sitting lasts from 5 to 240 minutes.");
        }
        List<Sitting> sittings = new ArrayList<>();
        List<UnpickPlan.Outcome> now = new ArrayList<>();
        double spent = 0;
        for (UnpickPlan.Outcome outcome : order) {
            if (!now.isEmpty() && spent + outcome.minutes() > minutes) {
                sittings.add(sitting(now, spent, minutes));
                now = new ArrayList<>();
                spent = 0;
            }
            now.add(outcome);
            spent += outcome.minutes();
        }
        if (!now.isEmpty()) {
            sittings.add(sitting(now, spent, minutes));
        }
        return sittings;
    }

    private static Sitting sitting(List<UnpickPlan.Outcome> now, double spent, double minutes) {
        Join last = now.get(now.size() - 1).join();
        String end = spent > minutes
                ? Wording.fill(
                        "Longer than one sitting: stop where you like, but pin across the open end of the %s so that it does not run.",
                        last.name())
                : Wording.fill("Stop when the %s is open from end to end; no row is left half out.", last.name());
        return new Sitting(List.copyOf(now), spent, end);
    }
}
