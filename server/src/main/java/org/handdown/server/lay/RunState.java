package org.handdown.server.lay;

import java.util.Locale;

/** Where a run stands. */
enum RunState {
    WAITING,
    RUNNING,
    DONE,
    CANCELLED,
    FAILED;

    static RunState named(String word) {
        return valueOf(word.toUpperCase(Locale.ROOT));
    }

    /** As it is stored and told. */
    String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    boolean isOver() {
        return this != WAITING && this != RUNNING;
    }
}
