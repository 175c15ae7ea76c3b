package org.handdown.server.wearer;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.handdown.body.BodyMeasure;
import org.handdown.body.Person;
import org.handdown.body.Person.Reading;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.Origin;
import org.handdown.measure.Wording;
import org.handdown.server.project.Say;
import org.handdown.server.wearer.WearerMapper.ReadingRow;
import org.handdown.server.wearer.Wearers.Known;

/** People as the page wants them, in the unit that they are shown in. */
final class WearerViews {
    private WearerViews() {}

    /**
     * @param id empty where only a project knows them
     * @param height in words; empty where nobody measured it
     * @param project that knows them; empty where the household does
     * @param measured how many measures are known
     * @param last the day of the newest; empty where none has one
     */
    record PersonView(
            String id, String name, LengthUnit unit, String height, String project, int measured, String last) {}

    /** @param project that said it; empty where it was written here */
    record DatedView(
            String id, String on, double mm, String text, String again, Origin origin, String by, String project) {}

    /**
     * A measure over the days, the oldest first.
     *
     * @param grows how it changes; empty where nothing is known
     */
    record GrowthView(
            String measure, String words, String landmark, String alone, String grows, List<DatedView> readings) {}

    /** @param lines of every measure there is, with none where it was never taken */
    record OnePersonView(PersonView person, List<GrowthView> lines) {}

    /** @param change is it more than two readings of the same body may differ by? */
    record NewerView(
            String measure,
            String words,
            String here,
            boolean proposed,
            String now,
            String on,
            String by,
            String difference,
            boolean change) {}

    /** @param known by the household; @param newer what was measured since the project was drafted */
    record DraftedView(boolean known, String id, List<NewerView> newer) {}

    static PersonView person(Known known) {
        Say say = new Say(known.unit());
        List<Reading> readings = known.person().readings();
        return new PersonView(
                known.id() == null ? "" : Objects.toString(known.id()),
                known.person().name(),
                known.unit(),
                known.wearer()
                        .find(BodyMeasure.HEIGHT)
                        .map(t -> say.length(t.mm()))
                        .orElse(""),
                known.project(),
                known.wearer().measures().size(),
                readings.isEmpty() ? "" : readings.get(0).on().toString());
    }

    static OnePersonView whole(Known known, List<ReadingRow> rows) {
        Say say = new Say(known.unit());
        List<GrowthView> lines = new ArrayList<>();
        for (BodyMeasure measure : BodyMeasure.values()) {
            List<DatedView> readings = known.person().line(measure).stream()
                    .map(r -> reading(r, row(rows, r), say))
                    .toList();
            lines.add(new GrowthView(
                    measure.name(),
                    measure.words(),
                    measure.landmark(),
                    measure.alone(),
                    known.wearer()
                            .growthMmADay(measure)
                            .map(d -> Wording.fill("%s in a year at this pace", say.difference(365 * d)))
                            .orElse(""),
                    readings));
        }
        return new OnePersonView(person(known), lines);
    }

    /** Of what one day has of a measure, what was written last. */
    private static ReadingRow row(List<ReadingRow> rows, Reading reading) {
        return rows.stream()
                .filter(r -> r.measure() == reading.measure() && r.takenOn().equals(reading.on()))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("Impossible state: a reading without its row."));
    }

    private static DatedView reading(Reading reading, ReadingRow row, Say say) {
        var again = reading.again();
        return new DatedView(
                row.id().toString(),
                reading.on().toString(),
                reading.taken().mm(),
                say.length(reading.length().mm()),
                again == null ? "" : say.length(again.mm()),
                reading.origin(),
                reading.by(),
                row.project());
    }

    static DraftedView drafted(UUID id, List<Person.Newer> newer, Say say) {
        return new DraftedView(
                true, id.toString(), newer.stream().map(n -> newer(n, say)).toList());
    }

    private static NewerView newer(Person.Newer n, Say say) {
        BodyMeasure measure = n.now().measure();
        return new NewerView(
                measure.name(),
                measure.words(),
                say.length(n.drafted().mm()),
                n.wasProposed(),
                say.length(n.now().taken().mm()),
                n.now().on().toString(),
                n.now().by(),
                say.difference(n.byMm()),
                n.isChange());
    }
}
