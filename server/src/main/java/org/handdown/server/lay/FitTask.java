package org.handdown.server.lay;

import com.github.kagkarlsson.scheduler.task.CompletionHandler;
import com.github.kagkarlsson.scheduler.task.ExecutionContext;
import com.github.kagkarlsson.scheduler.task.FailureHandler;
import com.github.kagkarlsson.scheduler.task.TaskDescriptor;
import com.github.kagkarlsson.scheduler.task.helper.CustomTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import java.time.Clock;
import java.time.Duration;
import java.util.UUID;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * Runs in the background. A household has one at work at a time, and households take turns. A run whose instance was killed is picked up
 * by another, which goes on from the best lay stored so far; one that has killed its instance three times is given up.
 */
@Configuration(proxyBeanMethods = false)
class FitTask {
    static final TaskDescriptor<Void> DESCRIPTOR = TaskDescriptor.of("fit");
    private static final Logger LOG = LoggerFactory.getLogger(FitTask.class);

    private static final int MOST_ATTEMPTS = 3;
    private static final Duration LOOK_AGAIN = Duration.ofSeconds(1);

    private static final String BROKE =
            "The run broke down; that is a fault of the program. %s Please try again, or take off what was added last.";

    private final SharedCores cores = new SharedCores(Runtime.getRuntime().availableProcessors());

    @Bean
    CustomTask<Void> fittingTask(FitRunMapper runs, LayWork laying, HelpWork helping, Clock clock) {
        return Tasks.custom(DESCRIPTOR)
                // What breaks down here is the database: the run itself ends with a message. It is tried again, and
                // counted.
                .onFailure(new FailureHandler.OnFailureRetryLater<>(Duration.ofSeconds(5)))
                .execute((instance, context) ->
                        execute(runs, laying, helping, clock, UUID.fromString(instance.getId()), context));
    }

    private CompletionHandler<Void> execute(
            FitRunMapper runs, LayWork laying, HelpWork helping, Clock clock, UUID id, ExecutionContext context) {
        FitRunMapper.RunRow row = runs.find(id).orElse(null);
        if (row == null || row.isOver()) {
            return new CompletionHandler.OnCompleteRemove<>();
        }
        if (row.attempts() >= MOST_ATTEMPTS) {
            runs.close(id, "failed", Wording.fill(BROKE, laying.handOver(row)));
            return new CompletionHandler.OnCompleteRemove<>();
        }
        if (runs.begin(id) == 0) {
            // Another of this household is at work; this one's turn comes.
            return later(clock);
        }
        RunProgress progress =
                new RunProgress(runs, id, () -> context.getSchedulerState().isShuttingDown());
        int threads = cores.enter();
        try {
            FitRunMapper.RunRow begun = runs.find(id).orElse(row);
            String message = begun.runKind() == RunKind.LAY
                    ? laying.work(begun, progress, threads)
                    : helping.work(begun, progress, threads);
            if (progress.isBrokenOff()) {
                runs.handBack(id);
                return later(clock);
            }
            runs.close(id, progress.isCancelled() ? "cancelled" : "done", message);
        } catch (RefusedValueException e) {
            runs.close(
                    id,
                    "failed",
                    e.getMessage() + " " + laying.handOver(runs.find(id).orElse(row)));
        } catch (RuntimeException | Error e) {
            LOG.error("Run {} failed", id, e);
            runs.close(
                    id,
                    "failed",
                    Wording.fill(BROKE, laying.handOver(runs.find(id).orElse(row))));
        } finally {
            cores.leave();
        }
        return new CompletionHandler.OnCompleteRemove<>();
    }

    private static CompletionHandler<Void> later(Clock clock) {
        return (complete, operations) ->
                operations.reschedule(complete, clock.instant().plus(LOOK_AGAIN));
    }
}
