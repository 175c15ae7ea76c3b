package org.handdown.lay;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.handdown.geometry.Ring;
import org.junit.jupiter.api.Test;

/** Necessary tests only: longest against longest, widest against widest, area (common practice, no source). */
class EnoughTest {
    private static Enough of(
            double panelWide, double panelLong, double wide, double along, int quantity, PieceGrain grain) {
        FitPanel panel = new FitPanel(
                "p",
                Ring.rectangle(0, 0, panelWide, panelLong),
                List.of(),
                List.of(),
                "c",
                90,
                false,
                false,
                List.of(),
                List.of());
        FitPiece piece = new FitPiece(
                "sleeve",
                quantity,
                Handed.SAME,
                List.of("c"),
                grain,
                2,
                true,
                wide * along / 1e6,
                List.of(new FitPiece.Variant("v", Ring.rectangle(0, 0, wide, along), List.of(), null, 0)),
                List.of());
        return Enough.of(new FitProblem(Objective.FILL, 0, 0, List.of(panel), List.of(piece)));
    }

    @Test
    void theOneBindingPieceIsNamedWithWhatIsMissing() {
        Enough tooLong = of(400, 500, 200, 560, 1, PieceGrain.LENGTHWISE);
        assertThat(tooLong.verdict()).isEqualTo(Enough.Verdict.SHORT);
        assertThat(tooLong.sentences())
                .anyMatch(s -> s.contains("sleeve is 560 mm long") && s.contains("60 mm are missing"));
        assertThat(of(400, 500, 450, 300, 1, PieceGrain.LENGTHWISE).sentences())
                .anyMatch(s -> s.contains("50 mm are missing"));
    }

    @Test
    void aPieceThatMayBeTurnedAsksForItsShorterWay() {
        assertThat(of(400, 500, 450, 300, 1, PieceGrain.EITHER).verdict()).isNotEqualTo(Enough.Verdict.SHORT);
    }

    @Test
    void areaIsTheLastTestAndAnEvenFullerPanelIsTight() {
        assertThat(of(400, 500, 200, 250, 5, PieceGrain.LENGTHWISE).verdict()).isEqualTo(Enough.Verdict.SHORT);
        assertThat(of(400, 500, 200, 250, 4, PieceGrain.LENGTHWISE).verdict()).isEqualTo(Enough.Verdict.TIGHT);
        assertThat(of(400, 500, 200, 250, 2, PieceGrain.LENGTHWISE).verdict()).isEqualTo(Enough.Verdict.LIKELY);
    }
}
