package org.handdown.server.project;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.function.Supplier;
import org.handdown.body.BodyMeasure;
import org.handdown.body.BodyTable;
import org.handdown.body.Wearer;
import org.handdown.measure.Origin;
import org.handdown.measure.Practice;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.pattern.Design;
import org.handdown.project.Aim;
import org.handdown.project.Kept;
import org.handdown.project.Project;
import org.handdown.project.Station;
import org.handdown.project.StationState;
import org.handdown.project.Workroom;
import org.handdown.server.project.ProjectView.AimView;
import org.handdown.server.project.ProjectView.MeasureView;
import org.handdown.server.project.ProjectView.StepView;
import org.handdown.server.project.ProjectView.TroubleView;
import org.handdown.server.table.PracticeText;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Makes the view of a project: asks the workroom and puts its answers into words and points. */
public final class ProjectViews {
    /** A child of this height is proposed until somebody says otherwise, mm. */
    static final double FIRST_HEIGHT_MM = 1100;

    private static final Logger LOG = LoggerFactory.getLogger(ProjectViews.class);

    private final StoredProject stored;
    private final Project project;
    private final Workroom room;
    private final Say say;
    private final List<TroubleView> troubles = new ArrayList<>();

    private ProjectViews(StoredProject stored) {
        this.stored = stored;
        this.project = stored.project();
        this.room = stored.room();
        this.say = Say.to(project);
    }

    /** Made once for a project as it stands, by the ways of a household, on a day. */
    static ProjectView of(StoredProject stored) {
        return stored.kept()
                .of(
                        Kept.Result.VIEW,
                        List.of(stored.project(), stored.ways(), LocalDate.now(ZoneId.systemDefault())),
                        () -> new ProjectViews(stored).view())
                .at(stored.at());
    }

    /** A part of the view. One that fails says so in its own place and never keeps the rest from being seen. */
    private <T> T part(Station station, String what, Supplier<T> part, T otherwise) {
        try {
            return part.get();
        } catch (RefusedValueException e) {
            troubles.add(
                    new TroubleView(station, Wording.fill("%s could not be worked out: %s", what, e.getMessage())));
        } catch (RuntimeException e) {
            LOG.error("{} of project {} failed", what, stored.at().id(), e);
            troubles.add(new TroubleView(
                    station, what + " could not be worked out; that is a fault of the program, not of your figures."));
        }
        return otherwise;
    }

    private final class SideParts implements SourceViews.Parts {
        @Override
        public <T> T part(Station station, String what, Supplier<T> part, T otherwise) {
            return ProjectViews.this.part(station, what, part, otherwise);
        }
    }

    private <T> @Nullable T orNothing(Station station, String what, Supplier<Optional<T>> part) {
        return part(station, what, part, Optional.<T>empty()).orElse(null);
    }

    /** A lay alone: the best so far of a run. */
    public static ProjectView.LayView lay(Workroom room, Project project, Project.Lay lay) {
        return new LayViews(lay, room.design().orElse(null), room.panelNames(), Say.to(project), false, room.kept())
                .view();
    }

    private ProjectView view() {
        List<StationState> stations = room.stations();
        WorkingViews workings = new WorkingViews(project, room, say);
        SourceViews sources = new SourceViews(project, room, say);
        PanelViews panels = new PanelViews(project, room, say);
        AimView aim = aim();
        ProjectView.SourceView source = orNothing(
                Station.SOURCE,
                "The drawing of the source",
                () -> Optional.ofNullable(sources.source(new SideParts())));
        ProjectView.TakeApartView takeApart =
                orNothing(Station.TAKE_APART, "The joins", () -> Optional.ofNullable(takeApart(sources)));
        List<ProjectView.PanelView> cloth = part(Station.PANELS, "The panels", this::panels, List.of());
        return new ProjectView(
                "",
                0,
                project.name(),
                say.unit(),
                null,
                null,
                stations,
                aim,
                source,
                takeApart,
                cloth,
                part(Station.PANELS, "How much of the cloth can be used", panels::usableShare, ""),
                orNothing(Station.PIECES, "The pieces", () -> Optional.ofNullable(pieces())),
                orNothing(Station.PIECES, "What letting out gives", this::letOut),
                orNothing(
                        Station.PIECES, "What is taken in", () -> room.takeIn().map(workings::takeIn)),
                part(
                        Station.PIECES,
                        "Rings and necklines",
                        workings::workings,
                        new ProjectView.WorkingsView(List.of(), List.of())),
                part(
                        Station.PIECES,
                        "What lives on",
                        () -> new KeepViews(room, project.source(), say).view(),
                        new ProjectView.KeepView(List.of(), List.of(), 0, List.of())),
                orNothing(Station.PIECES, "Whether there is cloth enough", this::enough),
                orNothing(Station.LAY, "The lay", () -> Optional.ofNullable(layAtWork(stations))),
                part(Station.LAY, "The kept lays", this::lays, List.of()),
                orNothing(Station.LAY, "How sure the lay is", this::sureness),
                part(Station.MAKE, "The order of work", this::steps, List.of()),
                project.log().stream().map(this::note).toList(),
                practice(),
                List.copyOf(troubles));
    }

    private List<ProjectView.PracticeView> practice() {
        return Arrays.stream(Practice.Figure.values())
                .filter(f ->
                        project.practice().of(f) != stored.ways().practice().of(f))
                .map(f -> new ProjectView.PracticeView(
                        f.words(),
                        PracticeText.of(f, project.practice().of(f)),
                        PracticeText.of(f, stored.ways().practice().of(f))))
                .toList();
    }

    private ProjectView.@Nullable TakeApartView takeApart(SourceViews sources) {
        return room.plan().isEmpty()
                ? null
                : room.kept()
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
                                () -> Objects.requireNonNull(sources.takeApart()));
    }

    private List<ProjectView.PanelView> panels() {
        return kept(
                Kept.Result.VIEW_PANELS,
                Arrays.asList(project.source(), project.opening(), project.practice(), project.panels()),
                told -> new PanelViews(project, room, told).all());
    }

    /** Which lengths the fields of a view show, follows from what it is made from; how they were typed, does not. */
    private record Fields(List<Double> mm) {}

    /** A view that is kept under what it is made from, the unit, and how the lengths in its fields were typed. */
    private <T> T kept(Kept.Result result, List<? extends @Nullable Object> from, Function<Say, T> make) {
        List<@Nullable Object> key = new ArrayList<>(from);
        key.add(result);
        key.add(say.unit());
        List<T> made = new ArrayList<>();
        Fields fields = room.kept().of(Kept.Result.FIELDS, key, () -> {
            Set<Double> heard = new TreeSet<>();
            made.add(make.apply(say.telling(heard::add)));
            return new Fields(List.copyOf(heard));
        });
        key.add(say.typed(fields.mm));
        return room.kept().of(result, key, () -> made.isEmpty() ? make.apply(say) : made.get(0));
    }

    private Optional<ProjectView.LetOutView> letOut() {
        return room.letOut().map(l -> new LetOutViews(project, room, l, say).view());
    }

    private Optional<ProjectView.EnoughView> enough() {
        return room.enough()
                .map(e -> new ProjectView.EnoughView(
                        e.verdict(), e.sentences().stream().map(say::sentence).toList()));
    }

    private Optional<ProjectView.SurenessView> sureness() {
        return room.sureness()
                .map(s -> new ProjectView.SurenessView(
                        s.verdict(),
                        say.length(s.toleranceMm()),
                        s.sentences().stream().map(say::sentence).toList()));
    }

    private ProjectView.@Nullable LayView layAtWork(List<StationState> stations) {
        Project.Lay lay = project.lay();
        boolean stale =
                stations.stream().anyMatch(s -> s.station() == Station.LAY && s.stand() == StationState.Stand.STALE);
        return lay == null
                ? null
                : new LayViews(lay, room.design().orElse(null), room.panelNames(), say, stale, room.kept()).view();
    }

    /** The lay at work first, then the kept ones. */
    private List<ProjectView.LayFigures> lays() {
        List<ProjectView.LayFigures> lays = new ArrayList<>();
        Project.Lay lay = project.lay();
        Design design = room.design().orElse(null);
        if (lay != null) {
            lays.add(new LayViews(lay, design, Map.of(), say, false, room.kept()).figures("", "", project.pieces()));
        }
        project.kept()
                .forEach(k -> lays.add(new LayViews(k.lay(), design, Map.of(), say, false, room.kept())
                        .figures(k.name(), k.at().toString(), k.pieces())));
        return lays;
    }

    private ProjectView.NoteView note(Project.Note note) {
        var lesson = note.lesson();
        boolean learned = lesson != null
                && project.pieces() instanceof Project.Pattern pattern
                && pattern.changes().contains(lesson);
        return new ProjectView.NoteView(
                note.at().toString(), note.text(), lesson == null ? "" : say.sentence(lesson.words()), learned);
    }

    // Aim

    private AimView aim() {
        Aim aim = project.aim();
        double height = aim == null
                ? FIRST_HEIGHT_MM
                : aim.wearer().find(BodyMeasure.HEIGHT).map(Wearer.Taken::mm).orElse(FIRST_HEIGHT_MM);
        return new AimView(
                aim != null,
                room.garment(),
                room.garment().isCutOut(),
                aim == null ? "dungarees" : aim.draft(),
                aim == null ? "dungarees" : aim.what(),
                aim == null ? "" : aim.wearer().name(),
                room.measures().stream().map(m -> measure(m, aim, height)).toList());
    }

    private static String proposedBy(BodyMeasure measure, @Nullable Aim aim) {
        return aim == null
                ? "the height"
                : aim.wearer()
                        .proposedWith(measure)
                        .map(girth -> "height and " + girth.words())
                        .orElse("the height");
    }

    private MeasureView measure(BodyMeasure measure, @Nullable Aim aim, double height) {
        double proposal = aim != null && aim.wearer().find(BodyMeasure.HEIGHT).isPresent()
                ? aim.wearer().proposedMm(measure)
                : BodyTable.proposedMm(measure, height);
        String proposed = say.length(proposal);
        Wearer.Taken taken = aim == null ? null : aim.wearer().measures().get(measure);
        if (aim == null || taken == null) {
            return new MeasureView(
                    measure.name(),
                    measure.words(),
                    measure.landmark(),
                    measure.alone(),
                    proposed,
                    "",
                    proposal,
                    Origin.PROPOSED,
                    proposed,
                    proposedBy(measure, aim),
                    "",
                    false,
                    "",
                    say.length(project.practice().toleranceMm(Origin.PROPOSED)),
                    "");
        }
        double mm = taken.length().mm();
        // What nobody took is no more exact than a tape; it changes only by being taken, or confirmed as it is shown.
        String text = taken.origin() == Origin.PROPOSED
                ? say.length(mm)
                : taken.origin() == Origin.TAPE && !taken.typed().isEmpty() ? taken.typed() : say.field(mm);
        var again = taken.again();
        var on = taken.on();
        return new MeasureView(
                measure.name(),
                measure.words(),
                measure.landmark(),
                measure.alone(),
                text,
                taken.origin() == Origin.PROPOSED ? "" : say.also(text, mm),
                taken.mm(),
                taken.origin(),
                proposed,
                proposedBy(measure, aim),
                again == null ? "" : say.field(again.mm()),
                taken.differs(),
                on == null ? "" : on.toString(),
                say.length(taken.toleranceMm(project.practice())),
                aim.wearer()
                        .growthMmADay(measure)
                        .map(d -> Wording.fill("%s in a year at this pace", say.difference(365 * d)))
                        .orElse(""));
    }

    /** Present once anything is drafted, brought in or entered, and while drafts are ordered whose pieces are all left out. */
    private @Nullable PatternView pieces() {
        boolean ordered = project.pieces() instanceof Project.Pattern pattern
                && (!pattern.orders().isEmpty() || !pattern.changes().isEmpty());
        Design design = room.design().orElse(ordered ? Design.of(project.name(), List.of()) : null);
        return design == null
                ? null
                : kept(
                        Kept.Result.VIEW_PIECES,
                        Arrays.asList(project.pieces(), design),
                        told -> new PatternViews(project, told).view(design));
    }

    // Make

    private List<StepView> steps() {
        return room.steps().stream()
                .map(s -> {
                    Project.Done done = project.done().get(s.id());
                    return new StepView(s, done != null, done == null ? null : done.minutes());
                })
                .toList();
    }
}
