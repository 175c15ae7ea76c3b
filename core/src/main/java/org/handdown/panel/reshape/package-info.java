/**
 * Panels made of panels: cut in two, pieced to each other, laid as one where an old seam stays closed. In: panels and edge names; out: a taped
 * survey in the first panel's frame (mm), with the seam as flaws. Refuses what would not lie flat.
 */
@NullMarked
package org.handdown.panel.reshape;

import org.jspecify.annotations.NullMarked;
