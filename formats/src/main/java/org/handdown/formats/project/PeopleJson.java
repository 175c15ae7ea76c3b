package org.handdown.formats.project;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.List;
import org.handdown.body.BodyMeasure;
import org.handdown.body.Person;
import org.handdown.body.Person.Reading;
import org.handdown.formats.Json;
import org.handdown.formats.JsonField;
import org.handdown.measure.Length;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.Origin;
import org.handdown.measure.RefusedValueException;

/** Reads and writes {@code handdown-people/1}: whom a household makes things for, with dated readings (docs/formats/people.md); mm. */
public final class PeopleJson {
    public static final String FORMAT = "handdown-people/1";
    private static final int MOST = 100;
    private static final int MOST_READINGS = 1_000;

    private PeopleJson() {}

    /** @param unit that their lengths are shown in */
    public record Shown(Person person, LengthUnit unit) {}

    /** @throws RefusedValueException naming the field that is at fault */
    public static List<Shown> read(String text) {
        JsonField f = JsonField.root(Json.parse(text));
        Json.requireFormat(f, FORMAT);
        List<Shown> people = f.get("people").list(PeopleJson::person);
        if (people.size() > MOST) {
            throw new RefusedValueException("people", "A household keeps 100 people at most; bring them in parts.");
        }
        return people;
    }

    private static Shown person(JsonField f) {
        List<Reading> readings = f.get("readings").list(PeopleJson::reading);
        if (readings.size() > MOST_READINGS) {
            throw f.get("readings").refusal("A person keeps 1000 readings at most.");
        }
        return f.refusingHere(() -> new Shown(
                new Person(f.get("name").text().strip(), readings),
                f.get("unit").word(LengthUnit.class, LengthUnit.CM)));
    }

    private static Reading reading(JsonField f) {
        JsonField again = f.get("againMm");
        return f.refusingHere(() -> new Reading(
                f.get("measure").word(BodyMeasure.class),
                Length.ofMm(f.get("mm").number()),
                f.get("typed").text(""),
                again.isPresent() ? Length.ofMm(again.number()) : null,
                day(f.get("on")),
                f.get("origin").word(Origin.class, Origin.TAPE),
                f.get("by").text("")));
    }

    private static LocalDate day(JsonField f) {
        try {
            return LocalDate.parse(f.text());
        } catch (DateTimeParseException e) {
            throw f.refusal("is no day; write it as 2026-03-01.");
        }
    }

    public static String text(List<Shown> people) {
        ObjectNode node = Json.MAPPER.createObjectNode().put("format", FORMAT);
        ArrayNode all = node.putArray("people");
        for (Shown shown : people) {
            ObjectNode one = all.addObject().put("name", shown.person.name()).put("unit", Words.of(shown.unit));
            ArrayNode readings = one.putArray("readings");
            shown.person.readings().forEach(r -> write(readings.addObject(), r));
        }
        return node.toString();
    }

    private static void write(ObjectNode node, Reading r) {
        node.put("measure", Words.of(r.measure())).put("mm", r.length().mm());
        if (!r.typed().isEmpty()) {
            node.put("typed", r.typed());
        }
        Length again = r.again();
        if (again != null) {
            node.put("againMm", again.mm());
        }
        node.put("on", r.on().toString()).put("origin", Words.of(r.origin()));
        if (!r.by().isEmpty()) {
            node.put("by", r.by());
        }
    }
}
