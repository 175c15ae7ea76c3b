package org.handdown.make;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.handdown.cloth.Cloth;
import org.handdown.cloth.ClothSheet;
import org.handdown.fit.FitLayout;
import org.handdown.fit.Placed;
import org.handdown.lay.VariantId;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.Wording;
import org.handdown.pattern.Allowance;
import org.handdown.pattern.Design;
import org.handdown.pattern.Mark;
import org.handdown.pattern.Neckline;
import org.handdown.pattern.Piece;
import org.handdown.reuse.Use;
import org.jspecify.annotations.Nullable;

/** Steps for a garment whose pieces were entered by hand. Minutes are common practice, no source. */
public final class HandSteps {
    private static final double MINUTES_A_PIECE = 12;
    private static final double MINUTES_CUTTING_A_PIECE = 4;

    private HandSteps() {}

    /**
     * @param ground what it is cut from
     * @param layout null while nothing is laid; then the cutting step says so
     * @param uses keepers that live on
     * @param necklines that are cut into it
     * @param beside what is worked on beside the source
     */
    public static List<Step> of(
            Ground ground,
            Design design,
            @Nullable FitLayout layout,
            List<Use> uses,
            List<Neckline> necklines,
            Beside beside,
            LengthUnit unit) {
        Cloth cloth = ground.cloth();
        StepList list = new StepList(unit, cloth, ground.practice());
        List<Step.Need> before = ground.addTo(list, beside);
        int copies = design.pieces().stream().mapToInt(Piece::quantity).sum();
        List<String> checks = cutChecks(list, cloth, design, uses);
        checks.addAll(beside.meetings());
        list.gate("gate-cut", "Before the first cut", checks, 10, before.toArray(Step.Need[]::new));
        list.add(
                "cut",
                "Chalk out and cut",
                layout == null
                        ? "Lay the pieces first."
                        : Wording.fill(
                                "%d pieces from the chalk-out sheet, single layer, face up; the largest and the required first.",
                                layout.placements().size()),
                StepList.CUTTER,
                copies * MINUTES_CUTTING_A_PIECE,
                StepList.need("gate-cut", Reason.RISK));
        list.using(cloth.sheet().slippery() ? Tool.ROTARY_CUTTER : Tool.WEIGHTS);
        protect(list, cloth);
        prepare(list, cloth, design);
        necklines(list, necklines, cloth);
        List<Step.Need> flat = new ArrayList<>();
        flat.add(StepList.need("scrap", Reason.RISK));
        for (int i = 0; i < necklines.size(); i++) {
            flat.add(StepList.need("cut-neck-" + i, Reason.FLAT));
        }
        for (Use use : uses) {
            keep(list, use, flat);
        }
        list.add(
                "sew",
                "Join the pieces",
                "Work that needs flat cloth first, then shoulders or the long seams; baste, try on, sew, then trim. Press each seam before another crosses it.",
                StepList.NEEDLE,
                copies * MINUTES_A_PIECE,
                flat.toArray(Step.Need[]::new));
        list.using(tools(cloth, design));
        list.gate(
                "gate-trim",
                "Before trimming",
                List.of("Tried on, moved about in it, sat down in it.", "Both sides agree when folded in half."),
                10,
                StepList.need("sew", Reason.RISK));
        list.add(
                "finish",
                "Finish the edges that nothing old finishes",
                layout == null ? "" : finished(layout, uses),
                StepList.NEEDLE,
                40,
                StepList.need("gate-trim", Reason.RISK));
        list.using(Tool.OVERLOCKER, Tool.ZIGZAG);
        return list.ordered();
    }

    private static void prepare(StepList list, Cloth cloth, Design design) {
        list.add(
                "notch",
                "Transfer marks; mark every wrong side",
                marks(design),
                "",
                design.pieces().stream().mapToInt(Piece::quantity).sum(),
                StepList.need("cut", Reason.MARK));
        list.add(
                "scrap",
                "Try stitch, tension and buttonhole on a remnant with the same layers",
                String.join(" ", cloth.sheet().consequences()),
                StepList.NEEDLE,
                15,
                StepList.need("cut", Reason.MATERIAL));
    }

    private static List<String> cutChecks(StepList list, Cloth cloth, Design design, List<Use> uses) {
        List<String> checks = new ArrayList<>();
        checks.add("Every line that will be cut is a cut line: the allowances are drawn outside the stitch lines.");
        checks.add("Left and right are there as mirror images; the face lies up on all of them.");
        for (Use use : uses) {
            checks.add(Wording.fill(
                    "%s: %s.", use.want().name(), use.keepers().get(0).name()));
        }
        narrow(list, cloth, design, checks);
        checks.add("Something is left over to cut the piece that matters most once more.");
        checks.addAll(design.cautions());
        design.walks().stream()
                .filter(w -> !w.agrees())
                .forEach(w -> checks.add(Wording.fill("%s: %s.", w.seam().name(), w.sentence())));
        return checks;
    }

    /** Cloth that frays fast eats a narrow allowance before it is sewn: said before the cut, while it can still be drawn wider. */
    private static void narrow(StepList list, Cloth cloth, Design design, List<String> checks) {
        if (cloth.sheet().edge() != ClothSheet.CutEdge.FRAYS_FAST) {
            return;
        }
        for (Piece piece : design.pieces()) {
            piece.allowances().values().stream()
                    .mapToDouble(Allowance::mm)
                    .filter(mm -> mm > 0 && mm < ClothSheet.FRAYS_FAST_MM)
                    .min()
                    .ifPresent(mm -> checks.add(Wording.fill(
                            "It frays fast and wants %s of allowance: the %s has %s only. Draw it wider, or finish the edge at once.",
                            list.length(ClothSheet.FRAYS_FAST_MM), piece.name(), list.length(mm))));
        }
    }

    /** Edges that do not stay as cut are made safe before anything else is done with them. */
    private static void protect(StepList list, Cloth cloth) {
        String how = switch (cloth.sheet().edge()) {
            case FRAYS_FAST -> "Overcast or zigzag every edge right after cutting, before it is handled.";
            case LADDERS -> "A narrow zigzag or stretch stitch along every edge; never pull an open loop.";
            default -> "";
        };
        if (!how.isEmpty()) {
            list.add(
                    "protect",
                    "Make every cut edge safe",
                    how,
                    StepList.NEEDLE,
                    25,
                    StepList.need("cut", Reason.PROTECTION));
            list.using(Tool.OVERLOCKER, Tool.ZIGZAG);
        }
    }

    /** Marks that can still be made now only, and those that have time. */
    private static String marks(Design design) {
        Map<Mark.Deadline, Set<String>> until = new EnumMap<>(Mark.Deadline.class);
        design.pieces()
                .forEach(p -> p.marks().stream()
                        .filter(m -> m.kind() != Mark.Kind.LEVEL)
                        .forEach(m -> until.computeIfAbsent(m.kind().until(), u -> new TreeSet<>())
                                .add(Wording.fill("%s (%s)", m.kind().words(), p.name()))));
        StringBuilder all = new StringBuilder();
        until.forEach((deadline, marks) -> all.append(all.isEmpty() ? "" : " ")
                .append(deadline.words().substring(0, 1).toUpperCase(Locale.ROOT))
                .append(deadline.words().substring(1))
                .append(": ")
                .append(String.join(", ", marks))
                .append('.'));
        return all.toString();
    }

    private static Tool[] tools(Cloth cloth, Design design) {
        List<Tool> tools = new ArrayList<>(List.of(Tool.IRON, Tool.HELPER));
        if (cloth.sheet().stretchAcross() > 0.1) {
            tools.add(0, Tool.OVERLOCKER);
            tools.add(1, Tool.ZIGZAG);
        }
        if (cloth.thicknessMm() > 1.5) {
            tools.add(Tool.WALKING_FOOT);
            tools.add(Tool.CLIPS);
        }
        if (design.pieces().stream().anyMatch(p -> p.name().contains("sleeve"))) {
            tools.add(Tool.SLEEVES);
        }
        return tools.toArray(Tool[]::new);
    }

    /** Secured first and cut after, with a gate between: a neck can be cut lower, never higher. */
    private static void necklines(StepList list, List<Neckline> necklines, Cloth cloth) {
        boolean runs = cloth.sheet().edge() == ClothSheet.CutEdge.LADDERS;
        for (int i = 0; i < necklines.size(); i++) {
            Neckline neck = necklines.get(i);
            List<String> order = neck.order(runs);
            list.add(
                    "mark-neck-" + i,
                    "Chalk and secure the neckline: " + neck.name(),
                    String.join(" ", order.subList(0, order.size() - 1)),
                    StepList.NEEDLE,
                    25,
                    StepList.need("scrap", Reason.PROTECTION));
            List<String> checks = new ArrayList<>(neck.verdict());
            checks.add("Both sides are alike when folded at the centre front.");
            checks.add(
                    "Held before the body it shows no more than is wanted; it can be cut lower later, never higher.");
            list.gate(
                    "gate-neck-" + i,
                    "Before the neck is cut: " + neck.name(),
                    checks,
                    5,
                    StepList.need("mark-neck-" + i, Reason.RISK));
            list.add(
                    "cut-neck-" + i,
                    "Cut the neckline: " + neck.name(),
                    order.get(order.size() - 1),
                    StepList.CUTTER,
                    10,
                    StepList.need("gate-neck-" + i, Reason.RISK));
        }
    }

    private static String finished(FitLayout layout, List<Use> uses) {
        long kept = layout.placements().stream()
                .map(Placed::variant)
                .filter(v -> new VariantId(v).isKeeping())
                .count();
        return Wording.fill(
                "%d edges already lie on something finished; %d wants are served by keepers.", kept, uses.size());
    }

    private static void keep(StepList list, Use use, List<Step.Need> flat) {
        if (use.want().isEdge()) {
            return;
        }
        String id = "keep-" + use.want().id().replaceAll("[^a-z0-9]+", "-");
        list.add(
                id,
                Wording.fill(
                        "Make the %s from the %s",
                        use.want().name(), use.keepers().get(0).name()),
                String.join(" ", use.notes()),
                StepList.NEEDLE,
                Math.max(5, use.costMinutes()),
                StepList.need("cut", Reason.MATERIAL));
        flat.add(StepList.need(id, Reason.FLAT));
    }
}
