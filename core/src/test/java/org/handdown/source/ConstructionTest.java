package org.handdown.source;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.handdown.Demo;
import org.handdown.assembly.Layer;
import org.handdown.source.anatomy.GarmentMeasures;
import org.handdown.source.anatomy.SourceKind;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.FlatView;
import org.handdown.source.graph.Fold;
import org.handdown.source.graph.Join;
import org.handdown.source.graph.Part;
import org.handdown.source.graph.PartRole;
import org.handdown.source.graph.StitchType;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class ConstructionTest {
    private static Construction trousers(Adjustment... adjustments) {
        return new Construction(Demo.CONSTRUCTION.measures(), List.of(adjustments));
    }

    @ParameterizedTest
    @EnumSource(SourceKind.class)
    void everyKindHasAGraphThatHangsTogetherAndADrawingOfEveryPart(SourceKind kind) {
        Anatomy anatomy = Demo.average(kind, Map.of()).anatomy();
        assertThat(anatomy.mainParts()).isNotEmpty();
        assertThat(anatomy.parts()).extracting(Part::id).doesNotHaveDuplicates();
        assertThat(anatomy.joins()).extracting(Join::id).doesNotHaveDuplicates();
        assertThat(anatomy.views())
                .extracting(FlatView::part)
                .containsExactlyInAnyOrderElementsOf(
                        anatomy.parts().stream().map(Part::id).toList());
        for (Join join : anatomy.joins()) {
            assertThat(join.runs())
                    .allSatisfy(r -> assertThat(anatomy.findPart(r.part())).isPresent());
        }
        // Nothing lies loose, but for what is one piece of cloth.
        if (anatomy.parts().size() > 1) {
            assertThat(anatomy.parts())
                    .allSatisfy(p -> assertThat(anatomy.joinsOf(p.id())).isNotEmpty());
        }
    }

    @ParameterizedTest
    @EnumSource(SourceKind.class)
    void partsOfASeamAreSewnAlongEdgesThatExist(SourceKind kind) {
        Anatomy anatomy = Demo.average(kind, Map.of()).anatomy();
        for (Join join : anatomy.joins()) {
            boolean drawn = join.runs().stream()
                    .anyMatch(r -> anatomy.part(r.part()).outline().edges().stream()
                            .anyMatch(e -> e.name().equals(r.edge())));
            assertThat(drawn).as(join.id()).isTrue();
        }
    }

    /** Handbook §4: a full circle from waist 700 mm has r = 111.4 mm. */
    @Test
    void aFullCircleSkirtHasTheHandbooksWaistRadius() {
        Anatomy circle = Demo.average(SourceKind.CIRCLE_SKIRT, Map.of("waist", 700.0, "quarters", 4.0))
                .anatomy();
        Part half = circle.part("front");
        assertThat(half.outline().edge("waist").lengthMm()).isCloseTo(350, within(0.05));
        assertThat(half.outline()
                        .edge("waist")
                        .start()
                        .distanceMm(half.outline().edge("waist").end()))
                .isCloseTo(2 * 111.4, within(0.05));
        // Hem length = 2πf(r + length), half of it a panel.
        assertThat(half.outline().edge("hem").lengthMm()).isCloseTo(Math.PI * (111.408 + 600), within(0.2));
    }

    @Test
    void aPleatedWaistFoldsToTheGirthThatWasMeasured() {
        Anatomy skirt =
                Demo.average(SourceKind.PLEATED_SKIRT, Map.of("pleats", 15.0)).anatomy();
        double flat = skirt.part("front").outline().edge("waist").lengthMm()
                + skirt.part("back").outline().edge("waist").lengthMm();
        double folded = skirt.folds().stream().mapToDouble(Fold::hiddenMm).sum();
        assertThat(flat - folded).isCloseTo(680, within(1e-6));
    }

    @Test
    void partsJoinsFoldsPocketsAndLiningsCanBeAdded() {
        Anatomy more = trousers(
                        new Adjustment.AddPart("patch", "knee patch", 140, 160, PartRole.POCKET, Layer.SHELL),
                        new Adjustment.AddJoin(
                                "patch",
                                "patch seam",
                                List.of(new Join.Run("patch", "lower"), new Join.Run("front-left", "inseam")),
                                StitchType.CHAIN,
                                1,
                                500,
                                0),
                        new Adjustment.AddFold(new Fold("d", Fold.Kind.DART, "back-left", "waist", 1, 12, 90)),
                        new Adjustment.AddPocket("front-right", 120, 130),
                        new Adjustment.AddLining("back-right", "waist"))
                .anatomy();
        assertThat(more.findPart("patch")).isPresent();
        assertThat(more.join("patch").stitch()).isEqualTo(StitchType.CHAIN);
        assertThat(more.folds())
                .singleElement()
                .satisfies(f -> assertThat(f.hiddenMm()).isEqualTo(24));
        assertThat(more.findPart("front-right-pocket")).isPresent();
        assertThat(more.part("lining-back-right").layer()).isEqualTo(Layer.LINING);
    }

    /** What an added dart takes up was there before: the closed edge stays as long as it was, and below the dart nothing changes. */
    @Test
    void aPartIsWiderByTheFoldsThatAreAddedToIt() {
        Part plain = trousers().anatomy().part("back-left");
        Part darted = trousers(new Adjustment.AddFold(new Fold("d", Fold.Kind.DART, "back-left", "waist", 2, 12, 90)))
                .anatomy()
                .part("back-left");
        assertThat(darted.outline().edge("waist").lengthMm() - 4 * 12)
                .isCloseTo(plain.outline().edge("waist").lengthMm(), within(1.0));
        double below = plain.outline().box().maxY() - 160;
        assertThat(darted.outline().ring().widthAtMm(below))
                .isCloseTo(plain.outline().ring().widthAtMm(below), within(2.0));
        // The seams beside it run a little more aslant over the length of the darts, no more.
        assertThat(darted.outline().edge("side").lengthMm())
                .isCloseTo(plain.outline().edge("side").lengthMm(), within(5.0));
    }

    @Test
    void aCollarlessShirtLosesItsCollarAndTheJoinThatHeldIt() {
        Construction shirt =
                new Construction(GarmentMeasures.first(SourceKind.SHIRT), List.of(new Adjustment.TakeOut("pocket")));
        assertThat(shirt.anatomy().findPart("pocket")).isEmpty();
        assertThat(shirt.anatomy().joins()).noneMatch(j -> j.id().equals("pocket"));
        // Taking one end of a wide join out leaves the rest of it.
        Anatomy noYoke = new Construction(
                        GarmentMeasures.first(SourceKind.SHIRT), List.of(new Adjustment.TakeOut("yoke")))
                .anatomy();
        assertThat(noYoke.join("collar").runs()).hasSize(3);
    }

    @Test
    void whatCannotBeBuiltIsRefusedAtItsField() {
        assertThatThrownBy(() ->
                        trousers(new Adjustment.AddPocket("sleeve", 100, 100)).anatomy())
                .hasFieldOrPropertyWithValue("field", "source.adjustments[0].part");
        assertThatThrownBy(() -> trousers(new Adjustment.AddJoin(
                                "x",
                                "x",
                                List.of(new Join.Run("front-left", "side"), new Join.Run("front-left", "neck")),
                                StitchType.PLAIN,
                                1,
                                100,
                                0))
                        .anatomy())
                .hasMessageContaining("no edge “neck”");
        assertThatThrownBy(() -> trousers(new Adjustment.AddJoin(
                                "x", "x", List.of(new Join.Run("front-left", "side")), StitchType.PLAIN, 1, 0, 0))
                        .anatomy())
                .hasMessageContaining("has a length");
        assertThatThrownBy(() -> trousers(
                                new Adjustment.AddFold(new Fold("d", Fold.Kind.DART, "back-left", "waist", 20, 12, 90)))
                        .anatomy())
                .hasMessageContaining("do not go into an edge");
        assertThatThrownBy(() -> trousers(new Adjustment.TakeOut("front-left"), new Adjustment.TakeOut("front-left"))
                        .anatomy())
                .hasFieldOrPropertyWithValue("field", "source.adjustments[1].part");
    }

    @Test
    void measuresThatContradictEachOtherDrawNoPart() {
        assertThatThrownBy(() -> Demo.average(
                                SourceKind.SHIRT, Map.of("armhole", 360.0, "length", 210.0, "neckDepth", 200.0))
                        .anatomy())
                .hasFieldOrPropertyWithValue("field", "measures");
    }

    @Test
    void measuresAreBoundedAndNoneMayBeMissing() {
        assertThatThrownBy(() -> Demo.average(SourceKind.SHIRT, Map.of("placket", 4000.0)))
                .hasFieldOrPropertyWithValue("field", "source.placket");
        assertThatThrownBy(() -> Demo.average(SourceKind.SHIRT, Map.of("buttons", 2.5)))
                .hasMessageContaining("whole number");
        assertThatThrownBy(() -> new GarmentMeasures(SourceKind.SCARF, Map.of("width", 300.0)))
                .hasFieldOrPropertyWithValue("field", "source.length");
    }
}
