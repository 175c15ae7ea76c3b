package org.handdown.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

/** Outside reference for areas: java.awt.geom.Area, a second geometry library. */
class RegionProperties {
    @Provide
    Arbitrary<Ring> rings() {
        return RandomRings.rings();
    }

    @Property(tries = 200)
    void overlapsMeasureAsASecondLibraryMeasuresThem(@ForAll("rings") Ring a, @ForAll("rings") Ring b) {
        double overlap = Region.of(a).intersection(Region.of(b)).areaMm2();
        assertThat(overlap).isCloseTo(NoFitPolygonProperties.overlapMm2(a, b), within(0.05));
    }

    @Property(tries = 200)
    void unionAndOverlapTogetherMakeBothAreas(@ForAll("rings") Ring a, @ForAll("rings") Ring b) {
        double union = Region.of(a).union(Region.of(b)).areaMm2();
        double overlap = Region.of(a).intersection(Region.of(b)).areaMm2();
        assertThat(union + overlap).isCloseTo(a.areaMm2() + b.areaMm2(), within(1e-6));
    }

    @Property(tries = 200)
    void turningAndMirroringKeepTheArea(@ForAll("rings") Ring ring, @ForAll int degrees, @ForAll boolean mirrored) {
        Ring moved = new Placement(17, -4, degrees % 360, mirrored).toPanel(ring);
        assertThat(moved.areaMm2()).isCloseTo(ring.areaMm2(), within(1e-6 * ring.areaMm2()));
        assertThat(moved.signedAreaMm2() * ring.signedAreaMm2() > 0).isEqualTo(!mirrored);
    }

    @Property(tries = 150)
    void flatAndWholeRegionsAgreeOnWhatIsInside(@ForAll("rings") Ring a, @ForAll("rings") Ring b, @ForAll long seed) {
        Region region = Region.of(a).minus(Region.of(b));
        FlatRegion flat = FlatRegion.of(region);
        Random random = new Random(seed);
        for (int i = 0; i < 50; i++) {
            Point p = new Point(random.nextDouble(-100, 100), random.nextDouble(-100, 100));
            assertThat(flat.covers(p.x(), p.y())).as("%s in %s", p, region).isEqualTo(region.covers(p));
        }
    }

    @Property(tries = 100)
    void partsWithoutHolesMakeTheSameArea(@ForAll("rings") Ring a, @ForAll("rings") Ring b) {
        Region region = Region.of(a).minus(Region.of(b.map(p -> p.times(0.3))));
        double sum =
                region.ringsWithoutHoles().stream().mapToDouble(Ring::areaMm2).sum();
        assertThat(sum).isCloseTo(region.areaMm2(), within(1e-6 * Math.max(1, region.areaMm2())));
    }

    @Property(tries = 100)
    void theLargestRectangleLiesInsideAndIsNotSmallerThanChanceFinds(@ForAll("rings") Ring ring, @ForAll long seed) {
        Region region = Region.of(ring);
        Box best = LargestRectangle.in(region, 40, 3);
        Ring found = Ring.rectangle(best.minX(), best.minY(), best.widthMm() + 1e-12, best.heightMm() + 1e-12);
        assertThat(region.grown(1e-6).covers(Region.of(found))).isTrue();
        Random random = new Random(seed);
        Box box = region.box();
        for (int i = 0; i < 300; i++) {
            double x = random.nextDouble(box.minX(), box.maxX());
            double y = random.nextDouble(box.minY(), box.maxY());
            double w = random.nextDouble(0.1, box.widthMm());
            double h = random.nextDouble(0.1, box.heightMm());
            if (region.covers(Region.of(Ring.rectangle(x, y, w, h)))) {
                assertThat(w * h).isLessThanOrEqualTo(best.widthMm() * best.heightMm() * 1.06 + 0.5);
            }
        }
    }
}
