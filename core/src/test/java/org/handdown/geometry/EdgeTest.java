package org.handdown.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.handdown.measure.RefusedValueException;
import org.junit.jupiter.api.Test;

/** Lines and curves by plane geometry. */
class EdgeTest {
    /** Share of the radius at which a cubic follows a quarter circle: 4/3 · (√2 − 1), textbook. */
    private static final double HANDLE = 4.0 / 3 * (Math.sqrt(2) - 1);

    private static final Edge QUARTER = Edge.curve(
            "armhole",
            new Point(100, 0),
            new Point(100, 100 * HANDLE),
            new Point(100 * HANDLE, 100),
            new Point(0, 100));

    @Test
    void aQuarterCircleIsAsLongAsItsArcAndBowsByItsSagitta() {
        assertThat(QUARTER.lengthMm()).isCloseTo(Math.PI * 50, within(0.05));
        // Sagitta of a quarter circle: r · (1 − cos 45°).
        assertThat(QUARTER.bowMm()).isCloseTo(100 * (1 - Math.sqrt(0.5)), within(0.1));
        assertThat(QUARTER.reversed().bowMm()).isCloseTo(-100 * (1 - Math.sqrt(0.5)), within(0.1));
    }

    @Test
    void halfwayAlongAQuarterCircleIsAtFortyFiveDegrees() {
        Point middle = QUARTER.at(0.5);
        assertThat(middle.x()).isCloseTo(100 * Math.sqrt(0.5), within(0.3));
        assertThat(middle.y()).isCloseTo(100 * Math.sqrt(0.5), within(0.3));
        assertThat(QUARTER.at(0)).isEqualTo(QUARTER.start());
        assertThat(QUARTER.at(1).distanceMm(QUARTER.end())).isLessThan(1e-6);
    }

    @Test
    void everyFlattenedPointIsWithinTheTolerance() {
        for (double tolerance : new double[] {2, 0.5, 0.05}) {
            List<Point> line = QUARTER.flattened(tolerance);
            for (int i = 0; i <= 1000; i++) {
                Point p = ((Segment.Cubic) QUARTER.segments().get(0)).at(i / 1000.0);
                assertThat(p.distanceMm(line)).isLessThanOrEqualTo(tolerance);
            }
        }
    }

    @Test
    void backwardsItIsTheSameLine() {
        Edge back = QUARTER.reversed();
        assertThat(back.start()).isEqualTo(QUARTER.end());
        assertThat(back.lengthMm()).isCloseTo(QUARTER.lengthMm(), within(1e-9));
        assertThat(back.reversed()).isEqualTo(QUARTER);
    }

    @Test
    void uprightIsWhatRunsMoreUpThanAcross() {
        assertThat(Edge.line("side", new Point(0, 0), new Point(30, 400)).isUpright())
                .isTrue();
        assertThat(Edge.line("hem", new Point(0, 0), new Point(400, 30)).isUpright())
                .isFalse();
        Edge side = Edge.line("side", new Point(0, 100), new Point(0, 300));
        assertThat(side.reaches(100)).isTrue();
        assertThat(side.reaches(301)).isFalse();
    }

    @Test
    void aPointIsAsFarFromALineAsItsFoot() {
        List<Point> line = List.of(new Point(0, 0), new Point(10, 0), new Point(10, 10));
        assertThat(new Point(4, 3).distanceMm(line)).isEqualTo(3);
        assertThat(new Point(13, 14).distanceMm(line)).isEqualTo(5);
        assertThat(new Point(-3, -4).distanceMm(line)).isEqualTo(5);
        assertThat(new Point(1, 1).distanceMm(new Point(1, 0), new Point(1, 0))).isEqualTo(1);
    }

    @Test
    void anEdgeOfNothingIsRefused() {
        assertThatExceptionOfType(RefusedValueException.class)
                .isThrownBy(() -> new Edge("hem", List.of()))
                .withMessage("Edge (hem) has no segment.");
    }

    @Test
    void boxesMeetWhereTheyTouch() {
        Box box = new Box(0, 0, 10, 10);
        assertThat(box.meets(new Box(10, 10, 20, 20))).isTrue();
        assertThat(box.meets(new Box(10.1, 0, 20, 10))).isFalse();
        assertThat(box.union(new Box(-5, 3, 4, 30))).isEqualTo(new Box(-5, 0, 10, 30));
    }
}
