package org.handdown.project;

import java.util.Objects;
import org.handdown.measure.RefusedValueException;
import org.handdown.source.Source;

/**
 * Which source of a project is in hand. The one that is stands where the project's own stands as a rule, and that one is put aside, so that
 * whatever takes apart and measures a source needs to know of one only (docs/decisions/18-several-sources.md).
 */
final class InHand {
    private InHand() {}

    /** As {@link Project#turnedTo} tells. */
    static Project turnedTo(Project project, String id) {
        Project own = turnedBack(project);
        if (id.isEmpty()) {
            return own;
        }
        if (!(own.cloths().require(id) instanceof Brought.OtherSource other)) {
            throw new RefusedValueException("cloths.id", "That lies flat already: there is nothing to take apart.");
        }
        return own.holding(
                other.source(),
                other.opening(),
                other.panels(),
                own.cloths(),
                new Project.Aside(id, own.source(), own.opening(), own.panels()));
    }

    /** As {@link Project#turnedBack} tells. */
    static Project turnedBack(Project project) {
        Project.Aside aside = project.aside();
        if (aside == null) {
            return project;
        }
        Cloths cloths = project.cloths();
        Brought.OtherSource before = (Brought.OtherSource) cloths.require(aside.inHand());
        Source now = Objects.requireNonNull(project.source());
        boolean same =
                now == before.source() && project.opening() == before.opening() && project.panels() == before.panels();
        Cloths others = same
                ? cloths
                : cloths.changing(new Brought.OtherSource(
                        before.id(), before.thing(), now, project.opening(), project.panels(), before.roles()));
        return project.holding(aside.source(), aside.opening(), aside.panels(), others, null);
    }
}
