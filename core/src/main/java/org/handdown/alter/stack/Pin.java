package org.handdown.alter.stack;

import org.handdown.measure.Length;
import org.handdown.measure.Range;

/**
 * A station along a seam.
 *
 * @param atMm from the seam's lower end
 * @param mm folded depth of cloth taken in there; below 0 what each side is let out
 */
public record Pin(double atMm, double mm) {
    public Pin {
        new Range(0, 3000).require("pins.at", Length.ofMm(atMm));
        new Range(-60, 300).require("pins.depth", Length.ofMm(mm));
    }
}
