package org.handdown.fit.room;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.handdown.fit.Fit;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.Objective;
import org.handdown.geometry.Ring;
import org.junit.jupiter.api.Test;

/** How much of an outline touches, worked by hand on rectangles. */
class ContactFieldTest {
    private static final FitPiece SQUARE = Fit.piece("a", Fit.SQUARE_100, 4);

    private static ContactField.Table table(FitProblem problem) {
        ContactField.Table table = new ContactField(problem).table(0);
        table.clear(Double.POSITIVE_INFINITY);
        return table;
    }

    private static Shape shape(FitProblem problem) {
        return new ShapeBook(problem).ways(0, 0).get(0);
    }

    private static FitProblem problem(double gap, double margin) {
        return new FitProblem(
                Objective.FILL, gap, margin, List.of(Fit.panel("p", Ring.rectangle(0, 0, 400, 300))), List.of(SQUARE));
    }

    @Test
    void inACornerHalfOfASquareTouches() {
        FitProblem problem = problem(0, 0);
        assertThat(table(problem).share(shape(problem), 0, 0, 1)).isCloseTo(0.5, within(0.03));
        assertThat(table(problem).share(shape(problem), 150, 0, 1)).isCloseTo(0.25, within(0.03));
        assertThat(table(problem).share(shape(problem), 150, 100, 1)).isZero();
    }

    @Test
    void betweenNeighboursNearlyAllOfItTouches() {
        FitProblem problem = problem(0, 0);
        ContactField.Table table = table(problem);
        table.put(shape(problem), 100, 0);
        table.put(shape(problem), 0, 100);
        assertThat(table.share(shape(problem), 0, 0, 1)).isCloseTo(1, within(0.04));
        table.clear(Double.POSITIVE_INFINITY);
        assertThat(table.share(shape(problem), 0, 0, 1)).isCloseTo(0.5, within(0.03));
    }

    /** Where a gap must be kept, being as near as one may counts as touching. */
    @Test
    void aGapThatMustBeKeptCounts() {
        FitProblem problem = problem(8, 12);
        ContactField.Table table = table(problem);
        assertThat(table.share(shape(problem), 12, 12, 1)).isCloseTo(0.5, within(0.05));
        table.put(shape(problem), 120, 12);
        assertThat(table.share(shape(problem), 12, 12, 1)).isCloseTo(0.75, within(0.06));
    }

    @Test
    void theWallOfAShorterClothTouchesToo() {
        FitProblem problem = problem(0, 0);
        ContactField.Table table = table(problem);
        table.clear(250);
        assertThat(table.share(shape(problem), 150, 0, 1)).isCloseTo(0.5, within(0.03));
    }

    @Test
    void whatLiesOnSomethingIsToldApart() {
        FitProblem problem = problem(0, 0);
        ContactField.Table table = table(problem);
        table.put(shape(problem), 100, 0);
        assertThat(table.share(shape(problem), 60, 0, 1)).isNegative();
        assertThat(table.share(shape(problem), -40, 0, 1)).isNegative();
    }

    /** A quarter of the samples tells nearly the same: that is what the search relies on. */
    @Test
    void aQuarterOfTheSamplesTellsNearlyTheSame() {
        FitProblem problem = problem(0, 0);
        ContactField.Table table = table(problem);
        for (double x = 0; x <= 300; x += 7) {
            assertThat(table.share(shape(problem), x, 0, 4))
                    .isCloseTo(table.share(shape(problem), x, 0, 1), within(0.12));
        }
    }
}
