package org.handdown.geometry;

import java.util.function.DoubleUnaryOperator;

/** Where a growing function crosses zero: how one edge is made as long as another. */
public final class Root {
    private static final double NEAR_MM = 1e-4;

    private Root() {}

    /** By halving, to 0.0001 mm; the nearer bound where there is no crossing between them. */
    public static double of(double low, double high, DoubleUnaryOperator growing) {
        double a = low;
        double b = high;
        while (b - a > NEAR_MM) {
            double middle = (a + b) / 2;
            if (growing.applyAsDouble(middle) < 0) {
                a = middle;
            } else {
                b = middle;
            }
        }
        return (a + b) / 2;
    }
}
