package org.handdown.fit.room;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.handdown.geometry.Point;
import org.handdown.geometry.Region;
import org.handdown.geometry.Ring;
import org.junit.jupiter.api.Test;

class ThinnedTest {
    private static final Ring FINE = Ring.regular(new Point(0, 0), 300, 2000);

    @Test
    void ordinaryOutlinesStayAsTheyAre() {
        Ring ordinary = Ring.regular(new Point(0, 0), 300, 200);
        assertThat(Thinned.covering(ordinary)).isSameAs(ordinary);
        assertThat(Thinned.inside(ordinary).areaMm2()).isCloseTo(ordinary.areaMm2(), within(1e-6));
    }

    /** What fits round the thin outline fits round the true one: it covers it, by little. */
    @Test
    void aPieceIsCoveredByItsThinOutline() {
        Ring thin = Thinned.covering(FINE);
        assertThat(thin.size()).isLessThan(300);
        assertThat(Region.of(thin).covers(Region.of(FINE))).isTrue();
        assertThat(thin.areaMm2()).isLessThan(FINE.areaMm2() * 1.002);
    }

    @Test
    void clothIsThinnedInwards() {
        Region thin = Thinned.inside(FINE);
        assertThat(thin.ringsWithoutHoles().get(0).size()).isLessThan(300);
        assertThat(Region.of(FINE).grown(0.03).covers(thin)).isTrue();
        assertThat(thin.areaMm2()).isGreaterThan(FINE.areaMm2() * 0.998);
    }
}
