package org.handdown.fit.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.handdown.fit.Fit;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitPiece;
import org.handdown.fit.Repeat;
import org.handdown.fit.room.CandidatePositions;
import org.handdown.geometry.Ring;
import org.junit.jupiter.api.Test;

/** Where one copy goes when others lie in its way: by plane geometry. */
class LeastOverlapTest {
    private static final double[] ALIKE = {1, 1, 1};

    /** Squares of 100 mm on one panel; the first lies nowhere, the others where they are said to. */
    private static SearchProblem squares(Ring outline, int count) {
        return SearchProblem.of(Fit.fill(List.of(Fit.panel("p", outline)), Fit.piece("a", Fit.SQUARE_100, count)));
    }

    private static LayState lying(SearchProblem bench, double... xy) {
        LayState state = new LayState(bench.pieceOf().length);
        for (int i = 0; i < xy.length / 2; i++) {
            state.shape[i + 1] = bench.book().ways(0, 0).get(0).index;
            state.x[i + 1] = xy[2 * i];
            state.y[i + 1] = xy[2 * i + 1];
        }
        return state;
    }

    private static LayState moved(
            SearchProblem bench, LayState state, double now, double[] weights, double wall, long seed) {
        LeastOverlap spot =
                new LeastOverlap(bench, new Random(seed), () -> false, new CandidatePositions(bench.pieceOf().length));
        spot.begin(state, new double[bench.stripes().groupCount()], wall);
        spot.move(0, now, weights);
        return state;
    }

    /** One move may end a little beside a narrow gap; as in the search, the next ones go on from there. */
    @Property(tries = 40)
    void aGapThatIsWideEnoughIsFound(@ForAll long seed, @ForAll @DoubleRange(min = 101, max = 140) double gap) {
        SearchProblem bench = squares(Ring.rectangle(0, 0, 200 + gap, 100), 3);
        LayState state = lying(bench, 0, 0, 100 + gap, 0);
        double now = Double.POSITIVE_INFINITY;
        for (int move = 0; move < 10 && now > 0; move++) {
            moved(bench, state, now, ALIKE, Double.POSITIVE_INFINITY, seed + move);
            now = Math.max(0, Math.max(99.9 - state.x[0], state.x[0] - gap - 0.1));
        }
        assertThat(state.x[0]).isBetween(99.9, gap + 0.1);
    }

    /** In a gap 20 mm too narrow every spot overlaps by 20 in all: less where the lighter neighbour takes it (plain arithmetic). */
    @Property(tries = 40)
    void theLighterNeighbourGivesWay(@ForAll long seed) {
        SearchProblem bench = squares(Ring.rectangle(0, 0, 280, 100), 3);
        LayState state = lying(bench, 0, 0, 180, 0);
        moved(bench, state, Double.POSITIVE_INFINITY, new double[] {1, 9, 1}, Double.POSITIVE_INFINITY, seed);
        // Best is 20, all on the lighter one; 180 is all on the heavier, 100 half and half. A move ends a few
        // millimetres from the best
        // spot at most, of 20,000 the farthest at 27; the next one goes on from there.
        double weighed = 9 * Math.max(0, 100 - state.x[0]) + Math.max(0, state.x[0] - 80);
        assertThat(weighed).isBetween(19.9, 40.0);
    }

    @Property(tries = 40)
    void nothingGoesBeyondTheWall(@ForAll long seed, @ForAll @DoubleRange(min = 100, max = 250) double wall) {
        SearchProblem bench = squares(Ring.rectangle(0, 0, 1000, 100), 3);
        LayState state = lying(bench, 0, 0, 60, 0);
        moved(bench, state, Double.POSITIVE_INFINITY, ALIKE, wall, seed);
        assertThat(state.isPlaced(0)).isTrue();
        assertThat(state.x[0] + 100).isLessThanOrEqualTo(wall + 1e-4);
    }

    /** It never goes anywhere worse than where it was. */
    @Test
    void whereNothingIsBetterItStays() {
        SearchProblem bench = squares(Ring.rectangle(0, 0, 300, 100), 3);
        LayState state = lying(bench, 0, 0, 100, 0);
        state.shape[0] = state.shape[1];
        state.x[0] = 200;
        moved(bench, state, 1e-6, ALIKE, Double.POSITIVE_INFINITY, 3);
        assertThat(state.x[0]).isCloseTo(200, within(0.2));
    }

    /** Matched copies keep to the pattern: stripes 40 mm apart, the first settled 15 mm past a line. */
    @Property(tries = 20)
    void aMatchedCopyKeepsToThePattern(@ForAll long seed) {
        FitPanel panel = Fit.striped(Fit.panel("p", Ring.rectangle(0, 0, 500, 300)), new Repeat("s", 0, 40, 0));
        FitPiece piece =
                Fit.matched(Fit.SQUARE_100, 3, new FitPiece.Match("g", "s", new org.handdown.geometry.Point(0, 50)));
        SearchProblem bench = SearchProblem.of(Fit.fill(List.of(panel), piece));
        LayState state = lying(bench, 15, 0, 15, 100);
        LeastOverlap spot = new LeastOverlap(bench, new Random(seed), () -> false, new CandidatePositions(3));
        spot.begin(state, new double[] {15}, Double.POSITIVE_INFINITY);
        spot.move(0, Double.POSITIVE_INFINITY, ALIKE);
        assertThat(state.isPlaced(0)).isTrue();
        assertThat((state.x[0] - 15) / 40).isCloseTo(Math.rint((state.x[0] - 15) / 40), within(0.02));
    }
}
