package org.handdown.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

/** What is left of areas whose outline went wrong on the way. */
class RegionTest {
    /** A bow tie: two triangles that meet at (5, 5). Areas in the box by hand: 4 of the left one, 4 + 4.5 + 10 of the right one. */
    @Test
    void anOutlineThatCrossesItselfIsMendedWhenItIsOverlaid() {
        Region bow = new Region(JtsShapes.polygon(Ring.of(0, 0, 10, 10, 10, 0, 0, 10)));
        Region box = Region.of(Ring.rectangle(3, 3, 17, 5));
        assertThat(bow.intersection(box).areaMm2()).isCloseTo(22.5, within(1e-3));
        assertThat(bow.minus(box).areaMm2()).isCloseTo(50 - 22.5, within(1e-3));
        assertThat(bow.union(box).areaMm2()).isCloseTo(50 + 85 - 22.5, within(1e-3));
        assertThat(box.minus(bow).areaMm2()).isCloseTo(85 - 22.5, within(1e-3));
    }
}
