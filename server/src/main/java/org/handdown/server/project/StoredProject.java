package org.handdown.server.project;

import java.util.UUID;
import org.handdown.project.Project;
import org.jspecify.annotations.Nullable;

/**
 * A project as it stands in the database.
 *
 * @param version counts every write; a write must name the version it was made on
 * @param undoWhat what undoing would take back, null where there is nothing
 * @param redoWhat what redoing would bring again, null where there is nothing
 */
public record StoredProject(
        UUID id,
        long version,
        Project project,
        @Nullable String undoWhat,
        @Nullable String redoWhat) {}
