package org.handdown.project;

/** What is to be made, as far as it changes the way of working. */
public enum Garment {
    /** Pieces are cut out: drafted, brought in or entered. */
    CUT_OUT,
    /** The source itself, made larger; nothing is cut out. */
    LET_OUT,
    /** The source itself, made smaller or shorter; nothing is cut out. */
    TAKE_IN,
    /** The source itself, changed by alterations one after the other; it stays sewn. */
    ALTER;

    /** Whether pieces are cut out, so that panels and a lay are needed. */
    public boolean isCutOut() {
        return this == CUT_OUT;
    }
}
