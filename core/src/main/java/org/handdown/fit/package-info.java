/**
 * The fitting problem and its layout as docs/formats/fit-format.md has them: panels with flaws, finished edges and stripes, pieces with
 * their grain and pairs, and where each copy lies. Values only.
 *
 * <p>In and out: records, checked when made; a value that cannot be is refused with its path in the file. Lengths are mm, turns degrees
 * counter-clockwise; a panel's frame has y up along its grain, a piece's frame is its own. Knows plane geometry and nothing of garments
 * but what the format names, so that the engine can be lifted out.
 */
@NullMarked
package org.handdown.fit;

import org.jspecify.annotations.NullMarked;
