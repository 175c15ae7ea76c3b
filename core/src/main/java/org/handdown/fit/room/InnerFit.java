package org.handdown.fit.room;

import org.handdown.geometry.FlatRegion;

/** Positions where a shape may lie on an otherwise empty panel: rim for finding, core for testing. */
public record InnerFit(FlatRegion rim, FlatRegion core, double areaMm2) {}
