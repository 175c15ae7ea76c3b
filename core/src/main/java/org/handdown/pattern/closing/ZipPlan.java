package org.handdown.pattern.closing;

import java.util.ArrayList;
import java.util.List;
import org.handdown.measure.Length;
import org.handdown.measure.Range;
import org.handdown.measure.Wording;

/**
 * A zip or a plain slit in a ring: the opening must let the body pass; an old zip is not cut without a new stop.
 *
 * @param ringMm that is closed in wear
 * @param passesMm girth of the body that it must pass
 * @param zipMm working length of the zip at hand; 0 where none is there yet
 */
public record ZipPlan(double ringMm, double passesMm, double zipMm) {
    private static final double ABOVE_STOP_MM = 15;

    public ZipPlan {
        new Range(100, 2500).require("closing.ring", Length.ofMm(ringMm));
        new Range(100, 2500).require("closing.passes", Length.ofMm(passesMm));
        new Range(0, 2000).require("closing.zip", Length.ofMm(zipMm));
    }

    /** Least opening: both sides of a slit add to the way round. */
    public double openingMm() {
        return Math.max(0, (passesMm - ringMm) / 2);
    }

    public List<String> sentences() {
        List<String> all = new ArrayList<>();
        all.add(
                openingMm() == 0
                        ? "The ring passes closed: no zip is needed to get in."
                        : Wording.fill(
                                "The ring of %.0f mm must pass %.0f mm: open it by at least %.0f mm.",
                                ringMm, passesMm, openingMm()));
        if (zipMm > 0) {
            all.add(
                    zipMm >= openingMm()
                            ? Wording.fill(
                                    "The zip of %.0f mm is long enough. Shorter only from its lower end: sew a new stop, cut %.0f mm below it.",
                                    zipMm, ABOVE_STOP_MM)
                            : Wording.fill(
                                    "The zip of %.0f mm is %.0f mm too short: a longer one, or a slit below it.",
                                    zipMm, openingMm() - zipMm));
        }
        return all;
    }
}
