package org.handdown.shortage;

import java.util.HashMap;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import java.util.function.DoubleFunction;
import java.util.function.Predicate;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitProblem;
import org.handdown.fit.search.Fitter;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.pattern.change.Change;
import org.handdown.pattern.change.Lengthen;
import org.handdown.pattern.draft.Dimension;
import org.handdown.pattern.draft.Drafts;
import org.handdown.project.DraftOrder;
import org.handdown.project.Lay;
import org.handdown.project.PatternPieces;
import org.handdown.project.Project;
import org.jspecify.annotations.Nullable;

/**
 * A free dimension raised as far as the cloth allows: each value is laid for real, from the lay of the one before. Found by halving, so
 * the value told is one that lies, and the next step above it did not in the time given.
 */
public final class LargestThatFits {
    /** Lengths are told to this, mm. */
    private static final double STEP_MM = 1;

    private static final double STEP_SHARE = 0.01;

    private final Effort effort;
    private final BooleanSupplier cancelled;
    private final DoubleConsumer tried;

    /**
     * @param value the largest that lies
     * @param from what it is now
     * @param stops why it goes no farther, in words
     * @param after the project with that value, laid; null if not even the value of now lies
     */
    public record Largest(
            double value,
            double from,
            String stops,
            @Nullable Project after) {}

    /** What is raised: its bounds, and the project for a value. */
    private record Raised(double from, double most, double step, DoubleFunction<Project> at, String limit) {}

    /** @param tried told of each value that is tried */
    public LargestThatFits(Effort effort, BooleanSupplier cancelled, DoubleConsumer tried) {
        this.effort = effort;
        this.cancelled = cancelled;
        this.tried = tried;
    }

    /**
     * A dimension of a draft.
     *
     * @param order place of the draft in the project's pattern
     * @throws RefusedValueException if there is no such dimension, or it is no length, share or count
     */
    public Largest of(Project project, int order, String dimension) {
        PatternPieces pattern = pattern(project);
        if (order < 0 || order >= pattern.orders().size()) {
            throw new RefusedValueException("order", "There is no such draft in the pattern.");
        }
        DraftOrder old = pattern.orders().get(order);
        Dimension d = Drafts.require(old.draft()).dimensions().stream()
                .filter(x -> x.id().equals(dimension))
                .findFirst()
                .orElseThrow(() -> new RefusedValueException("dimension", "The draft has no such dimension."));
        double step = switch (d.kind()) {
            case LENGTH, COUNT -> STEP_MM;
            case SHARE -> STEP_SHARE;
            case TICK, CHOICE -> throw new RefusedValueException("dimension", "It is a choice, not a size.");
        };
        double now = old.choices().getOrDefault(dimension, old.usual(d));
        DoubleFunction<Project> at = value -> {
            HashMap<String, Double> choices = new HashMap<>(old.choices());
            choices.put(dimension, value);
            List<DraftOrder> orders = new java.util.ArrayList<>(pattern.orders());
            orders.set(order, old.withChoices(choices));
            return project.withPieces(pattern.withOrders(orders));
        };
        return largest(project, new Raised(now, d.most(), step, at, "The draft goes no farther."));
    }

    /**
     * Pieces made longer alike.
     *
     * @param pieces ids
     * @param atMm height of the line, above each piece's lowest point, at which they are cut and spread
     */
    public Largest longer(Project project, List<String> pieces, double atMm, double mostMm) {
        PatternPieces pattern = pattern(project);
        DoubleFunction<Project> at = value -> {
            if (value == 0) {
                return project;
            }
            List<Change> changes = new java.util.ArrayList<>(pattern.changes());
            changes.add(new Lengthen("as long as the cloth allows", pieces, atMm, value));
            return project.withPieces(pattern.withChanges(changes));
        };
        return largest(project, new Raised(0, mostMm, STEP_MM, at, "More was not asked for."));
    }

    private static PatternPieces pattern(Project project) {
        if (project.lay() == null || !(project.pieces() instanceof PatternPieces pattern)) {
            throw new RefusedValueException(
                    "lay", "Lay the pieces first; then it can be tried how far the cloth goes.");
        }
        return pattern;
    }

    private Largest largest(Project project, Raised raised) {
        double low = raised.from;
        Project best = laid(project, raised.at.apply(low)).orElse(null);
        if (best == null) {
            return new Largest(low, low, "Not even as it is now do all pieces lie.", null);
        }
        double high = raised.most;
        if (high <= low) {
            return new Largest(low, low, raised.limit, best);
        }
        Project most = tried(best, raised, high);
        if (most != null) {
            return new Largest(high, low, raised.limit, most);
        }
        String stops = why(best, raised, high);
        while (high - low > raised.step * 1.0001 && !cancelled.getAsBoolean()) {
            double middle = low + Math.max(raised.step, Math.floor((high - low) / 2 / raised.step) * raised.step);
            Project laid = tried(best, raised, middle);
            if (laid != null) {
                low = middle;
                best = laid;
            } else if (!cancelled.getAsBoolean()) {
                high = middle;
                stops = why(best, raised, high);
            }
        }
        return new Largest(low, raised.from, stops, best);
    }

    private @Nullable Project tried(Project best, Raised raised, double value) {
        tried.accept(value);
        try {
            return laid(best, raised.at.apply(value)).orElse(null);
        } catch (RefusedValueException cannotBeDrawn) {
            return null;
        }
    }

    /** @param best whose lay is begun with */
    private Optional<Project> laid(Project best, Project changed) {
        Lay lay = best.lay();
        Project begun = lay == null ? changed : changed.withLay(lay);
        FitProblem problem = Trial.problem(begun).orElse(null);
        if (problem == null) {
            return Optional.empty();
        }
        Predicate<FitLayout> good = Trial.wholly(problem);
        return new Trial(effort, cancelled).of(begun, good, effort.seconds()).map(Trial.Outcome::project);
    }

    private String why(Project best, Raised raised, double value) {
        try {
            Project changed = raised.at.apply(value);
            Lay lay = best.lay();
            FitProblem problem =
                    Trial.problem(lay == null ? changed : changed.withLay(lay)).orElseThrow();
            FitLayout layout = new Fitter(
                            problem,
                            new Fitter.Budget(effort.seconds(), Math.min(effort.steps(), 3), effort.seed(), 1),
                            lay == null ? List.of() : lay.layout().placements(),
                            System::nanoTime,
                            cancelled,
                            better -> {})
                    .fit();
            return layout.unplaced().stream()
                    .filter(u -> problem.piece(u.piece()).required())
                    .findFirst()
                    .map(u -> Wording.fill("The %s stops it: %s.", Wording.spoken(u.piece()), u.reason()))
                    .orElse("The pieces leave no more room.");
        } catch (RefusedValueException cannotBeDrawn) {
            return Wording.fill("It cannot be drawn so: %s", cannotBeDrawn.getMessage());
        }
    }
}
