package org.handdown.fit.remnant;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.handdown.fit.Fit;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitProblem;
import org.handdown.fit.FlawZone;
import org.handdown.fit.Objective;
import org.handdown.geometry.Ring;
import org.junit.jupiter.api.Test;

/** Areas and lengths as the fit format defines them: plain arithmetic. */
class LayMeasuresTest {
    private static final double TINY = 1e-12;

    /** Two squares of 100 mm on 500 by 400 with a hole of 100 by 50 and a stain of 50 by 50. */
    @Test
    void clothIsCountedWithoutHolesAndFlawsToAvoid() {
        FitPanel panel = Fit.with(
                Fit.panel("p", Ring.rectangle(0, 0, 500, 400)),
                List.of(Ring.rectangle(300, 300, 100, 50)),
                List.of(
                        new FlawZone(FlawZone.Kind.AVOID, Ring.rectangle(400, 50, 50, 50), "stain"),
                        new FlawZone(FlawZone.Kind.HIDE, Ring.rectangle(10, 300, 50, 50), "shadow")));
        FitProblem problem = Fit.fill(List.of(panel), Fit.piece("a", Fit.SQUARE_100, 2));
        FitLayout.Measures measures =
                LayMeasures.of(problem, List.of(Fit.at("a", 0, 0, 0), Fit.at("a", 1, 100, 0)), 3.5, 7);
        assertThat(measures.placedAreaM2()).isCloseTo(0.02, within(TINY));
        assertThat(measures.panelAreaM2()).isCloseTo(0.2 - 0.005 - 0.0025, within(TINY));
        assertThat(measures.utilisation()).isCloseTo(0.02 / 0.1925, within(TINY));
        assertThat(measures.lengthMm()).isNull();
        assertThat(measures.seconds()).isEqualTo(3.5);
        assertThat(measures.seed()).isEqualTo(7);
    }

    /** On cloth by the metre the used length counts, from where the cloth begins to the farthest point of any piece. */
    @Test
    void utilisationOfALengthIsOverWhatIsUsed() {
        FitPanel cloth = Fit.panel("p", Ring.rectangle(50, 20, 3000, 150));
        FitProblem problem = new FitProblem(
                Objective.SHORTEST, 0, 0, List.of(cloth), List.of(Fit.piece("a", Ring.rectangle(0, 0, 40, 120), 2)));
        FitLayout.Measures measures =
                LayMeasures.of(problem, List.of(Fit.at("a", 0, 50, 20), Fit.at("a", 1, 110, 30)), 1, 1);
        assertThat(measures.lengthMm()).isCloseTo(100, within(1e-9));
        assertThat(measures.utilisation()).isCloseTo(2 * 40 * 120 / (100 * 150.0), within(1e-9));
    }

    @Test
    void nothingLaidUsesNothing() {
        FitPanel cloth = Fit.panel("p", Ring.rectangle(0, 0, 3000, 150));
        FitProblem problem =
                new FitProblem(Objective.SHORTEST, 0, 0, List.of(cloth), List.of(Fit.piece("a", Fit.SQUARE_100, 1)));
        FitLayout.Measures measures = LayMeasures.of(problem, List.of(), 1, 1);
        assertThat(measures.lengthMm()).isZero();
        assertThat(measures.utilisation()).isZero();
    }
}
