package org.handdown.make;

import java.util.List;

/**
 * One thing to do.
 *
 * @param gate true before something that cannot be undone
 * @param checks what to look at by hand, with figures, before going on
 * @param caution the usual caution where work can hurt, empty where it cannot
 * @param needs steps that come first, each with its reason
 */
public record Step(
        String id,
        String title,
        String how,
        boolean gate,
        List<String> checks,
        String caution,
        double minutes,
        List<Need> needs) {
    /** A step that must be done before. */
    public record Need(String step, Reason reason) {}

    public Step {
        checks = List.copyOf(checks);
        needs = List.copyOf(needs);
    }
}
