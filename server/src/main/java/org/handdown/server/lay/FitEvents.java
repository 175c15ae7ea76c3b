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
import org.handdown.fit.FitProblem;
import org.handdown.formats.fit.FitLayoutJson;
import org.handdown.project.Project;
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
    private static final long EVERY_MILLIS = 350;

    private final FitRunService runs;
    private final ProjectService projects;
    private final Clock clock;
    private final ScheduledExecutorService ticks = Executors.newScheduledThreadPool(2);

    private final Set<SseEmitter> open = ConcurrentHashMap.newKeySet();

    FitEvents(FitRunService runs, ProjectService projects, Clock clock) {
        this.runs = runs;
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
            LayView lay) {}

    SseEmitter watch(ProjectOf of) {
        SseEmitter emitter = new SseEmitter(Duration.ofMinutes(20).toMillis());
        Watch watch = new Watch(of, emitter);
        ScheduledFuture<?> future = ticks.scheduleWithFixedDelay(watch, 0, EVERY_MILLIS, TimeUnit.MILLISECONDS);
        open.add(emitter);
        emitter.onCompletion(() -> {
            future.cancel(false);
            open.remove(emitter);
        });
        emitter.onTimeout(emitter::complete);
        emitter.onError(e -> future.cancel(false));
        return emitter;
    }

    /** The pages that watch ask again by themselves, another instance or this one once it is back. */
    void endAll() {
        open.forEach(SseEmitter::complete);
    }

    @PreDestroy
    void close() {
        ticks.shutdownNow();
    }

    private final class Watch implements Runnable {
        private final ProjectOf of;
        private final SseEmitter emitter;
        private int seen = -1;
        private List<OfferView> offers = List.of();

        Watch(ProjectOf of, SseEmitter emitter) {
            this.of = of;
            this.emitter = emitter;
        }

        @Override
        public void run() {
            try {
                FitRunMapper.RunRow row = runs.latest(of).orElse(null);
                if (row == null) {
                    emitter.complete();
                    return;
                }
                emitter.send(SseEmitter.event().name("progress").data(event(row)));
                if (row.isOver()) {
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

        private FitEvent event(FitRunMapper.RunRow row) {
            boolean isNew = row.improvements() != seen;
            seen = row.improvements();
            OffsetDateTime begun = row.begunAt();
            double gone = begun == null
                    ? 0
                    : Duration.between(begun.toInstant(), clock.instant()).toMillis() / 1e3;
            boolean lays = row.runKind() == RunKind.LAY;
            Say say = Say.to(projects.project(of));
            offers = isNew ? OfferView.of(row, say) : offers;
            return new FitEvent(
                    row.runKind(),
                    row.status(),
                    say.sentence(row.message()),
                    Math.min(gone, row.seconds()),
                    row.seconds(),
                    row.placed(),
                    row.wanted(),
                    row.utilisation(),
                    row.improvements(),
                    runs.queue(row),
                    offers,
                    lays && isNew && !row.isOver() ? best(row) : null);
        }

        private @Nullable LayView best(FitRunMapper.RunRow row) {
            String best = row.best();
            Project current = projects.project(of);
            FitProblem problem = projects.room(current).problem(row.marginMm()).orElse(null);
            if (best == null || problem == null) {
                return null;
            }
            return LayViews.alone(
                    Shown.of(current, projects.room(current)),
                    new Project.Lay(problem, FitLayoutJson.read(best), false));
        }
    }
}
