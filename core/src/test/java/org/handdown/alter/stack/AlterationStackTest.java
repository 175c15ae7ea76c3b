package org.handdown.alter.stack;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.handdown.alter.stack.Stacked.garment;
import static org.handdown.alter.stack.Stacked.girthMm;
import static org.handdown.alter.stack.Stacked.made;
import static org.handdown.alter.stack.Stacked.told;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.SplittableRandom;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.handdown.assembly.Assembly;
import org.handdown.assembly.Component;
import org.handdown.assembly.IndependentCount;
import org.handdown.assembly.Topology;
import org.handdown.geometry.Outline;
import org.handdown.geometry.Point;
import org.handdown.source.anatomy.SourceKind;
import org.junit.jupiter.api.Test;

/** Alterations one on the other; figures by hand on average garments whose measures stand in their kinds. */
class AlterationStackTest {
    private static double areaMm2(GarmentNow garment) {
        return garment.assembly().components().stream()
                .mapToDouble(c -> c.outline().ring().areaMm2())
                .sum();
    }

    /** A shirt 520 wide and straight: 100 shorter, 25 of it turned under, so 75 × 520 come off front and back, with the old hem. */
    @Test
    void anEndComesOffWithItsHem() {
        AlterationStack stack = AlterationStack.of(
                garment(SourceKind.T_SHIRT),
                List.of(told(1, AlterationKind.SHORTEN, Map.of("end", "hem"), Map.of("up", 100.0))));
        Effect effect = made(stack, 0);
        assertThat(effect.offs()).hasSize(1);
        assertThat(effect.offs().get(0).whole().components())
                .allSatisfy(c -> assertThat(c.outline().ring().areaMm2()).isCloseTo(75 * 520, within(1.0)));
        assertThat(effect.offs().get(0).whole().joinIds()).contains("hem", "side-left", "side-right");
        assertThat(girthMm(stack.after(), "hem")).isCloseTo(1040, within(0.1));
        assertThat(stack.after()
                        .assembly()
                        .component("front")
                        .whole("side-left")
                        .flatMm())
                .isCloseTo(350, within(0.1));
    }

    /** A sleeve is wider farther up: the ring that its partner gets is the same. */
    @Test
    void bothSleevesEndAlikeAndWider() {
        AlterationStack stack = AlterationStack.of(
                garment(SourceKind.JUMPER),
                List.of(told(1, AlterationKind.SHORTEN, Map.of("end", "left-sleeve-end"), Map.of("up", 150.0))));
        double left = girthMm(stack.after(), "left-sleeve-end");
        assertThat(left).isGreaterThan(girthMm(stack.start(), "left-sleeve-end"));
        assertThat(girthMm(stack.after(), "right-sleeve-end")).isCloseTo(left, within(0.01));
    }

    /** The shell of a lined coat does not get shorter alone. */
    @Test
    void aLiningIsShortenedWithItsShell() {
        GarmentNow coat = garment(SourceKind.COAT);
        AlterationStack stack = AlterationStack.of(
                coat, List.of(told(1, AlterationKind.SHORTEN, Map.of("end", "hem"), Map.of("up", 150.0))));
        for (String part : List.of("back", "lining-back", "front-left", "facing-left", "interfacing-left")) {
            Component was = coat.assembly().component(part);
            Component is = stack.after().assembly().component(part);
            assertThat(was.outline().box().heightMm() - is.outline().box().heightMm())
                    .as(part)
                    .isCloseTo(150, within(0.5));
        }
    }

    /** 20 pinched at the hem on both sides: twice 40 of 1040 (handbook of the trade §3, a pinch counts twice). */
    @Test
    void aPinchCountsTwiceASeam() {
        AlterationStack stack = AlterationStack.of(
                garment(SourceKind.T_SHIRT),
                List.of(told(
                        1,
                        AlterationKind.MOVE_SEAM,
                        Map.of("seam", "side-left"),
                        Map.of(),
                        new Pin(0, 20),
                        new Pin(450, 0))));
        made(stack, 0);
        assertThat(girthMm(stack.after(), "hem")).isCloseTo(960, within(0.5));
        assertThat(girthMm(stack.after(), "left-sleeve-end")).isCloseTo(350, within(0.1));
        assertThat(stack.after().assembly().walks().stream()
                        .filter(w -> w.join().id().startsWith("side"))
                        .toList())
                .allMatch(w -> w.agrees());
    }

    /** A slit front with bands that make up for what is turned under is as wide as it was, and opens from neck to hem. */
    @Test
    void aFrontIsOpenedThroughItsBandAndStaysAsWide() {
        AlterationStack stack = AlterationStack.of(
                garment(SourceKind.T_SHIRT),
                List.of(told(1, AlterationKind.OPEN_FRONT, Map.of("part", "front", "closing", "bands"), Map.of())));
        Effect effect = made(stack, 0);
        assertThat(effect.adds()).hasSize(2);
        assertThat(girthMm(stack.after(), "hem")).isCloseTo(1040, within(0.5));
        assertThat(stack.after().end("hem").opening().throughout()).isTrue();
        assertThat(effect.cuts()).extracting(Effect.CutLine::component).contains("front", "neckband");
    }

    /** Turned edges alone: 20 on each side are 40 less where it is closed edge to edge. */
    @Test
    void whatIsTurnedUnderIsMissingRound() {
        AlterationStack stack = AlterationStack.of(
                garment(SourceKind.T_SHIRT),
                List.of(told(1, AlterationKind.OPEN_FRONT, Map.of("part", "front", "closing", "zip"), Map.of())));
        made(stack, 0);
        assertThat(girthMm(stack.after(), "hem")).isCloseTo(1000, within(0.5));
    }

    /** A V from 15 along the shoulders to 60 below the old neck: its edge by Pythagoras. */
    @Test
    void aDeeperNeckIsAsLongAsItsLine() {
        GarmentNow shirt = garment(SourceKind.T_SHIRT);
        Outline front = shirt.assembly().component("front").outline();
        Point from = front.edge("shoulder-right")
                .at(1 - 15 / front.edge("shoulder-right").lengthMm());
        double lowest = front.edge("neck").at(0.5).y() - 60;
        AlterationStack stack = AlterationStack.of(
                shirt,
                List.of(told(
                        1,
                        AlterationKind.NEW_NECK,
                        Map.of("part", "front", "shape", "v"),
                        Map.of("deeper", 60.0, "wider", 15.0))));
        made(stack, 0);
        assertThat(stack.after().assembly().component("front").whole("neck").flatMm())
                .isCloseTo(2 * Math.hypot(from.x(), from.y() - lowest), within(0.5));
        assertThat(girthMm(stack.after(), "neck")).isCloseTo(girthMm(shirt, "neck"), within(0.1));
    }

    /** From the old neck points a V runs through the open neck at first: what is there of the old edge stays, with its band. */
    @Test
    void aVFromTheOldNeckPointsKeepsWhatItDoesNotReach() {
        AlterationStack stack = AlterationStack.of(
                garment(SourceKind.T_SHIRT),
                List.of(told(
                        1, AlterationKind.NEW_NECK, Map.of("part", "front", "shape", "v"), Map.of("deeper", 60.0))));
        Effect effect = made(stack, 0);
        assertThat(effect.opens()).extracting(Effect.Opened::mm).allMatch(mm -> mm > 50 && mm < 229);
    }

    /** Both halves of an opened front get the new neck, and together they are as long as the whole one would be. */
    @Test
    void bothHalvesOfAnOpenedFrontGetTheNeck() {
        AlterationStack stack = AlterationStack.of(
                garment(SourceKind.SWEATSHIRT),
                List.of(
                        told(1, AlterationKind.OPEN_FRONT, Map.of("part", "front", "closing", "zip"), Map.of()),
                        told(2, AlterationKind.NEW_NECK, Map.of("part", "front"), Map.of("deeper", 60.0))));
        Effect effect = made(stack, 1);
        assertThat(effect.cuts()).extracting(Effect.CutLine::component).containsExactlyInAnyOrder("front", "front-a1");
        assertThat(effect.cuts().get(0).mm()).isCloseTo(effect.cuts().get(1).mm(), within(0.5));
        assertThat(effect.offs()).hasSize(2);
    }

    /** 90 let into both side seams down to the hem: each leg end 90 wider. */
    @Test
    void aPieceLetInWidensTheEndItReaches() {
        GarmentNow trousers = garment(SourceKind.TROUSERS);
        AlterationStack stack = AlterationStack.of(
                trousers,
                List.of(told(
                        1, AlterationKind.INSERT, Map.of("seam", "side-left"), Map.of("long", 400.0, "lower", 90.0))));
        made(stack, 0);
        assertThat(girthMm(stack.after(), "left-leg-end"))
                .isCloseTo(girthMm(trousers, "left-leg-end") + 90, within(0.5));
        assertThat(girthMm(stack.after(), "right-leg-end"))
                .isCloseTo(girthMm(trousers, "right-leg-end") + 90, within(0.5));
    }

    /** A shirt 1040 round, a ruffle of twice that, 80 deep: the new hem is 2080 round, and 1040 are gathered away. */
    @Test
    void aRuffleIsTwiceAsLongAsItsEdge() {
        AlterationStack stack = AlterationStack.of(
                garment(SourceKind.T_SHIRT),
                List.of(
                        told(
                                1,
                                AlterationKind.ADD_BAND,
                                Map.of("end", "hem", "fullness", "double"),
                                Map.of("deep", 80.0)),
                        told(2, AlterationKind.SHORTEN, Map.of("end", "hem"), Map.of("up", 40.0, "turn", 10.0))));
        Effect effect = made(stack, 0);
        assertThat(girthMm(stack.steps().get(0).after(), "hem")).isCloseTo(2080, within(0.5));
        assertThat(effect.sews().get(0).easeMm()).isCloseTo(1040, within(0.5));
        // The strip is part of the garment like any other: shortened by half it is half as deep.
        made(stack, 1);
        assertThat(stack.after()
                        .assembly()
                        .component("a1-band-hem")
                        .outline()
                        .box()
                        .heightMm())
                .isCloseTo(40, within(0.5));
    }

    /** Both backs get their darts: 2 · 2 · 15 of each waist edge, and the band no longer meets it. */
    @Test
    void bothBacksGetTheirDartsAndTheBandSaysSo() {
        AlterationStack stack = AlterationStack.of(
                garment(SourceKind.SKIRT),
                List.of(told(
                        1,
                        AlterationKind.DARTS,
                        Map.of("end", "waist", "part", "back-left", "count", "2"),
                        Map.of("depth", 15.0))));
        made(stack, 0);
        for (String part : List.of("back-left", "back-right")) {
            assertThat(stack.after()
                                    .assembly()
                                    .sewnMm(stack.after()
                                            .assembly()
                                            .component(part)
                                            .whole("waist"))
                            - stack.start()
                                    .assembly()
                                    .sewnMm(stack.start()
                                            .assembly()
                                            .component(part)
                                            .whole("waist")))
                    .isCloseTo(-60, within(0.1));
        }
        assertThat(stack.consequences().walks())
                .extracting(Consequences.Walk::join)
                .contains("band-back-left", "band-back-right");
    }

    @Test
    void aSleeveComesOffWithItsCuff() {
        AlterationStack stack = AlterationStack.of(
                garment(SourceKind.SWEATSHIRT),
                List.of(told(1, AlterationKind.TAKE_OFF, Map.of("part", "sleeve-left"), Map.of())));
        Effect effect = made(stack, 0);
        assertThat(effect.offs()).hasSize(2);
        assertThat(effect.offs().get(0).whole().components())
                .extracting(Component::id)
                .containsExactlyInAnyOrder("sleeve-left", "cuff-left");
    }

    /** What can no longer be made says why, and the next go on by what is there. */
    @Test
    void aChangeThatLostItsPlaceSaysSo() {
        AlterationStack stack = AlterationStack.of(
                garment(SourceKind.SWEATSHIRT),
                List.of(
                        told(1, AlterationKind.TAKE_OFF, Map.of("part", "sleeve-left"), Map.of()),
                        told(2, AlterationKind.SHORTEN, Map.of("end", "left-sleeve-end"), Map.of()),
                        told(3, AlterationKind.BAND_OUT, Map.of("end", "hem"), Map.of("up", 150.0))));
        assertThat(stack.steps().get(1).effect()).isNull();
        assertThat(Objects.requireNonNull(stack.steps().get(1).refusal()).field())
                .isEqualTo("picks.end");
        made(stack, 2);
    }

    private static final List<SourceKind> WORN = List.of(
            SourceKind.T_SHIRT,
            SourceKind.JUMPER,
            SourceKind.SWEATSHIRT,
            SourceKind.SHIRT,
            SourceKind.TROUSERS,
            SourceKind.JEANS,
            SourceKind.SKIRT,
            SourceKind.PLEATED_SKIRT,
            SourceKind.GATHERED_SKIRT,
            SourceKind.DRESS,
            SourceKind.COAT);

    /** Some alteration with the places it would propose, and figures anyhow. */
    private static Alteration any(int number, GarmentNow now, SplittableRandom random) {
        AlterationKind[] kinds = AlterationKind.values();
        AlterationKind kind = kinds[random.nextInt(kinds.length)];
        Map<String, String> picks = new HashMap<>();
        Map<String, Double> figures = new HashMap<>();
        for (Ask ask : kind.asks()) {
            List<Ask.Option> options = kind.options(ask, now);
            if (!options.isEmpty()) {
                picks.put(ask.id(), options.get(random.nextInt(options.size())).value());
            } else if (ask.type() == Ask.Type.LENGTH && random.nextBoolean()) {
                figures.put(ask.id(), Math.rint(random.nextDouble(Math.max(0, ask.leastMm()), 160)));
            }
        }
        List<Pin> pins = kind == AlterationKind.MOVE_SEAM
                ? List.of(new Pin(0, random.nextInt(0, 25)), new Pin(200, random.nextInt(0, 15)))
                : List.of();
        return new Alteration("a" + number, kind, picks, figures, pins);
    }

    /** Whatever is stacked on whatever: it is done and walkable or says why not; the surfaces are those of an independent count; taken back, all is as it was. */
    @Property(tries = 150)
    void stacksAreWalkableOrSayWhyNot(@ForAll long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        GarmentNow start = garment(WORN.get(random.nextInt(WORN.size())));
        List<Alteration> all = new ArrayList<>();
        for (int i = 1; i <= 4; i++) {
            all.add(any(i, AlterationStack.of(start, all).after(), random));
        }
        AlterationStack stack = AlterationStack.of(start, all);
        for (AlterationStack.Step step : stack.steps()) {
            assertThat(step.effect() == null).isEqualTo(step.refusal() != null);
            step.consequences();
            Assembly sewn = step.after().assembly();
            assertThat(sewn.whole().surfaces().stream()
                            .mapToInt(Topology.Surface::euler)
                            .sum())
                    .isEqualTo(IndependentCount.euler(sewn));
        }
        List<Alteration> without = all.subList(0, 3);
        AlterationStack.Step third = AlterationStack.of(start, all).steps().get(2);
        assertThat(AlterationStack.of(start, without).after().assembly())
                .isEqualTo(third.after().assembly());
        assertThat(areaMm2(AlterationStack.of(start, List.of()).after())).isEqualTo(areaMm2(start));
    }
}
