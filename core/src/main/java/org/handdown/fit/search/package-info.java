/**
 * The search for a good lay. In: a problem and a budget; out: the best layout found, checked before it is handed out. {@code Fitter} is its
 * door and runs one {@code Search} a thread; a search fills panels or shortens a strip, by laying one piece after the other ({@code FirstLay,
 * BestFit, OneSide}), by squeezing overlapping pieces apart ({@code Separation, LeastOverlap}), and by starting over. {@code BottomLeftFill} is the
 * reference that benchmarks hold it against. Time, chance and effort come from outside; the same seed and steps give the same lay.
 */
@NullMarked
package org.handdown.fit.search;

import org.jspecify.annotations.NullMarked;
