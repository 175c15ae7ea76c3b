package org.handdown.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.DoubleRange;
import org.handdown.measure.RefusedValueException;
import org.junit.jupiter.api.Test;

/** Polygons by plane geometry. */
class RingTest {
    private static final Ring ELL = Ring.of(0, 0, 60, 0, 60, 20, 20, 20, 20, 50, 0, 50);

    @Provide
    Arbitrary<Ring> rings() {
        return RandomRings.rings();
    }

    @Test
    void areaIsThatOfItsTwoRectangles() {
        assertThat(ELL.signedAreaMm2()).isEqualTo(60 * 20 + 20 * 30);
        assertThat(ELL.reversed().signedAreaMm2()).isEqualTo(-1800);
        assertThat(ELL.reversed().counterClockwise().signedAreaMm2()).isEqualTo(1800);
        assertThat(ELL.counterClockwise()).isSameAs(ELL);
    }

    @Test
    void aRegularHexagonHasTheAreaOfSixTriangles() {
        Ring hexagon = Ring.regular(new Point(7, 9), 10, 6);
        assertThat(hexagon.areaMm2()).isCloseTo(6 * Math.sqrt(3) / 4 * 100, within(1e-9));
        assertThat(hexagon.box().widthMm()).isCloseTo(20, within(1e-9));
    }

    @Test
    void pointsAreCountedRoundAndRound() {
        assertThat(ELL.at(-1)).isEqualTo(new Point(0, 50));
        assertThat(ELL.at(6)).isEqualTo(new Point(0, 0));
        assertThat(ELL.run(4, 1))
                .containsExactly(new Point(20, 50), new Point(0, 50), new Point(0, 0), new Point(60, 0));
        assertThat(ELL.run(2, 2)).hasSize(7);
    }

    @Test
    void aLevelLineIsCutIntoItsStretchesInside() {
        Ring comb = Ring.of(0, 0, 50, 0, 50, 30, 40, 30, 40, 10, 10, 10, 10, 30, 0, 30);
        assertThat(comb.spansAt(20)).containsExactly(new Ring.Span(0, 10), new Ring.Span(40, 50));
        assertThat(comb.widthAtMm(20)).isEqualTo(20);
        assertThat(comb.widthAtMm(5)).isEqualTo(50);
        assertThat(comb.widthAtMm(31)).isZero();
    }

    @Test
    void aRectangleLiesInsideOrNot() {
        assertThat(ELL.holds(new Box(1, 1, 19, 49))).isTrue();
        assertThat(ELL.holds(new Box(1, 1, 59, 19))).isTrue();
        assertThat(ELL.holds(new Box(1, 1, 25, 25))).isFalse();
        assertThat(ELL.holds(new Box(25, 25, 50, 45))).isFalse();
        assertThat(ELL.holds(new Box(-10, -10, 90, 90))).isFalse();
    }

    /** Against the region: whatever is said to lie inside has no area outside. */
    @Property(tries = 400)
    void whatIsHeldHasNothingOutside(
            @ForAll("rings") Ring ring,
            @ForAll @DoubleRange(min = 0, max = 1) double x,
            @ForAll @DoubleRange(min = 0, max = 1) double y,
            @ForAll @DoubleRange(min = 0.02, max = 0.6) double size) {
        Box all = ring.box();
        double left = all.minX() + x * all.widthMm();
        double low = all.minY() + y * all.heightMm();
        Box at = new Box(left, low, left + size * all.widthMm(), low + size * all.heightMm());
        Ring drawn = Ring.rectangle(left, low, at.widthMm(), at.heightMm());
        double outside = Region.of(drawn).minus(Region.of(ring)).areaMm2();
        boolean isHeld = ring.holds(at);
        assertThat(isHeld ? outside : 0).isLessThan(1e-6 * all.widthMm() * all.heightMm());
        // And what lies well inside is held.
        double clear = Region.of(drawn).grown(0.5).minus(Region.of(ring)).areaMm2();
        assertThat(isHeld || clear > 1e-9).isTrue();
    }

    @Test
    void whatCrossesItselfIsNotSimple() {
        assertThat(ELL.isSimple()).isTrue();
        assertThat(Ring.of(0, 0, 10, 10, 10, 0, 0, 10).isSimple()).isFalse();
        assertThat(Ring.of(0, 0, 10, 0, 20, 0).isSimple()).isFalse();
    }

    @Test
    void twoPointsAreNoOutline() {
        assertThatExceptionOfType(RefusedValueException.class)
                .isThrownBy(() -> new Ring(List.of(new Point(0, 0), new Point(1, 1))))
                .withMessage("An outline needs at least three points.");
    }

    /** Cavalieri's principle: the area is the widths summed over the height. */
    @Property(tries = 40)
    void areaIsTheWidthOverTheHeight(@ForAll("rings") Ring ring) {
        Box box = ring.box();
        int steps = 4000;
        double sum = 0;
        for (int i = 0; i < steps; i++) {
            sum += ring.widthAtMm(box.minY() + box.heightMm() * (i + 0.5) / steps);
        }
        assertThat(sum * box.heightMm() / steps).isCloseTo(ring.areaMm2(), within(0.01 * ring.areaMm2() + 1));
    }

    @Property(tries = 40)
    void movingKeepsTheAreaAndMovesTheBox(
            @ForAll("rings") Ring ring, @ForAll @DoubleRange(min = -900, max = 900) double dx) {
        Ring moved = ring.moved(dx, -dx);
        assertThat(moved.areaMm2()).isCloseTo(ring.areaMm2(), within(1e-6));
        assertThat(moved.box().minX()).isCloseTo(ring.box().minX() + dx, within(1e-9));
    }
}
