/**
 * Where a shape may lie: orientations that the grain allows, no-fit and inner-fit polygons, candidate positions, lines of stripes. The words
 * of the field: an <em>obstacle</em> is a no-fit polygon, <em>room</em> an inner-fit polygon, a <em>spot</em> a candidate position. Shifts are mm in the panel's frame, turns
 * degrees. Open to the table: {@code FitsAlone}, {@code HandLay}, {@code AllowedSpots}, {@code WhyNot}.
 */
@NullMarked
package org.handdown.fit.room;

import org.jspecify.annotations.NullMarked;
