package org.handdown.project;

import java.util.List;
import java.util.Set;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitProblem;
import org.handdown.fit.Placed;

/**
 * @param problem the panels and pieces as they were when laid; pins are told apart from it
 * @param pinned copies that are to stay where they are, as piece#copy
 */
public record Lay(FitProblem problem, FitLayout layout, boolean movedByHand, Set<String> pinned) {
    public Lay(FitProblem problem, FitLayout layout, boolean movedByHand) {
        this(problem, layout, movedByHand, Set.of());
    }

    public Lay {
        problem = problem.withPinned(List.of());
        pinned = Set.copyOf(pinned);
    }

    /** Where the pinned copies lie. */
    public List<Placed> pins() {
        return layout.placements().stream()
                .filter(p -> pinned.contains(p.name()))
                .toList();
    }

    public Lay withPinned(Set<String> others) {
        return new Lay(problem, layout, movedByHand, others);
    }

    /** Moved by hand to another layout of the same pieces. */
    public Lay movedTo(FitLayout other) {
        return new Lay(problem, other, true, pinned);
    }
}
