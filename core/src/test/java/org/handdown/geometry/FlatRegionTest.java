package org.handdown.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

class FlatRegionTest {
    private static final Ring SQUARE = Ring.rectangle(0, 0, 100, 100);

    @Provide
    Arbitrary<Ring> rings() {
        return RandomRings.rings();
    }

    @Test
    void depthIsTheDistanceToTheNearestEdge() {
        FlatRegion square = FlatRegion.of(Region.of(SQUARE));
        assertThat(square.depth(50, 50)).isCloseTo(50, within(1e-3));
        assertThat(square.depth(20, 60)).isCloseTo(20, within(1.3));
        assertThat(square.depth(120, 60)).isZero();
        assertThat(square.depth(-0.001, 60)).isZero();
        assertThat(square.depth(0.001, 60)).isPositive();
    }

    /** Against the geometry library: inside and outside agree, and the depth is true to a cell of its grid. */
    @Property(tries = 60)
    void depthAgreesWithTheLibrary(@ForAll("rings") Ring ring, @ForAll long seed) {
        Random random = new Random(seed);
        Region region = Region.of(ring);
        FlatRegion flat = FlatRegion.of(region);
        Box box = region.box();
        Region outside = Region.of(
                        Ring.rectangle(box.minX() - 500, box.minY() - 500, box.widthMm() + 1000, box.heightMm() + 1000))
                .minus(region);
        double cell = Math.hypot(box.widthMm(), box.heightMm()) / 40;
        for (int i = 0; i < 30; i++) {
            Point p = new Point(
                    box.minX() + box.widthMm() * random.nextDouble(),
                    box.minY() + box.heightMm() * random.nextDouble());
            double truth = region.covers(p) ? outside.distanceMm(p) : 0;
            assertThat(flat.depth(p.x(), p.y())).isCloseTo(truth, within(cell + 1e-6));
        }
    }

    @Property(tries = 60)
    void turnedItCoversTheTurnedPoints(@ForAll("rings") Ring ring, @ForAll long seed) {
        Random random = new Random(seed);
        FlatRegion flat = FlatRegion.of(Region.of(ring));
        double degrees = random.nextBoolean() ? 90.0 * random.nextInt(4) : 360 * random.nextDouble();
        FlatRegion turned = flat.turned(degrees);
        Box box = flat.box();
        for (int i = 0; i < 30; i++) {
            Point p = new Point(
                    box.minX() + box.widthMm() * random.nextDouble(),
                    box.minY() + box.heightMm() * random.nextDouble());
            Point q = new Placement(0, 0, degrees, false).turned(p);
            // On the very line the two may differ by rounding.
            boolean clear = Region.of(ring).covers(p)
                            == Region.of(ring).grown(1e-6).covers(p)
                    && Region.of(ring).covers(p) == Region.of(ring).grown(-1e-6).covers(p);
            if (clear) {
                assertThat(turned.covers(q.x(), q.y())).isEqualTo(flat.covers(p.x(), p.y()));
            }
        }
    }
}
