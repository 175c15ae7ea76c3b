package org.handdown.project;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.handdown.alter.LetOut;
import org.handdown.alter.TakeIn;
import org.handdown.alter.stack.AlterationStack;
import org.handdown.fit.FitLayout;
import org.handdown.make.AlterSteps;
import org.handdown.make.Beside;
import org.handdown.make.DungareesSteps;
import org.handdown.make.Ground;
import org.handdown.make.HandSteps;
import org.handdown.make.LetOutSteps;
import org.handdown.make.Prospect;
import org.handdown.make.Step;
import org.handdown.make.TakeInSteps;
import org.handdown.make.Toolbox;
import org.handdown.pattern.Design;
import org.handdown.source.Assessment;
import org.handdown.source.Source;
import org.handdown.source.graph.StitchType;
import org.handdown.unpick.UnpickPlan;
import org.jspecify.annotations.Nullable;

/** The order of work, with what serves instead of a tool that this table lacks, and whether to begin. */
final class MakeRoom {
    private final Project project;
    private final Toolbox tools;
    private final Map<StitchType, Double> rates;
    private final Kept kept;
    private final ClothRoom cloth;
    private final TableCloth table;
    private final PatternRoom pattern;
    private final AlterRoom altered;
    private @Nullable List<Step> steps;

    MakeRoom(
            Project project,
            Map<StitchType, Double> rates,
            Toolbox tools,
            Kept kept,
            ClothRoom cloth,
            TableCloth table,
            PatternRoom pattern,
            AlterRoom altered) {
        this.project = project;
        this.tools = tools;
        this.rates = rates;
        this.kept = kept;
        this.cloth = cloth;
        this.table = table;
        this.pattern = pattern;
        this.altered = altered;
    }

    /** In order, with what serves instead of a tool that this table lacks. */
    List<Step> steps() {
        if (steps == null) {
            steps = kept.of(
                    Kept.Result.STEPS,
                    Arrays.asList(
                            project.source(),
                            project.opening(),
                            rates,
                            tools,
                            project.practice(),
                            project.pieces(),
                            pattern.what(),
                            project.lay(),
                            project.pieces() instanceof PatternPieces ? pattern.uses() : List.of(),
                            project.workings(),
                            project.cloths(),
                            project.alterations(),
                            pattern.unit()),
                    () -> tools.fit(stepsAnywhere()));
        }
        return steps;
    }

    private List<Step> stepsAnywhere() {
        Source source = project.source();
        Optional<UnpickPlan> plan = cloth.plan();
        if (source == null || plan.isEmpty()) {
            return pattern.design()
                    .flatMap(design ->
                            table.ground().map(lying -> handSteps(new Ground(lying, project.practice(), null), design)))
                    .orElse(List.of());
        }
        Optional<LetOut> letOut = pattern.letOut();
        if (letOut.isPresent()) {
            return LetOutSteps.of(source, plan.get(), letOut.get(), pattern.inserts(), pattern.unit());
        }
        Optional<TakeIn> takeIn = pattern.takeIn();
        if (takeIn.isPresent()) {
            return TakeInSteps.of(source, plan.get(), takeIn.get(), pattern.unit());
        }
        Optional<AlterationStack> stack = altered.stack();
        if (stack.isPresent()) {
            return AlterSteps.of(source, plan.get(), stack.get(), pattern.unit());
        }
        Optional<Design> design = pattern.design();
        if (design.isEmpty()) {
            return List.of();
        }
        return isDungarees()
                ? DungareesSteps.of(source, plan.get(), design.get(), layout(), beside(design.get()), pattern.unit())
                : handSteps(
                        new Ground(
                                table.ground().orElse(source.cloth()),
                                project.practice(),
                                new Beside.Apart("", source, plan.get())),
                        design.get());
    }

    private @Nullable FitLayout layout() {
        Lay lay = project.lay();
        return lay == null ? null : lay.layout();
    }

    private List<Step> handSteps(Ground ground, Design design) {
        return HandSteps.of(
                ground,
                design,
                layout(),
                pattern.uses(),
                project.workings().necklines(),
                beside(design),
                pattern.unit());
    }

    private Beside beside(Design design) {
        return new Beside(
                table.others().stream()
                        .map(o -> new Beside.Apart(o.prefix(), o.source(), o.plan()))
                        .toList(),
                table.unwashed().stream()
                        .map(s -> new Beside.Flat(s.prefix(), s.name(), s.cloth()))
                        .toList(),
                meetings(design).stream().flatMap(m -> m.sentences().stream()).toList());
    }

    private List<ClothMeeting> meetings(Design design) {
        Lay lay = project.lay();
        return ClothMeeting.of(
                design,
                lay == null ? null : lay.problem(),
                lay == null ? null : lay.layout(),
                table.roles(),
                name -> table.cloth(name).orElse(null));
    }

    /** Where cloths of the project meet in a seam, and what to heed there. */
    List<ClothMeeting> meetings() {
        return pattern.design().map(this::meetings).orElse(List.of());
    }

    /** Whether to begin, as of a day. */
    Optional<Prospect> prospect(LocalDate today) {
        Source source = project.source();
        List<Step> steps = steps();
        if (steps.isEmpty()) {
            return Optional.empty();
        }
        Assessment assessment = source == null ? Assessment.NONE : source.assessment();
        double left = steps.stream()
                .filter(s -> !project.done().containsKey(s.id()))
                .mapToDouble(Step::minutes)
                .sum();
        return Optional.of(Prospect.of(steps, left, assessment, project.aim() == null || isKnown(), today));
    }

    /** Is the work one that was done before: a draft or an alteration, not pieces of one's own? */
    private boolean isKnown() {
        Aim aim = project.aim();
        return aim != null && (!aim.draft().isEmpty() || !aim.garment().isCutOut());
    }

    private boolean isDungarees() {
        return project.pieces() instanceof PatternPieces drafted
                && !drafted.orders().isEmpty()
                && drafted.orders().get(0).draft().equals("dungarees")
                && pattern.design().map(d -> d.find("front-leg").isPresent()).orElse(false);
    }
}
