package org.handdown.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.handdown.Demo;
import org.handdown.body.BodyMeasure;
import org.handdown.body.Wearer;
import org.handdown.fit.EdgeKind;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.check.RuleChecker;
import org.handdown.fit.room.FitsAlone;
import org.handdown.fit.search.Fitter;
import org.handdown.geometry.Edge;
import org.handdown.geometry.OffsetOutline;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.geometry.Region;
import org.handdown.lay.ClothRoles;
import org.handdown.measure.Length;
import org.handdown.measure.Origin;
import org.handdown.measure.RefusedValueException;
import org.handdown.panel.Panel;
import org.handdown.project.PatternPieces;
import org.handdown.project.Project;
import org.handdown.project.Workroom;
import org.handdown.source.Assessment;
import org.handdown.source.Source;
import org.handdown.source.anatomy.SourceKind;
import org.handdown.source.graph.EdgeFinish;
import org.handdown.unpick.JoinDecision;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Panels taken whole, with figures worked out by hand, and really laid on the panels that they are. */
class WholePanelsTest {
    /** 200 wide above, 300 below, 500 long, its lower end hemmed; so much cloth beyond the other seams. */
    private static Panel gore(String id, double beyondMm) {
        Outline line = new Outline(List.of(
                Edge.line("hem", new Point(0, 0), new Point(300, 0)),
                Edge.line("right", new Point(300, 0), new Point(250, 500)),
                Edge.line("top", new Point(250, 500), new Point(50, 500)),
                Edge.line("left", new Point(50, 500), new Point(0, 0))));
        return new Panel(
                id,
                id,
                OffsetOutline.of(line, e -> e.name().equals("hem") ? 0 : beyondMm),
                line,
                Map.of("hem", new EdgeFinish(EdgeKind.HEM, 20)),
                90,
                Demo.CORD,
                List.of(),
                List.of(),
                List.of());
    }

    private static Wearer wearer(double waist, double hip) {
        return new Wearer(
                "Runa",
                Map.of(
                        BodyMeasure.WAIST, new Wearer.Taken(Length.ofMm(waist), "", Origin.TAPE),
                        BodyMeasure.HIP, new Wearer.Taken(Length.ofMm(hip), "", Origin.TAPE)));
    }

    /** Each side leans 50 mm on 500: two times arc tan 0.1 is 11.4 degrees. */
    @Test
    void widthsLengthAndWedgeAreReadOff() {
        WholePanels whole = WholePanels.of(List.of(gore("a", 10)), false);
        WholePanels.Gore gore = whole.gores().get(0);
        assertThat(gore.upperMm()).isCloseTo(200, within(0.1));
        assertThat(gore.lowerMm()).isCloseTo(300, within(0.1));
        assertThat(gore.longMm()).isCloseTo(500, within(0.1));
        assertThat(gore.wedgeDeg()).isCloseTo(11.42, within(0.02));
        assertThat(gore.narrow()).isEmpty();
        assertThat(WholePanels.of(List.of(gore("a", 10)), true).gores().get(0).wedgeDeg())
                .isCloseTo(-11.42, within(0.02));
    }

    /** Four make 800 above and 1200 below: 80 to gather at a waist of 700, 120 short of hips of 900, each with 20 of ease. */
    @Test
    void fourMakeARingThatIsHeldAgainstTheBody() {
        List<Panel> four = List.of(gore("a", 10), gore("b", 10), gore("c", 10), gore("d", 10));
        WholePanels whole = WholePanels.of(four, false);
        assertThat(whole.upperMm()).isCloseTo(800, within(0.4));
        assertThat(whole.lowerMm()).isCloseTo(1200, within(0.4));
        String told = String.join(" ", whole.sentences(wearer(700, 900)));
        assertThat(told).contains("hips of Runa without an opening", "120", "gathered", "80");
        assertThat(String.join(" ", whole.sentences(wearer(900, 1000)))).contains("For the waist of Runa", "120");
        // Turned, the wide end is the waist, and it goes on.
        assertThat(String.join(" ", WholePanels.of(four, true).sentences(wearer(700, 900))))
                .doesNotContain("without an opening")
                .contains("480");
    }

    /** Cut along the seam there is no cloth to sew: 5 mm on both sides go off the width. */
    @Test
    void whatHasNoClothBeyondItsSeamIsSewnInside() {
        WholePanels whole = WholePanels.of(List.of(gore("a", 0)), false);
        assertThat(whole.upperMm()).isCloseTo(190, within(0.1));
        assertThat(whole.sentences(null)).anyMatch(s -> s.contains("Too little cloth"));
    }

    /** A side that was cut beside its old seam has no cloth to sew; a selvedge is finished, and is lapped. */
    @Test
    void aFinishedSideIsLappedAndOneCutBesideItsSeamIsNot() {
        Panel cut = gore("a", 10);
        Panel beside = new Panel(
                "b",
                "b",
                OffsetOutline.of(cut.stitchLine(), e -> e.name().equals("top") ? 10 : 0),
                cut.stitchLine(),
                Map.of("left", new EdgeFinish(EdgeKind.SELVEDGE, 0), "right", new EdgeFinish(EdgeKind.SEAM, 0)),
                90,
                Demo.CORD,
                List.of(),
                List.of(),
                List.of());
        WholePanels whole = WholePanels.of(List.of(beside), false);
        assertThat(whole.gores().get(0).narrow()).containsOnlyKeys("right");
        assertThat(String.join(" ", whole.sentences(null))).contains("A side of the b is finished", "Too little cloth");
        assertThat(whole.pieces(cloth -> PieceCloth.SHELL).get(0).wishes()).containsOnlyKeys("left");
    }

    @Test
    void piecesAreCutWhereTheClothEndsAndKeepTheirHem() {
        Panel panel = gore("back sleeve.1", 10);
        Piece piece = WholePanels.of(List.of(panel), false)
                .pieces(cloth -> PieceCloth.SHELL)
                .get(0);
        assertThat(piece.id()).isEqualTo("whole-back-sleeve-1");
        assertThat(piece.allowance("left").mm()).isCloseTo(10, within(0.5));
        assertThat(piece.allowance("hem").mm()).isZero();
        assertThat(piece.wishes()).containsOnlyKeys("hem");
        Region out = Region.of(piece.cutLine().ring())
                .minus(Region.of(panel.outline().ring()));
        assertThat(out.areaMm2()).isLessThan(1);
    }

    @Test
    void whatHasNoSidesIsRefused() {
        Outline flat = new Outline(List.of(
                Edge.line("a", new Point(0, 0), new Point(100, 10)),
                Edge.line("b", new Point(100, 10), new Point(50, 30)),
                Edge.line("c", new Point(50, 30), new Point(0, 0))));
        Panel panel = new Panel(
                "x",
                "scrap",
                OffsetOutline.of(flat, e -> 0),
                flat,
                Map.of(),
                90,
                Demo.CORD,
                List.of(),
                List.of(),
                List.of());
        assertThatThrownBy(() -> WholePanels.of(List.of(panel), false))
                .isInstanceOf(RefusedValueException.class)
                .hasMessageContaining("scrap");
        assertThatThrownBy(() -> WholePanels.of(List.of(), false)).isInstanceOf(RefusedValueException.class);
    }

    /** Every kind of source taken apart: each panel that has sides lies, as a piece, on the panels that there are. */
    @Test
    @Tag("long")
    void panelsOfEverySourceLieAsPieces() {
        for (SourceKind kind : SourceKind.values()) {
            Source source = new Source(
                    "it", "", "", "", "", Demo.CORD, Demo.average(kind, Map.of()), List.of(), Assessment.NONE);
            Project project = Project.named("whole").withSource(source);
            Map<String, JoinDecision> joins = new java.util.HashMap<>();
            new Workroom(project)
                    .anatomy().orElseThrow().joins().stream()
                            .filter(j -> !j.finishedEdge())
                            .forEach(j -> joins.put(j.id(), JoinDecision.UNPICK));
            Project opened = new Workroom(project.withOpening(new Project.Opening(joins, Map.of()))).redoPanels();
            List<Piece> pieces = new ArrayList<>();
            ClothRoles roles = new Workroom(opened).roles();
            for (Panel panel : new Workroom(opened).panels()) {
                try {
                    pieces.addAll(WholePanels.of(List.of(panel), false).pieces(roles::roleOf));
                } catch (RefusedValueException e) {
                    assertThat(e.getMessage()).contains(panel.name());
                }
            }
            if (!pieces.isEmpty()) {
                Project with = opened.withPieces(PatternPieces.NONE.withOwn(pieces));
                FitProblem problem = new Workroom(with).problem().orElseThrow();
                for (FitPiece piece : problem.pieces()) {
                    assertThat(FitsAlone.on(problem, piece))
                            .as(kind + " " + piece.id())
                            .isTrue();
                }
                if (kind == SourceKind.TROUSERS) {
                    FitLayout layout = new Fitter(
                                    problem,
                                    new Fitter.Budget(4, Long.MAX_VALUE, 1, 1),
                                    System::nanoTime,
                                    () -> false,
                                    better -> {})
                            .fit();
                    assertThat(RuleChecker.check(problem, layout)).isEmpty();
                    assertThat(layout.unplaced()).isEmpty();
                }
            }
        }
    }
}
