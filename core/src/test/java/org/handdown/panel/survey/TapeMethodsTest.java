package org.handdown.panel.survey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.measure.Wording;
import org.handdown.panel.Panel;
import org.handdown.panel.survey.TwoPins.Sighting;
import org.handdown.panel.survey.TwoPins.Where;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

@Tag("long")
@net.jqwik.api.Tag("long")
class TapeMethodsTest {
    private static Baseline.Offset corner(double along, double right, String edge) {
        return new Baseline.Offset(along, right, true, edge);
    }

    private static Baseline.Offset curve(double along, double right) {
        return new Baseline.Offset(along, right, false, "");
    }

    private static double areaMm2(Outline outline) {
        return outline.ring().areaMm2();
    }

    // Baseline and offsets

    /** Shoelace by hand: a trapezoid of 400 and 300 wide, 500 high. */
    @Test
    void aBaselineGivesTheOutlineItsOffsetsSay() {
        Baseline line = new Baseline(List.of(
                corner(0, -200, "hem"), corner(0, 200, "right"), corner(500, 150, "upper"), corner(500, -150, "left")));
        assertThat(areaMm2(line.outline())).isCloseTo((400 + 300) / 2.0 * 500, within(1e-6));
        assertThat(line.outline().edge("hem").lengthMm()).isCloseTo(400, within(1e-9));
    }

    /** Walked the other way round the same cloth comes out, its edges keeping their names. */
    @Test
    void eitherWayRoundIsUnderstood() {
        Baseline clockwise = new Baseline(List.of(
                corner(0, -200, "left"), corner(500, -150, "upper"), corner(500, 150, "right"), corner(0, 200, "hem")));
        assertThat(clockwise.outline().ring().signedAreaMm2()).isPositive();
        assertThat(clockwise.outline().edge("hem").lengthMm()).isCloseTo(400, within(1e-9));
        assertThat(clockwise.outline().edge("upper").lengthMm()).isCloseTo(300, within(1e-9));
    }

    /** Nobody has to name an edge: then each corner begins one, and none runs from a point to itself. */
    @Test
    void withoutNamesEveryCornerBeginsAnEdge() {
        Baseline plain = new Baseline(List.of(corner(0, -100, ""), corner(0, 120, ""), corner(300, 90, "")));
        assertThat(plain.outline().edges()).extracting(e -> e.name()).containsExactly("edge-1", "edge-2", "edge-3");
        Baseline one = new Baseline(List.of(corner(0, -100, "hem"), corner(0, 120, ""), corner(300, 90, "")));
        assertThat(one.outline().edges()).hasSize(3);
        assertThat(one.outline().edge("hem").lengthMm()).isCloseTo(220, within(1e-9));
    }

    /** A curve through measured points never swings past them. */
    @Test
    void curvesDoNotOvershoot() {
        Baseline hem = new Baseline(List.of(
                corner(40, -200, "hem"),
                curve(10, -100),
                curve(0, 0),
                curve(10, 100),
                corner(40, 200, "right"),
                corner(500, 200, "upper"),
                corner(500, -200, "left")));
        assertThat(hem.outline().box().minY()).isBetween(-1e-6, 1e-6);
        assertThat(hem.outline().edges()).hasSize(4);
        assertThat(hem.outline().edge("hem").lengthMm()).isGreaterThan(400);
    }

    @Test
    void crossingOutlinesAndDoubledPointsAreExplained() {
        assertThatThrownBy(() -> new Baseline(
                        List.of(corner(0, 0, ""), corner(0, 300, ""), corner(400, 0, ""), corner(400, 300, ""))))
                .hasMessageContaining("from point 2 to 3 it runs over the way from 4 to 1");
        assertThatThrownBy(() -> new Baseline(
                        List.of(corner(0, 0, ""), corner(0, 0.2, ""), corner(0, 300, ""), corner(400, 300, ""))))
                .hasMessageContaining("Point 1 lies on its neighbour");
        assertThatThrownBy(() -> new Baseline(List.of(corner(0, 0, ""), corner(0, 300, ""))))
                .hasMessageContaining("3 to 200");
        assertThatThrownBy(() -> new Baseline(List.of(corner(0, 0, "a"), corner(0, 300, "a"), corner(400, 0, "b"))))
                .hasMessageContaining("Two edges are called");
        assertThatThrownBy(() -> corner(1e9, 0, "").point()).hasMessageContaining(Wording.of("within 10 m"));
    }

    // Four sides and diagonals

    /** Pythagoras: 300, 400, 500. */
    @Test
    void equalDiagonalsMakeARectangle() {
        FourSides sheet = new FourSides(300, 400, 300, 400, 500, 500);
        assertThat(areaMm2(sheet.outline())).isCloseTo(120_000, within(1e-6));
        assertThat(sheet.findings()).isEmpty();
        assertThat(sheet.fallingByOthersMm()).isCloseTo(500, within(1e-9));
    }

    /** A leaning curtain: sides agree, diagonals do not; by the parallelogram law they are bound together. */
    @Test
    void aLeaningCurtainIsDrawnAsItIs() {
        double rising = 2340;
        double falling = Math.sqrt(2 * (1200 * 1200 + 2000.0 * 2000) - rising * rising);
        FourSides curtain = new FourSides(1200, 2000, 1200, 2000, rising, falling);
        assertThat(curtain.fallingByOthersMm()).isCloseTo(falling, within(1e-6));
        assertThat(curtain.findings()).singleElement().asString().contains("no rectangle");
        assertThat(areaMm2(curtain.outline())).isLessThan(1200 * 2000.0);
    }

    @Test
    void aSlipInOneFigureShowsInTheOtherDiagonal() {
        FourSides slip = new FourSides(300, 400, 300, 430, 500, 500);
        assertThat(slip.findings()).anyMatch(f -> f.contains("one of the six is off"));
        assertThat(slip.toleranceMm()).isGreaterThan(5);
        assertThat(new FourSides(300, 400, 300, 400, 500, 0).findings()).anyMatch(f -> f.contains("Only one diagonal"));
        assertThatThrownBy(() -> new FourSides(300, 400, 300, 400, 750, 500))
                .hasMessageContaining(Wording.of("must be between 100 mm and 700 mm"));
        assertThatThrownBy(() -> new FourSides(0, 400, 300, 400, 500, 500)).hasMessageContaining("Check the unit");
    }

    /** Five figures taken off a true quadrilateral give it back. */
    @Property(tries = 300)
    void aQuadrilateralReproducesItsMeasures(
            @ForAll @DoubleRange(min = 300, max = 2000) double wide,
            @ForAll @DoubleRange(min = 300, max = 2500) double high,
            @ForAll @DoubleRange(min = -100, max = 100) double lean,
            @ForAll @DoubleRange(min = -80, max = 80) double upper) {
        Point a = new Point(0, 0);
        Point b = new Point(wide, 0);
        Point c = new Point(wide + lean, high);
        Point d = new Point(lean - upper, high + upper / 3);
        FourSides sides = new FourSides(
                wide, b.distanceMm(c), c.distanceMm(d), d.distanceMm(a), a.distanceMm(c), b.distanceMm(d));
        assertThat(areaMm2(sides.outline())).isCloseTo(new Ring(List.of(a, b, c, d)).areaMm2(), within(1.0));
        assertThat(sides.fallingByOthersMm()).isCloseTo(b.distanceMm(d), within(1e-6));
    }

    // Two pins

    /** By hand: pins 300 apart; a point 400 to the right of the first pin is 400 and 500 away. */
    @Test
    void threePointsFromTwoPins() {
        TwoPins pins = new TwoPins(
                300,
                List.of(
                        new Sighting(400, 500, Where.RIGHT, 0, true, "lower"),
                        new Sighting(500, 400, Where.RIGHT, 0, true, "upper"),
                        new Sighting(400, 500, Where.LEFT, 0, true, "left")),
                List.of());
        List<Point> points = pins.adjustment().points();
        assertThat(points.get(0).x()).isCloseTo(400, within(1e-6));
        assertThat(points.get(0).y()).isCloseTo(0, within(1e-6));
        assertThat(points.get(1).y()).isCloseTo(300, within(1e-6));
        assertThat(points.get(2).x()).isCloseTo(-400, within(1e-6));
        assertThat(pins.findings()).anyMatch(f -> f.contains("Nothing checks"));
        assertThat(pins.adjustment().spare()).isZero();
    }

    @Test
    void impossibleTrianglesAreRefusedWithTheFigure() {
        assertThatThrownBy(() -> new TwoPins(
                        1000,
                        List.of(
                                new Sighting(300, 400, Where.LEFT, 0, true, ""),
                                new Sighting(600, 700, Where.RIGHT, 0, true, ""),
                                new Sighting(900, 700, Where.RIGHT, 0, true, "")),
                        List.of()))
                .hasMessageContaining("Point 1")
                .hasMessageContaining(Wording.of("700 mm, less than the 1000 mm"));
        assertThatThrownBy(() -> new TwoPins(
                        300,
                        List.of(
                                new Sighting(900, 200, Where.LEFT, 0, true, ""),
                                new Sighting(600, 700, Where.RIGHT, 0, true, ""),
                                new Sighting(500, 400, Where.RIGHT, 0, true, "")),
                        List.of()))
                .hasMessageContaining(Wording.of("differ by 700 mm"));
    }

    private static TwoPins survey(Random random, double sigma) {
        return new SimulatedTape(random, sigma, 30).pins(-1, 0, false);
    }

    /** Without errors the truth comes back; with a tape's errors the area stays within half a per cent in 95 of 100. */
    @Test
    void theAreaOfASurveyIsTrueToHalfAPercent() {
        int good = 0;
        for (int seed = 0; seed < 100; seed++) {
            double truth = areaMm2(survey(new Random(seed), 0).outline());
            double adjusted = areaMm2(survey(new Random(seed), 2).outline());
            good += Math.abs(adjusted / truth - 1) < 0.005 ? 1 : 0;
        }
        assertThat(good).isGreaterThanOrEqualTo(95);
    }

    private static int named(boolean across) {
        int named = 0;
        for (int seed = 0; seed < 100; seed++) {
            Random random = new Random(1000 + seed);
            int blunder = random.nextInt(90);
            TwoPins survey = new SimulatedTape(random, 2, 30).pins(blunder, seed % 2 == 0 ? 30 : -30, across);
            String point = "point %d ".formatted(blunder / 3 + 1);
            String next = "point %d ".formatted((blunder / 3 + 1) % 30 + 1);
            named += survey.adjustment()
                            .blunder()
                            .map(b -> b.what() + " ")
                            .filter(w -> w.contains(point) || blunder % 3 == 2 && w.contains(next))
                            .isPresent()
                    ? 1
                    : 0;
        }
        return named;
    }

    /**
     * Data snooping (Baarda 1968, from memory): the figure with the greatest normalised residual is the mismeasured one. With neighbours
     * taped most blunders are named; with every second point taped too, 95 of 100.
     */
    @Test
    void aBlunderOfThirtyMillimetresIsNamed() {
        assertThat(named(false)).isGreaterThanOrEqualTo(88);
        assertThat(named(true)).isGreaterThanOrEqualTo(95);
    }

    /** Pins through the middle of the cloth: what lies on their line is told to be weak. */
    @Test
    void pointsOnTheLineOfThePinsAreToldToBeWeak() {
        TwoPins through = new TwoPins(
                400,
                List.of(
                        new Sighting(300, 500, Where.RIGHT, 0, true, "lower"),
                        new Sighting(900, 502, Where.RIGHT, 0, true, "upper"),
                        new Sighting(300, 500, Where.LEFT, 0, true, "left")),
                List.of());
        assertThat(through.findings()).anyMatch(f -> f.contains("Weakly fixed") && f.contains("point 2"));
    }

    @Test
    void soundFiguresAccuseNobodyAndHaveSmallEllipses() {
        int accused = 0;
        for (int seed = 0; seed < 100; seed++) {
            PinAdjustment adjusted = survey(new Random(seed), 2).adjustment();
            accused += adjusted.blunder().isPresent() ? 1 : 0;
            assertThat(adjusted.spare()).isEqualTo(30);
            assertThat(adjusted.closingMm()).isBetween(0.8, 3.5);
            assertThat(adjusted.ellipses())
                    .allSatisfy(e -> assertThat(e.shortMm()).isLessThanOrEqualTo(e.longMm()));
        }
        assertThat(accused).isLessThanOrEqualTo(15);
    }

    /** A check across finds what neighbours alone would not. */
    @Test
    void aCheckAcrossCounts() {
        TwoPins open = new TwoPins(
                300,
                List.of(
                        new Sighting(400, 500, Where.RIGHT, 0, true, "lower"),
                        new Sighting(500, 400, Where.RIGHT, 0, true, "upper"),
                        new Sighting(400, 500, Where.LEFT, 0, true, "left")),
                List.of(new TwoPins.Check(0, 2, 860)));
        assertThat(open.adjustment().spare()).isEqualTo(1);
        assertThat(open.findings()).anyMatch(f -> f.contains("Most likely mismeasured"));
        assertThatThrownBy(() -> new TwoPins(300, open.points(), List.of(new TwoPins.Check(0, 9, 860))))
                .hasMessageContaining("two different points");
    }

    // As a panel

    @Test
    void aTapedPanelIsItsOutlineWithTheFinishesThatLiveOn() {
        TapedSurvey survey = new TapedSurvey(
                "sheet",
                "sheet",
                org.handdown.assembly.Layer.SHELL,
                new FourSides(300, 400, 300, 400, 500, 500),
                java.util.Map.of("lower", new org.handdown.source.graph.EdgeFinish(org.handdown.fit.EdgeKind.HEM, 30)),
                Carried.NOTHING);
        Panel panel = survey.panel(org.handdown.Demo.CORD);
        assertThat(panel.outline().ring().areaMm2()).isCloseTo(120_000, within(1e-6));
        assertThat(panel.kind("lower")).isEqualTo(org.handdown.fit.EdgeKind.HEM);
        assertThat(panel.kind("left")).isEqualTo(org.handdown.fit.EdgeKind.RAW);
    }
}
