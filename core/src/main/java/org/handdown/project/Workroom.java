package org.handdown.project;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import org.handdown.alter.LetOut;
import org.handdown.alter.TakeIn;
import org.handdown.body.BodyMeasure;
import org.handdown.cloth.ClothSheet;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitProblem;
import org.handdown.fit.Placed;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.lay.DesignLay;
import org.handdown.lay.Enough;
import org.handdown.lay.Sureness;
import org.handdown.make.DungareesSteps;
import org.handdown.make.HandSteps;
import org.handdown.make.LetOutSteps;
import org.handdown.make.Prospect;
import org.handdown.make.Step;
import org.handdown.make.TakeInSteps;
import org.handdown.make.Toolbox;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.Practice;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.panel.Panel;
import org.handdown.pattern.Design;
import org.handdown.pattern.InsertDraft;
import org.handdown.pattern.PieceCloth;
import org.handdown.pattern.draft.Drafts;
import org.handdown.reuse.BestUse;
import org.handdown.reuse.Inventory;
import org.handdown.reuse.Keeper;
import org.handdown.reuse.Use;
import org.handdown.reuse.Want;
import org.handdown.source.Source;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.StitchType;
import org.handdown.unpick.JoinDecision;
import org.handdown.unpick.UnpickPlan;
import org.jspecify.annotations.Nullable;

/** What follows from a project: anatomy, plan, panels, design, fitting problem, steps, and how each station stands. */
public final class Workroom {
    /** Refusals of drafts and changes already say what to mend. */
    private static final Pattern PATTERN_FIELDS = Pattern.compile("^(choices|change|draft|aim)");

    /** What geometry says of a shape that is none. */
    private static final Set<String> OUTLINE_FIELDS = Set.of("outline", "edge");

    private static final List<BodyMeasure> BODY = List.of(
            BodyMeasure.CHEST,
            BodyMeasure.WAIST,
            BodyMeasure.HIP,
            BodyMeasure.WAIST_TO_FLOOR,
            BodyMeasure.INSIDE_LEG,
            BodyMeasure.BACK_WAIST,
            BodyMeasure.HEEL_GIRTH);

    private final Project project;
    private final Map<StitchType, Double> rates;
    private final Toolbox tools;
    private final Kept kept;
    // What costs most is worked out once for one look at a project, and only if somebody asks.
    private @Nullable List<Use> uses;
    private @Nullable Anatomy anatomy;
    private @Nullable Design design;
    private @Nullable UnpickPlan plan;
    private @Nullable List<Panel> panels;
    private @Nullable List<Keeper> keepers;
    private @Nullable List<Step> steps;
    private @Nullable LetOut letOut;
    private @Nullable TakeIn takeIn;
    private final Map<Double, Optional<FitProblem>> problems = new HashMap<>();

    public Workroom(Project project) {
        this(project, Map.of(), Toolbox.FULL);
    }

    /**
     * @param rates the household's own minutes a metre, over the defaults
     * @param tools that the household has
     */
    public Workroom(Project project, Map<StitchType, Double> rates, Toolbox tools) {
        this(project, rates, tools, Kept.NOTHING);
    }

    /** @param kept results of others that were asked the same */
    public Workroom(Project project, Map<StitchType, Double> rates, Toolbox tools, Kept kept) {
        this.project = project;
        this.rates = Map.copyOf(rates);
        this.tools = tools;
        this.kept = kept;
    }

    /** Where what is made of this project may be kept. */
    public Kept kept() {
        return kept;
    }

    public Map<StitchType, Double> ownRates() {
        return rates;
    }

    /** A join that was unpicked against the clock. */
    public record UnpickTime(String join, StitchType stitch, double rowMetres, double minutes) {}

    /** Checked-off unpicking with its minutes: what the household's own rates are made of. */
    public List<UnpickTime> unpickTimes() {
        List<UnpickTime> times = new ArrayList<>();
        plan().ifPresent(p -> p.outcomes().forEach(o -> {
            Project.Done done = project.done().get("open-" + o.join().id());
            Double minutes = done == null ? null : done.minutes();
            if (minutes != null && minutes > 0 && o.decision() == JoinDecision.UNPICK) {
                double length = p.stretches(o.join().id())
                        .map(s -> s.openedMm(o.join(), project.practice()))
                        .orElse(o.join().lengthMm());
                double net = Math.max(minutes - o.join().barTacks(), minutes / 4);
                times.add(new UnpickTime(
                        o.join().id(), o.join().stitch(), o.join().rows() * length / 1000, net));
            }
        }));
        return times;
    }

    public Optional<Anatomy> anatomy() {
        Source source = project.source();
        if (anatomy == null && source != null) {
            anatomy = kept.of(Kept.Result.ANATOMY, List.of(source.construction()), source.construction()::anatomy);
        }
        return Optional.ofNullable(anatomy);
    }

    public Optional<UnpickPlan> plan() {
        if (plan == null) {
            plan = anatomy()
                    .map(a -> new UnpickPlan(
                            a, project.opening().joins(), project.opening().stretches(), rates, project.practice()))
                    .orElse(null);
        }
        return Optional.ofNullable(plan);
    }

    /** Main parts that can be laid flat as things now hang together. */
    public List<String> flatParts() {
        return plan().map(UnpickPlan::flatParts).orElse(List.of());
    }

    public List<Panel> panels() {
        Project.MeasuredPanels measured = project.panels();
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

    /** Panels as people named them, by id. */
    public Map<String, String> panelNames() {
        Map<String, String> names = new HashMap<>();
        panels().forEach(p -> names.put(p.id(), p.name()));
        return names;
    }

    /** Pieces as people named them, by id. */
    public Map<String, String> pieceNames() {
        Map<String, String> names = new HashMap<>();
        design().ifPresent(d -> d.pieces().forEach(p -> names.put(p.id(), p.name())));
        return names;
    }

    public Optional<Design> design() {
        if (design == null && project.pieces() instanceof Project.Pattern pattern) {
            design = kept.of(Kept.Result.DESIGN, List.of(pattern, what()), () -> pattern.design(what()));
        }
        if (design != null) {
            return design.pieces().isEmpty() ? Optional.empty() : Optional.of(design);
        }
        return inserts().map(i -> Design.of("inserts", i.pieces()));
    }

    /** Inserts let into a source that cannot be let out far enough. */
    public Optional<InsertDraft> inserts() {
        return project.pieces() instanceof Project.LettingOut letting && letting.inserts() != null
                ? Optional.of(new InsertDraft(letting.inserts()))
                : Optional.empty();
    }

    private String what() {
        Aim aim = project.aim();
        return aim == null ? project.name() : aim.what();
    }

    public Garment garment() {
        Aim aim = project.aim();
        return aim == null ? Garment.CUT_OUT : aim.garment();
    }

    /** Measures of the body that are asked for: those that the drafts need, or, without a draft, those that tell whether a source suits. */
    public List<BodyMeasure> measures() {
        Aim aim = project.aim();
        return measures(aim == null ? "dungarees" : aim.draft(), project.pieces());
    }

    /** @param draft of the aim; empty for none */
    public static List<BodyMeasure> measures(String draft, Project.@Nullable Pieces pieces) {
        Set<BodyMeasure> asked = EnumSet.of(BodyMeasure.HEIGHT);
        List<Project.Order> orders = pieces instanceof Project.Pattern pattern ? pattern.orders() : List.of();
        if (orders.isEmpty() || !orders.get(0).draft().equals(draft)) {
            Drafts.find(draft).ifPresent(d -> asked.addAll(d.measures()));
        }
        for (int i = 0; i < orders.size(); i++) {
            // The first one belongs to the aim before and goes when another is aimed at.
            if (i > 0 || draft.isEmpty() || orders.get(0).draft().equals(draft)) {
                asked.addAll(orders.get(i).measures());
            }
        }
        if (asked.size() == 1) {
            asked.addAll(BODY);
        }
        return asked.stream().sorted().toList();
    }

    /** How the source is let out; present when that is the aim and something was asked for. */
    public Optional<LetOut> letOut() {
        if (letOut == null && project.pieces() instanceof Project.LettingOut letting) {
            letOut = anatomy().map(a -> new LetOut(a, letting.wish())).orElse(null);
        }
        return Optional.ofNullable(letOut);
    }

    /** How the source is taken in or shortened; present when that is the aim. */
    public Optional<TakeIn> takeIn() {
        if (takeIn == null && project.pieces() instanceof Project.TakingIn taking) {
            takeIn = anatomy().map(a -> new TakeIn(a, taking.wish())).orElse(null);
        }
        return Optional.ofNullable(takeIn);
    }

    /** The fitting problem as panels and pieces now stand, with the margin that the last lay kept. */
    public Optional<FitProblem> problem() {
        Project.Lay lay = project.lay();
        return problem(lay == null ? 0 : lay.problem().marginMm());
    }

    /** As {@link #problem()}, with what is pinned held where it lies; a pin whose piece is gone is let go. */
    public Optional<FitProblem> pinnedProblem() {
        return problem().map(this::pinned);
    }

    /** With the margin told and what is pinned held where it lies. */
    public Optional<FitProblem> pinnedProblem(double marginMm) {
        return problem(marginMm).map(this::pinned);
    }

    private FitProblem pinned(FitProblem problem) {
        Project.Lay lay = project.lay();
        return lay == null
                ? problem
                : problem.withPinned(
                        lay.pins().stream().filter(p -> isThere(problem, p)).toList());
    }

    private static boolean isThere(FitProblem problem, Placed pin) {
        return problem.panels().stream().anyMatch(p -> p.id().equals(pin.panel()))
                && problem.pieces().stream()
                        .anyMatch(p -> p.id().equals(pin.piece())
                                && pin.copy() < p.quantity()
                                && p.variants().stream().anyMatch(v -> v.id().equals(pin.variant())));
    }

    /** @param marginMm to be kept from the panels' edges */
    public Optional<FitProblem> problem(double marginMm) {
        Optional<FitProblem> known = problems.get(marginMm);
        if (known == null) {
            known = design().flatMap(d -> problem(d, marginMm));
            problems.put(marginMm, known);
        }
        return known;
    }

    /** Room for chalk and scissors between two pieces, mm. */
    private double gapMm() {
        return project.practice().of(Practice.Figure.GAP);
    }

    private Optional<FitProblem> problem(Design design, double marginMm) {
        List<Panel> panels = panels();
        Source source = project.source();
        return panels.isEmpty() || source == null
                ? Optional.empty()
                : Optional.of(kept.of(
                        Kept.Result.PROBLEM,
                        List.of(design, panels, source.cloth(), keepers(), gapMm(), marginMm),
                        () -> DesignLay.problem(design, panels, source.cloth(), keepers(), gapMm(), marginMm)));
    }

    /** Whether there is cloth enough, by quick tests before anything is laid; trials take what is left and ask for none. */
    public Optional<Enough> enough() {
        return design().flatMap(d -> problem(
                        d.withPieces(d.pieces().stream()
                                .filter(p -> p.cloth() != PieceCloth.REMNANT)
                                .toList()),
                        0))
                .map(p -> kept.of(Kept.Result.ENOUGH, List.of(p), () -> Enough.of(p)));
    }

    /** How far the lay may be trusted, by how the source was measured. */
    public Optional<Sureness> sureness() {
        Project.Lay lay = project.lay();
        Source source = project.source();
        return lay == null || source == null
                ? Optional.empty()
                : Optional.of(kept.of(
                        Kept.Result.SURENESS,
                        List.of(lay.problem(), lay.layout(), tolerances()),
                        () -> Sureness.of(lay.problem(), lay.layout(), tolerances())));
    }

    /** How far each panel's edges may be off: by how it was surveyed, or, where it was drawn from the source's measures, by how those were taken. */
    public Map<String, Double> tolerances() {
        Project.MeasuredPanels measured = project.panels();
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
    public List<Keeper> keepers() {
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

    /** Whether to begin, as of a day. */
    public Optional<Prospect> prospect(LocalDate today) {
        Source source = project.source();
        List<Step> steps = steps();
        if (source == null || steps.isEmpty()) {
            return Optional.empty();
        }
        double left = steps.stream()
                .filter(s -> !project.done().containsKey(s.id()))
                .mapToDouble(Step::minutes)
                .sum();
        return Optional.of(Prospect.of(steps, left, source.assessment(), project.aim() == null || isKnown(), today));
    }

    /** What the design needs finished: edges of its pieces that may lie on something, and things asked for by hand. */
    public List<Want> wants() {
        List<Want> wants = new ArrayList<>(design().map(Want::of).orElse(List.of()));
        if (project.pieces() instanceof Project.Pattern pattern) {
            wants.addAll(pattern.wants());
        }
        return wants;
    }

    /** The best use of the keepers. */
    public List<Use> uses() {
        if (uses == null) {
            List<Want> wants = wants();
            uses = kept.of(Kept.Result.USES, List.of(wants, keepers()), () -> BestUse.of(wants, keepers()));
        }
        return uses;
    }

    /** In order, with what serves instead of a tool that this table lacks. */
    public List<Step> steps() {
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
                            what(),
                            project.lay(),
                            project.pieces() instanceof Project.Pattern ? uses() : List.of(),
                            project.workings(),
                            unit()),
                    () -> tools.fit(stepsAnywhere()));
        }
        return steps;
    }

    private List<Step> stepsAnywhere() {
        Source source = project.source();
        Optional<UnpickPlan> plan = plan();
        if (source == null || plan.isEmpty()) {
            return List.of();
        }
        Optional<LetOut> letOut = letOut();
        if (letOut.isPresent()) {
            return LetOutSteps.of(source, plan.get(), letOut.get(), inserts(), unit());
        }
        Optional<TakeIn> takeIn = takeIn();
        if (takeIn.isPresent()) {
            return TakeInSteps.of(source, plan.get(), takeIn.get(), unit());
        }
        Optional<Design> design = design();
        if (design.isEmpty()) {
            return List.of();
        }
        Project.Lay lay = project.lay();
        FitLayout layout = lay == null ? null : lay.layout();
        return isDungarees()
                ? DungareesSteps.of(source, plan.get(), design.get(), layout, unit())
                : HandSteps.of(
                        source,
                        plan.get(),
                        design.get(),
                        layout,
                        uses(),
                        project.workings().necklines(),
                        unit());
    }

    /**
     * Panels proposed from the source's measures and what was decided for each join; flaws already marked stay, and so do widths already
     * taken by tape unless the source itself was measured anew.
     */
    public Project redoPanels() {
        return new Proposal(project, this).withPanels();
    }

    /** Pieces drafted from the aim as it now stands; pieces brought in or entered stay as they are, and so do all choices and changes. */
    public Project redoPieces() {
        return new Proposal(project, this).withPieces();
    }

    /** Is the work one that was done before: a draft or an alteration, not pieces of one's own? */
    private boolean isKnown() {
        Aim aim = project.aim();
        return aim != null && (!aim.draft().isEmpty() || !aim.garment().isCutOut());
    }

    private boolean isDungarees() {
        return project.pieces() instanceof Project.Pattern pattern
                && !pattern.orders().isEmpty()
                && pattern.orders().get(0).draft().equals("dungarees")
                && design().map(d -> d.find("front-leg").isPresent()).orElse(false);
    }

    /** Are all drafts drawn from the measures as they now stand? */
    boolean isDraftedFromTheAim() {
        Aim aim = project.aim();
        if (aim == null || !(project.pieces() instanceof Project.Pattern pattern)) {
            return true;
        }
        boolean own = aim.draft().isEmpty()
                || !pattern.orders().isEmpty()
                        && pattern.orders().get(0).draft().equals(aim.draft());
        return own && pattern.orders().stream().allMatch(o -> o.from().agrees(aim.wearer(), o.measures()));
    }

    /** Are all drafts drawn for the cloth as its tests now tell? Those that were drawn before anybody asked the cloth are left in peace. */
    boolean isDraftedForTheCloth() {
        ClothSheet now = sheet();
        return !(project.pieces() instanceof Project.Pattern pattern)
                || pattern.orders().stream()
                        .allMatch(o -> o.cloth() == null
                                || o.told().equals(Drafts.require(o.draft()).told(now)));
    }

    /** What quick tests told of the source's cloth; nothing before there is one. */
    public ClothSheet sheet() {
        Source source = project.source();
        return source == null ? ClothSheet.UNTESTED : source.cloth().sheet();
    }

    /**
     * Refuses a project that could not be shown: a change that gets past every single figure may still make a panel that crosses itself.
     *
     * @throws RefusedValueException saying so
     */
    public void requireWorkable() {
        try {
            new StationBoard(project, this).requireStates();
            problem();
            keepers();
            letOut().ifPresent(l -> {
                l.refolds();
                l.levels();
            });
            inserts().ifPresent(InsertDraft::pieces);
            design().ifPresent(Design::sizes);
            design().ifPresent(Design::walks);
            takeIn().ifPresent(TakeIn::changes);
        } catch (RefusedValueException e) {
            if (PATTERN_FIELDS.matcher(e.field()).find()) {
                throw e;
            }
            String why = OUTLINE_FIELDS.contains(e.field()) ? "The outline crosses itself." : e.getMessage();
            throw new RefusedValueException(
                    "measures",
                    Wording.fill("These measures make no whole panel or piece. %s Check the figures.", why));
        }
    }

    public List<StationState> stations() {
        return new StationBoard(project, this).states();
    }

    LengthUnit unit() {
        Aim aim = project.aim();
        return aim == null ? LengthUnit.CM : aim.unit();
    }
}
