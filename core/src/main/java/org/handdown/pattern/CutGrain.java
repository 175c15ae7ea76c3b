package org.handdown.pattern;

/** How strictly a piece keeps the lengthwise grain: a main part must, a facing may lie across it, a binding runs at 45° to it. */
public enum CutGrain {
    LENGTHWISE,
    EITHER,
    BIAS
}
