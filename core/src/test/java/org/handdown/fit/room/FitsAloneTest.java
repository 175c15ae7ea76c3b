package org.handdown.fit.room;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.handdown.fit.Fit;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FlawZone;
import org.handdown.fit.Handed;
import org.handdown.fit.PieceGrain;
import org.handdown.geometry.Ring;
import org.junit.jupiter.api.Test;

/** Whether a piece could lie at all. */
class FitsAloneTest {
    private static final Ring CLOTH = Ring.rectangle(0, 0, 300, 200);

    private static FitPiece slip(double wide, double high, PieceGrain grain) {
        return Fit.piece(
                "a",
                1,
                Handed.SAME,
                grain,
                new FitPiece.Variant("plain", Ring.rectangle(0, 0, wide, high), List.of(), null, 0));
    }

    private static boolean fits(FitPanel panel, FitPiece piece) {
        return FitsAlone.on(Fit.fill(List.of(panel), piece), piece);
    }

    /** Along the grain a rectangle fits where it is no wider and no higher than the cloth. */
    @Property(tries = 60)
    void aRectangleFitsIfItIsNoLarger(
            @ForAll @DoubleRange(min = 50, max = 400) double wide,
            @ForAll @DoubleRange(min = 50, max = 400) double high) {
        // Within a tenth of a millimetre the format leaves it open.
        Assume.that(Math.abs(wide - 300) > 0.2 && Math.abs(high - 200) > 0.2);
        assertThat(fits(Fit.panel("p", CLOTH), slip(wide, high, PieceGrain.LENGTHWISE)))
                .isEqualTo(wide < 300 && high < 200);
    }

    @Test
    void aQuarterTurnIsTriedOnlyWhereTheGrainAllowsIt() {
        FitPanel panel = Fit.panel("p", CLOTH);
        assertThat(fits(panel, slip(150, 280, PieceGrain.LENGTHWISE))).isFalse();
        assertThat(fits(panel, slip(150, 280, PieceGrain.CROSSWISE))).isTrue();
        assertThat(fits(panel, slip(150, 280, PieceGrain.EITHER))).isTrue();
    }

    @Test
    void aStainInTheMiddleLeavesRoomOnEitherSide() {
        FlawZone stain = new FlawZone(FlawZone.Kind.AVOID, Ring.rectangle(140, 0, 20, 200), "stain");
        FitPanel panel = Fit.with(Fit.panel("p", CLOTH), List.of(), List.of(stain));
        assertThat(fits(panel, slip(139, 199, PieceGrain.LENGTHWISE))).isTrue();
        assertThat(fits(panel, slip(142, 199, PieceGrain.LENGTHWISE))).isFalse();
    }

    /** With no time left the answer is no, never a guess. */
    @Test
    void inAHurryNothingFits() {
        FitPiece piece = slip(10, 10, PieceGrain.LENGTHWISE);
        assertThat(FitsAlone.on(Fit.fill(List.of(Fit.panel("p", CLOTH)), piece), piece, () -> true))
                .isFalse();
    }
}
