package org.handdown.pattern;

/** A piece that lies on a place of another and is sewn there, not to an edge of it: a patch pocket, a strap, an interfacing. */
public record Laid(String piece, String onto) {}
