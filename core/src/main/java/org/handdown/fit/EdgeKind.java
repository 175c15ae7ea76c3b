package org.handdown.fit;

import java.util.Locale;

/** Kinds of edge a part or panel can carry (docs/formats/fit-format.md). */
public enum EdgeKind {
    HEM,
    SELVEDGE,
    FOLD,
    PLACKET,
    ZIP,
    WAISTBAND,
    CUFF,
    RIB,
    COLLAR,
    FRINGE,
    BINDING,
    SEAM,
    RAW;

    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}
