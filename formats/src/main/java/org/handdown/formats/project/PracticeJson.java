package org.handdown.formats.project;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.handdown.formats.Json;
import org.handdown.formats.JsonField;
import org.handdown.measure.Practice;

/** Figures of common practice that a household set for itself, as JSON: by figure, in mm, as a share, or in minutes a metre. */
final class PracticeJson {
    private PracticeJson() {}

    /** Figures that are not known here are passed over. */
    static Practice read(JsonField f) {
        return f.refusingHere(() -> {
            Map<Practice.Figure, Double> own = new EnumMap<>(Practice.Figure.class);
            for (String name : f.names()) {
                Optional<Practice.Figure> figure = Practice.Figure.find(name.toUpperCase(Locale.ROOT));
                figure.ifPresent(known -> own.put(known, f.get(name).number()));
            }
            return new Practice(own);
        });
    }

    static ObjectNode write(Practice practice) {
        ObjectNode node = Json.MAPPER.createObjectNode();
        for (Practice.Figure figure : Practice.Figure.values()) {
            Double value = practice.own().get(figure);
            if (value != null) {
                node.put(Words.of(figure), value);
            }
        }
        return node;
    }
}
