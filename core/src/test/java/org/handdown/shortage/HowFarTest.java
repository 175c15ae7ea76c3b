package org.handdown.shortage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.handdown.shortage.Short.bare;
import static org.handdown.shortage.Short.blanket;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.handdown.Demo;
import org.handdown.fit.check.RuleChecker;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.pattern.Design;
import org.handdown.pattern.MotifSpot;
import org.handdown.pattern.PieceCloth;
import org.handdown.pattern.change.ShowMotif;
import org.handdown.pattern.draft.Drafts;
import org.handdown.project.DraftOrder;
import org.handdown.project.Lay;
import org.handdown.project.PatternPieces;
import org.handdown.project.Project;
import org.handdown.shortage.LargestThatFits.Largest;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** The largest that fits and the least length, on problems whose answer is plain arithmetic. */
@Tag("long")
class HowFarTest {
    private static LargestThatFits search(List<Double> tried) {
        return new LargestThatFits(Short.EFFORT, () -> false, tried::add);
    }

    @Test
    void aPanelIsMadeLongerUntilTheBlanketEnds() {
        List<Double> tried = new ArrayList<>();
        Project project = blanket(300, 737, bare("skirt", 250, 500));
        Largest largest = search(tried).longer(project, List.of("skirt"), 100, 1000);
        assertThat(largest.value()).isEqualTo(237);
        assertThat(largest.stops())
                .contains("skirt")
                .contains(Wording.of("needs 738 mm along the grain, the longest has 737 mm"));
        Project after = java.util.Objects.requireNonNull(largest.after());
        Lay lay = java.util.Objects.requireNonNull(after.lay());
        assertThat(RuleChecker.check(lay.problem(), lay.layout())).isEmpty();
        assertThat(tried).hasSizeLessThan(14);
    }

    @Test
    void twoPanelsBesideEachOtherStopOneAnother() {
        // 400 mm wide: 250 and 150 lie beside each other, so both may be as long as the blanket.
        Project project = blanket(402, 650, bare("back", 250, 500), bare("front", 150, 500));
        Largest largest = search(new ArrayList<>()).longer(project, List.of("back", "front"), 100, 60);
        assertThat(largest.value()).isEqualTo(60);
        assertThat(largest.stops()).isEqualTo("More was not asked for.");
    }

    @Test
    void aSkirtOfADraftIsAsLongAsTheClothAllows() {
        DraftOrder order = new DraftOrder("gathered-skirt", Demo.child(1100), Map.of("length", 300.0));
        Design drawn = order.design();
        double tallest = drawn.pieces().stream()
                .mapToDouble(p -> p.cutLine().ring().box().heightMm())
                .max()
                .orElseThrow();
        Project cloth = blanket(3000, Math.ceil(tallest) + 57, bare("x", 100, 100));
        Project project = Short.laid(cloth.withPieces(PatternPieces.NONE.withOrders(List.of(order))));
        Largest largest = search(new ArrayList<>()).of(project, 0, "length");
        double room = Math.ceil(tallest) + 57 - tallest;
        assertThat(largest.value()).isCloseTo(300 + room, within(1.2));
        assertThat(largest.from()).isEqualTo(300);
        assertThatThrownBy(() -> search(new ArrayList<>()).of(project, 0, "beauty"))
                .isInstanceOf(RefusedValueException.class);
        assertThatThrownBy(() -> search(new ArrayList<>()).of(project, 3, "length"))
                .hasMessageContaining("no such draft");
    }

    @Test
    void whatDoesNotLieAsItIsIsNotRaised() {
        Project project = blanket(300, 400, bare("skirt", 250, 500));
        Largest largest = search(new ArrayList<>()).longer(project, List.of("skirt"), 100, 100);
        assertThat(largest.after()).isNull();
        assertThat(largest.stops()).contains("Not even as it is now");
    }

    @Test
    void fourSquaresOnClothTwoWideTakeTwoRows() {
        Design squares = Design.of(
                "squares", List.of(bare("a", 200, 200), bare("b", 200, 200), bare("c", 200, 200), bare("d", 200, 200)));
        List<Double> told = new ArrayList<>();
        LengthNeeded needed = LengthNeeded.of(
                squares,
                new LengthNeeded.Bought(Demo.CORD, PieceCloth.SHELL, 402, 2),
                Short.EFFORT,
                () -> false,
                told::add);
        // Two rows, and 2 mm for the scissors between them.
        assertThat(needed.withNap().lengthMm()).isCloseTo(402, within(0.3));
        assertThat(needed.withoutNap().lengthMm()).isCloseTo(402, within(0.3));
        assertThat(told).isNotEmpty();
    }

    @Test
    void aMotifOfAnOldPanelIsNotAskedOfNewCloth() {
        Design shown = new ShowMotif(
                        "rose", "a", new MotifSpot("rose", "rose", new org.handdown.geometry.Point(100, 100), 5))
                .on(Design.of("square", List.of(bare("a", 200, 200))));
        LengthNeeded needed = LengthNeeded.of(
                shown,
                new LengthNeeded.Bought(Demo.CORD, PieceCloth.SHELL, 402, 2),
                Short.EFFORT,
                () -> false,
                l -> {});
        assertThat(needed.withNap().lengthMm()).isCloseTo(200, within(0.3));
    }

    @Test
    void wedgesTurnedRoundSaveLengthWhereThePileLetsThem() {
        // Two right triangles make a rectangle only head to toe.
        Design wedges = Design.of("wedges", List.of(wedge("left"), wedge("right")));
        LengthNeeded needed = LengthNeeded.of(
                wedges,
                new LengthNeeded.Bought(Demo.CORD, PieceCloth.SHELL, 320, 2),
                Short.EFFORT,
                () -> false,
                l -> {});
        assertThat(needed.withoutNap().lengthMm()).isLessThan(420);
        assertThat(needed.savedByTurning()).isGreaterThan(0.2);
        assertThat(RuleChecker.check(
                        needed.withNap().problem(), needed.withNap().layout()))
                .isEmpty();
    }

    /** Bars 200 × 390 on cloth 402 wide: along the grain two stand side by side, three take two rows; lying down they stack three high. */
    @Test
    void whatEachRuleBuysIsToldAloneAgainstTheRulesKept() {
        Design bars = Design.of("bars", List.of(bare("a", 200, 390), bare("b", 200, 390), bare("c", 200, 390)));
        LengthNeeded needed = LengthNeeded.of(
                bars, new LengthNeeded.Bought(Demo.CORD, PieceCloth.SHELL, 402, 2), Short.EFFORT, () -> false, l -> {});
        LengthNeeded.Need across = java.util.Objects.requireNonNull(needed.acrossGrain());
        assertThat(needed.asRulesStand(Demo.CORD).lengthMm()).isCloseTo(782, within(0.5));
        assertThat(across.lengthMm()).isCloseTo(592, within(0.5));
        assertThat(RuleChecker.check(across.problem(), across.layout())).isEmpty();
        // Cut to the stitch line already, they have no allowance to give up.
        assertThat(needed.narrowEdges()).isNull();
    }

    @Test
    void narrowerAllowancesSaveWhatTheyAreNarrower() {
        var allowance = org.handdown.pattern.Allowance.seam(20);
        Design one = Design.of("skirt", List.of(Short.rectangle("skirt", 300, 400, allowance, allowance)));
        LengthNeeded needed = LengthNeeded.of(
                one, new LengthNeeded.Bought(Demo.CORD, PieceCloth.SHELL, 402, 2), Short.EFFORT, () -> false, l -> {});
        double saved = needed.withoutNap().lengthMm()
                - java.util.Objects.requireNonNull(needed.narrowEdges()).lengthMm();
        assertThat(saved).isCloseTo(2 * (20 - org.handdown.alter.Release.LEAST_ALLOWANCE_WOVEN_MM), within(0.5));
    }

    @Test
    void whatIsCutFromAnyClothCanBeBoughtByLength() {
        Design pocketed = Design.of(
                "bags", List.of(bare("bag", 200, 300).withCloth(PieceCloth.POCKETING), bare("front", 400, 500)));
        LengthNeeded needed = LengthNeeded.of(
                pocketed,
                new LengthNeeded.Bought(Demo.CORD, PieceCloth.POCKETING, 402, 2),
                Short.EFFORT,
                () -> false,
                l -> {});
        assertThat(needed.withNap().lengthMm()).isCloseTo(300, within(0.3));
    }

    private static org.handdown.pattern.Piece wedge(String id) {
        var a = new org.handdown.geometry.Point(0, 0);
        var b = new org.handdown.geometry.Point(300, 0);
        var c = new org.handdown.geometry.Point(0, 400);
        return bare(id, 300, 400)
                .withLine(new org.handdown.geometry.Outline(List.of(
                        org.handdown.geometry.Edge.line("hem", a, b),
                        org.handdown.geometry.Edge.line("slope", b, c),
                        org.handdown.geometry.Edge.line("left", c, a))));
    }

    @Test
    void aPieceWiderThanTheClothIsNamed() {
        Design wide = Design.of("wide", List.of(bare("circle", 900, 300)));
        assertThatThrownBy(() -> LengthNeeded.of(
                        wide,
                        new LengthNeeded.Bought(Demo.CORD, PieceCloth.SHELL, 800, 2),
                        Short.EFFORT,
                        () -> false,
                        l -> {}))
                .isInstanceOf(RefusedValueException.class)
                .hasMessageContaining(Wording.of("circle does not lie on cloth 800 mm wide"));
        assertThatThrownBy(() -> LengthNeeded.of(
                        wide,
                        new LengthNeeded.Bought(Demo.CORD, PieceCloth.LINING, 800, 2),
                        Short.EFFORT,
                        () -> false,
                        l -> {}))
                .hasMessageContaining("No piece is cut from lining");
        assertThatThrownBy(() -> LengthNeeded.of(
                        wide,
                        new LengthNeeded.Bought(Demo.CORD, PieceCloth.SHELL, 8, 2),
                        Short.EFFORT,
                        () -> false,
                        l -> {}))
                .hasMessageContaining(Wording.of("10 cm to 4 m"));
    }

    @Test
    void everyDraftNeedsNoMoreClothOneWayThanItsRowsWould() {
        for (String id : List.of("dungarees", "smock")) {
            Design design = Drafts.require(id).draw(Demo.child(1100), Map.of());
            LengthNeeded needed = LengthNeeded.of(
                    design,
                    new LengthNeeded.Bought(Demo.CORD, PieceCloth.SHELL, Design.Need.USUAL_WIDTH_MM, 2),
                    new Effort(20, 3, 1, 1),
                    () -> false,
                    l -> {});
            double rows = design.needs().stream()
                    .filter(n -> n.cloth() == PieceCloth.SHELL)
                    .findFirst()
                    .orElseThrow()
                    .lengthMm();
            assertThat(needed.withNap().lengthMm()).as(id).isLessThanOrEqualTo(rows + 100);
            assertThat(needed.withoutNap().lengthMm())
                    .isLessThanOrEqualTo(needed.withNap().lengthMm() + 0.1);
        }
    }
}
