/**
 * A garment that stays sewn is made wider, longer, narrower or shorter.
 *
 * <p>In: the source as it is built, the plan of what is opened, what is wished of its girths and lengths. Out: what each seam, fold and hem can
 * give or take, level by level; what has to be opened for it; the new lines to chalk on every part. All lengths in mm; levels are heights in
 * the frame of a part. Sources of formulas stand with them (handbook of the trade §3).
 */
@NullMarked
package org.handdown.alter;

import org.jspecify.annotations.NullMarked;
