package org.handdown.server.lay;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import org.handdown.fit.FitProblem;
import org.handdown.formats.fit.FitLayoutJson;
import org.handdown.project.Lay;
import org.handdown.project.Project;
import org.handdown.project.Workroom;
import org.handdown.server.project.ProjectOf;
import org.handdown.server.project.ProjectService;
import org.handdown.server.project.Say;
import org.handdown.server.project.Shown;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Tells a browser how a run goes, from the database, so that it does not matter which instance runs it. */
@Component
class FitEvents {
    private static final Logger LOG = LoggerFactory.getLogger(FitEvents.class);
    private static final int TICK_MILLIS = 1000;
    private static final int LOOK_EVERY_TICKS = 10;

    private final FitRunService runs;
    private final ProjectService projects;
    private final Clock clock;
    private final RunBell bell;
    private final ScheduledExecutorService looks = Executors.newScheduledThreadPool(4);

    private final Set<SseEmitter> open = ConcurrentHashMap.newKeySet();

    FitEvents(FitRunService runs, RunBell bell, ProjectService projects, Clock clock) {
        this.runs = runs;
        this.bell = bell;
        this.projects = projects;
        this.clock = clock;
    }

    /**
     * @param before runs that are before this one while it waits
     * @param offers what was found out so far
     * @param lay the best so far, sent only when it has changed
     */
    record FitEvent(
            RunKind kind,
            String status,
            String message,
            double secondsGone,
            double seconds,
            int placed,
            int wanted,
            double utilisation,
            int improvements,
            int before,
            List<OfferView> offers,

            @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) @Nullable
            LayView lay) {
        /** The same a while later; what was drawn is not sent again. */
        FitEvent at(double gone) {
            return new FitEvent(
                    kind,
                    status,
                    message,
                    gone,
                    seconds,
                    placed,
                    wanted,
                    utilisation,
                    improvements,
                    before,
                    offers,
                    null);
        }
    }

    SseEmitter watch(ProjectOf of) {
        SseEmitter emitter = new SseEmitter(Duration.ofMinutes(20).toMillis());
        Watch watch = new Watch(of, emitter);
        RunBell.Call call = bell.call(of.id(), () -> looks.execute(watch::look));
        ScheduledFuture<?> ticking =
                looks.scheduleWithFixedDelay(watch::tick, TICK_MILLIS, TICK_MILLIS, TimeUnit.MILLISECONDS);
        Runnable end = () -> {
            call.close();
            ticking.cancel(false);
            open.remove(emitter);
        };
        open.add(emitter);
        emitter.onCompletion(end);
        emitter.onTimeout(emitter::complete);
        emitter.onError(e -> end.run());
        looks.execute(watch::look);
        return emitter;
    }

    /** The pages that watch ask again by themselves, another instance or this one once it is back. */
    void endAll() {
        open.forEach(SseEmitter::complete);
    }

    @PreDestroy
    void close() {
        looks.shutdownNow();
    }

    /** One page that watches: it looks when it is called, and is told of time going by from what it saw last. */
    private final class Watch {
        private final ProjectOf of;
        private final SseEmitter emitter;
        private int seen = -1;
        private int ticks;
        private FitRunMapper.@Nullable RunRow last;
        private @Nullable FitEvent told;

        Watch(ProjectOf of, SseEmitter emitter) {
            this.of = of;
            this.emitter = emitter;
        }

        /** Reads the run, as seldom as it changes. */
        synchronized void look() {
            send(() -> {
                FitRunMapper.RunRow row = runs.latest(of).orElse(null);
                last = row;
                return row == null ? null : event(row);
            });
        }

        /** The time that went by; now and then a look, for a call that was missed. */
        synchronized void tick() {
            FitEvent before = told;
            FitRunMapper.RunRow row = last;
            if (++ticks % LOOK_EVERY_TICKS == 0) {
                look();
            } else if (before != null && row != null && row.state() == RunState.RUNNING) {
                send(() -> before.at(gone(row)));
            }
        }

        private void send(Supplier<@Nullable FitEvent> made) {
            try {
                FitEvent event = made.get();
                if (event == null) {
                    emitter.complete();
                    return;
                }
                told = event;
                emitter.send(SseEmitter.event().name("progress").data(event));
                if (RunState.named(event.status()).isOver()) {
                    emitter.complete();
                }
            } catch (IOException | IllegalStateException e) {
                // The browser went away; nobody is left to tell.
                emitter.complete();
            } catch (DataAccessException | TransactionException e) {
                // The database is away for a while; the next look finds it again.
                LOG.warn("A run cannot be watched at the moment: {}", e.getMessage());
            } catch (RuntimeException e) {
                emitter.completeWithError(e);
            }
        }

        private double gone(FitRunMapper.RunRow row) {
            OffsetDateTime begun = row.begunAt();
            return begun == null
                    ? 0
                    : Math.min(
                            Duration.between(begun.toInstant(), clock.instant()).toMillis() / 1e3, row.seconds());
        }

        private FitEvent event(FitRunMapper.RunRow row) {
            boolean isNew = row.improvements() != seen;
            seen = row.improvements();
            Project project = projects.project(of);
            Say say = Say.to(project);
            FitEvent before = told;
            return new FitEvent(
                    row.runKind(),
                    row.status(),
                    say.sentence(row.message()),
                    gone(row),
                    row.seconds(),
                    row.placed(),
                    row.wanted(),
                    row.utilisation(),
                    row.improvements(),
                    runs.queue(row),
                    isNew || before == null ? OfferView.of(row, say) : before.offers(),
                    row.runKind() == RunKind.LAY && isNew && !row.isOver() ? best(project, row) : null);
        }

        private @Nullable LayView best(Project project, FitRunMapper.RunRow row) {
            String best = row.best();
            Workroom room = projects.room(project);
            FitProblem problem = room.problem(row.marginMm()).orElse(null);
            return best == null || problem == null
                    ? null
                    : LayViews.alone(Shown.of(project, room), new Lay(problem, FitLayoutJson.read(best), false));
        }
    }
}
