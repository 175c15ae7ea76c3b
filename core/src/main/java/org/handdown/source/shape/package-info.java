/**
 * Ready outlines of parts by measures: rectangles, bodies, sleeves, sectors, legs. In: mm. Out: outlines counter-clockwise, y up, edges named. Shapes
 * are common practice, no source; a panel that is taped replaces them.
 */
@NullMarked
package org.handdown.source.shape;

import org.jspecify.annotations.NullMarked;
