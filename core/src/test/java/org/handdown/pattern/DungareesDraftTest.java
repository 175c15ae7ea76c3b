package org.handdown.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.handdown.Demo;
import org.handdown.geometry.Box;
import org.handdown.geometry.Region;
import org.handdown.measure.Wording;
import org.handdown.pattern.draft.Drafts;
import org.junit.jupiter.api.Test;

/** Worked by hand from the formulas in the class; common practice, no source. */
class DungareesDraftTest {
    private static Design design(double heightMm) {
        return Drafts.require("dungarees").draw(Demo.child(heightMm), Map.of());
    }

    @Test
    void theLegOfAChildOf110IsAsWorkedByHand() {
        // Hip 600 + 80 ease = 680; front 680/4 − 5 = 165, crotch reach 680/20 = 34; hem max(230 + 40, 0.42 · 680)/2 − 5
        // = 137.8.
        Piece front = design(1100).piece("front-leg");
        Box box = front.stitchLine().box();
        assertThat(box.widthMm()).isCloseTo(165 + 34, within(0.1));
        assertThat(front.stitchLine().edge("hem").lengthMm()).isCloseTo(137.8, within(1e-9));
        // Waist to floor 660 less 25 above the floor.
        assertThat(box.heightMm()).isCloseTo(635, within(0.1));
    }

    @Test
    void finishedSizesAreToldWithTheirSums() {
        Size.Finished hip = design(1100).sizes().get(0);
        assertThat(hip.finishedMm()).isCloseTo(680, within(1e-6));
        assertThat(hip.formula()).isEqualTo(Wording.of("2 × front leg 165 mm + 2 × back leg 175 mm"));
    }

    @Test
    void theHemAllowanceFallsAwayWhereAnOldHemIsKept() {
        Piece back = design(1100).piece("back-leg");
        double hemmed = back.cutLine().ring().box().minY();
        double kept = back.cutLineKeeping("hem").ring().box().minY();
        assertThat(hemmed).isCloseTo(-30, within(1e-6));
        assertThat(kept).isCloseTo(0, within(1e-6));
        // Side seams keep their allowance.
        var run = java.util.Objects.requireNonNull(
                back.cutLineKeeping("hem").runs().get("hem"));
        double along = back.cutLineKeeping("hem")
                .ring()
                .at(run.from())
                .distanceMm(back.cutLineKeeping("hem").ring().at(run.to()));
        assertThat(along).isCloseTo(back.stitchLine().edge("hem").lengthMm() + 20, within(0.5));
    }

    @Property(tries = 60)
    void everySeamAgreesAndEveryPieceIsWholeForEveryChild(@ForAll @IntRange(min = 920, max = 1400) int heightMm) {
        Design design = design(heightMm);
        assertThat(design.walks()).allMatch(DesignSeam.Walk::agrees);
        for (Piece piece : design.pieces()) {
            var cut = piece.cutLine().ring();
            assertThat(cut.isSimple()).as(piece.id()).isTrue();
            assertThat(Region.of(cut)
                            .grown(0.01)
                            .covers(Region.of(piece.stitchLine().ring())))
                    .as(piece.id())
                    .isTrue();
        }
        assertThat(design.sizes()).allMatch(Size.Finished::fits);
    }

    @Test
    void aTallerChildGetsLongerLegs() {
        assertThat(design(1160).piece("front-leg").cutLine().ring().box().heightMm())
                .isGreaterThan(
                        design(1100).piece("front-leg").cutLine().ring().box().heightMm() + 30);
    }

    @Test
    void aSeamThatDiffersSaysByHowMuch() {
        Design design = design(1100);
        var off = new DesignSeam(
                        "odd",
                        java.util.List.of(new DesignSeam.Side("bib", "lower", 1)),
                        java.util.List.of(new DesignSeam.Side("bib", "upper", 1)),
                        0,
                        0)
                .walk(design);
        assertThat(off.agrees()).isFalse();
        assertThat(off.differenceMm()).isCloseTo(155 - 207, within(1e-9));
    }

    @Test
    void easeOutOfReasonIsRefused() {
        assertThatThrownBy(() -> Drafts.require("dungarees").draw(Demo.child(1100), Map.of("hipEase", 900.0)))
                .hasMessageContaining("Check the unit");
    }
}
