package org.handdown.source.graph;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.handdown.Demo;
import org.handdown.assembly.Layer;
import org.handdown.source.anatomy.SourceKind;
import org.junit.jupiter.api.Test;

/** Girths read off the anatomy must be those that were typed in. */
class TubeTest {
    private static double girth(Anatomy anatomy, String part, double y) {
        return new Tube(anatomy, anatomy.part(part)).girthMm(y);
    }

    @Test
    void aTrouserLegIsOneRingBelowTheCrotchAndBothLegsAboveIt() {
        Anatomy a = Demo.ANATOMY;
        assertThat(girth(a, "front-left", 0.01)).isCloseTo(448, within(0.5));
        assertThat(new Tube(a, a.part("front-left")).partsAt(300))
                .extracting(Part::id)
                .containsExactlyInAnyOrder("front-left", "back-left");
        assertThat(new Tube(a, a.part("front-left")).partsAt(900))
                .extracting(Part::id)
                .containsExactlyInAnyOrder("front-left", "back-left", "front-right", "back-right");
    }

    @Test
    void aSleeveIsItselfAlone() {
        Anatomy jumper = Demo.average(SourceKind.JUMPER, Map.of("sleeveHem", 250.0, "sleeveTop", 410.0))
                .anatomy();
        assertThat(new Tube(jumper, jumper.part("sleeve-left")).partsAt(200))
                .extracting(Part::id)
                .containsExactly("sleeve-left");
        assertThat(girth(jumper, "sleeve-left", 0.01)).isCloseTo(250, within(0.5));
    }

    @Test
    void aLiningIsARingOfItsOwn() {
        Anatomy coat = Demo.average(SourceKind.COAT, Map.of()).anatomy();
        assertThat(new Tube(coat, coat.part("lining-back")).partsAt(200))
                .extracting(Part::layer)
                .containsOnly(Layer.LINING);
        assertThat(new Tube(coat, coat.part("back")).partsAt(200))
                .extracting(Part::layer)
                .containsOnly(Layer.SHELL);
    }

    /** A T-shirt's chest below the armholes is what was measured, whatever was measured. */
    @Property(tries = 100)
    void theChestOfATShirtIsAsMeasured(@ForAll @DoubleRange(min = 600, max = 1500) double chest) {
        Anatomy shirt = Demo.average(SourceKind.T_SHIRT, Map.of("chest", chest)).anatomy();
        assertThat(girth(shirt, "front", 300)).isCloseTo(chest, within(0.5));
    }

    /** A blanket is no ring: its edges are free. */
    @Test
    void aBlanketIsOnlyItself() {
        Anatomy blanket = Demo.average(SourceKind.BLANKET, Map.of()).anatomy();
        Part sheet = blanket.mainParts().get(0);
        assertThat(new Tube(blanket, sheet).partsAt(500)).containsExactly(sheet);
    }
}
