package org.handdown.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class QuantityKindTest {
    /** Handbook §3 and common practice, no source: what one inch changes, by the kind of number it is. */
    @ParameterizedTest
    @CsvSource({
        "PINCHED_TUCK, 2",
        "TURN_UP, 1",
        "DART_DEPTH, 2",
        "SEAM_PINCH, 2",
        "NEW_STITCH_LINE, 2",
        "NEW_STITCH_LINES, 4",
        "FLAT_HALF, 2",
        "QUARTER, 4",
        "WHOLE, 1"
    })
    void anInchMeansDifferentThings(QuantityKind kind, double inches) {
        assertThat(kind.meaning(Length.ofMm(25.4)).mm()).isCloseTo(inches * 25.4, within(1e-9));
    }

    /** Handbook §3: pinned 1 in → 2 in shorter. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "PINCHED_TUCK|INCH|25.4|1 in (2.5 cm), a tuck pinched round a tube: it becomes 2 in (5.1 cm) shorter.",
                "FLAT_HALF|CM|330.2|33.0 cm (13 in), half of a girth, measured flat and doubled: the whole girth is 66.0 cm (26 in)."
            })
    void theSentenceShowsBothSystemsSoThatAnInchForACentimetreIsSeen(
            QuantityKind kind, LengthUnit unit, double mm, String sentence) {
        assertThat(kind.sentence(Length.ofMm(mm), unit)).isEqualTo(sentence);
    }
}
