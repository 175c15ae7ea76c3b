package org.handdown.server.idea;

import com.fasterxml.jackson.core.JsonProcessingException;
import org.handdown.formats.Json;
import org.handdown.measure.LengthUnit;

/**
 * What a household asked its stash.
 *
 * @param thing of the stash by its id; empty for all that is free
 * @param draft of the wish; empty for whatever it makes
 * @param wearer by name; empty for everybody whose height is known
 * @param height as it was typed, of somebody new; else empty
 * @param unit that it was typed in
 */
record Question(String thing, String draft, String wearer, String height, LengthUnit unit) {
    String text() {
        try {
            return Json.MAPPER.writeValueAsString(this);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("Impossible state: five words are no JSON.", e);
        }
    }

    /** As it was kept. */
    static Question read(String text) {
        try {
            return Json.MAPPER.readValue(text, Question.class);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("Impossible state: a question that was kept cannot be read.", e);
        }
    }
}
