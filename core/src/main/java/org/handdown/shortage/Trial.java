package org.handdown.shortage;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.BooleanSupplier;
import java.util.function.Predicate;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.Placed;
import org.handdown.fit.search.Fitter;
import org.handdown.measure.RefusedValueException;
import org.handdown.project.Lay;
import org.handdown.project.Project;
import org.handdown.project.Workroom;

/**
 * Lays a changed project for real: from where its pieces lie now, until what is asked for lies or the time is up. What is pinned stays.
 */
final class Trial {
    private final Effort effort;
    private final BooleanSupplier cancelled;

    /** A changed project with its lay. */
    record Outcome(Project project, FitLayout layout) {}

    Trial(Effort effort, BooleanSupplier cancelled) {
        this.effort = effort;
        this.cancelled = cancelled;
    }

    /** The problem of a project with what is pinned in its lay, as far as those pieces are still there. */
    static Optional<FitProblem> problem(Project project) {
        return new Workroom(project).pinnedProblem();
    }

    /** @return the project with a lay that is good enough; empty if none was found */
    Optional<Outcome> of(Project changed, Predicate<FitLayout> good, double seconds) {
        Lay before = changed.lay();
        List<Placed> laid = before == null ? List.of() : before.layout().placements();
        try {
            return problem(changed).flatMap(problem -> of(changed, problem, laid, good, seconds));
        } catch (RefusedValueException refused) {
            // A pin that cannot stay, or pieces that cannot be drawn so: nothing to offer.
            return Optional.empty();
        }
    }

    private Optional<Outcome> of(
            Project changed, FitProblem problem, List<Placed> laid, Predicate<FitLayout> good, double seconds) {
        AtomicBoolean found = new AtomicBoolean();
        FitLayout layout = new Fitter(
                        problem,
                        new Fitter.Budget(seconds, effort.steps(), effort.seed(), effort.threads()),
                        laid,
                        System::nanoTime,
                        () -> found.get() || cancelled.getAsBoolean(),
                        better -> {
                            if (good.test(better)) {
                                found.set(true);
                            }
                        })
                .fit();
        if (!good.test(layout)) {
            return Optional.empty();
        }
        Lay before = changed.lay();
        Lay lay = new Lay(problem, layout, false, before == null ? java.util.Set.of() : before.pinned());
        return Optional.of(new Outcome(changed.withLay(lay), layout));
    }

    /** All required copies lie. */
    static Predicate<FitLayout> wholly(FitProblem problem) {
        int wanted = problem.pieces().stream()
                .filter(FitPiece::required)
                .mapToInt(FitPiece::quantity)
                .sum();
        return layout -> layout.placements().stream()
                        .filter(p -> problem.piece(p.piece()).required())
                        .count()
                == wanted;
    }

    /**
     * At least as many copies of each piece lie as are asked for.
     *
     * @param copies by piece id
     */
    static Predicate<FitLayout> atLeast(Map<String, Integer> copies) {
        return layout -> {
            Map<String, Integer> there = count(layout);
            return copies.entrySet().stream().allMatch(e -> there.getOrDefault(e.getKey(), 0) >= e.getValue());
        };
    }

    static Map<String, Integer> count(FitLayout layout) {
        Map<String, Integer> there = new HashMap<>();
        layout.placements().forEach(p -> there.merge(p.piece(), 1, Integer::sum));
        return there;
    }
}
