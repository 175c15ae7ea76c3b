package org.handdown.body;

import java.util.Comparator;
import java.util.List;
import org.handdown.measure.Length;
import org.handdown.measure.Range;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/**
 * Getting in and out: a closed ring of a garment and the part of the body that it must pass. The ring is at most as long as the least
 * of its layers when pulled: cloth, seam thread, elastic.
 *
 * @param girthMm of the body there, at its widest
 * @param layers at least one; each closed round the ring
 * @param opensMm length of the placket, zip or slit that opens the ring; 0 where it stays closed
 */
public record Passage(String name, Over over, double girthMm, List<Layered> layers, double opensMm) {
    private static final int MOST_LAYERS = 8;

    /** What the ring is pulled over. */
    public enum Over {
        HEAD("the head"),
        SHOULDERS("the shoulders"),
        HIPS("the hips"),
        HAND("the hand, thumb in"),
        HEEL("heel and instep");

        private final String words;

        Over(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * One layer round the ring.
     *
     * @param lengthMm at rest
     * @param stretch share by which it can be pulled longer; a plain straight stitch gives next to nothing
     */
    public record Layered(String what, double lengthMm, double stretch) {
        public Layered {
            if (what.isBlank() || what.length() > 80) {
                throw new RefusedValueException("passage.layers.what", "Say in up to 80 letters what goes round.");
            }
            new Range(10, 5000).require("passage.layers.length", Length.ofMm(lengthMm));
            if (!(stretch >= 0 && stretch <= 3)) {
                throw new RefusedValueException(
                        "passage.layers.stretch",
                        Wording.of("A layer stretches by 0 to 300 %; measure it over 10 cm."));
            }
        }

        public double greatestMm() {
            return lengthMm * (1 + stretch);
        }
    }

    public Passage {
        layers = List.copyOf(layers);
        if (name.isBlank() || name.length() > 80) {
            throw new RefusedValueException("passage.name", "Say in up to 80 letters which ring it is.");
        }
        if (layers.isEmpty() || layers.size() > MOST_LAYERS) {
            throw new RefusedValueException("passage.layers", "A ring has from 1 to 8 layers.");
        }
        new Range(50, 2500).require("passage.girth", Length.ofMm(girthMm));
        new Range(0, 2000).require("passage.opens", Length.ofMm(opensMm));
    }

    /** The layer that gives way last: it sets how far the ring opens. */
    public Layered binding() {
        return layers.stream()
                .min(Comparator.comparingDouble(Layered::greatestMm))
                .orElseThrow();
    }

    /** Longest way round when pulled, its opening counted along both sides. */
    public double greatestMm() {
        return binding().greatestMm() + 2 * opensMm;
    }

    public boolean passes() {
        return greatestMm() >= girthMm;
    }

    /** Opening that would be needed, mm; 0 where the ring passes closed. Both sides of a slit add to the way round. */
    public double openingMm() {
        return Math.max(0, (girthMm - binding().greatestMm()) / 2);
    }

    /** How far the binding layer is stretched to pass closed, as a share; negative where there is room. */
    public double stretchNeeded() {
        return girthMm / binding().lengthMm() - 1;
    }

    /** The verdict in a sentence, lengths in mm. */
    public String sentence() {
        String most = Wording.fill(
                "At most %.0f mm round (%s, %.0f mm × %.2f%s), %.0f mm over %s",
                greatestMm(),
                binding().what(),
                binding().lengthMm(),
                1 + binding().stretch(),
                opensMm > 0 ? Wording.fill(", opening 2 × %.0f mm", opensMm) : "",
                girthMm,
                over.words());
        return passes()
                ? most + ": it goes on."
                : Wording.fill(
                        "%s: %.0f mm short. It needs an opening of %.0f mm, or a layer that stretches.",
                        most, girthMm - greatestMm(), openingMm());
    }
}
