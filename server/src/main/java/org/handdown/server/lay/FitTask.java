package org.handdown.server.lay;

import com.github.kagkarlsson.scheduler.task.ExecutionContext;
import com.github.kagkarlsson.scheduler.task.TaskDescriptor;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import java.util.UUID;
import org.handdown.measure.RefusedValueException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * Runs in the background. A run whose instance was killed is picked up by another, which goes on from the best lay stored so far.
 */
@Configuration(proxyBeanMethods = false)
class FitTask {
    static final TaskDescriptor<Void> DESCRIPTOR = TaskDescriptor.of("fit");
    private static final Logger LOG = LoggerFactory.getLogger(FitTask.class);

    @Bean
    OneTimeTask<Void> fittingTask(FitRunMapper runs, LayWork laying, HelpWork helping) {
        return Tasks.oneTime(DESCRIPTOR)
                .execute((instance, context) ->
                        execute(runs, laying, helping, UUID.fromString(instance.getId()), context));
    }

    /** Searching threads of one run. */
    static int threads() {
        return Math.max(1, Runtime.getRuntime().availableProcessors());
    }

    private static void execute(
            FitRunMapper runs, LayWork laying, HelpWork helping, UUID id, ExecutionContext context) {
        FitRunMapper.RunRow row = runs.find(id).orElse(null);
        if (row == null || row.isOver()) {
            return;
        }
        runs.markRunning(id);
        RunProgress progress =
                new RunProgress(runs, id, () -> context.getSchedulerState().isShuttingDown());
        try {
            String message = row.runKind() == RunKind.LAY ? laying.work(row, progress) : helping.work(row, progress);
            runs.close(id, progress.isCancelled() ? "cancelled" : "done", message);
        } catch (RefusedValueException e) {
            runs.close(id, "failed", String.valueOf(e.getMessage()));
        } catch (RuntimeException e) {
            LOG.error("Run {} failed", id, e);
            runs.close(
                    id,
                    "failed",
                    "The run broke down; that is a fault of the program. The lay before it is untouched.");
        }
    }
}
