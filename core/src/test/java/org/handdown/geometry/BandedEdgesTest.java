package org.handdown.geometry;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

/** How often paths run round a spot: by hand, and against the sum of the angles under which the spot sees them. */
class BandedEdgesTest {
    @Provide
    Arbitrary<Ring> rings() {
        return RandomRings.rings();
    }

    private static double[] edges(List<Ring> rings) {
        List<Double> all = new ArrayList<>();
        for (Ring ring : rings) {
            for (int i = 0; i < ring.size(); i++) {
                all.addAll(List.of(
                        ring.at(i).x(),
                        ring.at(i).y(),
                        ring.at(i + 1).x(),
                        ring.at(i + 1).y()));
            }
        }
        return all.stream().mapToDouble(Double::doubleValue).toArray();
    }

    @Test
    void oneTurnLeftIsOneAndOneTurnRightMinusOne() {
        Ring square = Ring.rectangle(0, 0, 10, 10);
        assertThat(new BandedEdges(edges(List.of(square))).winding(5, 5)).isEqualTo(1);
        assertThat(new BandedEdges(edges(List.of(square.reversed()))).winding(5, 5))
                .isEqualTo(-1);
        assertThat(new BandedEdges(edges(List.of(square))).winding(15, 5)).isZero();
        assertThat(new BandedEdges(edges(List.of(square))).winding(5, 10.1)).isZero();
        assertThat(new BandedEdges(edges(List.of(square))).winding(5, Double.NaN))
                .isZero();
    }

    /** A hole is within two paths, which is even. */
    @Test
    void withinTwoPathsIsOutsideByTheEvenOddRule() {
        BandedEdges ringed =
                new BandedEdges(edges(List.of(Ring.rectangle(0, 0, 30, 30), Ring.rectangle(10, 10, 10, 10))));
        assertThat(ringed.winding(15, 15)).isEqualTo(2);
        assertThat(ringed.covers(15, 15)).isFalse();
        assertThat(ringed.covers(5, 15)).isTrue();
    }

    @Test
    void withoutEdgesNothingIsCovered() {
        assertThat(new BandedEdges(new double[0]).covers(0, 0)).isFalse();
    }

    /** Two squares side by side: a spot on the line between them belongs to exactly one, so nothing falls between. */
    @Test
    void aSpotOnASharedEdgeIsInExactlyOne() {
        BandedEdges left = new BandedEdges(edges(List.of(Ring.rectangle(0, 0, 10, 10))));
        BandedEdges right = new BandedEdges(edges(List.of(Ring.rectangle(10, 0, 10, 10))));
        for (double y = 0.5; y < 10; y += 1) {
            assertThat(left.covers(10, y) ^ right.covers(10, y)).isTrue();
        }
    }

    /** Plane geometry: the winding number is the sum of the signed angles between the corners over a full turn. */
    @Property(tries = 100)
    void itIsTheSumOfTheAngles(@ForAll("rings") Ring a, @ForAll("rings") Ring b, @ForAll long seed) {
        Random random = new Random(seed);
        List<Ring> rings = List.of(a, random.nextBoolean() ? b : b.reversed());
        BandedEdges banded = new BandedEdges(edges(rings));
        for (int i = 0; i < 20; i++) {
            Point p = new Point(220 * random.nextDouble() - 110, 220 * random.nextDouble() - 110);
            double angles = 0;
            for (Ring ring : rings) {
                for (int k = 0; k < ring.size(); k++) {
                    angles += Placement.turnBetweenDeg(
                            ring.at(k).minus(p).directionDeg(),
                            ring.at(k + 1).minus(p).directionDeg());
                }
            }
            boolean onALine = rings.stream().anyMatch(r -> p.distanceMm(r.run(0, 0)) < 1e-6);
            if (!onALine) {
                assertThat(banded.winding(p.x(), p.y())).isEqualTo((int) Math.rint(angles / 360));
            }
        }
    }
}
