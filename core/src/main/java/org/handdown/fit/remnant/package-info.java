/**
 * What a layout leaves: the rest of each panel cut into remnants with the largest rectangle on the grain, and the figures of a lay (mm, mm²,
 * panel frame). In: a problem and its placements.
 */
@NullMarked
package org.handdown.fit.remnant;

import org.jspecify.annotations.NullMarked;
