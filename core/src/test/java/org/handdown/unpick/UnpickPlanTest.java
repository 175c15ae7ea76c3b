package org.handdown.unpick;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.handdown.Demo;
import org.handdown.fit.EdgeKind;
import org.handdown.measure.Practice;
import org.handdown.measure.Wording;
import org.handdown.source.anatomy.TrouserLegs;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.EdgeFinish;
import org.handdown.source.graph.Join;
import org.handdown.source.graph.StitchType;
import org.junit.jupiter.api.Test;

class UnpickPlanTest {
    private static final Anatomy TROUSERS = Demo.ANATOMY;

    private static UnpickPlan plan(Map<String, JoinDecision> decisions) {
        return new UnpickPlan(TROUSERS, decisions, Map.of(), Map.of(), Practice.SHIPPED);
    }

    private static UnpickPlan.Outcome outcome(UnpickPlan plan, String join) {
        return plan.outcomes().stream()
                .filter(o -> o.join().id().equals(join))
                .findFirst()
                .orElseThrow();
    }

    /** Handbook table, minutes a metre: plain 4, topstitched 7, chain and cover 1.5, overlock 5, felled 10, hand 3, a cut 1 (common practice, no source). */
    @Test
    void ratesAreTheHandbooks() {
        assertThat(List.of(StitchType.values()).stream().map(s -> s.minutesPerMetre(Practice.SHIPPED)))
                .containsExactly(4.0, 7.0, 1.5, 1.5, 5.0, 10.0, 3.0, 1.0);
    }

    @Test
    void minutesAreRowsTimesLengthTimesRateAndAMinuteForEachBarTack() {
        // Back pocket: 2 rows × (140 + 2 × 150) mm × 7 min/m + 2 bar tacks = 8.16 min, by hand.
        UnpickPlan.Outcome pocket = outcome(plan(Map.of("back-pocket-left", JoinDecision.UNPICK)), "back-pocket-left");
        assertThat(pocket.minutes()).isCloseTo(8.16, within(1e-9));
    }

    @Test
    void ownRatesReplaceTheDefaults() {
        UnpickPlan own = new UnpickPlan(
                TROUSERS,
                Map.of("back-pocket-left", JoinDecision.UNPICK),
                Map.of(),
                Map.of(StitchType.TOPSTITCHED, 3.0),
                Practice.SHIPPED);
        assertThat(outcome(own, "back-pocket-left").minutes()).isCloseTo(2 * 0.44 * 3 + 2, within(1e-9));
    }

    /** Handbook §3: about ½ in past each end, and ½ in sewn back over the old stitching (common practice, no source). */
    @Test
    void aStretchIsOpenedWithAMarginAndSewnBackOverTheOldEnds() {
        Join side = TROUSERS.join("side-left");
        Stretches stretch = Stretches.of(200, 300);
        assertThat(stretch.openedMm(side, Practice.SHIPPED)).isCloseTo(125.4, within(1e-9));
        assertThat(stretch.sewnMm(side, Practice.SHIPPED)).isCloseTo(150.8, within(1e-9));
        UnpickPlan partly = new UnpickPlan(
                TROUSERS,
                Map.of("side-left", JoinDecision.UNPICK),
                Map.of("side-left", stretch),
                Map.of(),
                Practice.SHIPPED);
        // 2 rows × 0.1254 m × 5 min/m.
        assertThat(outcome(partly, "side-left").minutes()).isCloseTo(1.254, within(1e-9));
        assertThat(partly.isOpen(side)).isFalse();
        assertThatThrownBy(() -> new Stretch(900, 2000).requireOn(side)).hasMessageContaining("past its end");
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
    void legsLieFlatOnceTheyFormNoTubeAnyMore() {
        assertThat(plan(Map.of()).flatParts()).isEmpty();
        assertThat(plan(Demo.decisions()).flatParts()).containsExactlyElementsOf(TrouserLegs.LEGS);
        Map<String, JoinDecision> sides = new HashMap<>(Demo.decisions());
        sides.put("side-left", JoinDecision.LEAVE);
        sides.put("side-right", JoinDecision.LEAVE);
        // Front and back still hang together along the side: each folds away beside the other.
        assertThat(plan(sides).flatParts()).containsExactlyElementsOf(TrouserLegs.LEGS);
        sides.put("inseam-left", JoinDecision.LEAVE);
        assertThat(plan(sides).flatParts()).containsExactly("front-right", "back-right");
        assertThat(plan(sides).holding("back-left")).containsExactlyInAnyOrder("left side seam", "left inseam");
    }

    @Test
    void aJoinTellsWhatOpeningItBrings() {
        Map<String, JoinDecision> almost = new HashMap<>(Demo.decisions());
        almost.put("inseam-left", JoinDecision.LEAVE);
        almost.put("side-left", JoinDecision.LEAVE);
        UnpickPlan plan = plan(almost);
        assertThat(plan.effects(TROUSERS.join("inseam-left")))
                .containsExactly("Opening it frees: front left leg, back left leg.");
        assertThat(plan.effects(TROUSERS.join("side-right"))).anyMatch(e -> e.contains("could stay closed"));
        assertThat(plan.effects(TROUSERS.join("hem-left")))
                .containsExactly(Wording.of("448 mm of finished edge live on."));
        assertThat(plan.effects(TROUSERS.join("waistband-back-left"))).anyMatch(e -> e.contains("waistband comes off"));
        UnpickPlan cut = plan(Map.of("inseam-left", JoinDecision.CUT_AWAY));
        assertThat(cut.effects(TROUSERS.join("inseam-left"))).anyMatch(e -> e.contains("makes a cord"));
    }

    @Test
    void panelsOfASizeComeFromWhicheverPartsAreCheapest() {
        Map<String, Double> minutes = new HashMap<>();
        TROUSERS.joins().forEach(j -> minutes.put(j.id(), j.minutes(j.stitch().minutesPerMetre(Practice.SHIPPED))));
        LeastOpening search = new LeastOpening(TROUSERS, new LeastOpening.Want(Set.of(), Set.of(), Set.of()), minutes);
        List<LeastOpening.Answer> two = search.forSize(2, 300, 900, 3);
        List<LeastOpening.Answer> four = search.forSize(4, 300, 900, 3);
        assertThat(two.get(0).minutes()).isLessThanOrEqualTo(four.get(0).minutes());
        assertThatThrownBy(() -> search.forSize(1, 700, 900, 3)).hasMessageContaining("the widest has");
    }

    @Test
    void anEdgeKnowsWhatItWonAndWhatStillHangsThere() {
        UnpickPlan plan = plan(Map.of("side-left", JoinDecision.UNPICK, "inseam-left", JoinDecision.CUT_AWAY));
        FreedEdges edges = plan.edges(TROUSERS.part("front-left"));
        assertThat(edges.wonMm("side")).isEqualTo(12);
        assertThat(edges.wonMm("inseam")).isZero();
        assertThat(edges.kept()).containsEntry("waist", new EdgeFinish(EdgeKind.WAISTBAND, 38));
        assertThat(edges.kept()).containsEntry("hem", new EdgeFinish(EdgeKind.HEM, 38));
        assertThat(edges.kept()).containsEntry("centre", new EdgeFinish(EdgeKind.SEAM, 0));
    }

    @Test
    void frontAndBackLegMakeTheWholeGirths() {
        var front = TrouserLegs.leg(Demo.TROUSERS, true);
        var back = TrouserLegs.leg(Demo.TROUSERS, false);
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
