package org.handdown.body;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.handdown.body.Passage.Layered;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.junit.jupiter.api.Test;

class PassageTest {
    private static Passage hips(double opens, Layered... layers) {
        return new Passage("waist", Passage.Over.HIPS, 950, List.of(layers), opens);
    }

    /** W23 of the check values (derived): hip 95 cm, waist finished 64 cm: 48.4 % to pull on. */
    @Test
    void aWaistThatFitsMayStillNotGoOverTheHips() {
        Passage waist = hips(0, new Layered("cloth", 640, 0.4));
        assertThat(waist.stretchNeeded()).isCloseTo(0.484, within(0.0005));
        assertThat(waist.passes()).isFalse();
        assertThat(waist.sentence())
                .contains(Wording.of("896 mm"), Wording.of("54 mm short"), Wording.of("opening of 27 mm"));
    }

    /** The ring is at most the least over its layers: a straight seam holds stretch cloth and elastic alike. */
    @Test
    void theLayerThatGivesLeastBinds() {
        Passage waist = hips(
                0,
                new Layered("cloth", 700, 0.6),
                new Layered("straight seam", 700, 0.02),
                new Layered("elastic", 560, 1.0));
        assertThat(waist.binding().what()).isEqualTo("straight seam");
        assertThat(waist.greatestMm()).isCloseTo(714, within(1e-9));
        assertThat(waist.openingMm()).isCloseTo((950 - 714) / 2.0, within(1e-9));
    }

    /** Both sides of a slit add to the way round. */
    @Test
    void anOpeningCountsOnBothSides() {
        Passage open = hips(120, new Layered("cloth", 720, 0));
        assertThat(open.greatestMm()).isEqualTo(960);
        assertThat(open.passes()).isTrue();
        assertThat(open.sentence()).contains(Wording.of("opening 2 × 120 mm"), "it goes on");
    }

    @Test
    void layersWithoutLengthOrWithWildStretchAreRefused() {
        assertThatThrownBy(() -> new Layered("cloth", 0, 0.2)).isInstanceOf(RefusedValueException.class);
        assertThatThrownBy(() -> new Layered("cloth", 500, 4)).hasMessageContaining("0 to 300 %");
        assertThatThrownBy(() -> new Layered("cloth", 500, -0.1)).hasMessageContaining("0 to 300 %");
        assertThatThrownBy(() -> new Layered(" ", 500, 0)).hasMessageContaining("what goes round");
        assertThatThrownBy(() -> hips(0)).hasMessageContaining("1 to 8 layers");
    }

    /** An opening as long as the verdict says always lets the body through, and nothing shorter does. */
    @Property(tries = 300)
    void theOpeningSaidIsTheLeastThatServes(
            @ForAll @DoubleRange(min = 100, max = 1500) double length,
            @ForAll @DoubleRange(min = 0, max = 1) double stretch,
            @ForAll @DoubleRange(min = 60, max = 2000) double girth) {
        List<Layered> layers = List.of(new Layered("cloth", length, stretch));
        double opening = new Passage("ring", Passage.Over.HEAD, girth, layers, 0).openingMm();
        assertThat(new Passage("ring", Passage.Over.HEAD, girth, layers, Math.min(2000, opening + 1e-6)).passes())
                .isTrue();
        if (opening > 1) {
            assertThat(new Passage("ring", Passage.Over.HEAD, girth, layers, opening - 0.5).passes())
                    .isFalse();
        }
    }
}
