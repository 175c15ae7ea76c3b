package org.handdown.lay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.handdown.fit.Fit.at;
import static org.handdown.fit.Fit.fill;
import static org.handdown.fit.Fit.panel;
import static org.handdown.fit.Fit.piece;

import java.util.List;
import org.handdown.fit.EdgeKind;
import org.handdown.fit.Fit;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitProblem;
import org.handdown.fit.FlawZone;
import org.handdown.fit.Placed;
import org.handdown.fit.remnant.LayMeasures;
import org.handdown.fit.remnant.Remnants;
import org.handdown.geometry.Ring;
import org.junit.jupiter.api.Test;

class LeftoverTest {
    /** A square of 100 mm at the left end of a strip of 400 × 100 mm with an old hem below and a stain at the right end. */
    private static List<Leftover> leftovers() {
        FlawZone stain = new FlawZone(FlawZone.Kind.AVOID, Ring.rectangle(380, 80, 20, 20), "stain");
        FlawZone gone = new FlawZone(FlawZone.Kind.HIDE, Ring.rectangle(20, 20, 10, 10), "fade");
        FitPanel strip =
                Fit.with(Fit.hemmed(panel("p", Ring.rectangle(0, 0, 400, 100)), 0, 1), List.of(), List.of(stain, gone));
        FitProblem problem = fill(List.of(strip), piece("a", Fit.SQUARE_100, 1));
        List<Placed> placed = List.of(at("a", 0, 0, 0));
        FitLayout layout = new FitLayout(
                placed, List.of(), LayMeasures.of(problem, placed, 0, 1), new Remnants(problem).of(placed));
        return Leftover.of(problem, layout);
    }

    @Test
    void itKeepsItsHemAndTellsItsFlaws() {
        assertThat(leftovers()).singleElement().satisfies(left -> {
            assertThat(left.edges()).singleElement().satisfies(e -> {
                assertThat(e.kind()).isEqualTo(EdgeKind.HEM);
                assertThat(e.lengthMm()).isCloseTo(300, within(1.0));
            });
            assertThat(left.zones()).extracting(FlawZone::what).doesNotContain("fade");
            assertThat(left.cloth()).isEqualTo("cord");
        });
    }

    @Test
    void stripsAreCountedInTheRectangleAndOnTheBias() {
        Leftover left = leftovers().get(0);
        // The grain runs upwards: the rectangle of 280 × 100 mm beside the stain, or 300 × 80 mm below it, whichever is
        // larger.
        assertThat(left.straightMm(40)).isCloseTo(7 * 100 - 6 * 40, within(2.0));
        assertThat(left.straightMm(400)).isZero();
        // Area over width would be 24 000 / 40 and more; ends that are cut off and joins leave less.
        assertThat(left.biasMm(40)).isBetween(150.0, 29_600 / 40.0);
        assertThat(left.biasMm(40)).isLessThan(left.outline().areaMm2() / 40);
    }
}
