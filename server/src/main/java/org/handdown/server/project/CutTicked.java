package org.handdown.server.project;

import org.handdown.project.Project;

/**
 * The step that cuts the cloth was ticked, or is ticked no more: told within the transaction that stores it, by a tick as by undo and redo.
 *
 * @param project as it is now
 */
public record CutTicked(ProjectOf of, Project project, boolean isCut) {
    private static final String STEP = "cut";

    static boolean isCut(Project project) {
        return project.done().containsKey(STEP);
    }
}
