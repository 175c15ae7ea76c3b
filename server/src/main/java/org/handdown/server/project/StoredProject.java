package org.handdown.server.project;

import java.util.Map;
import java.util.UUID;
import org.handdown.project.Project;
import org.handdown.source.StitchType;
import org.jspecify.annotations.Nullable;

/**
 * A project as it stands in the database.
 *
 * @param version counts every write; a write must name the version it was made on
 * @param undoWhat what undoing would take back, null where there is nothing
 * @param rates the household's own minutes a metre of unpicking
 * @param redoWhat what redoing would bring again, null where there is nothing
 */
public record StoredProject(
        UUID id,
        long version,
        Project project,
        @Nullable String undoWhat,
        @Nullable String redoWhat,
        Map<StitchType, Double> rates) {}
