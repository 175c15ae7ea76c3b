package org.handdown.server.stash;

import java.util.List;
import java.util.UUID;
import org.handdown.formats.project.StashedSourceJson;
import org.handdown.source.StashedSource;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Sources that wait in a household's stash. */
@Service
public class StashService {
    private final StashMapper mapper;

    StashService(StashMapper mapper) {
        this.mapper = mapper;
    }

    record Kept(UUID id, StashedSource source) {}

    @Transactional(readOnly = true)
    List<Kept> list(UUID household) {
        return mapper.list(household).stream()
                .map(r -> new Kept(r.id(), StashedSourceJson.read(r.document())))
                .toList();
    }

    /** A source from its open format. */
    @Transactional
    public UUID importSource(UUID household, String text) {
        UUID id = UUID.randomUUID();
        mapper.insert(household, id, StashedSourceJson.text(StashedSourceJson.read(text)));
        return id;
    }
}
