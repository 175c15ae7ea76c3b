package org.handdown.fit;

/** What chalk and scissors cannot tell, as docs/formats/fit-format.md has it: the checker allows it, the search stays well within. */
public final class FitTolerance {
    /** Depth, and slack on gap and margin, mm (“Frame”). */
    public static final double DEPTH_MM = 0.1;
    /** Farthest an anchored run may lie from its finished edge, mm (“anchor”). */
    public static final double ANCHOR_MM = 1;
    /** Farthest two matched points may be apart in the repeat, mm (“match”). */
    public static final double MATCH_MM = 1;

    private FitTolerance() {}
}
