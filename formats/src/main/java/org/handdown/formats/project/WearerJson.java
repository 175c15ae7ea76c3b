package org.handdown.formats.project;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.EnumMap;
import java.util.Map;
import org.handdown.body.BodyMeasure;
import org.handdown.body.Wearer;
import org.handdown.formats.JsonField;
import org.handdown.measure.Length;
import org.handdown.measure.LengthText;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.Origin;
import org.handdown.measure.RefusedValueException;
import org.jspecify.annotations.Nullable;

/** A person and their measures, as JSON: a name, measures by their words, and readings of earlier days. */
final class WearerJson {
    private WearerJson() {}

    /** Reads {@code wearer}, {@code measures} and {@code earlier} of an object. */
    static Wearer read(JsonField f) {
        // Older files hold bare numbers, typed in the unit that the household had then; where none is told they mean
        // nothing more.
        @Nullable LengthUnit bare = f.get("unit").isPresent() ? f.get("unit").word(LengthUnit.class) : null;
        Map<BodyMeasure, Wearer.Taken> measures = new EnumMap<>(BodyMeasure.class);
        JsonField given = f.get("measures").required();
        for (BodyMeasure measure : BodyMeasure.values()) {
            JsonField m = given.get(Words.of(measure));
            if (m.isPresent()) {
                measures.put(
                        measure,
                        new Wearer.Taken(
                                Length.ofMm(m.get("mm").number()),
                                typed(m, bare),
                                m.get("origin").word(Origin.class),
                                m.get("againMm").isPresent()
                                        ? Length.ofMm(m.get("againMm").number())
                                        : null,
                                m.get("on").isPresent() ? day(m.get("on")) : null));
            }
        }
        return f.refusingHere(() -> new Wearer(
                f.get("wearer").name(),
                measures,
                f.get("earlier")
                        .list(e -> new Wearer.Earlier(
                                e.get("measure").word(BodyMeasure.class),
                                Length.ofMm(e.get("mm").number()),
                                day(e.get("on"))))));
    }

    private static String typed(JsonField m, @Nullable LengthUnit bare) {
        String text = m.get("typed").text("");
        try {
            return text.isEmpty() || bare == null ? text : LengthText.withUnit(text, bare);
        } catch (RefusedValueException e) {
            // Words that are no length: nothing is known of their unit, and the figure beside them counts.
            return text;
        }
    }

    private static LocalDate day(JsonField f) {
        try {
            return LocalDate.parse(f.text());
        } catch (DateTimeParseException e) {
            throw f.refusal("is no day; write it as 2026-03-01.");
        }
    }

    static void write(ObjectNode node, Wearer wearer) {
        node.put("wearer", wearer.name());
        ObjectNode measures = node.putObject("measures");
        for (BodyMeasure measure : BodyMeasure.values()) {
            wearer.find(measure).ifPresent(taken -> {
                ObjectNode m = measures.putObject(Words.of(measure))
                        .put("mm", taken.length().mm())
                        .put("typed", taken.typed())
                        .put("origin", Words.of(taken.origin()));
                @Nullable Length again = taken.again();
                if (again != null) {
                    m.put("againMm", again.mm());
                }
                @Nullable LocalDate on = taken.on();
                if (on != null) {
                    m.put("on", on.toString());
                }
            });
        }
        if (!wearer.earlier().isEmpty()) {
            ArrayNode earlier = node.putArray("earlier");
            wearer.earlier()
                    .forEach(e -> earlier.addObject()
                            .put("measure", Words.of(e.measure()))
                            .put("mm", e.length().mm())
                            .put("on", e.on().toString()));
        }
    }
}
