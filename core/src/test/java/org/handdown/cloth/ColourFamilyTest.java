package org.handdown.cloth;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ColourFamilyTest {
    /** Named colours of CSS Color Module Level 4, §6.1 (from memory), and cloths of the demo household. */
    @ParameterizedTest
    @CsvSource({
        "#ffffff, WHITE", // white
        "#fffff0, WHITE", // ivory
        "#e6dcc6, WHITE", // calico
        "#808080, GREY", // grey
        "#c9c6c0, GREY", // pearl-grey lining
        "#000000, BLACK", // black
        "#f5deb3, BROWN", // wheat
        "#d2b48c, BROWN", // tan
        "#8b4513, BROWN", // saddlebrown
        "#ff0000, RED", // red
        "#800000, RED", // maroon
        "#ffc0cb, RED", // pink
        "#ffa500, YELLOW", // orange
        "#ffd700, YELLOW", // gold
        "#006400, GREEN", // darkgreen
        "#55633f, GREEN", // moss-green loden
        "#000080, BLUE", // navy
        "#40e0d0, BLUE", // turquoise
        "#7d8ba3, BLUE", // blue ticking
        "#ee82ee, VIOLET", // violet
        "#4b0082, VIOLET", // indigo
    })
    void namesAColourAsThePersonDoes(String colour, ColourFamily family) {
        assertThat(ColourFamily.of(colour)).isEqualTo(family);
    }

    @Property
    void greysNeverTurnIntoAColour(@ForAll @IntRange(max = 255) int level) {
        assertThat(ColourFamily.of(String.format("#%02x%02x%02x", level, level, level)))
                .isIn(ColourFamily.BLACK, ColourFamily.GREY, ColourFamily.WHITE);
    }

    @Property
    void everyColourHasAFamily(@ForAll @IntRange(max = 0xffffff) int rgb) {
        assertThat(ColourFamily.of(String.format("#%06X", rgb))).isNotNull();
    }
}
