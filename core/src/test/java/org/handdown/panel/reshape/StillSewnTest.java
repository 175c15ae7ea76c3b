package org.handdown.panel.reshape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.handdown.Demo;
import org.handdown.assembly.Layer;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.measure.Wording;
import org.handdown.panel.Flaw;
import org.handdown.panel.Panel;
import org.handdown.panel.survey.Carried;
import org.handdown.panel.survey.PartSurvey;
import org.handdown.panel.survey.TapedSurvey;
import org.handdown.unpick.FreedEdges;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

@Tag("long")
@net.jqwik.api.Tag("long")
class StillSewnTest {
    private static Panel panel(String id, Outline outline) {
        return new PartSurvey(id, id, Layer.SHELL, outline, new FreedEdges(Map.of(), Map.of()), Carried.NOTHING)
                .panel(Demo.CORD);
    }

    /** A sheet 300 × 800 mm whose right edge bows out by so much in the middle (a cubic whose handles lie 4/3 as far). */
    private static Outline sheet(double bowMm, boolean bowedLeft) {
        double out = 4.0 / 3 * bowMm;
        Point lowerLeft = new Point(0, 0);
        Point lowerRight = new Point(300, 0);
        Point upperRight = new Point(300, 800);
        Point upperLeft = new Point(0, 800);
        return new Outline(List.of(
                Edge.line("lower", lowerLeft, lowerRight),
                bowedLeft
                        ? Edge.line("right", lowerRight, upperRight)
                        : Edge.curve(
                                "right", lowerRight, new Point(300 + out, 267), new Point(300 + out, 533), upperRight),
                Edge.line("upper", upperRight, upperLeft),
                bowedLeft
                        ? Edge.curve("left", upperLeft, new Point(-out, 533), new Point(-out, 267), lowerLeft)
                        : Edge.line("left", upperLeft, lowerLeft)));
    }

    private static List<Flaw> shaped(TapedSurvey one) {
        return one.flaws().stream()
                .filter(f -> f.treatment() == Flaw.Treatment.AVOID)
                .toList();
    }

    @Test
    void whatIsKnittedInOneHasNoSeamToBeToldOf() {
        TapedSurvey one = StillSewn.asOne(
                panel("front", sheet(0, false)), "right", panel("back", sheet(0, true)), "left", Layer.SHELL, true);
        assertThat(one.flaws()).singleElement().satisfies(f -> {
            assertThat(f.kind()).isEqualTo(Flaw.Kind.CREASE);
            assertThat(f.treatment()).isEqualTo(Flaw.Treatment.NOTE);
        });
    }

    @Test
    void alongAStraightSeamAllTheClothIsThere() {
        TapedSurvey one = StillSewn.asOne(
                panel("front", sheet(0, false)), "right", panel("back", sheet(0, true)), "left", Layer.SHELL);
        assertThat(one.id()).isEqualTo("front");
        assertThat(one.panel(Demo.CORD).outline().ring().areaMm2()).isCloseTo(2 * 300 * 800, within(1.0));
        assertThat(shaped(one)).isEmpty();
        assertThat(one.flaws()).hasSize(1).allMatch(f -> f.kind() == Flaw.Kind.SEAM);
        assertThat(one.stitchLine().edges()).extracting(Edge::name).contains("lower", "left", "back-right");
    }

    /** Hollow or bulging, every point where the sides of the seam are more than 3 mm apart lies in what is left out. */
    @Property(tries = 60)
    void whereTheSeamIsShapedNothingIsCut(
            @ForAll @DoubleRange(min = -25, max = 25) double bowOfOne,
            @ForAll @DoubleRange(min = -25, max = 25) double bowOfOther) {
        TapedSurvey one = StillSewn.asOne(
                panel("front", sheet(bowOfOne, false)),
                "right",
                panel("back", sheet(bowOfOther, true)),
                "left",
                Layer.SHELL);
        double apart = Math.abs(bowOfOne + bowOfOther);
        List<Flaw> left = shaped(one);
        // Two curves that lie on each other for 3 mm either way are flat all along up to twice that. They are held at
        // one of 60 places:
        // where a bow of 6 mm starts it rises 4 × 6/800 of its way, over a sixtieth of 800 mm by 0.4 mm.
        if (Math.abs(apart - 6) > 0.4) {
            assertThat(left.isEmpty()).isEqualTo(apart < 6);
        }
        assertThat(one.stitchLine().edges()).extracting(Edge::name).doesNotContain("right", "back-left");
        double whole = one.panel(Demo.CORD).outline().ring().areaMm2();
        // Two sheets, their bows (two thirds of height times length), and what lies between the two seams.
        double most = (2.0 / 3 * (Math.abs(bowOfOne) + Math.abs(bowOfOther)) + apart) * 800 + 1000;
        assertThat(whole).isBetween(2 * 300 * 800 - most, 2 * 300 * 800 + most);
    }

    @Test
    void aLegOpenedAtItsInseamAloneIsOnePanel() {
        Panel front = panel("front-left", Demo.ANATOMY.part("front-left").outline());
        Panel back = panel("back-left", Demo.ANATOMY.part("back-left").outline());
        TapedSurvey leg = StillSewn.asOne(front, "side", back, "side", Layer.SHELL);
        double both = front.outline().ring().areaMm2() + back.outline().ring().areaMm2();
        assertThat(leg.panel(Demo.CORD).outline().ring().areaMm2()).isBetween(0.95 * both, both);
        // Over the hip both sides bulge: that part of the seam is left out, the straight part below the knee is only
        // told of.
        assertThat(shaped(leg))
                .isNotEmpty()
                .allMatch(f -> f.extent().outline().box().maxY() > 500);
        assertThat(leg.flaws()).anyMatch(f -> f.treatment() == Flaw.Treatment.NOTE);
        assertThat(leg.stitchLine().edges()).extracting(Edge::name).contains("inseam", "back-left-inseam");
        // Twice as wide at the hem as either, and the hems run on into each other.
        assertThat(leg.stitchLine().ring().widthAtMm(100))
                .isCloseTo(
                        front.stitchLine().ring().widthAtMm(100)
                                + back.stitchLine().ring().widthAtMm(100),
                        within(6.0));
    }

    @Test
    void aSeamThatWasEasedInIsRefused() {
        assertThatThrownBy(() -> StillSewn.asOne(
                        panel("front", sheet(0, false)), "right", panel("back", sheet(0, true)), "lower", Layer.SHELL))
                .hasMessageContaining(Wording.of("500 mm longer"));
        assertThatThrownBy(() -> StillSewn.asOne(
                        panel("front", sheet(0, false)), "moon", panel("back", sheet(0, true)), "left", Layer.SHELL))
                .hasMessageContaining("no edge called “moon”");
    }
}
