package org.handdown.cloth;

import java.util.Optional;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.jspecify.annotations.Nullable;

/**
 * Cloth pulled between two marks and let go, mm.
 *
 * @param gaugeMm distance of the marks at rest
 * @param stretchedMm pulled as far as it goes without force
 * @param releasedMm a minute after letting go; null where nobody looked: that is not known, never taken for whole
 */
public record StretchTest(
        double gaugeMm, double stretchedMm, @Nullable Double releasedMm) {
    /** Shorter gauges make a slip of one millimetre look like stretch (handbook of the trade §4). */
    private static final double LEAST_GAUGE_MM = 50;
    /** No cloth goes to five times its length; such a figure is a wrong unit. */
    private static final double MOST_STRETCH = 3;

    private static final double MODERATE = 0.1;
    private static final double HIGH = 0.3;

    /** How much a cloth gives (bounds are common practice, no source). */
    public enum Grade {
        STABLE("stable"),
        MODERATE("stretches a little"),
        HIGH("stretches much");

        private final String words;

        Grade(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public StretchTest {
        if (!(gaugeMm >= LEAST_GAUGE_MM && gaugeMm <= 1000)) {
            throw new RefusedValueException(
                    "stretch.gauge", Wording.of("The marks lie from 50 mm to 1 m apart; 100 mm shows stretch best."));
        }
        if (!(stretchedMm >= gaugeMm)) {
            throw new RefusedValueException(
                    "stretch.stretched",
                    Wording.fill(
                            "Pulled out it measures less (%.0f mm) than at rest (%.0f mm); measure both again.",
                            stretchedMm, gaugeMm));
        }
        if (stretchedMm > (1 + MOST_STRETCH) * gaugeMm) {
            throw new RefusedValueException(
                    "stretch.stretched",
                    Wording.fill(
                            "From %.0f to %.0f mm would be %.0f %% of stretch; no cloth gives that much. Check the units.",
                            gaugeMm, stretchedMm, 100 * (stretchedMm / gaugeMm - 1)));
        }
        if (releasedMm != null && !(releasedMm >= gaugeMm * 0.9 && releasedMm <= stretchedMm)) {
            throw new RefusedValueException(
                    "stretch.released",
                    Wording.fill(
                            "Let go it must measure between %.0f mm at rest and %.0f mm pulled out.",
                            gaugeMm, stretchedMm));
        }
    }

    /** Stretched less relaxed over relaxed: 4 in to 5 in is 0.25 (handbook of the trade §4). */
    public double stretch() {
        return (stretchedMm - gaugeMm) / gaugeMm;
    }

    /** The share of the stretch that springs back; 1 where nothing stretched; empty where nobody looked. */
    public Optional<Double> recovery() {
        return Optional.ofNullable(releasedMm)
                .map(back -> stretchedMm == gaugeMm ? 1 : (stretchedMm - back) / (stretchedMm - gaugeMm));
    }

    /** How much longer than before it stays: released over relaxed; empty where nobody looked. */
    public Optional<Double> lengthRatio() {
        return Optional.ofNullable(releasedMm).map(back -> back / gaugeMm);
    }

    /** Stretch that comes back every time: what stays out counts for nothing. All of it where nobody looked. */
    public double lasting() {
        return stretch() * Math.max(0, recovery().orElse(1.0));
    }

    /** Stretch that wear may use: at most 60 % of what comes back (common practice, a setting). */
    public double usable(double share) {
        return share * lasting();
    }

    public Grade grade() {
        return stretch() < MODERATE ? Grade.STABLE : stretch() < HIGH ? Grade.MODERATE : Grade.HIGH;
    }
}
