package org.handdown.project;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.handdown.lay.DesignLay;
import org.handdown.lay.Enough;
import org.handdown.lay.FitLayout;
import org.handdown.lay.FitProblem;
import org.handdown.make.DungareesSteps;
import org.handdown.make.HandSteps;
import org.handdown.make.LetOutSteps;
import org.handdown.make.Prospect;
import org.handdown.make.Step;
import org.handdown.measure.Length;
import org.handdown.measure.LengthText;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.RefusedValueException;
import org.handdown.panel.Flaw;
import org.handdown.panel.LegSurvey;
import org.handdown.panel.Panel;
import org.handdown.panel.PartSurvey;
import org.handdown.panel.Survey;
import org.handdown.pattern.Design;
import org.handdown.pattern.DungareesDraft;
import org.handdown.pattern.Piece;
import org.handdown.reuse.BestUse;
import org.handdown.reuse.Inventory;
import org.handdown.reuse.Keeper;
import org.handdown.reuse.Use;
import org.handdown.reuse.Want;
import org.handdown.source.Anatomy;
import org.handdown.source.LegShape;
import org.handdown.source.Part;
import org.handdown.source.Source;
import org.handdown.source.StitchType;
import org.handdown.source.TrouserMeasures;
import org.handdown.source.TrousersAnatomy;
import org.handdown.unpick.FreedEdges;
import org.handdown.unpick.JoinDecision;
import org.handdown.unpick.LetOut;
import org.handdown.unpick.Release;
import org.handdown.unpick.UnpickPlan;
import org.jspecify.annotations.Nullable;

/** What follows from a project: anatomy, plan, panels, design, fitting problem, steps, and how each station stands. */
public final class Workroom {
    /** Room for chalk and scissors between two pieces (common practice, no source). */
    public static final double GAP_MM = 2;

    private static final Project.LettingOut FIRST_LETTING_OUT =
            new Project.LettingOut(new LetOut.Wish(0, 0, Release.LEAST_ALLOWANCE_WOVEN_MM, 10, false));

    private final Project project;
    private final Map<StitchType, Double> rates;

    public Workroom(Project project) {
        this(project, Map.of());
    }

    /** @param rates the household's own minutes a metre, over the defaults */
    public Workroom(Project project, Map<StitchType, Double> rates) {
        this.project = project;
        this.rates = Map.copyOf(rates);
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
                double length = p.stretch(o.join().id())
                        .map(s -> s.openedMm(o.join()))
                        .orElse(o.join().lengthMm());
                double net = Math.max(minutes - o.join().barTacks(), minutes / 4);
                times.add(new UnpickTime(
                        o.join().id(), o.join().stitch(), o.join().rows() * length / 1000, net));
            }
        }));
        return times;
    }

    public Optional<Anatomy> anatomy() {
        return Optional.ofNullable(project.source()).map(s -> s.construction().anatomy());
    }

    public Optional<UnpickPlan> plan() {
        return anatomy()
                .map(a -> new UnpickPlan(
                        a, project.opening().joins(), project.opening().stretches(), rates));
    }

    /** Main parts that can be laid flat as things now hang together. */
    public List<String> flatParts() {
        return plan().map(UnpickPlan::flatParts).orElse(List.of());
    }

    public List<Panel> panels() {
        Project.MeasuredPanels measured = project.panels();
        Source source = project.source();
        return measured == null || source == null
                ? List.of()
                : measured.surveys().stream().map(s -> s.panel(source.cloth())).toList();
    }

    public Optional<Design> design() {
        Project.Pieces pieces = project.pieces();
        if (pieces instanceof Project.Drafted drafted) {
            return Optional.of(
                    DungareesDraft.of(drafted.from().wearer(), drafted.from().ease()));
        }
        if (pieces instanceof Project.ByHand byHand && !byHand.pieces().isEmpty()) {
            return Optional.of(new Design(what(), byHand.pieces(), List.of(), List.of()));
        }
        return Optional.empty();
    }

    private String what() {
        Aim aim = project.aim();
        return aim == null ? project.name() : aim.what();
    }

    public Garment garment() {
        Aim aim = project.aim();
        return aim == null ? Garment.DUNGAREES : aim.garment();
    }

    /** How the source is let out; present when that is the aim and something was asked for. */
    public Optional<LetOut> letOut() {
        return project.pieces() instanceof Project.LettingOut letting && project.source() != null
                ? anatomy().map(a -> new LetOut(a, letting.wish()))
                : Optional.empty();
    }

    /** The fitting problem as panels and pieces now stand. */
    public Optional<FitProblem> problem() {
        List<Panel> panels = panels();
        Source source = project.source();
        return panels.isEmpty() || source == null
                ? Optional.empty()
                : design().map(d -> DesignLay.problem(d, panels, source.cloth().name(), GAP_MM));
    }

    /** Whether there is cloth enough, by quick tests before anything is laid. */
    public Optional<Enough> enough() {
        return problem().map(Enough::of);
    }

    /** Keepers there are under the plan of taking apart. */
    public List<Keeper> keepers() {
        Source source = project.source();
        return source == null
                ? List.of()
                : plan().map(p -> Inventory.of(p, source.cloth(), source.assessment()))
                        .orElse(List.of());
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
        return Optional.of(Prospect.of(steps, left, source.assessment(), garment() != Garment.BY_HAND, today));
    }

    /** What the design needs finished: edges of its pieces that may lie on something, and things asked for by hand. */
    public List<Want> wants() {
        List<Want> wants = new ArrayList<>(design().map(Want::of).orElse(List.of()));
        if (project.pieces() instanceof Project.ByHand byHand) {
            wants.addAll(byHand.wants());
        }
        return wants;
    }

    /** The best use of the keepers. */
    public List<Use> uses() {
        return BestUse.of(wants(), keepers());
    }

    public List<Step> steps() {
        Source source = project.source();
        Optional<UnpickPlan> plan = plan();
        if (source == null || plan.isEmpty()) {
            return List.of();
        }
        Optional<LetOut> letOut = letOut();
        if (letOut.isPresent()) {
            return LetOutSteps.of(source, plan.get(), letOut.get(), unit());
        }
        Optional<Design> design = design();
        if (design.isEmpty()) {
            return List.of();
        }
        Project.Lay lay = project.lay();
        FitLayout layout = lay == null ? null : lay.layout();
        return project.pieces() instanceof Project.Drafted
                ? DungareesSteps.of(source, plan.get(), design.get(), layout, unit())
                : HandSteps.of(source, plan.get(), design.get(), layout, uses(), unit());
    }

    /**
     * Panels proposed from the source's measures and what was decided for each join; flaws already marked stay, and so do widths already
     * taken by tape unless the source itself was measured anew.
     */
    public Project redoPanels() {
        Source source = project.source();
        if (source == null) {
            return project;
        }
        UnpickPlan plan = plan().orElseThrow();
        Map<String, Survey> before = new HashMap<>();
        Project.MeasuredPanels measured = project.panels();
        if (measured != null) {
            measured.surveys().forEach(s -> before.put(s.id(), s));
        }
        boolean sameSource = measured != null && measured.construction().equals(source.construction());
        List<Survey> surveys = new ArrayList<>();
        for (String part : plan.flatParts()) {
            surveys.add(survey(source, plan, plan.anatomy().part(part), before.get(part), sameSource));
        }
        return project.withPanels(new Project.MeasuredPanels(source.construction(), project.opening(), surveys));
    }

    private static Survey survey(Source source, UnpickPlan plan, Part part, @Nullable Survey old, boolean sameSource) {
        FreedEdges edges = plan.edges(part);
        List<Flaw> flaws = old == null ? List.of() : old.flaws();
        if (TrousersAnatomy.isLeg(source.kind(), part.id())) {
            LegShape shape = sameSource && old instanceof LegSurvey leg
                    ? leg.shape()
                    : TrousersAnatomy.leg(
                            TrouserMeasures.of(source.measures()), part.id().startsWith("front"));
            return new LegSurvey(part.id(), shape, edges, flaws);
        }
        return new PartSurvey(part.id(), part.name(), part.layer(), part.outline(), edges, flaws);
    }

    /** Pieces drafted from the aim as it now stands; pieces entered by hand stay as they are. */
    public Project redoPieces() {
        Aim aim = project.aim();
        if (aim == null) {
            return project;
        }
        return switch (aim.garment()) {
            case DUNGAREES -> project.withPieces(new Project.Drafted(aim));
            case BY_HAND ->
                project.pieces() instanceof Project.ByHand
                        ? project
                        : project.withPieces(new Project.ByHand(List.of(), List.of()));
            case LET_OUT ->
                project.pieces() instanceof Project.LettingOut ? project : project.withPieces(FIRST_LETTING_OUT);
        };
    }

    /**
     * Refuses a project that could not be shown: a change that gets past every single figure may still make a panel that crosses itself.
     *
     * @throws RefusedValueException saying so
     */
    public void requireWorkable() {
        try {
            stations();
            problem();
            keepers();
            letOut().ifPresent(LetOut::refolds);
        } catch (IllegalArgumentException e) {
            String why = e instanceof RefusedValueException r ? r.getMessage() : "The outline crosses itself.";
            throw new RefusedValueException(
                    "measures", "These measures make no whole panel or piece. %s Check the figures.".formatted(why));
        }
    }

    // How the stations stand

    public List<StationState> stations() {
        return List.of(aim(), source(), takeApart(), panelsState(), piecesState(), lay(), make(), logState());
    }

    private static StationState settled(Station station, String sentence) {
        return new StationState(station, StationState.Stand.SETTLED, sentence);
    }

    private static StationState open(Station station, String sentence) {
        return new StationState(station, StationState.Stand.OPEN, sentence);
    }

    private static StationState stale(Station station, String sentence) {
        return new StationState(station, StationState.Stand.STALE, sentence);
    }

    private LengthUnit unit() {
        Aim aim = project.aim();
        return aim == null ? LengthUnit.CM : aim.unit();
    }

    private String length(double mm) {
        return LengthText.format(Length.ofMm(mm), unit());
    }

    private StationState aim() {
        Aim aim = project.aim();
        if (aim == null) {
            return open(Station.AIM, "Who is it for, and what will it be?");
        }
        String what =
                aim.what().substring(0, 1).toUpperCase(Locale.ROOT) + aim.what().substring(1);
        return settled(
                Station.AIM,
                aim.garment() == Garment.DUNGAREES
                        ? "%s for %s, %s tall"
                                .formatted(
                                        what,
                                        aim.wearer().name(),
                                        length(aim.wearer().mm(org.handdown.body.BodyMeasure.HEIGHT)))
                        : "%s for %s".formatted(what, aim.wearer().name()));
    }

    private StationState source() {
        Source source = project.source();
        return source == null
                ? open(Station.SOURCE, "What will be taken apart?")
                : settled(
                        Station.SOURCE,
                        "%s, %s".formatted(source.name(), source.cloth().name()));
    }

    private StationState takeApart() {
        if (project.source() == null) {
            return open(Station.TAKE_APART, "Waits for the source.");
        }
        UnpickPlan plan = plan().orElseThrow();
        if (garment() == Garment.LET_OUT) {
            long opened = plan.outcomes().stream()
                    .filter(o -> o.decision() != JoinDecision.LEAVE)
                    .count();
            return opened == 0
                    ? open(Station.TAKE_APART, "Decide which joins to open.")
                    : settled(
                            Station.TAKE_APART,
                            "%d join%s opened, about %.0f min"
                                    .formatted(opened, opened == 1 ? "" : "s", plan.minutes()));
        }
        int flat = plan.flatParts().size();
        int all = plan.anatomy().mainParts().size();
        return flat == 0
                ? open(Station.TAKE_APART, "Decide which joins to open.")
                : settled(
                        Station.TAKE_APART,
                        plan.minutes() == 0
                                ? "%d of %d parts lie flat, nothing to open".formatted(flat, all)
                                : "%d of %d parts lie flat, about %.0f min".formatted(flat, all, plan.minutes()));
    }

    private StationState panelsState() {
        if (garment() == Garment.LET_OUT) {
            return settled(Station.PANELS, "Not needed: nothing is cut out.");
        }
        Project.MeasuredPanels measured = project.panels();
        Source source = project.source();
        if (measured == null || source == null) {
            return open(Station.PANELS, "Measure the parts once they lie flat.");
        }
        if (!measured.construction().equals(source.construction())) {
            return stale(Station.PANELS, "The source was measured anew since.");
        }
        if (!measured.opening().equals(project.opening())) {
            return stale(Station.PANELS, "Other joins are opened since.");
        }
        int count = measured.surveys().size();
        return settled(Station.PANELS, "%d panel%s".formatted(count, count == 1 ? "" : "s"));
    }

    private StationState piecesState() {
        Project.Pieces pieces = project.pieces();
        if (pieces instanceof Project.LettingOut) {
            return lettingOut();
        }
        if (pieces instanceof Project.ByHand byHand) {
            int copies = byHand.pieces().stream().mapToInt(Piece::quantity).sum();
            return copies == 0
                    ? open(Station.PIECES, "Enter the pieces as outlines.")
                    : settled(Station.PIECES, "%d piece%s, entered by hand".formatted(copies, copies == 1 ? "" : "s"));
        }
        if (!(pieces instanceof Project.Drafted drafted)) {
            return open(Station.PIECES, "Draft the pieces from the measures.");
        }
        if (!drafted.from().equals(project.aim())) {
            return stale(Station.PIECES, "Drafted before the measures changed.");
        }
        Design design = design().orElseThrow();
        long off = design.walks().stream().filter(w -> !w.agrees()).count();
        int copies = design.pieces().stream().mapToInt(Piece::quantity).sum();
        return settled(
                Station.PIECES,
                off == 0 ? copies + " pieces, all seams agree" : copies + " pieces, " + off + " seams differ");
    }

    private StationState lettingOut() {
        Optional<LetOut> letOut = letOut();
        if (letOut.isEmpty()) {
            return open(Station.PIECES, "Waits for the source.");
        }
        double missing = letOut.get().sides().stream()
                        .mapToDouble(LetOut.Side::missingMm)
                        .max()
                        .orElse(0)
                + letOut.get().hem().missingMm();
        String gain = "%s wider, %s longer"
                .formatted(
                        length(letOut.get().gainMm()), length(letOut.get().hem().gainMm()));
        return missing > 0.5
                ? open(Station.PIECES, "%s; %s are missing".formatted(gain, length(missing)))
                : letOut.get().gainMm() + letOut.get().hem().gainMm() == 0
                        ? open(Station.PIECES, "Say how much to let out.")
                        : settled(Station.PIECES, gain);
    }

    private StationState lay() {
        if (garment() == Garment.LET_OUT) {
            return settled(Station.LAY, "Not needed: nothing is cut out.");
        }
        Project.Lay lay = project.lay();
        if (lay == null) {
            return open(Station.LAY, "Lay the pieces on the panels.");
        }
        boolean upstream = panelsState().stand() == StationState.Stand.STALE
                || piecesState().stand() == StationState.Stand.STALE;
        if (upstream || !problem().map(lay.problem()::equals).orElse(false)) {
            return stale(Station.LAY, "Panels or pieces changed since.");
        }
        int unplaced = lay.layout().unplaced().size();
        String used = "%.0f %% of the cloth used"
                .formatted(100 * lay.layout().measures().utilisation());
        return unplaced == 0
                ? settled(Station.LAY, "All pieces lie, " + used)
                : open(Station.LAY, "%d piece%s without a place".formatted(unplaced, unplaced == 1 ? "" : "s"));
    }

    private StationState make() {
        List<Step> steps = steps();
        if (steps.isEmpty()) {
            return open(Station.MAKE, "The order of work follows from the pieces.");
        }
        long done =
                steps.stream().filter(s -> project.done().containsKey(s.id())).count();
        return done == steps.size()
                ? settled(Station.MAKE, "All %d steps done".formatted(done))
                : open(Station.MAKE, "%d of %d steps done".formatted(done, steps.size()));
    }

    private StationState logState() {
        int notes = project.log().size();
        return notes == 0
                ? open(Station.LOG, "Nothing written yet.")
                : settled(Station.LOG, "%d note%s".formatted(notes, notes == 1 ? "" : "s"));
    }
}
