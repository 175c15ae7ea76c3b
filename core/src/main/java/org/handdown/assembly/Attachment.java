package org.handdown.assembly;

/** A component that lies on another: a patch pocket, a badge, an interfacing. Its outline is joined to a place, not to an edge. */
public record Attachment(String id, String component, String onto) {}
