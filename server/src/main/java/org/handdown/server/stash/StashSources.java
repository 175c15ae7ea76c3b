package org.handdown.server.stash;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.handdown.project.Project;
import org.handdown.server.web.NotThereException;
import org.handdown.source.Source;
import org.handdown.stash.StashThing;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Garments and household cloths of a stash, for those who ask what they could become. */
@Service
public class StashSources {
    private final StashService stash;
    private final HoldService holds;

    StashSources(StashService stash, HoldService holds) {
        this.stash = stash;
        this.holds = holds;
    }

    /** A source by its id in the stash. */
    public record Named(UUID id, Source source) {}

    /** Those that nobody has a claim on, the newest first. */
    @Transactional(readOnly = true)
    public List<Named> free(UUID household) {
        List<Named> all = new ArrayList<>();
        for (StashService.Kept kept : stash.garments(household)) {
            if (kept.free() > 0 && kept.item().thing() instanceof StashThing.Garment g) {
                all.add(new Named(kept.row().id(), g.source()));
            }
        }
        return all;
    }

    /** @throws NotThereException for what is no garment of this stash */
    @Transactional(readOnly = true)
    public Named require(UUID household, UUID id) {
        return new Named(id, stash.requireSource(household, id));
    }

    /** A garment as it was described, not in the stash yet. */
    public static Source described(ThingRequests.ThingRequest thing) {
        return thing.toSource();
    }

    /** A project begun with one, which is reserved for it; neither without the other. */
    @Transactional
    public UUID begin(UUID household, UUID thing, Project project) {
        return holds.begin(household, thing, project);
    }
}
