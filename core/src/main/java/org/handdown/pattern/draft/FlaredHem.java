package org.handdown.pattern.draft;

import org.handdown.geometry.Edge;
import org.handdown.geometry.Point;
import org.handdown.geometry.Root;

/**
 * A hem that meets a slanted side seam square, so that it runs on smoothly round the garment: straight for two thirds of its quarter, its
 * outer third curved, the side raised for it (common practice, no source: raised by slant × width / 6).
 *
 * @param slant mm outward per mm downward that the side has at the hem
 * @param wide of the quarter where the side would end unraised
 * @param tail how much higher than its middle it ends at the sides, beyond what the slant asks for
 */
record FlaredHem(double slant, double wide, double tail) {
    /** Where the curve of a hem with tails begins, by its width. */
    private static final double TAIL_FROM = 0.3;

    FlaredHem(double slant, double wide) {
        this(slant, wide, 0);
    }

    /** Below this both corners of a side seam turn by less than 3.5 degrees together, which no eye finds. */
    private static final double LEAST_SLANT = 0.03;

    /**
     * As long as is wanted, however much the raising takes.
     *
     * @param slantOf a quarter of a given width
     * @param curved false where it has to lie on something straight: then its ends are corners
     */
    static FlaredHem of(double quarterMm, java.util.function.DoubleUnaryOperator slantOf, boolean curved) {
        if (!curved || slantOf.applyAsDouble(quarterMm) < LEAST_SLANT) {
            return new FlaredHem(0, quarterMm);
        }
        double wide = Root.of(
                quarterMm,
                1.2 * quarterMm,
                w -> new FlaredHem(slantOf.applyAsDouble(w), w).quarter("").lengthMm() - quarterMm);
        return new FlaredHem(slantOf.applyAsDouble(wide), wide);
    }

    /** A hem in a curve that ends higher at the sides: as wide as is wanted, and longer along its edge. */
    static FlaredHem withTails(double quarterMm, java.util.function.DoubleUnaryOperator slantOf, double tail) {
        return new FlaredHem(slantOf.applyAsDouble(quarterMm), quarterMm, tail);
    }

    double raised() {
        return slant * wide / 6 + tail;
    }

    /** Where it meets the side. */
    Point corner() {
        return new Point(wide - slant * raised(), raised());
    }

    /** From the centre to the side, at y = 0 as far as it is straight. */
    Edge quarter(String name) {
        if (tail > 0) {
            Point from = new Point(TAIL_FROM * wide, 0);
            Point square = new Point(1, slant).times(1 / Math.hypot(1, slant));
            return Edge.joined(
                    name,
                    Edge.line(name, new Point(0, 0), from),
                    Edge.curve(
                            name,
                            from,
                            from.plus(new Point(0.4 * wide, 0)),
                            corner().minus(square.times(0.3 * wide)),
                            corner()));
        }
        if (slant == 0) {
            return Edge.line(name, new Point(0, 0), corner());
        }
        Point straight = new Point(2 * wide / 3, 0);
        // A parabola: both its ends point at the same place, five sixths out.
        Point aim = new Point(5 * wide / 6, 0);
        return Edge.joined(
                name,
                Edge.line(name, new Point(0, 0), straight),
                Edge.curve(name, straight, straight.between(aim, 2.0 / 3), corner().between(aim, 2.0 / 3), corner()));
    }
}
