package org.handdown.project;

/** What is to be made, as far as the program knows how to draft it. */
public enum Garment {
    /** Drafted from the wearer's measures. */
    DUNGAREES,
    /** Pieces entered by hand as outlines. */
    BY_HAND,
    /** The source itself, made larger; nothing is cut out. */
    LET_OUT
}
