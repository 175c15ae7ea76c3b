package org.handdown.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.handdown.geometry.Point;
import org.handdown.pattern.Neckline.Band;
import org.handdown.pattern.Neckline.Shape;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

class NecklineTest {
    private static final double INCH = 25.4;

    private static Neckline v(double width, double depth, @Nullable Band band) {
        return new Neckline("v", Shape.V, width, depth, width + 40, band);
    }

    /** W16 of the capabilities (derived): band 1 in, V of 90° and 60°: notch base 2 and 3.46 in, slant 45° and 30°. */
    @Test
    void theNotchOfAVFollowsItsAngle() {
        Band band = new Band(400, INCH, 0.4);
        Neckline right = v(200, 100, band);
        assertThat(right.angleDeg()).isCloseTo(90, within(1e-9));
        assertThat(right.slantDeg()).isCloseTo(45, within(1e-9));
        assertThat(right.notchBaseMm()).isCloseTo(2 * INCH, within(1e-9));
        Neckline sharp = v(200, 100 * Math.sqrt(3), band);
        assertThat(sharp.slantDeg()).isCloseTo(30, within(1e-9));
        assertThat(sharp.notchBaseMm() / INCH).isCloseTo(3.46, within(0.005));
    }

    /** Exact cases: a half circle in front is πr; a V is two straight lines. Ellipse 2:1, half perimeter 4.84422 of its short half axis
     * (tables of the complete elliptic integral; from memory). */
    @Test
    void frontEdgesHaveTheirExactLength() {
        assertThat(new Neckline("r", Shape.ROUND, 200, 100, 220, null).frontMm())
                .isCloseTo(Math.PI * 100, within(1e-9));
        assertThat(new Neckline("r", Shape.ROUND, 200, 200, 220, null).frontMm())
                .isCloseTo(484.422, within(0.01));
        assertThat(v(60, 40, null).frontMm()).isCloseTo(100, within(1e-9));
        assertThat(new Neckline("s", Shape.SQUARE, 200, 90, 220, null).frontMm())
                .isEqualTo(380);
    }

    /** Handbook §4: opening over rib length must stay below 1 + usable stretch. */
    @Test
    void aKeptRibServesAsLongAsItStretchesThatFar() {
        Neckline wide = new Neckline("n", Shape.ROUND, 200, 100, 206, new Band(440, 20, 0.24));
        assertThat(wide.ratio()).isCloseTo((Math.PI * 100 + 206) / 440, within(1e-9));
        assertThat(wide.serves()).isTrue();
        Neckline deeper = new Neckline("n", Shape.ROUND, 200, 140, 206, new Band(440, 20, 0.24));
        assertThat(deeper.serves()).isFalse();
        assertThat(deeper.verdict()).anySatisfy(s -> assertThat(s).contains("24 % may be used", "shallower neck"));
    }

    @Test
    void aBandAsLongAsItsEdgeStandsAway() {
        Neckline neck = new Neckline("n", Shape.ROUND, 200, 100, 206, new Band(515, 30, 0.5));
        assertThat(neck.serves()).isFalse();
        assertThat(neck.verdict()).anySatisfy(s -> assertThat(s).contains("stand away"));
        Band better = new Band(neck.newBandMm(), 30, 0.5);
        assertThat(new Neckline("n", Shape.ROUND, 200, 100, 206, better).serves())
                .isTrue();
    }

    @Test
    void chalkPointsRunFromTheNeckPointToTheCentreFront() {
        for (Shape shape : Shape.values()) {
            var points = new Neckline("n", shape, 180, 120, 200, null).chalkPoints();
            assertThat(points.get(0)).isEqualTo(new Point(90, 0));
            assertThat(points.get(points.size() - 1).x()).isCloseTo(0, within(1e-6));
            assertThat(points.get(points.size() - 1).y()).isCloseTo(-120, within(1e-9));
        }
    }

    /** Secure first, cut after: nothing is cut before the last step; knits are slit down the centre. */
    @Test
    void nothingIsCutBeforeTheLastStep() {
        var order = v(200, 160, new Band(450, 20, 0.4)).order(true);
        assertThat(order.get(order.size() - 1)).contains("slit down the centre front");
        assertThat(order.subList(0, order.size() - 1)).noneMatch(s -> s.startsWith("Cut") || s.startsWith("Then cut"));
        assertThat(order).anySatisfy(s -> assertThat(s).startsWith("Sew the notch"));
    }

    @Test
    void impossibleNecksAreRefused() {
        assertThatThrownBy(() -> new Neckline("n", Shape.V, 200, 5, 220, null))
                .hasMessageContaining("should lie between");
        assertThatThrownBy(() -> new Neckline("n", Shape.V, 200, 100, 150, null))
                .hasMessageContaining("back neckline");
        assertThatThrownBy(() -> new Band(400, 20, 4)).hasMessageContaining("200 %");
    }

    /** A band of the proposed length serves whenever any can. */
    @Property(tries = 300)
    void theProposedBandServesWhereAnyCan(
            @ForAll Shape shape,
            @ForAll @DoubleRange(min = 120, max = 300) double width,
            @ForAll @DoubleRange(min = 60, max = 350) double depth,
            @ForAll @DoubleRange(min = 10, max = 40) double bandDepth,
            @ForAll @DoubleRange(min = 0.12, max = 0.8) double stretch) {
        Neckline asked = new Neckline("n", shape, width, depth, width + 20, new Band(400, bandDepth, stretch));
        Neckline mended = new Neckline(
                "n", shape, width, depth, width + 20, new Band(asked.newBandMm() + 1e-6, bandDepth, stretch));
        assertThat(mended.ratio()).isLessThanOrEqualTo(1 + stretch + 1e-9);
        assertThat(mended.newBandMm()).isLessThanOrEqualTo(0.9 * mended.edgeMm() + 1e-6);
        if (shape == Shape.V) {
            assertThat(mended.notchBaseMm()).isPositive();
        }
    }
}
