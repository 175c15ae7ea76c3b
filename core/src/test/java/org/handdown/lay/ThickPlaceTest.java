package org.handdown.lay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.handdown.cloth.Cloth;
import org.handdown.cloth.ClothSheet;
import org.handdown.cloth.HeatLimit;
import org.handdown.cloth.Weave;
import org.handdown.fit.FitLayout;
import org.handdown.fit.Placed;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Placement;
import org.handdown.geometry.Point;
import org.handdown.measure.Wording;
import org.handdown.panel.Flaw;
import org.handdown.panel.Panel;
import org.handdown.pattern.CutGrain;
import org.handdown.pattern.Design;
import org.handdown.pattern.Piece;
import org.junit.jupiter.api.Test;

/** Stitch lines through cloth that lies in several layers. */
class ThickPlaceTest {
    private static final Cloth DENIM = new Cloth(
            "denim", "cotton", Weave.TWILL, "#335577", false, false, 0.8, HeatLimit.TWO_DOTS, ClothSheet.UNTESTED);

    /** 100 × 200, sewn all round. */
    private static final Piece PIECE = new Piece(
            "front",
            "front",
            Outline.rectangle(100, 200),
            Map.of(),
            1,
            false,
            CutGrain.LENGTHWISE,
            true,
            Map.of(),
            List.of(),
            List.of());

    private static List<ThickPlace> of(Flaw... flaws) {
        Outline cloth = Outline.rectangle(600, 800);
        Panel panel = new Panel(
                "leg", "leg", cloth.flattened(), cloth, Map.of(), 90, DENIM, List.of(flaws), List.of(), List.of());
        Placed placed = new Placed("front", 1, "front", "leg", new Placement(200, 300, 0, false));
        FitLayout layout =
                new FitLayout(List.of(placed), List.of(), new FitLayout.Measures(0, 0, 0, null, 0, 1), List.of());
        return ThickPlace.of(layout, Design.of("d", List.of(PIECE)), Marked.of(List.of(panel)));
    }

    private static Flaw strip(Flaw.Kind kind, double fromX, double toX, double y, double wide) {
        return new Flaw(
                Flaw.Treatment.NOTE, kind, "pieced seam", new Flaw.Strip(new Point(fromX, y), new Point(toX, y), wide));
    }

    /** By hand: a seam pieced across at half the height, 24 wide, is run through for 24 by either side; three layers of 0.8 are 2.4. */
    @Test
    void aPiecedSeamIsMetByBothSides() {
        List<ThickPlace> places = of(strip(Flaw.Kind.SEAM, 0, 600, 400, 24));
        assertThat(places).extracting(ThickPlace::edge).containsExactlyInAnyOrder("right", "left");
        assertThat(places).allSatisfy(p -> {
            assertThat(p.runMm()).isCloseTo(24, within(1.5));
            assertThat(p.thickMm()).isCloseTo(2.4, within(1e-9));
            assertThat(p.sentence()).contains("3 layers (pieced seam)", Wording.of("2.4 mm"));
        });
    }

    /** Wholly within a piece, wholly beside it, or single cloth, it is nothing that a needle meets. */
    @Test
    void whatNoStitchLineCrossesIsNotTold() {
        assertThat(of(strip(Flaw.Kind.SEAM, 230, 270, 400, 24))).isEmpty();
        assertThat(of(strip(Flaw.Kind.SEAM, 400, 500, 400, 24))).isEmpty();
        assertThat(of(strip(Flaw.Kind.FADE, 0, 600, 400, 24))).isEmpty();
    }

    @Test
    void elasticIsAlwaysKeptClearOf() {
        assertThatThrownBy(() -> strip(Flaw.Kind.ELASTIC, 0, 600, 400, 24)).hasMessageContaining("does not lie flat");
        Flaw kept = new Flaw(
                Flaw.Treatment.AVOID,
                Flaw.Kind.ELASTIC,
                "waist elastic",
                new Flaw.Strip(new Point(0, 400), new Point(600, 400), 24));
        assertThatThrownBy(() -> kept.treated(Flaw.Treatment.HIDE)).hasMessageContaining("take the elastic out");
        assertThatThrownBy(() -> new Flaw(Flaw.Treatment.NOTE, Flaw.Kind.THICK, "", kept.extent(), 13))
                .hasMessageContaining("1 to 12");
    }
}
