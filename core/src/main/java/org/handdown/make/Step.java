package org.handdown.make;

import java.util.List;

/**
 * One thing to do.
 *
 * @param gate true before something that cannot be undone
 * @param checks what to look at by hand, with figures, before going on
 * @param caution the usual caution where work can hurt, empty where it cannot
 * @param tools that it asks for
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
        List<Tool> tools,
        List<Need> needs) {
    /** A step that must be done before. */
    public record Need(String step, Reason reason) {}

    public Step {
        checks = List.copyOf(checks);
        tools = List.copyOf(tools);
        needs = List.copyOf(needs);
    }

    Step withHow(String other) {
        return new Step(id, title, other, gate, checks, caution, minutes, tools, needs);
    }

    Step withTools(List<Tool> others) {
        return new Step(id, title, how, gate, checks, caution, minutes, others, needs);
    }
}
