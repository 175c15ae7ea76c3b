package org.handdown.server.project;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What a list shows of each project, kept beside its name. */
@Component
class KeptGlances {
    private final ProjectMapper mapper;
    private final ObjectMapper json;

    KeptGlances(ProjectMapper mapper, ObjectMapper json) {
        this.mapper = mapper;
        this.json = json;
    }

    /** @param stored the whole project, whichever of its sources somebody has in hand */
    GlanceView keep(ProjectOf of, StoredProject stored) {
        GlanceView made = GlanceView.of(stored);
        try {
            mapper.keepGlance(of.household(), of.id(), json.writeValueAsString(made));
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("Impossible state: a glance cannot be written.", e);
        }
        return made;
    }

    /** Empty where none was made yet, or another version of the program wrote it. */
    Optional<GlanceView> read(@Nullable String glance) {
        if (glance == null) {
            return Optional.empty();
        }
        try {
            return Optional.of(json.readValue(glance, GlanceView.class));
        } catch (JsonProcessingException e) {
            return Optional.empty();
        }
    }
}
