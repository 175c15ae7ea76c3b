package org.handdown.reuse;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.handdown.Demo;
import org.handdown.assembly.Layer;
import org.handdown.fit.EdgeKind;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Point;
import org.handdown.measure.Practice;
import org.handdown.measure.Wording;
import org.handdown.pattern.Role;
import org.handdown.source.Assessment;
import org.handdown.source.anatomy.SourceKind;
import org.handdown.unpick.UnpickPlan;
import org.jgrapht.alg.matching.KuhnMunkresMinimalWeightBipartitePerfectMatching;
import org.jgrapht.graph.DefaultWeightedEdge;
import org.jgrapht.graph.SimpleWeightedGraph;
import org.junit.jupiter.api.Test;

class UseTest {
    private static final double INCH = 25.4;

    private static Keeper keeper(String id, KeeperKind kind, double length, double stretch, double depth) {
        return Keeper.of(id, id, kind, length, depth)
                .at(Layer.SHELL, id, "")
                .restingAt(length, stretch)
                .held(Keeper.Hold.DETACHED, 0);
    }

    /** What is left of a hem that two sleeves share is told once, and is what neither took. */
    @Test
    void whatIsLeftOfASharedEdgeIsToldOnce() {
        List<Want> sleeves = List.of(
                new Want("a", "sleeve 1", Role.CUFF, "sleeve", "hem", 300, 0, 0, 400, 0, Side.NONE),
                new Want("b", "sleeve 2", Role.CUFF, "sleeve", "hem", 300, 0, 0, 400, 0, Side.NONE));
        List<Use> uses = BestUse.of(sleeves, List.of(edge("blanket", KeeperKind.FRINGE, 1400, 0)));
        assertThat(uses).hasSize(2);
        assertThat(uses.stream().flatMap(u -> u.notes().stream()).filter(n -> n.contains("left over")))
                .containsExactly(Wording.of("800 mm of the blanket are left over."));
    }

    /** A closure is cut up for a strap only where a person asks for one. */
    @Test
    void aPlacketBecomesAStrapOnlyWhenAskedFor() {
        Keeper placket = edge("front", KeeperKind.PLACKET, 600, 0);
        Want strap = new Want("s", "strap", Role.TIE, "strap", "right", 400, 0, 0, 400, 0, Side.NONE);
        assertThat(Use.of(strap, placket).refusal()).contains("only where that is asked for");
        assertThat(KeeperKind.edgesFor(Role.TIE)).doesNotContain(EdgeKind.PLACKET);
        Want byHand = new Want("s", "strap", Role.TIE, "", "", 400, 0, 0, 400, 0, Side.NONE);
        assertThat(Use.of(byHand, placket).serves()).isTrue();
    }

    @Test
    void aPieceOfTheLiningLiesOnTheLiningsEdgesAndOnNoOthers() {
        Keeper shell = edge("front", KeeperKind.HEM, 600, 0);
        Want lining =
                new Want("l", "lining hem", Role.HEM, "lining", "hem", 400, 0, 0, 400, 0, Side.NONE, Layer.LINING);
        assertThat(Use.of(lining, shell).refusal()).isEqualTo("lies on the shell");
    }

    /** A rib on the neck of front and back and the rib by itself are one thing: never both left on and taken off. */
    @Test
    void aThingIsUsedAsAPartOrOnItsEdgesNeverAsBoth() {
        UnpickPlan closed = new UnpickPlan(
                Demo.average(SourceKind.SWEATSHIRT, Map.of()).anatomy(),
                Map.of(),
                Map.of(),
                Map.of(),
                Practice.SHIPPED);
        List<Keeper> keepers = Inventory.of(closed, Demo.CORD);
        assertThat(keepers)
                .filteredOn(k -> k.thing().equals("neckband"))
                .extracting(Keeper::id)
                .containsExactlyInAnyOrder("neckband", "front/neck", "back/neck");
        Keeper front = keepers.stream()
                .filter(k -> k.id().equals("front/neck"))
                .findFirst()
                .orElseThrow();
        Keeper part = keepers.stream()
                .filter(k -> k.id().equals("neckband"))
                .findFirst()
                .orElseThrow();
        Want edge = new Want(
                "e", "neck", Role.NECKBAND, "front", "neck", front.lengthMm() - 1, 0, 0, 400, front.bowMm(), Side.NONE);
        Want band = new Want("b", "band", Role.NECKBAND, "", "", part.lengthMm() - 1, 0, 0, 400, 0, Side.NONE);
        assertThat(Use.of(edge, front).serves()).isTrue();
        assertThat(Use.of(band, part).serves()).isTrue();
        assertThat(BestUse.of(List.of(edge, band), List.of(front, part))).hasSize(1);
        assertThat(Losses.of(closed, keepers, List.of()).free())
                .filteredOn(k -> k.thing().equals("neckband"))
                .containsExactly(part);
    }

    private static Keeper edge(String id, KeeperKind kind, double length, double bow) {
        return Keeper.of(id, id, kind, length, 20).at(Layer.SHELL, id, "hem").bowedOut(bow);
    }

    private static Want want(String id, Role role, double length, double stretchesTo) {
        return new Want(id, id, role, "", "", length, stretchesTo, 0, 400, 0, Side.NONE);
    }

    private static Want edgeWant(String id, Role role, double length, double bow) {
        return new Want(id, id, role, "piece", id, length, 0, 0, 400, bow, Side.NONE);
    }

    /** Handbook §4: a rib kept on a lengthened neckline: opening/rib length must stay below 1 + usable stretch. */
    @Test
    void aRibGoesOntoAnOpeningOnlyAsFarAsItStretches() {
        Keeper rib = keeper("rib", KeeperKind.RIB, 360, 0.18, 40);
        assertThat(Use.of(want("neck", Role.NECKBAND, 420, 0), rib).serves()).isTrue();
        Use tooLong = Use.of(want("neck", Role.NECKBAND, 440, 0), rib);
        assertThat(tooLong.serves()).isFalse();
        assertThat(tooLong.refusal()).contains("22 %").contains("18 %");
    }

    /** Handbook §4: opening × (1 + stretch) ≥ the widest girth it must pass. */
    @Test
    void aBandMustPassOverWhatItIsPulledOver() {
        Keeper rib = keeper("rib", KeeperKind.RIB, 180, 0.3, 60);
        assertThat(Use.of(want("cuff", Role.CUFF, 170, 230), rib).serves()).isTrue();
        assertThat(Use.of(want("cuff", Role.CUFF, 170, 240), rib).refusal())
                .contains(Wording.of("234 mm"))
                .contains(Wording.of("240 mm"));
    }

    @Test
    void anAttachedRibIsNotStretchedOntoAnything() {
        Keeper rib = Keeper.of("r", "r", KeeperKind.RIB, 230, 60)
                .at(Layer.SHELL, "sleeve", "hem")
                .restingAt(180, 0.3);
        Use use = Use.of(edgeWant("e", Role.CUFF, 220, 0), rib);
        assertThat(use.serves()).isTrue();
        assertThat(use.notes()).anyMatch(n -> n.contains("ratio 1.28"));
        assertThat(Use.of(edgeWant("e", Role.CUFF, 240, 0), rib).serves()).isFalse();
    }

    @Test
    void aCurvedEdgeIsNoHemForAStraightOne() {
        assertThat(Use.of(edgeWant("hem", Role.HEM, 200, 0), edge("neck", KeeperKind.HEM, 300, 25))
                        .refusal())
                .contains(Wording.of("bows 25 mm"));
        assertThat(Use.of(edgeWant("hem", Role.HEM, 200, 22), edge("neck", KeeperKind.HEM, 300, 25))
                        .serves())
                .isTrue();
    }

    @Test
    void aLongerZipIsShortenedWithANewStopAndAShorterOneRefused() {
        Use shortened = Use.of(want("fly", Role.CLOSURE, 150, 0), keeper("zip", KeeperKind.ZIP, 200, 0, 30));
        assertThat(shortened.serves()).isTrue();
        assertThat(shortened.notes()).anyMatch(n -> n.contains("new stop"));
        assertThat(Use.of(want("fly", Role.CLOSURE, 250, 0), keeper("zip", KeeperKind.ZIP, 200, 0, 30))
                        .refusal())
                .contains(Wording.of("50 mm too short"));
    }

    @Test
    void oneBandServesTwoTiesAndTwoCuffsOnePocket() {
        List<Use> ties = BestUse.of(
                List.of(want("a", Role.TIE, 400, 0), want("b", Role.TIE, 400, 0)),
                List.of(keeper("band", KeeperKind.WAISTBAND, 900, 0, 40)));
        assertThat(ties).hasSize(2);
        List<Use> pocket = BestUse.of(
                List.of(want("pocket", Role.POCKET, 330, 0)),
                List.of(keeper("l", KeeperKind.CUFF, 200, 0, 65), keeper("r", KeeperKind.CUFF, 200, 0, 65)));
        assertThat(pocket)
                .singleElement()
                .satisfies(u -> assertThat(u.keepers()).hasSize(2));
    }

    @Test
    void oneBandIsNeverUsedTwice() {
        List<Use> ties = BestUse.of(
                List.of(want("a", Role.TIE, 500, 0), want("b", Role.TIE, 500, 0)),
                List.of(keeper("band", KeeperKind.WAISTBAND, 900, 0, 40)));
        assertThat(ties).hasSize(1);
    }

    /** 200 + 215 − 20 for the join is 5 mm short of 400; with 80 more and a second join 455 (plain arithmetic). */
    @Test
    void whatTheJoinsTakeMayAskForAThird() {
        List<Use> uses = BestUse.of(
                List.of(want("pocket", Role.POCKET, 400, 0)),
                List.of(
                        keeper("a", KeeperKind.CUFF, 200, 0, 65),
                        keeper("b", KeeperKind.CUFF, 215, 0, 65),
                        keeper("c", KeeperKind.CUFF, 80, 0, 65)));
        assertThat(uses).singleElement().satisfies(u -> assertThat(u.keepers()).hasSize(3));
    }

    /** 2 m of tape are too little for 1.2 m and 1 m; 400 mm joined to one of them leave enough: 400 + 620 and 1200 (plain arithmetic). */
    @Test
    void aShortTapeJoinedToALongOneSparesItForAnother() {
        List<Use> uses = BestUse.of(
                List.of(want("long", Role.TIE, 1200, 0), want("short", Role.TIE, 1000, 0)),
                List.of(keeper("scrap", KeeperKind.TAPE, 400, 0, 10), keeper("tape", KeeperKind.TAPE, 2000, 0, 10)));
        assertThat(uses).hasSize(2);
        assertThat(uses)
                .filteredOn(u -> u.keepers().size() == 2)
                .singleElement()
                .satisfies(u -> assertThat(u.takesMm()).containsExactly(400.0, 620.0));
    }

    /** Every way of giving at most one keeper, or two or three joined, to each want. */
    private static double brute(List<Want> wants, List<Keeper> keepers, int at, Map<Keeper, Double> left) {
        if (at == wants.size()) {
            return 0;
        }
        double best = brute(wants, keepers, at + 1, left);
        int n = keepers.size();
        for (int mask = 1; mask < 1 << n; mask++) {
            if (Integer.bitCount(mask) > 3) {
                continue;
            }
            List<Keeper> some = new ArrayList<>();
            for (int i = 0; i < n; i++) {
                if ((mask >> i & 1) == 1) {
                    some.add(keepers.get(i));
                }
            }
            boolean alike = some.stream().map(Keeper::kind).distinct().count() == 1;
            if (!alike || some.size() > 1 && !some.get(0).kind().isJoinable()) {
                continue;
            }
            Use use = Use.of(wants.get(at), some);
            if (!use.serves() || use.valueMinutes() <= 0) {
                continue;
            }
            Map<Keeper, Double> after = new HashMap<>(left);
            boolean fits = true;
            for (int i = 0; i < some.size(); i++) {
                Keeper k = some.get(i);
                double takes = k.kind().isDivisible() ? use.takesMm().get(i) : k.lengthMm();
                double rest = java.util.Objects.requireNonNull(after.get(k)) - takes;
                fits &= rest > -1e-6;
                after.put(k, rest);
            }
            if (fits) {
                best = Math.max(best, use.valueMinutes() + brute(wants, keepers, at + 1, after));
            }
        }
        return best;
    }

    /** Up to 7 keepers and 4 wants: as good as the best of all assignments, splits and joins included. */
    @Property(tries = 120)
    void isAsGoodAsTheBestOfAllAssignments(
            @ForAll long seed,
            @ForAll @IntRange(min = 1, max = 7) int count,
            @ForAll @IntRange(min = 1, max = 4) int asked) {
        Random random = new Random(seed);
        KeeperKind[] kinds = {KeeperKind.TAPE, KeeperKind.SEAM_STRIP, KeeperKind.CUFF, KeeperKind.POCKET, KeeperKind.RIB
        };
        Role[] roles = {Role.TIE, Role.CORD, Role.POCKET, Role.TRIM, Role.NECKBAND};
        List<Keeper> keepers = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            keepers.add(keeper("k" + i, kinds[random.nextInt(kinds.length)], 80 + random.nextInt(500), 0, 30));
        }
        List<Want> wants = new ArrayList<>();
        for (int i = 0; i < asked; i++) {
            wants.add(want("w" + i, roles[random.nextInt(roles.length)], 60 + random.nextInt(700), 0));
        }
        Map<Keeper, Double> left = new HashMap<>();
        keepers.forEach(k -> left.put(k, k.lengthMm()));
        double value = BestUse.of(wants, keepers).stream()
                .mapToDouble(Use::valueMinutes)
                .sum();
        assertThat(value).isCloseTo(brute(wants, keepers, 0, left), within(1e-6));
    }

    /** One keeper for one want is the classic assignment: as good as JGraphT's Kuhn–Munkres matching. */
    @Property(tries = 60)
    void ofWholeKeepersIsAsGoodAsTheReferenceMatching(@ForAll long seed) {
        Random random = new Random(seed);
        List<Keeper> keepers = new ArrayList<>();
        List<Want> wants = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            keepers.add(Keeper.of("k" + i, "k" + i, KeeperKind.POCKET, 100 + random.nextInt(100), 150)
                    .at(Layer.SHELL, "k" + i, "")
                    .restingAt(200, 0)
                    .held(Keeper.Hold.HALF, random.nextInt(15)));
            wants.add(want("w" + i, Role.POCKET, 90 + random.nextInt(100), 0));
        }
        var graph = new SimpleWeightedGraph<String, DefaultWeightedEdge>(DefaultWeightedEdge.class);
        keepers.forEach(k -> graph.addVertex(k.id()));
        wants.forEach(w -> graph.addVertex(w.id()));
        for (Want w : wants) {
            for (Keeper k : keepers) {
                Use use = Use.of(w, k);
                double value = use.serves() ? Math.max(0, use.valueMinutes()) : 0;
                graph.setEdgeWeight(graph.addEdge(k.id(), w.id()), -value);
            }
        }
        double reference = -new KuhnMunkresMinimalWeightBipartitePerfectMatching<>(
                        graph,
                        keepers.stream().map(Keeper::id).collect(Collectors.toSet()),
                        wants.stream().map(Want::id).collect(Collectors.toSet()))
                .getMatching()
                .getWeight();
        double value = BestUse.of(wants, keepers).stream()
                .mapToDouble(Use::valueMinutes)
                .sum();
        assertThat(value).isCloseTo(reference, within(1e-6));
    }

    // Coincidence of two finished edges: luck is no rule (common practice, no source).

    @Test
    void twoFinishedEdgesLiveOnOnlyWithinWhatMayGiveWay() {
        assertThat(Coincidence.of(305, 300, 10, 5).verdict()).isEqualTo(Coincidence.Verdict.BOTH_KEPT);
        assertThat(Coincidence.of(330, 300, 10, 5).verdict()).isEqualTo(Coincidence.Verdict.ONE_CUT);
        Coincidence tooShort = Coincidence.of(280, 300, 10, 5);
        assertThat(tooShort.verdict()).isEqualTo(Coincidence.Verdict.TOO_SHORT);
        assertThat(tooShort.sentence()).contains(Wording.of("20 mm too short"));
    }

    // Buttons

    /** Handbook §4: n buttons over span S sit S/(n − 1) apart; a buttonhole is diameter + thickness. */
    @Test
    void buttonsAreSpacedOverTheSpan() {
        assertThat(ButtonRow.spacingMm(480, 7)).isEqualTo(80);
        assertThat(ButtonRow.holeMm(15.24, 2.5)).isCloseTo(17.74, within(1e-9));
        assertThatThrownBy(() -> ButtonRow.spacingMm(480, 1)).hasMessageContaining("Two buttons");
    }

    /** Cord for a loop: twice gap, edge to centre and half a button, and both ends (common practice, no source). */
    @Test
    void aLoopTakesTwiceItsReachAndBothEnds() {
        assertThat(ButtonRow.loopCordMm(0, 12, 20, INCH)).isCloseTo(2 * 22 + 2 * INCH, within(1e-9));
    }

    @Test
    void oldButtonholesServeWhereTheyCan() {
        List<Double> holes = List.of(60.0, 140.0, 220.0, 300.0, 380.0, 460.0, 540.0);
        ButtonRow row = ButtonRow.of(new ButtonRow.Need(470, 20, 60, 180), holes, 640, 7, 11, 17);
        assertThat(row.marks()).allMatch(ButtonRow.Mark::existing);
        assertThat(row.marks()).allSatisfy(m -> assertThat(m.atMm()).isBetween(11.0, 459.0));
        double nearest = row.marks().stream()
                .mapToDouble(m -> Math.abs(m.atMm() - 180))
                .min()
                .orElseThrow();
        assertThat(nearest).isLessThanOrEqualTo(20);
        for (int i = 1; i < row.marks().size(); i++) {
            assertThat(row.marks().get(i).atMm() - row.marks().get(i - 1).atMm())
                    .isCloseTo(80, within(1e-9));
        }
    }

    @Test
    void newHolesAreAddedOnlyAsFarAsTheSetOfButtonsGoes() {
        List<Double> holes = List.of(300.0, 380.0);
        ButtonRow.Need need = new ButtonRow.Need(600, 40, 60, -1);
        assertThat(ButtonRow.of(need, holes, 600, 2, 11, 17).marks()).hasSize(2);
        assertThat(ButtonRow.of(need, holes, 600, 5, 11, 17).marks()).hasSize(5);
        assertThat(ButtonRow.of(need, holes, 600, 20, 11, 17).marks()).hasSizeLessThan(9);
        assertThatThrownBy(() -> ButtonRow.of(need, holes, 500, 5, 11, 17))
                .hasMessageContaining(Wording.of("100 mm too short"));
    }

    /** Handbook §4: the overlap is at least half a button plus 6 mm past the centre line (common practice, no source). */
    @Test
    void aNarrowLapIsToldInFigures() {
        ButtonRow row = ButtonRow.of(new ButtonRow.Need(300, 20, 60, -1), List.of(60.0, 140.0, 220.0), 300, 3, 24, 15);
        assertThat(row.sentences()).anyMatch(s -> s.contains(Wording.of("18.0 mm, are the least")));
    }

    private static Keeper placket(Side side, boolean oneWay, double crossingMm) {
        return Keeper.of("p", "placket", KeeperKind.PLACKET, 600, 34)
                .at(Layer.SHELL, "front-left", "centre")
                .with(new Keeper.Buttons(7, 11, 17))
                .clothOn(side)
                .thick(crossingMm)
                .oneWay(oneWay);
    }

    private static Want front(Side side) {
        return new Want("front", "front", Role.CLOSURE, "piece", "front", 500, 0, 0, 400, 0, side);
    }

    /** Handed: cloth to the right of the edge serves a piece drawn so; with pile the other one cannot even be turned round. */
    @Test
    void handednessForbidsWhereThePileRunsOneWayAndIsToldElsewhere() {
        assertThat(Use.of(front(Side.LEFT), placket(Side.LEFT, true, 2)).serves())
                .isTrue();
        assertThat(Use.of(front(Side.LEFT), placket(Side.RIGHT, true, 2)).refusal())
                .contains("pile runs one way");
        Use turned = Use.of(front(Side.LEFT), placket(Side.RIGHT, false, 2));
        assertThat(turned.serves()).isTrue();
        assertThat(turned.notes()).anyMatch(n -> n.contains("Turned round"));
        assertThat(Use.of(front(Side.LEFT), placket(Side.LEFT, false, 2)).notes())
                .noneMatch(n -> n.contains("Turned"));
    }

    /** Thickness at crossings costs time: of two that serve alike the thinner one is taken. */
    @Test
    void aThickCrossingCostsMinutes() {
        Use thin = Use.of(front(Side.LEFT), placket(Side.LEFT, true, 4));
        Use thick = Use.of(front(Side.LEFT), placket(Side.LEFT, true, 12));
        assertThat(thick.costMinutes() - thin.costMinutes()).isCloseTo(7, within(1e-9));
        assertThat(thick.notes()).anyMatch(n -> n.contains(Wording.of("12.0 mm thick")));
        assertThat(BestUse.of(
                                List.of(front(Side.LEFT)),
                                List.of(
                                        placket(Side.LEFT, true, 12),
                                        placket(Side.LEFT, true, 4).judged(Assessment.Condition.SOUND)))
                        .get(0)
                        .costMinutes())
                .isCloseTo(thin.costMinutes(), within(1e-9));
    }

    /** Frame of a counter-clockwise outline: going up its right side the cloth lies to the left. */
    @Test
    void theClothLiesToTheLeftOfAnEdgeThatRunsUp() {
        Edge up = Edge.line("a", new Point(100, 0), new Point(110, 300));
        assertThat(Side.of(up)).isEqualTo(Side.LEFT);
        assertThat(Side.of(up.reversed())).isEqualTo(Side.RIGHT);
        assertThat(Side.of(Edge.line("hem", new Point(0, 0), new Point(300, 5))))
                .isEqualTo(Side.NONE);
        assertThat(Side.LEFT.mirrored()).isEqualTo(Side.RIGHT);
    }
}
