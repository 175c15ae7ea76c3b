package org.handdown.pattern;

import java.util.List;
import org.handdown.measure.Length;
import org.handdown.measure.Range;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/**
 * Wedges from sleeves or legs, laid side by side: do they really make a half circle? Angle of each = (wide − narrow)/length in radians
 * (check: 50 to 30 cm over 50 cm is 0.4 rad = 22.9°; four make 91.7°, a quarter circle).
 */
public record WedgeSum(double wideMm, double narrowMm, double lengthMm, int count) {
    public WedgeSum {
        new Range(20, 2000).require("wedge.wide", Length.ofMm(wideMm));
        new Range(5, 2000).require("wedge.narrow", Length.ofMm(narrowMm));
        new Range(30, 2000).require("wedge.length", Length.ofMm(lengthMm));
        if (count < 1 || count > 40) {
            throw new RefusedValueException("wedge.count", "From 1 to 40 wedges.");
        }
        if (narrowMm > wideMm) {
            throw new RefusedValueException("wedge.narrow", "The narrow end is wider than the wide one; swap them.");
        }
    }

    public double angleDeg() {
        return Math.toDegrees((wideMm - narrowMm) / lengthMm);
    }

    public double allDeg() {
        return count * angleDeg();
    }

    /** By how much the wide end of each would have to be wider for all of them to make so many degrees. */
    public double widerForMm(double wantedDeg) {
        return lengthMm * Math.toRadians(wantedDeg / count) - (wideMm - narrowMm);
    }

    public List<String> sentences(double wantedDeg) {
        double lack = wantedDeg - allDeg();
        return List.of(
                Wording.fill("Each opens by %.1f°, all %d by %.1f°.", angleDeg(), count, allDeg()),
                Math.abs(lack) < 1
                        ? Wording.fill("That makes the %.0f° wanted.", wantedDeg)
                        : lack > 0
                                ? Wording.fill(
                                        "%.1f° are missing to %.0f°: each would have to be %.0f mm wider at its wide end, or let in gores.",
                                        lack, wantedDeg, widerForMm(wantedDeg))
                                : Wording.fill(
                                        "%.1f° more than %.0f°: it will flute, or leave one out.", -lack, wantedDeg));
    }
}
