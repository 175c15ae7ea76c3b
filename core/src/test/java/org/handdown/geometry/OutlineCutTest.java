package org.handdown.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.handdown.measure.RefusedValueException;
import org.junit.jupiter.api.Test;

class OutlineCutTest {
    /** A leaf between two cubic curves, 200 mm high. */
    private static final Outline LEAF = new Outline(List.of(
            Edge.curve("right", new Point(0, 0), new Point(120, 40), new Point(90, 160), new Point(0, 200)),
            Edge.curve("left", new Point(0, 200), new Point(-60, 130), new Point(-70, 50), new Point(0, 0))));

    private static double areaMm2(Outline outline) {
        return outline.ring().areaMm2();
    }

    @Test
    void aSquareCutDownTheMiddleKeepsTheNamesOfItsEdges() {
        Outline square = new Outline(List.of(
                Edge.line("hem", new Point(0, 0), new Point(100, 0)),
                Edge.line("side", new Point(100, 0), new Point(100, 80)),
                Edge.line("waist", new Point(100, 80), new Point(0, 80)),
                Edge.line("front", new Point(0, 80), new Point(0, 0))));
        OutlineCut cut = OutlineCut.of(square, new Point(30, 0), new Point(30, 10), "cut");
        assertThat(cut.left().edges()).extracting(Edge::name).containsExactlyInAnyOrder("hem", "cut", "waist", "front");
        assertThat(cut.right().edges()).extracting(Edge::name).containsExactlyInAnyOrder("hem", "side", "waist", "cut");
        assertThat(areaMm2(cut.left())).isCloseTo(30 * 80, within(1e-6));
        assertThat(cut.left().edge("cut").lengthMm()).isCloseTo(80, within(1e-9));
    }

    @Property(tries = 200)
    void nothingIsLostWhereverALeafIsCut(
            @ForAll @DoubleRange(min = -40, max = 60) double x,
            @ForAll @DoubleRange(min = 20, max = 180) double y,
            @ForAll @DoubleRange(min = 0, max = 360) double deg) {
        Point middle = new Point(x * Math.sin(Math.PI * y / 200) * 0.7, y);
        OutlineCut cut = OutlineCut.of(LEAF, middle, middle.plus(Point.unit(deg).times(10)), "cut");
        assertThat(areaMm2(cut.left()) + areaMm2(cut.right())).isCloseTo(areaMm2(LEAF), within(8.0));
        assertThat(cut.left().ring().isSimple()).isTrue();
        double all = LEAF.edge("left").lengthMm() + LEAF.edge("right").lengthMm();
        double kept = java.util.stream.Stream.of(cut.left(), cut.right())
                .flatMap(o -> o.edges().stream())
                .filter(e -> !e.name().startsWith("cut"))
                .mapToDouble(Edge::lengthMm)
                .sum();
        assertThat(kept).isCloseTo(all, within(0.05));
    }

    @Test
    void aLineThatMissesOrCrossesTooOftenIsRefused() {
        assertThatThrownBy(() -> OutlineCut.of(LEAF, new Point(300, 0), new Point(300, 10), "cut"))
                .isInstanceOf(RefusedValueException.class)
                .hasMessageContaining("misses");
        Outline comb = new Outline(List.of(
                Edge.line("a", new Point(0, 0), new Point(100, 0)),
                Edge.line("b", new Point(100, 0), new Point(100, 100)),
                Edge.line("c", new Point(100, 100), new Point(50, 20)),
                Edge.line("d", new Point(50, 20), new Point(0, 100)),
                Edge.line("e", new Point(0, 100), new Point(0, 0))));
        assertThatThrownBy(() -> OutlineCut.of(comb, new Point(0, 60), new Point(10, 60), "cut"))
                .hasMessageContaining("4 times");
        assertThatThrownBy(() -> OutlineCut.of(LEAF, new Point(0, 60), new Point(0, 60), "cut"))
                .hasMessageContaining("apart");
    }
}
