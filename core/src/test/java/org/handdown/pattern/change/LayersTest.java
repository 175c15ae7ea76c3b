package org.handdown.pattern.change;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.handdown.Demo;
import org.handdown.geometry.Region;
import org.handdown.measure.RefusedValueException;
import org.handdown.pattern.Design;
import org.handdown.pattern.DesignSeam;
import org.handdown.pattern.Piece;
import org.handdown.pattern.PieceCloth;
import org.handdown.pattern.draft.Drafts;
import org.junit.jupiter.api.Test;

/** Linings, interfacings and facings of another cloth, derived from the pieces of a draft. */
class LayersTest {
    private static final Design SKIRT = Drafts.require("a-line-skirt").draw(Demo.child(1300), Map.of());

    private static double area(Piece piece) {
        return Region.of(piece.cutLine().ring()).areaMm2();
    }

    @Test
    void aLiningIsSewnAsItsPieceIsAndCutAtTheOuterHemline() {
        Design lined = Change.all(
                SKIRT,
                List.of(
                        new LayerFrom("lining", "front", PieceCloth.LINING),
                        new LayerFrom("lining", "back", PieceCloth.LINING)));
        Piece front = lined.piece("front");
        Piece lining = lined.piece("front-lining");
        assertThat(lining.cloth()).isEqualTo(PieceCloth.LINING);
        assertThat(lining.quantity()).isEqualTo(front.quantity());
        double hem = front.allowance("hem").mm();
        assertThat(hem).isPositive();
        assertThat(front.cutLine().ring().box().heightMm()
                        - lining.cutLine().ring().box().heightMm())
                .isCloseTo(hem, within(1.0));
        assertThat(lining.marks())
                .hasSameSizeAs(front.marks().stream()
                        .filter(m -> m.kind() == org.handdown.pattern.Mark.Kind.DART)
                        .toList());
        // The side seams of the lining are known, and agree as those of the skirt do.
        assertThat(lined.seams()).extracting(DesignSeam::name).contains("side seams of the lining");
        assertThat(lined.walks()).allMatch(DesignSeam.Walk::agrees);
    }

    @Test
    void aSeamWhoseOtherSideHasNoLiningIsNotMadeUp() {
        Design half = new LayerFrom("lining", "front", PieceCloth.LINING).on(SKIRT);
        assertThat(half.seams()).hasSameSizeAs(SKIRT.seams());
    }

    /** Interfacing = piece − a: as large as what the stitch lines enclose. */
    @Test
    void interfacingEndsAtTheStitchLines() {
        Design stiff = new LayerFrom("stiff", "waistband", PieceCloth.INTERFACING).on(SKIRT);
        Piece layer = stiff.piece("waistband-interfacing");
        assertThat(area(layer))
                .isCloseTo(
                        Region.of(SKIRT.piece("waistband").stitchLine().ring()).areaMm2(), within(1.0));
        assertThat(stiff.seams()).isEqualTo(SKIRT.seams());
    }

    @Test
    void itFollowsItsPiece() {
        Design after = Change.all(
                SKIRT,
                List.of(
                        new LayerFrom("lining", "front", PieceCloth.LINING),
                        new FacingFrom("facing", "front", "hem", 40),
                        new Widen("wider", "front", 0, 20, true)));
        assertThat(after.piece("front").stitchLine())
                .isNotEqualTo(SKIRT.piece("front").stitchLine());
        assertThat(after.piece("front-lining").stitchLine())
                .isEqualTo(after.piece("front").stitchLine());
        assertThat(after.piece("front-hem-facing").stitchLine().edge("hem").lengthMm())
                .isCloseTo(after.piece("front").stitchLine().edge("hem").lengthMm(), within(0.1));
    }

    /** Somebody changed the lining itself, or what it was made of is left out since: then it stays what it was. */
    @Test
    void whatWasChangedItselfIsLeftInPeace() {
        Design narrowed = Change.all(
                SKIRT,
                List.of(
                        new LayerFrom("lining", "front", PieceCloth.LINING),
                        new Widen("narrower", "front-lining", 0, -10, true),
                        new Widen("wider", "front", 0, 20, true)));
        double wide = SKIRT.piece("front").stitchLine().box().widthMm();
        assertThat(narrowed.piece("front-lining").stitchLine().box().widthMm()).isLessThan(wide);
        Design left = Change.all(
                SKIRT, List.of(new LayerFrom("lining", "front", PieceCloth.LINING), new LeaveOut("simpler", "front")));
        assertThat(left.find("front")).isEmpty();
        assertThat(left.find("front-lining")).isPresent();
    }

    @Test
    void aFacingAsksForItsOwnCloth() {
        Design plain = new FacingFrom("facing", "front", "hem", 40).on(SKIRT);
        Design contrast = new FacingFrom("facing", "front", "hem", 40, PieceCloth.CONTRAST).on(SKIRT);
        assertThat(plain.piece("front-hem-facing").cloth()).isEqualTo(PieceCloth.SHELL);
        assertThat(contrast.piece("front-hem-facing").cloth()).isEqualTo(PieceCloth.CONTRAST);
        Design stay = new FacingFrom("stay", "front", "hem", 40, PieceCloth.INTERFACING).on(plain);
        assertThat(stay.piece("front-hem-interfacing").cloth()).isEqualTo(PieceCloth.INTERFACING);
        assertThat(stay.piece("front-hem-facing")).isEqualTo(plain.piece("front-hem-facing"));
        assertThat(area(stay.piece("front-hem-interfacing"))).isLessThan(area(plain.piece("front-hem-facing")));
    }

    @Test
    void whatIsNoLayerIsRefused() {
        assertThatThrownBy(() -> new LayerFrom("same", "front", PieceCloth.SHELL))
                .isInstanceOf(RefusedValueException.class)
                .hasMessageContaining("A layer is of lining");
        assertThatThrownBy(() -> new LayerFrom("lining", "sleeve", PieceCloth.LINING).on(SKIRT))
                .hasMessageContaining("no piece");
        Design lined = new LayerFrom("lining", "front", PieceCloth.LINING).on(SKIRT);
        assertThatThrownBy(() -> new LayerFrom("twice", "front-lining", PieceCloth.LINING).on(lined))
                .hasMessageContaining("from lining itself");
    }
}
