package org.handdown.lay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.handdown.fit.Fit.at;
import static org.handdown.fit.Fit.fill;
import static org.handdown.fit.Fit.panel;
import static org.handdown.fit.Fit.piece;

import java.util.List;
import org.handdown.cloth.Cloth;
import org.handdown.cloth.ClothSheet;
import org.handdown.cloth.HeatLimit;
import org.handdown.cloth.Weave;
import org.handdown.fit.EdgeKind;
import org.handdown.fit.Fit;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitProblem;
import org.handdown.fit.FlawZone;
import org.handdown.fit.Placed;
import org.handdown.fit.remnant.LayMeasures;
import org.handdown.fit.remnant.Remnants;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.panel.Flaw;
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
        return Leftover.of(problem, layout, MARKED);
    }

    /** On the strip: a pieced seam at the right, a stain and a pocket that are minded, a crease where the square is cut. */
    private static final List<Marked> MARKED = List.of(new Marked(
            "p",
            new Cloth(
                    "cord",
                    "cotton",
                    Weave.CORDUROY,
                    "#335577",
                    false,
                    false,
                    0.8,
                    HeatLimit.TWO_DOTS,
                    ClothSheet.UNTESTED),
            List.of(
                    flaw(Flaw.Treatment.NOTE, Flaw.Kind.SEAM, 300),
                    flaw(Flaw.Treatment.AVOID, Flaw.Kind.STAIN, 390),
                    flaw(Flaw.Treatment.HIDE, Flaw.Kind.POCKET, 200),
                    flaw(Flaw.Treatment.HIDE, Flaw.Kind.FADE, 250),
                    flaw(Flaw.Treatment.NOTE, Flaw.Kind.CREASE, 50))));

    private static Flaw flaw(Flaw.Treatment treatment, Flaw.Kind kind, double x) {
        return new Flaw(treatment, kind, "", new Flaw.Oval(new Point(x, 50), 8, 8));
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

    /** What a lay minds is in its zones already; what it does not would be lost: three layers of a seam, two under a pocket. */
    @Test
    void whatALayDoesNotMindIsStillNoted() {
        assertThat(leftovers().get(0).noted())
                .extracting(Flaw::named)
                .containsExactlyInAnyOrder("seam, 3 layers", "pocket, 2 layers");
        assertThat(leftovers().get(0).named()).containsExactly("seam, 3 layers", "pocket, 2 layers");
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
