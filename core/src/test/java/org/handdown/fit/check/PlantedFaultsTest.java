package org.handdown.fit.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.handdown.fit.Fit.SQUARE_100;
import static org.handdown.fit.Fit.variant;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.handdown.fit.EdgeKind;
import org.handdown.fit.Fit;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.FlawZone;
import org.handdown.fit.Handed;
import org.handdown.fit.Motif;
import org.handdown.fit.Objective;
import org.handdown.fit.PanelRun;
import org.handdown.fit.PieceGrain;
import org.handdown.fit.Placed;
import org.handdown.fit.Repeat;
import org.handdown.fit.check.Finding.Rule;
import org.handdown.geometry.Placement;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * The checker against planted faults: one sound lay in which every rule of the format is at work, and for each rule a change that breaks
 * it by a little and nothing else. A checker that forgets a rule fails here.
 */
class PlantedFaultsTest {
    private static final double GAP = 3;
    private static final double MARGIN = 2;

    /** A fault for a rule: the lay with it, and by how much the rule is broken; NaN where no figure applies. */
    private record Fault(Rule rule, String how, UnaryOperator<List<Placed>> plant, double byMm) {
        @Override
        public String toString() {
            return rule + ": " + how;
        }
    }

    private static FitProblem problem() {
        FitPanel main = new FitPanel(
                "p",
                Ring.rectangle(0, 0, 800, 500),
                List.of(Ring.rectangle(300, 200, 40, 40)),
                List.of(
                        new FlawZone(FlawZone.Kind.AVOID, Ring.rectangle(460, 210, 30, 30), "stain"),
                        new FlawZone(FlawZone.Kind.HIDE, Ring.rectangle(640, 260, 20, 20), "fade")),
                "cord",
                90,
                true,
                false,
                List.of(new Repeat("stripe", 0, 25, 0)),
                List.of(new PanelRun("old hem", EdgeKind.HEM, 0, 1)),
                List.of(new Motif("rose", new Point(100, 400))));
        FitPanel other = new FitPanel(
                "q",
                Ring.rectangle(0, 0, 200, 200),
                List.of(),
                List.of(),
                "lining",
                90,
                true,
                false,
                List.of(),
                List.of());
        FitPiece pair = piece("pair", 2, Handed.PAIR, variant("plain", SQUARE_100, null, 0));
        FitPiece hem = piece("hem", 1, Handed.SAME, variant("plain", SQUARE_100, Fit.onHem(0, 1), 0));
        FitPiece seen =
                piece("patch", 1, Handed.SAME, variant("plain", SQUARE_100, null, 0, Ring.rectangle(0, 0, 30, 100)));
        FitPiece striped = piece("stripe", 2, Handed.SAME, variant("plain", SQUARE_100, null, 0))
                .withMatches(List.of(new FitPiece.Match("side", "stripe", new Point(0, 50))));
        FitPiece rose = piece("rose", 1, Handed.SAME, variant("plain", SQUARE_100, null, 0))
                .withMotif(new FitPiece.MotifWish("rose", "rose", new Point(50, 50), 3));
        return new FitProblem(
                Objective.FILL,
                GAP,
                MARGIN,
                List.of(main, other),
                List.of(pair, hem, seen, striped, rose),
                List.of(Fit.at("hem", 0, 600, 0)));
    }

    private static FitPiece piece(String id, int quantity, Handed handed, FitPiece.Variant variant) {
        return new FitPiece(
                id,
                quantity,
                handed,
                List.of("cord"),
                PieceGrain.LENGTHWISE,
                1,
                true,
                null,
                List.of(variant),
                List.of());
    }

    /** Sound as it stands: pair#1 lies mirrored. */
    private static List<Placed> sound() {
        return List.of(
                Fit.at("pair", 0, 10, 10),
                Fit.at("pair", 1, 213, 10, 0, true),
                Fit.at("hem", 0, 600, 0),
                Fit.at("patch", 0, 630, 210),
                Fit.at("stripe", 0, 250, 350),
                Fit.at("stripe", 1, 375, 350),
                Fit.at("rose", 0, 50, 350));
    }

    private static UnaryOperator<List<Placed>> moved(String piece, int copy, double dx, double dy, double turn) {
        return turnedInto(piece, copy, p -> new Placement(p.x() + dx, p.y() + dy, p.rotation() + turn, p.mirrored()));
    }

    private static UnaryOperator<List<Placed>> turnedInto(String piece, int copy, UnaryOperator<Placement> change) {
        return lay -> lay.stream()
                .map(p -> p.piece().equals(piece) && p.copy() == copy
                        ? new Placed(piece, copy, p.variant(), p.panel(), change.apply(p.at()))
                        : p)
                .toList();
    }

    private static UnaryOperator<List<Placed>> exchanged(String piece, UnaryOperator<Placed> change) {
        return lay -> lay.stream()
                .map(p -> p.piece().equals(piece) && p.copy() == 0 ? change.apply(p) : p)
                .toList();
    }

    static Stream<Fault> faults() {
        return Stream.of(
                new Fault(
                        Rule.KNOWN,
                        "a variant that there is not",
                        exchanged("patch", p -> new Placed(p.piece(), 0, "other", p.panel(), p.at())),
                        Double.NaN),
                new Fault(
                        Rule.CLOTH,
                        "laid on the lining",
                        exchanged(
                                "patch", p -> new Placed(p.piece(), 0, "plain", "q", new Placement(50, 50, 0, false))),
                        Double.NaN),
                new Fault(Rule.GRAIN, "turned by a hair too much", moved("pair", 0, -3, 0.5, 1.2), 0.2),
                new Fault(Rule.GRAIN, "upside down on a pile", moved("pair", 0, 100, 100, 180), 179),
                new Fault(
                        Rule.HANDED,
                        "two left ones",
                        turnedInto("pair", 1, p -> new Placement(113, 10, 0, false)),
                        Double.NaN),
                new Fault(Rule.MARGIN, "too near the selvedge", moved("pair", 0, -8.3, 0, 0), 0.2),
                new Fault(Rule.HOLE, "on the hole", moved("stripe", 0, 0, -108.2, 0), 0.1),
                new Fault(Rule.AVOID, "on the stain", moved("stripe", 1, 0, -108.2, 0), 0.1),
                new Fault(Rule.HIDE, "the fade in sight", moved("patch", 0, -30.5, 0, 0), 10),
                new Fault(Rule.OVERLAP, "one on the other", moved("pair", 1, -3.5, 0, 0), 0.5),
                new Fault(Rule.GAP, "too close", moved("pair", 1, -0.3, 0, 0), 0.2),
                new Fault(Rule.MATCH, "a stripe off", moved("stripe", 1, 1.3, 0, 0), 0.3),
                new Fault(Rule.MOTIF, "the rose slips", moved("rose", 0, 3.3, 0, 0), 0.2));
    }

    private static FitLayout layout(List<Placed> placements, FitLayout.Unplaced... unplaced) {
        FitLayout.Measures none = new FitLayout.Measures(0, 0, 0, null, 0, 1);
        return new FitLayout(placements, List.of(unplaced), none, List.of());
    }

    @Test
    void theLayIsSoundBeforeAnyFaultIsPlanted() {
        assertThat(RuleChecker.check(problem(), layout(sound()))).isEmpty();
    }

    @ParameterizedTest
    @MethodSource("faults")
    void thePlantedFaultIsFoundAndNoOther(Fault fault) {
        List<Placed> lay = fault.plant.apply(sound());
        assertThat(lay).isNotEqualTo(sound());
        List<Finding> findings = RuleChecker.check(problem(), lay);
        assertThat(findings).extracting(Finding::rule).containsOnly(fault.rule);
        if (!Double.isNaN(fault.byMm)) {
            assertThat(findings.get(0).byMm()).isBetween(fault.byMm - 0.06, fault.byMm + 0.16);
        }
    }

    @Test
    void overTheSelvedgeBreaksTheMarginToo() {
        List<Finding> findings =
                RuleChecker.check(problem(), moved("pair", 0, -10.3, 0, 0).apply(sound()));
        assertThat(findings).extracting(Finding::rule).containsExactly(Rule.PANEL, Rule.MARGIN);
        assertThat(findings.get(0).byMm()).isBetween(0.25, 0.35);
    }

    @Test
    void anAnchorOffItsHemAndAPinThatMovedAreBothFound() {
        List<Placed> lay = moved("hem", 0, 0, 2.5, 0).apply(sound());
        assertThat(RuleChecker.check(problem(), layout(lay)))
                .extracting(Finding::rule)
                .containsExactlyInAnyOrder(Rule.ANCHOR, Rule.PINNED);
        List<Placed> along = moved("hem", 0, 5, 0, 0).apply(sound());
        assertThat(RuleChecker.check(problem(), layout(along)))
                .extracting(Finding::rule)
                .containsExactly(Rule.PINNED);
    }

    @Test
    void copiesTwiceOrNowhereAreFound() {
        List<Placed> twice = new ArrayList<>(sound());
        twice.add(Fit.at("stripe", 1, 500, 350));
        assertThat(RuleChecker.check(problem(), layout(twice)))
                .extracting(Finding::rule)
                .contains(Rule.COPIES);
        List<Placed> gone = new ArrayList<>(sound());
        gone.removeIf(p -> p.piece().equals("patch"));
        assertThat(RuleChecker.check(problem(), layout(gone)))
                .extracting(Finding::rule)
                .containsExactly(Rule.COPIES);
        assertThat(RuleChecker.check(problem(), layout(gone, new FitLayout.Unplaced("patch", 0, "no room"))))
                .isEmpty();
    }

    @Test
    void noRuleIsWithoutItsFault() {
        List<Rule> planted =
                new ArrayList<>(faults().map(Fault::rule).distinct().toList());
        planted.addAll(List.of(Rule.PANEL, Rule.ANCHOR, Rule.PINNED, Rule.COPIES));
        assertThat(planted).containsExactlyInAnyOrderElementsOf(Arrays.asList(Rule.values()));
    }
}
