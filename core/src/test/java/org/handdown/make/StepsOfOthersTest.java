package org.handdown.make;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.handdown.Demo;
import org.handdown.alter.LetOut;
import org.handdown.alter.TakeIn;
import org.handdown.fit.FitProblem;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.measure.LengthUnit;
import org.handdown.pattern.Allowance;
import org.handdown.pattern.CutGrain;
import org.handdown.pattern.EdgeWish;
import org.handdown.pattern.Neckline;
import org.handdown.pattern.Piece;
import org.handdown.pattern.PieceCloth;
import org.handdown.pattern.Role;
import org.handdown.project.Aim;
import org.handdown.project.Garment;
import org.handdown.project.LettingOut;
import org.handdown.project.PatternPieces;
import org.handdown.project.Project;
import org.handdown.project.StationState;
import org.handdown.project.TakingIn;
import org.handdown.project.Workroom;
import org.handdown.reuse.Want;
import org.handdown.source.Construction;
import org.handdown.source.anatomy.SourceKind;
import org.handdown.unpick.JoinDecision;
import org.handdown.unpick.PartLabel;
import org.handdown.unpick.Stretches;
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
                .withAim(new Aim(garment, "", "thing", Demo.child(1100), LengthUnit.CM))
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
        Want pocket = new Want(
                "want-pocket", "pocket", Role.POCKET, "", "", 100, 0, 90, 200, 0, org.handdown.reuse.Side.NONE);
        Project shirt = project(
                SourceKind.SHIRT,
                Garment.CUT_OUT,
                new PatternPieces(
                        List.of(),
                        List.of(rectangle("front", 300, 400, Map.of("hem", EdgeWish.of(Role.HEM)))),
                        List.of(pocket),
                        List.of()));
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
                Garment.CUT_OUT,
                new PatternPieces(List.of(), List.of(rectangle("back", 300, 400, Map.of())), List.of(), List.of()));
        List<String> ids = ids(coat);
        assertThat(ids.indexOf("open-lining-hem")).isLessThan(ids.indexOf("open-side-left"));
        assertThat(ids).contains("open-pocket-left").doesNotContain("open-hem");
    }

    @Test
    void lettingOutPressesBeforeItFoldsAndHemsLast() {
        Project skirt = project(
                        SourceKind.PLEATED_SKIRT,
                        Garment.LET_OUT,
                        new LettingOut(new LetOut.Wish(60, 20, 10, 10, false)))
                .withOpening(new Project.Opening(
                        Map.of("band-front", JoinDecision.UNPICK, "hem", JoinDecision.UNPICK),
                        Map.of("band-front", Stretches.of(20, 120))));
        List<String> ids = ids(skirt);
        assertThat(ids.indexOf("gate-open")).isLessThan(ids.indexOf("press-out"));
        assertThat(ids.indexOf("press-out")).isLessThan(ids.indexOf("fold-pleats-front"));
        assertThat(ids.indexOf("fold-pleats-front")).isLessThan(ids.indexOf("baste"));
        assertThat(ids.get(ids.size() - 1)).isEqualTo("hem");
        assertThat(new Workroom(skirt).steps())
                .filteredOn(s -> s.id().equals("open-band-front"))
                .singleElement()
                .satisfies(s -> assertThat(s.how()).contains("only from 2.0 cm to 12.0 cm"));
        // Nothing is cut out: panels and lay are not asked for.
        assertThat(new Workroom(skirt).stations())
                .filteredOn(s -> s.sentence().startsWith("Not needed"))
                .hasSize(2)
                .extracting(StationState::stand)
                .containsOnly(StationState.Stand.SETTLED);
    }

    @Test
    void labelsGoOnEveryPartThatComesOffWithItsPartner() {
        Project shirt = project(
                SourceKind.SHIRT, Garment.CUT_OUT, new PatternPieces(List.of(), List.of(), List.of(), List.of()));
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

    /** You can cut off more later, never add (handbook §3): baste, try on, sew, and trim last. */
    @Test
    void takingInTrimsOnlyAfterTheTryOn() {
        Project skirt = project(
                        SourceKind.SKIRT,
                        Garment.TAKE_IN,
                        new TakingIn(new TakeIn.Wish(List.of(
                                new TakeIn.Reading(
                                        TakeIn.Kind.SEAM,
                                        "side-left",
                                        List.of(new TakeIn.Pinch(100, 12), new TakeIn.Pinch(300, 8)),
                                        true),
                                new TakeIn.Reading(
                                        TakeIn.Kind.TURN_UP, "hem", List.of(new TakeIn.Pinch(0, 40)), true)))))
                .withOpening(Project.Opening.NONE);
        List<String> ids = ids(skirt);
        assertThat(ids.indexOf("pin")).isLessThan(ids.indexOf("mark-0"));
        assertThat(ids.indexOf("mark-0")).isLessThan(ids.indexOf("copy-0"));
        assertThat(ids.indexOf("baste")).isLessThan(ids.indexOf("gate-trim"));
        assertThat(ids.indexOf("gate-trim")).isLessThan(ids.indexOf("trim"));
        assertThat(ids.get(ids.size() - 1)).isEqualTo("trim");
        assertThat(new Workroom(skirt).steps())
                .filteredOn(s -> s.id().equals("mark-0"))
                .singleElement()
                .satisfies(s -> assertThat(s.how()).contains("At 10.0 cm along: 1.2 cm inside"));
        assertThat(new Workroom(skirt).stations())
                .filteredOn(s -> s.station() == org.handdown.project.Station.PIECES)
                .singleElement()
                .satisfies(s -> assertThat(s.sentence()).isEqualTo("2 places taken in or shortened"));
        assertThat(new Workroom(skirt).problem()).isEmpty();
    }

    /** Secure first, cut after: the neck has a gate of its own, with its figures, before the one step that cuts it. */
    @Test
    void aNecklineIsSecuredThenGatedThenCut() {
        Piece front = rectangle("front", 300, 300, Map.of());
        Project.Workings neck = new Project.Workings(
                List.of(),
                List.of(new Neckline("deeper V", Neckline.Shape.V, 180, 150, 200, new Neckline.Band(420, 25, 0.4))));
        Project tee = project(
                        SourceKind.T_SHIRT,
                        Garment.CUT_OUT,
                        new PatternPieces(List.of(), List.of(front), List.of(), List.of()))
                .withWorkings(neck);
        List<String> ids = ids(tee);
        assertThat(ids.indexOf("mark-neck-0")).isLessThan(ids.indexOf("gate-neck-0"));
        assertThat(ids.indexOf("gate-neck-0")).isLessThan(ids.indexOf("cut-neck-0"));
        assertThat(ids.indexOf("cut-neck-0")).isLessThan(ids.indexOf("sew"));
        assertThat(new Workroom(tee).steps())
                .filteredOn(s -> s.id().equals("gate-neck-0"))
                .singleElement()
                .satisfies(s -> assertThat(s.checks()).anyMatch(c -> c.contains("slants")));
    }

    /** A piece of the lining is laid on the lining, one of the outer cloth never. */
    @Test
    void piecesOfTheLiningLieOnTheLiningOnly() {
        Piece outer = rectangle("outer", 200, 200, Map.of());
        Piece lining = new Piece(
                "lining",
                "lining",
                outer.stitchLine(),
                outer.allowances(),
                1,
                false,
                CutGrain.LENGTHWISE,
                true,
                Map.of(),
                List.of(),
                List.of(),
                PieceCloth.LINING,
                List.of(),
                Piece.Way.USUAL);
        Project coat = project(
                SourceKind.COAT,
                Garment.CUT_OUT,
                new PatternPieces(List.of(), List.of(outer, lining), List.of(), List.of()));
        FitProblem problem =
                new Workroom(new Workroom(coat).redoPanels()).problem().orElseThrow();
        assertThat(problem.piece("lining").cloths()).containsExactly("rust cord lining");
        assertThat(problem.piece("outer").cloths()).containsExactly("rust cord");
        assertThat(problem.panels()).extracting(p -> p.cloth()).contains("rust cord", "rust cord lining");
    }
}
