package org.handdown.fit.room;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import org.handdown.geometry.Placement;
import org.handdown.geometry.Point;
import org.handdown.geometry.RandomRings;
import org.handdown.geometry.Ring;
import org.junit.jupiter.api.Test;

/** One outline is one stencil, wherever it stands and however its points are counted. */
class CongruentOutlineTest {
    @Provide
    Arbitrary<Ring> rings() {
        return RandomRings.rings();
    }

    @Test
    void aRectangleIsTheSameMirroredAndUpsideDown() {
        Ring strap = Ring.rectangle(20, -7, 80, 380);
        Ring stencil = CongruentOutline.placed(strap);
        assertThat(stencil).isEqualTo(Ring.rectangle(0, 0, 80, 380));
        assertThat(CongruentOutline.placed(new Placement(0, 0, 180, true).toPanel(strap)))
                .isEqualTo(stencil);
        assertThat(CongruentOutline.placed(new Placement(0, 0, 90, false).toPanel(strap)))
                .isNotEqualTo(stencil);
    }

    @Test
    void anEllIsNotTheSameMirrored() {
        Ring ell = Ring.of(0, 0, 60, 0, 60, 20, 20, 20, 20, 50, 0, 50);
        assertThat(CongruentOutline.placed(new Placement(0, 0, 0, true).toPanel(ell)))
                .isNotEqualTo(CongruentOutline.placed(ell));
        assertThat(CongruentOutline.placed(new Placement(0, 0, 180, false).toPanel(ell)))
                .isNotEqualTo(CongruentOutline.placed(ell));
    }

    @Property(tries = 60)
    void whereItStandsAndWhereTheCountBeginsDoNotMatter(
            @ForAll("rings") Ring ring, @ForAll @IntRange(min = -4000, max = 4000) int quarters, @ForAll boolean back) {
        Ring even = ring.map(p -> new Point(Math.rint(p.x() * 4) / 4, Math.rint(p.y() * 4) / 4));
        List<Point> points =
                new ArrayList<>(even.moved(quarters / 4.0, -quarters / 2.0).points());
        java.util.Collections.rotate(points, quarters);
        if (back) {
            java.util.Collections.reverse(points);
        }
        assertThat(CongruentOutline.placed(new Ring(points))).isEqualTo(CongruentOutline.placed(even));
        assertThat(CongruentOutline.placed(even).box().minX()).isZero();
        assertThat(CongruentOutline.placed(even).box().minY()).isZero();
    }
}
