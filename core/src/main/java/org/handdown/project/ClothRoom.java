package org.handdown.project;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.handdown.assembly.Opening;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.panel.Panel;
import org.handdown.reuse.Inventory;
import org.handdown.reuse.Keeper;
import org.handdown.source.Source;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.StitchType;
import org.handdown.unpick.JoinDecision;
import org.handdown.unpick.UnpickPlan;
import org.jspecify.annotations.Nullable;

/** What follows from the source and what is opened of it: parts, plan, panels, keepers. Needs a source; without one there is nothing. */
final class ClothRoom {
    private final Project project;
    private final Map<StitchType, Double> rates;
    private final Kept kept;
    private @Nullable Anatomy anatomy;
    private @Nullable UnpickPlan plan;
    private @Nullable List<Panel> panels;
    private @Nullable List<Keeper> keepers;

    ClothRoom(Project project, Map<StitchType, Double> rates, Kept kept) {
        this.project = project;
        this.rates = rates;
        this.kept = kept;
    }

    /** The project, with the source that this is about in hand. */
    Project project() {
        return project;
    }

    /** Checked-off unpicking with its minutes: what the household's own rates are made of. */
    List<Workroom.UnpickTime> unpickTimes() {
        List<Workroom.UnpickTime> times = new ArrayList<>();
        plan().ifPresent(p -> p.outcomes().forEach(o -> {
            Project.Done done =
                    project.done().get(project.prefix() + "open-" + o.join().id());
            Double minutes = done == null ? null : done.minutes();
            if (minutes != null && minutes > 0 && o.decision() == JoinDecision.UNPICK) {
                double length = p.stretches(o.join().id())
                        .map(s -> s.openedMm(o.join(), project.practice()))
                        .orElse(o.join().lengthMm());
                double net = Math.max(minutes - o.join().barTacks(), minutes / 4);
                times.add(new Workroom.UnpickTime(
                        project.prefix() + o.join().id(),
                        o.join().stitch(),
                        o.join().rows() * length / 1000,
                        net));
            }
        }));
        return times;
    }

    Optional<Anatomy> anatomy() {
        Source source = project.source();
        if (anatomy == null && source != null) {
            anatomy = kept.of(Kept.Result.ANATOMY, List.of(source.construction()), source.construction()::anatomy);
        }
        return Optional.ofNullable(anatomy);
    }

    /** How the source is put on as it is; nothing without one, nor where another garment is cut out of it. */
    List<PutOn> putOn() {
        Source source = project.source();
        Aim aim = project.aim();
        return source == null || aim != null && aim.garment() == Garment.CUT_OUT
                ? List.of()
                : PutOn.of(
                        kept.of(
                                Kept.Result.OPENINGS,
                                List.of(source.construction()),
                                () -> Opening.of(anatomy().orElseThrow().assembly())),
                        source.cloth(),
                        aim == null ? null : aim.wearer());
    }

    Optional<UnpickPlan> plan() {
        if (plan == null) {
            plan = anatomy()
                    .map(a -> new UnpickPlan(
                            a, project.opening().joins(), project.opening().stretches(), rates, project.practice()))
                    .orElse(null);
        }
        return Optional.ofNullable(plan);
    }

    /** Main parts that can be laid flat as things now hang together. */
    List<String> flatParts() {
        return plan().map(UnpickPlan::flatParts).orElse(List.of());
    }

    List<Panel> panels() {
        MeasuredPanels measured = project.panels();
        Source source = project.source();
        if (panels == null) {
            panels = measured == null || source == null
                    ? List.of()
                    : measured.surveys().stream()
                            .map(s -> kept.of(
                                    Kept.Result.PANEL, List.of(s, source.cloth()), () -> s.panel(source.cloth())))
                            .toList();
        }
        return panels;
    }

    /** How far each panel's edges may be off: by how it was surveyed, or, where it was drawn from the source's measures, by how those were taken. */
    Map<String, Double> tolerances() {
        MeasuredPanels measured = project.panels();
        Source source = project.source();
        Map<String, Double> all = new HashMap<>();
        if (measured != null && source != null) {
            double drawn = source.assessment().toleranceMm(project.practice());
            measured.surveys()
                    .forEach(s ->
                            all.put(s.id(), s.toleranceMm(project.practice()).orElse(drawn)));
        }
        return all;
    }

    /** Keepers there are under the plan of taking apart. */
    List<Keeper> keepers() {
        Source source = project.source();
        if (keepers == null) {
            keepers = source == null
                    ? List.of()
                    : kept.of(
                            Kept.Result.KEEPERS,
                            List.of(
                                    source.construction(),
                                    source.cloth(),
                                    source.assessment(),
                                    project.opening(),
                                    rates,
                                    project.practice(),
                                    panels()),
                            () -> keepers(source));
        }
        return keepers;
    }

    private List<Keeper> keepers(Source source) {
        return plan().map(p -> Inventory.of(p, source.cloth(), source.assessment())).orElse(List.of()).stream()
                .map(this::asMeasured)
                .toList();
    }

    /** An edge is as long as its panel shows it, with what was won beside it; before there is a panel as long as its seam was. */
    private Keeper asMeasured(Keeper keeper) {
        return panels().stream()
                .filter(p -> p.id().equals(keeper.part()) && p.outline().runs().containsKey(keeper.edge()))
                .findFirst()
                .map(p -> {
                    Outline.Run run =
                            java.util.Objects.requireNonNull(p.outline().runs().get(keeper.edge()));
                    double mm = Edge.lengthMm(p.outline().ring().run(run.from(), run.to()));
                    return mm > 0 ? keeper.measured(mm) : keeper;
                })
                .orElse(keeper);
    }
}
