package org.handdown.server.lay;

import com.fasterxml.jackson.databind.node.ObjectNode;
import com.github.kagkarlsson.scheduler.SchedulerClient;
import java.time.Clock;
import java.util.Optional;
import java.util.UUID;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.check.RuleChecker;
import org.handdown.formats.project.ProjectJson;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.project.Lay;
import org.handdown.project.Project;
import org.handdown.server.project.ProjectOf;
import org.handdown.server.project.ProjectService;
import org.handdown.server.web.NotThereException;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Starts, watches and cancels fitting runs. The state of a run is in the database alone, so any instance can answer for it. */
@Service
class FitRunService {
    private static final double LONGEST_SECONDS = 600;

    /** Time for trying what would help, or how far a size goes: most of it is spent on what does not work. */
    private static final double TRYING_SECONDS = 60;

    /** Time for a length, half of it with nap and half without. */
    private static final double LENGTH_SECONDS = 32;

    /** One at work and five that wait. */
    private static final int MOST_OF_A_HOUSEHOLD = 6;

    private final FitRunMapper runs;
    private final ProjectService projects;
    private final SchedulerClient scheduler;
    private final Clock clock;

    FitRunService(FitRunMapper runs, ProjectService projects, SchedulerClient scheduler, Clock clock) {
        this.runs = runs;
        this.projects = projects;
        this.scheduler = scheduler;
        this.clock = clock;
    }

    @Transactional
    public void start(ProjectOf of, double seconds, boolean sure) {
        if (!(seconds >= 1 && seconds <= LONGEST_SECONDS)) {
            throw new RefusedValueException("seconds", "must be from 1 to 600.");
        }
        Project current = projects.project(of);
        double margin = sure ? tolerance(current) : 0;
        FitProblem problem = projects.room(current)
                .pinnedProblem(margin)
                .orElseThrow(() -> new RefusedValueException(
                        "lay", "Panels and pieces come first: free and measure the legs, then draft the pieces."));
        requirePinsHold(problem);
        int wanted = problem.pieces().stream().mapToInt(FitPiece::quantity).sum();
        begin(of, RunKind.LAY, seconds, margin, wanted, "{}");
    }

    private static void requirePinsHold(FitProblem problem) {
        RuleChecker.check(problem, problem.pinned()).stream().findFirst().ifPresent(f -> {
            throw new RefusedValueException(
                    "pinned", Wording.fill("What is pinned cannot stay: %s Unpin it, or move it first.", f.message()));
        });
    }

    /** Finds something out about the project as it stands now. */
    @Transactional
    public void find(ProjectOf of, RunKind kind, ObjectNode ask) {
        Project current = projects.project(of);
        ask.put("basis", basis(current));
        begin(of, kind, kind == RunKind.LENGTH ? LENGTH_SECONDS : TRYING_SECONDS, 0, 0, ask.toString());
    }

    /** Tells whether a project still is what an answer was found for. */
    static String basis(Project shown) {
        Project project = shown.turnedBack();
        Project bare = Project.named("basis").by(project.practice());
        Lay lay = project.lay();
        var panels = project.panels();
        var pieces = project.pieces();
        bare = panels == null ? bare : bare.withPanels(panels);
        bare = pieces == null ? bare : bare.withPieces(pieces);
        bare = lay == null ? bare : bare.withLay(lay);
        bare = bare.withCloths(project.cloths());
        return ProjectJson.digest(bare).toString();
    }

    private void begin(ProjectOf of, RunKind kind, double seconds, double margin, int wanted, String ask) {
        int own = runs.countActive(of.household());
        if (own >= MOST_OF_A_HOUSEHOLD) {
            throw new RefusedValueException(
                    "lay", "Six runs of this household wait or work already; let one of them end, or stop it.");
        }
        UUID run = UUID.randomUUID();
        try {
            runs.insert(run, of.id(), of.household(), kind.word(), seconds, margin, wanted, ask);
        } catch (DuplicateKeyException e) {
            throw new RefusedValueException("lay", "A run is at work for this project; stop it first or wait for it.");
        }
        scheduler.scheduleIfNotExists(
                FitTask.DESCRIPTOR
                        .instance(run.toString())
                        // Turn by turn: whoever has fewer runs before goes first.
                        .priority(-own)
                        .build(),
                clock.instant());
    }

    /** Of the panel that is known least: one margin is kept from the edges of all. */
    private double tolerance(Project project) {
        return projects.room(project).tolerances().values().stream()
                .mapToDouble(t -> t)
                .max()
                .orElse(0);
    }

    @Transactional
    public void cancel(ProjectOf of) {
        if (runs.askCancel(of.household(), of.id()) == 0) {
            throw new NotThereException("No run is at work.");
        }
    }

    @Transactional(readOnly = true)
    public Optional<FitRunMapper.RunRow> latest(ProjectOf of) {
        return runs.findLatest(of.household(), of.id());
    }

    /** The latest run that was to find something out. */
    @Transactional(readOnly = true)
    public Optional<FitRunMapper.RunRow> latestHelp(ProjectOf of) {
        return runs.findLatestHelp(of.household(), of.id());
    }

    /** How many runs are before this one; 0 once it is at work. */
    int queue(FitRunMapper.RunRow row) {
        return row.state() == RunState.WAITING ? runs.countBefore(row.id()) : 0;
    }
}
