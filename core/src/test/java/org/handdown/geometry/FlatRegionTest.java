package org.handdown.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
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
    void drawnInAWindowGrowsAsTheFrameShrinks() {
        Region frame = Region.of(SQUARE).minus(Region.of(Ring.rectangle(40, 40, 20, 20)));
        FlatRegion drawn = FlatRegion.drawnIn(frame, 1);
        assertThat(drawn.box()).isEqualTo(new Box(1, 1, 99, 99));
        assertThat(drawn.covers(0.9, 50)).isFalse();
        assertThat(drawn.covers(1.1, 50)).isTrue();
        assertThat(drawn.covers(38.9, 50)).isTrue();
        assertThat(drawn.covers(39.1, 50)).isFalse();
        assertThat(FlatRegion.drawnIn(frame, -1).box()).isEqualTo(new Box(-1, -1, 101, 101));
        assertThat(areaMm2(drawn)).isCloseTo(98 * 98 - 22 * 22, within(1e-9));
    }

    /** The tip of a needle would lie far off where both parallels meet. */
    @Test
    void theTipOfANeedleMovesThreeTimesAsFarAtMost() {
        Region needle = Region.of(Ring.of(0, 0, 400, 1, 0, 2));
        assertThat(FlatRegion.drawnIn(needle, 0.1).box().maxX()).isCloseTo(399.7, within(1e-6));
        assertThat(FlatRegion.drawnIn(needle, -0.1).box().maxX()).isCloseTo(400.3, within(1e-6));
    }

    /** No edge passes over a spot farther than three times as far off, however the region folds. */
    @Property(tries = 200)
    void drawnInFarSpotsStayOnTheirSide(
            @ForAll("rings") Ring fixed,
            @ForAll("rings") Ring moving,
            @ForAll @DoubleRange(min = -0.5, max = 0.5) double mm,
            @ForAll Random random) {
        Region whole = NoFitPolygon.of(fixed, moving);
        FlatRegion drawn = FlatRegion.drawnIn(whole, mm);
        Box box = whole.box();
        for (int i = 0; i < 100; i++) {
            Point p = new Point(
                    box.minX() + box.widthMm() * random.nextDouble(),
                    box.minY() + box.heightMm() * random.nextDouble());
            if (toEdgeMm(whole, p) > 3 * Math.abs(mm) + 1e-5) {
                assertThat(drawn.covers(p.x(), p.y())).isEqualTo(whole.covers(p));
            }
        }
    }

    /** Half way along an edge without sharp corners the new edge runs at the distance. */
    @Property(tries = 100)
    void drawnInAnEdgeMovesByTheDistance(@ForAll @IntRange(min = 3, max = 40) int corners, @ForAll Random random) {
        Ring ring = Ring.regular(new Point(3, -2), 50 + 50 * random.nextDouble(), corners);
        double mm = 0.4 * random.nextDouble() + 0.01;
        FlatRegion in = FlatRegion.drawnIn(Region.of(ring), mm);
        FlatRegion out = FlatRegion.drawnIn(Region.of(ring), -mm);
        Point middle = ring.at(0).between(ring.at(1), 0.5);
        Point outwards = middle.minus(new Point(3, -2));
        Point step = outwards.times(mm / outwards.lengthMm());
        assertThat(covers(in, middle.minus(step.times(0.99)))).isFalse();
        assertThat(covers(in, middle.minus(step.times(1.01)))).isTrue();
        assertThat(covers(out, middle.plus(step.times(0.99)))).isTrue();
        assertThat(covers(out, middle.plus(step.times(1.01)))).isFalse();
    }

    private static boolean covers(FlatRegion region, Point p) {
        return region.covers(p.x(), p.y());
    }

    private static double toEdgeMm(Region region, Point p) {
        return Stream.concat(region.outerRings().stream(), region.holes().stream())
                .flatMapToDouble(ring ->
                        IntStream.range(0, ring.size()).mapToDouble(i -> p.distanceMm(ring.at(i), ring.at(i + 1))))
                .min()
                .orElse(Double.POSITIVE_INFINITY);
    }

    private static double areaMm2(FlatRegion region) {
        double area = 0;
        for (int e = 0; e < region.edgeCount(); e++) {
            area += (region.x0(e) * region.y1(e) - region.x1(e) * region.y0(e)) / 2;
        }
        return area;
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
