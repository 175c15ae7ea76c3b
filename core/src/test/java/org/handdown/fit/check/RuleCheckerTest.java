package org.handdown.fit.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.handdown.fit.Fit.SQUARE_100;
import static org.handdown.fit.Fit.at;
import static org.handdown.fit.Fit.fill;
import static org.handdown.fit.Fit.panel;
import static org.handdown.fit.Fit.piece;
import static org.handdown.fit.Fit.variant;

import java.util.List;
import org.assertj.core.api.ListAssert;
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
import org.handdown.fit.Repeat;
import org.handdown.fit.check.Finding.Rule;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.junit.jupiter.api.Test;

/** One lay for every rule of docs/formats/fit-format.md, on both sides of its tolerance. */
class RuleCheckerTest {
    private static final FitPanel PANEL = panel("p", Ring.rectangle(0, 0, 300, 200));
    private static final FitPiece SQUARE = piece("a", SQUARE_100, 2);

    private static ListAssert<Rule> rules(FitProblem problem, Placed... placements) {
        return assertThat(RuleChecker.check(problem, List.of(placements)).stream()
                .map(Finding::rule)
                .toList());
    }

    private static FitProblem one(FitPanel panel, FitPiece piece) {
        return fill(List.of(panel), piece);
    }

    private static FitProblem apart(double gap, double margin, FitPanel panel, FitPiece piece) {
        return new FitProblem(Objective.FILL, gap, margin, List.of(panel), List.of(piece));
    }

    @Test
    void touchingIsSoundAndATenthOfAMillimetreIsForgiven() {
        rules(one(PANEL, SQUARE), at("a", 0, 0, 0), at("a", 1, 100, 0)).isEmpty();
        rules(one(PANEL, SQUARE), at("a", 0, 0, 0), at("a", 1, 99.91, 0)).isEmpty();
        rules(one(PANEL, SQUARE), at("a", 0, 0, 0), at("a", 1, 99.8, 0)).containsExactly(Rule.OVERLAP);
    }

    @Test
    void aPieceThatSwallowsAnotherOverlapsIt() {
        FitProblem problem = fill(List.of(PANEL), piece("a", SQUARE_100, 1), piece("b", Ring.rectangle(0, 0, 5, 5), 1));
        rules(problem, at("a", 0, 0, 0), at("b", 0, 40, 40)).containsExactly(Rule.OVERLAP);
    }

    @Test
    void nothingReachesPastTheCloth() {
        rules(one(PANEL, SQUARE), at("a", 0, -0.09, 0)).isEmpty();
        rules(one(PANEL, SQUARE), at("a", 0, -0.2, 0)).containsExactly(Rule.PANEL);
        assertThat(RuleChecker.check(one(PANEL, SQUARE), List.of(at("a", 0, -16, 0)))
                        .get(0)
                        .byMm())
                .isBetween(15.9, 16.1);
    }

    @Test
    void gapAndMarginAreKeptToATenth() {
        rules(apart(5, 0, PANEL, SQUARE), at("a", 0, 0, 0), at("a", 1, 104.92, 0))
                .isEmpty();
        rules(apart(5, 0, PANEL, SQUARE), at("a", 0, 0, 0), at("a", 1, 104.8, 0))
                .containsExactly(Rule.GAP);
        rules(apart(0, 5, PANEL, SQUARE), at("a", 0, 4.92, 10)).isEmpty();
        rules(apart(0, 5, PANEL, SQUARE), at("a", 0, 4.8, 10)).containsExactly(Rule.MARGIN);
    }

    @Test
    void holesAndAvoidZonesAreKeptClear() {
        Ring spot = Ring.rectangle(150, 50, 10, 10);
        FitPanel holed = Fit.with(PANEL, List.of(spot), List.of());
        FitPanel stained = Fit.with(PANEL, List.of(), List.of(new FlawZone(FlawZone.Kind.AVOID, spot, "stain")));
        rules(one(holed, SQUARE), at("a", 0, 50.05, 0)).isEmpty();
        rules(one(holed, SQUARE), at("a", 0, 50.2, 0)).containsExactly(Rule.HOLE);
        rules(one(stained, SQUARE), at("a", 0, 100, 0)).containsExactly(Rule.AVOID);
        // A margin holds towards holes and stains too.
        rules(apart(0, 3, stained, SQUARE), at("a", 0, 48, 10)).containsExactly(Rule.AVOID);
    }

    @Test
    void aFlawToHideMayLieWhereNobodySees() {
        FlawZone fade = new FlawZone(FlawZone.Kind.HIDE, Ring.rectangle(150, 50, 10, 10), "fade");
        FitPanel faded = Fit.with(PANEL, List.of(), List.of(fade));
        FitPiece facing = piece(
                "a",
                1,
                Handed.FREE,
                PieceGrain.LENGTHWISE,
                variant("plain", SQUARE_100, null, 0, Ring.rectangle(0, 0, 30, 100)));
        rules(one(faded, facing), at("a", 0, 135, 0)).isEmpty();
        rules(one(faded, facing), at("a", 0, 100, 0)).containsExactly(Rule.HIDE);
        // Mirrored, the hidden part is on the other side.
        rules(one(faded, facing), at("a", 0, 235, 0, 0, true)).containsExactly(Rule.HIDE);
        rules(one(faded, facing), at("a", 0, 175, 0, 0, true)).isEmpty();
        // Several zones may be hidden together only if each of them is.
        FlawZone second = new FlawZone(FlawZone.Kind.HIDE, Ring.rectangle(180, 50, 10, 10), "worn place");
        FitPanel both = Fit.with(PANEL, List.of(), List.of(fade, second));
        rules(one(both, facing), at("a", 0, 135, 0)).containsExactly(Rule.HIDE);
    }

    @Test
    void theGrainIsKeptWithinItsTolerance() {
        FitPiece tolerant = new FitPiece(
                "a", 1, Handed.SAME, List.of(), PieceGrain.LENGTHWISE, 2, true, null, SQUARE.variants(), List.of());
        rules(one(PANEL, tolerant), at("a", 0, 150, 50, 1.9, false)).isEmpty();
        rules(one(PANEL, tolerant), at("a", 0, 150, 50, 2.1, false)).containsExactly(Rule.GRAIN);
        rules(one(PANEL, tolerant), at("a", 0, 200, 150, 180, false)).containsExactly(Rule.GRAIN);
        assertThat(RuleChecker.check(one(PANEL, tolerant), List.of(at("a", 0, 200, 150, 180, false)))
                        .get(0)
                        .message())
                .isEqualTo("a lies the other way up: the pile forbids it.");
        FitPanel plain = Fit.with(PANEL, false, false, 90);
        rules(one(plain, tolerant), at("a", 0, 200, 150, 180, false)).isEmpty();
    }

    /** Every kind of grain on a one-way and on a plain panel, turned in steps of 45 degrees; the table is the fit format's. */
    @Test
    void everyGrainAllowsItsTurnsAndNoOthers() {
        assertThat(allowedTurns(PieceGrain.LENGTHWISE, true)).containsExactly(0);
        assertThat(allowedTurns(PieceGrain.LENGTHWISE, false)).containsExactly(0, 180);
        assertThat(allowedTurns(PieceGrain.CROSSWISE, true)).containsExactly(90, 270);
        assertThat(allowedTurns(PieceGrain.CROSSWISE, false)).containsExactly(90, 270);
        assertThat(allowedTurns(PieceGrain.EITHER, true)).containsExactly(0, 90, 270);
        assertThat(allowedTurns(PieceGrain.EITHER, false)).containsExactly(0, 90, 180, 270);
        assertThat(allowedTurns(PieceGrain.BIAS, true)).containsExactly(45, 315);
        assertThat(allowedTurns(PieceGrain.BIAS, false)).containsExactly(45, 135, 225, 315);
        assertThat(allowedTurns(PieceGrain.ANY, true)).hasSize(8);
    }

    private static List<Integer> allowedTurns(PieceGrain grain, boolean oneWay) {
        FitPanel wide = Fit.with(panel("p", Ring.rectangle(-500, -500, 1000, 1000)), oneWay, false, 90);
        FitPiece piece = piece("a", 1, Handed.SAME, grain, SQUARE.variants().get(0));
        return java.util.stream.IntStream.range(0, 8)
                .map(k -> 45 * k)
                .filter(turn -> RuleChecker.check(one(wide, piece), List.of(at("a", 0, 0, 0, turn, false)))
                        .isEmpty())
                .boxed()
                .toList();
    }

    @Test
    void aGrainThatRunsAcrossTurnsThePieceWithIt() {
        FitPanel across = Fit.with(PANEL, true, false, 0);
        rules(one(across, SQUARE), at("a", 0, 0, 150, 270, false)).isEmpty();
        rules(one(across, SQUARE), at("a", 0, 0, 0)).containsExactly(Rule.GRAIN);
    }

    @Test
    void pairsAreHalfMirroredAndBothSidesAlikeCountAsEither() {
        FitPiece pair = piece(
                "a", 2, Handed.PAIR, PieceGrain.LENGTHWISE, SQUARE.variants().get(0));
        rules(one(PANEL, pair), at("a", 0, 0, 0), at("a", 1, 200, 0, 0, true)).isEmpty();
        rules(one(PANEL, pair), at("a", 0, 0, 0), at("a", 1, 100, 0)).containsExactly(Rule.HANDED);
        rules(one(PANEL, SQUARE), at("a", 0, 100, 0, 0, true)).containsExactly(Rule.HANDED);
        FitPanel reversible = Fit.with(PANEL, true, true, 90);
        rules(one(reversible, pair), at("a", 0, 0, 0), at("a", 1, 100, 0)).isEmpty();
        rules(one(reversible, SQUARE), at("a", 0, 100, 0, 0, true)).isEmpty();
    }

    @Test
    void anAnchoredEdgeLiesOnOneFinishedEdgeAllAlong() {
        FitPanel hemmed = Fit.hemmed(PANEL, 0, 1);
        FitPiece onHem =
                piece("a", 1, Handed.SAME, PieceGrain.LENGTHWISE, variant("plain", SQUARE_100, Fit.onHem(0, 1), 0));
        rules(one(hemmed, onHem), at("a", 0, 30, 0)).isEmpty();
        rules(one(hemmed, onHem), at("a", 0, 30, 0.9)).isEmpty();
        rules(one(hemmed, onHem), at("a", 0, 30, 1.2)).containsExactly(Rule.ANCHOR);
        rules(one(PANEL, onHem), at("a", 0, 30, 0)).containsExactly(Rule.ANCHOR);
        // It keeps no margin from its own edge, but full margin from the rest of the outline.
        rules(apart(0, 10, hemmed, onHem), at("a", 0, 30, 0)).isEmpty();
        rules(apart(0, 10, hemmed, onHem), at("a", 0, 3, 0)).containsExactly(Rule.MARGIN);
    }

    @Test
    void stripesMeetAtMatchedPoints() {
        FitPanel striped = Fit.striped(PANEL, new Repeat("s", 0, 24, 5));
        FitPiece matched =
                Fit.matched(SQUARE.variants().get(0).outline(), 2, new FitPiece.Match("side", "s", new Point(0, 50)));
        rules(one(striped, matched), at("a", 0, 0, 0), at("a", 1, 120, 0)).isEmpty();
        rules(one(striped, matched), at("a", 0, 0, 0), at("a", 1, 120.9, 0)).isEmpty();
        rules(one(striped, matched), at("a", 0, 0, 0), at("a", 1, 122, 0)).containsExactly(Rule.MATCH);
        // The phase of each panel counts, and the way round the period is the shorter one.
        FitPanel other = Fit.striped(panel("q", Ring.rectangle(0, 0, 300, 200)), new Repeat("s", 0, 24, 4.5));
        FitProblem two = fill(List.of(striped, other), matched);
        Placed second = new Placed("a", 1, "plain", "q", new org.handdown.geometry.Placement(23.5, 0, 0, false));
        rules(two, at("a", 0, 0, 0), second).isEmpty();
    }

    @Test
    void clothsAndNamesAreChecked() {
        FitPiece silk = new FitPiece(
                "a", 1, Handed.SAME, List.of("silk"), PieceGrain.ANY, 0, true, null, SQUARE.variants(), List.of());
        rules(one(PANEL, silk), at("a", 0, 0, 0)).containsExactly(Rule.CLOTH);
        rules(one(PANEL, SQUARE), at("ghost", 0, 0, 0)).containsExactly(Rule.KNOWN);
    }

    @Test
    void everyCopyStandsExactlyOnce() {
        FitLayout.Measures none = new FitLayout.Measures(0, 0, 0, null, 0, 1);
        FitLayout twice =
                new FitLayout(List.of(at("a", 0, 0, 0)), List.of(new FitLayout.Unplaced("a", 0, "?")), none, List.of());
        assertThat(RuleChecker.check(one(PANEL, SQUARE), twice))
                .extracting(Finding::rule)
                .containsExactly(Rule.COPIES, Rule.COPIES);
        FitLayout extra = new FitLayout(
                List.of(at("a", 0, 0, 0), at("a", 1, 100, 0), at("a", 2, 200, 0)), List.of(), none, List.of());
        assertThat(RuleChecker.check(one(PANEL, SQUARE), extra))
                .extracting(Finding::rule)
                .contains(Rule.COPIES);
    }
}
