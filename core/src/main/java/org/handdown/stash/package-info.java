/**
 * What a household keeps for another time: garments, lengths of cloth, panels, remnants, keepers and notions, what of each is promised, and
 * where a part of a wanted size could come from. In: cloths, sources, left-overs, lengths in mm. Out: things with their stock, and what
 * serves a wish, with the slack. Frames: a flat cloth lies in its own panel frame, grain as it tells; a wanted part stands upright along it.
 */
@org.jspecify.annotations.NullMarked
package org.handdown.stash;
