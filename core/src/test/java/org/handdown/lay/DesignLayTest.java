package org.handdown.lay;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.handdown.Demo;
import org.handdown.cloth.Cloth;
import org.handdown.cloth.ClothSheet;
import org.handdown.fit.EdgeKind;
import org.handdown.fit.Fit;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.FlawZone;
import org.handdown.fit.Motif;
import org.handdown.fit.PanelRun;
import org.handdown.geometry.Point;
import org.handdown.measure.Origin;
import org.handdown.panel.Panel;
import org.handdown.pattern.Design;
import org.handdown.pattern.MotifSpot;
import org.handdown.pattern.change.MockUp;
import org.handdown.pattern.change.Sample;
import org.handdown.pattern.change.ShowMotif;
import org.handdown.project.MeasuredPanels;
import org.handdown.project.Workroom;
import org.handdown.reuse.Inventory;
import org.handdown.reuse.Keeper;
import org.handdown.source.Assessment;
import org.junit.jupiter.api.Test;

class DesignLayTest {
    private static final Workroom ROOM = new Workroom(Demo.project(1100));

    private static Cloth marked(boolean marks) {
        ClothSheet sheet = new ClothSheet(null, null, ClothSheet.CutEdge.STAYS, false, marks, false, false);
        Cloth c = Demo.CORD;
        return new Cloth(
                c.name(),
                c.fibre(),
                c.weave(),
                c.colour(),
                c.oneWay(),
                c.reversible(),
                c.thicknessMm(),
                c.heat(),
                sheet);
    }

    private static FitProblem problem(boolean marks) {
        MeasuredPanels measured =
                java.util.Objects.requireNonNull(Demo.project(1100).panels());
        List<Panel> panels =
                measured.surveys().stream().map(s -> s.panel(marked(marks))).toList();
        return DesignLay.problem(ROOM.design().orElseThrow(), panels, marked(marks), 2, 0);
    }

    /** What people judged broken, no piece is laid on, though its edge would do by its shape. */
    @Test
    void aRefusedKeeperIsNoEdgeToLieOn() {
        List<Panel> panels = ROOM.panels();
        Map<String, Assessment.Condition> broken = ROOM.keepers().stream()
                .filter(k -> !k.edge().isEmpty() && k.part().equals("front-left"))
                .collect(Collectors.toMap(Keeper::id, k -> Assessment.Condition.BROKEN));
        assertThat(broken).containsKey("front-left/hem");
        List<Keeper> judged = Inventory.of(
                ROOM.plan().orElseThrow(),
                Demo.CORD,
                new Assessment(Assessment.Missed.LITTLE, null, broken, Origin.TAPE));
        FitProblem problem = DesignLay.problem(ROOM.design().orElseThrow(), panels, Demo.CORD, judged, 2, 0);
        List<FitPiece.Anchor> anchors = problem.pieces().stream()
                .flatMap(p -> p.variants().stream())
                .map(FitPiece.Variant::anchor)
                .filter(a -> a != null && a.on().contains(EdgeKind.HEM))
                .toList();
        assertThat(anchors).isNotEmpty().allSatisfy(a -> {
            assertThat(a.takes("front-left", edge(problem, "front-left", EdgeKind.HEM)))
                    .isFalse();
            assertThat(a.takes("front-right", edge(problem, "front-right", EdgeKind.HEM)))
                    .isTrue();
        });
        assertThat(ROOM.problem().orElseThrow().pieces().stream()
                        .flatMap(p -> p.variants().stream())
                        .map(FitPiece.Variant::anchor)
                        .filter(java.util.Objects::nonNull))
                .allMatch(a -> a.except().isEmpty());
    }

    private static PanelRun edge(FitProblem problem, String panel, EdgeKind kind) {
        return problem.panel(panel).edges().stream()
                .filter(e -> e.kind() == kind)
                .findFirst()
                .orElseThrow();
    }

    /** Old stitch lines of opened seams are kept as needle-hole zones where needles leave marks, and only there. */
    @Test
    void needleHolesMayOnlyLieWhereNobodyLooks() {
        assertThat(problem(false).panels())
                .allSatisfy(p -> assertThat(p.zones()).noneMatch(z -> z.what().equals("needle holes")));
        assertThat(problem(true).panels())
                .allSatisfy(p -> assertThat(p.zones())
                        .filteredOn(z -> z.what().equals("needle holes"))
                        .isNotEmpty()
                        .allMatch(z -> z.kind() == FlawZone.Kind.HIDE));
    }

    @Test
    void oldHemsAreAnchorsForHemPiecesOnly() {
        FitProblem problem = problem(false);
        assertThat(problem.panels()).anySatisfy(p -> assertThat(p.edges()).anyMatch(e -> e.kind() == EdgeKind.HEM));
        assertThat(problem.pieces())
                .filteredOn(p -> p.variants().size() > 1)
                .isNotEmpty()
                .allSatisfy(p -> assertThat(p.variants().get(1).anchor()).isNotNull());
        // The hem's allowance is dropped on the old hem: the piece is smaller there.
        FitPiece leg = problem.pieces().stream()
                .filter(p -> p.variants().size() > 1)
                .findFirst()
                .orElseThrow();
        assertThat(leg.variants().get(1).outline().areaMm2())
                .isLessThan(leg.variants().get(0).outline().areaMm2());
    }

    @Test
    void aMarginIsKeptFromEveryEdge() {
        assertThat(ROOM.problem(3).orElseThrow().marginMm()).isEqualTo(3);
        assertThat(ROOM.problem().orElseThrow().marginMm()).isZero();
    }

    /** Of a trial and an optional piece that both fit alone, the piece is laid and the trial waits for the remnants. */
    @Test
    void aTrialNeverTakesThePlaceOfAPiece() {
        Design design = ROOM.design().orElseThrow();
        Design only = design.withPieces(List.of(design.piece("bib")));
        Design with = new Sample("welt", 120, 60, 2).on(new MockUp("trial", "bib", false).on(only));
        FitProblem problem = DesignLay.problem(with, ROOM.panels(), Demo.CORD, 2, 0);
        FitPiece real = problem.pieces().get(0);
        assertThat(problem.pieces()).hasSize(3);
        assertThat(problem.pieces().subList(1, 3)).allSatisfy(p -> {
            assertThat(p.required()).isFalse();
            assertThat(p.cloths()).isEqualTo(real.cloths());
            assertThat(p.variants()).hasSize(1);
            assertThat(p.worthM2(p.variants().get(0)))
                    .isLessThan(real.worthM2(real.variants().get(0)) / 100);
        });
    }

    @Test
    void motifsOfThePanelsAndWishesOfThePiecesReachTheFitter() {
        Design design = ROOM.design().orElseThrow();
        Point chest = new Point(0, 80);
        Design shown = new ShowMotif("rose", "bib", new MotifSpot("rose", "rose", chest, 6)).on(design);
        Panel first = ROOM.panels().get(0);
        List<Panel> printed = ROOM.panels().stream()
                .map(p -> p.id().equals(first.id()) ? withMotif(p, new Motif("rose", new Point(0, 400))) : p)
                .toList();
        FitProblem problem = DesignLay.problem(shown, printed, Demo.CORD, 2, 0);
        assertThat(problem.panel(first.id()).motifs()).extracting(Motif::name).containsExactly("rose");
        assertThat(problem.piece("bib").motif()).isEqualTo(new FitPiece.MotifWish("rose", "rose", chest, 6));
        assertThat(problem.piece("back-bib").motif()).isNull();
        Design tried = new MockUp("trial", "bib", false).on(shown);
        assertThat(DesignLay.problem(tried, printed, Demo.CORD, 2, 0).pieces())
                .filteredOn(p -> p.motif() != null)
                .as("a trial of it shows no motif")
                .extracting(FitPiece::id)
                .containsExactly("bib");
        FitLayout layout = Fit.fit(problem.withPieces(List.of(problem.piece("bib"))), 3);
        assertThat(layout.placements()).singleElement().satisfies(p -> {
            assertThat(p.panel()).isEqualTo(first.id());
            assertThat(p.at().toPanel(chest).distanceMm(new Point(0, 400))).isLessThan(6.1);
        });
    }

    private static Panel withMotif(Panel p, Motif motif) {
        return new Panel(
                p.id(),
                p.name(),
                p.outline(),
                p.stitchLine(),
                p.finishes(),
                p.grainDeg(),
                p.cloth(),
                p.flaws(),
                p.stripes(),
                List.of(motif));
    }
}
