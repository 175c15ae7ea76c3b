package org.handdown.server.drawing;

import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what was said of outlines by the names of their layers and blocks. */
@Service
class OutlineTagService {
    private static final int MOST = 500;

    private final OutlineTagMapper mapper;

    OutlineTagService(OutlineTagMapper mapper) {
        this.mapper = mapper;
    }

    @Transactional(readOnly = true)
    List<OutlineTag> all(UUID household) {
        return mapper.all(household);
    }

    @Transactional
    List<OutlineTag> remember(UUID household, List<OutlineTag> tags) {
        tags.forEach(tag -> mapper.put(household, tag));
        mapper.forget(household, MOST);
        return mapper.all(household);
    }
}
