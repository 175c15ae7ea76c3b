package org.handdown.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;

class OutlineTest {
    private static final Point A = new Point(0, 0);
    private static final Point B = new Point(100, 0);
    private static final Point C = new Point(100, 60);
    private static final Point D = new Point(0, 60);
    private static final Outline RECTANGLE = new Outline(List.of(
            Edge.line("lower", A, B), Edge.line("right", B, C), Edge.line("upper", C, D), Edge.line("left", D, A)));

    @Test
    void aQuarterCircleOfCurvesIsAsLongAsTheTrueArc() {
        // Handle share 0.5523 for a quarter circle (from memory, geometry textbooks): the error stays below 0.03 %.
        double k = 55.23;
        Edge arc = Edge.curve("arc", new Point(100, 0), new Point(100, k), new Point(k, 100), new Point(0, 100));
        assertThat(arc.lengthMm()).isCloseTo(100 * Math.PI / 2, within(0.06));
    }

    @Test
    void flatteningStaysWithinItsTolerance() {
        Edge arc =
                Edge.curve("arc", new Point(100, 0), new Point(100, 55.23), new Point(55.23, 100), new Point(0, 100));
        List<Point> flat = arc.flattened(0.1);
        for (int i = 0; i + 1 < flat.size(); i++) {
            Point middle = flat.get(i).between(flat.get(i + 1), 0.5);
            assertThat(100.03 - middle.lengthMm()).isLessThan(0.14);
        }
    }

    @Test
    void aSmoothCurveNeverSwingsPastItsPoints() {
        List<Point> through = List.of(
                new Point(70, 0), new Point(78, 240), new Point(100, 480), new Point(100, 635), new Point(60, 700));
        Edge curve = Edge.smooth("side", through);
        assertThat(curve.flattened(0.05)).allSatisfy(p -> assertThat(p.x()).isBetween(60 - 1e-9, 100 + 1e-9));
        assertThat(curve.flattened(0.05)).containsAll(through);
    }

    @Test
    void anEvenAllowanceMakesARectangleLargerAllRound() {
        Outline.Flat cut = OffsetOutline.of(RECTANGLE, e -> 10);
        assertThat(cut.ring().box()).isEqualTo(new Box(-10, -10, 110, 70));
        assertThat(cut.ring().areaMm2()).isCloseTo(120 * 80, within(1e-6));
    }

    @Test
    void everyEdgeTakesItsOwnAllowanceAndKeepsItsName() {
        Outline.Flat cut = OffsetOutline.of(
                RECTANGLE, e -> e.name().equals("lower") ? 30 : e.name().equals("left") ? 0 : 10);
        assertThat(cut.ring().box()).isEqualTo(new Box(0, -30, 110, 70));
        Outline.Run lower = java.util.Objects.requireNonNull(cut.runs().get("lower"));
        assertThat(cut.ring().at(lower.from())).isEqualTo(new Point(0, -30));
        assertThat(cut.ring().at(lower.to())).isEqualTo(new Point(110, -30));
    }

    @Test
    void aNegativeAmountTakesCloth() {
        assertThat(OffsetOutline.of(RECTANGLE, e -> -5).ring().areaMm2()).isCloseTo(90 * 50, within(1e-6));
    }

    @Test
    void mirroringKeepsNamesAndOrientation() {
        Outline mirrored = RECTANGLE.mirrored();
        assertThat(mirrored.ring().signedAreaMm2()).isPositive();
        assertThat(mirrored.edge("left").start().x()).isZero();
        assertThat(mirrored.edge("right").start().x()).isEqualTo(-100);
    }

    @Test
    void edgesThatDoNotJoinAreRefused() {
        assertThatThrownBy(() -> new Outline(List.of(Edge.line("a", A, B), Edge.line("b", C, A))))
                .hasMessageContaining("does not end where");
    }
}
