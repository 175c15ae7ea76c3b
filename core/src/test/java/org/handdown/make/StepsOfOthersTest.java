package org.handdown.make;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.handdown.Demo;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.measure.LengthUnit;
import org.handdown.pattern.Allowance;
import org.handdown.pattern.CutGrain;
import org.handdown.pattern.EdgeWish;
import org.handdown.pattern.Piece;
import org.handdown.pattern.Role;
import org.handdown.project.Aim;
import org.handdown.project.Garment;
import org.handdown.project.Project;
import org.handdown.project.StationState;
import org.handdown.project.Workroom;
import org.handdown.reuse.Want;
import org.handdown.source.Construction;
import org.handdown.source.SourceKind;
import org.handdown.unpick.JoinDecision;
import org.handdown.unpick.LetOut;
import org.handdown.unpick.PartLabel;
import org.handdown.unpick.Stretch;
import org.junit.jupiter.api.Test;

/** Order of work for pieces entered by hand and for letting out: handbook §7, common practice, no source. */
class StepsOfOthersTest {
    private static Piece rectangle(String id, double wide, double high, Map<String, EdgeWish> wishes) {
        Point a = new Point(0, 0);
        Point b = new Point(wide, 0);
        Point c = new Point(wide, high);
        Point d = new Point(0, high);
        Outline outline = new Outline(List.of(
                Edge.line("hem", a, b), Edge.line("right", b, c), Edge.line("top", c, d), Edge.line("left", d, a)));
        Allowance seam = new Allowance(10, "seam");
        return new Piece(
                id,
                id,
                outline,
                Map.of("hem", new Allowance(30, "hem"), "right", seam, "top", seam, "left", seam),
                1,
                false,
                CutGrain.LENGTHWISE,
                true,
                wishes,
                List.of(),
                List.of());
    }

    private static Project project(SourceKind kind, Garment garment, Project.Pieces pieces) {
        Construction construction = Demo.average(kind, Map.of());
        Map<String, JoinDecision> joins = new HashMap<>();
        construction
                .anatomy()
                .joins()
                .forEach(j -> joins.put(j.id(), j.finishedEdge() ? JoinDecision.LEAVE : JoinDecision.UNPICK));
        Project project = Project.named("x")
                .withAim(new Aim(garment, "thing", Demo.child(1100), Demo.EASE, LengthUnit.CM))
                .withSource(Demo.source(construction))
                .withOpening(new Project.Opening(joins, Map.of()))
                .withPieces(pieces);
        return new Workroom(project).redoPanels();
    }

    private static List<String> ids(Project project) {
        return new Workroom(project).steps().stream().map(Step::id).toList();
    }

    @Test
    void handPiecesAreCutOnlyBehindTheGateAndKeepersMadeWhileFlat() {
        Want pocket = new Want("want-pocket", "pocket", Role.POCKET, "", "", 100, 0, 90, 200, 0);
        Project shirt = project(
                SourceKind.SHIRT,
                Garment.BY_HAND,
                new Project.ByHand(
                        List.of(rectangle("front", 300, 400, Map.of("hem", EdgeWish.of(Role.HEM)))), List.of(pocket)));
        List<String> ids = ids(shirt);
        assertThat(ids.indexOf("wash")).isZero();
        assertThat(ids.indexOf("press")).isLessThan(ids.indexOf("gate-cut"));
        assertThat(ids.indexOf("gate-cut")).isLessThan(ids.indexOf("cut"));
        assertThat(ids.indexOf("cut")).isLessThan(ids.indexOf("keep-want-pocket"));
        assertThat(ids.indexOf("keep-want-pocket")).isLessThan(ids.indexOf("sew"));
        assertThat(ids.indexOf("gate-trim")).isLessThan(ids.indexOf("finish"));
    }

    @Test
    void everyOpenedJoinHasAStepInTheOrderItIsOpened() {
        Project coat = project(
                SourceKind.COAT,
                Garment.BY_HAND,
                new Project.ByHand(List.of(rectangle("back", 300, 400, Map.of())), List.of()));
        List<String> ids = ids(coat);
        assertThat(ids.indexOf("open-lining-hem")).isLessThan(ids.indexOf("open-side-left"));
        assertThat(ids).contains("open-pocket-left").doesNotContain("open-hem");
    }

    @Test
    void lettingOutPressesBeforeItFoldsAndHemsLast() {
        Project skirt = project(
                        SourceKind.PLEATED_SKIRT,
                        Garment.LET_OUT,
                        new Project.LettingOut(new LetOut.Wish(60, 20, 10, 10, false)))
                .withOpening(new Project.Opening(
                        Map.of("band-front", JoinDecision.UNPICK, "hem", JoinDecision.UNPICK),
                        Map.of("band-front", new Stretch(20, 120))));
        List<String> ids = ids(skirt);
        assertThat(ids.indexOf("gate-open")).isLessThan(ids.indexOf("press-out"));
        assertThat(ids.indexOf("press-out")).isLessThan(ids.indexOf("fold-pleats-front"));
        assertThat(ids.indexOf("fold-pleats-front")).isLessThan(ids.indexOf("baste"));
        assertThat(ids.get(ids.size() - 1)).isEqualTo("hem");
        assertThat(new Workroom(skirt).steps())
                .filteredOn(s -> s.id().equals("open-band-front"))
                .singleElement()
                .satisfies(s -> assertThat(s.how()).contains("Only from 2.0 cm to 12.0 cm"));
        // Nothing is cut out: panels and lay are not asked for.
        assertThat(new Workroom(skirt).stations())
                .filteredOn(s -> s.sentence().startsWith("Not needed"))
                .hasSize(2)
                .extracting(StationState::stand)
                .containsOnly(StationState.Stand.SETTLED);
    }

    @Test
    void labelsGoOnEveryPartThatComesOffWithItsPartner() {
        Project shirt = project(SourceKind.SHIRT, Garment.BY_HAND, new Project.ByHand(List.of(), List.of()));
        List<PartLabel> labels = PartLabel.of(new Workroom(shirt).plan().orElseThrow());
        assertThat(labels).extracting(PartLabel::part).contains("sleeve-left", "cuff-right", "yoke", "pocket");
        PartLabel sleeve = labels.stream()
                .filter(l -> l.part().equals("sleeve-left"))
                .findFirst()
                .orElseThrow();
        assertThat(sleeve.side()).isEqualTo("left");
        assertThat(sleeve.partner()).isEqualTo("sleeve right");
        assertThat(sleeve.neighbours()).contains("front left", "back", "cuff left");
    }
}
