package org.handdown.alter.stack;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.handdown.alter.stack.Stacked.girthMm;
import static org.handdown.alter.stack.Stacked.made;
import static org.handdown.alter.stack.Stacked.stack;
import static org.handdown.alter.stack.Stacked.told;

import java.util.Map;
import org.handdown.assembly.Opening;
import org.handdown.source.anatomy.SourceKind;
import org.junit.jupiter.api.Test;

/** What makes another garment of one: trousers to a skirt, upside down, sewn shut; rings worked out by hand. */
class WholeGarmentTest {
    /** Two legs of 420 are one hem of 840, and two wedges of 250 make it 1340; no leg ends are left. */
    @Test
    void trousersBecomeASkirt() {
        AlterationStack stack =
                stack(SourceKind.TROUSERS, told(1, AlterationKind.LEGS_TO_SKIRT, Map.of(), Map.of("wide", 250.0)));
        Effect effect = made(stack, 0);
        assertThat(girthMm(stack.after(), "hem")).isCloseTo(2 * 420 + 2 * 250, within(0.5));
        assertThat(stack.after().ends())
                .extracting(e -> e.opening().place())
                .containsExactlyInAnyOrder(Opening.Place.WAIST, Opening.Place.HEM);
        assertThat(girthMm(stack.after(), "waist")).isCloseTo(girthMm(stack.start(), "waist"), within(0.1));
        assertThat(effect.adds()).extracting(ToCut::id).containsExactly("a1-wedge-front", "a1-wedge-back");
        assertThat(effect.opens()).extracting(Effect.Opened::join).containsExactly("inseam-left", "inseam-right");
        // Its hem is a hem like any other.
        AlterationStack shorter = stack(
                SourceKind.TROUSERS,
                told(1, AlterationKind.LEGS_TO_SKIRT, Map.of(), Map.of()),
                told(2, AlterationKind.SHORTEN, Map.of("end", "hem"), Map.of("up", 300.0)));
        made(shorter, 1);
    }

    /** The legs cut off first give less seam below the fork: 783 less 250 less 400. */
    @Test
    void shortLegsTakeAShortWedge() {
        AlterationStack stack = stack(
                SourceKind.TROUSERS,
                told(1, AlterationKind.SHORTEN, Map.of("end", "left-leg-end"), Map.of("up", 400.0)),
                told(2, AlterationKind.LEGS_TO_SKIRT, Map.of(), Map.of("long", 450.0)),
                told(3, AlterationKind.LEGS_TO_SKIRT, Map.of(), Map.of("long", 100.0, "wide", 60.0)));
        assertThat(stack.steps().get(1).refusal()).hasMessageContaining("are left");
        made(stack, 2);
    }

    @Test
    void onlyTrousersHaveInseams() {
        assertThat(stack(SourceKind.T_SHIRT, told(1, AlterationKind.LEGS_TO_SKIRT, Map.of(), Map.of()))
                        .steps()
                        .get(0)
                        .refusal())
                .hasMessageContaining("both inseams");
    }

    /** Without sleeves and neckband the hem of 1040 is the waist, drawn in to 800 by the elastic of the next change. */
    @Test
    void aTopTurnedUpsideDownIsASkirt() {
        Map<String, String> open = Map.of("part", "sleeve-left", "edge", "open");
        AlterationStack stack = stack(
                SourceKind.T_SHIRT,
                told(1, AlterationKind.TURN_ROUND, Map.of("end", "hem"), Map.of()),
                told(2, AlterationKind.TAKE_OFF, open, Map.of()),
                told(3, AlterationKind.TAKE_OFF, Map.of("part", "neckband", "edge", "open"), Map.of()),
                told(4, AlterationKind.TURN_ROUND, Map.of("end", "hem"), Map.of()),
                told(5, AlterationKind.DRAW_IN, Map.of("end", "waist"), Map.of("round", 800.0, "wide", 15.0)));
        assertThat(stack.steps().get(0).refusal()).hasMessageContaining("take the sleeves off");
        made(stack, 3);
        made(stack, 4);
        assertThat(girthMm(stack.after(), "waist")).isCloseTo(800, within(0.5));
        double neck = 269 + 185;
        assertThat(girthMm(stack.after(), "hem")).isCloseTo(neck, within(1.0));
    }

    /** A shirt buttoned for good has a neck that opens no more, and is as wide as before. */
    @Test
    void buttonsSewnShutOpenNothing() {
        AlterationStack stack =
                stack(SourceKind.SHIRT, told(1, AlterationKind.CLOSE_UP, Map.of("closure", "buttons"), Map.of()));
        made(stack, 0);
        assertThat(stack.after().assembly().closures()).extracting(c -> c.id()).doesNotContain("buttons");
        assertThat(girthMm(stack.after(), "hem")).isCloseTo(girthMm(stack.start(), "hem"), within(0.5));
        assertThat(stack.start().end("neck").opening().opensMm()).isPositive();
        assertThat(stack.after().end("neck").opening().opensMm()).isZero();
    }
}
