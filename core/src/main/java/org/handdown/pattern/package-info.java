/**
 * Pieces with stitch line, cut line and the allowance of each edge; the seams that join them; drafts from body measures.
 * Piece frame: mm, lengthwise grain along +y, pile running up, seen from the right side of the cloth.
 */
@NullMarked
package org.handdown.pattern;

import org.jspecify.annotations.NullMarked;
