package org.handdown.make;

import java.util.List;
import org.handdown.cloth.Cloth;
import org.handdown.measure.Practice;
import org.jspecify.annotations.Nullable;

/**
 * What a garment is cut from.
 *
 * @param cloth its outer cloth, which says how edges are kept, what is pressed and how it is sewn
 * @param own what is taken apart for it first; null where all of its cloth lies flat already
 */
public record Ground(Cloth cloth, Practice practice, Beside.@Nullable Apart own) {
    /** Adds all that comes before the first cut; returns what the cut waits for. */
    List<Step.Need> addTo(StepList list, Beside beside) {
        if (own != null) {
            TakingApart.addTo(list.of(own.source().cloth()), own.source(), own.plan());
        }
        List<Step.Need> before = beside.addTo(list);
        if (own == null) {
            lyingFlat(list, before.toArray(Step.Need[]::new));
        }
        before.add(0, StepList.need("measure-panels", Reason.RISK));
        return before;
    }

    private void lyingFlat(StepList list, Step.Need... before) {
        list.add(
                "press",
                list.isIroned() ? "Press the cloth flat and true its ends" : "Lay the cloth flat and true its ends",
                "Pull it square, and cut the ends along a drawn thread or square to the selvedge. "
                        + (list.isIroned() ? "Iron: " : "")
                        + list.pressing(),
                list.pressingCaution(),
                10,
                before);
        if (list.isIroned()) {
            list.using(Tool.IRON);
        }
        list.add(
                "mark",
                "Mark grain, pile, face and flaws on every piece of cloth",
                "Chalk an arrow down the pile, a cross on the wrong side, a ring round each flaw.",
                "",
                10,
                StepList.need("press", Reason.FLAT));
        list.add(
                "measure-panels",
                "Measure every piece of cloth as it now lies",
                "Shorter or narrower than told? Correct it in the stash, bring it anew and lay again.",
                "",
                5,
                StepList.need("mark", Reason.MEASURE));
    }
}
