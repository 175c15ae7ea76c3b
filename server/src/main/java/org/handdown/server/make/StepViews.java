package org.handdown.server.make;

import java.util.List;
import org.handdown.project.Project;
import org.handdown.server.project.Shown;

/** The order of work, as the page wants it. */
public final class StepViews {
    private StepViews() {}

    public static List<StepView> of(Shown shown) {
        return shown.room().steps().stream()
                .map(s -> {
                    Project.Done done = shown.project().done().get(s.id());
                    return new StepView(s, done != null, done == null ? null : done.minutes());
                })
                .toList();
    }
}
