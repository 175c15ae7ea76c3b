package org.handdown.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.handdown.Demo;
import org.handdown.fit.EdgeKind;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitProblem;
import org.handdown.fit.Placed;
import org.handdown.fit.search.Fitter;
import org.handdown.geometry.Point;
import org.handdown.measure.LengthUnit;
import org.handdown.panel.Flaw;
import org.handdown.panel.Panel;
import org.handdown.panel.survey.LegSurvey;
import org.handdown.panel.survey.Survey;
import org.handdown.pattern.change.LeaveOut;
import org.handdown.pattern.change.Piecing;
import org.handdown.project.StationState.Stand;
import org.handdown.source.anatomy.SourceKind;
import org.handdown.unpick.JoinDecision;
import org.junit.jupiter.api.Test;

class WorkroomTest {
    private static Stand stand(Project project, Station station) {
        return new Workroom(project)
                .stations().stream()
                        .filter(s -> s.station() == station)
                        .findFirst()
                        .orElseThrow()
                        .stand();
    }

    private static Project laid(Project project) {
        FitProblem problem = new Workroom(project).problem().orElseThrow();
        FitLayout empty = new FitLayout(List.of(), List.of(), new FitLayout.Measures(0, 1, 0, null, 0, 1), List.of());
        return project.withLay(new Lay(problem, empty, false));
    }

    @Test
    void pinsHoldInTheProblemAndAreLetGoWithTheirPiece() {
        Project project = Demo.project(1100);
        FitProblem problem = new Workroom(project).problem().orElseThrow();
        FitLayout layout = Fitter.fit(problem, new Fitter.Budget(Double.POSITIVE_INFINITY, 0, 1, 1));
        Project pinned = project.withLay(new Lay(problem, layout, false, Set.of("bib#0", "strap#1")));
        assertThat(new Workroom(pinned).pinnedProblem().orElseThrow().pinned())
                .extracting(Placed::name)
                .containsExactlyInAnyOrder("bib#0", "strap#1");
        // Pins are no part of what a lay was made for, so they do not make it stale.
        assertThat(stand(pinned, Station.LAY)).isEqualTo(Stand.SETTLED);
        PatternPieces pattern = (PatternPieces) java.util.Objects.requireNonNull(pinned.pieces());
        Project without = pinned.withPieces(pattern.withChanges(List.of(new LeaveOut("no straps", "strap"))));
        assertThat(new Workroom(without).pinnedProblem().orElseThrow().pinned())
                .extracting(Placed::name)
                .containsExactly("bib#0");
    }

    @Test
    void aKeptLayBringsItsPiecesBack() {
        Project whole = laid(Demo.project(1100)).keepingLay("whole", Instant.EPOCH);
        PatternPieces pattern = (PatternPieces) java.util.Objects.requireNonNull(whole.pieces());
        Project pieced = whole.withPieces(pattern.withChanges(List.of(Piecing.across("short", "strap", 190, 8))));
        assertThat(((PatternPieces) java.util.Objects.requireNonNull(pieced.pieces())).seamsAdded())
                .as("one on each strap")
                .isEqualTo(2);
        assertThat(stand(pieced, Station.LAY)).isEqualTo(Stand.STALE);
        Project back = pieced.takingUp(pieced.kept().get(0));
        assertThat(stand(back, Station.LAY)).isEqualTo(Stand.SETTLED);
        assertThat(((PatternPieces) java.util.Objects.requireNonNull(back.pieces())).seamsAdded())
                .isZero();
        Project seven = whole;
        for (int i = 0; i < 5; i++) {
            seven = seven.keepingLay("lay " + i, Instant.EPOCH);
        }
        Project six = seven;
        assertThatThrownBy(() -> six.keepingLay("one more", Instant.EPOCH)).hasMessageContaining("let one go first");
    }

    @Test
    void aNewProjectAsksForEverything() {
        assertThat(new Workroom(Project.named("x")).stations())
                .extracting(StationState::stand)
                .containsOnly(Stand.OPEN);
    }

    @Test
    void aTallerChildMakesPiecesAndLayStaleAndRedoingMendsThem() {
        Project project = laid(Demo.project(1100));
        assertThat(stand(project, Station.LAY)).isEqualTo(Stand.SETTLED);
        Project taller = project.withAim(Demo.aim(1160, LengthUnit.CM));
        assertThat(stand(taller, Station.PIECES)).isEqualTo(Stand.STALE);
        assertThat(stand(taller, Station.LAY)).isEqualTo(Stand.STALE);
        Project redone = new Workroom(taller).redoPieces();
        assertThat(stand(redone, Station.PIECES)).isEqualTo(Stand.SETTLED);
        assertThat(stand(redone, Station.LAY)).isEqualTo(Stand.STALE);
        assertThat(stand(laid(redone), Station.LAY)).isEqualTo(Stand.SETTLED);
    }

    @Test
    void showingLengthsInInchesMakesNothingStaleButWords() {
        Project project = laid(Demo.project(1100));
        Project inches = new Workroom(project.withAim(Demo.aim(1100, LengthUnit.INCH))).redoPieces();
        assertThat(stand(inches, Station.LAY)).isEqualTo(Stand.SETTLED);
    }

    @Test
    void anotherDecisionMakesThePanelsStale() {
        Project project = laid(Demo.project(1100));
        Map<String, JoinDecision> decisions = new HashMap<>(project.opening().joins());
        decisions.put("hem-left", JoinDecision.UNPICK);
        Project changed = project.withOpening(new Project.Opening(decisions, Map.of()));
        assertThat(stand(changed, Station.PANELS)).isEqualTo(Stand.STALE);
        Panel left = new Workroom(new Workroom(changed).redoPanels()).panels().get(0);
        // The unpicked hem gives its 38 mm of depth, and is no finished edge any more.
        assertThat(left.outline().ring().box().minY()).isCloseTo(-38, within(1e-6));
        assertThat(left.kind("hem")).isEqualTo(EdgeKind.RAW);
    }

    @Test
    void keptHemsAreFinishedEdgesAndCutAwayOnesTakeTheirDepth() {
        Panel kept = new Workroom(Demo.project(1100)).panels().get(0);
        assertThat(kept.edgeKinds()).containsEntry("hem", EdgeKind.HEM);
        Map<String, JoinDecision> decisions = new HashMap<>(Demo.decisions());
        decisions.put("hem-left", JoinDecision.CUT_AWAY);
        Project cut =
                new Workroom(Demo.project(1100).withOpening(new Project.Opening(decisions, Map.of()))).redoPanels();
        assertThat(new Workroom(cut).panels().get(0).outline().ring().box().minY())
                .isCloseTo(38, within(1e-6));
    }

    @Test
    void flawsAndTapeMeasuresOutliveANewDecisionButNotOtherTrousers() {
        Project project = Demo.project(1100);
        MeasuredPanels panels = java.util.Objects.requireNonNull(project.panels());
        Flaw flaw = new Flaw(Flaw.Treatment.HIDE, "worn knee", new Point(0, 420), 88, 112);
        Survey marked = panels.surveys().get(0).withFlaws(List.of(flaw));
        Project flawed =
                project.withPanels(new MeasuredPanels(panels.construction(), panels.opening(), List.of(marked)));
        Map<String, JoinDecision> decisions = new HashMap<>(project.opening().joins());
        decisions.put("waistband-front-left", JoinDecision.CUT_AWAY);
        Project redone = new Workroom(flawed.withOpening(new Project.Opening(decisions, Map.of()))).redoPanels();
        assertThat(java.util.Objects.requireNonNull(redone.panels())
                        .surveys()
                        .get(0)
                        .flaws())
                .containsExactly(flaw);
        Project other = redone.withSource(Demo.source(Demo.trousers(940, 1130, 700, 512, 448, 780, 1022, 38, 38, 12)));
        assertThat(stand(other, Station.PANELS)).isEqualTo(Stand.STALE);
        LegSurvey anew = (LegSurvey) java.util.Objects.requireNonNull(
                        new Workroom(other).redoPanels().panels())
                .surveys()
                .get(0);
        assertThat(anew.shape().thigh().widthMm()).isEqualTo(318);
        assertThat(anew.flaws()).containsExactly(flaw);
    }

    @Test
    void aSideSeamLeftClosedKeepsBothLegsFlatButWinsNothingThere() {
        Map<String, JoinDecision> decisions = new HashMap<>(Demo.decisions());
        decisions.put("side-left", JoinDecision.LEAVE);
        Project closed =
                new Workroom(Demo.project(1100).withOpening(new Project.Opening(decisions, Map.of()))).redoPanels();
        List<Panel> panels = new Workroom(closed).panels();
        assertThat(panels).hasSize(4);
        assertThat(panels.get(0).kind("side")).isEqualTo(EdgeKind.SEAM);
        double open = new Workroom(Demo.project(1100))
                .panels()
                .get(0)
                .outline()
                .ring()
                .box()
                .widthMm();
        assertThat(panels.get(0).outline().ring().box().widthMm()).isCloseTo(open - 12, within(0.6));
    }

    @Test
    void everyKindOfSourceCanBeTakenApartToPanels() {
        for (SourceKind kind : SourceKind.values()) {
            Project project = Project.named("x").withSource(Demo.source(Demo.average(kind, Map.of())));
            Map<String, JoinDecision> all = new HashMap<>();
            new Workroom(project).anatomy().orElseThrow().joins().forEach(j -> all.put(j.id(), JoinDecision.UNPICK));
            Workroom room =
                    new Workroom(new Workroom(project.withOpening(new Project.Opening(all, Map.of()))).redoPanels());
            room.requireWorkable();
            assertThat(room.panels())
                    .as(kind.words())
                    .hasSameSizeAs(room.anatomy().orElseThrow().mainParts())
                    .filteredOn(p -> !p.outline().ring().isSimple())
                    .extracting(Panel::id)
                    .isEmpty();
        }
    }

    @Test
    void leftAndRightPanelsAreMirrorImages() {
        List<Panel> panels = new Workroom(Demo.project(1100)).panels();
        assertThat(panels).hasSize(4);
        var left = panels.get(0).outline().ring().box();
        var right = panels.get(1).outline().ring().box();
        assertThat(left.maxX()).isCloseTo(-right.minX(), within(1e-9));
        assertThat(panels.get(0).outline().ring().areaMm2())
                .isCloseTo(panels.get(1).outline().ring().areaMm2(), within(1e-6));
    }
}
