package org.handdown.formats.project;

import com.fasterxml.jackson.databind.node.ObjectNode;
import org.handdown.formats.Json;
import org.handdown.formats.JsonField;
import org.handdown.source.StashedSource;

/** Reads and writes {@code handdown-source/1}. */
public final class StashedSourceJson {
    public static final String FORMAT = "handdown-source/1";

    private StashedSourceJson() {}

    public static StashedSource read(String text) {
        JsonField f = JsonField.root(Json.parse(text));
        Json.requireFormat(f, FORMAT);
        return new StashedSource(SourceJson.read(f), f.get("idea").text(""));
    }

    /** What a source that may not be readable is called. */
    public static String named(String text) {
        return Json.parse(text).path("name").asText("a source");
    }

    public static String text(StashedSource source) {
        ObjectNode node = Json.MAPPER.createObjectNode().put("format", FORMAT);
        node.setAll(SourceJson.write(source.source()));
        return node.put("idea", source.idea()).toString();
    }
}
