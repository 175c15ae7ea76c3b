package org.handdown.pattern.draft;

import java.util.List;
import java.util.function.ToDoubleFunction;
import org.handdown.body.Wearer;

/**
 * A free dimension of a draft: what the wearer or the cloth does not settle.
 *
 * @param usual what is proposed for a wearer
 * @param least and most: bounds, mm for a length, a number for a count, a share for a share
 * @param hint what it means; may be empty
 * @param options for a choice, in words; the value is the index
 * @param ofCloth what the cloth's own test tells, where it was tested: its stretch across, as far as it springs back
 */
public record Dimension(
        String id,
        String words,
        Kind kind,
        ToDoubleFunction<Wearer> usual,
        double least,
        double most,
        String hint,
        List<String> options,
        boolean ofCloth) {
    /** What kind of figure it is. */
    public enum Kind {
        LENGTH,
        COUNT,
        SHARE,
        TICK,
        CHOICE
    }

    public Dimension {
        options = List.copyOf(options);
    }

    public static Dimension length(String id, String words, double usualMm, double leastMm, double mostMm) {
        return new Dimension(id, words, Kind.LENGTH, w -> usualMm, leastMm, mostMm, "", List.of(), false);
    }

    /** A length proposed from the wearer, to the nearest 5 mm. */
    public static Dimension length(
            String id, String words, ToDoubleFunction<Wearer> usualMm, double leastMm, double mostMm) {
        return new Dimension(
                id,
                words,
                Kind.LENGTH,
                w -> Math.rint(usualMm.applyAsDouble(w) / 5) * 5,
                leastMm,
                mostMm,
                "",
                List.of(),
                false);
    }

    public static Dimension count(String id, String words, int usual, int least, int most) {
        return new Dimension(id, words, Kind.COUNT, w -> usual, least, most, "", List.of(), false);
    }

    public static Dimension share(String id, String words, double usual, double least, double most) {
        return new Dimension(id, words, Kind.SHARE, w -> usual, least, most, "", List.of(), false);
    }

    /** A share proposed from the wearer. */
    public static Dimension share(String id, String words, ToDoubleFunction<Wearer> usual, double least, double most) {
        return new Dimension(id, words, Kind.SHARE, usual, least, most, "", List.of(), false);
    }

    public static Dimension tick(String id, String words, boolean usual) {
        return new Dimension(id, words, Kind.TICK, w -> usual ? 1 : 0, 0, 1, "", List.of(), false);
    }

    public static Dimension choice(String id, String words, String... options) {
        return new Dimension(id, words, Kind.CHOICE, w -> 0, 0, options.length - 1, "", List.of(options), false);
    }

    public Dimension hint(String text) {
        return new Dimension(id, words, kind, usual, least, most, text, options, ofCloth);
    }

    /** Told by the cloth's own stretch test, where there is one. */
    public Dimension ofTheCloth() {
        return new Dimension(id, words, kind, usual, least, most, hint, options, true);
    }

    /** What it is without anybody having chosen, inside its bounds. */
    public double usualFor(Wearer wearer) {
        return Math.max(least, Math.min(most, usual.applyAsDouble(wearer)));
    }

    double within(double value) {
        return Math.max(least, Math.min(most, value));
    }

    /** Can it be raised bit by bit? */
    public boolean isSize() {
        return kind == Kind.LENGTH || kind == Kind.SHARE || kind == Kind.COUNT;
    }

    public boolean isWhole() {
        return kind == Kind.COUNT || kind == Kind.TICK || kind == Kind.CHOICE;
    }
}
