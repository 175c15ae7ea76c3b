package org.handdown.server.lay;

import com.github.kagkarlsson.scheduler.SchedulerClient;
import java.time.Clock;
import java.util.Optional;
import java.util.UUID;
import org.handdown.lay.FitPiece;
import org.handdown.lay.FitProblem;
import org.handdown.measure.RefusedValueException;
import org.handdown.project.Project;
import org.handdown.project.Workroom;
import org.handdown.server.project.ProjectService;
import org.handdown.server.web.NotThereException;
import org.handdown.source.Source;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Starts, watches and cancels fitting runs. The state of a run is in the database alone, so any instance can answer for it. */
@Service
class FitRunService {
    private static final double LONGEST_SECONDS = 600;

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
    public void start(UUID household, UUID project, double seconds, boolean sure) {
        if (!(seconds >= 1 && seconds <= LONGEST_SECONDS)) {
            throw new RefusedValueException("seconds", "must be from 1 to 600.");
        }
        Project current = projects.require(household, project).project();
        double margin = sure ? tolerance(current) : 0;
        FitProblem problem = new Workroom(current)
                .problem(margin)
                .orElseThrow(() -> new RefusedValueException(
                        "lay", "Panels and pieces come first: free and measure the legs, then draft the pieces."));
        UUID run = UUID.randomUUID();
        int wanted = problem.pieces().stream().mapToInt(FitPiece::quantity).sum();
        try {
            runs.insert(run, project, household, seconds, margin, wanted);
        } catch (DuplicateKeyException e) {
            throw new RefusedValueException("lay", "A run is at work for this project; stop it first or wait for it.");
        }
        scheduler.scheduleIfNotExists(
                FitTask.DESCRIPTOR.instance(run.toString()).build(), clock.instant());
    }

    private static double tolerance(Project project) {
        Source source = project.source();
        return source == null ? 0 : source.assessment().measured().toleranceMm();
    }

    @Transactional
    public void cancel(UUID household, UUID project) {
        if (runs.askCancel(household, project) == 0) {
            throw new NotThereException("No run is at work.");
        }
    }

    @Transactional(readOnly = true)
    public Optional<FitRunMapper.RunRow> latest(UUID household, UUID project) {
        return runs.findLatest(household, project);
    }
}
