package org.handdown.server.project;

import java.util.Map;
import java.util.UUID;
import org.handdown.make.Toolbox;
import org.handdown.measure.Practice;
import org.handdown.project.Kept;
import org.handdown.project.Project;
import org.handdown.project.Workroom;
import org.handdown.source.graph.StitchType;
import org.jspecify.annotations.Nullable;

/**
 * A project as it stands in the database.
 *
 * @param version counts every write; a write must name the version it was made on
 * @param undoWhat what undoing would take back, null where there is nothing
 * @param rates the household's own minutes a metre of unpicking
 * @param tools that the household has
 * @param practice that the household goes by now; the project keeps its own until somebody takes these over
 * @param kept results of earlier looks at this and other projects
 * @param redoWhat what redoing would bring again, null where there is nothing
 */
public record StoredProject(
        UUID id,
        long version,
        Project project,
        @Nullable String undoWhat,
        @Nullable String redoWhat,
        Map<StitchType, Double> rates,
        Toolbox tools,
        Practice practice,
        Kept kept) {
    /** What follows from it, by this household's rates and tools. */
    public Workroom room() {
        return new Workroom(project, rates, tools, kept);
    }
}
