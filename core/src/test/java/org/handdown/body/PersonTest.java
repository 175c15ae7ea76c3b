package org.handdown.body;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.handdown.body.Person.Newer;
import org.handdown.body.Person.Reading;
import org.handdown.measure.Length;
import org.handdown.measure.Origin;
import org.handdown.measure.RefusedValueException;
import org.junit.jupiter.api.Test;

/** Somebody of a household over the years, and what a project drafted earlier says of them. */
class PersonTest {
    private static final LocalDate SPRING = LocalDate.of(2026, 3, 1);
    private static final LocalDate AUTUMN = LocalDate.of(2026, 9, 1);
    private static final List<BodyMeasure> ASKED =
            List.of(BodyMeasure.HEIGHT, BodyMeasure.WAIST, BodyMeasure.HIP, BodyMeasure.INSIDE_LEG);

    private static Reading tape(BodyMeasure measure, double mm, LocalDate on) {
        return new Reading(measure, Length.ofMm(mm), "", null, on, Origin.TAPE, "");
    }

    @Test
    void theNewestDayCountsAndTheOthersAreGrowth() {
        Person person = new Person(
                "Jory", List.of(tape(BodyMeasure.HEIGHT, 1040, SPRING), tape(BodyMeasure.HEIGHT, 1074, AUTUMN)));
        Wearer wearer = person.wearer();
        assertThat(wearer.mm(BodyMeasure.HEIGHT)).isEqualTo(1074);
        // 34 mm in 184 days, by hand.
        assertThat(wearer.growthMmADay(BodyMeasure.HEIGHT).orElseThrow() * 184).isCloseTo(34, within(1e-9));
        assertThat(person.line(BodyMeasure.HEIGHT).stream().map(Reading::on)).containsExactly(SPRING, AUTUMN);
    }

    @Test
    void whatWasWrittenLastOfADayReplacesWhatStoodThere() {
        Person person =
                new Person("Jory", List.of(tape(BodyMeasure.WAIST, 540, AUTUMN), tape(BodyMeasure.WAIST, 450, AUTUMN)));
        assertThat(person.readings()).hasSize(1);
        assertThat(person.wearer().mm(BodyMeasure.WAIST)).isEqualTo(540);
    }

    @Test
    void aLegMeasuredAfterTheWholeMayBeTooLongForIt() {
        Person person = new Person(
                "Jory",
                List.of(tape(BodyMeasure.INSIDE_LEG, 700, AUTUMN), tape(BodyMeasure.WAIST_TO_FLOOR, 720, SPRING)));
        assertThatThrownBy(() -> new Wearer(
                        "Jory",
                        Map.of(
                                BodyMeasure.INSIDE_LEG,
                                        tape(BodyMeasure.INSIDE_LEG, 700, AUTUMN)
                                                .taken(),
                                BodyMeasure.WAIST_TO_FLOOR,
                                        tape(BodyMeasure.WAIST_TO_FLOOR, 720, SPRING)
                                                .taken())))
                .isInstanceOf(RefusedValueException.class);
        assertThat(person.wearer().measures()).containsOnlyKeys(BodyMeasure.INSIDE_LEG);
    }

    @Test
    void aProjectHearsOnlyOfWhatWasReadLaterOrWasProposed() {
        Wearer drafted = new Wearer(
                "Jory",
                Map.of(
                        BodyMeasure.HEIGHT,
                                tape(BodyMeasure.HEIGHT, 1040, SPRING).taken(),
                        BodyMeasure.WAIST, tape(BodyMeasure.WAIST, 540, AUTUMN).taken(),
                        BodyMeasure.HIP, new Wearer.Taken(Length.ofMm(590), "", Origin.PROPOSED)));
        Person person = new Person(
                "Jory",
                List.of(
                        tape(BodyMeasure.HEIGHT, 1074, AUTUMN),
                        tape(BodyMeasure.WAIST, 520, SPRING),
                        tape(BodyMeasure.HIP, 595, SPRING),
                        tape(BodyMeasure.CALF, 240, AUTUMN)));
        List<Newer> newer = person.newerThan(drafted, ASKED);
        assertThat(newer.stream().map(n -> n.now().measure())).containsExactly(BodyMeasure.HEIGHT, BodyMeasure.HIP);
        assertThat(newer.get(0).byMm()).isCloseTo(34, within(1e-9));
        assertThat(newer.get(0).isChange()).isTrue();
        assertThat(newer.get(0).wasProposed()).isFalse();
        // 5 mm is less than a proposal may be off.
        assertThat(newer.get(1).isChange()).isFalse();
        assertThat(newer.get(1).wasProposed()).isTrue();

        Wearer brought = person.brought(drafted, ASKED);
        assertThat(brought.mm(BodyMeasure.HEIGHT)).isEqualTo(1074);
        assertThat(brought.mm(BodyMeasure.WAIST)).isEqualTo(540);
        assertThat(brought.mm(BodyMeasure.HIP)).isEqualTo(595);
        assertThat(brought.earlier()).hasSize(1);
        assertThat(person.newerThan(brought, ASKED)).isEmpty();
    }

    @Test
    void aReadingThatNobodyMadeIsRefused() {
        assertThatThrownBy(() -> new Reading(BodyMeasure.HIP, Length.ofMm(600), "", null, SPRING, Origin.PROPOSED, ""))
                .hasMessageContaining("how it was measured");
        assertThatThrownBy(() -> tape(BodyMeasure.HIP, 60, SPRING)).isInstanceOf(RefusedValueException.class);
        assertThatThrownBy(() -> new Person("  ", List.of())).hasMessageContaining("who it is");
    }

    @Property(tries = 300)
    void aPersonIsAlwaysShownAndNothingIsNewerThanTheirNewest(
            @ForAll @Size(max = 40) List<@IntRange(max = 1_000_000) Integer> picks) {
        List<Reading> readings = new ArrayList<>();
        for (int pick : picks) {
            BodyMeasure measure = BodyMeasure.values()[pick % BodyMeasure.values().length];
            double share = (pick / 31 % 101) / 100.0;
            double mm = measure.range().leastMm()
                    + share * (measure.range().mostMm() - measure.range().leastMm());
            readings.add(tape(measure, mm, SPRING.plusDays(pick / 977 % 700)));
        }
        Person person = new Person("Jory", readings);
        Wearer wearer = person.wearer();
        List<BodyMeasure> known = new ArrayList<>(wearer.measures().keySet());
        assertThat(person.newerThan(wearer, known)).isEmpty();
        assertThat(new Person("Jory", Person.readings(wearer)).wearer().measures())
                .isEqualTo(wearer.measures());
    }
}
