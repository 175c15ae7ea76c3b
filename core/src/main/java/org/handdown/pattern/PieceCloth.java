package org.handdown.pattern;

/** What a piece is cut from. Outer cloth and lining come from the source's panels; the rest is cut from something else or bought. */
public enum PieceCloth {
    SHELL("outer cloth", true),
    LINING("lining", true),
    /** Outer cloth that nothing else is cut from: trials and samples. */
    REMNANT("a remnant of the outer cloth", true),
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

    /** Is it laid on the source's panels? */
    public boolean isLaid() {
        return laid;
    }
}
