package org.handdown.server.project;

import java.util.Objects;
import org.handdown.server.web.StaleVersionException;

/** A project at the version that the page shows, which every change must name: {@link ProjectOf} with the parameter {@code version}. */
public record ProjectAt(ProjectOf of, long version) {
    /** @throws StaleVersionException if somebody wrote meanwhile */
    void requireVersion(ProjectMapper.ProjectRow row) {
        if (row.version() != version) {
            throw new StaleVersionException(Objects.requireNonNullElse(row.undoWhat(), "an undo"));
        }
    }
}
