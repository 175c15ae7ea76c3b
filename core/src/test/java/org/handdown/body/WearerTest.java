package org.handdown.body;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.handdown.measure.Length;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.Origin;
import org.handdown.measure.Practice;
import org.handdown.measure.Wording;
import org.junit.jupiter.api.Test;

/** The wearer: readings, growth, fit, movement, and a garment measured instead. */
class WearerTest {
    private static final LocalDate MARCH = LocalDate.of(2025, 3, 1);

    private static Wearer.Taken taped(double mm, LocalDate on) {
        return new Wearer.Taken(Length.ofMm(mm), "", Origin.TAPE, null, on);
    }

    private static Wearer tall(double mm, LocalDate on) {
        return new Wearer("Ilse", Map.of(BodyMeasure.HEIGHT, taped(mm, on)));
    }

    @Test
    void twoReadingsThatDifferAskForAThird() {
        var alike = new Wearer.Taken(Length.ofMm(600), "", Origin.TAPE, Length.ofMm(604), null);
        var apart = new Wearer.Taken(Length.ofMm(600), "", Origin.TAPE, Length.ofMm(612), null);
        assertThat(alike.differs()).isFalse();
        assertThat(alike.mm()).isCloseTo(602, within(1e-9));
        assertThat(apart.differs()).isTrue();
        assertThat(apart.toleranceMm(Practice.SHIPPED)).isCloseTo(6, within(1e-9));
    }

    @Test
    void aChildGrowsBetweenTwoDays() {
        Wearer now = tall(1160, MARCH.plusDays(365)).remeasured(tall(1100, MARCH));
        assertThat(now.earlier()).hasSize(1);
        assertThat(now.growthMmADay(BodyMeasure.HEIGHT).orElseThrow() * 365).isCloseTo(60, within(1e-6));
        assertThat(now.onDayMm(BodyMeasure.HEIGHT, MARCH.plusDays(730))).isCloseTo(1220, within(1e-6));
        // Measured twice within a month says nothing of growth.
        assertThat(tall(1102, MARCH.plusDays(9)).remeasured(tall(1100, MARCH)).growthMmADay(BodyMeasure.HEIGHT))
                .isEqualTo(Optional.empty());
    }

    @Test
    void onlyWhatWasAskedForIsThere() {
        Wearer wearer = tall(1100, MARCH);
        assertThat(wearer.find(BodyMeasure.HIP)).isEmpty();
        assertThatThrownBy(() -> wearer.mm(BodyMeasure.HIP)).hasMessageContaining("hip girth is missing");
        assertThat(wearer.agrees(tall(1100, MARCH.plusDays(3)), List.of(BodyMeasure.HEIGHT)))
                .isTrue();
        assertThat(wearer.agrees(tall(1101, MARCH.plusDays(3)), List.of(BodyMeasure.HEIGHT)))
                .isFalse();
    }

    @Test
    void aChildOfThreeMetresIsAWrongUnit() {
        assertThatThrownBy(() -> tall(3000, MARCH)).hasMessageContaining("Check the unit");
        Map<BodyMeasure, Wearer.Taken> legs = new EnumMap<>(BodyMeasure.class);
        legs.put(BodyMeasure.INSIDE_LEG, taped(700, MARCH));
        legs.put(BodyMeasure.WAIST_TO_FLOOR, taped(720, MARCH));
        assertThatThrownBy(() -> new Wearer("Ilse", legs)).hasMessageContaining(Wording.of("at least 6 cm shorter"));
    }

    /** Worked examples of the trade: hip 950 at 900 finished is 5.6 % in wear; a waist of 640 passes those hips at 48.4 %. */
    @Test
    void stretchInWear() {
        assertThat(Fit.stretchInWear(900, 950)).isCloseTo(0.056, within(0.0005));
        assertThat(Fit.stretchInWear(640, 950)).isCloseTo(0.484, within(0.0005));
        assertThat(Fit.sentence(900, 950, 0.18)).isEqualTo("stretched 5.6 % in wear, comfortable to 18.0 %");
        assertThat(Fit.sentence(1000, 950, 0)).isEqualTo(Wording.of("50 mm of ease"));
    }

    @Test
    void fitFollowsEaseAndStretch() {
        assertThat(Fit.of(900, 950, 0)).isEqualTo(Fit.TOO_TIGHT);
        assertThat(Fit.of(900, 950, 0.18)).isEqualTo(Fit.CLOSE);
        assertThat(Fit.of(1030, 950, 0)).isEqualTo(Fit.EASY);
        assertThat(Fit.of(1200, 950, 0)).isEqualTo(Fit.LOOSE);
    }

    @Property
    void whatIsAddedForOtherClothMakesItFit(
            @ForAll @DoubleRange(min = 400, max = 1200) double body,
            @ForAll @DoubleRange(min = 0.7, max = 1.1) double share,
            @ForAll @DoubleRange(min = 0, max = 0.5) double comfortable) {
        double finished = share * body;
        double added = Fit.toAddMm(finished, body, comfortable);
        assertThat(Fit.of(finished + added, body, comfortable)).isNotEqualTo(Fit.TOO_TIGHT);
        if (added > 2) {
            assertThat(Fit.of(finished + added - 2, body, comfortable)).isEqualTo(Fit.TOO_TIGHT);
        }
    }

    @Test
    void aNarrowSkirtNeedsASlitWhereTheStepIsWiderThanItIs() {
        // Inside leg 700, stride 525, calf 330: at 100 mm above the floor the step needs 2 · 450 + 330 = 1230 mm.
        Movement step = new Movement(700, 525, 330);
        assertThat(step.neededMm(100)).isCloseTo(1230, within(1e-9));
        // 900 at the hem, 1000 at 700 above the floor: needed falls to 330 there.
        double at = step.slitStartMm(100, 900, 700, 1000, 0).orElseThrow();
        // Evenly between: 330 short at the hem, 670 to spare at the hip.
        assertThat(at).isCloseTo(100 + 600 * 330 / 1000.0, within(1e-6));
        assertThat(step.slitStartMm(100, 1300, 700, 1400, 0)).isEmpty();
        assertThat(step.slitStartMm(100, 1000, 700, 1000, 0.3)).isEmpty();
    }

    @Test
    void aGarmentThatFitsStandsForTheBody() {
        ReferenceGarment tee = new ReferenceGarment(
                "shirt", "underarm", 0, List.of(new ReferenceGarment.Level(BodyMeasure.CHEST, 0, 330, 80)));
        assertThat(tee.bodyMm(tee.levels().get(0))).isCloseTo(580, within(1e-9));
        assertThat(java.util.Objects.requireNonNull(tee.measures().get(BodyMeasure.CHEST))
                        .origin())
                .isEqualTo(Origin.GARMENT);
        assertThatThrownBy(() -> new ReferenceGarment("shirt", "the hem", 0, tee.levels()))
                .hasMessageContaining("never from the hem");
    }

    @Test
    void proposalsStayInsideTheRangeOfEveryMeasure() {
        for (double height = 700; height <= 2100; height += 50) {
            for (BodyMeasure measure : BodyMeasure.values()) {
                double mm = BodyTable.proposedMm(measure, height);
                assertThat(measure.range()
                                .require("x", Length.of(mm / 10, LengthUnit.CM))
                                .mm())
                        .as(measure + " of " + height)
                        .isCloseTo(mm, within(1e-6));
            }
        }
    }

    /** A large grown person of 1800 mm: what goes with a chest of 1200, a waist of 1120 and a hip of 1220, to about what is usual (from memory). */
    @Test
    void proposalsFollowTheGirthsThatWereTaken() {
        Wearer large = new Wearer(
                        "somebody",
                        Map.of(
                                BodyMeasure.HEIGHT, taped(1800),
                                BodyMeasure.CHEST, taped(1200),
                                BodyMeasure.WAIST, taped(1120),
                                BodyMeasure.HIP, taped(1220)))
                .proposing(List.of(
                        BodyMeasure.TROUSER_WAIST,
                        BodyMeasure.UPPER_ARM,
                        BodyMeasure.THIGH,
                        BodyMeasure.NECK_GIRTH,
                        BodyMeasure.HEAD_GIRTH));
        assertThat(large.mm(BodyMeasure.TROUSER_WAIST)).isBetween(1120.0, 1220.0);
        assertThat(large.mm(BodyMeasure.UPPER_ARM)).isBetween(360.0, 400.0);
        assertThat(large.mm(BodyMeasure.THIGH)).isBetween(680.0, 720.0);
        assertThat(large.mm(BodyMeasure.NECK_GIRTH)).isBetween(410.0, 430.0);
        // A head does not grow with the chest.
        assertThat(large.mm(BodyMeasure.HEAD_GIRTH)).isEqualTo(BodyTable.proposedMm(BodyMeasure.HEAD_GIRTH, 1800));
        assertThat(large.proposedWith(BodyMeasure.UPPER_ARM)).contains(BodyMeasure.CHEST);
        assertThat(large.proposedWith(BodyMeasure.HEAD_GIRTH)).isEmpty();
    }

    /** Only the waist is known: chest and hip go with it, and what is only proposed leads nothing. */
    @Test
    void oneGirthMovesTheOthers_AProposalMovesNone() {
        Wearer one = new Wearer("somebody", Map.of(BodyMeasure.HEIGHT, taped(1680), BodyMeasure.WAIST, taped(900)));
        double more = 900 - BodyTable.proposedMm(BodyMeasure.WAIST, 1680);
        assertThat(one.proposedMm(BodyMeasure.HIP))
                .isCloseTo(BodyTable.proposedMm(BodyMeasure.HIP, 1680) + 0.9 * more, within(5.0));
        Wearer proposed = new Wearer("somebody", Map.of(BodyMeasure.HEIGHT, taped(1680)))
                .proposing(List.of(BodyMeasure.CHEST, BodyMeasure.UPPER_ARM));
        assertThat(proposed.mm(BodyMeasure.UPPER_ARM)).isEqualTo(BodyTable.proposedMm(BodyMeasure.UPPER_ARM, 1680));
    }

    private static Wearer.Taken taped(double mm) {
        return new Wearer.Taken(Length.ofMm(mm), "", Origin.TAPE);
    }
}
