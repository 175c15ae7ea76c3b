package org.handdown.formats.project;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import org.handdown.formats.Json;
import org.handdown.formats.JsonField;
import org.handdown.measure.RefusedValueException;
import org.handdown.stash.StashItem;

/** Reads and writes {@code handdown-stash/1}: all things of a stash in one file (docs/formats/thing.md). */
public final class StashJson {
    public static final String FORMAT = "handdown-stash/1";
    private static final int MOST = 2_000;

    private StashJson() {}

    public static List<StashItem> read(String text) {
        JsonField f = JsonField.root(Json.parse(text));
        boolean isOne = f.get("format").isPresent() && !f.get("format").text().startsWith("handdown-stash/");
        if (isOne) {
            return List.of(StashItemJson.read(text));
        }
        Json.requireFormat(f, FORMAT);
        List<StashItem> things = f.get("things").list(StashItemJson::read);
        if (things.size() > MOST) {
            throw new RefusedValueException("things", "A stash takes 2000 things at most; bring them in parts.");
        }
        return things;
    }

    public static String text(List<StashItem> items) {
        ObjectNode node = Json.MAPPER.createObjectNode().put("format", FORMAT);
        ArrayNode things = node.putArray("things");
        items.forEach(i -> things.add(StashItemJson.write(i)));
        return node.toString();
    }
}
