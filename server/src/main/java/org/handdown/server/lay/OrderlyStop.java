package org.handdown.server.lay;

import com.github.kagkarlsson.scheduler.Scheduler;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;

/**
 * Stops what runs long before the web server waits for its requests: open progress streams count as requests in work, and a run at work
 * is handed back into the queue while the database can still be reached.
 */
@Component
class OrderlyStop implements SmartLifecycle {
    private final Scheduler scheduler;
    private final FitEvents events;
    private volatile boolean running;

    OrderlyStop(Scheduler scheduler, FitEvents events) {
        this.scheduler = scheduler;
        this.events = events;
    }

    @Override
    public void start() {
        running = true;
    }

    @Override
    public void stop() {
        running = false;
        events.endAll();
        scheduler.stop();
    }

    @Override
    public boolean isRunning() {
        return running;
    }

    /** First of all that are stopped. */
    @Override
    public int getPhase() {
        return Integer.MAX_VALUE;
    }
}
