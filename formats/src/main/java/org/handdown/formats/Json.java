package org.handdown.formats;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.StreamReadFeature;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/** What all JSON of Hand Down shares: strict reading, the name of the format, points as pairs of mm. */
public final class Json {
    public static final JsonMapper MAPPER = JsonMapper.builder()
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .build();

    private Json() {}

    /** Parses JSON text. @throws RefusedValueException with line and column */
    public static JsonNode parse(String text) {
        try {
            return MAPPER.readTree(text);
        } catch (JsonProcessingException e) {
            var at = e.getLocation();
            String where = at == null ? "" : Wording.fill(" (line %d, column %d)", at.getLineNr(), at.getColumnNr());
            throw new RefusedValueException("file", "is not JSON: " + firstLine(e.getOriginalMessage()) + where + ".");
        }
    }

    private static String firstLine(String text) {
        return text.lines().findFirst().orElse("cannot be read");
    }

    public static void requireFormat(JsonField file, String format) {
        if (!file.get("format").isPresent()) {
            throw file.get("format")
                    .refusal(Wording.fill(
                            "is not told: this is no file of Hand Down, or not a whole one; a “%s” is wanted here.",
                            format));
        }
        String given = file.get("format").text();
        if (given.equals(format)) {
            return;
        }
        String kind = format.substring(0, format.indexOf('/') + 1);
        throw file.get("format")
                .refusal(
                        given.startsWith(kind)
                                ? Wording.fill(
                                        "is “%s”, written by a newer Hand Down; this one reads “%s” and would cut what it does not know. Bring the program up to date first.",
                                        given, format)
                                : Wording.fill("is “%s”; a “%s” is wanted here.", given, format));
    }

    public static ArrayNode ring(Ring ring) {
        ArrayNode points = MAPPER.createArrayNode();
        ring.points().forEach(p -> points.add(point(p)));
        return points;
    }

    public static ArrayNode point(Point p) {
        return MAPPER.createArrayNode().add(p.x()).add(p.y());
    }
}
