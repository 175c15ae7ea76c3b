package org.handdown.make;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import org.handdown.Demo;
import org.handdown.measure.LengthUnit;
import org.handdown.project.Workroom;
import org.junit.jupiter.api.Test;

class WorkOrderTest {
    private static Step step(String id, String... needs) {
        return new Step(
                id,
                id,
                "",
                false,
                List.of(),
                "",
                1,
                List.of(),
                List.of(needs).stream().map(n -> new Step.Need(n, Reason.RISK)).toList());
    }

    private static List<Step> dungarees() {
        Workroom room = new Workroom(Demo.project(1100));
        return DungareesSteps.of(
                Demo.source(Demo.CONSTRUCTION),
                room.plan().orElseThrow(),
                room.design().orElseThrow(),
                null,
                Beside.NOTHING,
                LengthUnit.CM);
    }

    private static int at(List<Step> steps, String id) {
        return Optional.of(steps.stream().map(Step::id).toList().indexOf(id))
                .filter(i -> i >= 0)
                .orElseThrow();
    }

    @Test
    void needsComeFirstAndTiesKeepTheirOrder() {
        List<Step> order = WorkOrder.of(List.of(step("c", "a"), step("b"), step("a")));
        assertThat(order).extracting(Step::id).containsExactly("b", "a", "c");
    }

    @Test
    void aCircleIsRefused() {
        assertThatThrownBy(() -> WorkOrder.of(List.of(step("a", "b"), step("b", "a"))))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> WorkOrder.of(List.of(step("a", "ghost")))).hasMessageContaining("ghost");
    }

    /** Order rules of the handbook §7 (common practice, no source), each as “first before then”. */
    @Test
    void dungareesFollowTheOrderRules() {
        List<Step> steps = dungarees();
        String[][] rules = {
            {"wash", "photograph"},
            {"photograph", "open-side-left"},
            {"open-side-left", "press"},
            {"press", "mark"},
            {"mark", "measure-panels"},
            {"measure-panels", "gate-cut"},
            {"gate-cut", "cut"},
            {"cut", "scrap"},
            {"scrap", "patches"},
            {"patches", "centre-seams"},
            {"baste", "gate-fit"},
            {"gate-fit", "side-seams"},
            {"side-seams", "hem"},
            {"hem", "gate-buttonholes"},
            {"gate-buttonholes", "buttonholes"},
            {"buttonholes", "inspect"}
        };
        for (String[] rule : rules) {
            assertThat(at(steps, rule[0])).as("%s before %s", rule[0], rule[1]).isLessThan(at(steps, rule[1]));
        }
    }

    @Test
    void everyGateSaysWhatToCheckAndEveryBladeIsCautioned() {
        List<Step> steps = dungarees();
        assertThat(steps)
                .filteredOn(Step::gate)
                .hasSize(3)
                .allSatisfy(g -> assertThat(g.checks()).isNotEmpty());
        assertThat(steps)
                .filteredOn(s -> s.id().startsWith("open-") || s.id().equals("cut"))
                .allSatisfy(s -> assertThat(s.caution()).isNotBlank());
        assertThat(steps)
                .filteredOn(s -> s.id().equals("press"))
                .singleElement()
                .satisfies(s -> assertThat(s.how()).contains("200 °C"));
    }
}
