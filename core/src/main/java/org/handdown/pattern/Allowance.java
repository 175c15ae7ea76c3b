package org.handdown.pattern;

import org.handdown.measure.RefusedValueException;

/**
 * Cloth outside a stitch line, with its reason.
 *
 * @param mm drawn width; 0 on a fold or on purpose
 */
public record Allowance(double mm, String why) {
    private static final double WIDEST_MM = 100;

    public Allowance {
        if (!(mm >= 0 && mm <= WIDEST_MM)) {
            throw new RefusedValueException("allowance", "must be from 0 to 100 mm.");
        }
    }
}
