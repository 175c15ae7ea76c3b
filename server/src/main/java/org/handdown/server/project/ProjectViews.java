package org.handdown.server.project;

import java.util.ArrayList;
import java.util.List;
import org.handdown.body.BodyMeasure;
import org.handdown.body.BodyTable;
import org.handdown.body.Wearer;
import org.handdown.measure.Origin;
import org.handdown.pattern.Design;
import org.handdown.project.Aim;
import org.handdown.project.Project;
import org.handdown.project.Station;
import org.handdown.project.StationState;
import org.handdown.project.Workroom;
import org.handdown.server.project.ProjectView.AimView;
import org.handdown.server.project.ProjectView.MeasureView;
import org.handdown.server.project.ProjectView.StepView;
import org.jspecify.annotations.Nullable;

/** Makes the view of a project: asks the workroom and puts its answers into words and points. */
public final class ProjectViews {
    /** A child of this height is proposed until somebody says otherwise, mm. */
    private static final double FIRST_HEIGHT_MM = 1100;

    private final StoredProject stored;
    private final Project project;
    private final Workroom room;
    private final Say say;

    private ProjectViews(StoredProject stored) {
        this.stored = stored;
        this.project = stored.project();
        this.room = stored.room();
        this.say = Say.to(project);
    }

    public static ProjectView of(StoredProject stored) {
        return new ProjectViews(stored).view();
    }

    /** A lay alone: the best so far of a run. */
    public static ProjectView.LayView lay(Project project, Project.Lay lay) {
        return new LayViews(lay, null, Say.to(project), false).view();
    }

    private ProjectView view() {
        List<StationState> stations = room.stations();
        WorkingViews workings = new WorkingViews(project, room, say);
        SourceViews sources = new SourceViews(project, room, say);
        PanelViews panels = new PanelViews(project, room, say);
        Project.Lay lay = project.lay();
        boolean stale =
                stations.stream().anyMatch(s -> s.station() == Station.LAY && s.stand() == StationState.Stand.STALE);
        return new ProjectView(
                stored.id().toString(),
                stored.version(),
                project.name(),
                say.unit(),
                stored.undoWhat(),
                stored.redoWhat(),
                stations,
                aim(),
                sources.source(),
                sources.takeApart(),
                panels.all(),
                panels.usableShare(),
                pieces(),
                room.letOut()
                        .map(l -> new LetOutViews(project, room, l, say).view())
                        .orElse(null),
                room.takeIn().map(workings::takeIn).orElse(null),
                workings.workings(),
                new KeepViews(room, project.source(), say).view(),
                room.enough()
                        .map(e -> new ProjectView.EnoughView(
                                e.verdict(),
                                e.sentences().stream().map(say::sentence).toList()))
                        .orElse(null),
                lay == null ? null : new LayViews(lay, room.design().orElse(null), say, stale).view(),
                lays(),
                room.sureness()
                        .map(s -> new ProjectView.SurenessView(
                                s.verdict(),
                                say.length(s.toleranceMm()),
                                s.sentences().stream().map(say::sentence).toList()))
                        .orElse(null),
                steps(),
                project.log().stream().map(this::note).toList());
    }

    /** The lay at work first, then the kept ones. */
    private List<ProjectView.LayFigures> lays() {
        List<ProjectView.LayFigures> lays = new ArrayList<>();
        Project.Lay lay = project.lay();
        Design design = room.design().orElse(null);
        if (lay != null) {
            lays.add(new LayViews(lay, design, say, false).figures("", "", project.pieces()));
        }
        project.kept()
                .forEach(k -> lays.add(
                        new LayViews(k.lay(), design, say, false).figures(k.name(), k.at().toString(), k.pieces())));
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

    private MeasureView measure(BodyMeasure measure, @Nullable Aim aim, double height) {
        double proposal = BodyTable.proposedMm(measure, height);
        String proposed = say.length(proposal);
        Wearer.Taken taken = aim == null ? null : aim.wearer().measures().get(measure);
        if (aim == null || taken == null) {
            return new MeasureView(
                    measure.name(),
                    measure.words(),
                    measure.landmark(),
                    measure.alone(),
                    proposed,
                    proposal,
                    Origin.PROPOSED,
                    proposed,
                    "",
                    false,
                    "",
                    say.length(Origin.PROPOSED.toleranceMm()),
                    "");
        }
        String text = taken.origin() == Origin.TAPE && !taken.typed().isEmpty()
                ? taken.typed()
                : say.length(taken.length().mm());
        var again = taken.again();
        var on = taken.on();
        return new MeasureView(
                measure.name(),
                measure.words(),
                measure.landmark(),
                measure.alone(),
                text,
                taken.mm(),
                taken.origin(),
                proposed,
                again == null ? "" : say.length(again.mm()),
                taken.differs(),
                on == null ? "" : on.toString(),
                say.length(taken.toleranceMm()),
                aim.wearer()
                        .growthMmADay(measure)
                        .map(d -> "%s in a year at this pace".formatted(say.difference(365 * d)))
                        .orElse(""));
    }

    /** Present once anything is drafted, brought in or entered, and while drafts are ordered whose pieces are all left out. */
    private @Nullable PatternView pieces() {
        boolean ordered = project.pieces() instanceof Project.Pattern pattern
                && (!pattern.orders().isEmpty() || !pattern.changes().isEmpty());
        Design design = room.design().orElse(ordered ? Design.of(project.name(), List.of()) : null);
        return design == null ? null : new PatternViews(project, say).view(design);
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
