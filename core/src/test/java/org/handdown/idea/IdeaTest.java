package org.handdown.idea;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import org.handdown.Demo;
import org.handdown.cloth.Cloth;
import org.handdown.cloth.ClothSheet;
import org.handdown.cloth.HeatLimit;
import org.handdown.cloth.Weave;
import org.handdown.fit.check.RuleChecker;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.Practice;
import org.handdown.measure.RefusedValueException;
import org.handdown.pattern.draft.Draft;
import org.handdown.pattern.draft.Drafts;
import org.handdown.project.Lay;
import org.handdown.project.Station;
import org.handdown.project.StationState;
import org.handdown.project.Workroom;
import org.handdown.source.Assessment;
import org.handdown.source.Source;
import org.handdown.source.anatomy.SourceKind;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** What a source could become: quick tests refuse only what no lay could do, and what is offered was really laid. */
@Tag("long")
class IdeaTest {
    private static Source curtain() {
        return new Source(
                "curtain",
                "",
                "",
                "",
                "",
                new Cloth(
                        "its cloth",
                        "",
                        Weave.PLAIN,
                        "#808080",
                        false,
                        false,
                        0.5,
                        HeatLimit.TWO_DOTS,
                        ClothSheet.UNTESTED),
                Demo.average(SourceKind.CURTAIN, Map.of()),
                List.of(),
                Assessment.NONE);
    }

    private static Idea.Ask ask(Source source, String draft, double height) {
        return new Idea.Ask(
                Offered.of(source), Drafts.require(draft), Demo.child(height), LengthUnit.CM, Practice.SHIPPED);
    }

    private static Idea idea(Source source, String draft, double height) {
        return Idea.of(ask(source, draft, height));
    }

    /** The demo's own story: trousers of a grown person become dungarees for a child of 110 cm. */
    @Test
    void corduroysBecomeDungareesForAChild() {
        Idea idea = idea(Demo.source(Demo.CONSTRUCTION), "dungarees", 1100);
        assertThat(idea.quick(() -> false).chance()).isNotEqualTo(Idea.Chance.NO);
        LaidIdea laid = Idea.best(ask(Demo.source(Demo.CONSTRUCTION), "dungarees", 1100), List.of(), 30, () -> false);
        assertThat(laid.isWhole()).isTrue();
        Lay lay = java.util.Objects.requireNonNull(laid.project().lay());
        assertThat(RuleChecker.check(lay.problem(), lay.layout())).isEmpty();
        assertThat(laid.minutesApart()).isPositive();
        assertThat(laid.used()).isBetween(0.2, 0.9);
        // Begun with it, nothing waits but the work.
        assertThat(new Workroom(laid.project()).stations())
                .filteredOn(s -> s.stand() != StationState.Stand.SETTLED)
                .extracting(StationState::station)
                .containsExactly(Station.MAKE, Station.LOG);
    }

    /** For somebody of 185 cm the leg alone is longer than any leg that it could be cut from: 1022 mm of inside leg and less. */
    @Test
    void whatIsTooLargeIsRefusedWithItsFigureBeforeAnythingIsLaid() {
        Idea.Quick quick =
                idea(Demo.source(Demo.CONSTRUCTION), "dungarees", 1850).quick(() -> false);
        assertThat(quick.chance()).isEqualTo(Idea.Chance.NO);
        assertThat(quick.sentence()).isNotBlank();
    }

    /** Nothing is refused by quick tests that a lay then does: every draft, on one curtain. */
    @Test
    void quickTestsRefuseNothingThatLies() {
        for (Draft draft : Drafts.all()) {
            try {
                Idea idea = idea(curtain(), draft.id(), 1160);
                if (idea.quick(() -> false).chance() == Idea.Chance.NO) {
                    assertThat(idea.laid(List.of(), 0.5, () -> false).isWhole())
                            .as(draft.id())
                            .isFalse();
                }
            } catch (RefusedValueException e) {
                assertThat(e.getMessage()).as(draft.id()).isNotBlank();
            }
        }
    }

    @Test
    void whatLiesWholeIsWorthMoreThanAnythingThatDoesNot() {
        LaidIdea whole = laid(5, 300, 0, Assessment.Missed.DEARLY, false);
        assertThat(whole.worth())
                .isGreaterThan(laid(4, 0, 200, Assessment.Missed.LITTLE, true).worth());
        // What a person weighs among those that lie: work saved, how dear the source is, how surely it lies.
        assertThat(laid(5, 300, 20, Assessment.Missed.DEARLY, false).worth()).isGreaterThan(whole.worth());
        assertThat(laid(5, 300, 0, Assessment.Missed.LITTLE, false).worth()).isGreaterThan(whole.worth());
        assertThat(laid(5, 300, 0, Assessment.Missed.DEARLY, true).worth()).isGreaterThan(whole.worth());
    }

    private static LaidIdea laid(int lying, double apart, double kept, Assessment.Missed missed, boolean isSure) {
        return new LaidIdea(
                Demo.project(1100),
                Idea.Opening.ALL,
                lying,
                5,
                0,
                apart,
                kept,
                List.of(),
                0.5,
                missed,
                isSure,
                List.of(),
                List.of());
    }

    @Test
    void whatLiesByAHurriedLookIsNotRefused() {
        Idea idea = idea(Demo.source(Demo.CONSTRUCTION), "dungarees", 1100);
        assertThat(idea.quick(() -> true).chance()).isNotEqualTo(Idea.Chance.NO);
        assertThatThrownBy(() -> idea(Demo.source(Demo.CONSTRUCTION), "no-such-draft", 1100))
                .isInstanceOf(RefusedValueException.class);
    }
}
