package org.handdown.server.idea;

import com.github.kagkarlsson.scheduler.SchedulerClient;
import com.github.kagkarlsson.scheduler.task.CompletionHandler;
import com.github.kagkarlsson.scheduler.task.FailureHandler;
import com.github.kagkarlsson.scheduler.task.TaskDescriptor;
import com.github.kagkarlsson.scheduler.task.helper.CustomTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import java.time.Clock;
import java.time.Duration;
import java.util.UUID;
import java.util.function.BooleanSupplier;
import org.handdown.server.idea.IdeaMapper.SearchState;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Questions to stashes in the background, behind every run of a project: for a while at a time, so that households take turns. */
@Configuration(proxyBeanMethods = false)
class IdeaTask {
    private static final TaskDescriptor<Void> DESCRIPTOR = TaskDescriptor.of("ideas");
    private static final int BEHIND_ALL_RUNS = -1000;
    private static final int AT_ONCE = 2;
    private static final Duration A_WHILE = Duration.ofSeconds(20);
    private static final Duration LOOK_AGAIN = Duration.ofSeconds(1);

    @Bean
    CustomTask<Void> askingTask(IdeaWork work, Workers workers, Clock clock) {
        return Tasks.custom(DESCRIPTOR)
                .onFailure(new FailureHandler.OnFailureRetryLater<>(Duration.ofSeconds(5)))
                .execute((instance, context) -> {
                    UUID household = household(instance.getId());
                    long end = System.nanoTime() + A_WHILE.toNanos();
                    BooleanSupplier toStop =
                            () -> context.getSchedulerState().isShuttingDown() || System.nanoTime() > end;
                    return switch (work.work(household, toStop)) {
                        case MORE -> again(clock, Duration.ZERO);
                        case OTHERS -> again(clock, LOOK_AGAIN);
                        case NOTHING ->
                            (complete, operations) -> {
                                operations.remove();
                                workers.callIfAsked(household);
                            };
                    };
                });
    }

    private static CompletionHandler<Void> again(Clock clock, Duration later) {
        return (complete, operations) ->
                operations.reschedule(complete, clock.instant().plus(later));
    }

    private static UUID household(String instance) {
        return UUID.fromString(instance.substring(0, instance.indexOf('#')));
    }

    @Bean
    Workers ideaWorkers(ObjectProvider<SchedulerClient> scheduler, IdeaMapper mapper, Clock clock) {
        return new Workers(scheduler, mapper, clock);
    }

    /** Calls those who work on questions. */
    record Workers(ObjectProvider<SchedulerClient> scheduler, IdeaMapper mapper, Clock clock) {
        /** Those that are at work already need no call. */
        void call(UUID household) {
            for (int i = 0; i < AT_ONCE; i++) {
                scheduler
                        .getObject()
                        .scheduleIfNotExists(
                                DESCRIPTOR
                                        .instance(household + "#" + i)
                                        .priority(BEHIND_ALL_RUNS)
                                        .build(),
                                clock.instant());
            }
        }

        /** For one who ends while somebody asks: whose call was not heard is called again. */
        void callIfAsked(UUID household) {
            mapper.search(household)
                    .filter(s -> s.state() == SearchState.WORKING)
                    .ifPresent(s -> call(household));
        }
    }
}
