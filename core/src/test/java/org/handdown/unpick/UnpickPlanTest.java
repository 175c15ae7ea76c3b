package org.handdown.unpick;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.handdown.Demo;
import org.handdown.source.Anatomy;
import org.handdown.source.Join;
import org.handdown.source.StitchType;
import org.handdown.source.TrousersAnatomy;
import org.junit.jupiter.api.Test;

class UnpickPlanTest {
    private static final Anatomy TROUSERS = TrousersAnatomy.of(Demo.TROUSERS);

    private static UnpickPlan plan(Map<String, JoinDecision> decisions) {
        return new UnpickPlan(TROUSERS, decisions, Map.of());
    }

    private static UnpickPlan.Outcome outcome(UnpickPlan plan, String join) {
        return plan.outcomes().stream()
                .filter(o -> o.join().id().equals(join))
                .findFirst()
                .orElseThrow();
    }

    /** Handbook table, minutes a metre: plain 4, topstitched 7, chain 1.5, overlock 5, felled 10, hand 3 (common practice, no source). */
    @Test
    void ratesAreTheHandbooks() {
        assertThat(List.of(StitchType.values()).stream().map(StitchType::minutesPerMetre))
                .containsExactly(4.0, 7.0, 1.5, 5.0, 10.0, 3.0);
    }

    @Test
    void minutesAreRowsTimesLengthTimesRateAndAMinuteForEachBarTack() {
        // Waistband: 2 rows × 0.9 m × 7 min/m + 5 bar tacks = 17.6 min, by hand.
        UnpickPlan.Outcome band = outcome(plan(Map.of("waistband", JoinDecision.UNPICK)), "waistband");
        assertThat(band.minutes()).isCloseTo(17.6, within(1e-9));
    }

    @Test
    void ownRatesReplaceTheDefaults() {
        UnpickPlan own =
                new UnpickPlan(TROUSERS, Map.of("waistband", JoinDecision.UNPICK), Map.of(StitchType.TOPSTITCHED, 3.0));
        assertThat(outcome(own, "waistband").minutes()).isCloseTo(2 * 0.9 * 3 + 5, within(1e-9));
    }

    @Test
    void unpickingWinsTheAllowanceOnBothSidesAndCuttingAwayLosesIt() {
        double length = outcome(plan(Map.of()), "side-left").join().lengthMm();
        UnpickPlan.Outcome unpicked = outcome(plan(Map.of("side-left", JoinDecision.UNPICK)), "side-left");
        assertThat(unpicked.wonCm2()).isCloseTo(2 * length * 12 / 100, within(1e-9));
        UnpickPlan.Outcome cut = outcome(plan(Map.of("side-left", JoinDecision.CUT_AWAY)), "side-left");
        assertThat(cut.wonMm()).isZero();
        assertThat(cut.lostCm2()).isCloseTo(2 * length * 12 / 100, within(1e-9));
        assertThat(cut.minutes()).isLessThan(unpicked.minutes() / 5);
    }

    @Test
    void legsComeFreeOnlyWhenEveryJoinToAnotherLegIsOpen() {
        assertThat(plan(Map.of()).groups()).containsExactly(Set.copyOf(TrousersAnatomy.LEGS));
        assertThat(plan(Demo.decisions()).groups()).hasSize(4);
        Map<String, JoinDecision> seatLeft = new HashMap<>(Demo.decisions());
        seatLeft.put("centre-back", JoinDecision.LEAVE);
        assertThat(plan(seatLeft).groups()).contains(Set.of("back-left", "back-right"));
        assertThat(plan(seatLeft).holding("back-left")).containsExactly("seat seam");
    }

    @Test
    void anEdgeKnowsWhatItWon() {
        UnpickPlan plan = plan(Map.of("side-left", JoinDecision.UNPICK, "inseam-left", JoinDecision.CUT_AWAY));
        assertThat(plan.wonMm("front-left", "side")).isEqualTo(12);
        assertThat(plan.wonMm("front-left", "inseam")).isZero();
        assertThat(plan.wonMm("front-right", "side")).isZero();
    }

    @Test
    void frontAndBackLegMakeTheWholeGirths() {
        var front = TrousersAnatomy.leg(Demo.TROUSERS, true);
        var back = TrousersAnatomy.leg(Demo.TROUSERS, false);
        assertThat(front.knee().widthMm() + back.knee().widthMm()).isEqualTo(512);
        assertThat(front.thigh().widthMm() + back.thigh().widthMm()).isEqualTo(680);
        assertThat(2 * (front.seat().widthMm() + back.seat().widthMm())).isEqualTo(1084);
        assertThat(2 * (front.waist().widthMm() + back.waist().widthMm())).isEqualTo(900);
    }

    @Test
    void seamsThatAreSewnTogetherAreNearlyAsLong() {
        Join seam = outcome(plan(Map.of()), "side-left").join();
        double back = TROUSERS.part("back-left").outline().edge("side").lengthMm();
        assertThat(seam.lengthMm()).isCloseTo(back, within(12.0));
    }
}
