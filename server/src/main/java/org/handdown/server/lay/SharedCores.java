package org.handdown.server.lay;

import java.util.concurrent.atomic.AtomicInteger;

/** The cores of this instance, shared by the runs at work in it. */
final class SharedCores {
    private final int cores;
    private final AtomicInteger atWork = new AtomicInteger();

    SharedCores(int cores) {
        this.cores = cores;
    }

    /** A run begins. @return threads it may search with, beside the others that are at work; at least one */
    int enter() {
        return Math.max(1, cores / atWork.incrementAndGet());
    }

    /** A run that entered is over, however it ended. */
    void leave() {
        atWork.decrementAndGet();
    }
}
