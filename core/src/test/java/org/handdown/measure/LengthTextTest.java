package org.handdown.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LengthTextTest {
    private static double mm(String text) {
        return LengthText.parse("x", text, LengthUnit.CM).mm();
    }

    /** Reference: the international inch of 1959, 25.4 mm exactly; foot 12 in, yard 36 in. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "5 1/2\"|139.7",
                "5½ in|139.7",
                "13.5cm|135",
                "13,5 cm|135",
                "1.3 m|1300",
                "2' 6\"|762",
                "1/4 yd|228.6",
                "5/8 in|15.875",
                "3/8 in|9.525",
                "1 1/2 in|38.1",
                "½ in|12.7",
                "135 mm|135",
                "1 m 20 cm|1200",
                "135\u00a0mm|135",
                "5\u202f1/2\u2009in|139.7"
            })
    void readsWhatPeopleWrite(String text, double expected) {
        assertThat(mm(text)).isCloseTo(expected, within(1e-9));
    }

    @Test
    void aBareNumberTakesTheUnitAskedForAndNothingElse() {
        assertThat(LengthText.parse("x", "34", LengthUnit.INCH).mm()).isCloseTo(863.6, within(1e-9));
        assertThat(LengthText.parse("x", "34", LengthUnit.MM).mm()).isEqualTo(34);
    }

    /** Button sizes: 40 L = 1 in, so 24 L = 15.24 mm (handbook table). */
    @Test
    void aTwentyFourLineButtonMeasuresAsTheTableSays() {
        assertThat(Length.ofInches(24.0 / 40).mm()).isCloseTo(15.24, within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "  ", "sixty", "5 6", "12 cm cm", "1/0 in", "-4 cm", "1e5", "5 inchworms", "NaN", "½½"})
    void refusesWhatIsNoLengthAndSaysHow(String text) {
        assertThatThrownBy(() -> mm(text))
                .isInstanceOf(RefusedValueException.class)
                .hasFieldOrPropertyWithValue("field", "x");
    }

    @Test
    void refusesANovel() {
        assertThatThrownBy(() -> mm("1".repeat(5000))).hasMessageContaining("too long");
    }

    @Property
    void whatIsWrittenInSixteenthsReadsBackExactly(@ForAll @IntRange(min = 0, max = 40_000) int sixteenths) {
        Length length = Length.ofInches(sixteenths / 16.0);
        String text = LengthText.format(length, LengthUnit.INCH);
        assertThat(LengthText.parse("x", text, LengthUnit.CM).mm()).isCloseTo(length.mm(), within(1e-9));
    }

    @Property
    void centimetresAreWrittenToTheMillimetre(@ForAll @DoubleRange(min = 0, max = 3000) double mm) {
        String text = LengthText.format(Length.ofMm(mm), LengthUnit.CM);
        assertThat(LengthText.parse("x", text, LengthUnit.INCH).mm()).isCloseTo(mm, within(0.5001));
    }

    @Test
    void aFieldShowsALengthTheWayItWasTyped() {
        assertThat(LengthText.field(Length.ofMm(9.525), LengthUnit.CM)).isEqualTo("3/8 in");
        assertThat(LengthText.field(Length.ofMm(570), LengthUnit.INCH)).isEqualTo("57.0 cm");
        assertThat(LengthText.field(Length.ofMm(135.7), LengthUnit.CM)).isEqualTo("13.57 cm");
        assertThat(LengthText.field(Length.ofMm(600.075), LengthUnit.INCH)).isEqualTo("23 5/8 in");
        assertThat(LengthText.field(Length.ofMm(-30), LengthUnit.CM)).isEqualTo("-3.0 cm");
    }

    @Test
    void aFactorInASentenceIsNoLength() {
        assertThat(LengthText.inSentence(
                        Wording.fill("%.0f mm of strip: %.2f × %.0f mm.", 2235.0, 2.0, 1118.0), LengthUnit.INCH))
                .isEqualTo("88 in of strip: 2.00 × 44 in.");
        assertThat(LengthText.inSentence(Wording.fill("%d mm × %d mm are left", 26, 40), LengthUnit.CM))
                .isEqualTo("2.6 cm × 4.0 cm are left");
    }

    @Test
    void whatSomebodyWroteIsNotAlteredInQuotesOrOutOfThem() {
        String named = Wording.fill("The %s is %.0f mm short of the “%s”.", "ribbon of 40 mm", 40.0, "tape, 2 cm wide");
        assertThat(LengthText.inSentence(named, LengthUnit.INCH))
                .isEqualTo("The ribbon of 40 mm is 1 9/16 in short of the “tape, 2 cm wide”.");
        assertThat(LengthText.inSentence("“40 mm $1” is no whole number.", LengthUnit.INCH))
                .isEqualTo("“40 mm $1” is no whole number.");
        assertThat(LengthText.unmarked(named))
                .isEqualTo("The ribbon of 40 mm is 40 mm short of the “tape, 2 cm wide”.");
    }

    @Test
    void aSentenceWithinASentenceKeepsItsLengths() {
        String inner = Wording.fill("only %.0f mm over", 95.0);
        assertThat(LengthText.inSentence(Wording.fill("It is tight: %s.", inner), LengthUnit.CM))
                .isEqualTo("It is tight: only 9.5 cm over.");
    }

    @Test
    void aRefusalIsToldInTheUnitOfWhoeverIsRefused() {
        assertThat(told("A piecing seam takes from 3 to 40 mm on either side.", LengthUnit.INCH))
                .isEqualTo("A piecing seam takes from 1/8 in to 1 9/16 in on either side.");
        assertThat(told("must be from 0 to 400 mm.", LengthUnit.CM)).isEqualTo("must be from 0 to 40.0 cm.");
        assertThat(told("The edge keeps within 0.3 to 10 mm.", LengthUnit.CM))
                .isEqualTo("The edge keeps within 0.3 mm to 1.0 cm.");
        // Metric bounds are good for anybody metric, and for nobody else.
        assertThat(told("Cloth is from 10 cm to 4 m wide.", LengthUnit.CM))
                .isEqualTo("Cloth is from 10 cm to 4 m wide.");
        assertThat(told("Cloth is from 10 cm to 4 m wide.", LengthUnit.INCH))
                .isEqualTo("Cloth is from 3 15/16 in to 157 1/2 in wide.");
        assertThat(told("An ease lies between −60 and 60 cm.", LengthUnit.INCH))
                .isEqualTo("An ease lies between −23 5/8 in and 23 5/8 in.");
    }

    private static String told(String sentence, LengthUnit unit) {
        return LengthText.inSentence(Wording.of(sentence), unit);
    }

    @Test
    void whatRoundsToNoughtHasNoSign() {
        assertThat(Wording.fill("%.0f mm, %.1f mm, %.0f mm, run-0", -0.3, -0.04, -1.2))
                .isEqualTo(Wording.of("0 mm, 0.0 mm, -1 mm, run-0"));
    }
}
