package org.handdown.make;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.handdown.measure.Practice;
import org.handdown.measure.Wording;
import org.handdown.reuse.Losses;
import org.handdown.source.Fault;
import org.handdown.source.Source;
import org.handdown.source.graph.Join;
import org.handdown.unpick.JoinDecision;
import org.handdown.unpick.OpeningOrder;
import org.handdown.unpick.Stretches;
import org.handdown.unpick.Technique;
import org.handdown.unpick.UnpickPlan;

/** Steps from the whole source to panels on the table, the same whatever will be made of them. */
final class TakingApart {
    private TakingApart() {}

    static void addTo(StepList list, Source source, UnpickPlan plan) {
        wash(list);
        gateOpening(list, plan);
        List<Step.Need> opened = open(list, source, plan);
        press(list, source, opened);
    }

    /** A gate before whatever opening destroys; none where nothing is lost. */
    static void gateOpening(StepList list, UnpickPlan plan) {
        List<String> destroyed = Losses.of(plan, List.of(), List.of()).destroyed();
        if (!destroyed.isEmpty()) {
            list.gate(
                    "gate-open",
                    "Before the first stitch is opened",
                    destroyed,
                    5,
                    StepList.need("photograph", Reason.MEASURE));
        }
    }

    static void wash(StepList list) {
        list.add(
                "wash",
                "Wash and dry the source",
                "As hot as it will be washed later.",
                "Thrifted cloth: wash it before you work on it; damp or mouldy cloth outdoors with a mask.",
                10);
        list.add(
                "photograph",
                "Photograph and measure the source whole",
                "Front, back, inside; note what is worn.",
                "",
                10,
                StepList.need("wash", Reason.LAUNDERING));
    }

    /** One step a join, in the order they are opened. */
    static List<Step.Need> open(StepList list, Source source, UnpickPlan plan) {
        List<Step.Need> opened = new ArrayList<>();
        for (UnpickPlan.Outcome o : OpeningOrder.of(plan)) {
            String id = "open-" + o.join().id();
            boolean unpick = o.decision() == JoinDecision.UNPICK;
            Technique technique = Technique.of(o.join(), source.cloth(), o.decision());
            String how = plan.stretches(o.join().id())
                    .map(s -> inPart(list, s, o.join(), plan.practice()))
                    .orElseGet(() -> list.length(o.join().lengthMm()) + " long.");
            List<String> cautions = new ArrayList<>(technique.cautions());
            cautions.add(unpick && !o.join().isSeamless() ? StepList.UNPICKER : StepList.CUTTER);
            list.add(
                    id,
                    (o.join().isSeamless() ? "Cut along the " : unpick ? "Unpick the " : "Cut away the ")
                            + o.join().name(),
                    o.join().stitch().words() + ", " + how + " " + String.join(" ", technique.how()),
                    String.join(" ", cautions),
                    o.minutes(),
                    list.has("gate-open")
                            ? StepList.need("gate-open", Reason.RISK)
                            : StepList.need("photograph", Reason.MEASURE));
            opened.add(StepList.need(id, Reason.FLAT));
        }
        return opened;
    }

    private static String inPart(StepList list, Stretches stretches, Join join, Practice practice) {
        return Wording.fill(
                "only %s, opened %s in all; sew back %s over the old stitching at each end.",
                stretches.parts().stream()
                        .map(s -> Wording.fill("from %s to %s", list.length(s.fromMm()), list.length(s.toMm())))
                        .collect(Collectors.joining(" and ")),
                list.length(stretches.openedMm(join, practice)),
                list.restart());
    }

    private static void press(StepList list, Source source, List<Step.Need> opened) {
        List<Step.Need> flat = new ArrayList<>(opened);
        if (flat.isEmpty()) {
            flat.add(StepList.need("photograph", Reason.MEASURE));
        }
        list.add(
                "press",
                list.isIroned()
                        ? "Pick out threads and press the panels flat"
                        : "Pick out threads and lay the panels flat",
                (list.isIroned()
                                ? "Steam, brush the needle holes, press the old crease out as far as it goes: "
                                : "Brush the needle holes. ")
                        + list.pressing(),
                list.pressingCaution(),
                25,
                flat.toArray(Step.Need[]::new));
        if (list.isIroned()) {
            list.using(Tool.IRON);
        }
        removeFaults(list, source, StepList.need("press", Reason.FLAT));
        list.add(
                "mark",
                "Mark grain, pile, face and flaws on every panel",
                "Chalk an arrow down the pile, a cross on the wrong side, a ring round each flaw.",
                "",
                15,
                StepList.need("press", Reason.FLAT));
        list.add(
                "measure-panels",
                "Measure the panels by the tape and correct them here",
                "Then lay the pieces again if anything changed.",
                "",
                20,
                StepList.need("mark", Reason.MEASURE));
    }

    /** What can be taken out is taken out, whatever becomes of the source. */
    static void removeFaults(StepList list, Source source, Step.Need after) {
        List<Fault> faults = source.faults();
        for (int i = 0; i < faults.size(); i++) {
            if (faults.get(i).remedy() == Fault.Remedy.REMOVE) {
                list.add(
                        "fault-" + i,
                        "Take out: " + faults.get(i).what(),
                        faults.get(i).where()
                                + ". Look again when it is dry; if it stays, mark it as a flaw and hide it.",
                        "Try it on a hidden place first. Hot water and steam burn.",
                        15,
                        after);
            }
        }
    }
}
