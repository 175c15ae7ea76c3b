package org.handdown.fit;

/** What the fitter strives for; the meaning of each is in docs/formats/fit-format.md. */
public enum Objective {
    FILL,
    SHORTEST
}
