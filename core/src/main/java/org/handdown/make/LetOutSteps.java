package org.handdown.make;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.handdown.alter.LetOut;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.Wording;
import org.handdown.pattern.InsertDraft;
import org.handdown.source.Source;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.Fold;
import org.handdown.source.graph.Part;
import org.handdown.unpick.UnpickPlan;

/** Steps for letting a source out and down. Minutes are common practice, no source. */
public final class LetOutSteps {
    private LetOutSteps() {}

    /** @param inserts let in where nothing more is hidden */
    public static List<Step> of(
            Source source, UnpickPlan plan, LetOut letOut, Optional<InsertDraft> inserts, LengthUnit unit) {
        StepList list = new StepList(unit, source.cloth(), plan.practice());
        TakingApart.wash(list);
        gateOpening(list, letOut);
        TakingApart.removeFaults(list, source, StepList.need("photograph", Reason.LAUNDERING));
        pressOut(list, source, plan);
        List<Step.Need> folded = refold(list, plan.anatomy(), letOut, inserts);
        sewBack(list, letOut, folded);
        return list.ordered();
    }

    private static void sewBack(StepList list, LetOut letOut, List<Step.Need> folded) {
        list.add(
                "baste",
                "Baste and try on",
                "Quarter marks first: both edges of the seam must meet at each.",
                "",
                20,
                folded.toArray(Step.Need[]::new));
        list.using(Tool.FORM, Tool.HELPER);
        list.gate(
                "gate-sew",
                "Before sewing",
                List.of("It closes and sits; the folds fall straight.", "Front and back are even."),
                5,
                StepList.need("baste", Reason.RISK));
        list.add(
                "sew",
                Wording.fill("Sew back, %s over the old stitching at each end", list.restart()),
                "",
                StepList.NEEDLE,
                40,
                StepList.need("gate-sew", Reason.RISK));
        if (letOut.hem().gainMm() > 0) {
            list.add(
                    "hem",
                    "Let the hem down and finish it anew",
                    Wording.fill(
                            "%s longer. Hem last, after it has hung.",
                            list.length(letOut.hem().gainMm())),
                    list.pressingCaution(),
                    35,
                    StepList.need("sew", Reason.SHAPE));
            list.using(list.isIroned() ? new Tool[] {Tool.FREE_ARM, Tool.IRON} : new Tool[] {Tool.FREE_ARM});
        }
    }

    /** Folds folded anew, bands lengthened, inserts cut: what comes before basting. */
    private static List<Step.Need> refold(
            StepList list, Anatomy anatomy, LetOut letOut, Optional<InsertDraft> inserts) {
        List<Step.Need> folded = new ArrayList<>();
        folded.add(StepList.need("press-out", Reason.SHAPE));
        for (LetOut.Refold refold : letOut.refolds()) {
            if (refold.newDepthMm() < refold.oldDepthMm()) {
                String id = "fold-" + refold.fold().id();
                list.add(
                        id,
                        title(refold, anatomy),
                        refold.newDepthMm() == 0
                                ? ""
                                : Wording.fill(
                                        "%d, each %s deep instead of %s, about their old middles; the edge then measures %s.",
                                        refold.fold().count(),
                                        list.length(refold.newDepthMm()),
                                        list.length(refold.oldDepthMm()),
                                        list.length(refold.foldedMm())),
                        "",
                        4.0 * refold.fold().count(),
                        StepList.need("press-out", Reason.SHAPE));
                folded.add(StepList.need(id, Reason.SHAPE));
            }
        }
        letOut.bands().forEach((band, mm) -> {
            list.add(
                    "band-" + band,
                    Wording.fill("Lengthen the %s by %s", Wording.spoken(band), list.length(mm)),
                    "An insert at a side seam, of the same cloth if any is left, or a new band.",
                    StepList.CUTTER,
                    25,
                    StepList.need("press-out", Reason.MATERIAL));
            folded.add(StepList.need("band-" + band, Reason.MATERIAL));
        });
        inserts.ifPresent(draft -> {
            list.add(
                    "cut-inserts",
                    "Cut the inserts, and baste them into the opened seams",
                    String.join(" ", draft.notes()),
                    StepList.CUTTER,
                    45,
                    StepList.need("press-out", Reason.MEASURE));
            list.using(Tool.WEIGHTS);
            folded.add(StepList.need("cut-inserts", Reason.MATERIAL));
        });
        return folded;
    }

    private static void pressOut(StepList list, Source source, UnpickPlan plan) {
        List<Step.Need> opened = TakingApart.open(list, source, plan);
        opened.add(StepList.need("gate-open", Reason.RISK));
        list.add(
                "press-out",
                list.isIroned()
                        ? "Press the old creases out before anything is folded again"
                        : "Let the old creases hang out before anything is folded again",
                list.pressing() + (list.isIroned() ? " Steam, and a damp cloth between." : ""),
                list.pressingCaution(),
                20,
                opened.toArray(Step.Need[]::new));
        if (list.isIroned()) {
            list.using(Tool.IRON);
        }
    }

    private static void gateOpening(StepList list, LetOut letOut) {
        List<String> checks = new ArrayList<>();
        checks.add(
                list.isIroned()
                        ? "Old creases and stitch lines can be seen to show or not: steam one on a hidden place first."
                        : "Old creases and stitch lines can be seen to show or not: look at one in daylight, worn, after a night on a hanger.");
        letOut.sides()
                .forEach(s -> checks.add(Wording.fill(
                        "%s: %s wanted, %s found.",
                        s.name(), list.length(s.gainMm() + s.missingMm()), list.length(s.gainMm()))));
        checks.add("What is let out above a seam is let out below it at the same place, left and right alike.");
        list.gate(
                "gate-open",
                "Before the first stitch is opened",
                checks,
                10,
                StepList.need("photograph", Reason.MEASURE));
    }

    /** “Let out the darts of the left back”, “Fold the pleats of the front again”. */
    private static String title(LetOut.Refold refold, Anatomy anatomy) {
        Fold fold = refold.fold();
        String part = anatomy.findPart(fold.part()).map(Part::name).orElse(Wording.spoken(fold.part()));
        String folds = fold.kind().words() + (fold.count() == 1 ? "" : "s");
        return refold.newDepthMm() == 0
                ? Wording.fill("Let out the %s of the %s", folds, part)
                : Wording.fill("Fold the %s of the %s again", folds, part);
    }
}
