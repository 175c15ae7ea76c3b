package org.handdown.pattern;

/**
 * What a piece is cut from: the role of its cloth in the garment. Outer cloth and lining come from the source; for any other role a project
 * takes cloth that was brought to it, and what nothing there serves is bought.
 */
public enum PieceCloth {
    SHELL("outer cloth", true),
    LINING("lining", true),
    /** Outer cloth that nothing else is cut from: trials and samples. */
    REMNANT("a remnant of the outer cloth", true),
    CONTRAST("contrast", false),
    SECOND_CONTRAST("second contrast", false),
    THIRD_CONTRAST("third contrast", false),
    POCKETING("pocketing", false),
    INTERFACING("interfacing", false),
    RIB("rib or knit", false),
    BINDING("binding", false),
    /** Something else that is to hand or bought: no panel of the source is asked for it. */
    OTHER("another cloth", false);

    private final String words;
    private final boolean laid;

    PieceCloth(String words, boolean laid) {
        this.words = words;
        this.laid = laid;
    }

    public String words() {
        return words;
    }

    /** Is it laid even where no cloth was said to serve it? Then the lay tells that there is none. */
    public boolean isLaid() {
        return laid;
    }

    /** Can a cloth be said to serve it? A trial is cut from any outer cloth that is left, and something else is no cloth there is. */
    public boolean isServed() {
        return this != REMNANT && this != OTHER;
    }
}
