package org.handdown.make;

import java.util.ArrayList;
import java.util.List;
import org.handdown.fit.FitLayout;
import org.handdown.lay.VariantId;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.Wording;
import org.handdown.pattern.Design;
import org.handdown.pattern.EdgeWish;
import org.handdown.pattern.Role;
import org.handdown.pattern.Size;
import org.handdown.source.Source;
import org.handdown.unpick.UnpickPlan;
import org.jspecify.annotations.Nullable;

/** Steps from trousers to dungarees, with the gates before what cannot be undone. Minutes are common practice, no source. */
public final class DungareesSteps {
    private final Design design;
    private final @Nullable FitLayout layout;
    private final StepList list;

    private DungareesSteps(Source source, UnpickPlan plan, Design design, @Nullable FitLayout layout, LengthUnit unit) {
        this.design = design;
        this.layout = layout;
        this.list = new StepList(unit, source.cloth(), plan.practice());
    }

    /** @param layout null while nothing is laid; then the cutting steps say so; @param beside what is worked on beside the source */
    public static List<Step> of(
            Source source, UnpickPlan plan, Design design, @Nullable FitLayout layout, Beside beside, LengthUnit unit) {
        DungareesSteps steps = new DungareesSteps(source, plan, design, layout, unit);
        TakingApart.addTo(steps.list, source, plan);
        return steps.all(beside);
    }

    private void add(String id, String title, String how, String caution, double minutes, Step.Need... needs) {
        list.add(id, title, how, caution, minutes, needs);
    }

    private void gate(String id, String title, List<String> checks, double minutes, Step.Need... needs) {
        list.gate(id, title, checks, minutes, needs);
    }

    private String length(double mm) {
        return list.length(mm);
    }

    private List<Step> all(Beside beside) {
        cut(beside);
        sewFlat();
        sewUp();
        return list.ordered();
    }

    private void cut(Beside beside) {
        List<Step.Need> before = beside.addTo(list);
        before.add(0, StepList.need("measure-panels", Reason.RISK));
        List<String> checks = new ArrayList<>();
        for (Size.Finished size : design.sizes()) {
            checks.add(Wording.fill(
                    "%s: %s finished, body %s", size.what(), length(size.finishedMm()), length(size.bodyMm())));
        }
        checks.add("Every seam agrees along its stitch lines: see Pieces.");
        checks.add("Left and right are there as mirror images, the pile runs down on all of them.");
        checks.add("Cloth is left over to cut one more front leg: if not, measure everything a second time.");
        checks.addAll(beside.meetings());
        gate("gate-cut", "Before the first cut", checks, 10, before.toArray(Step.Need[]::new));
        FitLayout lay = layout;
        add(
                "cut",
                "Chalk out and cut",
                lay == null
                        ? "Lay the pieces first."
                        : Wording.fill(
                                "%d pieces from the chalk-out sheet, single layer, face up; the largest and the required first.",
                                lay.placements().size()),
                StepList.CUTTER,
                60,
                StepList.need("gate-cut", Reason.RISK));
        list.using(Tool.WEIGHTS);
        add(
                "notch",
                "Transfer notches, knee lines and centres; mark every wrong side",
                "",
                "",
                15,
                StepList.need("cut", Reason.MARK));
        add(
                "scrap",
                "Try stitch length, tension and topstitching on a remnant of two layers",
                "",
                StepList.NEEDLE,
                10,
                StepList.need("cut", Reason.MATERIAL));
    }

    private void sewFlat() {
        add(
                "patches",
                "Press and sew the knee patches to the front legs",
                "They cover the worn knees; sew while the leg is flat.",
                StepList.NEEDLE,
                30,
                StepList.need("notch", Reason.FLAT),
                StepList.need("scrap", Reason.RISK));
        if (design.pieces().stream().anyMatch(p -> p.id().equals("bib-pocket"))) {
            add(
                    "pocket",
                    "Hem the pocket's mouth and sew the pocket to the bib",
                    "",
                    StepList.NEEDLE,
                    20,
                    StepList.need("notch", Reason.FLAT),
                    StepList.need("scrap", Reason.RISK));
        }
        add(
                "straps",
                "Fold, sew and turn the straps",
                "Right sides together, turn through, topstitch both edges.",
                StepList.NEEDLE,
                30,
                StepList.need("scrap", Reason.RISK));
        add(
                "bibs",
                "Turn the bib sides, then sew facings to the tops with the back straps between",
                "",
                StepList.NEEDLE,
                35,
                StepList.need("straps", Reason.ACCESS),
                StepList.need("notch", Reason.MARK));
    }

    private void sewUp() {
        add(
                "centre-seams",
                "Sew the front crotch seam and the back crotch seam",
                "Twice along the curve: it carries the strain.",
                StepList.NEEDLE,
                20,
                StepList.need("patches", Reason.FLAT));
        add(
                "bibs-on",
                "Sew bib and back bib to the waists",
                "Match the centres; the bib ends at the notch.",
                StepList.NEEDLE,
                25,
                StepList.need("bibs", Reason.FLAT),
                StepList.need("centre-seams", Reason.SHAPE));
        add("baste", "Baste side seams and inseams", "", "", 25, StepList.need("bibs-on", Reason.ACCESS));
        list.using(Tool.HELPER);
        gate(
                "gate-fit",
                "Try on before anything is trimmed",
                List.of(
                        "Walk, sit, squat, reach up: does it pull at the crotch or the straps?",
                        "Length at the floor, left and right alike.",
                        "Does it go on over the hips without a struggle?"),
                15,
                StepList.need("baste", Reason.RISK));
        sides();
        hems();
        buttonholes();
        add(
                "inspect",
                "Look it over and press",
                "Thread ends, marks, level hems, both sides alike.",
                "",
                15,
                StepList.need("buttonholes", Reason.SHAPE));
    }

    private void buttonholes() {
        gate(
                "gate-buttonholes",
                "Before the buttonholes are opened",
                List.of(
                        "Strap length tried on, with growth left over.",
                        "One sample hole with the same layers.",
                        "Buttons pulled hard: small parts come off. Under three years use other closures; local rules decide."),
                10,
                StepList.need("hem", Reason.MEASURE),
                StepList.need("side-facings", Reason.SHAPE));
        add(
                "buttonholes",
                "Work the buttonholes, then sew on the buttons",
                "",
                "Stop the opening cut with a pin across each end.",
                25,
                StepList.need("gate-buttonholes", Reason.RISK));
        list.using(Tool.BUTTONHOLES);
    }

    private void hems() {
        boolean kept = layout != null
                && layout.placements().stream()
                        .anyMatch(p -> p.variant()
                                .equals(VariantId.keeping("hem", EdgeWish.of(Role.HEM))
                                        .text()));
        add(
                "hem",
                kept ? "Close the kept hems at the seams, hem the other legs" : "Hem the legs",
                kept
                        ? "The old hem runs through; tack the cut ends and turn the new hems to the same depth."
                        : "Turn twice.",
                StepList.NEEDLE,
                25,
                StepList.need("side-seams", Reason.SHAPE));
        list.using(Tool.FREE_ARM, Tool.IRON);
    }

    private void sides() {
        add(
                "side-seams",
                "Sew side seams and inseams, overcast them",
                "",
                StepList.NEEDLE,
                40,
                StepList.need("gate-fit", Reason.RISK));
        list.using(Tool.OVERLOCKER, Tool.ZIGZAG);
        add("side-facings", "Face the side waists", "", StepList.NEEDLE, 25, StepList.need("side-seams", Reason.SHAPE));
    }
}
