package org.handdown.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.junit.jupiter.api.Test;

/** Pieces that were drawn elsewhere. */
class BroughtTest {
    private static Outline rectangle(double wide, double high) {
        Point a = new Point(0, 0);
        Point b = new Point(wide, 0);
        Point c = new Point(wide, high);
        Point d = new Point(0, high);
        return new Outline(
                List.of(Edge.line("1", a, b), Edge.line("2", b, c), Edge.line("3", c, d), Edge.line("4", d, a)));
    }

    private static Piece bring(Outline outline, Brought.Meaning meaning, double allowance, double factor, double turn) {
        return new Brought("p", "p", outline, meaning, allowance, factor, turn).piece();
    }

    @Test
    void aStitchLineStaysAndIsCutItsAllowanceOutside() {
        Piece piece = bring(rectangle(200, 300), Brought.Meaning.STITCH, 10, 1, 0);
        assertThat(piece.stitchLine().ring().areaMm2()).isCloseTo(200 * 300, within(1e-6));
        assertThat(piece.cutLine().ring().areaMm2()).isCloseTo(220 * 320, within(1e-6));
    }

    @Test
    void aCutLineStaysAndIsSewnItsAllowanceInside() {
        Piece piece = bring(rectangle(200, 300), Brought.Meaning.CUT, 10, 1, 0);
        assertThat(piece.stitchLine().ring().areaMm2()).isCloseTo(180 * 280, within(1e-6));
        // Drawn outside again, it is the line that was brought in.
        assertThat(piece.cutLine().ring().areaMm2()).isCloseTo(200 * 300, within(1e-3));
        assertThat(piece.stitchLine().edges()).extracting(Edge::name).containsExactly("1", "2", "3", "4");
    }

    @Test
    void oneKnownDistanceProvesTheUnit() {
        // Drawn 20 units wide, truly 508 mm.
        Piece piece = bring(rectangle(20, 30), Brought.Meaning.STITCH, 0, 508.0 / 20, 0);
        assertThat(piece.stitchLine().box().widthMm()).isCloseTo(508, within(1e-9));
        assertThat(piece.stitchLine().box().heightMm()).isCloseTo(762, within(1e-9));
        assertThatThrownBy(() -> bring(rectangle(200, 300), Brought.Meaning.STITCH, 0, 100, 0))
                .hasMessageContaining("check the known distance");
    }

    @Test
    void theGrainIsTurnedUpright() {
        Piece piece = bring(rectangle(200, 300), Brought.Meaning.STITCH, 0, 1, 90);
        assertThat(piece.stitchLine().box().widthMm()).isCloseTo(300, within(1e-6));
    }

    @Test
    void anAllowanceThatLeavesNothingIsRefused() {
        assertThatThrownBy(() -> bring(rectangle(40, 300), Brought.Meaning.CUT, 25, 1, 0))
                .hasMessageContaining("wider than half of p");
    }
}
