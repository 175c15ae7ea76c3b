package org.handdown.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;

class NoFitPolygonTest {
    private static final Ring SQUARE = Ring.rectangle(0, 0, 10, 10);

    @Test
    void twoSquaresMeetInASquareOfTwiceTheSide() {
        // Worked by hand: [0,10]² ⊕ −[0,10]² = [−10,10]².
        Region meeting = NoFitPolygon.of(SQUARE, SQUARE);
        assertThat(meeting.areaMm2()).isCloseTo(400, within(1e-6));
        assertThat(meeting.box()).isEqualTo(new Box(-10, -10, 10, 10));
    }

    @Test
    void aSquareSlidesInALargerOne() {
        Region inside = NoFitPolygon.within(Ring.rectangle(0, 0, 30, 20), SQUARE);
        assertThat(inside.box()).isEqualTo(new Box(0, 0, 20, 10));
        assertThat(inside.areaMm2()).isCloseTo(200, within(1e-6));
    }

    @Test
    void aShapeLargerThanItsContainerFitsNowhere() {
        assertThat(NoFitPolygon.within(SQUARE, Ring.rectangle(-50, -50, 200, 200))
                        .isEmpty())
                .isTrue();
    }

    @Test
    void aSquareFitsIntoTheMouthOfAHookAndIntoItsHollow() {
        // A C of outer side 40, walls 10, mouth 12 high: the 10 mm square fits through and inside.
        Ring hook = Ring.of(0, 0, 40, 0, 40, 14, 30, 14, 30, 10, 10, 10, 10, 30, 30, 30, 30, 26, 40, 26, 40, 40, 0, 40);
        Region meeting = NoFitPolygon.of(hook, SQUARE);
        assertThat(meeting.covers(new Point(31, 15))).isFalse();
        assertThat(meeting.covers(new Point(15, 15))).isFalse();
        assertThat(meeting.covers(new Point(31, 17))).isTrue();
    }

    @Test
    void aLineSlidesWithinABand() {
        Region along = NoFitPolygon.lineWithin(
                Ring.rectangle(0, -1, 100, 2), List.of(new Point(0, 0), new Point(30, 0), new Point(60, 0.5)));
        assertThat(along.box().minX()).isCloseTo(0, within(1e-4));
        assertThat(along.box().maxX()).isCloseTo(40, within(1e-4));
        assertThat(along.box().maxY()).isCloseTo(0.5, within(1e-4));
    }
}
