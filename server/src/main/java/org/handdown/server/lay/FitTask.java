package org.handdown.server.lay;

import com.github.kagkarlsson.scheduler.task.CompletionHandler;
import com.github.kagkarlsson.scheduler.task.FailureHandler;
import com.github.kagkarlsson.scheduler.task.TaskDescriptor;
import com.github.kagkarlsson.scheduler.task.helper.CustomTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import java.time.Clock;
import java.time.Duration;
import java.util.UUID;
import java.util.function.BooleanSupplier;
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
    CustomTask<Void> fittingTask(FitRunMapper runs, RunBell bell, LayWork laying, HelpWork helping, Clock clock) {
        Work work = new Work(runs, bell, laying, helping, clock, cores);
        return Tasks.custom(DESCRIPTOR)
                // What breaks down here is the database: the run itself ends with a message. It is tried again, and
                // counted.
                .onFailure(new FailureHandler.OnFailureRetryLater<>(Duration.ofSeconds(5)))
                .execute((instance, context) ->
                        work.on(UUID.fromString(instance.getId()), context.getSchedulerState()::isShuttingDown));
    }

    /** Works on one run after the other, as they are given. */
    private record Work(
            FitRunMapper runs, RunBell bell, LayWork laying, HelpWork helping, Clock clock, SharedCores cores) {
        CompletionHandler<Void> on(UUID id, BooleanSupplier shuttingDown) {
            FitRunMapper.RunRow row = runs.find(id).orElse(null);
            if (row == null || row.isOver()) {
                return new CompletionHandler.OnCompleteRemove<>();
            }
            if (row.attempts() >= MOST_ATTEMPTS) {
                close(row, RunState.FAILED, Wording.fill(BROKE, laying.handOver(row)));
                return new CompletionHandler.OnCompleteRemove<>();
            }
            if (runs.begin(id) == 0) {
                // Another of this household is at work; this one's turn comes.
                return later(clock);
            }
            FitRunMapper.RunRow begun = runs.find(id).orElse(row);
            RunProgress progress = new RunProgress(runs, begun.lease(), shuttingDown);
            int threads = cores.enter();
            try (RunBell.Call call = bell.call(begun.projectId(), progress::called)) {
                return at(begun, progress, threads);
            } finally {
                cores.leave();
            }
        }

        private CompletionHandler<Void> at(FitRunMapper.RunRow begun, RunProgress progress, int threads) {
            try {
                String message = begun.runKind() == RunKind.LAY
                        ? laying.work(begun, progress, threads)
                        : helping.work(begun, progress, threads);
                if (progress.isBrokenOff()) {
                    runs.handBack(begun.lease());
                    return later(clock);
                }
                close(begun, progress.isCancelled() ? RunState.CANCELLED : RunState.DONE, message);
            } catch (RefusedValueException e) {
                close(begun, RunState.FAILED, e.getMessage() + " " + handOver(begun));
            } catch (RuntimeException | Error e) {
                LOG.error("Run {} failed", begun.id(), e);
                close(begun, RunState.FAILED, Wording.fill(BROKE, handOver(begun)));
            }
            return new CompletionHandler.OnCompleteRemove<>();
        }

        private String handOver(FitRunMapper.RunRow begun) {
            return laying.handOver(runs.find(begun.id()).orElse(begun));
        }

        private void close(FitRunMapper.RunRow row, RunState state, String message) {
            if (runs.close(row.lease(), state.word(), message) == 0) {
                LOG.warn("Run {} is over or taken over; nothing of this attempt was written", row.id());
            }
        }
    }

    private static CompletionHandler<Void> later(Clock clock) {
        return (complete, operations) ->
                operations.reschedule(complete, clock.instant().plus(LOOK_AGAIN));
    }
}
