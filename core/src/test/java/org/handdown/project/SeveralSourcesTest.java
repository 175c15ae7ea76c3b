package org.handdown.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.handdown.Demo;
import org.handdown.cloth.Cloth;
import org.handdown.cloth.ClothSheet;
import org.handdown.cloth.HeatLimit;
import org.handdown.cloth.Weave;
import org.handdown.fit.EdgeKind;
import org.handdown.fit.Fit;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitPanel;
import org.handdown.fit.FitPiece;
import org.handdown.fit.FitProblem;
import org.handdown.fit.check.RuleChecker;
import org.handdown.lay.Leftover;
import org.handdown.make.Step;
import org.handdown.measure.RefusedValueException;
import org.handdown.panel.Panel;
import org.handdown.pattern.PieceCloth;
import org.handdown.pattern.change.Change;
import org.handdown.pattern.change.Recut;
import org.handdown.reuse.KeeperKind;
import org.handdown.source.Assessment;
import org.handdown.source.Source;
import org.handdown.source.anatomy.SourceKind;
import org.handdown.stash.LooseKeeper;
import org.handdown.unpick.JoinDecision;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** A project of several sources: each taken apart like the first, all on one table, each cloth where its role asks for it. */
class SeveralSourcesTest {
    private static Cloth cloth(String name) {
        return new Cloth(
                name, "cotton", Weave.PLAIN, "#8899aa", false, false, 0.4, HeatLimit.TWO_DOTS, ClothSheet.UNTESTED);
    }

    private static Source shirt() {
        return new Source(
                "striped shirt",
                "",
                "",
                "",
                "",
                cloth("shirting"),
                Demo.average(SourceKind.SHIRT, Map.of()),
                List.of(),
                Assessment.NONE);
    }

    private static Brought.OtherSource other(String id, Set<PieceCloth> roles) {
        return new Brought.OtherSource(id, "", shirt(), Project.Opening.NONE, null, roles);
    }

    private static Brought.FlatSheet lining(String id) {
        Cloth cloth = cloth("new lining");
        return new Brought.FlatSheet(
                id,
                "",
                "bought lining",
                cloth,
                Leftover.sheet(cloth, 1400, 1000),
                false,
                Set.of(PieceCloth.LINING, PieceCloth.POCKETING));
    }

    private static Project with(Project project, Brought... brought) {
        Cloths cloths = project.cloths();
        for (Brought b : brought) {
            cloths = cloths.with(b);
        }
        return project.withCloths(cloths);
    }

    /** All joins of the source in hand opened, and its panels as they then lie. */
    private static Project takenApart(Project turned) {
        Map<String, JoinDecision> joins = new HashMap<>();
        new Workroom(turned).anatomy().orElseThrow().joins().forEach(j -> joins.put(j.id(), JoinDecision.UNPICK));
        Project opened = turned.withOpening(new Project.Opening(joins, Map.of()));
        return new Workroom(opened).redoPanels();
    }

    private static Project dungareesAndShirt() {
        Project project = with(Demo.project(1100), other("b", Set.of(PieceCloth.CONTRAST)), lining("c"));
        return takenApart(project.turnedTo("b")).turnedBack();
    }

    @Test
    void turningToAnotherSourceAndBackChangesNothing() {
        Project project = dungareesAndShirt();
        Project turned = project.turnedTo("b");
        assertThat(turned.source()).isEqualTo(shirt());
        assertThat(turned.panels()).isNotEqualTo(project.panels());
        assertThat(turned.turnedBack()).isEqualTo(project);
        assertThat(turned.turnedTo("").source()).isEqualTo(project.source());
    }

    @Test
    void whatIsSettledOfTheOtherSourceStaysWithIt() {
        Project project = with(Demo.project(1100), other("b", Set.of(PieceCloth.CONTRAST)));
        Project after = takenApart(project.turnedTo("b")).turnedBack();
        assertThat(after.source()).isEqualTo(project.source());
        assertThat(after.panels()).isEqualTo(project.panels());
        Brought.OtherSource kept = (Brought.OtherSource) after.cloths().require("b");
        assertThat(kept.panels()).isNotNull();
        assertThat(kept.roles()).containsExactly(PieceCloth.CONTRAST);
    }

    @Test
    void onlyASourceCanBeTakenInHand() {
        Project project = dungareesAndShirt();
        assertThatThrownBy(() -> project.turnedTo("c"))
                .isInstanceOf(RefusedValueException.class)
                .hasMessageContaining("nothing to take apart");
        assertThatThrownBy(() -> project.turnedTo("x")).isInstanceOf(RefusedValueException.class);
    }

    @Test
    void allPanelsLieOnOneTableEachOfItsCloth() {
        Workroom room = new Workroom(dungareesAndShirt());
        FitProblem problem = room.problem().orElseThrow();
        Map<String, String> cloths = new HashMap<>();
        problem.panels().forEach(p -> cloths.put(p.id(), p.cloth()));
        assertThat(cloths).containsEntry("front-left", Demo.CORD.name()).containsEntry("c", "new lining");
        assertThat(cloths).containsEntry("b.back", "shirting");
        assertThat(room.panelNames())
                .containsEntry("b.back", "back, striped shirt")
                .containsEntry("c", "bought lining");
        assertThat(room.tolerances()).containsKeys("front-left", "b.back", "c");
    }

    /** Whichever source is in hand, pieces, lay and work are those of the whole project. */
    @Test
    void theTableIsTheSameWhicheverSourceIsInHand() {
        Project project = dungareesAndShirt();
        Workroom own = new Workroom(project);
        Workroom turned = new Workroom(project.turnedTo("b"));
        assertThat(turned.problem()).isEqualTo(own.problem());
        assertThat(turned.keepers()).isEqualTo(own.keepers());
        assertThat(turned.steps()).isEqualTo(own.steps());
        assertThat(turned.stations()).isEqualTo(own.stations());
        assertThat(turned.panels()).isNotEqualTo(own.panels());
        assertThat(turned.panelsOnTable()).extracting(Panel::id).allMatch(id -> id.startsWith("b."));
        assertThat(own.panelsOnTable()).extracting(Panel::id).noneMatch(id -> id.startsWith("b."));
    }

    private static Project bibFromTheShirt(Project project) {
        PatternPieces pieces = (PatternPieces) java.util.Objects.requireNonNull(project.pieces());
        Recut bib = new Recut("bib from the shirt", "bib", 1, false, PieceCloth.CONTRAST, false, false);
        return project.withPieces(pieces.withChanges(List.<Change>of(bib)));
    }

    @Test
    void eachPieceIsCutFromTheClothThatServesItsRole() {
        FitProblem problem =
                new Workroom(bibFromTheShirt(dungareesAndShirt())).problem().orElseThrow();
        Map<String, List<String>> of = new HashMap<>();
        problem.pieces().forEach(p -> of.put(p.id(), p.cloths()));
        assertThat(of).containsEntry("bib", List.of("shirting"));
        assertThat(of).containsEntry("front-leg", List.of(Demo.CORD.name()));
    }

    /** A role may take several cloths: then the second source helps where the first is too small. */
    @Test
    void aSecondOuterClothServesEveryOuterPiece() {
        Project project = with(Demo.project(1100), other("b", Set.of(PieceCloth.SHELL)));
        Project apart = takenApart(project.turnedTo("b")).turnedBack();
        FitProblem problem = new Workroom(apart).problem().orElseThrow();
        assertThat(problem.pieces())
                .filteredOn(p -> p.id().equals("front-leg"))
                .extracting(FitPiece::cloths)
                .containsExactly(List.of(Demo.CORD.name(), "shirting"));
    }

    @Test
    @Tag("long")
    void aLayOverBothSourcesKeepsEveryRule() {
        FitProblem problem =
                new Workroom(bibFromTheShirt(dungareesAndShirt())).problem().orElseThrow();
        FitLayout layout = Fit.fit(problem, 10);
        assertThat(RuleChecker.check(problem, layout)).isEmpty();
        assertThat(layout.placements())
                .filteredOn(p -> p.piece().equals("bib"))
                .isNotEmpty()
                .allMatch(p -> p.panel().startsWith("b."));
    }

    @Test
    void keepersOfAllSourcesAndOfTheBoxServeTogether() {
        LooseKeeper rib = new LooseKeeper(
                "rib out of the box",
                KeeperKind.RIB,
                new LooseKeeper.Size(400, 0.5, 50, 0, 0),
                "",
                Assessment.Condition.SOUND);
        Workroom room = new Workroom(with(dungareesAndShirt(), new Brought.Loose("d", "", rib)));
        assertThat(room.keepers())
                .anyMatch(k -> k.id().startsWith("b.") && k.name().endsWith("striped shirt"))
                .anyMatch(k -> k.name().equals("rib out of the box") && k.restMm() == 400);
        assertThat(room.ownKeepers()).noneMatch(k -> k.id().startsWith("b."));
    }

    /** The work on the second source stands beside that on the first, and the first cut waits for both. */
    @Test
    void bothSourcesAreTakenApartBeforeTheFirstCut() {
        List<Step> steps = new Workroom(bibFromTheShirt(dungareesAndShirt())).steps();
        List<String> ids = steps.stream().map(Step::id).toList();
        assertThat(ids).contains("b.wash", "b.press", "c.wash", "gate-cut");
        assertThat(ids.indexOf("b.press")).isLessThan(ids.indexOf("gate-cut"));
        assertThat(ids.indexOf("c.wash")).isLessThan(ids.indexOf("gate-cut"));
        assertThat(steps)
                .filteredOn(s -> s.id().equals("b.press"))
                .extracting(Step::title)
                .allMatch(t -> t.endsWith("(striped shirt)"));
        Step gate = steps.get(ids.indexOf("gate-cut"));
        assertThat(gate.checks()).anyMatch(c -> c.startsWith(Demo.CORD.name() + " against shirting: "));
    }

    @Test
    void twoClothsMayNotShareAName() {
        Project project = Demo.project(1100);
        Cloth same = cloth(Demo.CORD.name());
        Brought.FlatSheet sheet = new Brought.FlatSheet(
                "b", "", "remnant", same, Leftover.sheet(same, 500, 500), true, Set.of(PieceCloth.SHELL));
        assertThatThrownBy(() -> with(project, sheet))
                .isInstanceOf(RefusedValueException.class)
                .hasMessageContaining("call one of them otherwise");
    }

    /** Two remnants of one cloth are one cloth: pieces lie on either, and both serve as the one is told to. */
    @Test
    void twoRemnantsOfOneClothShareItsName() {
        Cloth loden = cloth("loden");
        Brought.FlatSheet small = new Brought.FlatSheet(
                "b", "", "small end", loden, Leftover.sheet(loden, 300, 300), true, Set.of(PieceCloth.CONTRAST));
        Brought.FlatSheet large = new Brought.FlatSheet(
                "c", "", "large end", loden, Leftover.sheet(loden, 600, 500), true, Set.of(PieceCloth.CONTRAST));
        Project project = with(Demo.project(1100), small, large);
        FitProblem problem = new Workroom(bibFromTheShirt(project)).problem().orElseThrow();
        assertThat(problem.panels()).filteredOn(p -> p.cloth().equals("loden")).hasSize(2);
        assertThat(problem.piece("bib").cloths()).containsExactly("loden");
        Cloths changed = project.cloths().serving("b", Set.of(PieceCloth.SECOND_CONTRAST));
        assertThat(changed.brought()).allMatch(x -> x.roles().equals(Set.of(PieceCloth.SECOND_CONTRAST)));
        assertThat(project.withCloths(changed).cloths()).isEqualTo(changed);
        assertThat(project.cloths().nameOf(loden, Set.of(PieceCloth.CONTRAST), "third end", project.source()))
                .isEqualTo("loden");
        assertThat(project.cloths().nameOf(loden, Set.of(PieceCloth.LINING), "third end", project.source()))
                .isEqualTo("loden (third end)");
    }

    @Test
    void whatIsTakenOutLeavesNothingBehind() {
        Project project = dungareesAndShirt();
        Project without = project.withCloths(project.cloths().without("b").without("c"));
        assertThat(new Workroom(without).problem()).isEqualTo(new Workroom(Demo.project(1100)).problem());
    }

    /** Selvedges of a sheet, drawn by hand: the sides of the rectangle, upwards on the right and downwards on the left. */
    @Test
    void aSheetIsCutFromWithItsSelvedges() {
        FitPanel panel = Leftover.sheet(cloth("lining"), 1400, 1000).panel("c", "lining");
        assertThat(panel.outline().areaMm2()).isEqualTo(1.4e6);
        assertThat(panel.edges()).hasSize(2).allMatch(e -> e.kind() == EdgeKind.SELVEDGE);
        panel.edges().forEach(e -> {
            double x = panel.outline().at(e.from()).x();
            assertThat(panel.outline().at(e.to()).x()).isEqualTo(x);
            assertThat(x).isIn(0.0, 1400.0);
        });
    }
}
