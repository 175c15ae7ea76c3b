package org.handdown.server.stash;

import java.util.List;
import java.util.UUID;
import org.handdown.shopping.AtHand;
import org.springframework.stereotype.Service;

/** What of a stash is free to be used, for those who ask what must be bought. */
@Service
public class StashStock {
    private final StashService stash;

    StashStock(StashService stash) {
        this.stash = stash;
    }

    /** Notions, keepers and flat cloth that nobody has a claim on, the newest first. */
    public List<AtHand.Stocked> free(UUID household) {
        return stash.suppliesAndCloth(household).stream()
                .filter(k -> k.free() > 0)
                .map(k -> new AtHand.Stocked(k.code(), k.item().thing(), k.free()))
                .toList();
    }
}
