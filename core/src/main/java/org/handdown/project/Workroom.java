package org.handdown.project;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.handdown.lay.DesignLay;
import org.handdown.lay.FitProblem;
import org.handdown.make.DungareesSteps;
import org.handdown.make.Step;
import org.handdown.measure.Length;
import org.handdown.measure.LengthText;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.RefusedValueException;
import org.handdown.panel.Flaw;
import org.handdown.panel.LegSurvey;
import org.handdown.panel.Panel;
import org.handdown.pattern.Design;
import org.handdown.pattern.DungareesDraft;
import org.handdown.source.Anatomy;
import org.handdown.source.LegShape;
import org.handdown.source.TrouserMeasures;
import org.handdown.source.TrousersAnatomy;
import org.handdown.unpick.JoinDecision;
import org.handdown.unpick.UnpickPlan;

/** What follows from a project: anatomy, plan, panels, design, fitting problem, steps, and how each station stands. */
public final class Workroom {
    /** Room for chalk and scissors between two pieces (common practice, no source). */
    public static final double GAP_MM = 2;

    private final Project project;

    public Workroom(Project project) {
        this.project = project;
    }

    public Optional<Anatomy> anatomy() {
        return Optional.ofNullable(project.source()).map(s -> TrousersAnatomy.of(s.measures()));
    }

    public Optional<UnpickPlan> plan() {
        return anatomy().map(a -> new UnpickPlan(a, project.decisions(), Map.of()));
    }

    /** Legs that no closed join holds any more. */
    public List<String> freeLegs() {
        return plan().map(p -> p.groups().stream()
                        .filter(g -> g.size() == 1)
                        .flatMap(Set::stream)
                        .sorted(java.util.Comparator.comparingInt(TrousersAnatomy.LEGS::indexOf))
                        .toList())
                .orElse(List.of());
    }

    public List<Panel> panels() {
        Project.MeasuredPanels measured = project.panels();
        TrouserSource source = project.source();
        return measured == null || source == null
                ? List.of()
                : measured.surveys().stream().map(s -> s.panel(source.cloth())).toList();
    }

    public Optional<Design> design() {
        return Optional.ofNullable(project.pieces())
                .map(p -> DungareesDraft.of(p.from().wearer(), p.from().ease()));
    }

    /** The fitting problem as panels and pieces now stand. */
    public Optional<FitProblem> problem() {
        List<Panel> panels = panels();
        return panels.isEmpty() ? Optional.empty() : design().map(d -> DesignLay.problem(d, panels, GAP_MM));
    }

    public List<Step> steps() {
        TrouserSource source = project.source();
        Optional<UnpickPlan> plan = plan();
        Optional<Design> design = design();
        if (source == null || plan.isEmpty() || design.isEmpty()) {
            return List.of();
        }
        Project.Lay lay = project.lay();
        return DungareesSteps.of(plan.get(), source.cloth(), design.get(), lay == null ? null : lay.layout(), unit());
    }

    /**
     * Panels proposed from the source's measures and what was decided for each join; flaws already marked stay, and so do widths already
     * taken by tape unless the source itself was measured anew.
     */
    public Project redoPanels() {
        TrouserSource source = project.source();
        if (source == null) {
            return project;
        }
        Map<String, LegSurvey> before = new HashMap<>();
        Project.MeasuredPanels measured = project.panels();
        boolean sameTrousers = measured != null && measured.measures().equals(source.measures());
        if (measured != null) {
            measured.surveys().forEach(s -> before.put(s.id(), s));
        }
        List<LegSurvey> surveys = new ArrayList<>();
        for (String leg : freeLegs()) {
            LegSurvey old = before.get(leg);
            LegShape shape = old != null && sameTrousers
                    ? old.shape()
                    : TrousersAnatomy.leg(source.measures(), leg.startsWith("front"));
            surveys.add(survey(leg, shape, source.measures(), old == null ? List.of() : old.flaws()));
        }
        return project.withPanels(new Project.MeasuredPanels(source.measures(), project.decisions(), surveys));
    }

    private LegSurvey survey(String leg, LegShape shape, TrouserMeasures measures, List<Flaw> flaws) {
        UnpickPlan plan = plan().orElseThrow();
        Map<String, Double> won = new HashMap<>();
        for (String edge : List.of("side", "inseam", "centre", "waist")) {
            won.put(edge, plan.wonMm(leg, edge));
        }
        JoinDecision hem = plan.decision("hem-" + leg.substring(leg.indexOf('-') + 1));
        boolean kept = hem == JoinDecision.LEAVE;
        double depth = measures.hemDepthMm();
        won.put("hem", kept ? 0.0 : hem == JoinDecision.UNPICK ? depth : -depth);
        return new LegSurvey(leg, shape, won, kept, depth, flaws);
    }

    public Project redoPieces() {
        Aim aim = project.aim();
        return aim == null ? project : project.withPieces(new Project.DraftedPieces(aim));
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
        return aim == null
                ? open(Station.AIM, "Who is it for, and how big are they?")
                : settled(
                        Station.AIM,
                        "Dungarees for %s, %s tall"
                                .formatted(
                                        aim.wearer().name(),
                                        length(aim.wearer().mm(org.handdown.body.BodyMeasure.HEIGHT))));
    }

    private StationState source() {
        TrouserSource source = project.source();
        return source == null
                ? open(Station.SOURCE, "Which trousers will be taken apart?")
                : settled(
                        Station.SOURCE,
                        "%s, %s".formatted(source.name(), source.cloth().name()));
    }

    private StationState takeApart() {
        if (project.source() == null) {
            return open(Station.TAKE_APART, "Waits for the source.");
        }
        UnpickPlan plan = plan().orElseThrow();
        int free = freeLegs().size();
        String sentence =
                "%d of %d legs free, about %.0f min".formatted(free, TrousersAnatomy.LEGS.size(), plan.minutes());
        return free == 0
                ? open(Station.TAKE_APART, "Decide which joins to open.")
                : settled(Station.TAKE_APART, sentence);
    }

    private StationState panelsState() {
        Project.MeasuredPanels measured = project.panels();
        TrouserSource source = project.source();
        if (measured == null || source == null) {
            return open(Station.PANELS, "Measure the legs once they lie flat.");
        }
        if (!measured.measures().equals(source.measures())) {
            return stale(Station.PANELS, "The source was measured anew since.");
        }
        if (!measured.decisions().equals(project.decisions())) {
            return stale(Station.PANELS, "Other joins are opened since.");
        }
        return settled(Station.PANELS, "%d panels".formatted(measured.surveys().size()));
    }

    private StationState piecesState() {
        Project.DraftedPieces pieces = project.pieces();
        if (pieces == null) {
            return open(Station.PIECES, "Draft the pieces from the measures.");
        }
        if (!pieces.from().equals(project.aim())) {
            return stale(Station.PIECES, "Drafted before the measures changed.");
        }
        Design design = design().orElseThrow();
        long off = design.walks().stream().filter(w -> !w.agrees()).count();
        int copies = design.pieces().stream()
                .mapToInt(org.handdown.pattern.Piece::quantity)
                .sum();
        return settled(
                Station.PIECES,
                off == 0 ? copies + " pieces, all seams agree" : copies + " pieces, " + off + " seams differ");
    }

    private StationState lay() {
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
