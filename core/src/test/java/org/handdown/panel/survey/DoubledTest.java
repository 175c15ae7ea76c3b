package org.handdown.panel.survey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.handdown.assembly.Layer;
import org.handdown.cloth.Cloth;
import org.handdown.cloth.ClothSheet;
import org.handdown.cloth.HeatLimit;
import org.handdown.cloth.Weave;
import org.handdown.fit.EdgeKind;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.panel.Flaw;
import org.handdown.panel.Panel;
import org.handdown.source.graph.EdgeFinish;
import org.junit.jupiter.api.Test;

/** Cloth measured lying double: a back on its fold, a curtain folded once. */
class DoubledTest {
    private static final Cloth CLOTH = new Cloth(
            "twill", "cotton", Weave.TWILL, "#8899aa", false, false, 0.6, HeatLimit.TWO_DOTS, ClothSheet.UNTESTED);

    /** Half a back: 200 wide at the hem, 260 at the top, 500 long, folded at its left. */
    private static final TapedSurvey HALF = new TapedSurvey(
            "back",
            "back",
            Layer.SHELL,
            new Baseline(List.of(
                    new Baseline.Offset(0, 0, true, "hem"),
                    new Baseline.Offset(0, 200, true, "side"),
                    new Baseline.Offset(500, 260, true, "upper"),
                    new Baseline.Offset(500, 0, true, "middle"))),
            Map.of("hem", new EdgeFinish(EdgeKind.HEM, 20)),
            Carried.of(List.of(new Flaw(Flaw.Treatment.AVOID, "stain", new Point(100, 100), 40, 30)))
                    .withLayers(2));

    private static TapedSurvey opened(TapedSurvey survey) {
        return survey.doubledAt("middle", Flaw.Treatment.HIDE).lying(true, Flaw.Treatment.HIDE);
    }

    private static List<String> edges(Panel panel) {
        return panel.stitchLine().edges().stream().map(Edge::name).toList();
    }

    /** Width times layers, by hand: a trapezoid of 400 and 520 wide, 500 high; the seam lines go on without a step. */
    @Test
    void openedItIsTwiceAsWideInOneLayer() {
        Panel panel = opened(HALF).panel(CLOTH);
        assertThat(panel.outline().ring().areaMm2()).isCloseTo((400 + 520) / 2.0 * 500, within(1e-6));
        assertThat(panel.outline().ring().box().widthMm()).isCloseTo(520, within(1e-9));
        assertThat(edges(panel)).containsExactlyInAnyOrder("hem", "side", "upper", "hem-2", "side-2", "upper-2");
        assertThat(panel.cloth().thicknessMm()).isEqualTo(CLOTH.thicknessMm());
        assertThat(panel.kind("hem")).isEqualTo(EdgeKind.HEM);
        assertThat(panel.kind("hem-2")).isEqualTo(EdgeKind.HEM);
    }

    /** The old fold is told, as wide as a crease and as the person minds it; the stain lies on one half alone. */
    @Test
    void theOldFoldIsMarkedAndAFaultIsNotDoubled() {
        Panel panel = opened(HALF).panel(CLOTH);
        assertThat(panel.flaws()).hasSize(2);
        Flaw crease = panel.flaws().get(1);
        assertThat(crease.kind()).isEqualTo(Flaw.Kind.CREASE);
        assertThat(crease.treatment()).isEqualTo(Flaw.Treatment.HIDE);
        assertThat(crease.outline().box().heightMm()).isCloseTo(500, within(1e-9));
        assertThat(crease.centre().x()).isCloseTo(0, within(1e-9));
        assertThat(panel.flaws().get(0).centre().x()).isCloseTo(100, within(0.5));
        assertThat(opened(HALF).method().findings()).anyMatch(f -> f.contains("lay below"));
    }

    @Test
    void doubleItHasTwoLayersAndAFoldForAnEdge() {
        Panel panel = HALF.doubledAt("middle", Flaw.Treatment.NOTE).panel(CLOTH);
        assertThat(panel.cloth().thicknessMm()).isCloseTo(2 * CLOTH.thicknessMm(), within(1e-9));
        assertThat(panel.kind("middle")).isEqualTo(EdgeKind.FOLD);
        assertThat(panel.flaws()).hasSize(1);
    }

    /** Both states stay: what was marked on the half that lay below is minded through both layers once it is double again. */
    @Test
    void laidDoubleAgainItIsWhatItWas() {
        TapedSurvey open = opened(HALF);
        assertThat(open.lying(false, Flaw.Treatment.HIDE)).isEqualTo(HALF.doubledAt("middle", Flaw.Treatment.HIDE));
        Flaw below = new Flaw(Flaw.Treatment.AVOID, "moth", new Point(-60, 300), 10, 10);
        TapedSurvey marked = (TapedSurvey) open.withFlaws(List.of(open.flaws().get(0), below));
        Panel folded = marked.lying(false, Flaw.Treatment.HIDE).panel(CLOTH);
        assertThat(folded.flaws().get(1).centre().x()).isCloseTo(60, within(1e-9));
        Panel again = ((TapedSurvey) marked.lying(false, Flaw.Treatment.HIDE))
                .lying(true, Flaw.Treatment.HIDE)
                .panel(CLOTH);
        assertThat(again.flaws().get(1).centre().x()).isCloseTo(-60, within(1e-9));
    }

    /** Told along an edge that is gone once it is opened: the direction and the first line stay where they were. */
    @Test
    void grainAndStripesToldFromTheFoldStay() {
        ClothRepeat stripe = new ClothRepeat("stripe", true, 30, "middle", 12, true);
        Carried told = new Carried(
                List.of(), new Grain.AlongEdge("middle"), false, null, false, 1, List.of(stripe), List.of(), List.of());
        Panel before = HALF.withCarried(told).panel(CLOTH);
        Panel after = opened(HALF.withCarried(told)).panel(CLOTH);
        assertThat(after.grainDeg()).isCloseTo(before.grainDeg(), within(1e-9));
        Panel.Stripes one = before.stripes().get(0);
        Panel.Stripes same = after.stripes().get(0);
        assertThat(Math.abs(one.phaseMm() - same.phaseMm()) % 30).isCloseTo(0, within(1e-6));
        assertThat(same.matched()).isTrue();
    }

    @Test
    void noFoldIsRefusedWithItsFigure() {
        assertThatThrownBy(() -> HALF.doubledAt("left", Flaw.Treatment.NOTE)).hasMessageContaining("no edge called");
        TapedSurvey leaning = new TapedSurvey(
                "odd",
                "odd",
                Layer.SHELL,
                new Baseline(List.of(
                        new Baseline.Offset(0, 0, true, "hem"),
                        new Baseline.Offset(0, 200, true, "side"),
                        new Baseline.Offset(250, 130, true, "hollow"),
                        new Baseline.Offset(500, 260, true, "upper"),
                        new Baseline.Offset(500, 0, true, "middle"))),
                Map.of(),
                Carried.NOTHING);
        assertThatThrownBy(() -> leaning.doubledAt("side", Flaw.Treatment.NOTE)).hasMessageContaining("past that line");
    }

    /** Twice the cloth, nothing lying on itself, and every point of the lower half as far from the fold as its twin. */
    @Property(tries = 200)
    void openedItHasTwiceTheClothWhicheverWayTheFoldLies(
            @ForAll @DoubleRange(min = 60, max = 900) double wide,
            @ForAll @DoubleRange(min = 60, max = 900) double high,
            @ForAll @DoubleRange(min = -180, max = 180) double turned) {
        Outline turnedRound = new Outline(Outline.rectangle(wide, high).edges().stream()
                .map(e -> e.map(p -> Point.unit(turned)
                        .times(p.x())
                        .plus(Point.unit(turned).left().times(p.y()))))
                .toList());
        DrawnOutline drawn = new DrawnOutline(DrawnOutline.Means.FILE, "", turnedRound, 1, null);
        Outline open = new Doubled(drawn, "left", true, Flaw.Treatment.NOTE).outline();
        assertThat(open.ring().isSimple()).isTrue();
        assertThat(open.ring().signedAreaMm2()).isCloseTo(2 * wide * high, within(1e-3));
        assertThat(open.edge("right").lengthMm()).isCloseTo(open.edge("right-2").lengthMm(), within(1e-9));
    }
}
