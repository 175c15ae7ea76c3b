package org.handdown.reuse;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.handdown.measure.Wording;
import org.handdown.source.graph.Join;
import org.handdown.unpick.JoinDecision;
import org.handdown.unpick.UnpickPlan;

/** What a plan destroys, to be confirmed before the first stitch is opened; and what is left over for the stash. */
public record Losses(List<String> destroyed, List<Keeper> free) {
    public Losses {
        destroyed = List.copyOf(destroyed);
        free = List.copyOf(free);
    }

    /** @param uses keepers that live on in the new garment */
    public static Losses of(UnpickPlan plan, List<Keeper> keepers, List<Use> uses) {
        List<String> destroyed = new ArrayList<>();
        for (UnpickPlan.Outcome o : plan.outcomes()) {
            Join join = o.join();
            if (join.isSeamless() && o.decision() != JoinDecision.LEAVE) {
                destroyed.add(Wording.fill(
                        "Whole cloth: the %s is cut, and front and back are one no more along %.0f mm.",
                        join.name(), join.lengthMm()));
            } else if (join.finishedEdge() && o.decision() == JoinDecision.UNPICK) {
                destroyed.add(Wording.fill(
                        "%.0f mm of finished edge: the %s is opened; its old fold may show.",
                        join.lengthMm(), join.name()));
            } else if (join.finishedEdge() && o.decision() == JoinDecision.CUT_AWAY) {
                destroyed.add(
                        Wording.fill("%.0f mm of finished edge: the %s is cut off.", join.lengthMm(), join.name()));
            } else if (o.decision() == JoinDecision.CUT_AWAY && o.lostCm2() > 0) {
                destroyed.add(
                        Wording.fill("%.0f cm² of allowance along the %s, on both sides.", o.lostCm2(), join.name()));
            }
        }
        return new Losses(destroyed, free(keepers, uses));
    }

    /** What no want took, each thing once. */
    public static List<Keeper> free(List<Keeper> keepers, List<Use> uses) {
        Set<String> used = new HashSet<>();
        uses.forEach(u -> u.keepers().forEach(k -> used.add(k.id())));
        Set<String> gone = new HashSet<>();
        uses.forEach(u -> u.keepers().forEach(k -> gone.add(k.thing())));
        Set<String> parts = new HashSet<>();
        keepers.stream().filter(k -> k.edge().isEmpty()).forEach(k -> parts.add(k.thing()));
        // What is sewn to several edges is one thing: it goes into the stash once, as the part that it is.
        return keepers.stream()
                .filter(k -> !used.contains(k.id()) && !gone.contains(k.thing()))
                .filter(k -> k.edge().isEmpty() || !parts.contains(k.thing()))
                .toList();
    }
}
