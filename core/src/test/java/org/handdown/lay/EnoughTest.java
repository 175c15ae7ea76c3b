package org.handdown.lay;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.Handed;
import org.handdown.fit.Objective;
import org.handdown.fit.PieceGrain;
import org.handdown.geometry.Ring;
import org.handdown.measure.Wording;
import org.junit.jupiter.api.Test;

/** Necessary tests only: longest against longest, widest against widest, area (common practice, no source). */
class EnoughTest {
    private static Enough of(
            double panelWide, double panelLong, double wide, double along, int quantity, PieceGrain grain) {
        FitPanel panel = panel("p", Ring.rectangle(0, 0, panelWide, panelLong), "c");
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

    private static FitPanel panel(String id, Ring ring, String cloth) {
        return new FitPanel(id, ring, List.of(), List.of(), cloth, 90, false, false, List.of(), List.of());
    }

    @Test
    void theOneBindingPieceIsNamedWithWhatIsMissing() {
        Enough tooLong = of(400, 500, 200, 560, 1, PieceGrain.LENGTHWISE);
        assertThat(tooLong.verdict()).isEqualTo(Enough.Verdict.SHORT);
        assertThat(tooLong.sentences())
                .anyMatch(s ->
                        s.contains(Wording.of("sleeve is 560 mm long")) && s.contains(Wording.of("60 mm are missing")));
        assertThat(of(400, 500, 450, 300, 1, PieceGrain.LENGTHWISE).sentences())
                .anyMatch(s -> s.contains(Wording.of("50 mm are missing")));
    }

    @Test
    void aPieceThatMayBeTurnedAsksForItsShorterWay() {
        assertThat(of(400, 500, 450, 300, 1, PieceGrain.EITHER).verdict()).isNotEqualTo(Enough.Verdict.SHORT);
    }

    /** A lining of another cloth is not there for the pieces: 200 × 250 mm on 400 × 500 mm is a quarter, whatever lies beside it. */
    @Test
    void clothThatNoPieceIsCutFromDoesNotCount() {
        Ring ring = Ring.rectangle(0, 0, 400, 500);
        FitPanel own = panel("p", ring, "c");
        FitPanel lining = panel("l", ring, "c lining");
        FitPiece piece = sleeve("sleeve", "c");
        Enough enough = Enough.of(new FitProblem(Objective.FILL, 0, 0, List.of(own, lining), List.of(piece)));
        assertThat(enough.sentences())
                .containsExactly(
                        Wording.of(
                                "The longest, the sleeve, takes 250 mm of 500 mm along the grain; the pieces cover 25 % of their cloth."));
    }

    @Test
    void areaIsTheLastTestAndAnEvenFullerPanelIsTight() {
        assertThat(of(400, 500, 200, 250, 5, PieceGrain.LENGTHWISE).verdict()).isEqualTo(Enough.Verdict.SHORT);
        assertThat(of(400, 500, 200, 250, 4, PieceGrain.LENGTHWISE).verdict()).isEqualTo(Enough.Verdict.TIGHT);
        assertThat(of(400, 500, 200, 250, 2, PieceGrain.LENGTHWISE).verdict()).isEqualTo(Enough.Verdict.LIKELY);
    }

    /** Plenty of shell helps no lining: each is counted against its own panels. */
    @Test
    void aLiningThatIsShortIsToldThoughTheShellIsPlenty() {
        FitPanel shell = panel("p", Ring.rectangle(0, 0, 2000, 2000), "c");
        FitPanel lining = panel("l", Ring.rectangle(0, 0, 150, 200), "c lining");
        Enough enough = Enough.of(new FitProblem(
                Objective.FILL,
                0,
                0,
                List.of(shell, lining),
                List.of(sleeve("sleeve", "c"), sleeve("sleeve-lining", "c lining"))));
        assertThat(enough.verdict()).isEqualTo(Enough.Verdict.SHORT);
        assertThat(enough.sentences())
                .anyMatch(s -> s.contains("sleeve lining") && s.contains(Wording.of("of c lining 200 mm")))
                .noneMatch(s -> s.startsWith("The sleeve is"));
    }

    @Test
    void whereNothingWouldBeLeftToCutAPieceOnceMoreItIsTight() {
        assertThat(of(400, 500, 200, 350, 2, PieceGrain.LENGTHWISE).sentences())
                .singleElement()
                .asString()
                .contains("once more");
    }

    private static FitPiece sleeve(String id, String cloth) {
        return new FitPiece(
                id,
                1,
                Handed.SAME,
                List.of(cloth),
                PieceGrain.LENGTHWISE,
                2,
                true,
                0.05,
                List.of(new FitPiece.Variant("v", Ring.rectangle(0, 0, 200, 250), List.of(), null, 0)),
                List.of());
    }
}
