package org.handdown.server.lay;

import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.BooleanSupplier;
import org.handdown.fit.FitLayout;
import org.handdown.formats.fit.FitLayoutJson;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;

/**
 * What a run at work tells and asks, through the database alone: whoever watches may do so at another instance. A database that is away
 * for a while stops no search: what was not stored is kept and stored when it is back.
 */
final class RunProgress {
    private static final Logger LOG = LoggerFactory.getLogger(RunProgress.class);
    /** Whoever is called asks at once; this is for calls that were missed. */
    private static final long ASK_EVERY_NANOS = 2_000_000_000L;

    private static final long SAVE_EVERY_NANOS = 250_000_000;
    /** Well within the time after which others take it for dead. */
    private static final long TOUCH_EVERY_NANOS = 20_000_000_000L;

    private final FitRunMapper runs;
    private final Lease lease;
    private final AtomicBoolean called = new AtomicBoolean();
    private final BooleanSupplier shuttingDown;
    private final AtomicLong asked = new AtomicLong(System.nanoTime());
    private final AtomicLong touched = new AtomicLong(System.nanoTime());
    private final AtomicLong saved = new AtomicLong();
    private final AtomicBoolean cancelled = new AtomicBoolean();
    private final AtomicBoolean brokenOff = new AtomicBoolean();
    private final AtomicReference<@Nullable FitLayout> unsaved = new AtomicReference<>();

    RunProgress(FitRunMapper runs, Lease lease, BooleanSupplier shuttingDown) {
        this.runs = runs;
        this.lease = lease;
        this.shuttingDown = shuttingDown;
    }

    boolean isToStop() {
        if (!isCancelled() && shuttingDown.getAsBoolean()) {
            brokenOff.set(true);
        }
        return cancelled.get() || brokenOff.get();
    }

    /** Was it stopped because this instance stops? Then another goes on with it. */
    boolean isBrokenOff() {
        return brokenOff.get() && !cancelled.get();
    }

    /** Something about the run was written: the next look asks the database. */
    void called() {
        called.set(true);
    }

    /** Asks the database when it was called, and now and then: the wish to stop may come through another instance. */
    boolean isCancelled() {
        long last = asked.get();
        long now = System.nanoTime();
        boolean due = now - last > ASK_EVERY_NANOS || called.getAndSet(false);
        if (!cancelled.get() && due && asked.compareAndSet(last, now)) {
            whereItCan(() -> {
                cancelled.compareAndSet(false, runs.isToStop(lease));
                FitLayout better = unsaved.getAndSet(null);
                if (better != null) {
                    store(better);
                } else if (now - touched.get() > TOUCH_EVERY_NANOS) {
                    touched.set(now);
                    runs.touch(lease);
                }
            });
        }
        return cancelled.get();
    }

    private void whereItCan(Runnable write) {
        try {
            write.run();
        } catch (DataAccessException e) {
            LOG.warn("Run {} cannot reach the database; it works on", lease.run());
        }
    }

    /** A better lay; of many in a second a few are stored. */
    void improved(FitLayout better) {
        long now = System.nanoTime();
        if (saved.get() == 0 || now - saved.get() > SAVE_EVERY_NANOS) {
            saved.set(now);
            whereItCan(() -> store(better));
        }
    }

    /** @throws DataAccessException if the database is away; it is then stored as soon as it is back, where the search goes on */
    void store(FitLayout layout) {
        unsaved.set(layout);
        runs.improve(
                lease,
                layout.placements().size(),
                layout.measures().utilisation(),
                FitLayoutJson.write(layout).toString());
        unsaved.compareAndSet(layout, null);
    }

    void answer(RunAnswer answer, String message) {
        whereItCan(() -> runs.answer(lease, answer.text(), message));
    }
}
