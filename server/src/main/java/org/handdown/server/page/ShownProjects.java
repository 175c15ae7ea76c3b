package org.handdown.server.page;

import java.util.List;
import org.handdown.project.Kept;
import org.handdown.server.project.Showing;
import org.handdown.server.project.StoredProject;
import org.springframework.stereotype.Component;

/** Shows projects by their views. */
@Component
class ShownProjects implements Showing {
    @Override
    public void require(StoredProject stored) {
        stored.kept().of(Kept.Result.WORKABLE, List.of(stored.project(), stored.ways()), () -> {
            stored.room().requireWorkable();
            return true;
        });
        ProjectViews.of(stored);
    }
}
