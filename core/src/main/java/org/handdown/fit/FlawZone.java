package org.handdown.fit;

import org.handdown.geometry.Ring;

/**
 * A part of a panel that must be kept clear of pieces ({@code AVOID}) or may only lie where it will not be seen ({@code HIDE}).
 *
 * @param outline panel frame, mm
 * @param what the flaw in words, may be empty
 */
public record FlawZone(Kind kind, Ring outline, String what) {
    /** What a zone asks of the pieces on it. */
    public enum Kind {
        AVOID,
        HIDE
    }

    public String named() {
        return what.isEmpty() ? "flaw" : what;
    }
}
