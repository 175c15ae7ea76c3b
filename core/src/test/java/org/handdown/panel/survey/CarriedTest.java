package org.handdown.panel.survey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.handdown.Demo;
import org.handdown.assembly.Layer;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.measure.Wording;
import org.handdown.panel.Flaw;
import org.handdown.panel.LikelyFlaws;
import org.handdown.panel.Panel;
import org.handdown.panel.Usable;
import org.handdown.source.anatomy.SourceKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class CarriedTest {
    private static Panel panel(Carried carried) {
        return new TapedSurvey(
                        "sheet", "sheet", Layer.SHELL, new FourSides(300, 400, 300, 400, 500, 500), Map.of(), carried)
                .panel(Demo.CORD);
    }

    private static Carried stripes(boolean across, String edge, double first, boolean wrongSideUp) {
        return new Carried(
                List.of(),
                null,
                false,
                null,
                wrongSideUp,
                1,
                List.of(new ClothRepeat("stripe", across, 24, edge, first, true)),
                List.of(),
                List.of());
    }

    @ParameterizedTest
    @CsvSource({"0,100,90", "100,100,45", "100,0,0", "-100,0,0", "-100,100,135", "0,-100,90"})
    void grainByTwoPointsRunsUp(double x, double y, double deg) {
        Panel panel = panel(Carried.NOTHING.withGrain(new Grain.TwoPoints(new Point(5, 5), new Point(5 + x, 5 + y))));
        assertThat(Math.floorMod(Math.round(panel.grainDeg()), 180L)).isEqualTo(Math.floorMod(Math.round(deg), 180L));
    }

    @Test
    void grainRunsAlongAnEdge() {
        assertThat(panel(Carried.NOTHING.withGrain(new Grain.AlongEdge("lower")))
                        .grainDeg())
                .isCloseTo(0, within(1e-9));
        assertThat(panel(Carried.NOTHING.withGrain(new Grain.AlongEdge("left"))).grainDeg())
                .isCloseTo(90, within(1e-9));
        assertThatThrownBy(() -> panel(Carried.NOTHING.withGrain(new Grain.AlongEdge("moon"))))
                .hasMessageContaining("no edge called");
        assertThatThrownBy(() -> new Grain.TwoPoints(new Point(0, 0), new Point(10, 10)))
                .hasMessageContaining(Wording.of("30 mm"));
    }

    @Test
    void pileThatRunsDownTurnsTheDirection() {
        Panel down = panel(new Carried(List.of(), null, true, null, false, 1, List.of(), List.of(), List.of()));
        assertThat(down.grainDeg()).isCloseTo(-90, within(1e-9));
    }

    /** First line 10 mm in from either side of a sheet 300 mm wide, a line every 24 mm: at 10, or at 290 = 12·24 + 2. */
    @ParameterizedTest
    @CsvSource({"true,left,10,10", "true,right,10,2", "true,'',7,7", "false,lower,5,5", "false,upper,5,11"})
    void theFirstStripeIsMeasuredIntoTheCloth(boolean across, String edge, double first, double phase) {
        Panel.Stripes stripes =
                panel(stripes(across, edge, first, false)).stripes().get(0);
        assertThat(stripes.phaseMm()).isCloseTo(phase, within(1e-6));
        assertThat(Math.floorMod(Math.round(stripes.directionDeg()), 180L)).isEqualTo(across ? 0 : 90);
    }

    /** Wrong side up, the stripe 10 mm from what looked like the left edge lies 10 mm from the right one: x = −10. */
    @Test
    void turnedOverStripesStayOnTheirCloth() {
        Panel panel = panel(stripes(true, "left", 10, true));
        Panel.Stripes s = panel.stripes().get(0);
        double at = new Point(-10, 100).dot(Point.unit(s.directionDeg()));
        double off = Math.abs((at - s.phaseMm()) / s.periodMm() - Math.rint((at - s.phaseMm()) / s.periodMm()));
        assertThat(off).isLessThan(1e-9);
        assertThat(panel.outline().ring().box().maxX()).isCloseTo(0, within(1e-9));
    }

    @Test
    void pressingScalesAndTheEarlierSizeIsKept() {
        Flaw stain = new Flaw(Flaw.Treatment.HIDE, "stain", new Point(100, 200), 40, 40);
        Carried before = Carried.of(List.of(stain));
        Carried washed = before.withPressed(new Pressing("washed", Pressing.Direction.ALONG, 400, 388));
        Panel panel = panel(washed);
        assertThat(panel.outline().ring().box().heightMm()).isCloseTo(388, within(1e-6));
        assertThat(panel.outline().ring().box().widthMm()).isCloseTo(300, within(1e-6));
        assertThat(panel.flaws().get(0).centre().y()).isCloseTo(200 * 0.97, within(1e-6));
        Panel both = panel(washed.withPressed(new Pressing("pressed", Pressing.Direction.BOTH, 300, 297)));
        assertThat(both.outline().ring().areaMm2()).isCloseTo(297 * 388 * 0.99, within(1e-3));
        assertThat(panel(washed.withPressings(List.of()))).isEqualTo(panel(before));
        assertThatThrownBy(() -> new Pressing("washed", Pressing.Direction.BOTH, 400, 40))
                .hasMessageContaining("more than a quarter");
    }

    @Test
    void pressedStripesComeCloser() {
        Carried washed = stripes(false, "lower", 5, false)
                .withPressed(new Pressing("washed", Pressing.Direction.ALONG, 400, 360));
        Panel.Stripes s = panel(washed).stripes().get(0);
        assertThat(s.periodMm()).isCloseTo(21.6, within(1e-9));
        assertThat(s.phaseMm()).isCloseTo(4.5, within(1e-9));
    }

    @Test
    void whatWasToldFromAnEdgeThatIsGoneLosesItsPlaceOnly() {
        Carried told = stripes(true, "left", 10, false).withGrain(new Grain.AlongEdge("left"));
        Outline round = new ShapeByMeasures(ReadyShape.CIRCLE_PART, Map.of("side", 300.0, "waist", 300.0, "hem", 900.0))
                .outline();
        Carried moved = told.on(round);
        assertThat(moved.grain()).isNull();
        assertThat(moved.repeats()).singleElement().satisfies(r -> {
            assertThat(r.periodMm()).isEqualTo(24);
            assertThat(r.isPlaceless()).isTrue();
        });
        Outline same = new FourSides(310, 400, 310, 400, Math.hypot(310, 400), 0).outline();
        assertThat(told.on(same)).isEqualTo(told);
    }

    @Test
    void alikeOnBothSidesAndLayersAreThePanelsOwn() {
        Panel panel = panel(new Carried(List.of(), null, false, true, false, 2, List.of(), List.of(), List.of()));
        assertThat(panel.cloth().reversible()).isTrue();
        assertThat(panel.cloth().thicknessMm()).isCloseTo(2 * Demo.CORD.thicknessMm(), within(1e-9));
        assertThat(panel.cloth().name()).isEqualTo(Demo.CORD.name());
    }

    @Test
    void zonesTakeEveryForm() {
        Flaw strip = new Flaw(
                Flaw.Treatment.AVOID,
                Flaw.Kind.CREASE,
                "crease",
                new Flaw.Strip(new Point(0, 100), new Point(300, 100), 10));
        Flaw around = new Flaw(
                Flaw.Treatment.AVOID, Flaw.Kind.HOLE, "hole", new Flaw.Around(Ring.rectangle(50, 200, 60, 40)));
        assertThat(strip.outline().areaMm2()).isCloseTo(3000, within(1e-6));
        assertThat(around.outline().areaMm2()).isCloseTo(2400, within(1e-6));
        assertThat(Usable.of(panel(Carried.of(List.of(strip, around))), 40).areaMm2())
                .isCloseTo(300 * 400 - 3000 - 2400, within(0.5));
        assertThatThrownBy(() -> new Flaw.Around(Ring.of(0, 0, 10, 10, 10, 0, 0, 10)))
                .hasMessageContaining("cross itself");
        assertThatThrownBy(() -> new Flaw.Strip(new Point(0, 0), new Point(1, 0), 10))
                .hasMessageContaining(Wording.of("2 mm long"));
    }

    /** Places to look at lie on the panel and go once they are marked. */
    @ParameterizedTest
    @EnumSource(SourceKind.class)
    void likelyFlawsLieOnTheirPanels(SourceKind kind) {
        Demo.average(kind, Map.of()).anatomy().parts().stream()
                .filter(p -> p.isMain())
                .forEach(p -> {
                    Panel panel = new PartSurvey(
                                    p.id(),
                                    p.name(),
                                    p.layer(),
                                    p.outline(),
                                    new org.handdown.unpick.FreedEdges(Map.of(), Map.of()),
                                    Carried.NOTHING)
                            .panel(Demo.CORD);
                    List<Flaw> likely = LikelyFlaws.of(kind, panel);
                    var cloth = org.handdown.geometry.Region.of(panel.outline().ring());
                    likely.forEach(
                            f -> assertThat(f.touches(cloth)).as(f.what()).isTrue());
                    if (!likely.isEmpty()) {
                        assertThat(LikelyFlaws.of(
                                        kind,
                                        new PartSurvey(
                                                        p.id(),
                                                        p.name(),
                                                        p.layer(),
                                                        p.outline(),
                                                        new org.handdown.unpick.FreedEdges(Map.of(), Map.of()),
                                                        Carried.of(likely))
                                                .panel(Demo.CORD)))
                                .isEmpty();
                    }
                });
    }
}
