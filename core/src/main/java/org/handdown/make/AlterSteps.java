package org.handdown.make;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.handdown.alter.stack.Alteration;
import org.handdown.alter.stack.AlterationStack;
import org.handdown.alter.stack.Effect;
import org.handdown.alter.stack.ToCut;
import org.handdown.assembly.Component;
import org.handdown.cloth.ClothSheet;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.Wording;
import org.handdown.source.Source;
import org.handdown.unpick.UnpickPlan;

/**
 * Steps for the alterations of a garment that stays sewn, one alteration after the other as they are told: opened, chalked, tried on, cut, sewn,
 * finished. Minutes are common practice, no source.
 */
public final class AlterSteps {
    private static final double SEWN_MINUTES_A_METRE = 12;
    private static final double CUT_MINUTES_A_METRE = 4;
    private static final double UNPICKED_MINUTES_A_METRE = 20;

    private final StepList list;
    private final Source source;
    private Step.Need last = StepList.need("photograph", Reason.MEASURE);

    private AlterSteps(StepList list, Source source) {
        this.list = list;
        this.source = source;
    }

    /** Those that cannot be made have no steps; before the first one is told the garment is made ready for it. */
    public static List<Step> of(Source source, UnpickPlan plan, AlterationStack stack, LengthUnit unit) {
        StepList list = new StepList(unit, source.cloth(), plan.practice());
        TakingApart.wash(list);
        TakingApart.removeFaults(list, source, StepList.need("photograph", Reason.LAUNDERING));
        AlterSteps steps = new AlterSteps(list, source);
        stack.steps().forEach(s -> {
            if (s.effect() != null) {
                steps.add(s, s.effect());
            }
        });
        if (stack.steps().stream().anyMatch(s -> s.effect() != null)) {
            list.add(
                    "finish",
                    "Press it, thread ends in, worn for an hour",
                    list.pressing(),
                    list.pressingCaution(),
                    20,
                    steps.last);
        }
        return list.ordered();
    }

    private void add(AlterationStack.Step step, Effect effect) {
        Alteration alteration = step.alteration();
        String id = alteration.id();
        String what = alteration.kind().words();
        chalk(id, what, step, effect);
        if (!effect.opens().isEmpty()) {
            double mm = effect.opens().stream().mapToDouble(Effect.Opened::mm).sum();
            String opened = effect.opens().stream()
                    .map(o -> o.mm() > 0 ? Wording.fill("%s, %.0f mm", o.name(), o.mm()) : o.name())
                    .collect(Collectors.joining("; "));
            next(
                    id + "-open",
                    "Open what is in the way: " + what,
                    opened + ".",
                    StepList.UNPICKER,
                    Math.max(3, mm / 1000 * UNPICKED_MINUTES_A_METRE),
                    Reason.ACCESS);
        }
        cut(id, what, step, effect);
        for (ToCut piece : effect.adds()) {
            next(
                    id + "-cut-" + piece.id(),
                    "Cut out: " + piece.name(),
                    "As it is laid, seams and hems counted; without a lay: " + String.join(" ", effect.says()),
                    StepList.CUTTER,
                    15,
                    Reason.MEASURE);
        }
        sew(id, what, effect);
    }

    private void chalk(String id, String what, AlterationStack.Step step, Effect effect) {
        List<String> how = new ArrayList<>(effect.says());
        Map<String, List<Effect.CutLine>> byPart =
                effect.cuts().stream().collect(Collectors.groupingBy(Effect.CutLine::component));
        byPart.keySet().stream().sorted().forEach(part -> {
            String name = Stream.of(effect.after(), step.before())
                    .flatMap(g -> g.assembly().components().stream())
                    .filter(c -> c.id().equals(part))
                    .findFirst()
                    .map(Component::name)
                    .orElse(Wording.spoken(part));
            String lines = Objects.requireNonNull(byPart.get(part)).stream()
                    .map(l -> Wording.fill(l.folded() ? "a fold of %.0f mm" : "a cut of %.0f mm", l.mm()))
                    .distinct()
                    .collect(Collectors.joining(", "));
            how.add(Wording.fill("%s: %s.", name, lines));
        });
        next(id + "-chalk", "Measure and chalk: " + what, String.join(" ", how), "", 10, Reason.MARK);
    }

    private void cut(String id, String what, AlterationStack.Step step, Effect effect) {
        double mm = effect.cuts().stream()
                .filter(c -> !c.folded())
                .mapToDouble(Effect.CutLine::mm)
                .sum();
        if (mm == 0) {
            if (!effect.asks().isEmpty()) {
                gate(id, what, step, effect);
            }
            return;
        }
        if (source.cloth().sheet().edge() == ClothSheet.CutEdge.LADDERS) {
            next(
                    id + "-secure",
                    "Secure the knit beside every line: " + what,
                    "Two rows of stretch stitch on what stays, before a thread of it is cut.",
                    StepList.NEEDLE,
                    15,
                    Reason.PROTECTION);
        }
        gate(id, what, step, effect);
        String off = effect.offs().stream().map(Effect.Off::name).collect(Collectors.joining("; "));
        next(
                id + "-cut",
                "Cut: " + what,
                off.isEmpty() ? "" : "Put by what comes off, with its edges as they are: " + off + ".",
                StepList.CUTTER,
                Math.max(3, mm / 1000 * CUT_MINUTES_A_METRE),
                Reason.RISK);
    }

    private void gate(String id, String what, AlterationStack.Step step, Effect effect) {
        List<String> checks = new ArrayList<>(effect.asks());
        step.consequences().rings().stream()
                .filter(r -> r.isChanged() && r.beforeMm() > 0 && r.afterMm() > 0)
                .forEach(r -> checks.add(Wording.fill(
                        "%s: %.0f mm round now, %.0f mm then.", Wording.spoken(r.name()), r.beforeMm(), r.afterMm())));
        step.consequences()
                .walks()
                .forEach(w -> checks.add(Wording.fill(
                        w.easeMm() < 0
                                ? "%s: one side is %.0f mm shorter and is stretched to the other."
                                : "%s: one side is %.0f mm longer and is eased in.",
                        w.name(),
                        Math.abs(w.easeMm()))));
        step.consequences().lostEdges().forEach(e -> checks.add(Wording.fill("Lost with it: the finished %s.", e)));
        checks.add("The right layer, the right side, and the partner alike?");
        list.gate(id + "-gate", "Before it cannot be undone: " + what, checks, 10, last);
        last = StepList.need(id + "-gate", Reason.RISK);
    }

    private void sew(String id, String what, Effect effect) {
        if (effect.sews().isEmpty()) {
            return;
        }
        double mm = effect.sews().stream().mapToDouble(Effect.Sewn::mm).sum();
        String seams = effect.sews().stream()
                .map(s -> Math.abs(s.easeMm()) > 2
                        ? Wording.fill(
                                s.easeMm() > 0
                                        ? "%s, %.0f mm, the longer side eased by %.0f mm"
                                        : "%s, %.0f mm, the shorter side stretched by %.0f mm",
                                s.name(),
                                s.mm(),
                                Math.abs(s.easeMm()))
                        : Wording.fill("%s, %.0f mm", s.name(), s.mm()))
                .collect(Collectors.joining("; "));
        next(
                id + "-sew",
                "Sew: " + what,
                seams + ".",
                StepList.NEEDLE,
                Math.max(5, mm / 1000 * SEWN_MINUTES_A_METRE),
                Reason.ACCESS);
        list.using(source.cloth().sheet().stretchAcross() > 0.1 ? Tool.OVERLOCKER : Tool.ZIGZAG);
    }

    private void next(String id, String title, String how, String caution, double minutes, Reason why) {
        list.add(id, title, how, caution, minutes, last);
        last = StepList.need(id, why);
    }
}
