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
import org.handdown.fit.EdgeKind;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.measure.Wording;
import org.handdown.panel.Flaw;
import org.handdown.panel.Panel;
import org.handdown.panel.Usable;
import org.handdown.panel.survey.Carried;
import org.handdown.panel.survey.DrawnOutline;
import org.handdown.panel.survey.FourSides;
import org.handdown.panel.survey.Grain;
import org.handdown.panel.survey.ReadyShape;
import org.handdown.panel.survey.ShapeByMeasures;
import org.handdown.panel.survey.Survey;
import org.handdown.panel.survey.TapedSurvey;
import org.handdown.source.graph.EdgeFinish;
import org.junit.jupiter.api.Test;

class ReshapingTest {
    private static TapedSurvey sheet(String id, double wide, double high, Carried carried) {
        return new TapedSurvey(
                id,
                id,
                Layer.SHELL,
                new FourSides(wide, high, wide, high, Math.hypot(wide, high), 0),
                Map.of("lower", new EdgeFinish(EdgeKind.HEM, 30)),
                carried);
    }

    private static Panel panel(Survey survey) {
        return survey.panel(Demo.CORD);
    }

    private static double area(Survey survey) {
        return panel(survey).outline().ring().areaMm2();
    }

    private static List<String> edges(Survey survey) {
        return survey.stitchLine().edges().stream().map(Edge::name).toList();
    }

    @Test
    void aCutLeavesTwoPanelsWithTheirEdges() {
        List<TapedSurvey> parts = Reshaping.split(
                panel(sheet("sheet", 600, 400, Carried.NOTHING)), Layer.SHELL, new Point(250, 0), new Point(250, 50));
        assertThat(parts).extracting(TapedSurvey::id).containsExactly("sheet", "sheet-2");
        assertThat(area(parts.get(0))).isCloseTo(350 * 400, within(0.01));
        assertThat(area(parts.get(1))).isCloseTo(250 * 400, within(0.01));
        assertThat(edges(parts.get(0))).containsExactlyInAnyOrder("lower", "right", "upper", "cut");
        assertThat(edges(parts.get(1))).containsExactlyInAnyOrder("lower", "cut", "upper", "left");
        assertThat(parts.get(1).finishes()).containsKey("lower");
    }

    /** No cloth is made or lost by cutting, wherever the line runs; a curved edge stays within the flattening. */
    @Property(tries = 60)
    void cuttingKeepsTheArea(
            @ForAll @DoubleRange(min = -200, max = 200) double x,
            @ForAll @DoubleRange(min = 50, max = 650) double y,
            @ForAll @DoubleRange(min = 0, max = 180) double deg) {
        Panel tee = panel(new TapedSurvey(
                "tee",
                "tee",
                Layer.SHELL,
                new ShapeByMeasures(
                        ReadyShape.TEE_BODY,
                        Map.of(
                                "hem",
                                520.0,
                                "side",
                                440.0,
                                "width",
                                520.0,
                                "centreLength",
                                620.0,
                                "fullLength",
                                700.0,
                                "neckWidth",
                                180.0,
                                "shoulder",
                                130.0,
                                "across",
                                420.0)),
                Map.of(),
                Carried.NOTHING));
        Point from = new Point(x, y);
        List<TapedSurvey> parts;
        try {
            parts = Reshaping.split(
                    tee, Layer.SHELL, from, from.plus(Point.unit(deg).times(100)));
        } catch (org.handdown.measure.RefusedValueException e) {
            // A line through the corner of the cloth may miss it.
            return;
        }
        assertThat(parts.size()).isGreaterThanOrEqualTo(2);
        double sum = parts.stream().mapToDouble(ReshapingTest::area).sum();
        assertThat(sum).isCloseTo(tee.outline().ring().areaMm2(), within(450.0));
        parts.forEach(p -> assertThat(p.stitchLine().ring().isSimple()).isTrue());
    }

    @Test
    void aCutThatMissesIsRefused() {
        Panel sheet = panel(sheet("sheet", 600, 400, Carried.NOTHING));
        assertThatThrownBy(() -> Reshaping.split(sheet, Layer.SHELL, new Point(700, 0), new Point(700, 100)))
                .hasMessageContaining("does not cut");
        assertThatThrownBy(() -> Reshaping.split(sheet, Layer.SHELL, new Point(7, 0), new Point(7, 1)))
                .hasMessageContaining(Wording.of("5 mm apart"));
    }

    @Test
    void eachPartKeepsTheFlawsThatLieInIt() {
        Flaw stain = new Flaw(Flaw.Treatment.HIDE, "stain", new Point(100, 100), 40, 40);
        Flaw crease = new Flaw(
                Flaw.Treatment.NOTE,
                Flaw.Kind.CREASE,
                "crease",
                new Flaw.Strip(new Point(0, 300), new Point(600, 300), 6));
        Panel sheet = panel(sheet("sheet", 600, 400, Carried.of(List.of(stain, crease))));
        List<TapedSurvey> parts = Reshaping.split(sheet, Layer.SHELL, new Point(250, 0), new Point(250, 50));
        assertThat(parts.get(0).flaws()).containsExactly(crease);
        assertThat(parts.get(1).flaws()).containsExactly(stain, crease);
    }

    @Test
    void aCutOutAtTheEdgeChangesTheOutlineOneInsideIsAHole() {
        Panel sheet = panel(sheet("sheet", 600, 400, Carried.NOTHING));
        TapedSurvey notched = Reshaping.without(sheet, Layer.SHELL, Ring.rectangle(500, 300, 200, 200));
        assertThat(area(notched)).isCloseTo(600 * 400 - 100 * 100, within(0.01));
        assertThat(edges(notched)).contains("cut", "upper", "right");
        TapedSurvey holed = Reshaping.without(sheet, Layer.SHELL, Ring.rectangle(200, 100, 100, 50));
        assertThat(area(holed)).isCloseTo(600 * 400, within(0.01));
        assertThat(Usable.of(panel(holed), 40).areaMm2()).isCloseTo(600 * 400 - 5000, within(0.5));
        assertThatThrownBy(() -> Reshaping.without(sheet, Layer.SHELL, Ring.rectangle(900, 900, 10, 10)))
                .hasMessageContaining("off the panel");
        assertThatThrownBy(() -> Reshaping.without(sheet, Layer.SHELL, Ring.rectangle(-10, 100, 900, 50)))
                .hasMessageContaining("2 separate parts");
    }

    /** Worked by hand: 300 and 200 wide, either loses 10 to the seam, so 480 wide in all; the cloth of both lies within. */
    @Test
    void twoPanelsPiecedAlongAnEdge() {
        Panel one = panel(sheet("one", 300, 400, Carried.NOTHING));
        Panel other = panel(sheet("other", 200, 400, Carried.NOTHING));
        TapedSurvey joined = Joining.joined(one, "right", other, "left", Layer.SHELL, 10);
        assertThat(area(joined)).isCloseTo(480 * 400, within(0.1));
        assertThat(panel(joined).outline().ring().box().widthMm()).isCloseTo(480, within(0.01));
        assertThat(joined.flaws()).singleElement().satisfies(f -> {
            assertThat(f.kind()).isEqualTo(Flaw.Kind.SEAM);
            // The stitch line lies where the first panel's edge was, less its allowance.
            assertThat(f.centre().x()).isCloseTo(290, within(0.01));
            assertThat(f.centre().y()).isCloseTo(200, within(0.01));
        });
        assertThat(edges(joined)).contains("lower", "left", "other-right");
        assertThat(joined.method())
                .isInstanceOfSatisfying(
                        DrawnOutline.class,
                        d -> assertThat(d.from()).doesNotContain("longer").doesNotContain("turns"));
    }

    @Test
    void whatIsUnlikeAtAPiecingIsTold() {
        Panel one = panel(sheet("one", 300, 400, Carried.NOTHING));
        Panel other = panel(sheet("other", 200, 350, Carried.NOTHING));
        String told = ((DrawnOutline) Joining.joined(one, "right", other, "lower", Layer.SHELL, 10)
                        .method())
                .from();
        assertThat(told).contains(Wording.of("one edge is 200 mm longer")).contains("grain turns at the seam by 90°");
        Panel round = panel(new TapedSurvey(
                "round",
                "round",
                Layer.SHELL,
                new ShapeByMeasures(ReadyShape.CIRCLE_PART, Map.of("side", 300.0, "waist", 300.0, "hem", 900.0)),
                Map.of(),
                Carried.NOTHING));
        assertThatThrownBy(() -> Joining.joined(one, "right", round, "hem", Layer.SHELL, 10))
                .hasMessageContaining("bows by");
        assertThatThrownBy(() -> Joining.joined(one, "moon", other, "left", Layer.SHELL, 10))
                .hasMessageContaining("no edge called");
    }

    @Test
    void theOtherOneOfAPairIsTurnedOver() {
        Flaw stain = new Flaw(Flaw.Treatment.HIDE, "stain", new Point(100, 100), 40, 40);
        Carried slanting =
                Carried.of(List.of(stain)).withGrain(new Grain.TwoPoints(new Point(0, 0), new Point(100, 100)));
        Panel sheet = panel(sheet("sheet", 600, 400, slanting));
        Panel pair = panel(Reshaping.copied(sheet, Layer.SHELL, "pair", "pair", true));
        assertThat(pair.outline().ring().areaMm2()).isCloseTo(600 * 400, within(0.01));
        assertThat(pair.flaws()).isEmpty();
        assertThat(sheet.grainDeg()).isCloseTo(45, within(1e-9));
        assertThat(pair.grainDeg()).isCloseTo(135, within(1e-9));
        assertThat(pair.kind("lower")).isEqualTo(EdgeKind.HEM);
        Panel like = panel(Reshaping.copied(sheet, Layer.SHELL, "like", "like", false));
        assertThat(like.outline().ring()).isEqualTo(sheet.outline().ring());
        assertThat(like.grainDeg()).isCloseTo(45, within(1e-9));
        assertThat(like.flaws()).isEmpty();
    }
}
