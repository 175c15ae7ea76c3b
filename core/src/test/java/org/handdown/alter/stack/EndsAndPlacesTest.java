package org.handdown.alter.stack;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.handdown.alter.stack.Stacked.girthMm;
import static org.handdown.alter.stack.Stacked.made;
import static org.handdown.alter.stack.Stacked.stack;
import static org.handdown.alter.stack.Stacked.told;

import java.util.List;
import java.util.Map;
import org.handdown.assembly.Opening;
import org.handdown.geometry.Edge;
import org.handdown.geometry.Point;
import org.handdown.source.anatomy.SourceKind;
import org.junit.jupiter.api.Test;

/** Hems let down, ends drawn in, pockets and worn places; worked out by hand on garments of average measures. */
class EndsAndPlacesTest {
    private static double heightMm(GarmentNow garment, String part) {
        return garment.assembly().component(part).outline().box().heightMm();
    }

    /** A hem of 25: 15 longer leaves 10, which is what a second change then has, less 6 that must stay: 4. */
    @Test
    void aHemGivesWhatLiesInIt() {
        AlterationStack stack = stack(
                SourceKind.T_SHIRT,
                told(1, AlterationKind.LET_DOWN, Map.of("end", "hem"), Map.of("down", 15.0)),
                told(2, AlterationKind.LET_DOWN, Map.of("end", "hem"), Map.of("down", 5.0)),
                told(3, AlterationKind.LET_DOWN, Map.of("end", "hem"), Map.of("down", 4.0)));
        made(stack, 0);
        for (String part : List.of("front", "back")) {
            assertThat(heightMm(stack.steps().get(0).after(), part) - heightMm(stack.start(), part))
                    .isCloseTo(15, within(0.1));
        }
        assertThat(stack.steps().get(0).after().allowanceMm("hem")).isCloseTo(10, within(0.01));
        assertThat(stack.steps().get(1).refusal()).hasMessageContaining("at most 4");
        made(stack, 2);
        assertThat(stack.consequences().walks()).isEmpty();
    }

    /** Let down and taken off again by as much it is as long as it was. */
    @Test
    void letDownAndShortenedAgainIsAsLongAsBefore() {
        AlterationStack stack = stack(
                SourceKind.SKIRT,
                told(1, AlterationKind.LET_DOWN, Map.of("end", "hem"), Map.of("down", 20.0)),
                told(2, AlterationKind.SHORTEN, Map.of("end", "hem"), Map.of("up", 20.0, "turn", 10.0)));
        made(stack, 1);
        assertThat(heightMm(stack.after(), "front")).isCloseTo(heightMm(stack.start(), "front"), within(0.1));
        assertThat(girthMm(stack.after(), "hem")).isCloseTo(girthMm(stack.start(), "hem"), within(0.5));
    }

    /** Hem 25 deep takes elastic of 18 (4 room, 2 below), not of 20; 1040 drawn to 800; pulled it is 1040 still. */
    @Test
    void elasticDrawsInAndGives() {
        Map<String, String> hem = Map.of("end", "hem");
        AlterationStack stack = stack(
                SourceKind.T_SHIRT,
                told(1, AlterationKind.DRAW_IN, hem, Map.of("round", 800.0, "wide", 20.0)),
                told(2, AlterationKind.DRAW_IN, hem, Map.of("round", 800.0, "wide", 18.0)));
        assertThat(stack.steps().get(0).refusal()).hasMessageContaining("19");
        Effect effect = made(stack, 1);
        assertThat(girthMm(stack.after(), "hem")).isCloseTo(800, within(0.5));
        assertThat(Opening.of(stack.after().pulled()).stream()
                        .filter(o -> o.name().equals("hem"))
                        .mapToDouble(o -> o.ring().girthMm())
                        .sum())
                .isCloseTo(1040, within(0.5));
        assertThat(String.join(" ", effect.says())).contains("820");
    }

    /** Gathers on a tape give nothing; a channel of its own is a strip as long as the edge. */
    @Test
    void aTapeHoldsAndAStripIsCut() {
        AlterationStack stack = stack(
                SourceKind.GATHERED_SKIRT,
                told(
                        1,
                        AlterationKind.DRAW_IN,
                        Map.of("end", "hem", "by", "cord", "channel", "strip"),
                        Map.of("round", 1000.0)),
                told(2, AlterationKind.DRAW_IN, Map.of("end", "hem", "by", "tape"), Map.of("round", 900.0)));
        double edge = girthMm(stack.start(), "hem");
        assertThat(made(stack, 0).adds().get(0).outline().box().widthMm()).isCloseTo(edge, within(0.5));
        made(stack, 1);
        assertThat(girthMm(stack.after(), "hem")).isCloseTo(900, within(0.5));
    }

    /** On a front of one piece, 100 over: as far to the other side too; on a leg, on the other leg. */
    @Test
    void pocketsLieAlikeOnBothSides() {
        Map<String, Double> place = Map.of("up", 200.0, "over", 100.0);
        AlterationStack shirt =
                stack(SourceKind.T_SHIRT, told(1, AlterationKind.PATCH, Map.of("part", "front"), place));
        Effect effect = made(shirt, 0);
        assertThat(effect.cuts()).hasSize(2);
        assertThat(middleX(effect.cuts().get(0)) + middleX(effect.cuts().get(1)))
                .isCloseTo(0, within(0.01));
        assertThat(effect.adds()).hasSize(2);
        assertThat(effect.adds().get(0).turnedMm()).hasSize(1).containsValue(25.0);
        assertThat(effect.adds().get(0).seamMm()).hasSize(3);
        AlterationStack trousers = stack(
                SourceKind.TROUSERS,
                told(
                        1,
                        AlterationKind.PATCH,
                        Map.of("part", "back-left"),
                        Map.of("up", 500.0, "wide", 120.0, "high", 130.0)));
        assertThat(made(trousers, 0).cuts())
                .extracting(Effect.CutLine::component)
                .containsExactly("back-left", "back-right");
    }

    private static double middleX(Effect.CutLine line) {
        return (line.line().get(0).x() + line.line().get(1).x()) / 2;
    }

    /** A hem of 25 and a seam of 10: not below 35. */
    @Test
    void aPocketStaysClearOfTheHem() {
        AlterationStack stack = stack(
                SourceKind.T_SHIRT,
                told(1, AlterationKind.PATCH, Map.of("part", "front"), Map.of("up", 30.0)),
                told(2, AlterationKind.PATCH, Map.of("part", "front"), Map.of("up", 36.0)),
                told(3, AlterationKind.PATCH, Map.of("part", "front"), Map.of("up", 36.0, "over", 400.0)));
        assertThat(stack.steps().get(0).refusal()).hasMessageContaining("35");
        made(stack, 1);
        assertThat(stack.steps().get(2).refusal()).hasMessageContaining("reach over the edge");
    }

    /** 60 wide: two slits of 30 first. */
    @Test
    void aWornPlaceBeginsWithTwoShortSlits() {
        Effect effect = made(
                stack(
                        SourceKind.JEANS,
                        told(1, AlterationKind.DISTRESS, Map.of("part", "front-left"), Map.of("up", 400.0))),
                0);
        List<Double> cut = effect.cuts().stream()
                .filter(c -> !c.folded())
                .map(Effect.CutLine::line)
                .map(Edge::lengthMm)
                .toList();
        assertThat(cut).hasSize(2).allSatisfy(mm -> assertThat(mm).isCloseTo(30, within(0.01)));
        Point one = effect.cuts().get(1).line().get(0);
        Point other = effect.cuts().get(2).line().get(0);
        assertThat(one.distanceMm(other)).isCloseTo(30, within(0.01));
    }
}
