package org.handdown.alter;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.handdown.Demo;
import org.handdown.source.anatomy.SourceKind;
import org.handdown.source.graph.Anatomy;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** C8.4: gain per level = Σ 2·dart + Σ 2·pleat + Σ 2(a − a_min), and hems for length (handbook §3). */
@Tag("long")
@net.jqwik.api.Tag("long")
class ReleaseBudgetTest {
    private static final double LEAST = 10;

    private static ReleaseBudget budget(SourceKind kind, Map<String, Double> measures) {
        Map<String, Double> asked = new HashMap<>(measures);
        if (kind == SourceKind.SKIRT) {
            // Its zip in the side, so that the back is whole.
            asked.put("zipPlace", 1.0);
        }
        return new ReleaseBudget(Demo.average(kind, asked).anatomy(), LEAST, 10);
    }

    private static ReleaseBudget.Level level(ReleaseBudget budget, String id) {
        return budget.levels().stream()
                .filter(l -> l.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    /** Two side seams of 15 mm, 10 mm kept: 2 × 2 × 5 mm; four darts of 12 mm at the waist: 4 × 2 × 12 mm, and none at the hem. */
    @Test
    void aSkirtGivesItsDartsAtTheWaistAndItsSeamsEverywhere() {
        ReleaseBudget skirt =
                budget(SourceKind.SKIRT, Map.of("allowance", 15.0, "darts", 4.0, "dartDepth", 12.0, "hemDepth", 40.0));
        assertThat(level(skirt, "back+front/top").mostMm()).isCloseTo(20 + 96, within(1e-9));
        assertThat(level(skirt, "back+front/end").mostMm()).isCloseTo(20, within(1e-9));
        assertThat(level(skirt, "length").mostMm()).isCloseTo(30, within(1e-9));
    }

    /** The girth now is with the darts closed: what was typed in. */
    @Test
    void girthsAreThoseOfTheGarmentNotOfTheOpenDrawing() {
        ReleaseBudget skirt = budget(SourceKind.SKIRT, Map.of("waist", 700.0, "hem", 980.0));
        // Read 10 mm below the waist, where it is 12 mm wider on its way to a hip of 920.
        assertThat(level(skirt, "back+front/top").girthMm()).isCloseTo(712, within(2.0));
        assertThat(level(skirt, "back+front/end").girthMm()).isCloseTo(980, within(12.0));
    }

    /** The waist of a bodice is its lower end: darts run up from there, are closed in its girth and can be let out there. */
    @Test
    void dartsAtTheLowerEndCountAtTheLowerEnd() {
        ReleaseBudget dress = budget(
                SourceKind.DRESS,
                Map.of("waist", 740.0, "darts", 4.0, "dartDepth", 12.0, "pleats", 0.0, "allowance", 15.0));
        ReleaseBudget.Level waist = dress.levels().stream()
                .filter(l -> l.parts().contains("bodice-front") && l.id().endsWith("/end"))
                .findFirst()
                .orElseThrow();
        assertThat(waist.girthMm()).isCloseTo(740, within(12.0));
        assertThat(waist.releases().stream()
                        .filter(r -> r.kind() == Release.Kind.DART)
                        .mapToDouble(Release::mostMm)
                        .sum())
                .isCloseTo(4 * 2 * 12, within(1e-9));
    }

    @Test
    void aSleeveIsALevelOfItsOwnAndLeftAndRightAreAlike() {
        ReleaseBudget coat = budget(SourceKind.COAT, Map.of("allowance", 20.0));
        double left = level(coat, "sleeve-left/end").mostMm();
        assertThat(left).isCloseTo(2 * (20 - LEAST), within(1e-9));
        assertThat(level(coat, "sleeve-right/end").mostMm()).isEqualTo(left);
        assertThat(coat.levels()).noneMatch(l -> l.parts().stream().anyMatch(p -> p.startsWith("lining")));
    }

    @Test
    void narrowAllowancesGiveNothing() {
        assertThat(budget(SourceKind.T_SHIRT, Map.of("allowance", 7.0)).levels())
                .extracting(ReleaseBudget.Level::id)
                .containsExactly("length");
    }

    /** What shows least gives first; of one kind all give alike, left as right. */
    @Test
    void aGainIsTakenFromWhatShowsLeast() {
        ReleaseBudget.Level waist = level(
                budget(SourceKind.SKIRT, Map.of("allowance", 15.0, "darts", 4.0, "dartDepth", 12.0)), "back+front/top");
        Map<String, Double> some = waist.spread(48);
        assertThat(some.get("side-left")).isZero();
        assertThat(some.values().stream().mapToDouble(d -> d).sum()).isCloseTo(48, within(1e-9));
        Map<String, Double> more = waist.spread(106);
        assertThat(more.get("side-left")).isCloseTo(5, within(1e-9));
        assertThat(more.get("side-right")).isEqualTo(more.get("side-left"));
    }

    /** Asked for at a level of its own, it comes with the seams to open, and what is missing is told. */
    @Test
    void otherLevelsCanBeAskedFor() {
        Anatomy skirt = Demo.average(SourceKind.SKIRT, Map.of("allowance", 15.0, "zipPlace", 1.0))
                .anatomy();
        LetOut letOut = new LetOut(skirt, new LetOut.Wish(0, 0, LEAST, 10, false, Map.of("back+front/end", 30.0)));
        assertThat(letOut.levels()).singleElement().satisfies(s -> {
            assertThat(s.gainMm()).isCloseTo(20, within(1e-9));
            assertThat(s.missingMm()).isCloseTo(10, within(1e-9));
        });
        assertThat(letOut.openings()).containsOnlyKeys("side-left", "side-right");
        assertThatThrownBy(() ->
                        new LetOut(skirt, new LetOut.Wish(0, 0, LEAST, 10, false, Map.of("collar/top", 30.0))).levels())
                .hasMessageContaining("nothing to let out");
    }

    /** A release never exceeds what is there. */
    @Property(tries = 200)
    void nothingGivesMoreThanItHas(
            @ForAll @DoubleRange(min = 0, max = 400) double wanted,
            @ForAll @DoubleRange(min = 0, max = 60) double allowance) {
        for (ReleaseBudget.Level level :
                budget(SourceKind.DRESS, Map.of("allowance", allowance)).levels()) {
            Map<String, Double> given = level.spread(wanted);
            double sum = given.values().stream().mapToDouble(d -> d).sum();
            assertThat(sum).isLessThanOrEqualTo(Math.min(wanted, level.mostMm()) + 1e-6);
            level.releases().forEach(r -> assertThat(given.get(r.id())).isBetween(0.0, r.mostMm() + 1e-9));
        }
    }
}
