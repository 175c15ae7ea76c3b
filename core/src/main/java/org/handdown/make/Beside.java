package org.handdown.make;

import java.util.ArrayList;
import java.util.List;
import org.handdown.cloth.Cloth;
import org.handdown.source.Source;
import org.handdown.unpick.UnpickPlan;

/**
 * What is worked on beside the project's own source.
 *
 * @param sources that are taken apart as well
 * @param unwashed cloth that lies flat and was not washed since it came
 * @param meetings what to heed where two cloths meet in a seam, a sentence each
 */
public record Beside(List<Apart> sources, List<Flat> unwashed, List<String> meetings) {
    public static final Beside NOTHING = new Beside(List.of(), List.of(), List.of());

    /** @param prefix begins the ids of its steps */
    public record Apart(String prefix, Source source, UnpickPlan plan) {}

    /** @param prefix begins the ids of its steps */
    public record Flat(String prefix, String name, Cloth cloth) {}

    public Beside {
        sources = List.copyOf(sources);
        unwashed = List.copyOf(unwashed);
        meetings = List.copyOf(meetings);
    }

    /** Adds what must be done with all of it before the first cut; returns what the cut waits for. */
    List<Step.Need> addTo(StepList list) {
        List<Step.Need> before = new ArrayList<>();
        for (Apart a : sources) {
            StepList its = list.beside(a.prefix, a.source.name(), a.source.cloth());
            TakingApart.addTo(its, a.source, a.plan);
            before.add(StepList.need(a.prefix + "measure-panels", Reason.RISK));
        }
        for (Flat f : unwashed) {
            list.beside(f.prefix, f.name, f.cloth)
                    .add(
                            "wash",
                            "Wash and dry the cloth",
                            "By itself, and as hot as the garment will be washed later: what shrinks must shrink now. Press it, then measure it again.",
                            "",
                            10);
            before.add(StepList.need(f.prefix + "wash", Reason.LAUNDERING));
        }
        return before;
    }
}
