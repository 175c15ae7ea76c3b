package org.handdown.fit.search;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.handdown.fit.Fit;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitProblem;
import org.handdown.fit.Placed;
import org.handdown.geometry.Ring;
import org.junit.jupiter.api.Test;

/** The order of lays: what counts first, and that it is an order at all. */
class ScoreTest {
    private static final Score BASE = new Score(3, 1.5, 20_000, 1, 4);

    @Test
    void theWeightierFigureDecides() {
        assertThat(new Score(4, 0, 0, 0, 0)).isGreaterThan(BASE);
        assertThat(new Score(3, 1.6, 0, 0, 0)).isGreaterThan(BASE);
        assertThat(new Score(3, 1.5, 20_100, 0, 0)).isGreaterThan(BASE);
        assertThat(new Score(3, 1.5, 20_000, 2, 0)).isGreaterThan(BASE);
        assertThat(new Score(3, 1.5, 20_000, 1, 5)).isGreaterThan(BASE);
        // A fifth of a square centimetre more of remnant is nothing to a cutter; a panel left whole is.
        assertThat(new Score(3, 1.5, 20_020, 0, 9)).isLessThan(BASE);
        // Lengths stand below zero: shorter is better, to a hundredth of a millimetre.
        assertThat(new Score(3, 0, -900.00, 0, 0)).isGreaterThan(new Score(3, 0, -900.02, 0, 0));
    }

    @Provide
    Arbitrary<Score> scores() {
        return Combinators.combine(
                        Arbitraries.integers().between(0, 2),
                        Arbitraries.of(0.0, 0.5, 0.5 + 1e-12),
                        Arbitraries.doubles().between(-300, 300),
                        Arbitraries.integers().between(0, 2),
                        Arbitraries.integers().between(0, 2))
                .as(Score::new);
    }

    @Property(tries = 2000)
    void itIsAnOrder(@ForAll("scores") Score a, @ForAll("scores") Score b, @ForAll("scores") Score c) {
        assertThat(Integer.signum(a.compareTo(b))).isEqualTo(-Integer.signum(b.compareTo(a)));
        if (a.compareTo(b) >= 0 && b.compareTo(c) >= 0) {
            assertThat(a.compareTo(c)).isGreaterThanOrEqualTo(0);
        }
    }

    @Test
    void aPanelIsLeftWholeWhereNothingIsLostByIt() {
        FitPanel one = Fit.panel("p", Ring.rectangle(0, 0, 300, 300));
        FitPanel two = Fit.panel("q", Ring.rectangle(0, 0, 300, 300));
        FitProblem problem = Fit.fill(List.of(one, two), Fit.piece("a", Fit.SQUARE_100, 2));
        FitLayout layout = Fit.fit(problem, 60);
        assertThat(layout.placements().stream().map(Placed::panel).distinct()).hasSize(1);
    }
}
