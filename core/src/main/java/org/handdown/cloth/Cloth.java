package org.handdown.cloth;

import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.jspecify.annotations.Nullable;

/**
 * What a source is made of.
 *
 * @param name what the household calls it; panels and pieces meet by this name
 * @param colour as {@code #rrggbb}, for drawing
 * @param oneWay pile or print runs one way, so pieces may not be turned round
 * @param reversible both sides are alike
 * @param sheet what quick tests told
 */
public record Cloth(
        String name,
        String fibre,
        Weave weave,
        String colour,
        boolean oneWay,
        boolean reversible,
        double thicknessMm,
        HeatLimit heat,
        ClothSheet sheet) {
    private static final double THICKEST_MM = 30;

    /** The cloth behind this one: of its own, never mistaken for it in a lay. */
    public Cloth lining() {
        return new Cloth(
                name + " lining",
                "",
                Weave.PLAIN,
                "#cfc6b4",
                false,
                false,
                Math.min(thicknessMm, 0.3),
                HeatLimit.ONE_DOT,
                ClothSheet.UNTESTED);
    }

    /** The same cloth under another name. */
    public Cloth called(String other) {
        return new Cloth(other, fibre, weave, colour, oneWay, reversible, thicknessMm, heat, sheet);
    }

    /** A stretch of this cloth that is otherwise in one panel: alike on both sides where somebody says so, or several layers thick. */
    public Cloth as(@Nullable Boolean alike, int layers) {
        return alike == null && layers == 1
                ? this
                : new Cloth(
                        name,
                        fibre,
                        weave,
                        colour,
                        oneWay,
                        alike == null ? reversible : alike,
                        Math.min(thicknessMm * layers, THICKEST_MM),
                        heat,
                        sheet);
    }

    public Cloth {
        if (name.isBlank()) {
            throw new RefusedValueException("cloth.name", "is empty; call the cloth something, for example rust cord.");
        }
        if (!colour.matches("#[0-9a-fA-F]{6}")) {
            throw new RefusedValueException(
                    "cloth.colour", Wording.fill("“%s” is no colour; write it as #a1522e.", colour));
        }
        if (!(thicknessMm > 0 && thicknessMm <= THICKEST_MM)) {
            throw new RefusedValueException("cloth.thickness", Wording.of("must be above 0 and at most 30 mm."));
        }
    }
}
