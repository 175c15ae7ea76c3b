/**
 * The search for a good lay. In: a problem and a budget; out: the best layout found, checked before it is handed out. {@code Fitter} is its
 * door and runs one {@code Search} a thread; a search fills panels or shortens a strip, by laying one piece after the other ({@code FirstLay,
 * BestFit, OneSide}), by squeezing overlapping pieces apart ({@code Separation, LeastOverlap}), and by starting over. {@code BottomLeftFill} is the
 * reference that benchmarks hold it against. Time, chance and effort come from outside; the same seed and steps give the same lay.
 *
 * <p>Words: a <i>copy</i> is an item to be placed, an <i>orientation</i> (an index of {@code Shape}) its variant, turn and mirroring; a
 * <i>candidate position</i> a corner of the inner-fit and no-fit polygons; <i>settled</i> the phases that pattern groups have in their repeats,
 * not a number where they are open; a <i>wall</i> the length that a strip may reach; a state is infeasible while copies overlap, by their
 * penetration depth. Lengths in mm, panel frame.
 */
@NullMarked
package org.handdown.fit.search;

import org.jspecify.annotations.NullMarked;
