package org.handdown.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OriginAndGlossaryTest {
    /** Tolerances add; a doubled half doubles its own. */
    @Test
    void tolerancesAddAndMultiply() {
        assertThat(Origin.TAPE.with(Origin.EYE)).isEqualTo(23);
        assertThat(Origin.TAPE.toleranceMm(QuantityKind.FLAT_HALF)).isEqualTo(6);
        assertThat(Origin.TAPE.toleranceMm(QuantityKind.QUARTER)).isEqualTo(12);
        assertThat(Origin.EYE.toleranceMm()).isGreaterThan(Origin.TAPE.toleranceMm());
    }

    /** Loose words and the one concept behind them, as X6 of the capabilities names them. */
    @ParameterizedTest
    @CsvSource({
        "diameter, girth",
        "zigzag width, allowance",
        "hem together, seam",
        "Understitch, stay stitch",
        "ruching, gathers",
        "pinch, pinched tuck",
        "pit to pit, flat half",
        "scrap, remnant",
        "safety pin, bodkin"
    })
    void looseWordsFindTheirConcept(String said, String term) {
        assertThat(Glossary.meant(said)).extracting(Glossary.Term::term).contains(term);
    }

    @Test
    void theWordItselfComesFirstAndUnknownWordsFindNothing() {
        assertThat(Glossary.meant("hem").get(0).term()).isEqualTo("hem");
        assertThat(Glossary.meant("hem")).extracting(Glossary.Term::term).contains("seam");
        assertThat(Glossary.meant("carburettor")).isEmpty();
        assertThat(Glossary.meant("  ")).isEqualTo(Glossary.all());
    }

    @Test
    void everyTermIsThereOnceWithAMeaning() {
        Set<String> seen = new HashSet<>();
        List<Glossary.Term> all = Glossary.all();
        assertThat(all).allSatisfy(t -> {
            assertThat(seen.add(t.term())).isTrue();
            assertThat(t.meaning()).isNotBlank();
            assertThat(t.said()).doesNotContain(t.term());
        });
    }
}
