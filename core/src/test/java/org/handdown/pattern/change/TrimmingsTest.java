package org.handdown.pattern.change;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.handdown.Demo;
import org.handdown.geometry.Box;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Point;
import org.handdown.measure.RefusedValueException;
import org.handdown.pattern.CutGrain;
import org.handdown.pattern.Design;
import org.handdown.pattern.DesignSeam;
import org.handdown.pattern.Mark;
import org.handdown.pattern.Piece;
import org.handdown.pattern.PieceCloth;
import org.handdown.pattern.Supply;
import org.handdown.pattern.draft.Drafts;
import org.junit.jupiter.api.Test;

/** What is put on a pattern beside its pieces: bindings of edge sets, strips, rows of buttons, things it takes; linings that end higher. */
class TrimmingsTest {
    private static final Design SKIRT = Drafts.require("a-line-skirt").draw(Demo.child(1300), Map.of());

    private static Box box(Piece piece) {
        return piece.cutLine().ring().box();
    }

    private static double hem(Design design, String piece) {
        return design.piece(piece).quantity()
                * design.piece(piece).stitchLine().edge("hem").lengthMm();
    }

    private static BindEdges hems(CutGrain grain, int strips) {
        return new BindEdges(
                "hem binding",
                List.of(new BindEdges.Bound("front", "hem"), new BindEdges.Bound("back", "hem")),
                PieceCloth.CONTRAST,
                grain,
                12,
                strips);
    }

    /** Double-fold binding is cut four times its finished width (handbook of the trade §4); ½ in finished is 2 in cut. */
    @Test
    void bindingOfASetOfEdgesIsCutFromItsOwnClothAndAsLongAsTheyAre() {
        Design bound = hems(CutGrain.BIAS, 3).on(SKIRT);
        Piece strip = bound.piece("hem-binding");
        assertThat(strip.cloth()).isEqualTo(PieceCloth.CONTRAST);
        assertThat(strip.grain()).isEqualTo(CutGrain.BIAS);
        assertThat(strip.quantity()).isEqualTo(3);
        assertThat(box(strip).widthMm()).isCloseTo(48, within(1e-6));
        double all = hem(SKIRT, "front") + hem(SKIRT, "back");
        assertThat(box(strip).heightMm()).isCloseTo(all / 3 + 2 * 8, within(0.01));
        // The raw edge lies in the fold: nothing is turned up any more, and nothing lies outside the finished edge.
        assertThat(bound.piece("front").allowance("hem").mm()).isZero();
        assertThat(box(bound.piece("front")).heightMm())
                .isCloseTo(
                        box(SKIRT.piece("front")).heightMm()
                                - SKIRT.piece("front").allowance("hem").mm(),
                        within(0.01));
        assertThat(bound.walks()).allMatch(DesignSeam.Walk::agrees);
        assertThat(bound.seams()).extracting(DesignSeam::name).contains("hem binding to the edges");
    }

    @Test
    void aWiderSkirtHasALongerBinding() {
        Design after = Change.all(SKIRT, List.of(hems(CutGrain.BIAS, 1), new Widen("wider", "front", 0, 40, true)));
        assertThat(after.piece("hem-binding").stitchLine().edge("right").lengthMm())
                .isCloseTo(hem(after, "front") + hem(after, "back"), within(0.01))
                .isGreaterThan(hem(SKIRT, "front") + hem(SKIRT, "back") + 20);
        assertThat(after.walks())
                .filteredOn(w -> w.seam().name().startsWith("hem binding"))
                .singleElement()
                .matches(DesignSeam.Walk::agrees);
    }

    @Test
    void cutStraightItDoesNotFollowACurve() {
        Design circle = Drafts.require("circle-skirt").draw(Demo.child(1300), Map.of());
        List<BindEdges.Bound> hem = List.of(new BindEdges.Bound("panel", "hem"));
        BindEdges straight = new BindEdges("edge", hem, PieceCloth.BINDING, CutGrain.EITHER, 10, 4);
        BindEdges bias = new BindEdges("edge", hem, PieceCloth.BINDING, CutGrain.BIAS, 10, 4);
        assertThat(straight.on(circle).cautions())
                .hasSize(circle.cautions().size() + 1)
                .anyMatch(c -> c.contains("cut it on the bias"));
        assertThat(bias.on(circle).cautions()).isEqualTo(circle.cautions());
        assertThat(hems(CutGrain.EITHER, 1).on(SKIRT).cautions()).isEqualTo(SKIRT.cautions());
    }

    @Test
    void anEdgeThatIsNotThereOrIsNamedTwiceIsRefused() {
        BindEdges.Bound once = new BindEdges.Bound("front", "hem");
        assertThatThrownBy(() -> new BindEdges("x", List.of(once, once), PieceCloth.RIB, CutGrain.BIAS, 10, 1))
                .isInstanceOf(RefusedValueException.class)
                .hasMessageContaining("each once");
        assertThatThrownBy(() -> new BindEdges(
                                "x",
                                List.of(new BindEdges.Bound("front", "fringe")),
                                PieceCloth.RIB,
                                CutGrain.BIAS,
                                10,
                                1)
                        .on(SKIRT))
                .hasMessageContaining("no edge “fringe”");
        assertThatThrownBy(() -> new BindEdges("Front", List.of(once), PieceCloth.RIB, CutGrain.BIAS, 10, 1).on(SKIRT))
                .hasMessageContaining("cannot bind itself");
    }

    /** A tie 30 mm wide, folded once, 8 mm seams: 76 mm cut, and 16 mm longer than it is. */
    @Test
    void aStripIsCutByItsFolds() {
        Design tied = new CutStrip("Waist tie", PieceCloth.SHELL, CutGrain.LENGTHWISE, 450, 30, 2, 8, 2).on(SKIRT);
        Piece tie = tied.piece("waist-tie");
        assertThat(box(tie).widthMm()).isCloseTo(76, within(1e-6));
        assertThat(box(tie).heightMm()).isCloseTo(466, within(1e-6));
        assertThat(tie.quantity()).isEqualTo(2);
        assertThat(tie.marks()).extracting(Mark::kind).containsExactly(Mark.Kind.FOLD);
        assertThatThrownBy(() -> new CutStrip("x", PieceCloth.SHELL, CutGrain.LENGTHWISE, 450, 30, 3, 8, 2))
                .hasMessageContaining("folded once (2)");
    }

    /** Four buttons of 15 mm over an upright edge: margins 20 and 80 mm, so spaced by a third of what is between. */
    @Test
    void buttonsLieAlongTheEdgeFromItsHigherEnd() {
        Piece front = SKIRT.piece("front");
        Edge side = front.stitchLine().edges().stream()
                .filter(e -> Math.abs(e.start().y() - e.end().y()) > 200)
                .findFirst()
                .orElseThrow();
        Design done = new ButtonsAlong("row", "front", side.name(), 20, 80, 4, 15, 3, null, true).on(SKIRT);
        List<Mark> holes = done.piece("front").marks().stream()
                .filter(m -> m.kind() == Mark.Kind.BUTTONHOLE)
                .toList();
        assertThat(holes).hasSize(4);
        List<Point> line = side.flattened(0.05);
        Point top = side.start().y() > side.end().y() ? side.start() : side.end();
        double length = Edge.lengthMm(line);
        for (int i = 0; i < 4; i++) {
            Mark hole = holes.get(i);
            assertThat(hole.points().get(0).distanceMm(hole.points().get(1))).isCloseTo(18, within(0.01));
            // Half a button and 6 mm inside the edge, the hole from 3 mm nearer.
            assertThat(hole.points().get(0).distanceMm(line)).isCloseTo(7.5 + 6 - 3, within(0.3));
            double down = 20 + i * (length - 100) / 3;
            assertThat(hole.points().get(0).distanceMm(top)).isCloseTo(Math.hypot(down, 10.5), within(8.0));
        }
        assertThat(done.supplies()).contains(Supply.buttons("row", 4, 15));
        // Asked again with five, the old row goes.
        Design again = new ButtonsAlong("row", "front", side.name(), 20, 80, 5, 15, 3, null, true).on(done);
        assertThat(again.piece("front").marks().stream().filter(m -> m.kind() == Mark.Kind.BUTTONHOLE))
                .hasSize(5);
        assertThat(again.supplies().stream().filter(s -> s.kind() == Supply.Kind.BUTTONS))
                .containsExactly(Supply.buttons("row", 5, 15));
    }

    @Test
    void aLongerFrontSpacesItsButtonsAnew() {
        Piece front = SKIRT.piece("front");
        Edge side = front.stitchLine().edges().stream()
                .filter(e -> Math.abs(e.start().y() - e.end().y()) > 200)
                .findFirst()
                .orElseThrow();
        ButtonsAlong row = new ButtonsAlong("row", "front", side.name(), 20, 80, 4, 15, 3, null, false);
        Design after = Change.all(SKIRT, List.of(row, new Lengthen("longer", List.of("front", "back"), 120, 90)));
        List<Mark> buttons = after.piece("front").marks().stream()
                .filter(m -> m.kind() == Mark.Kind.BUTTON)
                .toList();
        double length = after.piece("front").stitchLine().edge(side.name()).lengthMm();
        assertThat(buttons.get(0)
                        .points()
                        .get(0)
                        .distanceMm(buttons.get(1).points().get(0)))
                .isCloseTo((length - 100) / 3, within(1.0));
    }

    @Test
    void whatItTakesIsLookedForAndReplacedByItsUse() {
        Supply zip = Supply.of(Supply.Kind.ZIP, "side opening", 125);
        Design with = new Takes("zip", zip).on(SKIRT);
        assertThat(with.supplies()).contains(zip);
        Supply longer = Supply.of(Supply.Kind.ZIP, "side opening", 180);
        assertThat(new Takes("zip", longer).on(with).supplies())
                .contains(longer)
                .doesNotContain(zip);
    }

    /** Set to end 25 mm higher, the lining is cut 25 mm shorter than the one at the outer hemline, and its seams still agree. */
    @Test
    void aLiningEndsSoMuchHigher() {
        Design usual = Change.all(
                SKIRT,
                List.of(
                        new LayerFrom("lining", "front", PieceCloth.LINING),
                        new LayerFrom("lining", "back", PieceCloth.LINING)));
        Design higher = Change.all(
                SKIRT,
                List.of(
                        new LayerFrom("lining", "front", PieceCloth.LINING, 25),
                        new LayerFrom("lining", "back", PieceCloth.LINING, 25)));
        for (String id : List.of("front-lining", "back-lining")) {
            assertThat(box(usual.piece(id)).heightMm() - box(higher.piece(id)).heightMm())
                    .isCloseTo(25, within(1.0));
            assertThat(higher.piece(id).stitchLine().edge("waist").lengthMm())
                    .isCloseTo(usual.piece(id).stitchLine().edge("waist").lengthMm(), within(0.1));
        }
        assertThat(higher.walks()).allMatch(DesignSeam.Walk::agrees);
        assertThatThrownBy(() -> new LayerFrom("lining", "waistband", PieceCloth.LINING, 25).on(SKIRT))
                .hasMessageContaining("no edge that is turned up");
    }
}
