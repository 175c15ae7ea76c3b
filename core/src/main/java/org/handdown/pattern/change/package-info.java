/**
 * Named changes on an untouched pattern: each takes a design and gives another, so a version is its list of changes and the original is
 * always there. In: a design whose pieces are whole. Out: a design whose pieces are whole again, or a refusal that says which figure to
 * change. Piece frame, mm.
 */
@NullMarked
package org.handdown.pattern.change;

import org.jspecify.annotations.NullMarked;
