package org.handdown.shortage;

import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import org.handdown.measure.RefusedValueException;
import org.handdown.project.Brought;
import org.handdown.project.Project;

/**
 * What would let a piece lie that has no place, in order of how little the garment changes. Each is tried by the fitter from the lay
 * there is, everything else that lies must still lie, and only what worked is offered.
 */
public final class Remedies {
    private final Attempts attempts;

    /**
     * @param project with a lay in which the piece has no place
     * @param piece id of it
     * @param cancelled asked often; true ends the search with what was found so far
     * @param found told of each remedy as it comes
     * @throws RefusedValueException if there is no lay, or no such piece in the design
     */
    public Remedies(Project project, String piece, Effort effort, BooleanSupplier cancelled, Consumer<Remedy> found) {
        this.attempts = new Attempts(project, piece, effort, cancelled, found);
    }

    /** All that would help with what the project has. */
    public List<Remedy> find() {
        return find(List.of());
    }

    /** All that would help. @param spare cloth that nobody has a claim on, each ready to be brought to the project */
    public List<Remedy> find(List<Brought.FlatSheet> spare) {
        new ClothRemedies(attempts).find();
        new OtherCloths(attempts, spare).find();
        new PatternRemedies(attempts).find();
        return attempts.offered();
    }
}
