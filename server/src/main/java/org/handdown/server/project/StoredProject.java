package org.handdown.server.project;

import java.util.UUID;
import org.handdown.project.Kept;
import org.handdown.project.Project;
import org.handdown.project.Workroom;
import org.jspecify.annotations.Nullable;

/**
 * A project as it stands in the database; what a route answers with it, the page sees as a {@code ProjectView}.
 *
 * @param kept results of earlier looks at this and other projects
 */
public record StoredProject(Stand at, Project project, HouseholdWays ways, Kept kept) {
    /**
     * Where it stands among its states.
     *
     * @param version counts every write; a write must name the version it was made on
     * @param undoWhat what undoing would take back, null where there is nothing
     * @param redoWhat what redoing would bring again, null where there is nothing
     */
    public record Stand(
            UUID id,
            long version,
            @Nullable String undoWhat,
            @Nullable String redoWhat) {
        /** Of a project that is not stored yet. */
        static final Stand NOWHERE = new Stand(new UUID(0, 0), 0, null, null);
    }

    /** What follows from it, by this household's rates and tools. */
    public Workroom room() {
        return new Workroom(project, ways.rates(), ways.tools(), kept);
    }
}
