package org.handdown.source;

import org.handdown.geometry.Outline;

/**
 * A part of a source, drawn flat and to scale as seen from its right side.
 *
 * @param isMain whether the part is large enough to become a panel
 */
public record Part(String id, String name, Outline outline, boolean isMain) {}
