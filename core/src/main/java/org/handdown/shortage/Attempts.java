package org.handdown.shortage;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import org.handdown.fit.FitProblem;
import org.handdown.fit.room.FitsAlone;
import org.handdown.measure.RefusedValueException;
import org.handdown.pattern.Design;
import org.handdown.pattern.Piece;
import org.handdown.pattern.change.Change;
import org.handdown.project.Lay;
import org.handdown.project.PatternPieces;
import org.handdown.project.Project;
import org.handdown.project.Workroom;

/** Tries what would let a piece lie, from the lay there is, and offers what worked. */
final class Attempts {
    private final Project project;
    private final String piece;
    private final Effort effort;
    private final BooleanSupplier cancelled;
    private final Consumer<Remedy> found;
    private final Trial trial;
    private final List<Remedy> offered = new ArrayList<>();
    private final HashMap<String, Integer> lying;
    private final Design design;
    private final Piece whole;

    /** @throws RefusedValueException if there is no lay, or no such piece in the design */
    Attempts(Project project, String piece, Effort effort, BooleanSupplier cancelled, Consumer<Remedy> found) {
        this.project = project;
        this.piece = piece;
        this.effort = effort;
        this.cancelled = cancelled;
        this.found = found;
        this.trial = new Trial(effort, cancelled);
        Lay lay = project.lay();
        if (lay == null || !(project.pieces() instanceof PatternPieces)) {
            throw new RefusedValueException("lay", "Lay the pieces first; then what has no place can be helped.");
        }
        this.lying = new HashMap<>(Trial.count(lay.layout()));
        this.design = new Workroom(project).design().orElseThrow();
        this.whole = design.find(piece)
                .orElseThrow(() -> new RefusedValueException("piece", "There is no such piece in the pattern."));
    }

    Project project() {
        return project;
    }

    String piece() {
        return piece;
    }

    Design design() {
        return design;
    }

    /** The piece that has no place. */
    Piece whole() {
        return whole;
    }

    /** What lies now, by piece. */
    HashMap<String, Integer> lying() {
        return new HashMap<>(lying);
    }

    List<Remedy> offered() {
        return List.copyOf(offered);
    }

    boolean isCancelled() {
        return cancelled.getAsBoolean();
    }

    void offer(Remedy remedy) {
        offered.add(remedy);
        found.accept(remedy);
    }

    /** Laid by the fitter with all that is wanted; empty where it does not lie. */
    Optional<Project> laid(Project changed) {
        return couldFit(changed, wanted())
                ? trial.of(changed, Trial.atLeast(wanted()), effort.seconds()).map(Trial.Outcome::project)
                : Optional.empty();
    }

    boolean offerPatiently(Remedy.Kind kind, String words, Project changed) {
        return offer(kind, words, changed, wanted(), 3 * effort.seconds());
    }

    Project changed(List<? extends Change> changes) {
        List<Change> all = new ArrayList<>(pattern().changes());
        all.addAll(changes);
        return project.withPieces(pattern().withChanges(all));
    }

    /** What must lie: all that lies now, and the piece itself as often as it is wanted. */
    HashMap<String, Integer> wanted() {
        HashMap<String, Integer> wanted = new HashMap<>(lying);
        wanted.put(piece, whole.quantity());
        return wanted;
    }

    boolean offer(Remedy.Kind kind, String words, Project changed, HashMap<String, Integer> wanted) {
        return offer(kind, words, changed, wanted, effort.seconds());
    }

    boolean offer(Remedy.Kind kind, String words, Project changed, HashMap<String, Integer> wanted, double seconds) {
        if (cancelled.getAsBoolean() || !couldFit(changed, wanted)) {
            return false;
        }
        return trial.of(changed, Trial.atLeast(wanted), seconds)
                .map(outcome -> {
                    offer(new Remedy(kind, words, outcome.project()));
                    return true;
                })
                .orElse(false);
    }

    /** Does every piece that is wanted and did not lie fit at least on the empty panels? */
    boolean couldFit(Project changed, HashMap<String, Integer> wanted) {
        try {
            FitProblem problem = Trial.problem(changed).orElse(null);
            return problem != null
                    && problem.pieces().stream()
                            .filter(p -> wanted.getOrDefault(p.id(), 0) > lying.getOrDefault(p.id(), 0))
                            .allMatch(p -> FitsAlone.on(problem, p));
        } catch (RefusedValueException refused) {
            // The change cannot be made on this piece.
            return false;
        }
    }

    PatternPieces pattern() {
        return (PatternPieces) java.util.Objects.requireNonNull(project.pieces());
    }
}
