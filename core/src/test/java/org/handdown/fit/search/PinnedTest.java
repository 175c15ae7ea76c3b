package org.handdown.fit.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.handdown.fit.Fit.SQUARE_100;
import static org.handdown.fit.Fit.at;
import static org.handdown.fit.Fit.fill;
import static org.handdown.fit.Fit.panel;
import static org.handdown.fit.Fit.piece;

import java.util.List;
import org.handdown.fit.Fit;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.Handed;
import org.handdown.fit.Motif;
import org.handdown.fit.Objective;
import org.handdown.fit.PieceGrain;
import org.handdown.fit.Placed;
import org.handdown.fit.check.RuleChecker;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Pieces that a person has pinned, motifs that are to come out on a spot, and searches that go on from an older lay. */
@Tag("long")
class PinnedTest {
    private static final FitPanel PANEL = panel("p", Ring.rectangle(0, 0, 300, 200));

    private static FitLayout sound(FitProblem problem, FitLayout layout) {
        assertThat(RuleChecker.check(problem, layout)).isEmpty();
        return layout;
    }

    @Test
    void whatIsPinnedStaysAndTheRestIsLaidRoundIt() {
        Placed pin = at("a", 2, 100, 50);
        FitProblem problem = fill(List.of(PANEL), piece("a", SQUARE_100, 6)).withPinned(List.of(pin));
        FitLayout layout = sound(problem, Fit.fit(problem, 200));
        assertThat(layout.placements()).contains(pin);
        // With the middle one half way up, two fit on either side and none above or below it.
        assertThat(layout.placements()).hasSize(5);
        assertThat(layout.unplaced()).hasSize(1);
    }

    @Test
    void severalPinsInOddTurnsHoldThroughAllWaysOfSearching() {
        FitPiece leaf = piece(
                "leaf",
                7,
                Handed.FREE,
                PieceGrain.ANY,
                Fit.variant("plain", Ring.of(0, 0, 60, 10, 90, 60, 30, 80), null, 0));
        List<Placed> pins = List.of(at("leaf", 6, 90, 60, 33, false), at("leaf", 1, 290, 110, 12, true));
        FitProblem problem = fill(List.of(PANEL), leaf).withPinned(pins);
        FitLayout layout = sound(problem, Fit.fit(problem, 300));
        assertThat(layout.placements()).containsAll(pins).hasSizeGreaterThan(3);
    }

    @Test
    void aStripIsLaidRoundItsPinsToo() {
        FitPanel strip = panel("p", Ring.rectangle(0, 0, 900, 200));
        Placed pin = at("a", 0, 120, 0);
        FitProblem problem = new FitProblem(
                Objective.SHORTEST, 0, 0, List.of(strip), List.of(piece("a", SQUARE_100, 4)), List.of(pin));
        FitLayout layout = sound(problem, Fit.fit(problem, 60));
        assertThat(layout.placements()).contains(pin);
        assertThat(layout.measures().lengthMm()).isLessThan(221);
    }

    @Test
    void pinsThatCannotStayAreRefusedWithTheReason() {
        FitProblem problem = fill(List.of(PANEL), piece("a", SQUARE_100, 2))
                .withPinned(List.of(at("a", 0, 0, 0), at("a", 1, 60, 0)));
        assertThatThrownBy(() -> Fit.fit(problem, 1))
                .isInstanceOf(RefusedValueException.class)
                .hasMessageContaining("a 1 and a 2 overlap by")
                .hasMessageContaining("Unpin one, or move it.");
        assertThatThrownBy(() -> problem.withPinned(List.of(at("b", 0, 0, 0)))).hasMessageContaining("no piece “b”");
        assertThatThrownBy(() -> problem.withPinned(List.of(at("a", 2, 0, 0)))).hasMessageContaining("from 0 to 1");
        assertThatThrownBy(() -> problem.withPinned(List.of(at("a", 0, 0, 0), at("a", 0, 100, 0))))
                .hasMessageContaining("twice");
    }

    @Test
    void theMotifComesOutOnTheChestAndItsMirrorOnThePartner() {
        FitPiece front = piece("front", SQUARE_100, 2);
        FitPiece pair = new FitPiece(
                "front",
                2,
                Handed.PAIR,
                List.of(),
                PieceGrain.LENGTHWISE,
                0,
                true,
                null,
                front.variants(),
                List.of(),
                new FitPiece.MotifWish("rose", "rose turned over", new Point(30, 80), 4));
        FitPanel printed = Fit.printed(
                PANEL,
                new Motif("rose", new Point(60, 120)),
                new Motif("rose turned over", new Point(230, 110)),
                new Motif("leaf", new Point(150, 20)));
        FitProblem problem = fill(List.of(printed), pair);
        FitLayout layout = sound(problem, Fit.fit(problem, 20));
        assertThat(layout.placements()).hasSize(2).allSatisfy(p -> {
            Point centre = p.at().mirrored() ? new Point(230, 110) : new Point(60, 120);
            assertThat(p.at().toPanel(new Point(30, 80)).distanceMm(centre)).isLessThanOrEqualTo(4.1);
        });
    }

    @Test
    void aMotifThatIsNotThereOrCannotBeReachedIsTold() {
        FitPiece front = piece("front", SQUARE_100, 1);
        FitProblem absent =
                fill(List.of(PANEL), front.withMotif(new FitPiece.MotifWish("rose", "rose", new Point(50, 50), 2)));
        assertThat(Fit.fit(absent, 2).unplaced().get(0).reason())
                .isEqualTo("no panel of this cloth has the motif “rose”; marked are none");
        FitPanel printed = Fit.printed(PANEL, new Motif("rose", new Point(10, 10)));
        FitProblem edge =
                fill(List.of(printed), front.withMotif(new FitPiece.MotifWish("rose", "rose", new Point(50, 50), 2)));
        assertThat(Fit.fit(edge, 2).unplaced().get(0).reason())
                .isEqualTo(Wording.of("fits, but not with the motif “rose” within 2 mm of its spot"));
    }

    @Test
    void reasonsAreToldBesidePinsOnOtherCloth() {
        FitPanel silk = new FitPanel(
                "q", Ring.rectangle(0, 0, 80, 80), List.of(), List.of(), "silk", 90, true, false, List.of(), List.of());
        FitPiece wide = piece("b", SQUARE_100, 1).withCloths(List.of("silk"));
        FitProblem problem =
                fill(List.of(PANEL, silk), piece("a", SQUARE_100, 2), wide).withPinned(List.of(at("a", 0, 0, 0)));
        FitLayout layout = sound(problem, Fit.fit(problem, 5));
        assertThat(layout.unplaced())
                .singleElement()
                .satisfies(
                        u -> assertThat(u.reason())
                                .isEqualTo(
                                        Wording.of(
                                                "no panel of this cloth is wide enough: needs 100 mm across the grain, the widest has 80 mm")));
    }

    @Test
    void aSearchGoesOnFromAnOlderLayAndLeavesOutWhatNoLongerFits() {
        FitProblem problem = fill(List.of(PANEL), piece("a", SQUARE_100, 6));
        List<Placed> whole = List.of(
                at("a", 0, 0, 0),
                at("a", 1, 100, 0),
                at("a", 2, 200, 0),
                at("a", 3, 0, 100),
                at("a", 4, 100, 100),
                at("a", 5, 200, 100));
        assertThat(continued(problem, whole).placements()).containsExactlyInAnyOrderElementsOf(whole);
        // One reaches past the cloth, one lies on another, one was never asked for: they are laid anew or dropped.
        List<Placed> bad = List.of(
                at("a", 0, 0, 0), at("a", 1, 250, 0), at("a", 2, 50, 50), at("ghost", 0, 0, 0), at("a", 9, 100, 0));
        assertThat(sound(problem, continued(problem, bad)).placements()).contains(at("a", 0, 0, 0));
    }

    private static FitLayout continued(FitProblem problem, List<Placed> laid) {
        Fitter.Budget none = new Fitter.Budget(Double.POSITIVE_INFINITY, 0, 1, 1);
        return new Fitter(problem, none, laid, System::nanoTime, () -> false, lay -> {}).fit();
    }
}
