package org.handdown.geometry;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.geom.Area;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.util.Random;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

/** Outside reference for overlaps: java.awt.geom.Area, a second geometry library that shares nothing with ours. */
class NoFitPolygonProperties {
    @Provide
    Arbitrary<Ring> rings() {
        return RandomRings.rings();
    }

    @Property(tries = 150)
    void saysMeetingExactlyWhereASecondLibraryFindsOverlap(
            @ForAll("rings") Ring fixed, @ForAll("rings") Ring moving, @ForAll long seed) {
        Region meeting = NoFitPolygon.of(fixed, moving);
        Random random = new Random(seed);
        for (int i = 0; i < 40; i++) {
            Point shift = new Point(random.nextDouble(-210, 210), random.nextDouble(-210, 210));
            double overlap = overlapMm2(fixed, moving.moved(shift.x(), shift.y()));
            if (meeting.covers(shift)) {
                // On the very rim the overlap may be too thin for the reference to see.
                assertThat(overlap > 0 || rimDistance(meeting, shift) < 0.01)
                        .as("overlap at %s", shift)
                        .isTrue();
            } else {
                assertThat(overlap).as("overlap at %s", shift).isLessThan(0.05);
            }
        }
    }

    @Property(tries = 150)
    void saysInsideExactlyWhereNothingSticksOut(
            @ForAll("rings") Ring container, @ForAll("rings") Ring moving, @ForAll long seed) {
        Ring small = moving.map(p -> p.times(0.35));
        Region inside = NoFitPolygon.within(container, small);
        Random random = new Random(seed);
        for (int i = 0; i < 40; i++) {
            Point shift = new Point(random.nextDouble(-100, 100), random.nextDouble(-100, 100));
            double out = small.areaMm2() - overlapMm2(container, small.moved(shift.x(), shift.y()));
            if (inside.covers(shift)) {
                assertThat(out).as("left over at %s", shift).isLessThan(0.05);
            } else {
                assertThat(out > 0 || inside.distanceMm(shift) < 0.01)
                        .as("left over at %s", shift)
                        .isTrue();
            }
        }
    }

    /**
     * A part of a cut-up sheet in the hole it was cut from: edges that lie on edges all round, where rounding is least forgiving. It lies
     * where it was, and nowhere else that the second library objects to.
     */
    @Property(tries = 60)
    void aPartFitsBackWhereItWasCut(@ForAll("rings") Ring cutter, @ForAll boolean turned, @ForAll long seed) {
        Ring sheet = Ring.of(-120, -110, 130, -95, 115, 120, -100, 105);
        Region part = Region.of(sheet).minus(Region.of(cutter));
        Region biggest = part.parts().stream()
                .max(java.util.Comparator.comparingDouble(Region::areaMm2))
                .orElseThrow();
        if (!biggest.holes().isEmpty()) {
            return;
        }
        Ring cut = biggest.outerRings().get(0);
        Ring piece = turned ? new Placement(0, 0, 180, false).toPanel(cut) : cut;
        Ring container = Region.of(turned ? new Placement(0, 0, 180, false).toPanel(sheet) : sheet)
                .grownBevelled(0.04)
                .outerRings()
                .get(0);
        Region inside = NoFitPolygon.within(container, piece);
        assertThat(inside.covers(new Point(0, 0))).isTrue();
        Region own = NoFitPolygon.within(
                Region.of(piece).grownBevelled(0.04).outerRings().get(0), piece);
        assertThat(own.covers(new Point(0, 0))).isTrue();
        Random random = new Random(seed);
        for (int i = 0; i < 40; i++) {
            Point shift = new Point(random.nextDouble(-60, 60), random.nextDouble(-60, 60));
            double out = piece.areaMm2() - overlapMm2(container, piece.moved(shift.x(), shift.y()));
            if (inside.covers(shift)) {
                assertThat(out).as("left over at %s", shift).isLessThan(0.05);
            }
            if (own.covers(shift)) {
                assertThat(shift.lengthMm()).isLessThan(5);
            }
        }
    }

    private static double rimDistance(Region region, Point p) {
        return region.outerRings().stream()
                .mapToDouble(r -> Region.of(r).grown(-0.01).covers(p) ? 1 : 0)
                .max()
                .orElse(0);
    }

    static double overlapMm2(Ring a, Ring b) {
        Area area = area(a);
        area.intersect(area(b));
        return areaMm2(area);
    }

    private static Area area(Ring ring) {
        Path2D path = new Path2D.Double();
        path.moveTo(ring.at(0).x(), ring.at(0).y());
        for (int i = 1; i < ring.size(); i++) {
            path.lineTo(ring.at(i).x(), ring.at(i).y());
        }
        path.closePath();
        return new Area(path);
    }

    private static double areaMm2(Area area) {
        double sum = 0;
        double[] c = new double[6];
        Point start = new Point(0, 0);
        Point last = start;
        for (PathIterator it = area.getPathIterator(null); !it.isDone(); it.next()) {
            int kind = it.currentSegment(c);
            Point p = kind == PathIterator.SEG_CLOSE ? start : new Point(c[0], c[1]);
            if (kind == PathIterator.SEG_MOVETO) {
                start = p;
            } else {
                sum += last.cross(p) / 2;
            }
            last = p;
        }
        return Math.abs(sum);
    }
}
