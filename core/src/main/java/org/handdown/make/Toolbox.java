package org.handdown.make;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** What this very table has. A plan asks for nothing that it lacks without saying what serves instead. */
public record Toolbox(Set<Tool> owned) {
    /** Taken for granted until somebody says what is there. */
    public static final Toolbox FULL = new Toolbox(EnumSet.allOf(Tool.class));

    public Toolbox {
        owned = Set.copyOf(owned);
    }

    public boolean has(Tool tool) {
        return owned.contains(tool);
    }

    /** The same steps, each with what to do where a tool it asks for is missing. */
    public List<Step> fit(List<Step> steps) {
        return steps.stream().map(this::fit).toList();
    }

    private Step fit(Step step) {
        List<String> how = new ArrayList<>();
        if (!step.how().isEmpty()) {
            how.add(step.how());
        }
        step.tools().stream().filter(t -> !has(t)).map(Tool::instead).forEach(how::add);
        return step.withHow(String.join(" ", how));
    }
}
