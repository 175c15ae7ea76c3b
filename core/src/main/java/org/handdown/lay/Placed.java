package org.handdown.lay;

import org.handdown.geometry.Placement;

/** One copy of a piece on a panel. */
public record Placed(String piece, int copy, String variant, String panel, Placement at) {}
