package org.handdown.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.handdown.Demo;
import org.handdown.alter.LetOut;
import org.handdown.alter.TakeIn;
import org.handdown.cloth.Cloth;
import org.handdown.cloth.ClothSheet;
import org.handdown.cloth.HeatLimit;
import org.handdown.cloth.StretchTest;
import org.handdown.cloth.Weave;
import org.handdown.make.Step;
import org.handdown.measure.LengthUnit;
import org.handdown.source.Assessment;
import org.handdown.source.Fault;
import org.handdown.source.Source;
import org.handdown.source.anatomy.SourceKind;
import org.handdown.unpick.JoinDecision;
import org.junit.jupiter.api.Test;

/** What quick tests told of the cloth decides the sums and the steps; what was not tested says so. Rules: handbook §5, §8. */
class ClothDrivesTest {
    private static final ClothSheet PLAIN = ClothSheet.UNTESTED;

    private static ClothSheet stretches(double gauge, double pulled, Double back) {
        return new ClothSheet(
                new StretchTest(gauge, pulled, back), null, ClothSheet.CutEdge.UNTESTED, false, false, false, false);
    }

    private static Source source(SourceKind kind, ClothSheet sheet, double thickness, HeatLimit heat, Fault... faults) {
        return new Source(
                "found",
                "",
                "",
                "",
                "",
                new Cloth("its cloth", "", Weave.KNIT, "#808080", false, false, thickness, heat, sheet),
                Demo.average(kind, Map.of()),
                List.of(faults),
                Assessment.NONE);
    }

    private static Project aimed(Garment garment, String draft, Source source) {
        Project project = Project.named("test")
                .withAim(new Aim(garment, draft, draft.isEmpty() ? "altered" : draft, Demo.child(1280), LengthUnit.CM))
                .withSource(source);
        return new Workroom(project).redoPieces();
    }

    private static Project cutOut(String draft, Source source) {
        Project project = aimed(Garment.CUT_OUT, draft, source);
        Map<String, JoinDecision> joins = new HashMap<>();
        new Workroom(project).anatomy().orElseThrow().joins().forEach(j -> joins.put(j.id(), JoinDecision.UNPICK));
        return new Workroom(project.withOpening(new Project.Opening(joins, Map.of()))).redoPanels();
    }

    private static DraftOrder order(Project project) {
        return ((PatternPieces) java.util.Objects.requireNonNull(project.pieces()))
                .orders()
                .get(0);
    }

    private static String steps(Project project) {
        return new Workroom(project)
                .steps().stream()
                        .map(s -> s.title() + " " + s.how() + " " + s.caution() + " " + String.join(" ", s.checks()))
                        .collect(Collectors.joining("\n"));
    }

    @Test
    void aDraftReadsTheStretchThatWasMeasuredAndSpringsBack() {
        // 100 to 140 mm is 40 %; 8 of the 40 mm stay out, so that 32 % come back.
        DraftOrder tested = order(aimed(
                Garment.CUT_OUT,
                "t-shirt",
                source(SourceKind.T_SHIRT, stretches(100, 140, 108.0), 0.8, HeatLimit.TWO_DOTS)));
        assertThat(tested.told().get("stretch")).isCloseTo(0.32, within(1e-9));
        DraftOrder untested =
                order(aimed(Garment.CUT_OUT, "t-shirt", source(SourceKind.T_SHIRT, PLAIN, 0.8, HeatLimit.TWO_DOTS)));
        assertThat(untested.told()).isEmpty();
        assertThat(tested.design().sizes().get(0).size().stretch())
                .isNotEqualTo(untested.design().sizes().get(0).size().stretch());
    }

    @Test
    void whatSomebodyChoseStandsAgainstTheCloth() {
        DraftOrder tested = order(aimed(
                Garment.CUT_OUT,
                "t-shirt",
                source(SourceKind.T_SHIRT, stretches(100, 140, 100.0), 0.8, HeatLimit.TWO_DOTS)));
        assertThat(tested.withChoices(Map.of("stretch", 0.1))
                        .design()
                        .sizes()
                        .get(0)
                        .size()
                        .stretch())
                .isCloseTo(0.1, within(1e-9));
    }

    @Test
    void clothThatGivesTooLittleIsACautionAndNotADraftedLie() {
        DraftOrder stiff = order(aimed(
                Garment.CUT_OUT,
                "beanie",
                source(SourceKind.JUMPER, stretches(100, 110, 100.0), 2, HeatLimit.TWO_DOTS)));
        assertThat(stiff.design().cautions()).anyMatch(c -> c.contains("10 %") && c.contains("25 %"));
    }

    @Test
    void piecesGoStaleWhenTheClothIsTestedAndAreWholeAgainWhenDrawnAnew() {
        Project before = aimed(Garment.CUT_OUT, "t-shirt", source(SourceKind.T_SHIRT, PLAIN, 0.8, HeatLimit.TWO_DOTS));
        Project tested =
                before.withSource(source(SourceKind.T_SHIRT, stretches(100, 140, 100.0), 0.8, HeatLimit.TWO_DOTS));
        assertThat(stand(tested)).isEqualTo(StationState.Stand.STALE);
        assertThat(stand(new Workroom(tested).redoPieces())).isEqualTo(StationState.Stand.SETTLED);
    }

    private static StationState.Stand stand(Project project) {
        return new Workroom(project)
                .stations().stream()
                        .filter(s -> s.station() == Station.PIECES)
                        .findFirst()
                        .orElseThrow()
                        .stand();
    }

    @Test
    void clothThatMustNotBeFlattenedIsNowherePressedFlat() {
        ClothSheet crinkled = new ClothSheet(null, null, ClothSheet.CutEdge.STAYS, false, false, true, false);
        String steps = steps(cutOut("wrap-skirt", source(SourceKind.CURTAIN, crinkled, 0.5, HeatLimit.TWO_DOTS)));
        assertThat(steps)
                .contains("Never flatten")
                .doesNotContain("press the panels flat")
                .doesNotContain("press the old crease");
        String altered = steps(aimed(Garment.TAKE_IN, "", source(SourceKind.SHIRT, crinkled, 0.5, HeatLimit.TWO_DOTS)));
        assertThat(altered).contains("Never flatten");
    }

    @Test
    void needlesAreInDangerWhereCrossingsAreThickAndOnlyThere() {
        assertThat(steps(cutOut("wrap-skirt", source(SourceKind.CURTAIN, PLAIN, 0.15, HeatLimit.TWO_DOTS))))
                .doesNotContain("Needles break");
        assertThat(steps(cutOut("jacket", source(SourceKind.BLANKET, PLAIN, 3, HeatLimit.TWO_DOTS))))
                .contains("Needles break");
    }

    @Test
    void clothThatFraysFastIsCheckedBeforeTheCutAndMadeSafeAfterIt() {
        ClothSheet frays = new ClothSheet(null, null, ClothSheet.CutEdge.FRAYS_FAST, false, false, false, false);
        Project project = cutOut("wrap-skirt", source(SourceKind.CURTAIN, frays, 0.5, HeatLimit.TWO_DOTS));
        assertThat(steps(project)).contains("It frays fast and wants 1.5 cm of allowance");
        List<String> ids = new Workroom(project).steps().stream().map(Step::id).toList();
        assertThat(ids.indexOf("protect")).isGreaterThan(ids.indexOf("cut"));
        assertThat(steps(cutOut("wrap-skirt", source(SourceKind.CURTAIN, PLAIN, 0.5, HeatLimit.TWO_DOTS))))
                .doesNotContain("frays fast");
    }

    @Test
    void aFaultThatCanBeTakenOutIsTakenOutOfAlteredGarmentsToo() {
        Fault stain = new Fault("rust spot", "left cuff", Fault.Remedy.REMOVE);
        assertThat(steps(aimed(Garment.TAKE_IN, "", source(SourceKind.SHIRT, PLAIN, 0.5, HeatLimit.TWO_DOTS, stain))))
                .contains("Take out: rust spot");
        Project out = aimed(
                        Garment.LET_OUT, "", source(SourceKind.PLEATED_SKIRT, PLAIN, 0.5, HeatLimit.TWO_DOTS, stain))
                .withPieces(new LettingOut(new LetOut.Wish(20, 0, 10, 10, false)));
        assertThat(steps(out))
                .contains("Take out: rust spot")
                .as("a hem that is not let down has no step")
                .doesNotContain("Let the hem down");
    }

    @Test
    void aTuckHasNoOldSeamToUndo() {
        Project tucked = aimed(Garment.TAKE_IN, "", source(SourceKind.JUMPER, PLAIN, 2, HeatLimit.TWO_DOTS))
                .withPieces(new TakingIn(new TakeIn.Wish(List.of(new TakeIn.Reading(
                        TakeIn.Kind.TUCK, "sleeve-left", List.of(new TakeIn.Pinch(0, 25.4)), true)))));
        assertThat(steps(tucked)).contains("Sew along the basting").doesNotContain("undo the old seam");
    }

    @Test
    void clothThatStretchesDoesNotRunBecauseOfIt() {
        ClothSheet runs = new ClothSheet(
                new StretchTest(100, 140, 100.0), null, ClothSheet.CutEdge.LADDERS, false, false, false, false);
        Set<String> laddering = ids(aimed(Garment.TAKE_IN, "", source(SourceKind.JUMPER, runs, 2, HeatLimit.TWO_DOTS)));
        Set<String> stretching = ids(aimed(
                Garment.TAKE_IN, "", source(SourceKind.JUMPER, stretches(100, 140, 100.0), 2, HeatLimit.TWO_DOTS)));
        assertThat(laddering).contains("secure");
        assertThat(stretching).doesNotContain("secure");
    }

    private static Set<String> ids(Project project) {
        return new Workroom(project).steps().stream().map(Step::id).collect(Collectors.toSet());
    }
}
