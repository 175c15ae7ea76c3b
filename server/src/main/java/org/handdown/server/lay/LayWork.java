package org.handdown.server.lay;

import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Set;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitProblem;
import org.handdown.fit.Placed;
import org.handdown.fit.check.RuleChecker;
import org.handdown.fit.search.Fitter;
import org.handdown.formats.fit.FitLayoutJson;
import org.handdown.measure.RefusedValueException;
import org.handdown.project.Lay;
import org.handdown.project.Project;
import org.handdown.server.project.ProjectService;
import org.handdown.server.web.NotThereException;
import org.handdown.server.web.UnreadableException;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;

/** Lays a project's pieces; what is pinned stays, and a search that was broken off goes on from its last stored best. */
@Component
class LayWork {
    private static final Logger LOG = LoggerFactory.getLogger(LayWork.class);

    /** A run that is taken over gets at least so much time. */
    private static final double LEAST_SECONDS = 5;

    private static final String UNTOUCHED = "The lay before it is untouched.";

    private final ProjectService projects;
    private final Clock clock;

    LayWork(ProjectService projects, Clock clock) {
        this.projects = projects;
        this.clock = clock;
    }

    /** @return what there is to tell at the end; may be empty */
    String work(FitRunMapper.RunRow row, RunProgress progress, int threads) {
        Project project = projects.project(row.of());
        FitProblem problem = problem(project, row);
        Fitter.Budget budget =
                new Fitter.Budget(secondsLeft(row), Long.MAX_VALUE, row.id().getLeastSignificantBits(), threads);
        FitLayout layout = new Fitter(
                        problem,
                        budget,
                        beginning(row, project),
                        System::nanoTime,
                        progress::isToStop,
                        progress::improved)
                .fit();
        progress.store(layout);
        return progress.isBrokenOff() ? "" : store(row, problem, layout, project.lay());
    }

    private FitProblem problem(Project project, FitRunMapper.RunRow row) {
        return projects.room(project)
                .pinnedProblem(row.marginMm())
                .orElseThrow(() -> new RefusedValueException("lay", "Panels or pieces are gone meanwhile."));
    }

    /** All of its time, or for a run that was broken off at work the rest of it. */
    private double secondsLeft(FitRunMapper.RunRow row) {
        OffsetDateTime begun = row.begunAt();
        if (row.attempts() <= 1 || begun == null) {
            return row.seconds();
        }
        double gone = Duration.between(begun.toInstant(), clock.instant()).toMillis() / 1e3;
        return Math.min(row.seconds(), Math.max(LEAST_SECONDS, row.seconds() - gone));
    }

    /** The best of this run where it was broken off, else the lay there is. */
    private static List<Placed> beginning(FitRunMapper.RunRow row, Project project) {
        String best = row.best();
        if (best != null) {
            return FitLayoutJson.read(best).placements();
        }
        Lay lay = project.lay();
        return lay == null ? List.of() : lay.layout().placements();
    }

    /**
     * A lay that is no better than the one there is, of the same panels and pieces, does not replace it; nor does any replace what a hand
     * moved meanwhile.
     *
     * @param from the lay that the run began with
     */
    private String store(FitRunMapper.RunRow row, FitProblem problem, FitLayout layout, @Nullable Lay from) {
        String[] told = {""};
        projects.editLatest(row.of(), "the lay", p -> {
            Lay now = p.lay();
            boolean same = now != null && now.problem().equals(problem.withPinned(List.of()));
            Lay found = new Lay(problem, layout, false, now == null ? Set.of() : now.pinned());
            boolean moved = now != null && now.movedByHand() && !now.equals(from);
            if (moved) {
                told[0] = "You moved pieces meanwhile: your lay stays, what was found is kept beside it.";
                return kept(p, found);
            }
            if (now != null && same && !Fitter.isBetter(problem, layout, now.layout())) {
                told[0] = "Nothing better was found; the lay before stays.";
                return p;
            }
            return p.withLay(found);
        });
        return told[0];
    }

    private Project kept(Project project, Lay found) {
        var now = clock.instant().truncatedTo(ChronoUnit.SECONDS);
        try {
            return project.withLay(found)
                    .keepingLay("Found " + now.toString().replace("T", " ").replace("Z", ""), now)
                    .withLay(java.util.Objects.requireNonNull(project.lay()));
        } catch (RefusedValueException full) {
            // Six lays are kept already: the one that a hand made counts for more than another found.
            return project;
        }
    }

    /** A run that failed leaves its best on the table, where it found any that holds. @return what became of it, in a sentence */
    String handOver(FitRunMapper.RunRow row) {
        String best = row.best();
        if (best == null || row.runKind() != RunKind.LAY) {
            return UNTOUCHED;
        }
        try {
            Project project = projects.project(row.of());
            FitProblem problem = problem(project, row);
            FitLayout layout = FitLayoutJson.read(best);
            if (!RuleChecker.check(problem, layout).isEmpty()) {
                return UNTOUCHED;
            }
            String told = store(row, problem, layout, project.lay());
            return told.isEmpty() ? "The best it had found lies on the table." : told;
        } catch (RefusedValueException | NotThereException | UnreadableException | DataAccessException e) {
            LOG.warn("Run {} could not hand over its best: {}", row.id(), e.getMessage());
            return UNTOUCHED;
        }
    }
}
