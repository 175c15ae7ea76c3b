package org.handdown.fit.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.handdown.fit.Fit;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.FlawZone;
import org.handdown.fit.Handed;
import org.handdown.fit.Objective;
import org.handdown.fit.PieceGrain;
import org.handdown.fit.Placed;
import org.handdown.fit.check.RuleChecker;
import org.handdown.geometry.Ring;
import org.junit.jupiter.api.Test;

/** The plain way to lay, which measurements are compared with: by arithmetic on rectangles. */
class BottomLeftFillTest {
    /** The slack that touching pieces are given, over a handful of them, mm. */
    private static final double SLACK_MM = 0.5;

    private static FitProblem shortest(double wide, FitPiece... pieces) {
        FitPanel cloth = Fit.panel("p", Ring.rectangle(0, 0, 5000, wide));
        return new FitProblem(Objective.SHORTEST, 0, 0, List.of(cloth), List.of(pieces));
    }

    private static FitLayout plain(FitProblem problem) {
        return new BottomLeftFill(problem, 1, () -> true).fit();
    }

    private static double lengthMm(FitLayout layout) {
        return java.util.Objects.requireNonNull(layout.measures().lengthMm());
    }

    /** So many squares stand above each other as the cloth is wide; the rest in further columns. */
    @Property(tries = 30)
    void squaresStandInColumns(
            @ForAll @IntRange(min = 1, max = 12) int count, @ForAll @DoubleRange(min = 110, max = 390) double wide) {
        // Within a tenth of a millimetre the format leaves it open whether one more fits.
        Assume.that(Math.abs(wide - 100 * Math.rint(wide / 100)) > 0.5);
        FitProblem problem = shortest(wide, Fit.piece("a", Fit.SQUARE_100, count));
        FitLayout layout = plain(problem);
        double columns = Math.ceil(count / Math.floor(wide / 100));
        assertThat(lengthMm(layout)).isCloseTo(100 * columns, within(SLACK_MM));
        assertThat(layout.placements()).hasSize(count);
        assertThat(RuleChecker.check(problem, layout)).isEmpty();
    }

    /** The first order is by size: the large one lies at the beginning, the small ones beside it as far left as they go. */
    @Test
    void theLargestIsLaidFirst() {
        FitProblem problem = shortest(
                300, Fit.piece("small", Fit.SQUARE_100, 2), Fit.piece("large", Ring.rectangle(0, 0, 250, 200), 1));
        FitLayout layout = plain(problem);
        assertThat(lengthMm(layout)).isCloseTo(250, within(SLACK_MM));
        Placed large = layout.placements().stream()
                .filter(p -> p.piece().equals("large"))
                .findFirst()
                .orElseThrow();
        assertThat(large.at().x()).isCloseTo(0, within(SLACK_MM));
    }

    /** Of two ways the first that reaches least far is taken: a slip that may lie either way is laid across. */
    @Test
    void theWayThatReachesLeastIsTaken() {
        FitPiece slip = Fit.piece(
                "slip",
                1,
                Handed.SAME,
                PieceGrain.EITHER,
                new FitPiece.Variant("plain", Ring.rectangle(0, 0, 60, 280), List.of(), null, 0));
        assertThat(lengthMm(plain(shortest(300, slip)))).isCloseTo(60, within(SLACK_MM));
        assertThat(lengthMm(plain(shortest(200, slip)))).isCloseTo(280, within(SLACK_MM));
    }

    /** More restarts never end longer: the best of all orders is kept. */
    @Property(tries = 10)
    void restartsNeverMakeItWorse(@ForAll long seed) {
        FitProblem problem = shortest(
                310,
                Fit.piece("a", Ring.rectangle(0, 0, 170, 110), 3),
                Fit.piece("b", Ring.rectangle(0, 0, 90, 205), 3),
                Fit.piece("c", Ring.rectangle(0, 0, 60, 60), 4));
        int[] asked = {0};
        FitLayout once = plain(problem);
        FitLayout often = new BottomLeftFill(problem, seed, () -> ++asked[0] > 8).fit();
        assertThat(lengthMm(often)).isLessThanOrEqualTo(lengthMm(once) + 1e-9);
        assertThat(often.placements()).hasSize(10);
        assertThat(RuleChecker.check(problem, often)).isEmpty();
    }

    /** Where several panels are to be filled, the first that takes a copy gets it, and flaws are left free. */
    @Test
    void panelsAreFilledInTurnAroundTheirFlaws() {
        FitPanel first = Fit.with(
                Fit.panel("p", Ring.rectangle(0, 0, 200, 100)),
                List.of(),
                List.of(new FlawZone(FlawZone.Kind.AVOID, Ring.rectangle(120, 20, 30, 30), "stain")));
        FitPanel second = Fit.panel("q", Ring.rectangle(0, 0, 100, 100));
        FitProblem problem = Fit.fill(List.of(first, second), Fit.piece("a", Fit.SQUARE_100, 3));
        FitLayout layout = plain(problem);
        assertThat(layout.placements()).extracting(Placed::panel).containsExactlyInAnyOrder("p", "q");
        assertThat(RuleChecker.check(problem, layout.placements())).isEmpty();
    }
}
