package org.handdown.make;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.handdown.cloth.Cloth;
import org.handdown.lay.DesignLay;
import org.handdown.lay.FitLayout;
import org.handdown.measure.Length;
import org.handdown.measure.LengthText;
import org.handdown.measure.LengthUnit;
import org.handdown.pattern.Design;
import org.handdown.unpick.JoinDecision;
import org.handdown.unpick.UnpickPlan;
import org.jspecify.annotations.Nullable;

/** Steps from trousers to dungarees, with the gates before what cannot be undone. Minutes are common practice, no source. */
public final class DungareesSteps {
    private static final String UNPICKER =
            "Unpicker: point away from cloth, eyes and fingers, in good light; change posture now and then.";
    private static final String CUTTER =
            "Shears or rotary cutter: close the blade when you put it down, cut away from the other hand.";
    private static final String NEEDLE =
            "Needles break on thick crossings: turn the wheel by hand there, protect your eyes, keep count of the pieces.";

    private final UnpickPlan plan;
    private final Cloth cloth;
    private final Design design;
    private final @Nullable FitLayout layout;
    private final LengthUnit unit;
    private final List<Step> steps = new ArrayList<>();

    private DungareesSteps(UnpickPlan plan, Cloth cloth, Design design, @Nullable FitLayout layout, LengthUnit unit) {
        this.unit = unit;
        this.plan = plan;
        this.cloth = cloth;
        this.design = design;
        this.layout = layout;
    }

    /** @param layout null while nothing is laid; then the cutting steps say so */
    public static List<Step> of(
            UnpickPlan plan, Cloth cloth, Design design, @Nullable FitLayout layout, LengthUnit unit) {
        return WorkOrder.of(new DungareesSteps(plan, cloth, design, layout, unit).all());
    }

    private String length(double mm) {
        return LengthText.format(Length.ofMm(mm), unit);
    }

    private static Step.Need need(String step, Reason reason) {
        return new Step.Need(step, reason);
    }

    private void add(String id, String title, String how, String caution, double minutes, Step.Need... needs) {
        steps.add(new Step(id, title, how, false, List.of(), caution, minutes, List.of(needs)));
    }

    private void gate(String id, String title, List<String> checks, double minutes, Step.Need... needs) {
        steps.add(new Step(id, title, "", true, checks, "", minutes, List.of(needs)));
    }

    private List<Step> all() {
        takeApart();
        cut();
        sewFlat();
        sewUp();
        return steps;
    }

    private void takeApart() {
        add(
                "wash",
                "Wash and dry the source",
                "As hot as it will be washed later.",
                "Thrifted cloth: wash it before you work on it; damp or mouldy cloth outdoors with a mask.",
                10);
        add(
                "photograph",
                "Photograph and measure the source whole",
                "Front, back, inside; note what is worn.",
                "",
                10,
                need("wash", Reason.LAUNDERING));
        List<Step.Need> opened = new ArrayList<>();
        for (UnpickPlan.Outcome o : plan.outcomes()) {
            if (o.decision() != JoinDecision.LEAVE) {
                String id = "open-" + o.join().id();
                boolean unpick = o.decision() == JoinDecision.UNPICK;
                add(
                        id,
                        (unpick ? "Unpick the " : "Cut away the ") + o.join().name(),
                        String.format(
                                Locale.ROOT,
                                "%s, %d row%s, %s. %s",
                                o.join().stitch().words(),
                                o.join().rows(),
                                o.join().rows() == 1 ? "" : "s",
                                length(o.join().lengthMm()),
                                unpick ? "Rows in reverse of sewing." : "Beside the stitches; the allowance is lost."),
                        unpick ? UNPICKER : CUTTER,
                        o.minutes(),
                        need("photograph", Reason.MEASURE));
                opened.add(need(id, Reason.FLAT));
            }
        }
        add(
                "press",
                "Pick out threads and press the panels flat",
                "Steam, brush the needle holes, press the old crease out as far as it goes: "
                        + cloth.heat().words() + ".",
                "Steam burns; an iron hotter than the cloth bears melts or polishes it. Never leave it on.",
                25,
                opened.toArray(Step.Need[]::new));
        add(
                "mark",
                "Mark grain, pile, face and flaws on every panel",
                "Chalk an arrow down the pile, a cross on the wrong side, a ring round each flaw.",
                "",
                15,
                need("press", Reason.FLAT));
        add(
                "measure-panels",
                "Measure the panels by the tape and correct them here",
                "Then lay the pieces again if anything changed.",
                "",
                20,
                need("mark", Reason.MEASURE));
    }

    private void cut() {
        List<String> checks = new ArrayList<>();
        for (Design.FinishedSize size : design.sizes()) {
            checks.add("%s: %s finished, body %s"
                    .formatted(size.what(), length(size.finishedMm()), length(size.bodyMm())));
        }
        checks.add("Every seam agrees along its stitch lines: see Pieces.");
        checks.add("Left and right are there as mirror images, the pile runs down on all of them.");
        checks.add("Cloth is left over to cut one more front leg: if not, measure everything a second time.");
        gate("gate-cut", "Before the first cut", checks, 10, need("measure-panels", Reason.RISK));
        FitLayout lay = layout;
        add(
                "cut",
                "Chalk out and cut",
                lay == null
                        ? "Lay the pieces first."
                        : "%d pieces from the chalk-out sheet, single layer, face up; the largest and the required first."
                                .formatted(lay.placements().size()),
                CUTTER,
                60,
                need("gate-cut", Reason.RISK));
        add(
                "notch",
                "Transfer notches, knee lines and centres; mark every wrong side",
                "",
                "",
                15,
                need("cut", Reason.MARK));
        add(
                "scrap",
                "Try stitch length, tension and topstitching on a remnant of two layers",
                "",
                NEEDLE,
                10,
                need("cut", Reason.MATERIAL));
    }

    private void sewFlat() {
        add(
                "patches",
                "Press and sew the knee patches to the front legs",
                "They cover the worn knees; sew while the leg is flat.",
                NEEDLE,
                30,
                need("notch", Reason.FLAT),
                need("scrap", Reason.RISK));
        if (design.pieces().stream().anyMatch(p -> p.id().equals("bib-pocket"))) {
            add(
                    "pocket",
                    "Hem the pocket's mouth and sew the pocket to the bib",
                    "",
                    NEEDLE,
                    20,
                    need("notch", Reason.FLAT),
                    need("scrap", Reason.RISK));
        }
        add(
                "straps",
                "Fold, sew and turn the straps",
                "Right sides together, turn through, topstitch both edges.",
                NEEDLE,
                30,
                need("scrap", Reason.RISK));
        add(
                "bibs",
                "Turn the bib sides, then sew facings to the tops with the back straps between",
                "",
                NEEDLE,
                35,
                need("straps", Reason.ACCESS),
                need("notch", Reason.MARK));
    }

    private void sewUp() {
        add(
                "centre-seams",
                "Sew the front crotch seam and the back crotch seam",
                "Twice along the curve: it carries the strain.",
                NEEDLE,
                20,
                need("patches", Reason.FLAT));
        add(
                "bibs-on",
                "Sew bib and back bib to the waists",
                "Match the centres; the bib ends at the notch.",
                NEEDLE,
                25,
                need("bibs", Reason.FLAT),
                need("centre-seams", Reason.SHAPE));
        add("baste", "Baste side seams and inseams", "", "", 25, need("bibs-on", Reason.ACCESS));
        gate(
                "gate-fit",
                "Try on before anything is trimmed",
                List.of(
                        "Walk, sit, squat, reach up: does it pull at the crotch or the straps?",
                        "Length at the floor, left and right alike.",
                        "Does it go on over the hips without a struggle?"),
                15,
                need("baste", Reason.RISK));
        add("side-seams", "Sew side seams and inseams, overcast them", "", NEEDLE, 40, need("gate-fit", Reason.RISK));
        add("side-facings", "Face the side waists", "", NEEDLE, 25, need("side-seams", Reason.SHAPE));
        boolean kept = layout != null
                && layout.placements().stream().anyMatch(p -> p.variant().equals(DesignLay.keeping("hem")));
        add(
                "hem",
                kept ? "Close the kept hems at the seams, hem the other legs" : "Hem the legs",
                kept
                        ? "The old hem runs through; tack the cut ends and turn the new hems to the same depth."
                        : "Turn twice.",
                NEEDLE,
                25,
                need("side-seams", Reason.SHAPE));
        gate(
                "gate-buttonholes",
                "Before the buttonholes are opened",
                List.of(
                        "Strap length tried on, with growth left over.",
                        "One sample hole with the same layers.",
                        "Buttons pulled hard: small parts come off. Under three years use other closures; local rules decide."),
                10,
                need("hem", Reason.MEASURE),
                need("side-facings", Reason.SHAPE));
        add(
                "buttonholes",
                "Work the buttonholes, then sew on the buttons",
                "",
                "Stop the opening cut with a pin across each end.",
                25,
                need("gate-buttonholes", Reason.RISK));
        add(
                "inspect",
                "Look it over and press",
                "Thread ends, marks, level hems, both sides alike.",
                "",
                15,
                need("buttonholes", Reason.SHAPE));
    }
}
