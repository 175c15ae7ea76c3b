package org.handdown.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.statistics.Statistics;
import org.junit.jupiter.api.Test;

/** Outlines traced by our own flat arrays against the noder, polygonizer and buffers of a geometry library (JTS). */
class FaceTracerTest {
    private static final double STEPS = 1e8;

    @Provide
    Arbitrary<Ring> rings() {
        return RandomRings.rings();
    }

    private static double differenceMm2(Region a, Region b) {
        return a.minus(b).areaMm2() + b.minus(a).areaMm2();
    }

    @Property(tries = 400)
    void tracesWhatTheLibraryPutsTogether(@ForAll("rings") Ring fixed, @ForAll("rings") Ring moving) {
        Convolution sum = sum(fixed, moving);
        Region library = sum.faces(sum.bounding(), winding -> winding > 0);
        sum.traced(winding -> winding > 0)
                .ifPresent(traced -> assertThat(differenceMm2(traced, library)).isLessThan(0.01));
        // Where rounding leaves it open the library's answer is used: that must stay the exception.
        Statistics.label("traced")
                .collect(sum.traced(winding -> winding > 0).isPresent())
                .coverage(c -> c.check(true).percentage(p -> p > 99));
    }

    /** Shapes drawn far from the origin, as the fit format allows up to 200 m, are traced as those drawn at it. */
    @Property(tries = 60)
    void tracesAlikeFarFromTheOrigin(@ForAll("rings") Ring fixed, @ForAll("rings") Ring moving) {
        Region near = sum(fixed, moving).where(winding -> winding > 0);
        Region far = sum(fixed.moved(199_000, -199_000), moving).where(winding -> winding > 0);
        assertThat(differenceMm2(near.moved(199_000, -199_000), far)).isLessThan(0.01);
    }

    /** More than can be sorted in one word is left to the general way, and told rightly (a rectangle by hand). */
    @Test
    void longClothIsLeftToTheGeneralWay() {
        Convolution sum = sum(Ring.rectangle(-60_000, 0, 120_000, 1500), Ring.rectangle(0, 0, 100, 200));
        assertThat(sum.traced(winding -> winding > 0)).isEmpty();
        assertThat(sum.where(winding -> winding > 0).areaMm2()).isCloseTo(120_100.0 * 1700, within(1.0));
    }

    /** Mirrored, turned and equal shapes bring parallel and coinciding edges, where tracing is hardest. */
    @Property(tries = 100)
    void tracesTwinsToo(@ForAll("rings") Ring ring) {
        for (Ring other : List.of(ring, ring.map(p -> p.mirrored()), ring.map(p -> p.times(-1)))) {
            Convolution sum = sum(ring, other.counterClockwise());
            Region library = sum.faces(sum.bounding(), winding -> winding > 0);
            sum.traced(winding -> winding > 0)
                    .ifPresent(
                            traced -> assertThat(differenceMm2(traced, library)).isLessThan(0.01));
        }
    }

    private static Convolution sum(Ring fixed, Ring moving) {
        return new Convolution(
                fixed.counterClockwise().points(),
                moving.counterClockwise().points().stream()
                        .map(p -> new Point(-p.x(), -p.y()))
                        .toList());
    }

    /** Two windows of a frame touch in a corner; the frame stays one part with two holes (worked by hand). */
    @Test
    void holesThatTouchInACornerStayHoles() {
        double[] frame = edges(
                new double[] {0, 0, 30, 0, 30, 30, 0, 30},
                new double[] {5, 5, 5, 15, 15, 15, 15, 5},
                new double[] {15, 15, 15, 25, 25, 25, 25, 15});
        Region region = new FaceTracer(frame, frame, STEPS)
                .where(winding -> winding > 0)
                .orElseThrow();
        assertThat(region.areaMm2()).isCloseTo(900 - 200, within(1e-9));
        assertThat(region.parts()).hasSize(1);
        assertThat(region.holes()).hasSize(2);
    }

    /** Two squares that touch in a corner are two parts, and a line straight on is no corner (worked by hand). */
    @Test
    void partsThatTouchInACornerStayParts() {
        double[] squares =
                edges(new double[] {0, 0, 5, 0, 10, 0, 10, 10, 0, 10}, new double[] {10, 10, 20, 10, 20, 20, 10, 20});
        Region region = new FaceTracer(squares, squares, STEPS)
                .where(winding -> winding > 0)
                .orElseThrow();
        assertThat(region.parts()).hasSize(2);
        assertThat(region.vertices().stream().distinct()).hasSize(7);
    }

    /** Twice round counts twice: what is wanted is told by the number, not by the outline. */
    @Test
    void theWindingNumberDecides() {
        double[] twice = edges(new double[] {0, 0, 20, 0, 20, 20, 0, 20}, new double[] {5, 5, 15, 5, 15, 15, 5, 15});
        assertThat(new FaceTracer(twice, twice, STEPS)
                        .where(w -> w > 1)
                        .orElseThrow()
                        .areaMm2())
                .isCloseTo(100, within(1e-9));
        assertThat(new FaceTracer(twice, twice, STEPS)
                        .where(w -> w == 1)
                        .orElseThrow()
                        .areaMm2())
                .isCloseTo(300, within(1e-9));
        assertThat(new FaceTracer(twice, twice, STEPS)
                        .where(w -> w < 0)
                        .orElseThrow()
                        .isEmpty())
                .isTrue();
    }

    private static double[] edges(double[]... rings) {
        return java.util.Arrays.stream(rings)
                .flatMapToDouble(ring -> java.util.stream.IntStream.range(0, ring.length / 2)
                        .boxed()
                        .flatMapToDouble(i -> java.util.stream.DoubleStream.of(
                                ring[2 * i],
                                ring[2 * i + 1],
                                ring[(2 * i + 2) % ring.length],
                                ring[(2 * i + 3) % ring.length])))
                .toArray();
    }
}
