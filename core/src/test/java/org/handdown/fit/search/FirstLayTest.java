package org.handdown.fit.search;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BooleanSupplier;
import org.handdown.fit.Fit;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.Handed;
import org.handdown.fit.PieceGrain;
import org.handdown.fit.Placed;
import org.handdown.geometry.Ring;
import org.junit.jupiter.api.Test;

/** The lay that is told at once, on panels on which by plain arithmetic so many squares lie. */
class FirstLayTest {
    private static final Ring SQUARE_200 = Ring.rectangle(0, 0, 200, 200);

    /** Copies that lay each time it was told. */
    private static List<Integer> told(SearchProblem bench, LayState state, BooleanSupplier stop) {
        List<Integer> told = new ArrayList<>();
        new FirstLay(bench, stop).lay(state, () -> told.add(bench.placed(state)));
        return told;
    }

    @Test
    void isToldAtFiveThenAtTwiceAsManyAndAtTheEnd() {
        FitPanel panel = Fit.panel("p", Ring.rectangle(0, 0, 505, 505));
        SearchProblem bench = SearchProblem.of(Fit.fill(List.of(panel), Fit.piece("a", Fit.SQUARE_100, 26)));
        assertThat(told(bench, bench.fresh(), () -> false)).containsExactly(5, 10, 20, 25);
    }

    @Test
    void isToldOnceOfEachLayAndOnceOfNone() {
        FitPanel panel = Fit.panel("p", Ring.rectangle(0, 0, 255, 205));
        SearchProblem five = SearchProblem.of(Fit.fill(
                List.of(panel), Fit.piece("a", Fit.SQUARE_100, 4), Fit.piece("b", Ring.rectangle(0, 0, 50, 200), 1)));
        assertThat(told(five, five.fresh(), () -> false)).containsExactly(5);
        SearchProblem none =
                SearchProblem.of(Fit.fill(List.of(panel), Fit.piece("a", Ring.rectangle(0, 0, 300, 300), 1)));
        assertThat(told(none, none.fresh(), () -> false)).containsExactly(0);
    }

    /** Small ones first would take the only room of the large one. */
    @Test
    void theLargestAndTheRequiredComeFirst() {
        FitPanel panel = Fit.panel("p", Ring.rectangle(0, 0, 305, 205));
        FitPiece optional = Fit.piece("o", Ring.rectangle(0, 0, 290, 200), 1);
        FitPiece wished = new FitPiece(
                "o", 1, Handed.SAME, List.of(), PieceGrain.LENGTHWISE, 0, false, null, optional.variants(), List.of());
        SearchProblem bench = SearchProblem.of(
                Fit.fill(List.of(panel), wished, Fit.piece("a", Fit.SQUARE_100, 4), Fit.piece("b", SQUARE_200, 1)));
        LayState state = bench.fresh();
        told(bench, state, () -> false);
        // The optional one would fill the panel; the large square and two small ones have room.
        assertThat(state.isPlaced(0)).isFalse();
        assertThat(state.isPlaced(5)).isTrue();
        assertThat(bench.placed(state)).isEqualTo(3);
    }

    @Test
    void onSeveralPanelsTheOneWithTheMostClothLeftIsTakenFirst() {
        FitPanel small = Fit.panel("p", Ring.rectangle(0, 0, 205, 105));
        FitPanel large = Fit.panel("q", Ring.rectangle(0, 0, 405, 105));
        SearchProblem bench = SearchProblem.of(Fit.fill(List.of(small, large), Fit.piece("a", Fit.SQUARE_100, 6)));
        LayState state = bench.fresh();
        assertThat(told(bench, state, () -> false)).containsExactly(5, 6);
        assertThat(state.panel).containsExactly(1, 1, 1, 0, 1, 0);
    }

    /** Pairs: one of two lies mirrored where the cloth has a right side. */
    @Test
    void pairsLieOneOfEach() {
        Ring odd = Ring.of(0, 0, 100, 0, 40, 100, 0, 100);
        FitPiece pair = Fit.piece("a", 2, Handed.PAIR, PieceGrain.LENGTHWISE, Fit.variant("plain", odd, null, 0));
        SearchProblem bench = SearchProblem.of(Fit.fill(List.of(Fit.panel("p", Ring.rectangle(0, 0, 205, 105))), pair));
        LayState state = bench.fresh();
        assertThat(told(bench, state, () -> false)).containsExactly(2);
        assertThat(bench.book().shape(state.shape[0]).mirrored)
                .isNotEqualTo(bench.book().shape(state.shape[1]).mirrored);
    }

    @Test
    void stoppedItTellsWhatLiesByThen() {
        FitPanel panel = Fit.panel("p", Ring.rectangle(0, 0, 505, 505));
        SearchProblem bench = SearchProblem.of(Fit.fill(List.of(panel), Fit.piece("a", Fit.SQUARE_100, 25)));
        int[] left = {3};
        assertThat(told(bench, bench.fresh(), () -> left[0]-- <= 0)).containsExactly(3);
    }

    /** The fitter tells it before all else, but not where an older lay is there to go on from. */
    @Test
    void theFitterTellsItFirst() {
        FitPanel panel = Fit.panel("p", Ring.rectangle(0, 0, 505, 505));
        FitProblem problem = Fit.fill(List.of(panel), Fit.piece("a", Fit.SQUARE_100, 25));
        List<Integer> told = new ArrayList<>();
        Fitter.Budget budget = new Fitter.Budget(Double.POSITIVE_INFINITY, 0, 1, 1);
        FitLayout whole = new Fitter(
                        problem,
                        budget,
                        System::nanoTime,
                        () -> false,
                        lay -> told.add(lay.placements().size()))
                .fit();
        assertThat(told).startsWith(5, 10, 20, 25);
        told.clear();
        List<Placed> older = whole.placements().subList(0, 24);
        new Fitter(
                        problem,
                        budget,
                        older,
                        System::nanoTime,
                        () -> false,
                        lay -> told.add(lay.placements().size()))
                .fit();
        assertThat(told).isNotEmpty().allMatch(n -> n >= 24);
    }
}
