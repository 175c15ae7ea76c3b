package org.handdown.pattern.closing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.handdown.measure.Wording;
import org.junit.jupiter.api.Test;

/** Worked examples of the trade; the handbook's sections stand beside the checks. */
class ClosingTest {
    private static final double INCH = 25.4;

    private static ButtonPlan row(int count, int box, double fullest, double slant) {
        return new ButtonPlan(440, 20, 20, count, box, 15.24, 3, fullest, INCH, slant);
    }

    /** Handbook of the trade §4: S/(n − 1) apart, buttonhole diameter and thickness, overlap half a button and 6 mm. */
    @Test
    void buttonsAreSpacedOverTheirSpan() {
        ButtonPlan plan = row(5, 5, -1, 0);
        assertThat(plan.spacingMm()).isCloseTo(100, within(1e-9));
        assertThat(plan.holeMm()).isCloseTo(18.24, within(1e-9));
        assertThat(plan.beyondMm()).isCloseTo(13.62, within(1e-9));
        assertThat(plan.marksMm()).containsExactly(20.0, 120.0, 220.0, 320.0, 420.0);
    }

    /** Worked example: fronts turned 1 in each gape by 2 in when the turn was not added. */
    @Test
    void turnsAreAddedBeforeCutting() {
        assertThat(row(5, 5, -1, 0).gapWithoutMm()).isCloseTo(2 * INCH, within(1e-9));
        assertThat(row(5, 5, -1, 0).addedMm()).isCloseTo(13.62 + INCH, within(1e-9));
    }

    @Test
    void fourInTheBoxAreSpacedForFour() {
        ButtonPlan plan = row(5, 4, -1, 0);
        assertThat(plan.used()).isEqualTo(4);
        assertThat(plan.spacingMm()).isCloseTo(400.0 / 3, within(1e-9));
        assertThat(plan.sentences()).anyMatch(s -> s.contains("5 are wanted, there are 4 in the box"));
    }

    /** Worked example: 4 buttons 4½ in apart on 45° are 13½ in first to last, 9.55 in down and across. */
    @Test
    void aSlantedFrontIsLongerThanItIsDeep() {
        ButtonPlan plan = new ButtonPlan(13.5 * INCH + 40, 20, 20, 4, 4, 15, 3, -1, 12.7, 45);
        assertThat(plan.spacingMm()).isCloseTo(4.5 * INCH, within(1e-9));
        assertThat(plan.downMm()).isCloseTo(9.55 * INCH, within(0.005 * INCH));
        assertThat(plan.acrossMm()).isCloseTo(9.55 * INCH, within(0.005 * INCH));
    }

    @Property(tries = 200)
    void oneButtonSitsAtTheFullestPlaceAndTheRowStaysInOrder(
            @ForAll @IntRange(min = 3, max = 12) int count, @ForAll @DoubleRange(min = 60, max = 380) double fullest) {
        ButtonPlan plan = row(count, count, fullest, 0);
        assertThat(plan.marksMm()).anySatisfy(m -> assertThat(m).isCloseTo(fullest, within(1e-9)));
        assertThat(plan.marksMm()).isSorted().hasSize(count);
        assertThat(plan.marksMm().get(0)).isEqualTo(20);
        assertThat(plan.marksMm().get(count - 1)).isCloseTo(420, within(1e-9));
    }

    @Test
    void marginsThatLeaveNoRowAreRefused() {
        assertThatThrownBy(() -> new ButtonPlan(100, 60, 50, 3, 3, 15, 3, -1, 0, 0))
                .hasMessageContaining("no room");
        assertThatThrownBy(() -> row(0, 3, -1, 0)).hasMessageContaining("1 to 40");
        assertThatThrownBy(() -> row(3, 3, -1, 90)).hasMessageContaining("80°");
    }

    /** Worked example: gap 2, edge to centre ½, button 1¼, anchors ½ in: reach 3⅛, 7¼ in of cord. */
    @Test
    void aLoopReachesOverTheGapAndHalfTheButton() {
        LoopPlan plan = new LoopPlan(4, 2 * INCH, INCH / 2, 1.25 * INCH, 3, INCH / 2, 30 * INCH);
        assertThat(plan.reachMm()).isCloseTo(3.125 * INCH, within(1e-9));
        assertThat(plan.cordEachMm()).isCloseTo(7.25 * INCH, within(1e-9));
        // 30 in of cord make the four loops of 7¼ in: 29 in.
        assertThat(plan.fromCord()).isEqualTo(4);
        assertThat(new LoopPlan(5, 2 * INCH, INCH / 2, 1.25 * INCH, 3, INCH / 2, 30 * INCH).sentences())
                .anyMatch(s -> s.contains("make 4") && s.contains("missing"));
    }

    @Test
    void aZipLetsTheHipsThroughOrSaysHowMuchIsMissing() {
        ZipPlan plan = new ZipPlan(700, 950, 100);
        assertThat(plan.openingMm()).isCloseTo(125, within(1e-9));
        assertThat(plan.sentences()).anyMatch(s -> s.contains(Wording.of("25 mm too short")));
        assertThat(new ZipPlan(960, 950, 0).openingMm()).isZero();
    }

    @Test
    void tiesReachAndKnot() {
        TiePlan plan = new TiePlan(400, 30);
        assertThat(plan.bowMm()).isGreaterThan(plan.knotMm());
        assertThat(plan.sentences().get(0)).contains(Wording.of("400 mm to reach"));
    }
}
