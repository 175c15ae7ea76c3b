package org.handdown.server.lay;

import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import org.handdown.formats.fit.FitLayoutJson;
import org.handdown.lay.FitLayout;
import org.handdown.lay.FitProblem;
import org.handdown.lay.Fitter;
import org.handdown.lay.Placed;
import org.handdown.measure.RefusedValueException;
import org.handdown.project.Project;
import org.handdown.project.Workroom;
import org.handdown.server.project.ProjectService;
import org.springframework.stereotype.Component;

/** Lays a project's pieces; what is pinned stays, and a search that was broken off goes on from its last stored best. */
@Component
class LayWork {
    /** A run that is taken over gets at least so much time. */
    private static final double LEAST_SECONDS = 5;

    private final ProjectService projects;
    private final Clock clock;

    LayWork(ProjectService projects, Clock clock) {
        this.projects = projects;
        this.clock = clock;
    }

    /** @return what there is to tell at the end; may be empty */
    String work(FitRunMapper.RunRow row, RunProgress progress) {
        Project project = projects.require(row.householdId(), row.projectId()).project();
        FitProblem problem = new Workroom(project).pinnedProblem(row.marginMm()).orElse(null);
        if (problem == null) {
            throw new RefusedValueException("lay", "Panels or pieces are gone meanwhile.");
        }
        Fitter.Budget budget = new Fitter.Budget(
                secondsLeft(row), Long.MAX_VALUE, row.id().getLeastSignificantBits(), FitTask.threads());
        FitLayout layout = new Fitter(
                        problem,
                        budget,
                        beginning(row, project),
                        System::nanoTime,
                        progress::isToStop,
                        progress::improved)
                .fit();
        progress.store(layout);
        return store(row.householdId(), row.projectId(), problem, layout);
    }

    /** All of its time, or for a run that was broken off at work the rest of it. */
    private double secondsLeft(FitRunMapper.RunRow row) {
        if (!row.status().equals("running")) {
            return row.seconds();
        }
        double gone =
                Duration.between(row.startedAt().toInstant(), clock.instant()).toMillis() / 1e3;
        return Math.min(row.seconds(), Math.max(LEAST_SECONDS, row.seconds() - gone));
    }

    /** The best of this run where it was broken off, else the lay there is. */
    private static List<Placed> beginning(FitRunMapper.RunRow row, Project project) {
        String best = row.best();
        if (best != null) {
            return FitLayoutJson.read(best).placements();
        }
        Project.Lay lay = project.lay();
        return lay == null ? List.of() : lay.layout().placements();
    }

    /** A lay that is no better than the one there is, of the same panels and pieces, does not replace it. */
    private String store(UUID household, UUID id, FitProblem problem, FitLayout layout) {
        Project.Lay before = projects.require(household, id).project().lay();
        boolean same = before != null && before.problem().equals(problem.withPinned(List.of()));
        if (before != null && same && !Fitter.isBetter(problem, layout, before.layout())) {
            return "Nothing better was found; the lay before stays.";
        }
        projects.editLatest(household, id, "the lay", p -> {
            Project.Lay old = p.lay();
            return p.withLay(new Project.Lay(problem, layout, false, old == null ? java.util.Set.of() : old.pinned()));
        });
        return "";
    }
}
