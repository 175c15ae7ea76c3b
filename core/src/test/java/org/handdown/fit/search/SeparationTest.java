package org.handdown.fit.search;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.handdown.fit.Fit;
import org.handdown.fit.FitProblem;
import org.handdown.fit.Placed;
import org.handdown.fit.check.RuleChecker;
import org.handdown.fit.room.CandidatePositions;
import org.handdown.geometry.Ring;
import org.junit.jupiter.api.Test;

/** Overlaps worked out, by plane geometry. */
class SeparationTest {
    private static Separation separation(SearchProblem bench, long seed) {
        return new Separation(bench, new Random(seed), () -> false, new CandidatePositions(bench.pieceOf().length));
    }

    private static SearchProblem squares(FitProblem problem) {
        return SearchProblem.of(problem);
    }

    private static LayState at(SearchProblem bench, double... xy) {
        LayState state = bench.fresh();
        for (int i = 0; i < xy.length / 2; i++) {
            state.shape[i] = bench.book().ways(0, 0).get(0).index;
            state.x[i] = xy[2 * i];
            state.y[i] = xy[2 * i + 1];
        }
        return state;
    }

    private static List<Placed> placed(SearchProblem bench, LayState state) {
        List<Placed> placed = new ArrayList<>();
        for (int c = 0; c < state.shape.length; c++) {
            if (state.isPlaced(c)) {
                placed.add(Fit.at("a", c, state.x[c], state.y[c]));
            }
        }
        return placed;
    }

    /** Six squares of 100 on 320 by 220, thrown anywhere: they all fit, and the independent checker agrees. */
    @Property(tries = 30)
    void whatHasRoomIsWorkedApart(@ForAll long seed) {
        FitProblem problem =
                Fit.fill(List.of(Fit.panel("p", Ring.rectangle(0, 0, 320, 220))), Fit.piece("a", Fit.SQUARE_100, 6));
        SearchProblem bench = squares(problem);
        Random random = new Random(seed);
        double[] xy = new double[12];
        for (int i = 0; i < xy.length; i += 2) {
            xy[i] = 220 * random.nextDouble();
            xy[i + 1] = 120 * random.nextDouble();
        }
        LayState state = at(bench, xy);
        boolean sound =
                separation(bench, seed).work(state, new double[0], new ArrayList<>(), Double.POSITIVE_INFINITY, 2000);
        assertThat(RuleChecker.check(problem, placed(bench, state))).isEmpty();
        assertThat(sound).isEqualTo(bench.placed(state) == 6);
        assertThat(bench.placed(state)).isGreaterThanOrEqualTo(5);
    }

    @Test
    void whatHasNoRoomIsTakenOff() {
        FitProblem problem =
                Fit.fill(List.of(Fit.panel("p", Ring.rectangle(0, 0, 250, 100))), Fit.piece("a", Fit.SQUARE_100, 3));
        SearchProblem bench = squares(problem);
        LayState state = at(bench, 0, 0, 75, 0, 150, 0);
        Separation separation = separation(bench, 5);
        assertThat(separation.work(state, new double[0], new ArrayList<>(), Double.POSITIVE_INFINITY, 300))
                .isFalse();
        assertThat(bench.placed(state)).isEqualTo(2);
        assertThat(bench.placed(separation.nearest())).isEqualTo(3);
        assertThat(RuleChecker.check(problem, placed(bench, state))).isEmpty();
    }

    @Test
    void missingOnesArePutInAndNothingGoesBeyondTheWall() {
        FitProblem problem =
                Fit.fill(List.of(Fit.panel("p", Ring.rectangle(0, 0, 900, 100))), Fit.piece("a", Fit.SQUARE_100, 3));
        SearchProblem bench = squares(problem);
        LayState state = at(bench, 50, 0);
        assertThat(separation(bench, 1).work(state, new double[0], new ArrayList<>(List.of(1, 2)), 310, 500))
                .isTrue();
        for (int c = 0; c < 3; c++) {
            assertThat(state.x[c] + 100).isLessThanOrEqualTo(310.001);
        }
    }

    /** A pinned copy stays where it is, even if the other has to go. */
    @Test
    void aPinnedCopyNeverMoves() {
        FitProblem problem = Fit.fill(
                        List.of(Fit.panel("p", Ring.rectangle(0, 0, 180, 100))), Fit.piece("a", Fit.SQUARE_100, 2))
                .withPinned(List.of(Fit.at("a", 0, 40, 0)));
        SearchProblem bench = squares(problem);
        LayState state = bench.fresh();
        assertThat(separation(bench, 3)
                        .work(state, new double[0], new ArrayList<>(List.of(1)), Double.POSITIVE_INFINITY, 200))
                .isFalse();
        assertThat(state.isPlaced(0)).isTrue();
        assertThat(state.x[0]).isEqualTo(40);
        assertThat(state.isPlaced(1)).isFalse();
    }

    @Test
    void aForcedCopyTakesOffWhatItLiesOn() {
        FitProblem problem =
                Fit.fill(List.of(Fit.panel("p", Ring.rectangle(0, 0, 210, 100))), Fit.piece("a", Fit.SQUARE_100, 3));
        SearchProblem bench = squares(problem);
        LayState state = at(bench, 0, 0, 110, 0);
        separation(bench, 7).force(state, new double[0], 2, Double.POSITIVE_INFINITY);
        assertThat(state.isPlaced(2)).isTrue();
        assertThat(bench.placed(state)).isBetween(1, 2);
        assertThat(RuleChecker.check(problem, placed(bench, state))).isEmpty();
    }
}
