package org.handdown.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

/** Rectangles whose size is known by plane geometry. */
class LargestRectangleTest {
    private static double areaIn(Region region) {
        Box box = LargestRectangle.in(region, 48, 3);
        return box.widthMm() * box.heightMm();
    }

    @Test
    void ofAnEllItIsTheLargerLimb() {
        Region ell = Region.of(Ring.of(0, 0, 60, 0, 60, 20, 20, 20, 20, 50, 0, 50));
        assertThat(LargestRectangle.in(ell, 48, 3)).isEqualTo(new Box(0, 0, 60, 20));
    }

    /** With two sides along the legs of a right triangle no rectangle has more than half its area. */
    @Test
    void ofARightTriangleItIsHalf() {
        assertThat(areaIn(Region.of(Ring.of(0, 0, 80, 0, 0, 50)))).isCloseTo(1000, within(2.0));
    }

    /** Of a circle it is the square with the diameter for a diagonal: 2 r². */
    @Test
    void ofADiscItIsTheSquareInIt() {
        assertThat(areaIn(Region.of(Ring.regular(new Point(3, 4), 100, 180)))).isCloseTo(20_000, within(60.0));
    }

    @Test
    void ofAFrameItIsItsWidestSide() {
        Region frame = Region.of(Ring.rectangle(0, 0, 100, 100)).minus(Region.of(Ring.rectangle(30, 10, 60, 60)));
        // Left of the hole 30 × 100, above it 100 × 30.
        assertThat(areaIn(frame)).isCloseTo(3000, within(1e-6));
    }

    @Test
    void ofNothingItIsNothing() {
        assertThat(LargestRectangle.in(Region.EMPTY, 48, 3)).isEqualTo(new Box(0, 0, 0, 0));
    }
}
