package org.handdown.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TypedWordsTest {
    private static final List<String> WAYS =
            List.of("%d mm", "%d.50cm", "%d 3/8\"", "%d' 2\"", "0,%d m", "%d yd", "%d");

    private static double mm(String text) {
        return LengthText.parse("x", text, LengthUnit.MM).mm();
    }

    /** Whatever was typed before or after: words come back as typed under any unit, and mean the very same length. */
    @Property
    void wordsComeBackAsTypedAndMeanTheSame(
            @ForAll List<@IntRange(min = 1, max = 900) Integer> figures,
            @ForAll LengthUnit bare,
            @ForAll LengthUnit shown) {
        TypedWords words = TypedWords.NONE;
        for (int i = 0; i < figures.size(); i++) {
            String text = String.format(Locale.ROOT, WAYS.get(i % WAYS.size()), figures.get(i));
            Length length = LengthText.parse("x", text, bare);
            words = words.typed(text, bare);
            String field = words.field(length, shown);
            assertThat(mm(field)).isEqualTo(length.mm());
            if (!text.matches("\\d+")) {
                assertThat(field).isEqualTo(text);
            }
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"135 mm|135 mm", "2' 6\"|2' 6\"", "1.3 m|1.3 m", "3/8 in|3/8 in", "13.5|13.5 cm", "1/4 yd|1/4 yd"})
    void aFieldShowsWhatWasTypedInIt(String typed, String shown) {
        TypedWords words = TypedWords.NONE.typed(typed, LengthUnit.CM);
        Length length = LengthText.parse("x", typed, LengthUnit.CM);
        assertThat(words.field(length, LengthUnit.CM)).isEqualTo(shown);
        assertThat(words.field(length, LengthUnit.INCH)).isEqualTo(shown);
        assertThat(words.field(Length.ofMm(-length.mm()), LengthUnit.CM)).isEqualTo("-" + shown);
    }

    /** 5 in and 12.7 cm are the same to the bit: whichever was typed is shown, in either unit. */
    @Test
    void whatBothSystemsWriteExactlyStaysInTheOneItWasTypedIn() {
        TypedWords inches = TypedWords.NONE.typed("5 in", LengthUnit.CM);
        assertThat(inches.field(Length.ofMm(127), LengthUnit.CM)).isEqualTo("5 in");
        assertThat(inches.typed("12.7 cm", LengthUnit.CM).field(Length.ofMm(127), LengthUnit.INCH))
                .isEqualTo("12.7 cm");
    }

    @Test
    void zeroAndWordsThatWouldBeTooLongAreNotKept() {
        assertThat(TypedWords.NONE.typed("0", LengthUnit.MM)).isEqualTo(TypedWords.NONE);
        assertThat(TypedWords.NONE.typed("0000000000000000000000000000000000000013", LengthUnit.MM))
                .isEqualTo(TypedWords.NONE);
    }

    /** A place that was tapped on a drawing is shown in the household's unit. */
    @Test
    void whatThePageWorkedOutIsNobodysWords() {
        assertThat(TypedWords.NONE.typed("509" + Wording.LENGTH_MARK + "mm", LengthUnit.CM))
                .isEqualTo(TypedWords.NONE);
    }

    @Test
    void theOldestGoWhereThereAreTooMany() {
        TypedWords words = TypedWords.NONE;
        for (int i = 1; i <= 450; i++) {
            words = words.typed(i + ".00 mm", LengthUnit.MM);
        }
        assertThat(words.byMm()).hasSize(400).containsKey(450.0).doesNotContainKey(50.0);
    }

    @Test
    void wordsThatMeanAnotherLengthAreRefused() {
        assertThatThrownBy(() -> new TypedWords(Map.of(135.0, "13 cm"), LengthUnit.CM))
                .isInstanceOf(RefusedValueException.class)
                .hasMessageContaining("“13 cm”");
    }
}
