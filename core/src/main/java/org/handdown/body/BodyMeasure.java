package org.handdown.body;

import org.handdown.measure.Range;

/**
 * Body measures the designs ask for, as ISO 8559-1 defines them (girths horizontal, the tape snug but not tight). The landmark says
 * where the tape lies; the range catches a wrong unit.
 */
public enum BodyMeasure {
    HEIGHT("height", "crown to floor, standing without shoes", 500, 2200),
    CHEST("chest girth", "level, round the fullest of the chest, under the arms", 350, 1600),
    WAIST("waist girth", "level, at the natural waist between lowest rib and hip bone", 350, 1600),
    HIP("hip girth", "level, round the fullest of the seat", 350, 1800),
    WAIST_TO_FLOOR("waist to floor", "down the side, from the natural waist over the hip to the floor", 250, 1300),
    INSIDE_LEG("inside leg", "from the crotch straight down to the floor", 120, 1050),
    BACK_WAIST("back neck point to waist", "down the spine, from the bone at the neck to the natural waist", 120, 550),
    HEEL_GIRTH("heel girth", "round heel and instep: what a leg opening must pass over", 120, 450);

    private final String words;
    private final String landmark;
    private final Range range;

    BodyMeasure(String words, String landmark, double leastMm, double mostMm) {
        this.words = words;
        this.landmark = landmark;
        this.range = new Range(leastMm, mostMm);
    }

    public String words() {
        return words;
    }

    public String landmark() {
        return landmark;
    }

    public Range range() {
        return range;
    }
}
