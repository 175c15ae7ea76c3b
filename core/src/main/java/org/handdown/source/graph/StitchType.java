package org.handdown.source.graph;

import org.handdown.measure.Practice;

/**
 * How a join is sewn: ISO 4915 number where there is one, plain words, and the minutes a metre takes to unpick until the household's
 * own log says otherwise.
 */
public enum StitchType {
    PLAIN("301", "plain machine seam", Practice.Figure.RATE_PLAIN),
    TOPSTITCHED("301", "topstitched machine seam", Practice.Figure.RATE_TOPSTITCHED),
    CHAIN("401", "chain stitch", Practice.Figure.RATE_CHAIN),
    COVER("406", "cover stitch", Practice.Figure.RATE_COVER),
    OVERLOCKED("504", "overlock", Practice.Figure.RATE_OVERLOCKED),
    FELLED("301", "flat-felled seam", Practice.Figure.RATE_FELLED),
    HAND("", "hand stitches", Practice.Figure.RATE_HAND),
    KNITTED_ON("", "no seam: knitted in one", Practice.Figure.RATE_CUT);

    private final String number;
    private final String words;
    private final Practice.Figure rate;

    StitchType(String number, String words, Practice.Figure rate) {
        this.number = number;
        this.words = words;
        this.rate = rate;
    }

    public String number() {
        return number;
    }

    public String words() {
        return words;
    }

    /** Minutes a metre before anybody timed it. */
    public double minutesPerMetre(Practice practice) {
        return practice.of(rate);
    }
}
