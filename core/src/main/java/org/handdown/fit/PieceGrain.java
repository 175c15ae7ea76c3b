package org.handdown.fit;

/** How a piece, drawn with its lengthwise grain along +y, may lie to the lengthwise grain of the cloth. */
public enum PieceGrain {
    LENGTHWISE,
    CROSSWISE,
    EITHER,
    BIAS,
    ANY
}
