package org.handdown.source.anatomy;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.handdown.Demo;
import org.handdown.assembly.Layer;
import org.handdown.geometry.Box;
import org.handdown.geometry.Edge;
import org.handdown.measure.Practice;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.Closure;
import org.handdown.source.graph.FlatView;
import org.handdown.source.graph.Fold;
import org.handdown.source.graph.Join;
import org.handdown.source.graph.Part;
import org.handdown.source.graph.PartRole;
import org.handdown.source.graph.StitchType;
import org.handdown.unpick.JoinDecision;
import org.handdown.unpick.UnpickPlan;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Every ready anatomy, measured on its own drawing, gives back the figures it was drawn from. */
class AnatomyFiguresTest {
    private static Anatomy of(SourceKind kind, Map<String, Double> measures) {
        return Demo.average(kind, measures).anatomy();
    }

    private static Edge edge(Anatomy a, String part, String edge) {
        return a.part(part).outline().edge(edge);
    }

    private static Box box(Anatomy a, String part) {
        return a.part(part).outline().box();
    }

    @Test
    void aShirtHasItsChestLengthPlacketAndButtons() {
        Anatomy shirt = of(SourceKind.SHIRT, Map.of("chest", 1120.0, "length", 740.0, "placket", 36.0, "buttons", 6.0));
        // Two half fronts overlap by the placket: each is a quarter of the chest and half a placket wide.
        assertThat(box(shirt, "front-left").widthMm()).isCloseTo(1120 / 4.0 + 18, within(0.5));
        assertThat(box(shirt, "back").widthMm()).isCloseTo(560, within(0.5));
        assertThat(box(shirt, "front-left").heightMm()).isCloseTo(740, within(0.5));
        Closure buttons = shirt.closures().get(0);
        assertThat(buttons.atMm()).hasSize(6).isSorted();
        assertThat(buttons.lineMm()).isEqualTo(18);
        assertThat(shirt.part("front-right").outline().ring().areaMm2())
                .isCloseTo(shirt.part("front-left").outline().ring().areaMm2(), within(1.0));
    }

    @Test
    void aSkirtHasItsWaistHipHemAndLength() {
        Anatomy skirt = of(
                SourceKind.SKIRT,
                Map.of("waist", 700.0, "hem", 1000.0, "length", 560.0, "darts", 0.0, "zipPlace", 1.0));
        assertThat(edge(skirt, "front", "waist").lengthMm()
                        + edge(skirt, "back", "waist").lengthMm())
                .isCloseTo(700, within(2.0));
        assertThat(edge(skirt, "front", "hem").lengthMm()
                        + edge(skirt, "back", "hem").lengthMm())
                .isCloseTo(1000, within(2.0));
        assertThat(box(skirt, "front").heightMm()).isCloseTo(560, within(3.0));
    }

    /** Pleats are open in the drawing: the upper edge is the waist and twice each pleat's depth. */
    @Test
    void aPleatedSkirtIsDrawnWithItsPleatsOpen() {
        Anatomy skirt = of(SourceKind.PLEATED_SKIRT, Map.of("waist", 620.0, "pleats", 16.0, "pleatDepth", 25.0));
        double folded = skirt.folds().stream().mapToDouble(Fold::hiddenMm).sum();
        assertThat(folded).isCloseTo(2 * 16 * 25, within(1e-9));
        assertThat(edge(skirt, "front", "waist").lengthMm()
                        + edge(skirt, "back", "waist").lengthMm()
                        - folded)
                .isCloseTo(620, within(2.0));
    }

    /** Handbook §4: a full circle from a waist of 700 mm has r = 111.4 mm; its hem 2π(r + length). */
    @Test
    void aCircleSkirtIsPartOfARing() {
        Anatomy skirt = of(SourceKind.CIRCLE_SKIRT, Map.of("waist", 700.0, "length", 500.0));
        double upper = 0;
        double hem = 0;
        for (Part part : skirt.mainParts()) {
            upper += part.outline().edge("waist").lengthMm();
            hem += part.outline().edge("hem").lengthMm();
        }
        assertThat(upper).isCloseTo(700, within(2.0));
        assertThat(hem).isCloseTo(2 * Math.PI * (111.4 + 500), within(8.0));
    }

    @Test
    void aSweatshirtsRibsAreShorterThanTheEdgesTheyAreSewnTo() {
        Anatomy sweatshirt = of(SourceKind.SWEATSHIRT, Map.of("hemRibGirth", 800.0, "cuffRibGirth", 160.0));
        assertThat(box(sweatshirt, "hem-rib").widthMm()).isEqualTo(800);
        assertThat(box(sweatshirt, "cuff-left").widthMm()).isEqualTo(160);
        assertThat(sweatshirt.join("hem-rib").lengthMm()).isGreaterThan(800);
    }

    @Test
    void aCoatHasEveryPanelInBothLayersAndItsFacings() {
        Anatomy coat = of(SourceKind.COAT, Map.of());
        for (String part : List.of("front-left", "front-right", "back", "sleeve-left", "sleeve-right")) {
            assertThat(coat.part("lining-" + part).layer()).isEqualTo(Layer.LINING);
        }
        assertThat(coat.parts()).anyMatch(p -> p.role() == PartRole.FACING);
        // The lining comes out first or last by access: some join holds shell and lining together.
        assertThat(coat.joins())
                .anyMatch(j -> j.runs().stream()
                                .map(r -> coat.part(r.part()).layer())
                                .distinct()
                                .count()
                        > 1);
    }

    @Test
    void blanketCurtainAndScarfAreTheirSize() {
        Anatomy blanket = of(SourceKind.BLANKET, Map.of("width", 1400.0, "length", 1900.0));
        Box sheet = blanket.mainParts().get(0).outline().box();
        assertThat(Math.min(sheet.widthMm(), sheet.heightMm())).isCloseTo(1400, within(1e-6));
        assertThat(Math.max(sheet.widthMm(), sheet.heightMm())).isCloseTo(1900, within(1e-6));
    }

    /** Whatever the kind: drawn in front, back or inside, nothing twice, every join on parts and layers that exist. */
    @ParameterizedTest
    @EnumSource(SourceKind.class)
    void everythingIsDrawnOnceAndEveryJoinHasLength(SourceKind kind) {
        Anatomy a = of(kind, Map.of());
        assertThat(a.views()).extracting(FlatView::part).doesNotHaveDuplicates();
        assertThat(a.views()).extracting(FlatView::side).isSubsetOf("front", "back", "inside");
        assertThat(a.views())
                .extracting(FlatView::part)
                .containsAll(a.mainParts().stream().map(Part::id).toList());
        assertThat(a.joins()).allSatisfy(j -> {
            assertThat(j.lengthMm()).isPositive();
            // Hand stitches are a class of the standard of their own; no one number says a hem.
            assertThat(j.stitch().number().isEmpty()).isEqualTo(j.stitch() == StitchType.HAND);
            assertThat(j.stitch().words()).isNotBlank();
            assertThat(j.name()).isNotBlank();
        });
        assertThat(a.joins()).extracting(Join::id).doesNotHaveDuplicates();
    }

    /** ISO 4915 numbers of the stitch types [std; handbook §8]: 301, 401, 406, 504 among those used. */
    @Test
    void stitchTypesCarryTheirStandardNumbers() {
        assertThat(StitchType.PLAIN.number()).isEqualTo("301");
        assertThat(StitchType.OVERLOCKED.number()).isEqualTo("504");
        assertThat(StitchType.COVER.number()).isEqualTo("406");
    }

    /** Seams of a straight skirt: front and back side edges agree, whatever the figures. */
    @Property(tries = 100)
    void bothSidesOfASkirtsSideSeamAgree(
            @ForAll @DoubleRange(min = 500, max = 1000) double waist,
            @ForAll @DoubleRange(min = 350, max = 900) double length) {
        Anatomy skirt = of(SourceKind.GATHERED_SKIRT, Map.of("waist", waist, "length", length));
        for (Join join : skirt.joins()) {
            if (join.id().startsWith("side-") && join.runs().size() == 2) {
                assertThat(edge(
                                        skirt,
                                        join.runs().get(0).part(),
                                        join.runs().get(0).edge())
                                .lengthMm())
                        .isCloseTo(
                                edge(
                                                skirt,
                                                join.runs().get(1).part(),
                                                join.runs().get(1).edge())
                                        .lengthMm(),
                                within(1.0));
            }
        }
    }

    /** A tube is cut along its folds: nothing is won there, and one fold left whole leaves a panel of both. */
    @Test
    void aTShirtKnittedAsATubeHasNoSideSeams() {
        Anatomy tube = Demo.average(SourceKind.T_SHIRT, Map.of("sides", 1.0)).anatomy();
        Join fold = tube.join("side-left");
        assertThat(fold.stitch()).isEqualTo(StitchType.KNITTED_ON);
        assertThat(fold.allowanceMm()).isZero();
        Map<String, JoinDecision> open = new HashMap<>();
        tube.joins().stream().filter(j -> !j.finishedEdge()).forEach(j -> open.put(j.id(), JoinDecision.UNPICK));
        open.remove("side-right");
        UnpickPlan plan = new UnpickPlan(tube, open, Map.of(), Map.of(), Practice.SHIPPED);
        assertThat(plan.flatParts()).contains("front", "back");
        // A minute a metre with shears (common practice, no source).
        assertThat(plan.minutes(fold, JoinDecision.UNPICK)).isCloseTo(fold.lengthMm() / 1000, within(1e-9));
        assertThat(plan.edges(tube.part("front")).wonMm()).containsEntry("side-right", 0.0);
    }

    @Test
    void rivetsAndPadsAreThereWhereTheGarmentHasThem() {
        Anatomy jeans = Demo.average(SourceKind.JEANS, Map.of()).anatomy();
        assertThat(jeans.joins())
                .filteredOn(j -> j.traits().contains(Join.Trait.RIVETED))
                .extracting(Join::id)
                .containsExactlyInAnyOrder("front-pocket-left", "front-pocket-right", "coin-pocket");
        assertThat(Demo.average(SourceKind.JEANS, Map.of("rivets", 1.0))
                        .anatomy()
                        .joins())
                .noneMatch(j -> j.traits().contains(Join.Trait.RIVETED));
        Anatomy coat = Demo.average(SourceKind.COAT, Map.of()).anatomy();
        var pad = coat.part("shoulder-pad-left").outline().ring();
        // From the armhole to 20 mm before the neck of a shoulder of 140.
        assertThat(pad.box().widthMm()).isCloseTo(120, within(0.1));
        assertThat(pad.box().heightMm()).isCloseTo(220, within(0.1));
        assertThat(Demo.average(SourceKind.COAT, Map.of("shoulderPads", 1.0))
                        .anatomy()
                        .findPart("shoulder-pad-left"))
                .isEmpty();
    }

    /** Drawn up to 900 at the top a curtain of 1400 gives 500 back once its cords are out. */
    @Test
    void aHeaderTapeHoldsTheClothItDrawsIn() {
        Anatomy drawn = Demo.average(SourceKind.CURTAIN, Map.of("width", 1400.0, "drawnIn", 500.0))
                .anatomy();
        assertThat(drawn.folds()).singleElement().satisfies(f -> {
            assertThat(f.kind()).isEqualTo(Fold.Kind.GATHER);
            assertThat(f.hiddenMm()).isEqualTo(500);
        });
        assertThat(Demo.average(SourceKind.CURTAIN, Map.of()).anatomy().folds()).isEmpty();
    }
}
