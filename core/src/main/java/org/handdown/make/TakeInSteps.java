package org.handdown.make;

import java.util.ArrayList;
import java.util.List;
import org.handdown.alter.TakeIn;
import org.handdown.cloth.ClothSheet;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.Wording;
import org.handdown.source.Source;
import org.handdown.unpick.UnpickPlan;

/** Steps for taking a source in and shortening it: pinned, sewn, tried on, and only then trimmed. Minutes are common practice, no source. */
public final class TakeInSteps {
    private TakeInSteps() {}

    public static List<Step> of(Source source, UnpickPlan plan, TakeIn takeIn, LengthUnit unit) {
        StepList list = new StepList(unit, source.cloth(), plan.practice());
        TakingApart.wash(list);
        list.add(
                "pin",
                "Put it on inside out and pin it",
                list.pinning("Safety pins, in the cloth and never in a rib; leave them in when it comes off.")
                        + " Measure every pinch on the table again, at each station.",
                "",
                15,
                StepList.need("photograph", Reason.MEASURE));
        list.using(Tool.HELPER, Tool.FORM);
        TakingApart.removeFaults(list, source, StepList.need("photograph", Reason.LAUNDERING));
        TakingApart.gateOpening(list, plan);
        List<Step.Need> opened = TakingApart.open(list, source, plan);
        opened.add(StepList.need("pin", Reason.MEASURE));
        List<TakeIn.Change> changes = takeIn.changes();
        List<Step.Need> marked = mark(list, changes, opened);
        list.add(
                "baste",
                "Baste along the new lines; the old seams stay",
                "Longest stitch, thread that shows.",
                StepList.NEEDLE,
                20,
                marked.toArray(Step.Need[]::new));
        list.gate(
                "gate-trim",
                "Before anything is trimmed",
                checks(list, changes),
                10,
                StepList.need("baste", Reason.RISK));
        list.add(
                "sew",
                "Sew along the basting" + sewing(list, changes),
                "",
                StepList.NEEDLE,
                30,
                StepList.need("gate-trim", Reason.RISK));
        list.using(source.cloth().sheet().stretchAcross() > 0.1 ? Tool.OVERLOCKER : Tool.ZIGZAG);
        trim(list, source);
        return list.ordered();
    }

    private static void trim(StepList list, Source source) {
        boolean runs = source.cloth().sheet().edge() == ClothSheet.CutEdge.LADDERS;
        if (runs) {
            list.add(
                    "secure",
                    "Secure the knit beside every line that will be cut",
                    "A narrow zigzag or two rows of stretch stitch, on what stays, before a thread of it is cut.",
                    StepList.NEEDLE,
                    15,
                    StepList.need("sew", Reason.PROTECTION));
        }
        list.add(
                "trim",
                "Trim the allowances, finish their edges and press",
                list.pressing(),
                (StepList.CUTTER + " " + list.pressingCaution()).strip(),
                25,
                StepList.need(runs ? "secure" : "sew", runs ? Reason.PROTECTION : Reason.RISK));
        list.using(list.isIroned() ? new Tool[] {Tool.IRON, Tool.FREE_ARM} : new Tool[] {Tool.FREE_ARM});
    }

    private static List<Step.Need> mark(StepList list, List<TakeIn.Change> changes, List<Step.Need> opened) {
        List<Step.Need> marked = new ArrayList<>();
        for (int i = 0; i < changes.size(); i++) {
            list.add(
                    "mark-" + i,
                    "Chalk the new line: " + changes.get(i).name(),
                    line(changes.get(i)),
                    "",
                    8,
                    opened.toArray(Step.Need[]::new));
            marked.add(StepList.need("mark-" + i, Reason.MARK));
            if (!changes.get(i).partner().isEmpty()) {
                list.add(
                        "copy-" + i,
                        "Copy it to the " + changes.get(i).partner(),
                        "Lay both on each other, right sides together, and prick the line through; do not pin the other side anew.",
                        "",
                        5,
                        StepList.need("mark-" + i, Reason.MEASURE));
                marked.add(StepList.need("copy-" + i, Reason.MARK));
            }
        }
        return marked;
    }

    /** Only where a seam is moved is there an old one to sew over and to undo. */
    private static String sewing(StepList list, List<TakeIn.Change> changes) {
        boolean seams = changes.stream().anyMatch(c -> c.reading().kind() == TakeIn.Kind.SEAM);
        return seams
                ? Wording.fill(", %s over the old stitching at each end; then undo the old seam", list.restart())
                : "";
    }

    private static String line(TakeIn.Change change) {
        List<String> all = new ArrayList<>();
        for (TakeIn.Level level : change.levels()) {
            all.add(
                    change.reading().kind() == TakeIn.Kind.SEAM
                            ? Wording.fill(
                                    "At %.0f mm along: %.0f mm inside the old line; girth %.0f mm, then %.0f mm.",
                                    level.atMm(), level.inMm(), level.beforeMm(), level.afterMm())
                            : Wording.fill("%.0f mm at this place.", level.inMm()));
        }
        all.addAll(change.notes());
        return String.join(" ", all);
    }

    private static List<String> checks(StepList list, List<TakeIn.Change> changes) {
        List<String> checks = new ArrayList<>();
        checks.add("Tried on right side out: walked, sat, bent, arms up; it goes on and comes off.");
        checks.add("Left and right agree when folded in half, or differ on purpose.");
        for (TakeIn.Change change : changes) {
            if (change.shorterMm() > 0) {
                checks.add(Wording.fill(
                        "%s: %s shorter; held against what is worn with it.",
                        change.name(), list.length(change.shorterMm())));
            }
        }
        checks.add("What is cut off now cannot be let out again.");
        return checks;
    }
}
