package org.handdown.project;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import org.handdown.Demo;
import org.handdown.cloth.Cloth;
import org.handdown.cloth.ClothSheet;
import org.handdown.cloth.HeatLimit;
import org.handdown.cloth.Weave;
import org.handdown.lay.Leftover;
import org.handdown.make.Step;
import org.handdown.measure.LengthUnit;
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
        Project aimed = Project.named("smock")
                .withAim(new Aim(Garment.CUT_OUT, "smock", "a smock", Demo.child(1100), LengthUnit.CM))
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
}
