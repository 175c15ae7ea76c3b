package org.handdown.project;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import org.assertj.core.api.recursive.comparison.RecursiveComparisonConfiguration;
import org.handdown.Demo;
import org.handdown.cloth.Cloth;
import org.handdown.cloth.ClothSheet;
import org.handdown.cloth.HeatLimit;
import org.handdown.cloth.Weave;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitProblem;
import org.handdown.fit.Placed;
import org.handdown.fit.check.Finding;
import org.handdown.fit.check.RuleChecker;
import org.handdown.fit.search.Fitter;
import org.handdown.geometry.Placement;
import org.handdown.geometry.Point;
import org.handdown.lay.Leftover;
import org.handdown.make.Step;
import org.handdown.measure.LengthUnit;
import org.handdown.panel.survey.ClothRepeat;
import org.handdown.pattern.PieceCloth;
import org.junit.jupiter.api.Test;

/** A smock from new cloth by the metre: nothing is taken apart, and everything else is there. */
class ClothAloneTest {
    private static final ClothSheet FRAYS =
            new ClothSheet(null, null, ClothSheet.CutEdge.FRAYS_FAST, false, false, false, false);

    private static Brought.FlatSheet bought(boolean washed) {
        Cloth cloth =
                new Cloth("new linen", "linen", Weave.PLAIN, "#99aa88", false, false, 0.6, HeatLimit.THREE_DOTS, FRAYS);
        return new Brought.FlatSheet(
                "b",
                "",
                "linen by the metre",
                cloth,
                Leftover.sheet(cloth, 1400, 2000),
                washed,
                Set.of(PieceCloth.SHELL));
    }

    private static Project smock(boolean washed) {
        return made("smock", washed);
    }

    private static Project made(String draft, boolean washed) {
        Project aimed = Project.named(draft)
                .withAim(new Aim(Garment.CUT_OUT, draft, draft, Demo.child(1100), LengthUnit.CM))
                .withCloths(Cloths.OWN_ALONE.with(bought(washed)));
        return new Workroom(aimed).redoPieces();
    }

    private static List<String> ids(List<Step> steps) {
        return steps.stream().map(Step::id).toList();
    }

    @Test
    void itsWorkBeginsWithTheWashAndTakesNothingApart() {
        List<Step> steps = new Workroom(smock(false)).steps();
        assertThat(ids(steps))
                .startsWith("b.wash", "press", "mark", "measure-panels", "gate-cut", "cut")
                .contains("sew", "finish")
                .doesNotContain("photograph")
                .noneMatch(id -> id.startsWith("open-"));
        Step cut = steps.get(ids(steps).indexOf("gate-cut"));
        assertThat(cut.needs()).extracting(Step.Need::step).contains("measure-panels", "b.wash");
    }

    @Test
    void whatIsWashedAlreadyIsNotWashedAgain() {
        assertThat(ids(new Workroom(smock(true)).steps())).startsWith("press").doesNotContain("b.wash");
    }

    /** What the linen's own tests told drives the work, as a source's tests do. */
    @Test
    void itsTestsAreHeeded() {
        Workroom room = new Workroom(smock(true));
        assertThat(room.sheet()).isEqualTo(FRAYS);
        assertThat(ids(room.steps())).contains("protect");
        assertThat(room.ground().orElseThrow().name()).isEqualTo("new linen");
    }

    @Test
    void itIsToldWhetherToBegin() {
        assertThat(new Workroom(smock(true)).prospect(LocalDate.of(2026, 5, 1)))
                .hasValueSatisfying(p -> assertThat(p.sentences().get(0)).contains("hours are left"));
    }

    /** A shirt taken apart for the outer cloth of a garment whose own source gives the lining alone. */
    @Test
    void theOuterClothIsWhatServesAsOne() {
        Project project = Demo.project(1100);
        Project lined = project.withCloths(new Cloths(Set.of(PieceCloth.LINING), List.of()).with(bought(true)));
        assertThat(new Workroom(lined).ground().orElseThrow().name()).isEqualTo("new linen");
        assertThat(new Workroom(project).ground().orElseThrow().name()).isEqualTo(Demo.CORD.name());
    }

    private static final ClothRepeat EVERY_FORTY = new ClothRepeat("stripes", false, 40, "", 12, true);

    private static FitProblem striped(ClothRepeat... stripes) {
        Project project = made("a-line-skirt", true);
        Brought.FlatSheet sheet = (Brought.FlatSheet) project.cloths().require("b");
        return new Workroom(project.withCloths(project.cloths().changing(sheet.striped(List.of(stripes)))))
                .problem()
                .orElseThrow();
    }

    private static FitLayout laid(FitProblem problem) {
        Fitter.Budget budget = new Fitter.Budget(6, Long.MAX_VALUE, 1, 1);
        return new Fitter(problem, budget, System::nanoTime, () -> false, better -> {}).fit();
    }

    /** Bought cloth has its stripes too: where fronts and backs meet they meet, and nobody needs to hope. */
    @Test
    void itsStripesMeetAtTheSeams() {
        FitProblem problem = striped(EVERY_FORTY);
        assertThat(problem.panels().get(0).repeats())
                .singleElement()
                .matches(r -> r.periodMm() == 40 && Math.abs(r.phaseAtMm(new Point(500, 12))) < 1e-6);
        assertThat(problem.pieces()).anyMatch(p -> !p.matches().isEmpty());
        FitLayout matched = laid(problem);
        assertThat(matched.unplaced()).isEmpty();
        assertThat(RuleChecker.check(problem, matched)).isEmpty();
        // Moved by a few millimetres one of them does not meet its partner: the rule is alive.
        List<Placed> moved = matched.placements().stream()
                .map(p -> p.piece().equals("front") ? up(p, 7) : p)
                .toList();
        FitLayout off = new FitLayout(moved, List.of(), matched.measures(), List.of());
        assertThat(RuleChecker.check(problem, off)).extracting(Finding::rule).contains(Finding.Rule.MATCH);
    }

    private static Placed up(Placed p, double mm) {
        Placement at = p.at();
        return new Placed(
                p.piece(),
                p.copy(),
                p.variant(),
                p.panel(),
                new Placement(at.x(), at.y() + mm, at.rotation(), at.mirrored()));
    }

    /** A lay in which more places met still stands when fewer need to; the other way round it is to be laid anew. */
    @Test
    void whatMetAtMorePlacesStillServes() {
        FitProblem matched = striped(EVERY_FORTY);
        FitProblem loose = matched.withPieces(
                matched.pieces().stream().map(p -> p.matching(List.of())).toList());
        assertThat(matched.asksAllOf(loose)).isTrue();
        assertThat(loose.asksAllOf(matched)).isFalse();
        assertThat(matched.asksAllOf(matched)).isTrue();
        assertThat(matched.asksAllOf(striped())).isFalse();
    }

    @Test
    void stripesThatNeedNotMeetBindNothing() {
        FitProblem loose = striped(new ClothRepeat("stripes", false, 40, "", 12, false));
        assertThat(loose.panels().get(0).repeats()).hasSize(1);
        assertThat(loose.pieces()).allMatch(p -> p.matches().isEmpty());
    }

    @Test
    void whatWasToldOfItsStripesIsToldAgain() {
        ClothRepeat up = new ClothRepeat("up", true, 55.5, "", 7.25, true);
        assertThat(bought(true).striped(List.of(EVERY_FORTY, up)).stripes())
                .usingRecursiveFieldByFieldElementComparator(RecursiveComparisonConfiguration.builder()
                        .withComparatorForType(
                                (a, b) -> Math.abs(a - b) < 1e-6 ? 0 : Double.compare(a, b), Double.class)
                        .build())
                .containsExactly(EVERY_FORTY, up);
        assertThat(bought(true).striped(List.of()).matched()).isFalse();
    }
}
