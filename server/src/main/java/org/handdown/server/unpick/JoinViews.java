package org.handdown.server.unpick;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.handdown.alter.SeamEnds;
import org.handdown.lay.StripUse;
import org.handdown.measure.Wording;
import org.handdown.project.Kept;
import org.handdown.project.Lay;
import org.handdown.project.MeasuredPanels;
import org.handdown.project.Project;
import org.handdown.project.Workroom;
import org.handdown.reuse.Losses;
import org.handdown.server.project.Say;
import org.handdown.server.project.Shown;
import org.handdown.server.unpick.TakeApartView.JoinView;
import org.handdown.server.unpick.TakeApartView.RunView;
import org.handdown.server.unpick.TakeApartView.StretchView;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.Join;
import org.handdown.source.graph.Part;
import org.handdown.source.graph.StitchType;
import org.handdown.unpick.JoinDecision;
import org.handdown.unpick.Stretches;
import org.handdown.unpick.Technique;
import org.handdown.unpick.UnpickPlan;

/** The joins and what opening them gives, as the page wants them. */
public final class JoinViews {
    private final Project project;
    private final Workroom room;
    private final Say say;

    public JoinViews(Shown shown) {
        this.project = shown.project();
        this.room = shown.room();
        this.say = shown.say();
    }

    /** Nothing before there is a source. */
    public Optional<TakeApartView> view() {
        return room.plan()
                .map(plan -> room.kept()
                        .of(
                                Kept.Result.VIEW_JOINS,
                                Arrays.asList(
                                        project.source(),
                                        project.opening(),
                                        room.ownRates(),
                                        project.practice(),
                                        project.panels(),
                                        project.lay(),
                                        room.problem(),
                                        say.unit()),
                                () -> takeApart(plan)));
    }

    private TakeApartView takeApart(UnpickPlan plan) {
        List<String> flat = plan.flatParts();
        List<Part> main = plan.anatomy().mainParts();
        List<String> held = main.stream()
                .filter(p -> !flat.contains(p.id()))
                .map(p -> Wording.fill(
                        "The %s is still part of a tube: open one of %s.",
                        p.name(), String.join(", ", plan.holding(p.id()))))
                .toList();
        double lost = plan.outcomes().stream()
                .mapToDouble(UnpickPlan.Outcome::lostCm2)
                .sum();
        Set<String> idle = idle(plan);
        List<String> destroyed = Losses.of(plan, room.keepers(), List.of()).destroyed();
        return new TakeApartView(
                plan.outcomes().stream().map(o -> join(plan, o, idle)).toList(),
                plan.minutes(),
                plan.wonCm2(),
                lost,
                flat,
                main.size(),
                held,
                destroyed.stream().map(say::sentence).toList(),
                ownRates());
    }

    private List<String> ownRates() {
        List<String> own = new ArrayList<>();
        for (Map.Entry<StitchType, Double> rate : room.ownRates().entrySet()) {
            own.add(Wording.fill("%s: %.1f min/m", rate.getKey().words(), rate.getValue()));
        }
        own.sort(String::compareTo);
        return own;
    }

    /** Joins whose won cloth the lay does not use; none while nothing is laid or the lay is stale. */
    private Set<String> idle(UnpickPlan plan) {
        Lay lay = project.lay();
        MeasuredPanels measured = project.panels();
        if (lay == null
                || measured == null
                || !room.isFor(lay)
                || !lay.layout().unplaced().isEmpty()) {
            return Set.of();
        }
        return new HashSet<>(
                new StripUse(lay.problem(), lay.layout()).unused(plan, measured.surveys(), room.panelsOnTable()));
    }

    private JoinView join(UnpickPlan plan, UnpickPlan.Outcome o, Set<String> idle) {
        Join join = o.join();
        Anatomy anatomy = room.anatomy().orElseThrow();
        Technique technique = Technique.of(
                join, java.util.Objects.requireNonNull(project.source()).cloth(), o.decision());
        double length = plan.stretches(join.id())
                .map(s -> s.openedMm(join, plan.practice()))
                .orElse(join.lengthMm());
        String formula = Wording.fill(
                "%d row%s × %s × %.1f min/m%s",
                join.rows(),
                join.rows() == 1 ? "" : "s",
                say.length(length),
                plan.rate(join.stitch()),
                (join.barTacks() == 0 ? "" : " + " + join.barTacks() + " bar tacks × 1 min")
                        + (join.rivets() == 0
                                ? ""
                                : Wording.fill(" + %d rivets × %.0f min", join.rivets(), Join.MINUTES_A_RIVET)));
        return new JoinView(
                join.id(),
                join.name(),
                join.stitch().words(),
                join.stitch().number(),
                join.isSeamless(),
                join.rows(),
                say.length(join.lengthMm()),
                join.lengthMm(),
                say.length(join.allowanceMm()),
                join.finishedEdge(),
                o.decision(),
                plan.stretches(join.id()).map(Stretches::parts).orElse(List.of()).stream()
                        .map(s -> new StretchView(say.length(s.fromMm()), say.length(s.toMm())))
                        .toList(),
                o.minutes(),
                o.wonCm2(),
                o.lostCm2(),
                say.length(o.wonMm()),
                formula,
                plan.effects(join).stream().map(say::sentence).toList(),
                join.traits().stream().map(Join.Trait::words).sorted().toList(),
                o.decision() == JoinDecision.LEAVE ? List.of() : technique.how(),
                o.decision() == JoinDecision.LEAVE ? List.of() : technique.cautions(),
                technique.risk(),
                idle.contains(join.id()),
                SeamEnds.isEnd(anatomy, join),
                SeamEnds.endsOf(anatomy, join),
                join.runs().stream().map(r -> new RunView(r.part(), r.edge())).toList());
    }
}
