package org.handdown.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/** Bounding boxes; what is cut off a segment against the geometry library. */
class BoxTest {
    private static final Box BOX = new Box(10, 20, 110, 60);
    private static final GeometryFactory JTS = new GeometryFactory();

    @Test
    void measuresAndMiddle() {
        assertThat(BOX.widthMm()).isEqualTo(100);
        assertThat(BOX.heightMm()).isEqualTo(40);
        assertThat(BOX.middle()).isEqualTo(new Point(60, 40));
    }

    @Test
    void aUnionHoldsBothAndBoxesThatTouchMeet() {
        Box beside = new Box(110, 0, 130, 20);
        assertThat(BOX.union(beside)).isEqualTo(new Box(10, 0, 130, 60));
        assertThat(BOX.meets(beside)).isTrue();
        assertThat(BOX.meets(new Box(110.01, 0, 130, 20))).isFalse();
        assertThat(BOX.meets(new Box(0, 60.01, 130, 70))).isFalse();
    }

    /** Reference: the intersection by JTS, which works by noding and not by clipping. */
    @Property(tries = 500)
    void aSegmentIsClippedAsTheLibraryCutsIt(
            @ForAll @DoubleRange(min = -40, max = 160) double ax,
            @ForAll @DoubleRange(min = -40, max = 120) double ay,
            @ForAll @DoubleRange(min = -40, max = 160) double bx,
            @ForAll @DoubleRange(min = -40, max = 120) double by) {
        Coordinate a = new Coordinate(ax, ay);
        Coordinate b = new Coordinate(bx, by);
        Geometry area = JTS.toGeometry(new Envelope(BOX.minX(), BOX.maxX(), BOX.minY(), BOX.maxY()));
        double expected =
                area.intersection(JTS.createLineString(new Coordinate[] {a, b})).getLength();
        Coordinate[] clipped = BOX.clip(a, b);
        double length = clipped.length == 0 ? 0 : clipped[0].distance(clipped[1]);
        assertThat(length).isCloseTo(expected, within(1e-6));
        for (Coordinate end : clipped) {
            assertThat(area.distance(JTS.createPoint(end))).isLessThan(1e-9);
        }
    }

    @Test
    void anUprightSegmentBesideTheBoxIsGone() {
        assertThat(BOX.clip(new Coordinate(5, 0), new Coordinate(5, 100))).isEmpty();
        assertThat(BOX.clip(new Coordinate(50, 0), new Coordinate(50, 100)))
                .containsExactly(new Coordinate(50, 20), new Coordinate(50, 60));
    }
}
