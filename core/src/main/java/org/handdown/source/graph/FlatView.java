package org.handdown.source.graph;

/**
 * Where a part lies when the source is spread out to be looked at: its own frame is moved by (dx, dy), mm.
 *
 * @param side front, back or inside
 */
public record FlatView(String part, String side, double dxMm, double dyMm) {}
