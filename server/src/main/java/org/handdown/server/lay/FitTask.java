package org.handdown.server.lay;

import com.github.kagkarlsson.scheduler.task.ExecutionContext;
import com.github.kagkarlsson.scheduler.task.TaskDescriptor;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.BooleanSupplier;
import org.handdown.formats.fit.FitLayoutJson;
import org.handdown.lay.FitLayout;
import org.handdown.lay.FitProblem;
import org.handdown.lay.Fitter;
import org.handdown.project.Project;
import org.handdown.project.Workroom;
import org.handdown.server.project.ProjectService;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * The fitter at work in the background. A run whose instance was killed is picked up by another, which starts it anew; the best lay so
 * far stays in the database meanwhile.
 */
@Configuration(proxyBeanMethods = false)
class FitTask {
    static final TaskDescriptor<Void> DESCRIPTOR = TaskDescriptor.of("fit");
    private static final Logger LOG = LoggerFactory.getLogger(FitTask.class);
    private static final long ASK_EVERY_NANOS = 300_000_000;
    private static final long SAVE_EVERY_NANOS = 250_000_000;

    @Bean
    OneTimeTask<Void> fittingTask(FitRunMapper runs, ProjectService projects) {
        return Tasks.oneTime(DESCRIPTOR)
                .execute((instance, context) ->
                        new Run(runs, projects, UUID.fromString(instance.getId())).execute(context));
    }

    /** One execution. */
    private static final class Run {
        private final FitRunMapper runs;
        private final ProjectService projects;
        private final UUID id;
        private final AtomicLong asked = new AtomicLong(System.nanoTime());
        private final AtomicLong saved = new AtomicLong();
        private final AtomicBoolean cancelled = new AtomicBoolean();

        Run(FitRunMapper runs, ProjectService projects, UUID id) {
            this.runs = runs;
            this.projects = projects;
            this.id = id;
        }

        void execute(ExecutionContext context) {
            FitRunMapper.RunRow row = runs.find(id).orElse(null);
            if (row == null || row.isOver()) {
                return;
            }
            runs.markRunning(id);
            try {
                fit(row, context);
            } catch (RuntimeException e) {
                LOG.error("Fitting run {} failed", id, e);
                runs.close(
                        id,
                        "failed",
                        "The run broke down; that is a fault of the program. The lay before it is untouched.");
            }
        }

        private void fit(FitRunMapper.RunRow row, ExecutionContext context) {
            Project project =
                    projects.require(row.householdId(), row.projectId()).project();
            FitProblem problem = new Workroom(project).problem(row.marginMm()).orElse(null);
            if (problem == null) {
                runs.close(id, "failed", "Panels or pieces are gone meanwhile.");
                return;
            }
            int threads = Math.max(1, Runtime.getRuntime().availableProcessors());
            Fitter.Budget budget =
                    new Fitter.Budget(row.seconds(), Long.MAX_VALUE, row.id().getLeastSignificantBits(), threads);
            BooleanSupplier stop =
                    () -> isCancelled() || context.getSchedulerState().isShuttingDown();
            FitLayout layout = new Fitter(problem, budget, System::nanoTime, stop, this::improved).fit();
            runs.improve(
                    id,
                    layout.placements().size(),
                    layout.measures().utilisation(),
                    FitLayoutJson.write(layout).toString());
            String message = store(row, problem, layout);
            runs.close(id, cancelled.get() ? "cancelled" : "done", message);
        }

        /** A lay that is no better than the one there is, of the same panels and pieces, does not replace it. */
        private String store(FitRunMapper.RunRow row, FitProblem problem, FitLayout layout) {
            Project.Lay before = projects.require(row.householdId(), row.projectId())
                    .project()
                    .lay();
            boolean same = before != null && before.problem().equals(problem);
            if (before != null && same && !Fitter.isBetter(problem, layout, before.layout())) {
                return "Nothing better was found; the lay before stays.";
            }
            projects.editLatest(
                    row.householdId(),
                    row.projectId(),
                    "the lay",
                    p -> p.withLay(new Project.Lay(problem, layout, false)));
            return "";
        }

        /** Asks the database now and then: the wish to stop may come through another instance. */
        private boolean isCancelled() {
            long last = asked.get();
            long now = System.nanoTime();
            if (!cancelled.get() && now - last > ASK_EVERY_NANOS && asked.compareAndSet(last, now)) {
                cancelled.compareAndSet(false, runs.isCancelAsked(id));
            }
            return cancelled.get();
        }

        private void improved(FitLayout better) {
            long now = System.nanoTime();
            // The last lay is saved in any case; in between, a few a second are enough to watch.
            if (saved.get() == 0 || now - saved.get() > SAVE_EVERY_NANOS) {
                saved.set(now);
                runs.improve(
                        id,
                        better.placements().size(),
                        better.measures().utilisation(),
                        FitLayoutJson.write(better).toString());
            }
        }
    }
}
