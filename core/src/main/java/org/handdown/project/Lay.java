package org.handdown.project;

import java.util.List;
import java.util.Set;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitProblem;
import org.handdown.fit.Placed;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

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

    /**
     * What lies on one cloth, and what should lie on it and does not.
     *
     * @param cloth its name; empty for all
     * @throws RefusedValueException if no panel is of that cloth
     */
    public FitLayout layoutOn(String cloth) {
        if (cloth.isEmpty()) {
            return layout;
        }
        if (problem.panels().stream().noneMatch(p -> p.cloth().equals(cloth))) {
            throw new RefusedValueException("cloth", Wording.fill("No cloth of this lay is called “%s”.", cloth));
        }
        return new FitLayout(
                layout.placements().stream()
                        .filter(p -> problem.panel(p.panel()).cloth().equals(cloth))
                        .toList(),
                layout.unplaced().stream()
                        .filter(u -> problem.piece(u.piece()).cloths().contains(cloth))
                        .toList(),
                layout.measures(),
                layout.remnants().stream()
                        .filter(r -> problem.panel(r.panel()).cloth().equals(cloth))
                        .toList());
    }
}
