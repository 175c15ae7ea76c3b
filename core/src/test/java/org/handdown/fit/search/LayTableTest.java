package org.handdown.fit.search;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.handdown.fit.Fit;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitPiece;
import org.handdown.fit.Placed;
import org.handdown.fit.Repeat;
import org.handdown.fit.check.Finding;
import org.handdown.fit.check.RuleChecker;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** The moves a search is made of, on panels on which by plain arithmetic so many squares lie. */
@Tag("long")
@net.jqwik.api.Tag("long")
class LayTableTest {
    /** Five panels of two squares each, and ten squares. */
    private static SearchProblem fivePanels() {
        List<FitPanel> panels = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            panels.add(Fit.panel("p" + i, Ring.rectangle(0, 0, 205, 105)));
        }
        return SearchProblem.of(Fit.fill(panels, Fit.piece("a", Fit.SQUARE_100, 10)));
    }

    private static List<Finding> check(SearchProblem bench, LayState state) {
        List<Placed> placed = new ArrayList<>();
        for (int c = 0; c < state.shape.length; c++) {
            if (state.isPlaced(c)) {
                placed.add(new Placed(
                        "a",
                        c,
                        "plain",
                        bench.problem().panels().get(state.panel[c]).id(),
                        bench.book().shape(state.shape[c]).at(state.x[c], state.y[c])));
            }
        }
        return RuleChecker.check(bench.problem(), placed);
    }

    @Test
    void laidAnewEveryPanelIsFilled() {
        SearchProblem bench = fivePanels();
        LayTable table = new LayTable(bench, 1, () -> false);
        table.layAnew(bench.fresh());
        assertThat(bench.placed(table.state)).isEqualTo(10);
        assertThat(check(bench, table.state)).isEmpty();
    }

    /** Stopped at any moment the panels that were not reached keep what lay on them: nothing is lost by having begun. */
    @Property(tries = 40)
    void whatIsStoppedKeepsTheRest(@ForAll long seed, @ForAll @IntRange(min = 0, max = 60) int asked) {
        SearchProblem bench = fivePanels();
        LayTable first = new LayTable(bench, seed, () -> false);
        first.layAnew(bench.fresh());
        int[] left = {asked};
        LayTable second = new LayTable(bench, seed + 1, () -> left[0]-- <= 0);
        second.layAnew(first.state);
        assertThat(bench.placed(second.state)).isGreaterThanOrEqualTo(8);
        assertThat(check(bench, second.state)).isEmpty();
    }

    /** Whatever is taken off and laid again, the state stays sound. */
    @Property(tries = 20)
    void ruinAndRecreateStaySound(@ForAll long seed) {
        SearchProblem bench = fivePanels();
        LayTable table = new LayTable(bench, seed, () -> false);
        table.recreate();
        for (int i = 0; i < 10; i++) {
            table.chooseWays();
            table.ruin();
            table.recreate();
            assertThat(check(bench, table.state)).isEmpty();
        }
    }

    /** Where the first copy of a matched piece settles the stripe, and is taken off again, the next may settle another; so may an older lay taken up again. */
    @Property(tries = 20)
    void matchedCopiesMeetWhateverIsTakenOff(@ForAll long seed) {
        FitPanel striped = Fit.striped(Fit.panel("p", Ring.rectangle(0, 0, 330, 115)), new Repeat("s", 90, 22, 9));
        FitPiece matched =
                Fit.piece("a", Fit.SQUARE_100, 3).withMatches(List.of(new FitPiece.Match("g", "s", new Point(0, 40))));
        SearchProblem bench = SearchProblem.of(Fit.fill(List.of(striped), matched));
        LayTable table = new LayTable(bench, seed, () -> false);
        table.recreate();
        LayState first = table.state.copy();
        for (int i = 0; i < 20; i++) {
            table.chooseWays();
            table.ruin();
            table.recreate();
            assertThat(check(bench, table.state)).isEmpty();
            assertThat(bench.placed(table.state)).isEqualTo(3);
            // As a search goes back to an older lay, which stands in another phase.
            table.state = i % 2 == 0 ? first.copy() : table.state;
        }
    }

    @Test
    void weightAndMissingGoTogether() {
        SearchProblem bench = fivePanels();
        LayTable table = new LayTable(bench, 1, () -> false);
        assertThat(table.missing()).hasSize(10);
        double nothing = table.weight();
        table.layAnew(bench.fresh());
        assertThat(table.missing()).isEmpty();
        assertThat(table.weight()).isGreaterThan(nothing + 10 * 1e4 - 1);
    }
}
