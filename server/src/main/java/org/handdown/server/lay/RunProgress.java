package org.handdown.server.lay;

import java.util.UUID;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.BooleanSupplier;
import org.handdown.formats.fit.FitLayoutJson;
import org.handdown.lay.FitLayout;

/** What a run at work tells and asks, through the database alone: whoever watches may do so at another instance. */
final class RunProgress {
    private static final long ASK_EVERY_NANOS = 300_000_000;
    private static final long SAVE_EVERY_NANOS = 250_000_000;

    private final FitRunMapper runs;
    private final UUID id;
    private final BooleanSupplier shuttingDown;
    private final AtomicLong asked = new AtomicLong(System.nanoTime());
    private final AtomicLong saved = new AtomicLong();
    private final AtomicBoolean cancelled = new AtomicBoolean();

    RunProgress(FitRunMapper runs, UUID id, BooleanSupplier shuttingDown) {
        this.runs = runs;
        this.id = id;
        this.shuttingDown = shuttingDown;
    }

    boolean isToStop() {
        return isCancelled() || shuttingDown.getAsBoolean();
    }

    /** Asks the database now and then: the wish to stop may come through another instance. */
    boolean isCancelled() {
        long last = asked.get();
        long now = System.nanoTime();
        if (!cancelled.get() && now - last > ASK_EVERY_NANOS && asked.compareAndSet(last, now)) {
            cancelled.compareAndSet(false, runs.isCancelAsked(id));
        }
        return cancelled.get();
    }

    /** A better lay; of many in a second a few are stored. */
    void improved(FitLayout better) {
        long now = System.nanoTime();
        if (saved.get() == 0 || now - saved.get() > SAVE_EVERY_NANOS) {
            saved.set(now);
            store(better);
        }
    }

    void store(FitLayout layout) {
        runs.improve(
                id,
                layout.placements().size(),
                layout.measures().utilisation(),
                FitLayoutJson.write(layout).toString());
    }

    void answer(RunAnswer answer, String message) {
        runs.answer(id, answer.text(), message);
    }
}
