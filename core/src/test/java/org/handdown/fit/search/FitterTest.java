package org.handdown.fit.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.handdown.fit.Fit.SQUARE_100;
import static org.handdown.fit.Fit.fill;
import static org.handdown.fit.Fit.fit;
import static org.handdown.fit.Fit.panel;
import static org.handdown.fit.Fit.piece;
import static org.handdown.fit.Fit.variant;

import java.util.List;
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
import org.handdown.fit.check.RuleChecker;
import org.handdown.fit.room.WhyNot;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.measure.Wording;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

@Tag("long")
class FitterTest {
    private static FitLayout sound(FitProblem problem, FitLayout layout) {
        assertThat(RuleChecker.check(problem, layout)).isEmpty();
        return layout;
    }

    @Test
    void sixSquaresTileTheirPanelWithNothingLeft() {
        FitProblem problem = fill(List.of(panel("p", Ring.rectangle(0, 0, 300, 200))), piece("a", SQUARE_100, 6));
        FitLayout layout = sound(problem, fit(problem, 200));
        assertThat(layout.placements()).hasSize(6);
        assertThat(layout.measures().utilisation()).isCloseTo(1, within(1e-9));
    }

    @Test
    void aSeventhSquareIsToldWhyItHasNoPlace() {
        FitProblem problem = fill(List.of(panel("p", Ring.rectangle(0, 0, 300, 200))), piece("a", SQUARE_100, 7));
        FitLayout layout = sound(problem, fit(problem, 5));
        assertThat(layout.unplaced())
                .singleElement()
                .extracting(FitLayout.Unplaced::reason)
                .asString()
                .contains(Wording.of("needs 100 mm × 100 mm"));
    }

    /** Broken off before it came to a piece, the search does not blame pieces that are not in the way. */
    @Test
    void roomThatWasNotLookedAtIsToldAsRoom() {
        FitPiece square = piece("a", SQUARE_100, 4);
        FitProblem problem = fill(List.of(panel("p", Ring.rectangle(0, 0, 320, 100))), square);
        WhyNot nothingLies = new WhyNot(problem, List.of(), () -> false);
        assertThat(nothingLies.reason(square))
                .isEqualTo(Wording.of("there is room, but it was not found in the time given: needs 100 mm × 100 mm"));
        List<Placed> two = List.of(Fit.at("a", 0, 0, 0), Fit.at("a", 1, 110, 0));
        assertThat(new WhyNot(problem, two, () -> false).reason(square)).startsWith("there is room");
        List<Placed> apart = List.of(Fit.at("a", 0, 40, 0), Fit.at("a", 1, 180, 0));
        assertThat(new WhyNot(problem, apart, () -> false).reason(square))
                .isEqualTo(
                        Wording.of(
                                "the other pieces leave no room: needs 100 mm × 100 mm, the largest free rectangle is 40 mm × 100 mm"));
    }

    @Test
    void triangleAndTriangleMakeASquareOfClothThatRunsBothWays() {
        Ring triangle = Ring.of(0, 0, 200, 0, 0, 200);
        FitPanel square = Fit.with(panel("p", Ring.rectangle(0, 0, 200, 200)), false, false, 90);
        FitProblem problem = fill(List.of(square), piece("t", triangle, 2));
        assertThat(sound(problem, fit(problem, 50)).placements()).hasSize(2);
        FitProblem pile = fill(List.of(Fit.with(square, true, false, 90)), piece("t", triangle, 2));
        FitLayout onlyOne = sound(pile, fit(pile, 50));
        assertThat(onlyOne.placements()).hasSize(1);
    }

    @Test
    void reasonsNameTheRuleThatStandsInTheWay() {
        FitPanel narrow = panel("p", Ring.rectangle(0, 0, 164, 500));
        FitProblem wide = fill(List.of(narrow), piece("yoke", Ring.rectangle(0, 0, 180, 100), 1));
        assertThat(fit(wide, 1).unplaced().get(0).reason())
                .isEqualTo(Wording.of(
                        "no panel of this cloth is wide enough: needs 180 mm across the grain, the widest has 164 mm"));
        FitProblem long1 = fill(List.of(narrow), piece("leg", Ring.rectangle(0, 0, 100, 600), 1));
        assertThat(fit(long1, 1).unplaced().get(0).reason())
                .contains(Wording.of("needs 600 mm along the grain, the longest has 500 mm"));
        FitPanel wedge = panel("p", Ring.of(0, 0, 200, 0, 100, 300));
        FitProblem upside = fill(List.of(wedge), piece("kite", Ring.of(0, 280, 90, 0, 180, 280), 1));
        assertThat(fit(upside, 1).unplaced().get(0).reason())
                .contains("only turned round")
                .contains("forbids");
        FlawZone stain = new FlawZone(FlawZone.Kind.AVOID, Ring.rectangle(70, 240, 20, 20), "stain");
        FitProblem stained = fill(
                List.of(Fit.with(narrow, List.of(), List.of(stain))), piece("bib", Ring.rectangle(0, 0, 150, 300), 1));
        assertThat(fit(stained, 1).unplaced().get(0).reason()).isEqualTo("fits only over the stain on p");
        FitPiece silk = new FitPiece(
                "a",
                1,
                Handed.SAME,
                List.of("silk"),
                PieceGrain.ANY,
                0,
                true,
                null,
                List.of(variant("v", SQUARE_100, null, 0)),
                List.of());
        assertThat(fit(fill(List.of(narrow), silk), 1).unplaced().get(0).reason())
                .isEqualTo("no panel is of silk");
        FitPiece hem = piece(
                "cuff",
                1,
                Handed.SAME,
                PieceGrain.LENGTHWISE,
                variant("v", Ring.rectangle(0, 0, 412, 40), Fit.onHem(0, 1), 0));
        assertThat(fit(fill(List.of(Fit.hemmed(narrow, 0, 1)), hem), 1)
                        .unplaced()
                        .get(0)
                        .reason())
                .isEqualTo(Wording.of("no hem of 412 mm: the longest has 164 mm"));
    }

    @Test
    void theVariantOnTheOldHemWinsByItsBonus() {
        FitPanel hemmed = Fit.hemmed(panel("p", Ring.of(0, 0, 420, 0, 400, 900, 30, 880)), 0, 1);
        FitPiece bib = piece(
                "bib",
                2,
                Handed.PAIR,
                PieceGrain.LENGTHWISE,
                variant("plain", Ring.of(0, 0, 180, 0, 150, 200, 30, 200), null, 0),
                variant("on-hem", Ring.of(0, 20, 180, 20, 150, 200, 30, 200), Fit.onHem(0, 1), 0.005));
        FitProblem problem = fill(List.of(hemmed), bib);
        FitLayout layout = sound(problem, fit(problem, 60));
        assertThat(layout.placements()).extracting(Placed::variant).containsExactly("on-hem", "on-hem");
    }

    @Test
    void aSlantedHemTurnsThePieceWithinItsTolerance() {
        // The hem rises 12 mm over 600: 1.15 degrees, which a tolerance of 2 allows and one of 1 does not.
        FitPanel slanted = Fit.hemmed(panel("p", Ring.of(0, 0, 600, 12, 600, 500, 0, 500)), 0, 1);
        for (double tolerance : new double[] {2, 1}) {
            FitPiece cuff = new FitPiece(
                    "cuff",
                    1,
                    Handed.SAME,
                    List.of(),
                    PieceGrain.LENGTHWISE,
                    tolerance,
                    true,
                    null,
                    List.of(variant("v", Ring.rectangle(0, 0, 400, 80), Fit.onHem(0, 1), 0)),
                    List.of());
            FitProblem problem = fill(List.of(slanted), cuff);
            assertThat(sound(problem, fit(problem, 3)).placements()).hasSize(tolerance > 1.5 ? 1 : 0);
        }
    }

    @Test
    void aWornPlaceIsHiddenUnderThePatch() {
        FlawZone worn = new FlawZone(FlawZone.Kind.HIDE, Ring.rectangle(60, 400, 80, 80), "worn knee");
        FitPanel leg = Fit.with(panel("p", Ring.rectangle(0, 0, 200, 700)), List.of(), List.of(worn));
        FitPiece front = piece(
                "front",
                1,
                Handed.SAME,
                PieceGrain.LENGTHWISE,
                variant("v", Ring.rectangle(0, 0, 180, 500), null, 0, Ring.rectangle(30, 200, 120, 120)));
        FitProblem problem = fill(List.of(leg), front);
        FitLayout layout = sound(problem, fit(problem, 1));
        assertThat(layout.placements().get(0).at().y()).isBetween(160.0 - 0.1, 200.0 + 0.1);
    }

    @Test
    void checksMeetInBothDirections() {
        Ring outline = Ring.rectangle(0, 0, 500, 400);
        FitPanel one = Fit.striped(panel("p", outline), new Repeat("s", 0, 30, 3), new Repeat("t", 90, 45, 10));
        FitPanel two = Fit.striped(panel("q", outline), new Repeat("s", 0, 30, 11), new Repeat("t", 90, 45, 0));
        FitPiece matched = new FitPiece(
                "a",
                6,
                Handed.PAIR,
                List.of(),
                PieceGrain.LENGTHWISE,
                0,
                true,
                null,
                List.of(variant("v", Ring.of(0, 0, 160, 0, 120, 170, 20, 170), null, 0)),
                List.of(
                        new FitPiece.Match("g", "s", new Point(20, 50)),
                        new FitPiece.Match("h", "t", new Point(20, 50))));
        FitProblem problem = fill(List.of(one, two), matched);
        assertThat(sound(problem, fit(problem, 40)).placements()).hasSize(6);
    }

    @Test
    void optionalPiecesGiveWayToRequiredOnes() {
        FitPiece big = new FitPiece(
                "optional",
                1,
                Handed.SAME,
                List.of(),
                PieceGrain.ANY,
                0,
                false,
                50.0,
                List.of(variant("v", Ring.rectangle(0, 0, 280, 180), null, 0)),
                List.of());
        FitProblem problem = fill(List.of(panel("p", Ring.rectangle(0, 0, 300, 200))), big, piece("a", SQUARE_100, 2));
        FitLayout layout = sound(problem, fit(problem, 60));
        assertThat(layout.placements())
                .extracting(Placed::piece)
                .containsOnly("a")
                .hasSize(2);
    }

    @Test
    void theShortestLengthOfSquaresIsTheirRows() {
        FitPanel cloth = panel("p", Ring.rectangle(0, 0, 2000, 300));
        FitProblem problem =
                new FitProblem(Objective.SHORTEST, 0, 0, List.of(cloth), List.of(piece("a", SQUARE_100, 7)));
        FitLayout layout = sound(problem, fit(problem, 100));
        assertThat(layout.measures().lengthMm()).isCloseTo(300, within(0.3));
    }

    @Test
    void theSameSeedAndStepsGiveTheSameLay() {
        FitProblem problem = fill(
                List.of(
                        panel("p", Ring.of(0, 0, 420, 0, 400, 700, 30, 680)),
                        panel("q", Ring.rectangle(0, 0, 200, 600))),
                piece("a", Ring.of(0, 0, 120, 0, 100, 160, 10, 150), 6),
                piece("b", Ring.of(0, 0, 80, 30, 60, 210), 5));
        assertThat(fit(problem, 30).placements()).isEqualTo(fit(problem, 30).placements());
    }

    @Test
    void leftoversStayTogether() {
        FitProblem problem = fill(List.of(panel("p", Ring.rectangle(0, 0, 400, 400))), piece("a", SQUARE_100, 3));
        FitLayout layout = sound(problem, fit(problem, 150));
        // Three squares in a row leave 400 × 300; scattered they would leave far less.
        FitLayout.GrainRectangle largest =
                java.util.Objects.requireNonNull(layout.remnants().get(0).largestRectangle());
        assertThat(largest.areaMm2()).isGreaterThan(118_000);
    }

    @Test
    void cancellingKeepsTheBestSoFar() {
        FitProblem problem = fill(List.of(panel("p", Ring.rectangle(0, 0, 300, 200))), piece("a", SQUARE_100, 6));
        var seen = new java.util.ArrayList<FitLayout>();
        Fitter.Budget budget = new Fitter.Budget(Double.POSITIVE_INFINITY, Long.MAX_VALUE, 1, 1);
        FitLayout layout = new Fitter(problem, budget, System::nanoTime, () -> !seen.isEmpty(), seen::add).fit();
        assertThat(layout.placements()).hasSameSizeAs(seen.get(seen.size() - 1).placements());
    }
}
