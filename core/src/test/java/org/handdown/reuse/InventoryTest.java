package org.handdown.reuse;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.handdown.Demo;
import org.handdown.measure.Origin;
import org.handdown.measure.Practice;
import org.handdown.source.Assessment;
import org.handdown.source.anatomy.SourceKind;
import org.handdown.unpick.JoinDecision;
import org.handdown.unpick.UnpickPlan;
import org.junit.jupiter.api.Test;

class InventoryTest {
    private static UnpickPlan plan(SourceKind kind, Map<String, JoinDecision> decisions) {
        return new UnpickPlan(Demo.average(kind, Map.of()).anatomy(), decisions, Map.of(), Map.of(), Practice.SHIPPED);
    }

    private static Keeper keeper(UnpickPlan plan, String id) {
        return Inventory.of(plan, Demo.CORD).stream()
                .filter(k -> k.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aPartIsAttachedHalfOffOrDetachedByWhatStillHoldsIt() {
        assertThat(keeper(plan(SourceKind.TROUSERS, Map.of()), "waistband").hold())
                .isEqualTo(Keeper.Hold.ATTACHED);
        Map<String, JoinDecision> some = new HashMap<>();
        some.put("waistband-front-left", JoinDecision.UNPICK);
        assertThat(keeper(plan(SourceKind.TROUSERS, some), "waistband").hold()).isEqualTo(Keeper.Hold.HALF);
        for (String leg : List.of("front-right", "back-left", "back-right")) {
            some.put("waistband-" + leg, JoinDecision.UNPICK);
        }
        Keeper off = keeper(plan(SourceKind.TROUSERS, some), "waistband");
        assertThat(off.hold()).isEqualTo(Keeper.Hold.DETACHED);
        assertThat(off.minutesOff()).isZero();
    }

    @Test
    void aPlacketKnowsItsButtonsAndWhereTheirLineLies() {
        Keeper placket = keeper(plan(SourceKind.SHIRT, Map.of()), "front-right/centre");
        assertThat(placket.kind()).isEqualTo(KeeperKind.PLACKET);
        assertThat(placket.count()).isEqualTo(7);
        // Half of the placket's 34 mm: its centre line is its line of buttons, not its edge.
        assertThat(placket.lapMm()).isEqualTo(17);
    }

    @Test
    void aSeamThatIsCutAwayLeavesAStripForACord() {
        List<Keeper> keepers =
                Inventory.of(plan(SourceKind.T_SHIRT, Map.of("side-left", JoinDecision.CUT_AWAY)), Demo.CORD);
        assertThat(keepers).anyMatch(k -> k.kind() == KeeperKind.SEAM_STRIP && k.id().equals("strip-side-left"));
    }

    @Test
    void aHemThatIsOpenedIsLostAndToldSo() {
        UnpickPlan opened = plan(SourceKind.TROUSERS, Map.of("hem-left", JoinDecision.UNPICK));
        assertThat(Inventory.of(opened, Demo.CORD)).noneMatch(k -> k.id().equals("front-left/hem"));
        Losses losses = Losses.of(opened, Inventory.of(opened, Demo.CORD), List.of());
        assertThat(losses.destroyed()).anyMatch(d -> d.contains("left hem is opened"));
        assertThat(losses.free()).anyMatch(k -> k.id().equals("front-right/hem"));
    }

    /** Layers on each side of a seam that crosses it (common practice, no source). */
    @Test
    void aThickKeeperTellsWhatASeamAcrossItIs() {
        assertThat(KeeperKind.HEM.crossingMm(1.1)).isEqualTo(2 * 3 * 1.1);
        assertThat(KeeperKind.SELVEDGE.crossingMm(0.5)).isEqualTo(1);
    }

    @Test
    void aBrokenKeeperIsNeverUsedAndAWornOneOnlyWithoutASoundOne() {
        UnpickPlan plan = plan(SourceKind.SHIRT, Map.of());
        Want pocket = new Want("p", "pocket", org.handdown.pattern.Role.POCKET, "", "", 100, 0, 90, 200, 0, Side.NONE);
        Assessment broken = new Assessment(
                Assessment.Missed.SOME, null, Map.of("pocket", Assessment.Condition.BROKEN), Origin.TAPE);
        assertThat(BestUse.of(List.of(pocket), Inventory.of(plan, Demo.CORD, broken)))
                .isEmpty();
        Assessment worn =
                new Assessment(Assessment.Missed.SOME, null, Map.of("pocket", Assessment.Condition.WORN), Origin.TAPE);
        assertThat(BestUse.of(List.of(pocket), Inventory.of(plan, Demo.CORD, worn)))
                .singleElement()
                .satisfies(u -> assertThat(u.notes()).anyMatch(n -> n.contains("worn")));
    }

    @Test
    void trousersThatAreTooSmallSuitSomethingElse() {
        List<Suitability.Job> jobs = Suitability.of(Demo.source(Demo.CONSTRUCTION), Demo.child(1100), Practice.SHIPPED);
        Suitability.Job dungarees = jobs.stream()
                .filter(j -> j.name().startsWith("dungarees"))
                .findFirst()
                .orElseThrow();
        assertThat(dungarees.verdict()).isEqualTo(Suitability.Verdict.PASS);
        List<Suitability.Job> tall = Suitability.of(Demo.source(Demo.CONSTRUCTION), Demo.child(1900), Practice.SHIPPED);
        Suitability.Job forTall = tall.stream()
                .filter(j -> j.name().startsWith("dungarees"))
                .findFirst()
                .orElseThrow();
        assertThat(forTall.verdict()).isNotEqualTo(Suitability.Verdict.PASS);
        assertThat(forTall.why()).contains("missing");
        assertThat(Suitability.instead(jobs)).contains(dungarees.name());
    }
}
