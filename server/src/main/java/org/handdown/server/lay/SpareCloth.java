package org.handdown.server.lay;

import java.util.List;
import java.util.UUID;
import org.handdown.project.Brought;
import org.handdown.project.Project;

/** Cloth of a household that lies flat and that nobody has a claim on. */
public interface SpareCloth {
    /** Each as the project would take it. */
    List<Brought.FlatSheet> of(UUID household, Project project);
}
