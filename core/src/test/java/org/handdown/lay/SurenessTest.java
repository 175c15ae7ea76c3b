package org.handdown.lay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.handdown.fit.EdgeKind;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.Handed;
import org.handdown.fit.Objective;
import org.handdown.fit.PanelRun;
import org.handdown.fit.PieceGrain;
import org.handdown.fit.Placed;
import org.handdown.geometry.Placement;
import org.handdown.geometry.Ring;
import org.handdown.measure.Wording;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** X3 of the check values: surely fits, tight: measure this edge again, does not fit; never yes or no at a 2 mm margin. */
class SurenessTest {
    private static FitProblem problem(double margin, boolean anchored) {
        FitPanel panel = new FitPanel(
                "back",
                Ring.rectangle(0, 0, 400, 600),
                List.of(),
                List.of(),
                "cord",
                90,
                false,
                false,
                List.of(),
                List.of(
                        new PanelRun("hem", EdgeKind.HEM, 0, 1),
                        new PanelRun("side", EdgeKind.RAW, 1, 2),
                        new PanelRun("upper", EdgeKind.RAW, 2, 3),
                        new PanelRun("centre", EdgeKind.RAW, 3, 0)));
        FitPiece.Anchor anchor = anchored ? new FitPiece.Anchor(0, 1, Set.of(EdgeKind.HEM)) : null;
        FitPiece piece = new FitPiece(
                "bib",
                1,
                Handed.SAME,
                List.of("cord"),
                PieceGrain.LENGTHWISE,
                0,
                true,
                null,
                List.of(new FitPiece.Variant("plain", Ring.rectangle(0, 0, 200, 300), List.of(), anchor, 0)),
                List.of());
        return new FitProblem(Objective.FILL, 0, margin, List.of(panel), List.of(piece));
    }

    private static FitLayout at(double x, double y) {
        Placed placed = new Placed("bib", 0, "plain", "back", new Placement(x, y, 0, false));
        return new FitLayout(
                List.of(placed), List.of(), new FitLayout.Measures(0.06, 0.24, 0.25, null, 0, 1), List.of());
    }

    private static final Map<String, Double> OFF = Map.of("back", 3.0);

    @ParameterizedTest
    @CsvSource({"100, 100, SURE", "2, 100, TIGHT", "100, 2.9, TIGHT", "3, 3, SURE", "198, 100, TIGHT", "196, 296, SURE"
    })
    void aPieceNearerThanTheToleranceIsTight(double x, double y, Sureness.Verdict verdict) {
        assertThat(Sureness.of(problem(0, false), at(x, y), OFF).verdict()).isEqualTo(verdict);
    }

    @Test
    void theEdgeToMeasureAgainIsNamedWithItsSlack() {
        Sureness sureness = Sureness.of(problem(0, false), at(1, 0), OFF);
        assertThat(sureness.tight()).extracting(Sureness.Tight::edge).containsExactlyInAnyOrder("hem", "centre");
        assertThat(sureness.tight())
                .filteredOn(t -> t.edge().equals("centre"))
                .first()
                .satisfies(t -> assertThat(t.slackMm()).isCloseTo(1, within(1e-9)));
        assertThat(sureness.sentences()).contains("centre of the back", "hem of the back");
    }

    /** A piece that is meant to lie on the old hem is not called tight there. */
    @Test
    void anAnchoredEdgeIsNotTight() {
        assertThat(Sureness.of(problem(0, true), at(100, 0), OFF).verdict()).isEqualTo(Sureness.Verdict.SURE);
    }

    @Test
    void aLayThatKeptTheMarginIsSure() {
        assertThat(Sureness.of(problem(3, false), at(3, 3), OFF).verdict()).isEqualTo(Sureness.Verdict.SURE);
        assertThat(Sureness.of(problem(3, false), at(100, 100), OFF).sentences())
                .first()
                .asString()
                .contains(Wording.of("3 mm"));
    }

    @Test
    void whatHasNoPlaceDoesNotFit() {
        FitLayout none = new FitLayout(
                List.of(),
                List.of(new FitLayout.Unplaced("bib", 0, "too wide")),
                new FitLayout.Measures(0, 0.24, 0, null, 0, 1),
                List.of());
        assertThat(Sureness.of(problem(0, false), none, OFF).verdict()).isEqualTo(Sureness.Verdict.DOES_NOT_FIT);
    }

    @Test
    void eachPanelIsJudgedByHowItWasSurveyed() {
        assertThat(Sureness.of(problem(0, false), at(2, 100), Map.of("back", 1.0))
                        .verdict())
                .isEqualTo(Sureness.Verdict.SURE);
        assertThat(Sureness.of(problem(0, false), at(2, 100), Map.of("back", 3.0, "front", 0.5))
                        .verdict())
                .isEqualTo(Sureness.Verdict.TIGHT);
    }
}
