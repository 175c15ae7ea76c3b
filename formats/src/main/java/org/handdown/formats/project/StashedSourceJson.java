package org.handdown.formats.project;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import org.handdown.formats.JsonField;
import org.handdown.formats.fit.FitProblemJson;
import org.handdown.source.SourceKind;
import org.handdown.source.StashedSource;

/** Reads and writes {@code handdown-source/1}. */
public final class StashedSourceJson {
    public static final String FORMAT = "handdown-source/1";

    private StashedSourceJson() {}

    public static StashedSource read(String text) {
        JsonField f = JsonField.root(FitProblemJson.parse(text));
        FitProblemJson.requireFormat(f, FORMAT);
        return new StashedSource(
                f.get("kind").word(SourceKind.class),
                f.get("name").name(),
                f.get("what").text(""),
                f.get("condition").text(""),
                f.get("care").text(""),
                f.get("cost").text(""),
                f.get("idea").text(""),
                SourceJson.cloth(f.get("cloth").required()),
                f.get("measures")
                        .list(m -> new StashedSource.Measure(
                                m.get("name").name(), m.get("mm").number())));
    }

    public static String text(StashedSource source) {
        ObjectNode node = FitProblemJson.JSON.createObjectNode().put("format", FORMAT);
        node.put("kind", Words.of(source.kind())).put("name", source.name()).put("what", source.what());
        node.put("condition", source.condition()).put("care", source.care()).put("cost", source.cost());
        node.put("idea", source.idea()).set("cloth", SourceJson.write(source.cloth()));
        ArrayNode measures = node.putArray("measures");
        source.measures()
                .forEach(m -> measures.addObject().put("name", m.name()).put("mm", m.mm()));
        return node.toString();
    }
}
