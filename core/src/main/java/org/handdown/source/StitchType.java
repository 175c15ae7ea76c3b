package org.handdown.source;

/**
 * How a join is sewn: ISO 4915 number where there is one, plain words, and the minutes a metre takes to unpick until the household's
 * own log says otherwise (handbook of the trade §8; common practice, no source).
 */
public enum StitchType {
    PLAIN("301", "plain machine seam", 4),
    TOPSTITCHED("301", "topstitched machine seam", 7),
    CHAIN("401", "chain stitch", 1.5),
    COVER("406", "cover stitch", 1.5),
    OVERLOCKED("504", "overlock", 5),
    FELLED("301", "flat-felled seam", 10),
    HAND("", "hand stitches", 3);

    private final String number;
    private final String words;
    private final double minutesPerMetre;

    StitchType(String number, String words, double minutesPerMetre) {
        this.number = number;
        this.words = words;
        this.minutesPerMetre = minutesPerMetre;
    }

    public String number() {
        return number;
    }

    public String words() {
        return words;
    }

    public double minutesPerMetre() {
        return minutesPerMetre;
    }
}
