package org.handdown.panel.survey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.handdown.alter.stack.Stacked.told;

import java.util.List;
import java.util.Map;
import org.handdown.Demo;
import org.handdown.alter.stack.Alteration;
import org.handdown.alter.stack.AlterationKind;
import org.handdown.alter.stack.AlterationStack;
import org.handdown.alter.stack.Stacked;
import org.handdown.alter.stack.ToCut;
import org.handdown.fit.EdgeKind;
import org.handdown.panel.Panel;
import org.handdown.source.anatomy.SourceKind;
import org.handdown.source.graph.Anatomy;
import org.junit.jupiter.api.Test;

/** What alterations take off as cloth to cut from, and what they ask to be cut; worked out by hand. */
class CutOffTest {
    private static final Anatomy SHIRT =
            Demo.average(SourceKind.T_SHIRT, Map.of()).anatomy();

    private static AlterationStack shirt(Alteration... all) {
        return Stacked.stack(SourceKind.T_SHIRT, all);
    }

    /** 150 shorter, 25 of it turned under: 125 fall off with the hem; half of 1040 round, and 7 in either side seam. */
    @Test
    void whatFallsOffKeepsItsHemAndTheClothInItsSeams() {
        List<Panel> panels = CutOff.panels(
                shirt(told(1, AlterationKind.SHORTEN, Map.of("end", "hem"), Map.of("up", 150.0))), SHIRT, Demo.CORD);
        assertThat(panels).extracting(Panel::id).containsExactlyInAnyOrder("front-a1", "back-a1");
        Panel front = panels.stream()
                .filter(p -> p.id().equals("front-a1"))
                .findFirst()
                .orElseThrow();
        assertThat(front.outline().ring().box().heightMm()).isCloseTo(125, within(0.1));
        assertThat(front.outline().ring().box().widthMm()).isCloseTo(520 + 14, within(0.1));
        assertThat(front.kind("hem")).isEqualTo(EdgeKind.HEM);
        assertThat(front.kind("side-left")).isEqualTo(EdgeKind.RAW);
    }

    /** A sleeve taken off is as wide as it was between its stitches, and 7 more where it was sewn in. */
    @Test
    void aSleeveTakenOffWinsTheSeamThatHeldIt() {
        List<Panel> panels = CutOff.panels(
                shirt(told(1, AlterationKind.TAKE_OFF, Map.of("part", "sleeve-left", "sides", "one"), Map.of())),
                SHIRT,
                Demo.CORD);
        Panel sleeve = panels.get(0);
        double high = SHIRT.part("sleeve-left").outline().box().heightMm();
        assertThat(sleeve.outline().ring().box().heightMm()).isCloseTo(high + 7, within(0.5));
    }

    /** Nothing falls off where it is turned up. */
    @Test
    void whatIsTurnedUpGivesNoCloth() {
        assertThat(CutOff.panels(
                        shirt(told(1, AlterationKind.SHORTEN, Map.of("end", "hem", "how", "up"), Map.of("up", 60.0))),
                        SHIRT,
                        Demo.CORD))
                .isEmpty();
    }

    /** 2080 in four: 520 each, 7 at every end, 7 to the garment and 20 for its hem; folded it lies double. */
    @Test
    void aStripIsCutInLengthsOrDouble() {
        Map<String, String> four = Map.of("end", "hem", "fullness", "double", "lengths", "4");
        ToCut strip = shirt(told(1, AlterationKind.ADD_BAND, four, Map.of("deep", 80.0)))
                .toCut()
                .get(0);
        assertThat(strip.outline().box().widthMm()).isCloseTo(520, within(0.1));
        assertThat(strip.seamMm())
                .containsEntry("left", 7.0)
                .containsEntry("right", 7.0)
                .containsEntry("sewn", 7.0);
        assertThat(strip.turnedMm()).containsEntry("hem", 20.0);
        assertThat(strip.as().lengths()).isEqualTo(4);
        ToCut folded = shirt(
                        told(1, AlterationKind.ADD_BAND, Map.of("end", "hem", "finish", "fold"), Map.of("deep", 80.0)))
                .toCut()
                .get(0);
        assertThat(folded.outline().box().heightMm()).isCloseTo(160, within(0.1));
        assertThat(folded.seamMm()).containsEntry("hem", 7.0);
        assertThat(folded.turnedMm()).isEmpty();
    }

    /** Cut off again afterwards, it is cut as deep as it ends: 80 less 40. */
    @Test
    void aStripThatIsShortenedIsCutShort() {
        ToCut strip = shirt(
                        told(1, AlterationKind.ADD_BAND, Map.of("end", "hem"), Map.of("deep", 80.0)),
                        told(2, AlterationKind.SHORTEN, Map.of("end", "hem"), Map.of("up", 40.0, "turn", 10.0)))
                .toCut()
                .get(0);
        assertThat(strip.outline().box().heightMm()).isCloseTo(40, within(0.1));
        assertThat(strip.turnedMm()).containsEntry("hem", 10.0);
    }

    /** A facing 60 wide has the neck's own line, and goes along both shoulders. */
    @Test
    void aFacingHasTheLineOfItsNeck() {
        AlterationStack stack = shirt(
                told(1, AlterationKind.NEW_NECK, Map.of("part", "front", "edge", "faced"), Map.of("deeper", 60.0)));
        ToCut facing = stack.toCut().get(0);
        assertThat(facing.outline().edge("neck").lengthMm())
                .isCloseTo(
                        stack.after()
                                .assembly()
                                .component("front")
                                .outline()
                                .edge("neck")
                                .lengthMm(),
                        within(0.5));
        assertThat(facing.seamMm()).containsKeys("neck", "shoulder-left", "shoulder-right");
    }
}
