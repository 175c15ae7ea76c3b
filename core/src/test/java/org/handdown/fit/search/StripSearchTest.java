package org.handdown.fit.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.handdown.fit.Fit;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitProblem;
import org.handdown.fit.Objective;
import org.handdown.fit.check.RuleChecker;
import org.handdown.geometry.Ring;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Lays as short as can be, on pieces that mate with nothing as on those that do. */
@Tag("long")
class StripSearchTest {
    private static final FitPanel CLOTH = Fit.panel("p", Ring.rectangle(0, 0, 4000, 400));

    /** Legs, sleeves and yokes: none mates with another, so the search goes all its ways. */
    private static FitProblem garments() {
        Ring leg = Ring.of(0, 0, 300, 20, 300, 110, 120, 150, 60, 190, 0, 150);
        Ring sleeve = Ring.of(0, 0, 130, 0, 150, 70, 80, 120, 0, 90);
        Ring yoke = Ring.of(0, 0, 60, 25, 120, 0, 140, 80, -20, 80);
        return new FitProblem(
                Objective.SHORTEST,
                2,
                0,
                List.of(CLOTH),
                List.of(Fit.piece("leg", leg, 4), Fit.piece("sleeve", sleeve, 4), Fit.piece("yoke", yoke, 3)));
    }

    private static double lengthMm(FitLayout layout) {
        return Objects.requireNonNull(layout.measures().lengthMm());
    }

    private static List<FitLayout> told(FitProblem problem, long steps, long seed) {
        List<FitLayout> told = new ArrayList<>();
        Fitter.Budget budget = new Fitter.Budget(Double.POSITIVE_INFINITY, steps, seed, 1);
        new Fitter(problem, budget, System::nanoTime, () -> false, told::add).fit();
        return told;
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3})
    void everyLayIsSoundAndShorterThanTheOneBefore(long seed) {
        FitProblem problem = garments();
        List<FitLayout> told = told(problem, 6, seed);
        assertThat(told).hasSizeGreaterThan(2);
        FitLayout before = null;
        for (FitLayout lay : told) {
            assertThat(RuleChecker.check(problem, lay.placements())).isEmpty();
            if (before != null && before.placements().size() == 11) {
                assertThat(lay.placements()).hasSize(11);
                assertThat(lengthMm(lay)).isLessThan(lengthMm(before));
            }
            before = lay;
        }
        assertThat(Objects.requireNonNull(before).placements()).hasSize(11);
    }

    /** Wandering over longer lays never loses the shortest: more steps of the same chance are never worse. */
    @Test
    void moreStepsAreNeverLonger() {
        List<FitLayout> few = told(garments(), 2, 5);
        List<FitLayout> many = told(garments(), 8, 5);
        assertThat(many).hasSizeGreaterThanOrEqualTo(few.size());
        for (int i = 0; i < few.size(); i++) {
            assertThat(many.get(i).placements()).isEqualTo(few.get(i).placements());
        }
        assertThat(lengthMm(many.get(many.size() - 1))).isLessThanOrEqualTo(lengthMm(few.get(few.size() - 1)));
    }

    /** The bench's reference, with many orders. */
    @Test
    void shorterThanAPlainFill() {
        FitProblem problem = garments();
        int[] left = {4000};
        double plain = lengthMm(new BottomLeftFill(problem, 1, () -> left[0]-- < 0).fit());
        List<FitLayout> told = told(problem, 8, 1);
        assertThat(lengthMm(told.get(told.size() - 1))).isLessThan(plain);
    }

    /** Four rectangles that cover 600 mm of cloth: no lay is shorter, so nobody is kept waiting for the time to run out. */
    @Test
    void endsWhereNothingShorterIsThinkable() {
        FitProblem problem = new FitProblem(
                Objective.SHORTEST, 0, 0, List.of(CLOTH), List.of(Fit.piece("a", Ring.rectangle(0, 0, 300, 200), 4)));
        int[] asked = {0};
        int most = 20_000_000;
        Fitter.Budget endless = new Fitter.Budget(Double.POSITIVE_INFINITY, Long.MAX_VALUE, 1, 1);
        FitLayout layout = new Fitter(problem, endless, System::nanoTime, () -> ++asked[0] > most, lay -> {}).fit();
        // Pieces may overlap by a hair, as the rules allow.
        assertThat(lengthMm(layout)).isCloseTo(600, within(0.1));
        assertThat(asked[0]).isLessThan(most);
    }
}
