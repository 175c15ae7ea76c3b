package org.handdown.fit.room;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.handdown.fit.Fit.SQUARE_100;
import static org.handdown.fit.Fit.at;
import static org.handdown.fit.Fit.fill;
import static org.handdown.fit.Fit.panel;
import static org.handdown.fit.Fit.piece;
import static org.handdown.fit.Fit.variant;

import java.util.List;
import java.util.Random;
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
import org.handdown.fit.check.Finding;
import org.handdown.geometry.Point;
import org.handdown.geometry.Region;
import org.handdown.geometry.Ring;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A hand moving one piece among others; the rule checker is the reference for every spot. */
@Tag("long")
class HandLayTest {
    private static final FitPanel PANEL = panel("p", Ring.rectangle(0, 0, 300, 200));
    private static final FitPiece SQUARE = piece("a", SQUARE_100, 2);

    private static HandLay hand(FitProblem problem, Placed... laid) {
        FitLayout.Measures none = new FitLayout.Measures(0, 0, 0, null, 0, 1);
        return new HandLay(problem, new FitLayout(List.of(laid), List.of(), none, List.of()));
    }

    private static double areaMm2(AllowedSpots spots) {
        return Region.of(spots.areas()).areaMm2();
    }

    @Test
    void aSquareOnAnEmptyPanelMayShiftByWhatThePanelIsLarger() {
        AllowedSpots spots = hand(fill(List.of(PANEL), SQUARE)).allowed(at("a", 0, 0, 0));
        // 200 mm one way and 100 mm the other, and a few hundredths of slack.
        assertThat(areaMm2(spots)).isCloseTo(200 * 100, within(40.0));
        assertThat(spots.bans()).isEmpty();
        assertThat(spots.never()).isEmpty();
    }

    @Test
    void anotherPieceTakesItsSquareAndIsNamed() {
        AllowedSpots spots =
                hand(fill(List.of(PANEL), SQUARE), at("a", 1, 200, 0)).allowed(at("a", 0, 0, 0));
        // The other one forbids a square of 200 mm about itself, of which 100 × 100 mm lie in the room.
        assertThat(areaMm2(spots)).isCloseTo(100 * 100, within(40.0));
        assertThat(spots.bans()).singleElement().satisfies(ban -> {
            assertThat(ban.what()).isEqualTo("lies on a 2");
            assertThat(Region.of(ban.shifts()).covers(new Point(190, 20))).isTrue();
        });
    }

    @Test
    void onAFinishedEdgeThereIsALineToSlideOn() {
        FitPanel hemmed = Fit.hemmed(PANEL, 0, 1);
        FitPiece onHem =
                piece("a", 2, Handed.SAME, PieceGrain.LENGTHWISE, variant("plain", SQUARE_100, Fit.onHem(0, 1), 0));
        AllowedSpots free = hand(fill(List.of(hemmed), onHem)).allowed(at("a", 0, 50, 40));
        assertThat(free.areas()).isEmpty();
        assertThat(free.lengthMm()).isCloseTo(200, within(0.2));
        assertThat(free.nearest(new Point(50, 40)).orElseThrow().y()).isCloseTo(0, within(0.02));
        AllowedSpots beside =
                hand(fill(List.of(hemmed), onHem), at("a", 1, 0, 0)).allowed(at("a", 0, 50, 40));
        assertThat(beside.lengthMm()).isCloseTo(100, within(0.2));
    }

    @Test
    void alongACurvedHemTheOneSpotWhereItLiesTrueIsFound() {
        // The piece is cut to the very curve of the hem, so that it fits in one place alone.
        Ring dipped = Ring.of(0, 0, 60, -9, 120, -12, 180, -9, 240, 0, 240, 300, 0, 300);
        FitPanel panel = Fit.hemmed(panel("p", dipped), 0, 4);
        Ring skirt = Ring.of(0, 0, 60, -9, 120, -12, 180, -9, 240, 0, 240, 150, 0, 150);
        FitPiece onHem = piece("a", 1, Handed.SAME, PieceGrain.LENGTHWISE, variant("plain", skirt, Fit.onHem(0, 4), 0));
        AllowedSpots spots = hand(fill(List.of(panel), onHem)).allowed(at("a", 0, 8, 3));
        Point spot = spots.nearest(new Point(8, 3)).orElseThrow();
        assertThat(spot.distanceMm(new Point(0, 0))).isLessThan(0.2);
    }

    @Test
    void stripesLeaveRowsAndChecksLeaveKnots() {
        FitPiece.Match side = new FitPiece.Match("side", "s", new Point(0, 50));
        FitPiece.Match up = new FitPiece.Match("up", "t", new Point(0, 50));
        FitPanel striped = Fit.striped(PANEL, new Repeat("s", 0, 24, 5), new Repeat("t", 90, 40, 0));
        FitProblem rows = fill(List.of(striped), SQUARE.withMatches(List.of(side)));
        Placed laid = at("a", 1, 3, 7);
        AllowedSpots onRows = hand(rows, laid).allowed(at("a", 0, 150, 30));
        assertThat(onRows.areas()).isEmpty();
        // Rows stand at 3 + 24 k; from 103 to 200 there are 123, 147, 171 and 195, each as long as the room is high.
        assertThat(onRows.lines())
                .filteredOn(l -> l.get(0).x() > 103)
                .extracting(l -> Math.round(l.get(0).x()))
                .containsOnly(123L, 147L, 171L, 195L);
        FitProblem checks = fill(List.of(striped), SQUARE.withMatches(List.of(side, up)));
        AllowedSpots onKnots = hand(checks, laid).allowed(at("a", 0, 150, 30));
        assertThat(onKnots.lines()).isEmpty();
        assertThat(onKnots.points())
                .filteredOn(p -> p.x() > 103)
                .extracting(p -> Math.round(p.x()) + " " + Math.round(p.y()))
                .containsExactlyInAnyOrder(
                        "123 7", "147 7", "171 7", "195 7", "123 47", "147 47", "171 47", "195 47", "123 87", "147 87",
                        "171 87", "195 87");
    }

    @Test
    void whatTheTurnForbidsIsToldOnceForAll() {
        AllowedSpots round = hand(fill(List.of(PANEL), SQUARE)).allowed(at("a", 0, 150, 150, 180, false));
        assertThat(round.isEmpty()).isTrue();
        assertThat(round.never()).containsExactly("a 1 lies the other way up: the pile forbids it.");
    }

    @Test
    void heldALittleOffItSlidesToTheNearestSpotAndNoFarther() {
        HandLay hand = hand(fill(List.of(PANEL), SQUARE), at("a", 1, 150, 0));
        assertThat(hand.nearest(at("a", 0, 60, 20), 30).orElseThrow().at().x()).isCloseTo(50, within(0.1));
        assertThat(hand.nearest(at("a", 0, 100, 20), 30)).isEmpty();
        FitLayout moved = hand.with(at("a", 0, 10, 20));
        assertThat(moved.placements()).hasSize(2);
        assertThat(moved.unplaced()).isEmpty();
        assertThat(hand.without("a", 1).unplaced())
                .extracting(FitLayout.Unplaced::copy)
                .containsExactly(0, 1);
    }

    /** Whatever is told to be allowed the checker lets pass, and a hair outside it does not. */
    @ParameterizedTest
    @ValueSource(longs = {3, 14, 159, 2653})
    void theRegionAgreesWithTheChecker(long seed) {
        Random random = new Random(seed);
        FlawZone stain = new FlawZone(FlawZone.Kind.AVOID, Ring.of(300, 180, 350, 190, 330, 240), "stain");
        FitPanel cloth = Fit.with(
                panel("p", Ring.of(0, 0, 620, 30, 600, 420, 310, 380, 20, 430)),
                List.of(Ring.of(120, 300, 160, 300, 140, 340)),
                List.of(stain));
        FitPiece odd = piece("odd", Ring.of(0, 0, 90, 10, 100, 80, 50, 50, 10, 90), 1);
        FitPiece others = piece("o", Ring.of(0, 0, 80, 0, 60, 70, 10, 60), 5);
        FitProblem problem = new FitProblem(Objective.FILL, 2, 3, List.of(cloth), List.of(odd, others));
        List<Placed> laid = Fit.fit(problem, 2).placements().stream()
                .filter(p -> p.piece().equals("o"))
                .toList();
        HandLay hand = hand(problem, laid.toArray(Placed[]::new));
        AllowedSpots spots = hand.allowed(at("odd", 0, 0, 0));
        Region allowed = Region.of(spots.areas());
        assertThat(spots.bans()).hasSize(laid.size() + 2);
        int inside = 0;
        for (int i = 0; i < 400; i++) {
            Point spot = new Point(random.nextDouble() * 620, random.nextDouble() * 430);
            List<Finding> findings = hand.findings(at("odd", 0, spot.x(), spot.y()));
            if (allowed.covers(spot)) {
                assertThat(findings).isEmpty();
                inside++;
            } else if (allowed.distanceMm(spot) > 0.2) {
                assertThat(findings).isNotEmpty();
            }
        }
        assertThat(inside).isGreaterThan(20);
    }
}
