package org.handdown.server.stash;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.handdown.measure.RefusedValueException;
import org.handdown.project.Brought;
import org.handdown.project.Project;
import org.handdown.server.lay.SpareCloth;
import org.springframework.stereotype.Component;

/** Spare cloth out of the stash. */
@Component
class StashSpare implements SpareCloth {
    private final StashService stash;

    StashSpare(StashService stash) {
        this.stash = stash;
    }

    @Override
    public List<Brought.FlatSheet> of(UUID household, Project project) {
        List<Brought.FlatSheet> all = new ArrayList<>();
        for (StashService.Kept kept : stash.flat(household)) {
            String id = kept.row().id().toString();
            boolean isThere =
                    project.cloths().brought().stream().anyMatch(b -> b.thing().equals(id));
            if (kept.free() > 0 && !isThere) {
                take(project, kept, id, all);
            }
        }
        return all;
    }

    /** What the project cannot take, or has no room for, helps it in nothing. */
    private static void take(Project project, StashService.Kept kept, String id, List<Brought.FlatSheet> all) {
        try {
            if (new BroughtThing(id, kept.item(), kept.free()).in(project, Set.of())
                    instanceof Brought.FlatSheet sheet) {
                all.add(sheet);
            }
        } catch (RefusedValueException e) {
            // Less of it is left than anything can be cut from.
        }
    }
}
