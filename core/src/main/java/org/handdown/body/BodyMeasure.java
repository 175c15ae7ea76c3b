package org.handdown.body;

import org.handdown.measure.Range;

/**
 * Body measures the designs ask for, as ISO 8559-1 defines them (girths horizontal, the tape snug but not tight). The landmark says
 * where the tape lies, the hint how one person alone gets there; the range catches a wrong unit.
 */
public enum BodyMeasure {
    HEIGHT(
            "height",
            "crown to floor, standing without shoes",
            500,
            2200,
            "against a door frame, a book flat on the head"),
    CHEST("chest girth", "level, round the fullest of the chest, under the arms", 350, 1600, ""),
    WAIST(
            "waist girth",
            "level, at the natural waist between lowest rib and hip bone",
            350,
            1600,
            "tie a string round and bend to the side: it settles in the waist"),
    HIGH_WAIST(
            "high waist girth",
            "level, between the navel and the lowest rib; not the natural waist",
            350,
            1600,
            "mark the height on a strip of tape, for the length is read from there too"),
    TROUSER_WAIST(
            "trouser waist girth",
            "where trousers are really worn, below the natural waist",
            350,
            1600,
            "put on trousers that sit well and measure along the lower edge of their band"),
    HIP("hip girth", "level, round the fullest of the seat", 350, 1800, ""),
    WAIST_TO_HIP("waist to hip", "down the side, from the natural waist to the fullest of the seat", 60, 350, ""),
    WAIST_TO_FLOOR(
            "waist to floor",
            "down the side, from the natural waist over the hip to the floor",
            250,
            1300,
            "stand on the end of a string, mark the waist on it, lay it along the tape"),
    INSIDE_LEG(
            "inside leg",
            "from the crotch straight down to the floor",
            120,
            1050,
            "a helper, or a book held up between the legs"),
    BACK_WAIST(
            "back neck point to waist",
            "down the spine, from the bone at the neck to the natural waist",
            120,
            550,
            "a helper; alone: string from the bone to the waist's string, then along the tape"),
    SHOULDER("shoulder length", "from the side of the neck to the tip of the shoulder bone", 50, 220, "a mirror helps"),
    ARM_LENGTH(
            "arm length", "from the tip of the shoulder over the bent elbow to the wrist bone", 180, 800, "a helper"),
    UPPER_ARM("upper arm girth", "round the fullest of the upper arm, arm hanging", 120, 600, ""),
    WRIST("wrist girth", "round the wrist bone", 90, 280, ""),
    HAND_GIRTH("hand girth", "round the knuckles, thumb laid in: what a cuff must pass", 110, 340, ""),
    NECK_GIRTH("neck girth", "round the base of the neck, over the bone at the back", 200, 600, ""),
    HEAD_GIRTH("head girth", "level, round forehead and back of the head, over the ears", 330, 680, ""),
    HEAD_HEIGHT(
            "head, over the crown",
            "from where a hat ends over one ear, over the crown, to the same over the other",
            250,
            520,
            ""),
    THIGH("thigh girth", "round the fullest of the thigh, just below the crotch", 200, 1000, ""),
    CALF("calf girth", "round the fullest of the calf", 140, 600, ""),
    KNEE_TO_ANKLE("knee to ankle", "from below the kneecap to the ankle bone", 100, 550, ""),
    HEEL_GIRTH("heel girth", "round heel and instep: what a leg opening must pass over", 120, 450, ""),
    HAND_WIDTH("hand width", "across the knuckles, thumb out: what goes into a pocket", 45, 150, "");

    private final String words;
    private final String landmark;
    private final Range range;
    private final String alone;

    BodyMeasure(String words, String landmark, double leastMm, double mostMm, String alone) {
        this.words = words;
        this.landmark = landmark;
        this.range = new Range(leastMm, mostMm);
        this.alone = alone;
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

    /** How to take it without help, or with what help; empty where nothing needs saying. */
    public String alone() {
        return alone;
    }
}
