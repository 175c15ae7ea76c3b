/**
 * Plane geometry of cloth and pieces. Lengths in mm, areas in mm², angles in degrees counter-clockwise, x to the right,
 * y up. {@link org.handdown.geometry.Outline} is what people draw (named edges of lines and cubic curves);
 * {@link org.handdown.geometry.Ring} is its flattened polygon; {@link org.handdown.geometry.Region} is any area with holes and
 * the only type that knows the geometry library underneath.
 */
@NullMarked
package org.handdown.geometry;

import org.jspecify.annotations.NullMarked;
