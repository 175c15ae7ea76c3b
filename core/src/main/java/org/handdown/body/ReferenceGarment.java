package org.handdown.body;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.handdown.measure.Length;
import org.handdown.measure.Origin;
import org.handdown.measure.Range;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/**
 * A garment that fits, measured level by level instead of the body: doubled and flat, from an anchor down, never from its hem. Its own
 * ease and stretch are taken off, so that what comes out are body measures.
 *
 * @param anchor from where the levels are counted, for example the underarm or the upper edge of the band
 * @param stretch share by which it gives in wear
 */
public record ReferenceGarment(String name, String anchor, double stretch, List<Level> levels) {
    /**
     * @param downMm from the anchor
     * @param flatMm across both layers, smooth but not pulled
     * @param easeMm that it has there over the body, by trying on: pinched out all round; below 0 where it is stretched
     */
    public record Level(BodyMeasure measure, double downMm, double flatMm, double easeMm) {
        public Level {
            new Range(0, 1500).require("reference.down", Length.ofMm(downMm));
            new Range(30, 1200).require("reference.flat", Length.ofMm(flatMm));
            if (!(Math.abs(easeMm) <= 600)) {
                throw new RefusedValueException("reference.ease", Wording.of("An ease lies between −60 and 60 cm."));
            }
        }
    }

    public ReferenceGarment {
        levels = List.copyOf(levels);
        if (anchor.isBlank() || anchor.toLowerCase(java.util.Locale.ROOT).contains("hem")) {
            throw new RefusedValueException(
                    "reference.anchor",
                    "Count the levels from a fixed place such as the underarm or the band, never from the hem.");
        }
        if (!(stretch >= 0 && stretch <= 2)) {
            throw new RefusedValueException("reference.stretch", "A garment gives by 0 to 200 % in wear.");
        }
        if (levels.isEmpty()) {
            throw new RefusedValueException("reference.levels", "Measure one level at least.");
        }
    }

    /** Girth of the body behind a level, mm: both layers, less the ease, with what the cloth gives. */
    public double bodyMm(Level level) {
        return 2 * level.flatMm() * (1 + stretch) - level.easeMm();
    }

    /** As measures of a person, with their origin told. */
    public Map<BodyMeasure, Wearer.Taken> measures() {
        Map<BodyMeasure, Wearer.Taken> taken = new EnumMap<>(BodyMeasure.class);
        levels.forEach(l -> taken.put(l.measure(), new Wearer.Taken(Length.ofMm(bodyMm(l)), "", Origin.GARMENT)));
        return taken;
    }
}
