package org.handdown.server.project;

import java.util.UUID;
import java.util.function.UnaryOperator;
import org.handdown.project.Brought;
import org.handdown.project.Project;

/**
 * A project of the household that asks. As an argument of a route it is made from who is signed in and the address ({@code {project}}, else
 * {@code {id}}), so that no route can forget the household.
 *
 * @param inHand which of its sources the asker has in hand, from the parameter {@code of}: stations are about that one; empty for its own
 */
public record ProjectOf(UUID household, UUID id, String inHand) {
    /** With its own source in hand. */
    public ProjectOf(UUID household, UUID id) {
        this(household, id, "");
    }

    /** The project as a look at it shows it; a source that was taken out since is in nobody's hand any more. */
    Project turned(Project project) {
        boolean isThere = project.cloths()
                .find(inHand)
                .filter(Brought.OtherSource.class::isInstance)
                .isPresent();
        return isThere ? project.turnedTo(inHand) : project;
    }

    /** What becomes of the project where a change is made with that source in hand. */
    Project changed(Project project, UnaryOperator<Project> change) {
        return inHand.isEmpty()
                ? change.apply(project)
                : change.apply(project.turnedTo(inHand)).turnedBack();
    }
}
