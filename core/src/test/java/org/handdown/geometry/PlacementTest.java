package org.handdown.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Where a point of a piece comes to lie: source docs/formats/fit-format.md, mirrored first, then turned, then moved. */
class PlacementTest {
    @ParameterizedTest
    @CsvSource({
        "0, false, 13, 26",
        "90, false, 4, 23",
        "180, false, 7, 14",
        "270, false, 16, 17",
        "-90, false, 16, 17",
        "450, false, 4, 23",
        "0, true, 7, 26",
        "90, true, 4, 17",
    })
    void quarterTurnsAreExact(double rotation, boolean mirrored, double x, double y) {
        assertThat(new Placement(10, 20, rotation, mirrored).toPanel(new Point(3, 6)))
                .isEqualTo(new Point(x, y));
    }

    @Test
    void otherTurnsAreCounterClockwise() {
        Point p = new Placement(0, 0, 30, false).toPanel(new Point(2, 0));
        assertThat(p.x()).isCloseTo(Math.sqrt(3), within(1e-12));
        assertThat(p.y()).isCloseTo(1, within(1e-12));
    }

    /** Mirroring turns the way round, turning does not; lengths stay. */
    @Property(tries = 100)
    void itIsRigid(@ForAll @DoubleRange(min = -720, max = 720) double turn, @ForAll boolean mirrored) {
        Placement at = new Placement(5, -3, turn, mirrored);
        Ring triangle = Ring.of(0, 0, 40, 0, 0, 30);
        Ring laid = at.toPanel(triangle);
        assertThat(laid.signedAreaMm2()).isCloseTo(mirrored ? -600 : 600, within(1e-6));
        assertThat(laid.at(1).distanceMm(laid.at(2))).isCloseTo(50, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"0, 90, 90", "90, 0, -90", "350, 10, 20", "10, 350, -20", "0, 180, 180", "0, -180, 180", "0, 540, 180"})
    void theTurnBetweenIsTheShortWayRound(double from, double to, double turn) {
        assertThat(Placement.turnBetweenDeg(from, to)).isEqualTo(turn);
    }

    @Test
    void nothingLiesAtNoPlace() {
        assertThatIllegalArgumentException().isThrownBy(() -> new Placement(Double.NaN, 0, 0, false));
        assertThatIllegalArgumentException().isThrownBy(() -> new Placement(0, Double.POSITIVE_INFINITY, 0, false));
        assertThatIllegalArgumentException().isThrownBy(() -> new Placement(0, 0, Double.NaN, false));
    }
}
