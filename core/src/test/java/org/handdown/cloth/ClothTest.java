package org.handdown.cloth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.handdown.measure.Wording;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

class ClothTest {
    private static final double INCH = 25.4;

    private static Cloth cloth(String fibre, double thickness, HeatLimit heat, @Nullable StretchTest across) {
        ClothSheet sheet = new ClothSheet(across, null, ClothSheet.CutEdge.STAYS, false, false, false, false);
        return new Cloth(fibre, fibre, Weave.PLAIN, "#808080", false, false, thickness, heat, sheet);
    }

    /** Handbook §4: 4 in to 5 in is 25 %; recovery = (stretched − released)/(stretched − relaxed). */
    @Test
    void stretchAndRecoveryAreTakenOverTheGauge() {
        StretchTest test = new StretchTest(4 * INCH, 5 * INCH, 4.2 * INCH);
        assertThat(test.stretch()).isCloseTo(0.25, within(1e-9));
        assertThat(test.recovery().orElseThrow()).isCloseTo(0.8, within(1e-9));
        assertThat(test.lengthRatio().orElseThrow()).isCloseTo(1.05, within(1e-9));
        // What stays out counts for nothing: 60 % of the four fifths that spring back.
        assertThat(test.lasting()).isCloseTo(0.2, within(1e-9));
        assertThat(test.usable(0.6)).isCloseTo(0.12, within(1e-9));
        assertThat(test.grade()).isEqualTo(StretchTest.Grade.MODERATE);
    }

    @Test
    void noStretchIsStableAndRecoversWholly() {
        StretchTest none = new StretchTest(100, 100, 100.0);
        assertThat(none.stretch()).isZero();
        assertThat(none.recovery()).contains(1.0);
        assertThat(none.grade()).isEqualTo(StretchTest.Grade.STABLE);
    }

    @Test
    void impossibleReadingsAreRefusedWithTheFigure() {
        assertThatThrownBy(() -> new StretchTest(100, 500, 110.0)).hasMessageContaining("400 %");
        assertThatThrownBy(() -> new StretchTest(100, 90, 90.0)).hasMessageContaining("less");
        assertThatThrownBy(() -> new StretchTest(25, 30, 26.0)).hasMessageContaining(Wording.of("100 mm"));
        assertThatThrownBy(() -> new StretchTest(100, 130, 140.0)).hasMessageContaining("between");
    }

    @Test
    void unlikeClothsAreJoinedWithMeasuresOrNotAtAll() {
        Cloth stable = cloth("cotton", 0.5, HeatLimit.THREE_DOTS, new StretchTest(100, 102, 100.0));
        Cloth jersey = cloth("polyester", 0.6, HeatLimit.ONE_DOT, new StretchTest(100, 140, 104.0));
        Pairing pairing = Pairing.of(stable, jersey);
        assertThat(pairing.verdict()).isEqualTo(Pairing.Verdict.WITH_MEASURES);
        assertThat(pairing.sentences()).anyMatch(s -> s.contains("38 %")).anyMatch(s -> s.contains("one dot"));
        assertThat(Pairing.of(stable, cloth("cotton", 0.6, HeatLimit.THREE_DOTS, new StretchTest(100, 103, 100.0)))
                        .verdict())
                .isEqualTo(Pairing.Verdict.COMPATIBLE);
        Cloth blanket = cloth("wool", 4.2, HeatLimit.TWO_DOTS, null);
        assertThat(Pairing.of(blanket, blanket).verdict()).isEqualTo(Pairing.Verdict.NO);
    }

    @Test
    void aReadingThatNobodyTookIsNotTestedAndNeverWhole() {
        StretchTest half = new StretchTest(100, 130, null);
        assertThat(half.recovery()).isEmpty();
        ClothSheet sheet = new ClothSheet(half, null, ClothSheet.CutEdge.UNTESTED, false, false, false, false);
        assertThat(sheet.consequences())
                .singleElement()
                .asString()
                .contains("not tested")
                .doesNotContain("100 %");
    }
}
