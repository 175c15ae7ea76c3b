package org.handdown.formats.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import org.handdown.body.BodyMeasure;
import org.handdown.body.Person;
import org.handdown.body.Person.Reading;
import org.handdown.formats.project.PeopleJson.Shown;
import org.handdown.measure.Length;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.Origin;
import org.handdown.measure.RefusedValueException;
import org.junit.jupiter.api.Test;

/** People of a household as a file: all that is known of them comes back. */
class PeopleJsonTest {
    @Test
    void whatIsWrittenReadsBackAsItIs() {
        Reading twice = new Reading(
                BodyMeasure.WAIST,
                Length.ofMm(540),
                "21 1/4 in",
                Length.ofMm(545),
                LocalDate.of(2026, 3, 1),
                Origin.GARMENT,
                "Runa");
        Reading plain =
                new Reading(BodyMeasure.HEIGHT, Length.ofMm(1100), "", null, LocalDate.of(2025, 3, 1), Origin.TAPE, "");
        List<Shown> people = List.of(
                new Shown(new Person("Ilse", List.of(twice, plain)), LengthUnit.INCH),
                new Shown(new Person("nobody measured", List.of()), LengthUnit.CM));
        assertThat(PeopleJson.read(PeopleJson.text(people))).isEqualTo(people);
    }

    @Test
    void theDemosPeopleAreRead() throws IOException {
        List<Shown> people = PeopleJson.read(Files.readString(Path.of("../demo/8-wearers.people.json")));
        assertThat(people).hasSizeGreaterThan(2);
        assertThat(people.get(0).person().line(BodyMeasure.HEIGHT)).hasSizeGreaterThan(2);
        assertThat(people)
                .allSatisfy(p ->
                        assertThat(p.person().wearer().find(BodyMeasure.HEIGHT)).isPresent());
    }

    @Test
    void whatCannotBeReadSaysWhere() {
        String bad =
                "{\"format\":\"handdown-people/1\",\"people\":[{\"name\":\"Ilse\",\"readings\":[{\"measure\":\"height\",";
        assertThatThrownBy(() -> PeopleJson.read(bad + "\"mm\":1100,\"on\":\"spring\"}]}]}"))
                .isInstanceOfSatisfying(
                        RefusedValueException.class, e -> assertThat(e.field()).isEqualTo("people[0].readings[0].on"));
        assertThatThrownBy(() -> PeopleJson.read(bad + "\"mm\":11,\"on\":\"2026-03-01\"}]}]}"))
                .isInstanceOf(RefusedValueException.class);
        assertThatThrownBy(() -> PeopleJson.read("{\"format\":\"handdown-stash/1\"}"))
                .isInstanceOf(RefusedValueException.class);
        assertThatThrownBy(() -> PeopleJson.read("[]")).isInstanceOf(RefusedValueException.class);
    }
}
