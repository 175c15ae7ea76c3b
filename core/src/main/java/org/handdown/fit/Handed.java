package org.handdown.fit;

/** Which way round the copies of a piece may be cut: all as drawn, half of them mirrored, or either way. */
public enum Handed {
    SAME,
    PAIR,
    FREE
}
