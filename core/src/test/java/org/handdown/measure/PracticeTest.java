package org.handdown.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

class PracticeTest {
    @Test
    void whatIsNotSetIsAsShipped() {
        Practice own = new Practice(Map.of(Practice.Figure.GAP, 4.0, Practice.Figure.ELASTIC, 0.9));
        assertThat(own.of(Practice.Figure.GAP)).isEqualTo(4);
        assertThat(own.of(Practice.Figure.USABLE_STRETCH)).isEqualTo(0.6);
        // Set to what is shipped is not set: it follows when another is shipped.
        assertThat(own.own()).containsOnlyKeys(Practice.Figure.GAP);
    }

    @Test
    void everyShippedFigureLiesInItsOwnBounds() {
        for (Practice.Figure figure : Practice.Figure.values()) {
            assertThat(figure.takes(figure.shipped())).as(figure.name()).isTrue();
        }
    }

    @Test
    void everyOriginHasItsTolerance() {
        Practice own = new Practice(Map.of(Practice.Figure.OFF_TAPE, 5.0));
        assertThat(own.toleranceMm(Origin.TAPE)).isEqualTo(5);
        assertThat(own.toleranceMm(Origin.EYE)).isEqualTo(20);
    }

    @Test
    void aFigureThatNobodyWorksByIsRefusedByName() {
        assertThatThrownBy(() -> new Practice(Map.of(Practice.Figure.USABLE_STRETCH, 6.0)))
                .isInstanceOf(RefusedValueException.class)
                .hasMessageContaining("from 20 to 100 %")
                .extracting(e -> ((RefusedValueException) e).field())
                .isEqualTo("practice.USABLE_STRETCH");
        assertThatThrownBy(() -> new Practice(Map.of(Practice.Figure.GAP, Double.NaN)))
                .isInstanceOf(RefusedValueException.class);
    }

    @Test
    void theSumOfAnElasticIsToldWithItsOwnShare() {
        // Handbook of the trade §4: 0.9 × 560 mm + 20 mm.
        assertThat(Practice.SHIPPED.elastic(560)).isEqualTo(Wording.of("0.9 × 560 mm + 20 mm to overlap = 524 mm"));
        assertThat(new Practice(Map.of(Practice.Figure.ELASTIC, 0.855)).elastic(1000))
                .isEqualTo(Wording.of("0.855 × 1000 mm + 20 mm to overlap = 875 mm"));
    }

    @Property
    void aLongerGirthNeverTakesLessElastic(
            @ForAll @DoubleRange(min = 0.5, max = 1) double share,
            @ForAll @DoubleRange(min = 100, max = 2000) double girth) {
        Practice own = new Practice(Map.of(Practice.Figure.ELASTIC, share));
        assertThat(own.elasticMm(girth + 10) - own.elasticMm(girth)).isCloseTo(10 * share, within(1e-6));
    }
}
