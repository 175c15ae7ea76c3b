package org.handdown.reuse;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.handdown.Demo;
import org.handdown.measure.Practice;
import org.handdown.pattern.Role;
import org.handdown.source.anatomy.SourceKind;
import org.handdown.source.graph.Anatomy;
import org.handdown.unpick.JoinDecision;
import org.handdown.unpick.UnpickPlan;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class LossesAndSavingsTest {
    private static final Anatomy CURTAIN =
            Demo.average(SourceKind.CURTAIN, Map.of()).anatomy();

    private static UnpickPlan plan(JoinDecision hem) {
        Map<String, JoinDecision> all = new HashMap<>();
        CURTAIN.joins().forEach(j -> all.put(j.id(), j.finishedEdge() ? hem : JoinDecision.UNPICK));
        return new UnpickPlan(CURTAIN, all, Map.of(), Map.of(), Practice.SHIPPED);
    }

    /** C8.7: nothing finished is lost in silence. */
    @Test
    void everyFinishedEdgeThatIsOpenedOrCutOffIsNamed() {
        long finished = CURTAIN.joins().stream().filter(j -> j.finishedEdge()).count();
        assertThat(Losses.of(plan(JoinDecision.LEAVE), List.of(), List.of()).destroyed())
                .isEmpty();
        assertThat(Losses.of(plan(JoinDecision.UNPICK), List.of(), List.of()).destroyed())
                .hasSize((int) finished)
                .allMatch(s -> s.contains("is opened"));
        assertThat(Losses.of(plan(JoinDecision.CUT_AWAY), List.of(), List.of()).destroyed())
                .hasSize((int) finished)
                .allMatch(s -> s.contains("is cut off"));
    }

    /** A tube has nothing to unpick: its fold is cut into whole cloth, and that stands at the gate. */
    @Test
    void aFoldThatIsCutIsNamed() {
        Anatomy tube = Demo.average(SourceKind.T_SHIRT, Map.of("sides", 1.0)).anatomy();
        UnpickPlan plan =
                new UnpickPlan(tube, Map.of("side-left", JoinDecision.UNPICK), Map.of(), Map.of(), Practice.SHIPPED);
        assertThat(Losses.of(plan, List.of(), List.of()).destroyed())
                .singleElement()
                .asString()
                .startsWith("Whole cloth: the left fold of the tube is cut");
    }

    @Test
    void keepersThatNothingUsesAreFree() {
        List<Keeper> keepers = Inventory.of(plan(JoinDecision.LEAVE), Demo.CORD);
        assertThat(keepers).isNotEmpty();
        Want hem = new Want("h", "hem", Role.HEM, "skirt", "hem", 300, 0, 0, 400, 0, Side.NONE);
        List<Use> uses = BestUse.of(List.of(hem), keepers);
        Losses losses = Losses.of(plan(JoinDecision.LEAVE), keepers, uses);
        assertThat(uses).hasSize(1);
        assertThat(losses.free())
                .hasSize(keepers.size() - 1)
                .doesNotContain(uses.get(0).keepers().get(0));
    }

    /** Common practice, no source: a metre of new hem takes 12 minutes; a placket 25 and 6 for each buttonhole. */
    @Test
    void savingsGrowWithLengthAndButtonholes() {
        assertThat(Savings.minutes(Role.HEM, 2000, 0)).isCloseTo(24, within(1e-9));
        assertThat(Savings.minutes(Role.CLOSURE, 600, 7)).isCloseTo(67, within(1e-9));
        assertThat(Savings.bonusM2(Role.HEM, 1000)).isCloseTo(0.012, within(1e-9));
    }

    @ParameterizedTest
    @EnumSource(Role.class)
    void nothingFinishedIsWorthLess(Role role) {
        assertThat(Savings.minutes(role, 100, 0)).isPositive();
        assertThat(Savings.minutes(role, 1000, 0)).isGreaterThanOrEqualTo(Savings.minutes(role, 100, 0));
    }

    /** Handbook §6: what cutting through a keeper asks for; a zip is never cut without a stop. */
    @Test
    void cuttingThroughAKeeperSaysWhatToDo() {
        assertThat(CutThrough.note(KeeperKind.ZIP)).contains("new stop before");
        assertThat(CutThrough.note(KeeperKind.PLACKET)).contains("Re-tack");
        assertThat(CutThrough.note(KeeperKind.RIB)).contains("loops");
        for (KeeperKind kind : KeeperKind.values()) {
            assertThat(CutThrough.note(kind)).endsWith(".");
        }
    }

    /** A centre seam that stays closed is an axis; a wrong side worth showing is listed once. */
    @Test
    void axesAndPrettyInsidesAreListedAndServeNoRole() {
        UnpickPlan closed = new UnpickPlan(Demo.ANATOMY, Map.of(), Map.of(), Map.of(), Practice.SHIPPED);
        List<Keeper> keepers = Inventory.of(closed, Demo.CORD);
        assertThat(keepers)
                .filteredOn(k -> k.kind() == KeeperKind.AXIS)
                .isNotEmpty()
                .allSatisfy(k -> {
                    assertThat(k.lengthMm()).isPositive();
                    for (Role role : Role.values()) {
                        assertThat(k.kind().serves(role)).isFalse();
                    }
                });
        assertThat(keepers).noneMatch(k -> k.kind() == KeeperKind.WRONG_SIDE);
    }
}
