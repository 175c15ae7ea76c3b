package org.handdown.unpick;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.handdown.Demo;
import org.handdown.measure.Practice;
import org.handdown.source.anatomy.SourceKind;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.Join;
import org.junit.jupiter.api.Test;

class PartLabelTest {
    private static final Anatomy SHIRT =
            Demo.average(SourceKind.SHIRT, Map.of()).anatomy();

    private static List<PartLabel> labels(boolean open) {
        Map<String, JoinDecision> all = new HashMap<>();
        for (Join join : SHIRT.joins()) {
            all.put(join.id(), open && !join.finishedEdge() ? JoinDecision.UNPICK : JoinDecision.LEAVE);
        }
        return PartLabel.of(new UnpickPlan(SHIRT, all, Map.of(), Map.of(), Practice.SHIPPED));
    }

    private static PartLabel label(String part) {
        return labels(true).stream()
                .filter(l -> l.part().equals(part))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void everyPartThatComesOffHasOneAndAWholeShirtNone() {
        assertThat(labels(false)).isEmpty();
        assertThat(labels(true))
                .extracting(PartLabel::part)
                .contains("sleeve-left", "sleeve-right", "yoke", "collar", "cuff-left", "pocket", "back");
    }

    @Test
    void sidePartnerAndNeighboursAreOnIt() {
        PartLabel sleeve = label("sleeve-left");
        assertThat(sleeve.side()).isEqualTo("left");
        assertThat(sleeve.partner()).isEqualTo(SHIRT.part("sleeve-right").name());
        assertThat(sleeve.neighbours())
                .contains(SHIRT.part("front-left").name(), SHIRT.part("back").name());
        assertThat(sleeve.layer()).isEqualTo("outer cloth");
        PartLabel yoke = label("yoke");
        assertThat(yoke.side()).isEmpty();
        assertThat(yoke.partner()).isEmpty();
    }

    @Test
    void itsSizeIsThatOfThePart() {
        var box = SHIRT.part("pocket").outline().box();
        assertThat(label("pocket").widthMm()).isCloseTo(box.widthMm(), within(1e-9));
        assertThat(label("pocket").heightMm()).isCloseTo(box.heightMm(), within(1e-9));
    }

    /** A stretch that is opened in part frees nothing. */
    @Test
    void aPartOpenedInPartOnlyHasNone() {
        Map<String, JoinDecision> all = new HashMap<>();
        SHIRT.joins().forEach(j -> all.put(j.id(), JoinDecision.UNPICK));
        UnpickPlan partly =
                new UnpickPlan(SHIRT, all, Map.of("pocket", Stretches.of(10, 60)), Map.of(), Practice.SHIPPED);
        assertThat(PartLabel.of(partly)).extracting(PartLabel::part).doesNotContain("pocket");
    }
}
