package org.handdown.unpick;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.handdown.Demo;
import org.handdown.cloth.Cloth;
import org.handdown.cloth.ClothSheet;
import org.handdown.cloth.HeatLimit;
import org.handdown.cloth.Weave;
import org.handdown.measure.Practice;
import org.handdown.source.anatomy.SourceKind;
import org.handdown.source.graph.Anatomy;
import org.junit.jupiter.api.Test;

/** Order and technique: handbook §7 and §8, common practice, no source. */
class OpeningOrderTest {
    private static UnpickPlan all(SourceKind kind) {
        Anatomy anatomy = Demo.average(kind, Map.of()).anatomy();
        Map<String, JoinDecision> every = new HashMap<>();
        anatomy.joins().forEach(j -> every.put(j.id(), JoinDecision.UNPICK));
        return new UnpickPlan(anatomy, every, Map.of(), Map.of(), Practice.SHIPPED);
    }

    private static List<String> order(SourceKind kind) {
        return OpeningOrder.of(all(kind)).stream().map(o -> o.join().id()).toList();
    }

    @Test
    void aCoatIsOpenedByItsHandClosedWayInThenTheLiningThenTheShell() {
        List<String> order = order(SourceKind.COAT);
        assertThat(order.get(0)).isEqualTo("lining-hem");
        assertThat(order.indexOf("lining-armhole-left")).isLessThan(order.indexOf("armhole-left"));
        assertThat(order.indexOf("pocket-left")).isLessThan(order.indexOf("side-left"));
    }

    @Test
    void seamsComeApartInReverseOfSewing() {
        List<String> order = order(SourceKind.SHIRT);
        // Shoulders are sewn before armholes, armholes before sides.
        assertThat(order.indexOf("side-left")).isLessThan(order.indexOf("armhole-left"));
        assertThat(order.indexOf("cuff-left")).isLessThan(order.indexOf("underarm-left"));
    }

    @Test
    void sittingsHoldNoMoreThanTheirMinutesUnlessOneJoinIsLonger() {
        UnpickPlan plan = all(SourceKind.SHIRT);
        List<OpeningOrder.Sitting> sittings = OpeningOrder.sittings(OpeningOrder.of(plan), 25);
        assertThat(sittings).allSatisfy(s -> {
            assertThat(s.minutes() <= 25 || s.outcomes().size() == 1).isTrue();
            assertThat(s.safeEnd()).isNotBlank();
        });
        assertThat(sittings.stream().mapToDouble(OpeningOrder.Sitting::minutes).sum())
                .isCloseTo(plan.minutes(), within(1e-6));
        assertThatThrownBy(() -> OpeningOrder.sittings(List.of(), 0)).hasMessageContaining("5 to 240");
    }

    @Test
    void howToUnpickFollowsTheStitchAndTheCloth() {
        Anatomy shirt = Demo.average(SourceKind.T_SHIRT, Map.of()).anatomy();
        ClothSheet ladders = new ClothSheet(null, null, ClothSheet.CutEdge.LADDERS, false, false, false, false);
        Cloth knit = new Cloth("k", "", Weave.KNIT, "#808080", false, false, 0.8, HeatLimit.ONE_DOT, ladders);
        Technique cover = Technique.of(shirt.join("hem"), knit, JoinDecision.UNPICK);
        assertThat(cover.how()).anyMatch(h -> h.contains("runs out by itself"));
        assertThat(cover.risk()).isEqualTo(Technique.Risk.MUCH);
        Technique overlock = Technique.of(shirt.join("side-left"), Demo.CORD, JoinDecision.UNPICK);
        assertThat(overlock.how()).anyMatch(h -> h.contains("under the loops"));
        assertThat(overlock.risk()).isEqualTo(Technique.Risk.NONE);
        Anatomy coat = Demo.average(SourceKind.COAT, Map.of()).anatomy();
        assertThat(Technique.of(coat.join("collar"), Demo.CORD, JoinDecision.UNPICK)
                        .risk())
                .isEqualTo(Technique.Risk.MUCH);
    }
}
