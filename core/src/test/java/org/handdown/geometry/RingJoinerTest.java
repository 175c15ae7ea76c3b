package org.handdown.geometry;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Parts joined into rings, by hand: a step is a tenth of a millimetre. */
class RingJoinerTest {
    /** Corners of a square of 10 mm, of one of 4 mm within it, and of one that touches the first at a corner. */
    private static final double[] X = {0, 100, 100, 0, 30, 70, 70, 30, 200, 200, 100};

    private static final double[] Y = {0, 0, 100, 100, 30, 30, 70, 70, 100, 200, 200};

    private static Optional<Region> joined(int... ends) {
        int n = ends.length / 2;
        int[] from = new int[n];
        int[] to = new int[n];
        for (int i = 0; i < n; i++) {
            from[i] = ends[2 * i];
            to[i] = ends[2 * i + 1];
        }
        return new RingJoiner(X, Y, X.length, 10).joined(from, to, n);
    }

    @Test
    void aSquareIsJoinedInWhateverOrderItsSidesCome() {
        Region square = joined(2, 3, 0, 1, 3, 0, 1, 2).orElseThrow();
        assertThat(square.areaMm2()).isEqualTo(100);
        assertThat(square.box()).isEqualTo(new Box(0, 0, 10, 10));
    }

    @Test
    void aRingTheOtherWayRoundIsAHole() {
        Region frame = joined(0, 1, 1, 2, 2, 3, 3, 0, 4, 7, 7, 6, 6, 5, 5, 4).orElseThrow();
        assertThat(frame.areaMm2()).isEqualTo(100 - 16);
        assertThat(frame.holes()).hasSize(1);
    }

    /** Two squares that touch at a corner stay two: the way always turns to the sharpest left. */
    @Test
    void squaresThatTouchAtACornerStayApart() {
        Region two = joined(0, 1, 1, 2, 2, 3, 3, 0, 2, 8, 8, 9, 9, 10, 10, 2).orElseThrow();
        assertThat(two.areaMm2()).isEqualTo(200);
        assertThat(two.parts()).hasSize(2);
    }

    @Test
    void pointsOnAStraightLineAreLeftOut() {
        double[] x = {0, 50, 100, 100, 0};
        double[] y = {0, 0, 0, 100, 100};
        Region square = new RingJoiner(x, y, 5, 10)
                .joined(new int[] {0, 1, 2, 3, 4}, new int[] {1, 2, 3, 4, 0}, 5)
                .orElseThrow();
        assertThat(square.outerRings().get(0).size()).isEqualTo(4);
    }

    /** It never guesses: where a side is missing there is no answer. */
    @Test
    void whatDoesNotCloseHasNoAnswer() {
        assertThat(joined(0, 1, 1, 2, 2, 3)).isEmpty();
        assertThat(joined(0, 1, 1, 2, 2, 3, 0, 3)).isEmpty();
    }
}
