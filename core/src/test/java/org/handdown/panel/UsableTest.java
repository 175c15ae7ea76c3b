package org.handdown.panel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.handdown.Demo;
import org.handdown.assembly.Layer;
import org.handdown.geometry.Point;
import org.handdown.geometry.Region;
import org.handdown.geometry.Ring;
import org.handdown.panel.survey.Carried;
import org.handdown.panel.survey.FourSides;
import org.handdown.panel.survey.TapedSurvey;
import org.junit.jupiter.api.Test;

class UsableTest {
    private static Panel sheet(double wide, double high, List<Flaw> flaws) {
        double diagonal = Math.hypot(wide, high);
        return new TapedSurvey(
                        "sheet",
                        "sheet",
                        Layer.SHELL,
                        new FourSides(wide, high, wide, high, diagonal, diagonal),
                        Map.of(),
                        Carried.of(flaws))
                .panel(Demo.CORD);
    }

    /** By hand: a rectangle of 300 by 400. A bias strip of width w from corner to corner of its 300 mm square: 300·√2 − w. */
    @Test
    void aRectangleGivesItsOwnFigures() {
        Usable usable = Usable.of(sheet(300, 400, List.of()), 40);
        assertThat(usable.areaMm2()).isCloseTo(120_000, within(1.0));
        assertThat(usable.acrossMm()).isCloseTo(300, within(0.01));
        assertThat(usable.alongMm()).isCloseTo(400, within(0.01));
        assertThat(usable.rectangle().widthMm()).isCloseTo(300, within(0.5));
        assertThat(usable.stripMm()).isCloseTo(400, within(0.5));
        assertThat(usable.biasMm()).isCloseTo(300 * Math.sqrt(2) - 40, within(6.0));
    }

    @Test
    void aFlawToKeepClearOfShortensWhatRunsThroughIt() {
        Flaw hole = new Flaw(Flaw.Treatment.AVOID, "hole", new Point(150, 200), 200, 60);
        Usable usable = Usable.of(sheet(300, 400, List.of(hole)), 80);
        // Beside the hole 50 mm are left, too narrow for the strip: it ends above or below it.
        assertThat(usable.stripMm()).isLessThan(200);
        Flaw noted = new Flaw(Flaw.Treatment.NOTE, "fade", new Point(150, 200), 200, 60);
        assertThat(Usable.of(sheet(300, 400, List.of(noted)), 80).stripMm()).isCloseTo(400, within(0.5));
    }

    @Test
    void aStripWiderThanThePanelIsNotThere() {
        assertThat(Usable.of(sheet(100, 400, List.of()), 120).stripMm()).isZero();
        assertThat(Usable.longestStrip(Region.EMPTY, 40)).isZero();
    }

    /** Whatever the figures, the strip really lies inside: it is never longer than the box, and never wider cloth gives a longer one. */
    @Property(tries = 60)
    void stripsGetShorterAsTheyGetWider(
            @ForAll @DoubleRange(min = 60, max = 300) double half,
            @ForAll @DoubleRange(min = 10, max = 40) double width) {
        Region diamond = Region.of(new Ring(
                List.of(new Point(0, -half), new Point(2 * half, 0), new Point(0, half), new Point(-2 * half, 0))));
        double narrow = Usable.longestStrip(diamond, width);
        double wide = Usable.longestStrip(diamond, width + 10);
        assertThat(wide).isLessThanOrEqualTo(narrow + 1e-6);
        // The widest level strip of a diamond lies about its middle: 4·half − 2·width long.
        assertThat(narrow).isCloseTo(4 * half - 2 * width, within(0.06 * half));
    }
}
