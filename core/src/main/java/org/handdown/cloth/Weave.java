package org.handdown.cloth;

/** How cloth is made, as far as it looks and behaves differently. */
public enum Weave {
    CORDUROY,
    PLAIN,
    TWILL,
    BLANKET,
    STRIPED,
    KNIT,
    FELT
}
