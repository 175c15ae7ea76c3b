package org.handdown.server.lay;

import org.springframework.stereotype.Component;

/** Whether somebody waits for a run of a project: whatever else works in the background lets it go first. */
@Component
public class WaitingRuns {
    private final FitRunMapper runs;

    WaitingRuns(FitRunMapper runs) {
        this.runs = runs;
    }

    /** Is there a run, of anybody, that could begin now? */
    public boolean isAny() {
        return runs.isAnyWaiting();
    }
}
