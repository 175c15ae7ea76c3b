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

    /** Three rows of cells lie across a needle, so the depth is true to half a row however long it is. */
    @Test
    void aNeedleIsAsDeepAsHalfItsWidth() {
        FlatRegion needle = FlatRegion.of(Region.of(Ring.rectangle(0, 0, 2000, 10)));
        assertThat(needle.depth(1000, 5)).isCloseTo(5, within(1.7));
        assertThat(needle.depth(1000, 2)).isCloseTo(2, within(0.1));
        assertThat(needle.depth(1000, 10.001)).isZero();
    }

    @Test
    void aHoleIsOutside() {
        FlatRegion ringed = FlatRegion.of(Region.of(SQUARE).minus(Region.of(Ring.rectangle(40, 40, 20, 20))));
        assertThat(ringed.depth(50, 50)).isZero();
        assertThat(ringed.depth(20, 50)).isCloseTo(20, within(2.0));
        assertThat(ringed.covers(39.9, 50)).isTrue();
        assertThat(ringed.covers(40.1, 50)).isFalse();
    }

    @Test
    void whatIsEmptyCoversNothingWhereverItIsMoved() {
        FlatRegion empty = FlatRegion.of(Region.EMPTY);
        for (FlatRegion one : new FlatRegion[] {empty, empty.opposite(), empty.moved(3, 4), empty.turned(90)}) {
            assertThat(one.isEmpty()).isTrue();
            assertThat(one.covers(0, 0)).isFalse();
            assertThat(one.depth(3, 4)).isZero();
        }
    }

    /** A view shares its body: it must answer as the body does at the spot that was moved and turned back. */
    @Property(tries = 60)
    void movedAndTurnedHalfRoundItAnswersAsBefore(
            @ForAll("rings") Ring ring, @ForAll int across, @ForAll int up, @ForAll long seed) {
        Random random = new Random(seed);
        FlatRegion flat = FlatRegion.of(Region.of(ring));
        double dx = across % 500;
        double dy = up % 500;
        FlatRegion there = flat.moved(dx, dy).opposite().moved(dx, -dy);
        Box box = flat.box();
        for (int i = 0; i < 30; i++) {
            double x = box.minX() + box.widthMm() * random.nextDouble();
            double y = box.minY() + box.heightMm() * random.nextDouble();
            double thereX = -(x + dx) + dx;
            double thereY = -(y + dy) - dy;
            // The way there and back may round.
            if (flat.covers(x - 1e-9, y - 1e-9) == flat.covers(x + 1e-9, y + 1e-9)) {
                assertThat(there.covers(thereX, thereY)).isEqualTo(flat.covers(x, y));
                assertThat(there.depth(thereX, thereY)).isCloseTo(flat.depth(x, y), within(1e-5));
            }
        }
        for (int e = 0; e < flat.edgeCount(); e++) {
            assertThat(there.x0(e)).isCloseTo(-flat.x0(e), within(1e-9));
            assertThat(there.y1(e)).isCloseTo(-flat.y1(e) - 2 * dy, within(1e-9));
        }
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
