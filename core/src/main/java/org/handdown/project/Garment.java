package org.handdown.project;

/** What is to be made, as far as the program knows how to draft it. */
public enum Garment {
    /** Drafted from the wearer's measures. */
    DUNGAREES,
    /** Pieces entered by hand as outlines. */
    BY_HAND,
    /** The source itself, made larger; nothing is cut out. */
    LET_OUT,
    /** The source itself, made smaller or shorter; nothing is cut out. */
    TAKE_IN;

    /** Whether pieces are cut out, so that panels and a lay are needed. */
    public boolean isCutOut() {
        return this == DUNGAREES || this == BY_HAND;
    }
}
