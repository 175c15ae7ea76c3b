package org.handdown.idea;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.handdown.Demo;
import org.handdown.cloth.Cloth;
import org.handdown.cloth.ClothSheet;
import org.handdown.cloth.HeatLimit;
import org.handdown.cloth.Weave;
import org.handdown.fit.check.RuleChecker;
import org.handdown.lay.Leftover;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.Practice;
import org.handdown.measure.RefusedValueException;
import org.handdown.pattern.PieceCloth;
import org.handdown.pattern.draft.Draft;
import org.handdown.pattern.draft.Drafts;
import org.handdown.project.Brought;
import org.handdown.project.Lay;
import org.handdown.project.Project;
import org.handdown.project.Station;
import org.handdown.project.StationState;
import org.handdown.project.Workroom;
import org.handdown.source.Assessment;
import org.handdown.source.Source;
import org.handdown.source.anatomy.SourceKind;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** What is offered holds: of one source, of cloth by the metre, of two things together. */
@Tag("long")
class OffersTest {
    private static final Set<PieceCloth> OUTER = Set.of(PieceCloth.SHELL, PieceCloth.CONTRAST);
    private static final int OFFERS = 300;

    private static Cloth cloth(String name) {
        return new Cloth(
                name, "cotton", Weave.PLAIN, "#8899aa", false, false, 0.5, HeatLimit.TWO_DOTS, ClothSheet.UNTESTED);
    }

    private static Source source(SourceKind kind, String name) {
        return new Source(
                name, "", "", "", "", cloth(name + " cloth"), Demo.average(kind, Map.of()), List.of(), Assessment.NONE);
    }

    private static Brought.FlatSheet sheet(String mark, String name, double widthMm, double lengthMm) {
        Cloth cloth = cloth(name + " cloth");
        return new Brought.FlatSheet(mark, "", name, cloth, Leftover.sheet(cloth, widthMm, lengthMm), true, OUTER);
    }

    private static Offered flat(Brought.FlatSheet... sheets) {
        return new Offered(null, List.of(sheets), Assessment.Missed.LITTLE);
    }

    private static Idea.Ask ask(Offered from, String draft, double height) {
        return new Idea.Ask(from, Drafts.require(draft), Demo.child(height), LengthUnit.CM, Practice.SHIPPED);
    }

    private static Offered any(Random random) {
        SourceKind[] kinds = SourceKind.values();
        Source one = source(kinds[random.nextInt(kinds.length)], "one");
        return switch (random.nextInt(4)) {
            case 0 -> flat(sheet("b", "length", 900 + random.nextInt(600), 500 + random.nextInt(1500)));
            case 1 ->
                new Offered(
                        one,
                        List.of(new Brought.OtherSource(
                                "b",
                                "",
                                source(kinds[random.nextInt(kinds.length)], "other"),
                                Project.Opening.NONE,
                                null,
                                OUTER)),
                        Assessment.Missed.SOME);
            case 2 ->
                new Offered(
                        one,
                        List.of(sheet("b", "remnant", 300 + random.nextInt(500), 300 + random.nextInt(500))),
                        Assessment.Missed.SOME);
            default -> Offered.of(one);
        };
    }

    /** Nothing is offered whole that breaks a rule, or that the project begun with it would have to lay anew. */
    @Test
    void threeHundredOffersHold() {
        Random random = new Random(7);
        List<Draft> drafts = Drafts.all().stream()
                .filter(d -> switch (d.family()) {
                    case LEGS, TOPS, SKIRTS, SMALL -> true;
                    case PARTS, INSERTS, POCKETS -> false;
                })
                .toList();
        int whole = 0;
        List<String> wrong = new ArrayList<>();
        while (whole < OFFERS) {
            Draft draft = drafts.get(random.nextInt(drafts.size()));
            Idea.Ask ask = ask(any(random), draft.id(), 900 + random.nextInt(900));
            LaidIdea laid = offered(ask);
            if (laid == null) {
                continue;
            }
            whole++;
            String what = ask.draft().id() + " from " + ask.from().name();
            Lay lay = java.util.Objects.requireNonNull(laid.project().lay());
            RuleChecker.check(lay.problem(), lay.layout()).forEach(f -> wrong.add(what + ": " + f.message()));
            Workroom begun = new Workroom(laid.project());
            if (!begun.problem().map(lay.problem()::equals).orElse(false)) {
                wrong.add(what + ": the project asks for another lay");
            }
            begun.stations().stream()
                    .filter(s -> s.station() == Station.LAY && s.stand() != StationState.Stand.SETTLED)
                    .forEach(s -> wrong.add(what + ": " + s));
        }
        assertThat(wrong).isEmpty();
    }

    private static @org.jspecify.annotations.Nullable LaidIdea offered(Idea.Ask ask) {
        try {
            if (Idea.of(ask).quick(() -> false).chance() == Idea.Chance.NO) {
                return null;
            }
            LaidIdea laid = Idea.best(ask, List.of(), 0.6, () -> false);
            return laid.isWhole() ? laid : null;
        } catch (RefusedValueException e) {
            // A cloth or a body that the draft refuses: nothing is offered.
            return null;
        }
    }

    /** A gathered skirt takes two widths: of each cloth there is one. */
    @Test
    void twoThingsDoTogetherWhatNeitherDoesAlone() {
        Brought.FlatSheet one = sheet("b", "grey", 700, 600);
        Brought.FlatSheet other = sheet("c", "blue", 700, 600);
        String draft = "gathered-skirt";
        assertThat(Idea.of(ask(flat(one), draft, 1160)).quick(() -> false).chance())
                .isEqualTo(Idea.Chance.NO);
        LaidIdea both = Idea.best(ask(flat(one, other), draft, 1160), List.of(), 3, () -> false);
        assertThat(both.isWhole()).isTrue();
        assertThat(both.minutesApart()).isZero();
        Lay lay = java.util.Objects.requireNonNull(both.project().lay());
        assertThat(lay.layout().placements())
                .extracting(p -> lay.problem().panel(p.panel()).cloth())
                .contains("grey cloth", "blue cloth");
    }

    /** Both are taken apart: their minutes add up, and their parts lie on one table. */
    @Test
    void twoSourcesAreBothTakenApart() {
        Source shirt = source(SourceKind.SHIRT, "shirt");
        Offered both = new Offered(
                source(SourceKind.TROUSERS, "trousers"),
                List.of(new Brought.OtherSource("b", "", shirt, Project.Opening.NONE, null, OUTER)),
                Assessment.Missed.SOME);
        Idea together = Idea.of(ask(both, "dungarees", 1100));
        Idea alone = Idea.of(ask(Offered.of(shirt), "leg-warmers", 1100));
        assertThat(together.problem().panels()).extracting(p -> p.cloth()).contains("trousers cloth", "shirt cloth");
        assertThat(new Workroom(together.project()).minutesApart())
                .isGreaterThan(new Workroom(alone.project()).minutesApart());
        assertThat(both.name()).isEqualTo("trousers and shirt");
        assertThat(both.goesTogether()).isTrue();
    }

    /** Eight layers of canvas, four of each, are 16 mm where two seams cross: that no machine sews. */
    @Test
    void whatNoMachineSewsIsNotPaired() {
        Cloth thick = new Cloth(
                "awning", "", Weave.PLAIN, "#8899aa", false, false, 2, HeatLimit.TWO_DOTS, ClothSheet.UNTESTED);
        Brought.FlatSheet one = sheet("b", "canvas", 900, 900);
        Brought.FlatSheet other =
                new Brought.FlatSheet("c", "", "awning", thick, Leftover.sheet(thick, 900, 900), true, OUTER);
        Brought.FlatSheet another = new Brought.FlatSheet(
                "d",
                "",
                "tarpaulin",
                thick.called("tarpaulin"),
                Leftover.sheet(thick.called("tarpaulin"), 900, 900),
                true,
                OUTER);
        assertThat(flat(one, other).goesTogether()).isTrue();
        assertThat(flat(other, another).goesTogether()).isFalse();
    }
}
