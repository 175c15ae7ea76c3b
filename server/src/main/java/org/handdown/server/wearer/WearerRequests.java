package org.handdown.server.wearer;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.handdown.body.BodyMeasure;
import org.handdown.body.Person.Reading;
import org.handdown.measure.Length;
import org.handdown.measure.LengthText;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.Origin;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.server.project.Typed;
import org.jspecify.annotations.Nullable;

/** What the page sends of people: raw texts, turned into values here so that a refusal names the field. */
final class WearerRequests {
    /** Nobody's measures are older. */
    private static final LocalDate FIRST_DAY = LocalDate.of(1900, 1, 1);

    private WearerRequests() {}

    record PersonRequest(@Nullable String name, @Nullable LengthUnit unit) {
        LengthUnit shown() {
            return unit == null ? LengthUnit.CM : unit;
        }
    }

    /**
     * What was measured on a day.
     *
     * @param on the day, year first; empty for today
     * @param by who measured; may be empty
     * @param measures texts by measure id; empty ones were not taken
     * @param again second readings, likewise
     */
    record DayRequest(
            @Nullable String on,
            @Nullable String by,
            @Nullable Origin origin,
            @Nullable LengthUnit unit,
            @Nullable Map<String, String> measures,
            @Nullable Map<String, String> again) {
        List<Reading> toReadings(LocalDate today) {
            Typed typed = new Typed(unit == null ? LengthUnit.CM : unit);
            Map<String, String> texts = measures == null ? Map.of() : measures;
            Map<String, String> seconds = again == null ? Map.of() : again;
            LocalDate day = day(today);
            List<Reading> readings = new ArrayList<>();
            for (BodyMeasure measure : BodyMeasure.values()) {
                String text = Typed.text(texts.get(measure.name()));
                if (text.isEmpty()) {
                    continue;
                }
                String second = Typed.text(seconds.get(measure.name()));
                Length length = typed.length("aim.measures." + measure.name(), text);
                readings.add(new Reading(
                        measure,
                        length,
                        LengthText.withUnit(text, typed.unit()),
                        second.isEmpty() ? null : typed.length("aim.again." + measure.name(), second),
                        day,
                        origin == null ? Origin.TAPE : origin,
                        Typed.text(by)));
            }
            return readings;
        }

        private LocalDate day(LocalDate today) {
            String text = Typed.text(on);
            if (text.isEmpty()) {
                return today;
            }
            LocalDate day;
            try {
                day = LocalDate.parse(text);
            } catch (DateTimeParseException e) {
                throw new RefusedValueException("on", Wording.fill("“%s” is no day; write it as 2026-03-01.", text));
            }
            if (day.isAfter(today) || day.isBefore(FIRST_DAY)) {
                throw new RefusedValueException(
                        "on", "That day is not past yet, or too long ago; choose the day it was measured on.");
            }
            return day;
        }
    }
}
