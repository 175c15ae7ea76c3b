package org.handdown.pattern.draft;

/** What the cloth and what is worn beneath it ask of an armhole. */
enum TopCut {
    KNIT(115, 0, 0),
    WOVEN(125, 6, 13),
    OVER_OTHERS(135, 6, 13),
    /** Sleeves in one with the body: one line over shoulder and arm for front and back. */
    CUT_ON(135, 0, 0);

    final double deep;
    final double forward;
    final double hollow;

    TopCut(double deep, double forward, double hollow) {
        this.deep = deep;
        this.forward = forward;
        this.hollow = hollow;
    }
}
